/**
 * Several side by side in a slot; what trials found out, told on stage; goes of a trial that were read on stage; a
 * running order that grows while it is gone through; chances that somebody keeps to.
 */
export const sideBySide = `
ALTER TABLE slot ADD COLUMN side_by_side TEXT CHECK (json_valid(side_by_side));

UPDATE run SET plan = json_set(plan, '$.slots', (
  SELECT json_group_array(json(json_set(slot.value, '$.sideBySide', NULL, '$.claims', json('[]'))))
  FROM json_each(run.plan, '$.slots') AS slot))
WHERE json_type(plan, '$.slots') = 'array'
  AND NOT EXISTS (SELECT 1 FROM json_each(run.plan, '$.slots') AS odd WHERE odd.type <> 'object');

UPDATE trial SET body = json_set(body, '$.evidence', '', '$.variable.settingId', NULL)
WHERE json_type(body, '$.variable') = 'object';

-- The chance that the plan keeps to; null for what the record says.
ALTER TABLE method ADD COLUMN chance TEXT CHECK (json_valid(chance));

-- Where it was read: run, slot and go of the run; null on the Bench. And what that run last told of it.
ALTER TABLE trial_go ADD COLUMN source TEXT;
ALTER TABLE trial_go ADD COLUMN told REAL;
CREATE INDEX trial_go_by_source ON trial_go (source) WHERE source IS NOT NULL;

CREATE TRIGGER told_run_update_plan AFTER UPDATE OF plan ON run BEGIN
  INSERT INTO change (kind, id, seq) VALUES ('run', NEW.id, NULL);
END;
`;
