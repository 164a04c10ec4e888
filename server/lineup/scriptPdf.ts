/** A show’s script on paper: 14 point, one person’s lines bold, cues boxed, room for notes on the left. */
import type { Content } from 'pdfmake/interfaces';
import type { ShowBundle } from '../../core/brief/types';
import type { Timeline } from '../../core/lineup/types';
import {
  type ScriptLine,
  scriptOf,
  type ScriptSlot,
  type ScriptStep,
} from '../../core/ready/script/script';
import { speakerName } from '../../core/ready/script/names';
import { formatClock, parseClock } from '../../core/time/clock';
import { pdfOf } from '../pdf';

const SIZE = 14;
/** Points kept free for notes. */
const NOTES = 90;

/** `whose`: a person whose lines are bold; without one all of them are alike. */
export async function scriptPdf(
  bundle: ShowBundle,
  timeline: Timeline,
  whose: string | null,
): Promise<Buffer> {
  const { show, people } = bundle;
  const start = parseClock(show.start);
  const nameOf = (id: string): string => people.find((one) => one.id === id)?.name ?? '';
  const line = (one: ScriptLine): Content => ({
    columns: [
      { text: speakerName(one, nameOf), width: 84, bold: true, fontSize: SIZE - 2 },
      {
        text: [
          ...(one.cue && (whose === null || one.personId === whose)
            ? [{ text: `after “… ${one.cue}”  `, color: '#6B5F56', fontSize: SIZE - 3 }]
            : []),
          { text: one.text, bold: whose !== null && one.personId === whose },
        ],
      },
    ],
    margin: [0, 2, 0, 2],
  });
  const step = (one: ScriptStep): Content[] => [
    { text: one.name, italics: false, color: '#6B5F56', fontSize: SIZE - 2, margin: [0, 8, 0, 1] },
    ...one.lines.map(line),
    ...(one.cueToRoom
      ? [
          {
            table: { body: [[{ text: one.cueToRoom, bold: true }]] },
            margin: [84, 2, 0, 4],
          } as Content,
        ]
      : []),
  ];
  const slot = (one: ScriptSlot): Content => ({
    stack: [
      {
        text: `${one.number}  ${one.name}   ${formatClock(start + (one.steps[0]?.at ?? 0))}`,
        bold: true,
        fontSize: SIZE + 3,
        margin: [0, 14, 0, 0],
      },
      ...one.steps
        .filter(({ lines, cueToRoom }) => lines.length > 0 || cueToRoom !== '')
        .flatMap(step),
    ],
  });
  const spoken = scriptOf(bundle, timeline);
  return pdfOf(
    {
      info: { title: `${show.title}: script` },
      pageMargins: [36 + NOTES, 36, 36, 36],
      footer: (page, count) => ({
        text: `${show.title}, ${page} of ${count}`,
        alignment: 'right',
        margin: [0, 8, 36, 0],
        fontSize: 10,
        color: '#6B5F56',
      }),
      content: [
        { text: show.title, bold: true, fontSize: 22 },
        {
          text: whose === null ? 'Script' : `Script, the lines of ${nameOf(whose)} in bold`,
          margin: [0, 2, 0, 0],
        },
        ...spoken.map(slot),
      ],
    },
    SIZE,
  );
}
