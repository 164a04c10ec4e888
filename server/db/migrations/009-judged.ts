/**
 * What is not known is said: facts of a venue, of the audience and of the crew that were never asked, hazards
 * that were never gone through, figures that are only expected. A fact that was “no” may as well never have
 * been asked. What was never bound of a calculator that has other inputs now is left out.
 */
const known = (column: string): string => `
ALTER TABLE venue ADD COLUMN ${column}_known TEXT NOT NULL DEFAULT 'unknown'
  CHECK (${column}_known IN ('unknown', 'yes', 'no'));
UPDATE venue SET ${column}_known = CASE ${column} WHEN 1 THEN 'yes' ELSE 'unknown' END;
ALTER TABLE venue DROP COLUMN ${column};
ALTER TABLE venue RENAME COLUMN ${column}_known TO ${column};`;

const FIGURES = ['temperature', 'humidity', 'people', 'wind', 'pressure', 'sound'];

export const judged = `
${['water', 'dark', 'smoke_detectors', 'drain'].map(known).join('\n')}
ALTER TABLE venue ADD COLUMN emergency_number TEXT NOT NULL DEFAULT '';
ALTER TABLE venue ADD COLUMN emergency_note TEXT NOT NULL DEFAULT '';

ALTER TABLE person ADD COLUMN heart_device TEXT NOT NULL DEFAULT 'unknown'
  CHECK (heart_device IN ('unknown', 'yes', 'no'));

ALTER TABLE show ADD COLUMN youngest REAL CHECK (youngest >= 0);
ALTER TABLE show ADD COLUMN audience_needs TEXT NOT NULL CHECK (json_valid(audience_needs)) DEFAULT
  '{"hearing":"unknown","sight":"unknown","movement":"unknown"}';
ALTER TABLE show ADD COLUMN journeys TEXT NOT NULL CHECK (json_valid(journeys)) DEFAULT '[]';
-- What was taken at a time was measured; what has no time is only expected.
UPDATE show SET conditions = json_set(conditions, '$.measured',
  CASE WHEN json_extract(conditions, '$.takenAt') IS NULL THEN json('[]') ELSE
    (SELECT json_group_array(key) FROM json_each(show.conditions)
     WHERE type <> 'null' AND key IN (${FIGURES.map((name) => `'${name}'`).join(', ')}))
  END)
WHERE json_type(conditions) = 'object';

ALTER TABLE task ADD COLUMN hazards TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(hazards));
ALTER TABLE method ADD COLUMN hazards_reviewed INTEGER NOT NULL DEFAULT 0
  CHECK (hazards_reviewed IN (0, 1));
ALTER TABLE method ADD COLUMN ruled_out TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(ruled_out));
UPDATE method SET hazards_reviewed = 1
WHERE json_type(hazards) = 'array' AND json_array_length(hazards) > 0;
UPDATE method SET hazards = (SELECT json_group_array(json(json_remove(json_set(value,
    '$.figure', NULL, '$.before', NULL,
    '$.after', json(CASE json_extract(value, '$.remainingRisk')
      WHEN 'low' THEN '{"likelihood":1,"severity":3}'
      WHEN 'medium' THEN '{"likelihood":2,"severity":3}'
      WHEN 'high' THEN '{"likelihood":4,"severity":3}'
      ELSE 'null' END)), '$.remainingRisk')))
  FROM json_each(method.hazards))
WHERE json_type(hazards) = 'array'
  AND NOT EXISTS (SELECT 1 FROM json_each(method.hazards) WHERE type <> 'object');
UPDATE method SET settings = (SELECT json_group_array(json(json_set(value, '$.most', NULL)))
  FROM json_each(method.settings))
WHERE json_type(settings) = 'array'
  AND NOT EXISTS (SELECT 1 FROM json_each(method.settings) WHERE type <> 'object');
-- A turning stool is calculated from the person on it now, not from a moment of inertia.
UPDATE method SET calculators = (SELECT json_group_array(json(
    CASE WHEN json_extract(value, '$.calculator') = 'turning' THEN json_set(value, '$.inputs',
      (SELECT json_group_array(json(inner_input.value))
       FROM json_each(binding.value, '$.inputs') AS inner_input
       WHERE json_extract(inner_input.value, '$.input') NOT IN ('still', 'out', 'into')))
    ELSE value END))
  FROM json_each(method.calculators) AS binding)
WHERE json_type(calculators) = 'array' AND calculators LIKE '%"turning"%';

-- Runs of before had their warnings given beforehand.
UPDATE run SET plan = json_set(plan, '$.slots', (
  SELECT json_group_array(json(json_set(slot.value, '$.steps', (
    SELECT json_group_array(json(json_set(step.value, '$.warn', '', '$.brief', json('[]'))))
    FROM json_each(slot.value, '$.steps') AS step))))
  FROM json_each(run.plan, '$.slots') AS slot))
WHERE json_type(plan, '$.slots') = 'array'
  AND NOT EXISTS (SELECT 1 FROM json_each(run.plan, '$.slots') AS odd
    WHERE odd.type <> 'object' OR json_type(odd.value, '$.steps') IS NOT 'array');

ALTER TABLE item ADD COLUMN lid TEXT NOT NULL DEFAULT 'unknown'
  CHECK (lid IN ('unknown', 'none', 'loose', 'snapOn', 'tight'));

ALTER TABLE settings ADD COLUMN risk_matrix TEXT NOT NULL CHECK (json_valid(risk_matrix)) DEFAULT
  '{"medium":5,"high":10,"extreme":15}';

-- A risk assessment word for word as it was signed, whatever becomes of the show.
CREATE TABLE signed_assessment (
  show_id TEXT NOT NULL REFERENCES show (id) ON DELETE CASCADE,
  number INTEGER NOT NULL CHECK (number >= 1),
  -- Everybody who has signed this text, with when.
  signatures TEXT NOT NULL CHECK (json_valid(signatures)),
  at INTEGER NOT NULL,
  draft INTEGER NOT NULL CHECK (draft IN (0, 1)),
  -- What was signed, without and with its signatures, and as it was printed.
  body TEXT NOT NULL,
  markdown TEXT NOT NULL,
  pdf BLOB NOT NULL,
  PRIMARY KEY (show_id, number)
) STRICT;
CREATE TRIGGER told_signed_assessment_insert AFTER INSERT ON signed_assessment BEGIN
  INSERT INTO change (kind, id, seq) VALUES ('mark', NEW.show_id, NULL);
END;
CREATE TRIGGER told_signed_assessment_update AFTER UPDATE ON signed_assessment BEGIN
  INSERT INTO change (kind, id, seq) VALUES ('mark', NEW.show_id, NULL);
END;
`;
