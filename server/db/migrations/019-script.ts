/** How fast somebody speaks on stage; what is answered to a question besides its options. */
const withAnswers = (column: string): string =>
  `json_insert(${column}, '$.ifFails', json('null'), '$.accepts', json('[]'), '$.wrong', json('[]'))`;

export const script = `
UPDATE method SET prediction = ${withAnswers('prediction')} WHERE prediction IS NOT NULL;
UPDATE run SET plan = json_set(plan, '$.slots', (
  SELECT json_group_array(json(
    CASE WHEN json_type(slot.value, '$.prediction') = 'object'
      THEN json_set(slot.value, '$.prediction',
        json(${withAnswers("json_extract(slot.value, '$.prediction')")}))
      ELSE slot.value END))
  FROM json_each(run.plan, '$.slots') AS slot))
WHERE json_type(plan, '$.slots') = 'array'
  AND NOT EXISTS (SELECT 1 FROM json_each(run.plan, '$.slots') AS odd WHERE odd.type <> 'object');
ALTER TABLE person ADD COLUMN words_per_minute INTEGER
  CHECK (words_per_minute IS NULL OR words_per_minute BETWEEN 60 AND 260);
`;
