/** A show’s shot list on paper, a camera after another: when, what is in the picture, of what, how slow. */
import type { Content } from 'pdfmake/interfaces';
import type { ShowBundle } from '../../core/brief/types';
import type { Timeline } from '../../core/lineup/types';
import { type CameraShots, type Shot, shotsOf } from '../../core/ready/shots/shots';
import { CAMERA_WORDS, shotFaultWords, slowInWords } from '../../core/ready/shots/words';
import { formatClock, formatDuration, parseClock } from '../../core/time/clock';
import { pdfOf } from '../pdf';

const SIZE = 12;
const QUIET = '#6B5F56';

export async function shotsPdf(bundle: ShowBundle, timeline: Timeline): Promise<Buffer> {
  const { show, people } = bundle;
  const start = parseClock(show.start);
  const nameOf = (id: string): string => people.find((one) => one.id === id)?.name ?? 'Somebody';
  const who = ({ filming, shots }: CameraShots): string => {
    const person = shots.find(({ personId }) => personId !== null)?.personId;
    if (person) return nameOf(person);
    return filming?.personId === null ? 'on a stand' : 'nobody films it yet';
  };
  const row = (shot: Shot): Content[] => [
    {
      stack: [
        { text: formatClock(start + shot.start), bold: true },
        { text: `for ${formatDuration(shot.end - shot.start)}`, color: QUIET, fontSize: SIZE - 2 },
      ],
    },
    {
      stack: [
        { text: shot.view.sees || 'What is in the picture?', bold: true, fontSize: SIZE + 1 },
        `${shot.number}  ${shot.demo}: ${shot.step}`,
        ...(shot.view.slow ? [slowInWords(shot.view.slow)] : []),
        ...shot.faults
          .filter((fault) => fault !== 'nobody' && fault !== 'gone')
          .map((fault) => ({ text: shotFaultWords(shot, fault, nameOf), bold: true })),
      ],
    },
  ];
  const cameras = shotsOf(bundle, timeline);
  return pdfOf(
    {
      info: { title: `${show.title}: shot list` },
      pageMargins: [36, 36, 36, 36],
      content: [
        { text: show.title, bold: true, fontSize: 20 },
        `Shot list, ${show.date}, start at ${show.start}`,
        ...(cameras.length === 0 ? ['No camera sees anything yet.'] : []),
        ...cameras.flatMap((of): Content[] => [
          {
            text: `${CAMERA_WORDS[of.camera]}: ${who(of)}`,
            bold: true,
            fontSize: SIZE + 4,
            margin: [0, 14, 0, 4],
          },
          {
            layout: 'lightHorizontalLines',
            table: { widths: [64, '*'], dontBreakRows: true, body: of.shots.map(row) },
          },
        ]),
      ],
    },
    SIZE,
  );
}
