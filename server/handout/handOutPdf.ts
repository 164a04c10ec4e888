/** The hand-out of a show on one page: what was seen, why, what may be tried at home, what to think about. */
import type { Content } from 'pdfmake/interfaces';
import type { ShowBundle } from '../../core/brief/types';
import { handOutOf, mayBeTried, type SheetEntry } from '../../core/ready/atHome/sheet';
import { ALLOWED_WORDS, HOME_CAUTION, thingWords } from '../../core/ready/atHome/words';
import { onOnePage } from './onePage';

const SIZES = [11, 10, 9, 8] as const;
/** What the heads of an entry take, in characters of its text. */
const HEAD = 120;
const QUIET = '#6B5F56';

export function handOutPdf(
  bundle: ShowBundle,
  currency: string,
  without: ReadonlySet<string>,
): Promise<Buffer> {
  const money = new Intl.NumberFormat('en', { style: 'currency', currency });
  const entries = handOutOf(bundle).filter(({ demoId }) => !without.has(demoId));
  const atHome = ({ judged, steps, things, mind, cost, whyNot }: SheetEntry): Content[] => {
    if (!mayBeTried(judged.allowed)) return whyNot ? [whyNot] : [];
    const need = things.map(thingWords).join(', ');
    return [
      {
        text: [
          { text: 'You need ', bold: true },
          need,
          ...(cost !== null && cost > 0 ? [`, about ${money.format(cost / 100)}`] : []),
          ...(judged.conditions.length > 0 ? [`; ${judged.conditions.join(', ')}`] : []),
        ],
      },
      // The library writes into the lists that it is given.
      { ol: [...steps] },
      ...(mind.length > 0
        ? [{ text: [{ text: 'Careful: ', bold: true }, mind.join(' ')], color: QUIET }]
        : []),
    ];
  };
  const entry = (one: SheetEntry, size: number): Content => ({
    unbreakable: true,
    margin: [0, 0, 0, size],
    stack: [
      { text: one.name, bold: true, fontSize: size + 3 },
      ...(one.saw ? [{ text: one.saw, bold: true }] : []),
      ...(one.why ? [one.why] : []),
      ...(one.judged.allowed === 'unknown'
        ? []
        : [
            {
              text: ALLOWED_WORDS[one.judged.allowed],
              bold: true,
              margin: [0, 3, 0, 0],
            } as Content,
            ...atHome(one),
          ]),
      ...one.questions.map((question): Content => ({
        text: `? ${question}`,
        margin: [0, 2, 0, 0],
      })),
    ],
  });
  /** In two columns of about the same length, read down the left first. */
  const columns = (size: number): Content => {
    const long = entries.map(({ saw, why, whyNot, steps, mind, questions }) =>
      [saw, why, whyNot, ...steps, ...mind, ...questions].reduce(
        (sum, text) => sum + text.length,
        HEAD,
      ),
    );
    const half = long.reduce((sum, length) => sum + length, 0) / 2;
    let sum = 0;
    const left = long.findIndex((length) => (sum += length) >= half) + 1;
    return {
      columnGap: 22,
      columns: [entries.slice(0, left), entries.slice(left)].map((some) => ({
        stack: some.map((one) => entry(one, size)),
      })),
    };
  };
  return onOnePage(
    (size) => ({
      info: { title: `${bundle.show.title}: hand-out` },
      pageMargins: [36, 32, 36, 46],
      footer: { text: HOME_CAUTION, margin: [36, 4, 36, 0], fontSize: 8, color: QUIET },
      content: [
        { text: bundle.show.title, bold: true, fontSize: size + 11 },
        { text: 'What we saw, and what to do with it', margin: [0, 0, 0, size] },
        entries.length === 0 ? 'Nothing is in the line-up yet.' : columns(size),
      ],
    }),
    SIZES,
  );
}
