/** What was ordered, hired or borrowed; how long a pack keeps; that none of a thing is owned can be said;
 * what spare sets are brought for. */
const told = (event: 'INSERT' | 'UPDATE'): string => `
CREATE TRIGGER told_purchase_${event.toLowerCase()} AFTER ${event} ON purchase BEGIN
  INSERT INTO change (kind, id, seq) VALUES ('order', NEW.id, NULL);
END;`;

export const orders = `
CREATE TABLE purchase (
  id TEXT PRIMARY KEY,
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1)),
  item_id TEXT NOT NULL REFERENCES item (id),
  terms TEXT NOT NULL CHECK (terms IN ('bought', 'hired', 'borrowed')),
  amount REAL NOT NULL CHECK (amount > 0),
  unit TEXT NOT NULL,
  count INTEGER NOT NULL CHECK (count >= 1),
  price INTEGER NOT NULL CHECK (price >= 0),
  supplier TEXT NOT NULL,
  ordered TEXT NOT NULL,
  expected TEXT NOT NULL,
  come TEXT,
  keeps INTEGER CHECK (keeps >= 0),
  back_by TEXT,
  back TEXT,
  note TEXT NOT NULL
) STRICT;
CREATE INDEX purchase_item ON purchase (item_id);
${told('INSERT')}${told('UPDATE')}

ALTER TABLE show ADD COLUMN spare_policy TEXT NOT NULL
  DEFAULT '{"wish":"each","mostCost":null,"mostGrams":null}' CHECK (json_valid(spare_policy));
ALTER TABLE slot ADD COLUMN wanted_goes INTEGER CHECK (wanted_goes >= 1);

CREATE TABLE kit_line_next (
  demo_id TEXT NOT NULL,
  method_id TEXT NOT NULL,
  id TEXT NOT NULL,
  ord INTEGER NOT NULL,
  item_id TEXT NOT NULL REFERENCES item (id),
  amount REAL NOT NULL CHECK (amount > 0),
  most REAL CHECK (most > amount),
  unit TEXT NOT NULL,
  basis TEXT NOT NULL CHECK (basis IN ('perShow', 'perGo', 'perVolunteer', 'perVolunteerGo',
    'perHead', 'perGroup', 'perDay')),
  group_of INTEGER CHECK (group_of >= 1),
  instead TEXT NOT NULL CHECK (json_valid(instead)),
  chilled INTEGER NOT NULL CHECK (chilled IN (0, 1)),
  chilled_in TEXT,
  strength TEXT CHECK (json_valid(strength)),
  note TEXT NOT NULL,
  PRIMARY KEY (demo_id, method_id, id),
  FOREIGN KEY (demo_id, method_id) REFERENCES method (demo_id, id) ON DELETE CASCADE
) STRICT, WITHOUT ROWID;
INSERT INTO kit_line_next
  SELECT demo_id, method_id, id, ord, item_id, amount, NULL, unit, basis, NULL, instead, chilled,
    NULL, strength, note FROM kit_line;
DROP TABLE kit_line;
ALTER TABLE kit_line_next RENAME TO kit_line;

-- Templates are whole shows: those kept before have none of what came since.
UPDATE template SET show = json_insert(
  json_set(show, '$.slots', (
    SELECT json_group_array(json(json_insert(value, '$.wantedGoes', NULL)))
    FROM json_each(template.show, '$.slots'))),
  '$.filming', json('[]'), '$.classSet', NULL, '$.agreedWith', '', '$.answers', json('[]'),
  '$.questions', json('[]'),
  '$.sparePolicy', json('{"wish":"each","mostCost":null,"mostGrams":null}'));

UPDATE item SET packs = (
  SELECT json_group_array(json(json_set(value, '$.keeps', NULL, '$.hireDays', NULL)))
  FROM json_each(item.packs));
ALTER TABLE item ADD COLUMN owned_now INTEGER CHECK (owned_now >= 0);
UPDATE item SET owned_now = owned;
ALTER TABLE item DROP COLUMN owned;
ALTER TABLE item RENAME COLUMN owned_now TO owned;
`;
