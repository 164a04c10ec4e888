/** Talks, what a performance leaves, how many there are, what is done on a failure, wishes of an order. */
export const runningOrder = `
ALTER TABLE item ADD COLUMN owned INTEGER CHECK (owned >= 1);

ALTER TABLE method ADD COLUMN leaves TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(leaves));
ALTER TABLE method ADD COLUMN forbids TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(forbids));

ALTER TABLE show ADD COLUMN wishes TEXT NOT NULL CHECK (json_valid(wishes)) DEFAULT
  '{"arc":"none","before":[],"apart":[],"weights":{"conflict":1000000,"late":1000,"deadAir":10,"arc":20,"repeat":40}}';

CREATE TABLE slot_next (
  show_id TEXT NOT NULL REFERENCES show (id) ON DELETE CASCADE,
  id TEXT NOT NULL,
  ord INTEGER NOT NULL,
  demo_id TEXT,
  method_id TEXT,
  talk TEXT CHECK (json_valid(talk)),
  performer_id TEXT REFERENCES person (id),
  position_id TEXT,
  goes INTEGER NOT NULL CHECK (goes >= 1),
  again INTEGER NOT NULL CHECK (again >= 0),
  fallback INTEGER NOT NULL CHECK (fallback >= 0),
  leads TEXT NOT NULL CHECK (json_valid(leads)),
  pinned INTEGER NOT NULL CHECK (pinned IN (0, 1)),
  may_leave_out INTEGER NOT NULL CHECK (may_leave_out IN (0, 1)),
  worth INTEGER NOT NULL CHECK (worth BETWEEN 1 AND 5),
  PRIMARY KEY (show_id, id),
  FOREIGN KEY (demo_id, method_id) REFERENCES method (demo_id, id),
  CHECK ((demo_id IS NULL) = (method_id IS NULL) AND (demo_id IS NULL) = (talk IS NOT NULL))
) STRICT, WITHOUT ROWID;
INSERT INTO slot_next
  SELECT show_id, id, ord, demo_id, method_id, NULL, performer_id, position_id, goes, 0, 0, '[]',
    pinned, may_leave_out, worth FROM slot;
DROP TABLE slot;
ALTER TABLE slot_next RENAME TO slot;
CREATE INDEX slot_method ON slot (demo_id, method_id);
`;
