/** How much of what may be used instead; what a show takes in place of what. */
export const swaps = `
UPDATE kit_line SET instead = (
  SELECT json_group_array(json_object('itemId', value, 'times', 1, 'unit', kit_line.unit, 'figures', NULL))
  FROM json_each(kit_line.instead));
ALTER TABLE show ADD COLUMN swaps TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(swaps));
UPDATE template SET show = json_insert(show, '$.swaps', json('[]'));
`;
