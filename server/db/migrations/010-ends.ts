/** What the end of a show is held against: so many shows of so many have ended by then. */
export const ends = `
ALTER TABLE settings ADD COLUMN ends_by TEXT NOT NULL DEFAULT '9of10'
  CHECK (ends_by IN ('8of10', '9of10', '19of20'));`;
