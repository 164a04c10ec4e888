/** Running orders kept to begin from. */
const told = (event: 'INSERT' | 'UPDATE'): string => `
CREATE TRIGGER told_template_${event.toLowerCase()} AFTER ${event} ON template BEGIN
  INSERT INTO change (kind, id, seq) VALUES ('template', NEW.id, NULL);
END;`;

export const templates = `
CREATE TABLE template (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  show TEXT NOT NULL CHECK (json_valid(show)),
  version INTEGER NOT NULL DEFAULT 1,
  removed INTEGER NOT NULL DEFAULT 0 CHECK (removed IN (0, 1))
) STRICT;
${told('INSERT')}${told('UPDATE')}
`;
