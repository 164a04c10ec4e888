/** A check that was looked at may be found wrong, with what is wrong. */
const told = (event: 'INSERT' | 'UPDATE' | 'DELETE'): string => `
CREATE TRIGGER told_check_mark_${event.toLowerCase()} AFTER ${event} ON check_mark BEGIN
  INSERT INTO change (kind, id, seq) VALUES ('mark', ${event === 'DELETE' ? 'OLD' : 'NEW'}.show_id, NULL);
END;`;

export const walk = `
CREATE TABLE check_mark_kept (
  show_id TEXT NOT NULL REFERENCES show (id) ON DELETE CASCADE,
  key TEXT NOT NULL,
  state TEXT NOT NULL CHECK (state IN ('done', 'wrong', 'waived')),
  reason TEXT NOT NULL CHECK (state = 'done' OR reason <> ''),
  by TEXT REFERENCES person (id),
  at INTEGER NOT NULL,
  value REAL,
  PRIMARY KEY (show_id, key)
) STRICT, WITHOUT ROWID;
INSERT INTO check_mark_kept (show_id, key, state, reason, by, at, value)
  SELECT show_id, key, state, reason, by, at, value FROM check_mark;
DROP TABLE check_mark;
ALTER TABLE check_mark_kept RENAME TO check_mark;
${told('INSERT')}${told('UPDATE')}${told('DELETE')}
`;
