/** What is packed, box by box in the order to load them, on one page to tick by hand. */
import type { Column, Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { weightWords } from '../../core/kit/labels';
import { type PackLine, type PackedBox, standsUpright, weightOf } from '../../core/kit/packing';
import { counted } from '../../core/words';
import { pdfOf } from '../pdf';

/** Sizes tried, in points, until it fits on a page. */
const SIZES = [13, 12, 11, 10, 9, 8, 7.2, 6.4];
const COLUMNS = 3;

export interface PackingPaper {
  title: string;
  /** When and where, and for how many. */
  below: string;
  packed: readonly PackedBox[];
  /** “4 short”; empty for what is there. */
  shortOf: (line: PackLine) => string;
}

const EMBER = '#B5401C';
const MUTED = '#6B5F56';

const nameOf = ({ box }: PackedBox): string =>
  box ? `${box.number}  ${box.name}` : 'By hand, in no box';

const square = (size: number): Column => ({
  width: size,
  margin: [0, size * 0.18, 0, 0],
  canvas: [{ type: 'rect', x: 0, y: 0, w: size * 0.72, h: size * 0.72, lineWidth: 0.8 }],
});

function thing(line: PackLine, short: string, size: number): Content {
  const { entry, item } = line;
  const test = item.functionTest;
  return {
    unbreakable: true,
    margin: [0, size * 0.12, 0, 0],
    stack: [
      {
        columnGap: 3,
        columns: [
          square(size),
          {
            text: [
              { text: `${entry.approximate ? 'about ' : ''}${entry.text} `, bold: true },
              entry.name,
              ...(standsUpright(line) ? [{ text: '  upright', color: MUTED }] : []),
              ...(short === '' ? [] : [{ text: `  ${short}`, bold: true, color: EMBER }]),
            ],
          },
        ],
      },
      ...(test === ''
        ? []
        : [
            {
              margin: [size + 3, 0, 0, 0] as [number, number, number, number],
              columnGap: 3,
              columns: [square(size * 0.9), { text: `test: ${test}`, fontSize: size * 0.9 }],
            },
          ]),
    ],
  };
}

const boxOf = (packed: PackedBox, { shortOf }: PackingPaper, size: number): Content => ({
  margin: [0, 0, 0, size],
  stack: [
    { text: nameOf(packed), bold: true, fontSize: size * 1.3 },
    {
      text: `${weightWords(packed)}, ${counted(packed.lines.length, 'thing')}`,
      color: MUTED,
      margin: [0, 0, 0, 1],
    },
    ...packed.lines.map((line) => thing(line, shortOf(line), size)),
  ],
});

/** Lines that a box takes, about. */
const lengthOf = ({ lines }: PackedBox): number =>
  3 + lines.reduce((sum, { item }) => sum + (item.functionTest === '' ? 1 : 2), 0);

/** The boxes in their order over columns of about the same length. */
function inColumns(packed: readonly PackedBox[]): PackedBox[][] {
  const each = packed.reduce((sum, one) => sum + lengthOf(one), 0) / COLUMNS;
  const columns: PackedBox[][] = Array.from({ length: COLUMNS }, () => []);
  let length = 0;
  for (const one of packed) {
    const middle = length + lengthOf(one) / 2;
    columns[Math.min(COLUMNS - 1, Math.floor(middle / each))]?.push(one);
    length += lengthOf(one);
  }
  return columns;
}

function definition(
  paper: PackingPaper,
  size: number,
  onPages: (count: number) => void,
): TDocumentDefinitions {
  const { packed, title, below } = paper;
  return {
    pageMargins: [32, 28, 32, 28],
    info: { title: `Packing: ${title}` },
    footer: (_page, count) => {
      onPages(count);
      return '';
    },
    content: [
      { text: title, bold: true, fontSize: 20 },
      { text: below, margin: [0, 2, 0, 0] },
      packed.length === 0
        ? { text: 'Nothing to pack yet.', margin: [0, 12, 0, 0] }
        : {
            text: `Boxes in the order to load them, in all ${weightWords(weightOf(packed))}; in each from the bottom up.`,
            color: MUTED,
            margin: [0, 2, 0, size],
          },
      {
        columnGap: 16,
        columns: inColumns(packed).map((column) => ({
          width: '*',
          stack: column.map((one) => boxOf(one, paper, size)),
        })),
      },
    ],
  };
}

export async function packingPdf(paper: PackingPaper): Promise<Buffer> {
  let pdf: Buffer = Buffer.alloc(0);
  for (const size of SIZES) {
    let pages = 0;
    pdf = await pdfOf(
      definition(paper, size, (count) => (pages = count)),
      size,
    );
    if (pages <= 1) break;
  }
  return pdf;
}
