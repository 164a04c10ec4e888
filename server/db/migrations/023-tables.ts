/**
 * Tables that were brought in, in parts, each with what it changed, so that it can be taken back; words of tables
 * that are remembered.
 */
export const tables = `
CREATE TABLE table_import (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  at INTEGER NOT NULL,
  items INTEGER NOT NULL,
  lots INTEGER NOT NULL,
  -- A mark for each of its rows, by which the same row is known again.
  marks TEXT NOT NULL CHECK (json_valid(marks)),
  -- All of it came in.
  whole INTEGER NOT NULL DEFAULT 0 CHECK (whole IN (0, 1)),
  back INTEGER
) STRICT;

CREATE TABLE table_import_part (
  import_id TEXT NOT NULL REFERENCES table_import (id) ON DELETE CASCADE,
  ord INTEGER NOT NULL,
  items INTEGER NOT NULL,
  changes TEXT NOT NULL CHECK (json_valid(changes)),
  PRIMARY KEY (import_id, ord)
) STRICT, WITHOUT ROWID;

CREATE TABLE table_word (
  what TEXT NOT NULL CHECK (what IN ('heading', 'kind')),
  word TEXT NOT NULL,
  -- What it stands for; null for a heading that is left out.
  means TEXT,
  PRIMARY KEY (what, word)
) STRICT, WITHOUT ROWID;
`;
