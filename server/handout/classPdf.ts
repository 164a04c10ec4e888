/** Observation sheets for a class: one page for each group, with what it chose among, and room to write. */
import type { Content } from 'pdfmake/interfaces';
import type { ShowBundle } from '../../core/brief/types';
import type { KnownRecord } from '../../core/kit/sets';
import { type ClassSheet, classSheets } from '../../core/ready/atHome/classSheet';
import { HOME_CAUTION, thingWords } from '../../core/ready/atHome/words';
import { pdfOf } from '../pdf';

const SIZE = 12;
const QUIET = '#6B5F56';
/** Room to write a line by hand, points. */
const LINE = 24;

const toWriteOn = (count: number): Content[] =>
  Array.from({ length: count }, () => ({
    margin: [0, LINE, 0, 0],
    canvas: [{ type: 'line' as const, x1: 0, y1: 0, x2: 520, y2: 0, lineWidth: 0.6 }],
  }));

const heading = (text: string): Content => ({
  text,
  bold: true,
  fontSize: SIZE + 2,
  margin: [0, 12, 0, 2],
});

const sheet = (one: ClassSheet, show: string, isLast: boolean): Content => ({
  ...(isLast ? {} : { pageBreak: 'after' as const }),
  stack: [
    { text: one.name, bold: true, fontSize: SIZE + 10 },
    { text: `${show}. Group: ______________________________`, color: QUIET, margin: [0, 4, 0, 0] },
    heading('You need'),
    { ul: one.things.map(thingWords) },
    ...(one.conditions.length > 0 ? [one.conditions.join(', ')] : []),
    heading('What will happen? Say it before you begin'),
    ...(one.ask ? [one.ask] : []),
    ...(one.options.length > 0
      ? [{ text: one.options.map((option) => `[   ] ${option}`).join('     ') }]
      : toWriteOn(1)),
    heading('Do'),
    // The library writes into the lists that it is given.
    { ol: [...one.steps] },
    ...(one.mind.length > 0 ? [{ text: `Careful: ${one.mind.join(' ')}`, color: QUIET }] : []),
    heading('What happened'),
    ...(one.readings.length > 0
      ? [
          {
            table: {
              widths: one.readings.map(() => '*'),
              heights: (row: number) => (row === 0 ? 16 : LINE),
              body: [
                [...one.readings],
                ...Array.from({ length: 3 }, () => one.readings.map(() => '')),
              ],
            },
            margin: [0, 4, 0, 0],
          } as Content,
        ]
      : []),
    ...toWriteOn(3),
    heading('Why, do you think?'),
    ...toWriteOn(2),
    ...one.questions.map((question): Content => ({ text: `? ${question}`, margin: [0, 8, 0, 0] })),
  ],
});

/** A copy for every group that may choose it, of each that may be done; those that may not are left out. */
export function classPdf(bundle: ShowBundle, records: readonly KnownRecord[]): Promise<Buffer> {
  const { show } = bundle;
  const sheets = classSheets(bundle, records).filter(({ may }) => may);
  const copies = sheets.flatMap((one) => Array.from({ length: one.sets.chosenBy }, () => one));
  return pdfOf(
    {
      info: { title: `${show.title}: observation sheets` },
      pageMargins: [36, 36, 36, 46],
      footer: { text: HOME_CAUTION, margin: [36, 4, 36, 0], fontSize: 8, color: QUIET },
      content:
        copies.length === 0
          ? ['Nothing to choose from yet that may be done in class.']
          : copies.map((one, i) => sheet(one, show.title, i === copies.length - 1)),
    },
    SIZE,
  );
}
