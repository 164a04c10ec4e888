/** What a method asks of the room and of people, the sums that judge it, and the day's figures. */
export const ready = `
ALTER TABLE method ADD COLUMN needs TEXT NOT NULL CHECK (json_valid(needs)) DEFAULT
  '{"where":"either","water":false,"drain":false,"dark":false,"levelFloor":false,"ceilingM":null,"clearM":null,"windMost":null,"powerW":null}';
ALTER TABLE method ADD COLUMN care TEXT NOT NULL CHECK (json_valid(care)) DEFAULT
  '{"disposal":"","extinguisher":"none","heldBy":null,"never":[]}';
ALTER TABLE method ADD COLUMN volunteer_card TEXT NOT NULL CHECK (json_valid(volunteer_card)) DEFAULT
  '{"suits":"","mustNot":[],"ask":"","letGo":"","gear":[],"steps":[],"wayOff":"","fetchedIn":null}';
ALTER TABLE method ADD COLUMN sums TEXT NOT NULL CHECK (json_valid(sums)) DEFAULT '[]';
UPDATE method SET
  volunteer_card = json_set(volunteer_card, '$.suits',
    (SELECT demo.volunteer_card FROM demo WHERE demo.id = method.demo_id)),
  hazards = (SELECT json_group_array(json(json_patch(
      '{"kind":"","control":"","who":["performer","crew"],"firstAid":"","rest":"low"}', value)))
    FROM json_each(method.hazards)),
  settings = (SELECT json_group_array(json(json_patch('{"source":""}', value)))
    FROM json_each(method.settings));
ALTER TABLE demo DROP COLUMN volunteer_card;

ALTER TABLE venue ADD COLUMN detectors_isolable TEXT NOT NULL DEFAULT 'unknown'
  CHECK (detectors_isolable IN ('unknown', 'yes', 'no'));
ALTER TABLE venue ADD COLUMN alarm_to_fire_service TEXT NOT NULL DEFAULT 'unknown'
  CHECK (alarm_to_fire_service IN ('unknown', 'yes', 'no'));
ALTER TABLE venue ADD COLUMN drain INTEGER NOT NULL DEFAULT 0 CHECK (drain IN (0, 1));
ALTER TABLE venue ADD COLUMN air_changes REAL CHECK (air_changes >= 0);
ALTER TABLE venue ADD COLUMN floor TEXT NOT NULL DEFAULT 'unknown'
  CHECK (floor IN ('unknown', 'level', 'sloping', 'uneven'));
ALTER TABLE venue ADD COLUMN circuits TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(circuits));
ALTER TABLE venue ADD COLUMN surface TEXT NOT NULL DEFAULT '';
ALTER TABLE venue ADD COLUMN stage_width_m REAL CHECK (stage_width_m > 0);
ALTER TABLE venue ADD COLUMN stage_depth_m REAL CHECK (stage_depth_m > 0);
ALTER TABLE venue ADD COLUMN exits TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(exits));

ALTER TABLE show_position ADD COLUMN at TEXT CHECK (json_valid(at));
ALTER TABLE show_position ADD COLUMN circuit_id TEXT;
ALTER TABLE show ADD COLUMN conditions TEXT NOT NULL CHECK (json_valid(conditions)) DEFAULT
  '{"temperature":null,"humidity":null,"people":null,"wind":null,"pressure":null,"takenAt":null}';

ALTER TABLE person ADD COLUMN may_waive INTEGER NOT NULL DEFAULT 1 CHECK (may_waive IN (0, 1));
ALTER TABLE item ADD COLUMN test_measures TEXT CHECK (json_valid(test_measures));
ALTER TABLE check_mark ADD COLUMN value REAL;
`;
