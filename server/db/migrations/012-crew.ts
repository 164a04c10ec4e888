/**
 * On which device a press was made; what steps set off beyond the stage, and the question before a demo;
 * outputs of the house, and its sounds and pictures.
 */
const told = (event: string, row: 'NEW' | 'OLD'): string => `
CREATE TRIGGER told_media_${event.toLowerCase()} AFTER ${event} ON media BEGIN
  INSERT INTO change (kind, id, seq) VALUES ('media', ${row}.id, NULL);
END;`;

const NO_SIGNAL = '{"output":null,"send":"","args":""}';
const NO_SIGNALS = ['blackout', 'lightsBack', 'houseUp', 'houseDown']
  .map((name) => `"${name}":${NO_SIGNAL}`)
  .join(',');

export const crew = `
ALTER TABLE run_event ADD COLUMN device TEXT;

ALTER TABLE task ADD COLUMN cues TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(cues));
ALTER TABLE method ADD COLUMN prediction TEXT CHECK (prediction IS NULL OR json_valid(prediction));
ALTER TABLE settings ADD COLUMN outputs TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(outputs));
ALTER TABLE settings ADD COLUMN stage_signals TEXT NOT NULL
  DEFAULT '{${NO_SIGNALS}}' CHECK (json_valid(stage_signals));

UPDATE run SET plan = json_set(plan, '$.slots', (
  SELECT json_group_array(json(json_set(slot.value, '$.prediction', json('null'), '$.steps', (
    SELECT json_group_array(json(json_set(step.value, '$.cues', json('[]'))))
    FROM json_each(slot.value, '$.steps') AS step))))
  FROM json_each(run.plan, '$.slots') AS slot))
WHERE json_type(plan, '$.slots') = 'array'
  AND NOT EXISTS (SELECT 1 FROM json_each(run.plan, '$.slots') AS odd
    WHERE odd.type <> 'object' OR json_type(odd.value, '$.steps') IS NOT 'array');

CREATE TABLE media (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('sound', 'picture')),
  type TEXT NOT NULL,
  bytes BLOB NOT NULL,
  at INTEGER NOT NULL,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1))
) STRICT;
${told('INSERT', 'NEW')}${told('UPDATE', 'NEW')}${told('DELETE', 'OLD')}
`;
