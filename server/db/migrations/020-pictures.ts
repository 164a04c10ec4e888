/** How it should look and is filmed; what goes home with the audience; a class that tries it itself;
 * what was agreed and is asked. */
const HAND_OUT =
  '{"saw":"","why":"","atHome":"unknown","whyNot":"","methodId":null,"steps":"","things":[],"figures":[],"without":[],"questions":[]}';

export const pictures = `
ALTER TABLE task ADD COLUMN picture TEXT CHECK (picture IS NULL OR json_valid(picture));
ALTER TABLE task ADD COLUMN views TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(views));
ALTER TABLE demo ADD COLUMN picture TEXT CHECK (picture IS NULL OR json_valid(picture));
ALTER TABLE demo ADD COLUMN hand_out TEXT NOT NULL DEFAULT '${HAND_OUT}' CHECK (json_valid(hand_out));
ALTER TABLE show ADD COLUMN agreed_with TEXT NOT NULL DEFAULT '';
ALTER TABLE show ADD COLUMN answers TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(answers));
ALTER TABLE show ADD COLUMN questions TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(questions));
ALTER TABLE show ADD COLUMN filming TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(filming));
ALTER TABLE show ADD COLUMN class_set TEXT CHECK (class_set IS NULL OR json_valid(class_set));
`;
