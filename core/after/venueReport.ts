/** One page for the venue: what was done there and when, what the room has to know, and what is still to do. */
import type { ShowBundle } from '../brief/types';
import { bullets, cell, part, table } from '../markdown';
import { cameTo } from '../stage/outcome';
import { takenWords } from '../stage/reactions';
import { readingsOfRun } from '../stage/readings';
import { readingInFull } from '../readings/words';
import type { Live, RunPlan } from '../stage/types';
import { formatDuration, sayDuration } from '../time/clock';
import { listInWords, upperFirst } from '../words';
import { reviewOf } from './review';

export interface ReportLine {
  /** Such as “14:02”; empty where it was not shown. */
  at: string;
  name: string;
  took: string;
  came: string;
}

export interface VenueReport {
  title: string;
  /** “Boat Shed, Sat 28 Nov 2026”. */
  where: string;
  /** Sentences on times and people, the first of which matters most. */
  head: string[];
  lines: ReportLine[];
  /** What the house should know: what was let out, wetted or left, and where it went. */
  house: string[];
  read: string[];
  asked: string[];
  noted: string[];
  toDo: string[];
}

interface Asked {
  /** Milliseconds since 1970 as the clock of the venue: “14:02”. */
  clock: (ms: number) => string;
  /** Of the show, in words. */
  date: string;
  followUps: readonly {
    words: string;
    ownerId: string | null;
    due: string | null;
    done: boolean;
  }[];
}

/** What the house should know of the methods that were shown, each once. */
function houseLines({ demos }: ShowBundle, plan: RunPlan, live: Live): string[] {
  return plan.slots.flatMap(({ id, demoId, methodId, name }) => {
    if (live.slots[id]?.status !== 'performed') return [];
    const method = demos
      .find((demo) => demo.id === demoId)
      ?.methods.find((one) => one.id === methodId);
    if (!method) return [];
    const kinds = new Set(method.hazards.map(({ kind }) => kind));
    const used = [
      kinds.has('smoke') && 'stage smoke',
      kinds.has('openFlame') && 'open flame',
      kinds.has('cryogen') && 'very cold liquid',
      method.needs.water && 'water',
      method.needs.drain && 'the drain',
    ].filter((one): one is string => one !== false);
    const words = [
      used.length > 0 ? `used ${listInWords(used)}.` : '',
      method.care.disposal,
    ].filter(Boolean);
    return words.length > 0 ? [`${name}: ${words.join(' ')}`] : [];
  });
}

function headOf({ show }: ShowBundle, plan: RunPlan, live: Live, { clock }: Asked): string[] {
  const { actualEnd, heldSeconds } = reviewOf(plan, live);
  if (live.startedAt === null || actualEnd === null) return ['Nothing was performed.'];
  const end = live.finishedAt ?? live.startedAt + actualEnd * 1000 + live.heldMs;
  const finish = plan.startsAt + plan.hardFinish * 1000;
  const spare = Math.round((finish - end) / 1000);
  const late = Math.round((live.startedAt - plan.startsAt) / 1000);
  const people = show.conditions.people ?? show.audience;
  return [
    `Began ${clock(live.startedAt)}${late >= 60 ? `, ${sayDuration(late)} after the time booked` : ''}; ended ${clock(end)}, ${sayDuration(Math.abs(spare))} ${spare < 0 ? 'past' : 'before'} the finish at ${clock(finish)}.`,
    ...(heldSeconds > 0 ? [`Held for ${sayDuration(heldSeconds)}.`] : []),
    show.conditions.people === null
      ? `About ${people} people were expected.`
      : `${people} people were in the room, the crew included.`,
    ...live.because.map(({ moment, text }) => `${clock(moment)}: ${text}.`),
  ];
}

export function venueReport(
  bundle: ShowBundle,
  plan: RunPlan,
  live: Live,
  asked: Asked,
): VenueReport {
  const { rows } = reviewOf(plan, live);
  const person = (id: string | null): string =>
    bundle.people.find((one) => one.id === id)?.name ?? 'nobody yet';
  return {
    title: plan.title,
    where: [bundle.venue?.name, asked.date].filter(Boolean).join(', '),
    head: headOf(bundle, plan, live, asked),
    lines: rows.map(({ slotId, name, actualSeconds }): ReportLine => {
      const visit = live.visits.find((one) => one.slot === slotId);
      const reaction = live.reactions[slotId];
      const { seen, words } = cameTo(live, slotId);
      return {
        at: seen && visit ? asked.clock(visit.from) : '',
        name,
        took: seen && actualSeconds !== null ? formatDuration(actualSeconds) : '',
        came: [words, reaction && takenWords(reaction.value)].filter(Boolean).join('; '),
      };
    }),
    house: houseLines(bundle, plan, live),
    read: readingsOfRun(plan, live).flatMap(({ slot, result, go, taken }) =>
      taken === null || taken.value === null
        ? []
        : [
            `${slot.name}${go > 1 ? `, go ${go}` : ''}: ${result.name.toLowerCase()} ${readingInFull(result, taken.value)}`,
          ],
    ),
    asked: live.questions.map(({ text }) => `“${text}”`),
    // What is noted of one demonstration is the crew’s own.
    noted: live.notes.filter(({ slot }) => slot === null).map(({ text }) => text),
    toDo: asked.followUps
      .filter(({ done }) => !done)
      .map(
        ({ words, ownerId, due }) =>
          `${words}: ${person(ownerId)}${due === null ? '' : `, by ${due}`}`,
      ),
  };
}

export const REPORT_HEADS = ['At', 'Demonstration', 'Took', 'How it went'] as const;

/** The parts after the table, each under its heading. */
export const reportParts = (report: VenueReport): [title: string, lines: string[]][] => [
  ['For the house', report.house],
  ['Read', report.read],
  ['Asked by the audience', report.asked],
  ['Noted', report.noted],
  ['Still to do', report.toDo],
];

export const reportMarkdown = (report: VenueReport): string =>
  [
    `# ${cell(report.title)}`,
    '',
    cell(report.where),
    '',
    ...bullets(report.head.map(upperFirst)),
    ...table(
      REPORT_HEADS,
      report.lines.map(({ at, name, took, came }) => [at, name, took, came]),
    ),
    ...reportParts(report).flatMap(([title, lines]) => part(title, bullets(lines))),
  ]
    .join('\n')
    .trimEnd()
    .concat('\n');
