/** The risk assessment as pages to print and sign. */
import type { Content, ContentText, TableCell } from 'pdfmake/interfaces';
import {
  controlText,
  DRAFT,
  FIRE_HEADS,
  fireCells,
  HAZARD_HEADS,
  openText,
  SUBSTANCE_HEADS,
  substanceCells,
  unsigned,
} from '../../core/ready/assessment/markdown';
import type { RiskAssessment, RiskDemo, Signature } from '../../core/ready/assessment/types';
import { pdfOf } from '../pdf';

const MUTED = '#6B5F56';

const head = (texts: readonly string[]): TableCell[] =>
  texts.map((text): TableCell => ({ text, color: MUTED, fontSize: 8 }));

const table = (
  heads: readonly string[],
  widths: (number | string)[],
  rows: TableCell[][],
): Content => ({
  layout: 'lightHorizontalLines',
  table: { headerRows: 1, dontBreakRows: true, widths, body: [head(heads), ...rows] },
});

const titled = (text: string): Content => ({
  text,
  bold: true,
  fontSize: 12,
  margin: [0, 12, 0, 3],
  headlineLevel: 1,
});

const line = (text: string): Content => ({ text, margin: [0, 2, 0, 0] });

const lines = (title: string, texts: readonly string[]): Content[] =>
  texts.length > 0 ? [titled(title), { ul: [...texts] }] : [];

function demoContent(demo: RiskDemo): Content[] {
  const where = [demo.time, demo.place].filter(Boolean).join(', ');
  const heading: Content = {
    text: [
      { text: `${demo.number}  ${demo.name}`, bold: true, fontSize: 12 },
      { text: `  ${[demo.method, where].filter(Boolean).join(' · ')}`, color: MUTED },
    ],
    margin: [0, 10, 0, 3],
  };
  const widths = [66, 52, 44, '*', 44, 110];
  const ruled = (of: ContentText): TableCell => ({ ...of, border: [false, false, false, true] });
  const rows = demo.rows.map((row): TableCell[] => [
    ruled({ text: row.hazard, bold: true }),
    ruled({ text: row.who }),
    ruled({ text: row.before }),
    ruled({ text: controlText(row), bold: row.open !== '' }),
    ruled({ text: row.after }),
    ruled({ text: row.firstAid }),
  ]);
  return [
    ...(demo.none === null
      ? [
          {
            layout: { defaultBorder: false, hLineColor: () => MUTED },
            // The heading goes with its table: never alone at the foot of a page, and again on the next.
            table: {
              headerRows: 2,
              keepWithHeaderRows: 1,
              dontBreakRows: true,
              widths,
              body: [
                [{ ...heading, colSpan: widths.length }, '', '', '', '', ''],
                HAZARD_HEADS.map((text) => ruled({ text, color: MUTED, fontSize: 8 })),
                ...rows,
              ],
            },
          } satisfies Content,
        ]
      : [heading, line(demo.none)]),
    ...demo.lines.map(line),
    ...demo.calculated.map((text) => line(`Calculated: ${text}`)),
  ];
}

function signatureTable(of: RiskAssessment, signatures: readonly Signature[]): Content {
  const tall = (text: string): TableCell => ({ text, margin: [0, 8, 0, 2] });
  return table(
    ['Name', 'Signature', 'Date'],
    [160, '*', 130],
    [
      ...signatures.map(({ name, role, when }): TableCell[] => [
        tall([name, role].filter(Boolean).join(', ')),
        tall('signed in Hearty Stage'),
        tall(when),
      ]),
      ...unsigned(of, signatures).map((name): TableCell[] => [tall(name), '', '']),
    ],
  );
}

function whole(of: RiskAssessment): Content[] {
  const { substances, fire } = of;
  return [
    ...(substances.length > 0
      ? [
          titled('Substances'),
          table(
            SUBSTANCE_HEADS,
            [90, 50, 60, '*', 110],
            substances.map((one) => substanceCells(one)),
          ),
        ]
      : []),
    ...(fire.length > 0
      ? [
          titled('Fire'),
          table(
            FIRE_HEADS,
            [110, '*', 70, 120],
            fire.map((one) => fireCells(one)),
          ),
        ]
      : []),
    ...lines('Volunteers', of.volunteers),
    ...lines('The way there', of.journeys),
    ...(of.judged.length > 0 ? [titled('The show as a whole')] : []),
    ...of.judged.map((one): Content => ({
      margin: [0, 2, 0, 2],
      text: [
        { text: `${one.level}. `, bold: true },
        [one.what, one.remedy].filter(Boolean).join(' '),
        { text: ` ${[one.figure, one.source].filter(Boolean).join('; ')}`, color: MUTED },
      ],
    })),
    ...lines('Waived', of.waived),
  ];
}

export const risksPdf = (
  of: RiskAssessment,
  signatures: readonly Signature[] = [],
): Promise<Buffer> =>
  pdfOf(
    {
      pageMargins: [36, 36, 36, 44],
      info: { title: of.title },
      ...(of.draft ? { watermark: { text: 'DRAFT', color: '#8a1c00', opacity: 0.12 } } : {}),
      // A heading is not left alone at the foot of a page.
      pageBreakBefore: (node, nodes) =>
        node.headlineLevel === 1 && nodes.getFollowingNodesOnPage().length === 0,
      footer: (page, pages) => ({
        text: `${of.title}${of.draft ? ' · DRAFT' : ''} · ${page} of ${pages}`,
        alignment: 'center',
        color: MUTED,
        fontSize: 8,
        margin: [0, 12, 0, 0],
      }),
      content: [
        { text: of.title, bold: true, fontSize: 18 },
        { text: of.where, margin: [0, 2, 0, 4] },
        ...(of.draft
          ? [{ text: `${DRAFT}.`, bold: true, fontSize: 12, margin: [0, 0, 0, 4] } as Content]
          : []),
        { text: `Crew: ${of.crew}.` },
        { text: `Audience: ${of.audience}.` },
        { text: of.defers, margin: [0, 6, 0, 2], color: MUTED },
        ...lines('Open questions', of.open.map(openText)),
        ...lines('In an emergency', of.emergency),
        ...of.demos.flatMap(demoContent),
        { text: of.rating, margin: [0, 8, 0, 0], color: MUTED },
        ...whole(of),
        titled('Signed'),
        signatureTable(of, signatures),
      ],
    },
    9,
  );
