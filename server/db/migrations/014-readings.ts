/**
 * What is read at a go, and times that were taken from the record; who performed each slot of a run; readings
 * outside of shows.
 */
const told = (event: 'INSERT' | 'UPDATE'): string => `
CREATE TRIGGER told_reading_${event.toLowerCase()} AFTER ${event} ON reading BEGIN
  INSERT INTO change (kind, id, seq) VALUES ('reading', NEW.demo_id, NULL);
END;`;

export const readings = `
ALTER TABLE method ADD COLUMN results TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(results));
ALTER TABLE method ADD COLUMN figures TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(figures));

UPDATE run SET plan = json_set(plan, '$.slots', (
  SELECT json_group_array(json(json_set(slot.value, '$.results', json('[]'), '$.performerId', NULL)))
  FROM json_each(run.plan, '$.slots') AS slot))
WHERE json_type(plan, '$.slots') = 'array'
  AND NOT EXISTS (SELECT 1 FROM json_each(run.plan, '$.slots') AS odd WHERE odd.type <> 'object');

-- What runs came to is looked at again: their readings, who performed, and doubtful times are told since.
UPDATE run SET stale = 1;

CREATE TABLE reading (
  id TEXT PRIMARY KEY,
  demo_id TEXT NOT NULL REFERENCES demo (id),
  method_id TEXT NOT NULL,
  result TEXT NOT NULL,
  value REAL NOT NULL,
  first REAL NOT NULL,
  at INTEGER NOT NULL,
  by TEXT,
  note TEXT NOT NULL,
  conditions TEXT NOT NULL CHECK (json_valid(conditions)),
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1))
) STRICT;
CREATE INDEX reading_by_method ON reading (demo_id, method_id, at);
${told('INSERT')}${told('UPDATE')}
`;
