/** The booking as a page to send to the host: what was agreed, the day, who comes, what is asked, what is known. */
import type { Content } from 'pdfmake/interfaces';
import type { ShowBundle } from '../../core/brief/types';
import type { Timeline } from '../../core/lineup/types';
import { type Asked, hostQuestions } from '../../core/ready/ask/questions';
import { parseClock, sayDuration } from '../../core/time/clock';
import { listInWords } from '../../core/words';
import { pdfOf } from '../pdf';

const SIZE = 11;
const QUIET = '#6B5F56';

const heading = (text: string): Content => ({
  text,
  bold: true,
  fontSize: SIZE + 3,
  margin: [0, 14, 0, 4],
});

const day = (date: string): string =>
  new Intl.DateTimeFormat('en-GB', { dateStyle: 'full', timeZone: 'UTC' }).format(
    new Date(`${date}T00:00:00Z`),
  );

export async function briefPdf(
  bundle: ShowBundle,
  timeline: Timeline,
  shortBy: number,
): Promise<Buffer> {
  const { show, venue, people } = bundle;
  const asked = hostQuestions(bundle, timeline, shortBy);
  const open = asked.filter(({ answer }) => answer === null);
  const known = asked.filter(({ answer }) => answer !== null);
  const crew = people.filter(({ id }) => show.crew.includes(id));
  const between = (from: string, to: string): string =>
    sayDuration(parseClock(to) - parseClock(from));
  const hours: [string, string][] = [
    [show.arrival, `we are at the venue; ${between(show.arrival, show.doors)} to set up`],
    [show.doors, 'people are let in'],
    [show.start, `the show begins; ${between(show.start, show.hardFinish)}`],
    [show.hardFinish, 'it must be over'],
  ];
  const question = ({ ask, why }: Asked): Content => ({
    margin: [0, 3, 0, 3],
    stack: [
      { text: ask, bold: true },
      ...(why ? [{ text: why, color: QUIET, fontSize: SIZE - 1 }] : []),
      {
        margin: [0, 16, 0, 0],
        canvas: [{ type: 'line' as const, x1: 0, y1: 0, x2: 520, y2: 0, lineWidth: 0.5 }],
      },
    ],
  });
  const audience = [
    `${show.audience} people`,
    show.audienceNote && `: ${show.audienceNote}`,
    show.youngest === null ? '' : `, the youngest about ${show.youngest}`,
  ].join('');
  return pdfOf(
    {
      info: { title: `${show.title}: brief` },
      pageMargins: [36, 36, 36, 36],
      content: [
        { text: show.title, bold: true, fontSize: 22 },
        {
          text: `${day(show.date)}, ${show.start} to ${show.hardFinish}, ${venue?.name ?? 'no venue yet'}, for ${audience}.`,
          fontSize: SIZE + 2,
          margin: [0, 4, 0, 0],
        },
        {
          text: show.agreed
            ? ['Agreed', show.agreedWith && `with ${show.agreedWith}`].filter(Boolean).join(' ')
            : 'Not agreed yet',
          bold: true,
          margin: [0, 4, 0, 0],
        },
        heading('The day'),
        {
          layout: 'noBorders',
          table: {
            widths: [48, '*'],
            body: hours.map(([at, words]) => [{ text: at, bold: true }, words]),
          },
        },
        heading('Who comes'),
        crew.length === 0
          ? 'Nobody is named yet.'
          : listInWords(
              crew.map(({ name, role }) => (role ? `${name} (${role.toLowerCase()})` : name)),
            ),
        ...(open.length > 0 ? [heading('We would like to know'), ...open.map(question)] : []),
        ...(known.length > 0
          ? [
              heading('What we know; please say what is not so'),
              {
                layout: 'lightHorizontalLines',
                table: {
                  widths: ['*', '*'],
                  body: known.map(({ ask, answer }) => [
                    { text: ask, color: QUIET },
                    { text: answer ?? '', bold: true },
                  ]),
                },
              } as Content,
            ]
          : []),
        ...(show.note ? [heading('Notes'), show.note] : []),
      ],
    },
    SIZE,
  );
}
