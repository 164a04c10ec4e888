/** The risk assessment of a show: what could hurt whom, what is done about it, what is left. */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import { FIRST_AID, AT_RISK_WORDS, HAZARD_WORDS } from '../repertoire/hazards';
import { RISK_LEVEL_WORDS, riskLevel } from '../repertoire/matrix';
import type { HandRole } from '../repertoire/types';
import { counted, listInWords, thingsInWords } from '../words';
import { formatClock, parseClock } from '../time/clock';
import { wearersOf } from './gear';
import { judge } from './judge';
import { EXTINGUISHER_WORDS } from './words';
import { LEVEL_WORDS, type Verdict } from './verdict';
import { fetchings, volunteerWords } from './volunteers';

export interface RiskRow {
  hazard: string;
  who: string;
  control: string;
  rest: string;
  firstAid: string;
}

export interface RiskDemo {
  number: number;
  time: string;
  name: string;
  method: string;
  place: string;
  rows: RiskRow[];
  /** Gear, fire, disposal, warning, volunteers: one line each. */
  lines: string[];
}

export interface RiskAssessment {
  title: string;
  where: string;
  crew: string;
  audience: string;
  demos: RiskDemo[];
  /** Of the show as a whole, the worst first: what is judged and how it stands. */
  judged: { level: string; what: string; remedy: string; figure: string; source: string }[];
  defers: string;
  signed: string[];
}

/** What every page of it says. */
export const DEFERS =
  'Drawn up from the line-up. It shows what was calculated, against which figure, from which source. Local rules, the venue, the supplier’s safety data sheet and a competent person decide; where they ask for more, theirs holds. Medical questions are for those trained in them.';

const HOLDER: Record<HandRole, string> = {
  performer: 'the performer',
  helper: 'a helper',
  anyone: 'one of the crew',
};

function linesOf(resolved: ResolvedSlot, timeline: Timeline, bundle: ShowBundle): string[] {
  const { slot, method } = resolved;
  const nameOf = (id: string): string =>
    bundle.people.find((p) => p.id === id)?.name ?? 'Whoever does it';
  const wearers = wearersOf(resolved, timeline);
  const named = [...new Set(method.tasks.flatMap((task) => task.gearOn))];
  const { extinguisher, heldBy, disposal } = method.care;
  const volunteers = fetchings(bundle, timeline).find((one) => one.slotId === slot.id);
  return [
    ...(wearers.length > 0 || named.length === 0
      ? wearers.map(({ personId, gear }) => `${nameOf(personId)} wears: ${thingsInWords(gear)}.`)
      : [`Whoever does it wears: ${thingsInWords(named)}.`]),
    ...(extinguisher !== 'none'
      ? [
          `Fire: ${EXTINGUISHER_WORDS[extinguisher]}, held by ${heldBy ? HOLDER[heldBy] : 'nobody named'}.`,
        ]
      : []),
    ...(method.warning ? [`Said before: “${method.warning}”`] : []),
    ...(volunteers
      ? [`${counted(volunteers.count, 'volunteer')}. ${volunteerWords(volunteers.card)}`]
      : []),
    ...(disposal ? [`Afterwards: ${disposal}`] : []),
  ];
}

const sentence = ({ title, message }: Verdict): string => `${title}: ${message}`;

/** Everything comes from the line-up, the methods, the venue and the day's figures; nothing is retyped. */
export function riskAssessment(bundle: ShowBundle, timeline: Timeline): RiskAssessment {
  const { show, venue } = bundle;
  const start = parseClock(show.start);
  const slots = resolveSlots(bundle).filter(({ slot }) => slot.talk === null);
  const crew = show.crew.flatMap((id) => bundle.people.find((p) => p.id === id) ?? []);
  return {
    title: `Risk assessment: ${show.title}`,
    where: [venue?.name ?? 'no venue yet', venue?.address, `${show.date}, ${show.start}`]
      .filter(Boolean)
      .join(' · '),
    crew: listInWords(crew.map((p) => (p.role ? `${p.name} (${p.role})` : p.name))) || 'nobody yet',
    audience: [`${show.audience}`, show.audienceNote].filter(Boolean).join(', '),
    demos: slots.map((resolved, i) => {
      const { slot, demo, method, position } = resolved;
      const block = timeline.blocks.find((b) => b.slot === slot.id);
      return {
        number: i + 1,
        time: block ? formatClock(start + block.start) : '',
        name: demo.name,
        method: method.name,
        place: position?.name ?? '',
        rows: method.hazards.map((hazard) => ({
          hazard: HAZARD_WORDS[hazard.kind],
          who: listInWords(hazard.atRisk.map((one) => AT_RISK_WORDS[one])) || 'not said',
          control: hazard.control || 'none named',
          rest: hazard.after ? RISK_LEVEL_WORDS[riskLevel(hazard.after)] : 'not rated',
          firstAid: hazard.firstAid || FIRST_AID[hazard.kind],
        })),
        lines: linesOf(resolved, timeline, bundle),
      };
    }),
    judged: judge(bundle, timeline).map((one) => ({
      level: LEVEL_WORDS[one.level],
      what: sentence(one),
      remedy: one.remedy,
      figure: one.limit ? `held against ${one.limit}` : '',
      source: one.source,
    })),
    defers: DEFERS,
    signed: crew.map((p) => p.name),
  };
}

/** Words as they are, in one line: nothing in them is taken for markup, for HTML or for the end of a cell. */
const cell = (text: string): string =>
  text
    .replace(/\s*\n\s*/g, ' ')
    .replace(/[\\`*_[\]|~]/g, '\\$&')
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/^(\s*)([-+#])/, '$1\\$2')
    .replace(/^(\s*\d+)([.)])/, '$1\\$2');

/** The same as Markdown. */
export function risksMarkdown(of: RiskAssessment): string {
  const lines = [
    `# ${cell(of.title)}`,
    '',
    cell(of.where),
    '',
    `Crew: ${cell(of.crew)}. Audience: ${cell(of.audience)}.`,
    '',
    of.defers,
    '',
  ];
  for (const demo of of.demos) {
    lines.push(
      `## ${demo.number}. ${cell(`${demo.name}, ${demo.method}`)}`,
      '',
      cell([demo.time, demo.place].filter(Boolean).join(', ')),
      '',
    );
    if (demo.rows.length > 0)
      lines.push(
        '| Hazard | Who is at risk | Control | Remaining risk | First aid |',
        '| --- | --- | --- | --- | --- |',
        ...demo.rows.map(
          (row) =>
            `| ${[row.hazard, row.who, row.control, row.rest, row.firstAid].map(cell).join(' | ')} |`,
        ),
        '',
      );
    else lines.push('No hazard is listed.', '');
    lines.push(...demo.lines.map((line) => `- ${cell(line)}`), '');
  }
  lines.push('## The show as a whole', '');
  lines.push(
    ...of.judged.map(
      (one) =>
        `- **${one.level}.** ${cell([one.what, one.remedy, one.figure, one.source && `(${one.source})`].filter(Boolean).join(' '))}`,
    ),
    '',
    '## Signed',
    '',
    ...[...of.signed, 'For the venue'].map(
      (name) => `- ${cell(name)}: ______________________ date __________`,
    ),
    '',
  );
  return lines.join('\n');
}
