/** What protects and what lets go are parts of a step on stage; a press may carry a number. */
export const live = `
ALTER TABLE run_event ADD COLUMN value REAL;

UPDATE run SET plan = json_set(plan, '$.slots', (
  SELECT json_group_array(json(json_set(slot.value, '$.steps', (
    SELECT json_group_array(json(json_set(step.value, '$.clear', '', '$.letGo', json('[]'))))
    FROM json_each(slot.value, '$.steps') AS step))))
  FROM json_each(run.plan, '$.slots') AS slot))
WHERE json_type(plan, '$.slots') = 'array'
  AND NOT EXISTS (SELECT 1 FROM json_each(run.plan, '$.slots') AS odd
    WHERE odd.type <> 'object' OR json_type(odd.value, '$.steps') IS NOT 'array');

-- What runs came to is counted anew: goes that were broken off count now, and rehearsals apart.
DELETE FROM method_run;
DROP TABLE method_total;
DROP TABLE method_cause;
CREATE TABLE method_total (
  demo_id TEXT NOT NULL,
  method_id TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('rehearsal', 'performance')),
  worked INTEGER NOT NULL,
  partly INTEGER NOT NULL,
  failed INTEGER NOT NULL,
  PRIMARY KEY (demo_id, method_id, kind)
) STRICT, WITHOUT ROWID;
CREATE TABLE method_cause (
  demo_id TEXT NOT NULL,
  method_id TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('rehearsal', 'performance')),
  cause TEXT NOT NULL,
  count INTEGER NOT NULL,
  PRIMARY KEY (demo_id, method_id, kind, cause)
) STRICT, WITHOUT ROWID;
UPDATE run SET stale = 1;
`;
