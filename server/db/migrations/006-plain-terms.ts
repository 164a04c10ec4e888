/**
 * Standard names for what is stored: calculators, energy, who is at risk, remaining risk. In JSON
 * columns a quote inside a text is escaped, so a name with its quotes and colon is always a key.
 */
export const plainTerms = `
ALTER TABLE demo RENAME COLUMN lift TO energy;
ALTER TABLE method RENAME COLUMN sums TO calculators;
ALTER TABLE task RENAME COLUMN mind TO careful;
UPDATE method SET
  calculators = replace(calculators, '"sum":', '"calculator":'),
  hazards = replace(replace(hazards, '"who":', '"atRisk":'), '"rest":', '"remainingRisk":'),
  volunteer_card = replace(volunteer_card, '"withChild"', '"pregnant"');
UPDATE run SET plan = replace(plan, '"mind":', '"careful":');
UPDATE check_mark SET key = 'calculator:' || substr(key, 5) WHERE key LIKE 'sum:%';
`;
