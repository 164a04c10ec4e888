/** Trial series, and what each go of them came to. */
const told = (table: string, event: string, id: string): string => `
CREATE TRIGGER told_${table}_${event.toLowerCase()} AFTER ${event} ON ${table} BEGIN
  INSERT INTO change (kind, id, seq) VALUES ('trial', ${id}, NULL);
END;`;

export const trials = `
CREATE TABLE trial (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  demo_id TEXT REFERENCES demo (id),
  date TEXT,
  body TEXT NOT NULL CHECK (json_valid(body)),
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1))
) STRICT;
CREATE INDEX trial_by_demo ON trial (demo_id);

CREATE TABLE trial_go (
  trial_id TEXT NOT NULL REFERENCES trial (id),
  go INTEGER NOT NULL,
  level_id TEXT NOT NULL,
  state TEXT NOT NULL CHECK (state IN ('read', 'notRead', 'leftOut')),
  value REAL,
  first REAL,
  reason TEXT NOT NULL,
  by TEXT,
  at INTEGER NOT NULL,
  conditions TEXT NOT NULL CHECK (json_valid(conditions)),
  PRIMARY KEY (trial_id, go),
  CHECK ((state = 'notRead') = (value IS NULL))
) STRICT, WITHOUT ROWID;
${told('trial', 'INSERT', 'NEW.id')}${told('trial', 'UPDATE', 'NEW.id')}
${told('trial_go', 'INSERT', 'NEW.trial_id')}${told('trial_go', 'UPDATE', 'NEW.trial_id')}${told('trial_go', 'DELETE', 'OLD.trial_id')}
`;
