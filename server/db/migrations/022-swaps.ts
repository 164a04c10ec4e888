/**
 * How much of what may be used instead; what a show takes in place of what; how much of a thing is packed; what it
 * looks like from above, and how it must stand on the way.
 */
export const swaps = `
UPDATE kit_line SET instead = (
  SELECT json_group_array(json_object('itemId', value, 'times', 1, 'unit', kit_line.unit, 'figures', NULL))
  FROM json_each(kit_line.instead));
ALTER TABLE show ADD COLUMN swaps TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(swaps));
ALTER TABLE pack_mark ADD COLUMN amount REAL;
ALTER TABLE pack_mark ADD COLUMN of REAL;
UPDATE show SET journeys = (
  SELECT json_group_array(json_insert(value, '$.mostKg', NULL)) FROM json_each(show.journeys));
UPDATE template SET show = json_set(show, '$.journeys', (
  SELECT json_group_array(json_insert(value, '$.mostKg', NULL)) FROM json_each(template.show, '$.journeys')));
ALTER TABLE item ADD COLUMN outline TEXT;
ALTER TABLE item ADD COLUMN stows TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(stows));
UPDATE template SET show = json_insert(show, '$.swaps', json('[]'));
`;
