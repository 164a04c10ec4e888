/** The risk assessment as Markdown, and what has changed between two of them. */
import type { FireRow, RiskAssessment, RiskDemo, Signature, SubstanceRow } from './types';
import { bullets, cell, part, table } from '../../markdown';
import { upperFirst } from '../../words';

/** What every sheet of a draft carries. */
export const DRAFT = 'DRAFT: not everything is answered';

const joined = (...parts: readonly string[]): string => parts.filter(Boolean).join(' ');

export const HAZARD_HEADS = [
  'Hazard',
  'Who is at risk',
  'Without control',
  'Control',
  'With control',
  'First aid',
] as const;

function demoLines(demo: RiskDemo): string[] {
  const where = [demo.time, demo.place].filter(Boolean).join(', ');
  return [
    `## ${demo.number}. ${cell(`${demo.name}, ${demo.method}`)}`,
    '',
    ...(where ? [cell(where), ''] : []),
    ...(demo.none === null
      ? table(
          HAZARD_HEADS,
          demo.rows.map((one) => [
            one.hazard,
            one.who,
            one.before,
            controlText(one),
            one.after,
            one.firstAid,
          ]),
        )
      : [demo.none, '']),
    ...bullets([...demo.lines, ...demo.calculated.map((line) => `Calculated: ${line}`)]),
  ];
}

/** Its control in words, what answers it, and what is open of it. */
export const controlText = ({
  control,
  answered,
  open,
}: Pick<RiskDemo['rows'][number], 'control' | 'answered' | 'open'>): string =>
  joined(
    /[.!?]$/.test(control) ? control : `${control}.`,
    answered && `${upperFirst(answered)}.`,
    open && `OPEN: ${open}.`,
  );

export const SUBSTANCE_HEADS = ['Substance', 'Amount', 'Strength', 'Its label says', 'Used in'];
export const substanceCells = (one: SubstanceRow): string[] => [
  one.name,
  one.amount,
  one.strength,
  one.statements.join(' '),
  one.usedIn,
];

export const FIRE_HEADS = ['Extinguisher', 'Who stands beside it', 'When', 'For'];
export const fireCells = (one: FireRow): string[] => [one.what, one.who, one.when, one.demo];

export const judgedText = (one: RiskAssessment['judged'][number]): string =>
  joined(one.what, one.remedy, one.figure, one.source && `(${one.source})`);

export const openText = ({ what, remedy }: RiskAssessment['open'][number]): string =>
  joined(what, remedy);

/** Everything but the signatures. */
export function risksMarkdown(of: RiskAssessment): string {
  return [
    `# ${cell(of.title)}`,
    '',
    cell(of.where),
    '',
    ...(of.draft ? [`**${DRAFT}.**`, ''] : []),
    `Crew: ${cell(of.crew)}.`,
    '',
    `Audience: ${cell(of.audience)}.`,
    '',
    of.defers,
    '',
    ...part('Open questions', bullets(of.open.map(openText))),
    ...part('In an emergency', bullets(of.emergency)),
    ...of.demos.flatMap(demoLines),
    ...part('How risks are rated', [of.rating, '']),
    ...part(
      'Substances',
      of.substances.length > 0 ? table(SUBSTANCE_HEADS, of.substances.map(substanceCells)) : [],
    ),
    ...part('Fire', of.fire.length > 0 ? table(FIRE_HEADS, of.fire.map(fireCells)) : []),
    ...part('Volunteers', bullets(of.volunteers)),
    ...part('The way there', bullets(of.journeys)),
    ...part(
      'The show as a whole',
      of.judged.length > 0
        ? [...of.judged.map((one) => `- **${one.level}.** ${cell(judgedText(one))}`), '']
        : [],
    ),
    ...part('Waived', bullets(of.waived)),
  ].join('\n');
}

export const signatureText = ({ name, role, when }: Signature): string =>
  `${[name, role].filter(Boolean).join(', ')}: signed ${when}`;

/** Names that are asked for and have not signed. */
export const unsigned = (of: RiskAssessment, signatures: readonly Signature[]): string[] =>
  [...of.names, 'For the venue'].filter((name) => !signatures.some((one) => one.name === name));

/** With its signatures, and lines for those who have not signed. */
export const signedMarkdown = (of: RiskAssessment, signatures: readonly Signature[]): string =>
  [
    risksMarkdown(of),
    '## Signed',
    '',
    ...signatures.map((one) => `- ${cell(signatureText(one))}`),
    ...unsigned(of, signatures).map(
      (name) => `- ${cell(name)}: ______________________ date __________`,
    ),
    '',
  ].join('\n');

const HEAD = 'Show, crew and audience';

function parts(markdown: string): Map<string, string> {
  const found = new Map<string, string>();
  for (const text of markdown.split(/^(?=## )/m)) {
    const [first = '', ...rest] = text.split('\n');
    const title = first.startsWith('## ') ? first.slice(3).replaceAll('\\', '') : HEAD;
    found.set(title, (title === HEAD ? text : rest.join('\n')).trim());
  }
  return found;
}

/** Headings under which two texts of `risksMarkdown` say something else, in the order of the later one. */
export function changedParts(before: string, now: string): string[] {
  const [old, later] = [parts(before), parts(now)];
  return [...new Set([...later.keys(), ...old.keys()])].filter(
    (title) => old.get(title) !== later.get(title),
  );
}
