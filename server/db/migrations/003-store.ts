/** The store, packing, cold plans, rehearsals, and what a person has set for themselves. */
export const theStore = `
CREATE TABLE box (
  id TEXT PRIMARY KEY,
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1)),
  name TEXT NOT NULL CHECK (name <> ''),
  number INTEGER NOT NULL CHECK (number >= 1),
  grams REAL CHECK (grams >= 0),
  note TEXT NOT NULL
) STRICT;

ALTER TABLE item ADD COLUMN at_venue INTEGER NOT NULL DEFAULT 0 CHECK (at_venue IN (0, 1));
ALTER TABLE item ADD COLUMN unit TEXT NOT NULL DEFAULT 'piece';
ALTER TABLE item ADD COLUMN waste REAL NOT NULL DEFAULT 0 CHECK (waste >= 0 AND waste < 100);
ALTER TABLE item ADD COLUMN density REAL CHECK (density > 0);
ALTER TABLE item ADD COLUMN grams_each REAL CHECK (grams_each > 0);
ALTER TABLE item ADD COLUMN material TEXT;
ALTER TABLE item ADD COLUMN cold TEXT;
ALTER TABLE item ADD COLUMN holds REAL CHECK (holds > 0);
ALTER TABLE item ADD COLUMN boils_off REAL CHECK (boils_off >= 0);
ALTER TABLE item ADD COLUMN substance TEXT;
ALTER TABLE item ADD COLUMN strength TEXT CHECK (json_valid(strength));
ALTER TABLE item ADD COLUMN label TEXT NOT NULL
  DEFAULT '{"signal":"none","hazards":[],"precautions":[]}' CHECK (json_valid(label));
ALTER TABLE item ADD COLUMN keeps_open INTEGER CHECK (keeps_open >= 1);
ALTER TABLE item ADD COLUMN test_every INTEGER CHECK (test_every >= 1);
ALTER TABLE item ADD COLUMN box_id TEXT REFERENCES box (id);
ALTER TABLE item ADD COLUMN packs TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(packs));
CREATE INDEX item_box ON item (box_id);

-- What an item is counted in, from the first kit line that names it.
UPDATE item SET unit = coalesce((
  SELECT CASE
    WHEN unit IN ('mL', 'L', 'tsp', 'tbsp', 'flOz', 'cup', 'pint', 'quart', 'gallon', 'drop', 'squirt') THEN 'mL'
    WHEN unit IN ('g', 'kg', 'oz', 'lb', 'pinch') THEN 'g'
    WHEN unit IN ('m', 'cm', 'mm', 'in', 'ft') THEN 'm'
    ELSE 'piece' END
  FROM kit_line WHERE item_id = item.id ORDER BY demo_id, method_id, ord LIMIT 1), 'piece');

CREATE TABLE kit_line_next (
  demo_id TEXT NOT NULL,
  method_id TEXT NOT NULL,
  id TEXT NOT NULL,
  ord INTEGER NOT NULL,
  item_id TEXT NOT NULL REFERENCES item (id),
  amount REAL NOT NULL CHECK (amount > 0),
  unit TEXT NOT NULL,
  basis TEXT NOT NULL CHECK (basis IN ('perShow', 'perGo', 'perVolunteer', 'perHead', 'perDay')),
  instead TEXT NOT NULL CHECK (json_valid(instead)),
  chilled INTEGER NOT NULL CHECK (chilled IN (0, 1)),
  strength TEXT CHECK (json_valid(strength)),
  note TEXT NOT NULL,
  PRIMARY KEY (demo_id, method_id, id),
  FOREIGN KEY (demo_id, method_id) REFERENCES method (demo_id, id) ON DELETE CASCADE
) STRICT, WITHOUT ROWID;
INSERT INTO kit_line_next
  SELECT demo_id, method_id, id, ord, item_id, amount, unit, basis, '[]', 0, NULL, note FROM kit_line;
DROP TABLE kit_line;
ALTER TABLE kit_line_next RENAME TO kit_line;
CREATE INDEX kit_line_item ON kit_line (item_id);

ALTER TABLE show ADD COLUMN rehearsals INTEGER NOT NULL DEFAULT 0 CHECK (rehearsals >= 0);
ALTER TABLE show ADD COLUMN wanted_chance REAL NOT NULL DEFAULT 95
  CHECK (wanted_chance BETWEEN 50 AND 99.9);
ALTER TABLE show ADD COLUMN cold TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(cold));

CREATE TABLE lot (
  id TEXT PRIMARY KEY,
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1)),
  item_id TEXT NOT NULL REFERENCES item (id),
  place TEXT NOT NULL,
  expiry TEXT,
  opened TEXT,
  state TEXT NOT NULL CHECK (state IN ('good', 'attention', 'out')),
  last_test TEXT,
  note TEXT NOT NULL
) STRICT;
CREATE INDEX lot_item ON lot (item_id);

-- Append-only: what was wrong is taken back by another movement, at most once.
CREATE TABLE movement (
  seq INTEGER PRIMARY KEY,
  id TEXT NOT NULL UNIQUE,
  lot_id TEXT NOT NULL REFERENCES lot (id),
  at INTEGER NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('received', 'counted', 'taken', 'reversed')),
  change REAL NOT NULL,
  reverses TEXT UNIQUE REFERENCES movement (id),
  show_id TEXT REFERENCES show (id),
  note TEXT NOT NULL,
  CHECK ((kind = 'reversed') = (reverses IS NOT NULL))
) STRICT;
CREATE INDEX movement_lot ON movement (lot_id);
CREATE INDEX movement_show ON movement (show_id) WHERE show_id IS NOT NULL;
CREATE TRIGGER movement_stands BEFORE UPDATE ON movement
  BEGIN SELECT raise(ABORT, 'a movement is never changed'); END;
CREATE TRIGGER movement_stays BEFORE DELETE ON movement
  BEGIN SELECT raise(ABORT, 'a movement is never removed'); END;

CREATE TABLE pack_mark (
  show_id TEXT NOT NULL REFERENCES show (id) ON DELETE CASCADE,
  key TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('packed', 'tested', 'home')),
  by TEXT REFERENCES person (id),
  at INTEGER NOT NULL,
  PRIMARY KEY (show_id, key, kind)
) STRICT, WITHOUT ROWID;

CREATE TABLE settings (
  id TEXT PRIMARY KEY CHECK (id = 'own'),
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed = 0),
  household TEXT NOT NULL CHECK (json_valid(household)),
  currency TEXT NOT NULL
) STRICT;
INSERT INTO settings (id, household, currency)
  VALUES ('own', '{"drop":0.05,"squirt":5,"stroke":250,"pinch":0.4}', 'EUR');
`;
