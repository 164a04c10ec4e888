/** A show’s script on cards to hold: A6, one a step, in letters one reads at arm’s length. */
import type { Content } from 'pdfmake/interfaces';
import type { ShowBundle } from '../../core/brief/types';
import type { Timeline } from '../../core/lineup/types';
import { cardsOf, type ScriptCard } from '../../core/ready/script/cards';
import { speakerName } from '../../core/ready/script/names';
import { scriptOf } from '../../core/ready/script/script';
import { formatClock, parseClock } from '../../core/time/clock';
import { pdfOf } from '../pdf';

const QUIET = '#6B5F56';
/** Letters of a card that fit in each size, with room for speakers and cues; beyond the last it goes on behind. */
const SIZES = [
  [160, 20],
  [280, 16],
  [420, 13],
] as const;
const LEAST_SIZE = 11;

const sizeFor = ({ lines }: ScriptCard): number => {
  const letters = lines.reduce((sum, { text, cue }) => sum + text.length + cue.length + 12, 0);
  return SIZES.find(([most]) => letters <= most)?.[1] ?? LEAST_SIZE;
};

/** `whose`: a person whose cards they are; without one everybody’s. */
export function scriptCards(
  bundle: ShowBundle,
  timeline: Timeline,
  whose: string | null,
): Promise<Buffer> {
  const { show, people } = bundle;
  const start = parseClock(show.start);
  const nameOf = (id: string): string => people.find((one) => one.id === id)?.name ?? '';
  const cards = cardsOf(scriptOf(bundle, timeline), whose);
  const card = (one: ScriptCard, i: number): Content => {
    const size = sizeFor(one);
    return {
      stack: [
        {
          columns: [
            { text: `${one.number}  ${one.demo}`, bold: true, fontSize: 13 },
            {
              text: `${formatClock(start + one.at)}   ${one.card} of ${one.cards}`,
              alignment: 'right',
              width: 90,
              fontSize: 11,
            },
          ],
        },
        { text: one.step, color: QUIET, fontSize: 11, margin: [0, 0, 0, 6] },
        ...(one.byHeart
          ? [{ text: 'Hands at work: learn this one.', bold: true, fontSize: 11 } as Content]
          : []),
        ...one.lines.map((line): Content => {
          const isMine = whose === null || line.personId === whose;
          return {
            text: [
              { text: `${speakerName(line, nameOf)}  `, color: QUIET, fontSize: 10 },
              ...(isMine && line.cue
                ? [{ text: `after “… ${line.cue}”  `, color: QUIET, fontSize: 10 }]
                : []),
              { text: line.text, bold: isMine, ...(!isMine && { color: QUIET }) },
            ],
            fontSize: isMine ? size : Math.min(size, 12),
            margin: [0, 2, 0, 2],
          };
        }),
        ...(one.cueToRoom
          ? [
              {
                table: { body: [[{ text: one.cueToRoom, bold: true }]] },
                margin: [0, 4, 0, 0],
              } as Content,
            ]
          : []),
      ],
      ...(i > 0 && { pageBreak: 'before' as const }),
    };
  };
  return pdfOf(
    {
      info: { title: `${show.title}: cards` },
      pageSize: 'A6',
      pageOrientation: 'landscape',
      pageMargins: [22, 20, 22, 18],
      content: cards.length > 0 ? cards.map(card) : [{ text: 'Nobody says anything yet.' }],
    },
    14,
  );
}
