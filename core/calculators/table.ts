/** The table of all calculators in words, for the documents. */
import { CALCULATORS } from './catalogue';
import { CALCULATOR_FAMILIES, type Calculator, type CalculatorFamily } from './calculator';

export const FAMILY_WORDS: Record<CalculatorFamily, string> = {
  vapour: 'Vapour',
  reaction: 'Reactions',
  cold: 'Cold',
  air: 'Air in the room',
  sound: 'Sound',
  charge: 'Charge',
  motion: 'Motion',
  gas: 'Gas and balloons',
  heat: 'Heat',
  chance: 'Chance',
};

const entry = ({ id, title, question, grounds }: Calculator): string =>
  [
    `### ${title}`,
    '',
    `\`${id}\`. ${question}`,
    '',
    `- Formula: ${grounds.formula}`,
    `- Holds for: ${grounds.validity}`,
    `- Source: ${grounds.source}`,
    `- Held against: ${grounds.check}`,
  ].join('\n');

/** The same as Markdown, by family. */
export const calculatorsMarkdown = (): string =>
  [
    '# The calculators',
    'Written from the calculators themselves by `npm run calculators`. “Source not checked” marks a figure that was recalled from the source named and not looked up. The same table stands in the application under Calculators. None of them says that anything may be done: local rules, the venue, the supplier’s safety data sheet and a competent person decide.',
    ...CALCULATOR_FAMILIES.flatMap((family) => [
      `## ${FAMILY_WORDS[family]}`,
      ...CALCULATORS.filter((one) => one.family === family).map(entry),
    ]),
  ].join('\n\n') + '\n';
