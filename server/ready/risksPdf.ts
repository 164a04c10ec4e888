/** The risk assessment as pages to print and sign. */
import type { Content, TableCell } from 'pdfmake/interfaces';
import type { RiskAssessment, RiskDemo } from '../../core/ready/risks';
import { pdfOf } from '../pdf';

const MUTED = '#6B5F56';

const head = (texts: readonly string[]): TableCell[] =>
  texts.map((text): TableCell => ({ text, color: MUTED, fontSize: 8 }));

function demoContent(demo: RiskDemo): Content[] {
  const where = [demo.time, demo.place].filter(Boolean).join(', ');
  return [
    {
      text: [
        { text: `${demo.number}  ${demo.name}`, bold: true, fontSize: 12 },
        { text: `  ${[demo.method, where].filter(Boolean).join(' · ')}`, color: MUTED },
      ],
      margin: [0, 10, 0, 3],
    },
    demo.rows.length === 0
      ? { text: 'No hazard is listed.' }
      : {
          layout: 'lightHorizontalLines',
          table: {
            headerRows: 1,
            dontBreakRows: true,
            widths: [72, 62, '*', 34, '*'],
            body: [
              head(['Hazard', 'Who is at risk', 'Control', 'Remaining risk', 'First aid']),
              ...demo.rows.map((row): TableCell[] => [
                { text: row.hazard, bold: true },
                row.who,
                row.control,
                row.rest,
                row.firstAid,
              ]),
            ],
          },
        },
    ...demo.lines.map((text): Content => ({ text, margin: [0, 2, 0, 0] })),
  ];
}

export const risksPdf = (of: RiskAssessment): Promise<Buffer> =>
  pdfOf(
    {
      pageMargins: [36, 36, 36, 44],
      info: { title: of.title },
      footer: (page, pages) => ({
        text: `${of.title} · ${page} of ${pages}`,
        alignment: 'center',
        color: MUTED,
        fontSize: 8,
        margin: [0, 12, 0, 0],
      }),
      content: [
        { text: of.title, bold: true, fontSize: 18 },
        { text: of.where, margin: [0, 2, 0, 4] },
        { text: `Crew: ${of.crew}. Audience: ${of.audience}.` },
        { text: of.defers, margin: [0, 6, 0, 2], color: MUTED },
        ...of.demos.flatMap(demoContent),
        { text: 'The show as a whole', bold: true, fontSize: 12, margin: [0, 12, 0, 3] },
        ...of.judged.map((one): Content => ({
          margin: [0, 2, 0, 2],
          text: [
            { text: `${one.level}. `, bold: true },
            [one.what, one.remedy].filter(Boolean).join(' '),
            { text: ` ${[one.figure, one.source].filter(Boolean).join('; ')}`, color: MUTED },
          ],
        })),
        { text: 'Signed', bold: true, fontSize: 12, margin: [0, 14, 0, 4] },
        {
          layout: 'lightHorizontalLines',
          table: {
            widths: [140, '*', 90],
            body: [
              head(['Name', 'Signature', 'Date']),
              ...[...of.signed, 'For the venue'].map((name): TableCell[] => [
                { text: name, margin: [0, 8, 0, 2] },
                '',
                '',
              ]),
            ],
          },
        },
      ],
    },
    9,
  );
