/** The running order for the wings on one page. */
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { Call, CallSheet } from '../../core/lineup/callSheet';
import { pdfOf } from '../pdf';

/** Sizes tried, in points, until it fits on a page. */
const SIZES = [10, 9, 8, 7.2, 6.5, 5.8, 5.2];

/** Below this size calls run on in one line, instead of a line each. */
const RUN_ON = 8;

const plainCall = ({ time, who, what, forSlot, minutes }: Call): string =>
  `${time}  ${who}: ${what} (${forSlot}), ${minutes}`;

const lines = (calls: readonly Call[], size: number): Content[] =>
  size >= RUN_ON
    ? calls.map((c): Content => ({ text: plainCall(c), margin: [0, 1, 0, 0] }))
    : calls.length > 0
      ? [{ text: calls.map(plainCall).join('   ·   ') }]
      : [];

function definition(
  sheet: CallSheet,
  below: string,
  size: number,
  onPages: (count: number) => void,
): TDocumentDefinitions {
  const list = (title: string, all: readonly Call[]): Content[] =>
    all.length === 0
      ? []
      : [{ text: title, bold: true, margin: [0, size, 0, 2] }, ...lines(all, size)];
  const rows = sheet.slots.flatMap((slot): TableCell[][] => [
    [
      { text: slot.time, bold: true, fontSize: size * 1.4 },
      { text: String(slot.number), bold: true, fontSize: size * 1.4 },
      {
        stack: [
          {
            text: [
              { text: slot.name, bold: true, fontSize: size * 1.25 },
              ...(slot.method ? [{ text: `  ${slot.method}` }] : []),
            ],
          },
          ...lines(slot.calls, size),
        ],
      },
      { text: [slot.performer, slot.position].filter(Boolean).join('\n') },
      {
        text: slot.deadAir ? `${slot.length}\nafter ${slot.deadAir} dead air` : slot.length,
        alignment: 'right',
      },
    ],
  ]);
  return {
    pageMargins: [36, 32, 36, 32],
    info: { title: sheet.title },
    footer: (_page, count) => {
      onPages(count);
      return '';
    },
    content: [
      { text: sheet.title, bold: true, fontSize: 20 },
      { text: below, margin: [0, 2, 0, 6] },
      ...list('Before the show', sheet.before),
      {
        margin: [0, 8, 0, 0],
        layout: 'lightHorizontalLines',
        table: {
          headerRows: 1,
          widths: ['auto', 'auto', '*', 'auto', 'auto'],
          body: [
            ['Time', '', 'Audience sees, and what begins behind it', 'Who, where', 'Length'].map(
              (text): TableCell => ({ text, color: '#6B5F56' }),
            ),
            ...rows,
          ],
        },
      },
      ...list('Afterwards', sheet.after),
      {
        text: `${sheet.ending.headline}, ${sheet.ending.by}; hard finish ${sheet.hardFinish}.`,
        bold: true,
        margin: [0, 8, 0, 0],
      },
      { text: `${sheet.ending.written}. ${sheet.ending.why}`, margin: [0, 2, 0, 0] },
      { text: sheet.ending.guesses },
    ],
  };
}

/** `below` is the line beneath the title: where and when. */
export async function sheetPdf(sheet: CallSheet, below: string): Promise<Buffer> {
  let pdf: Buffer = Buffer.alloc(0);
  for (const size of SIZES) {
    let pages = 0;
    pdf = await pdfOf(
      definition(sheet, below, size, (count) => (pages = count)),
      size,
    );
    if (pages <= 1) break;
  }
  return pdf;
}
