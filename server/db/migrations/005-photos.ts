/** Photos with checks, and how loud the room is. */
export const photos = `
CREATE TABLE check_photo (
  id TEXT PRIMARY KEY,
  show_id TEXT NOT NULL REFERENCES show (id) ON DELETE CASCADE,
  key TEXT NOT NULL,
  type TEXT NOT NULL CHECK (type IN ('image/jpeg', 'image/png', 'image/webp')),
  bytes BLOB NOT NULL,
  by TEXT REFERENCES person (id),
  at INTEGER NOT NULL,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1))
) STRICT;
CREATE INDEX check_photo_show ON check_photo (show_id, at);

UPDATE show SET conditions = json_set(conditions, '$.sound', NULL);
`;
