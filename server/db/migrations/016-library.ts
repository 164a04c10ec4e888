/** What a demonstration is about and looks like, the text it was told in and where it is from; tours; templates of shows. */
export const library = `
ALTER TABLE demo ADD COLUMN family TEXT;
ALTER TABLE demo ADD COLUMN face TEXT CHECK (json_valid(face));
ALTER TABLE demo ADD COLUMN told TEXT NOT NULL DEFAULT '';
ALTER TABLE demo ADD COLUMN origin TEXT CHECK (json_valid(origin));

ALTER TABLE show ADD COLUMN tour TEXT NOT NULL DEFAULT '';
CREATE INDEX show_by_tour ON show (tour) WHERE tour <> '';
`;
