/** Draws up the risk assessment of a show. */
import type { ShowBundle } from '../../brief/types';
import { type ResolvedSlot, resolveSlots } from '../../lineup/fromBundle';
import type { Timeline } from '../../lineup/types';
import { AT_RISK_WORDS, FIRST_AID, HAZARD_WORDS } from '../../repertoire/hazards';
import {
  LIKELIHOOD_WORDS,
  ratingText,
  type RiskMatrix,
  SEVERITY_WORDS,
} from '../../repertoire/matrix';
import type { Hazard } from '../../repertoire/types';
import { formatClock, parseClock } from '../../time/clock';
import { counted, listInWords, lowerFirst, thingsInWords } from '../../words';
import { wearersOf } from '../gear';
import { type Readiness, type ReadinessContext, readiness } from '../go';
import { findingsOf } from '../hazards/answers';
import { holdersOf } from '../hazards/holders';
import { LEVEL_WORDS, type Verdict } from '../verdict';
import { fetchings, volunteerWords } from '../volunteers';
import { EXTINGUISHER_WORDS } from '../words';
import {
  nameIn,
  sentenceOf,
  audienceWords,
  crewWords,
  emergencyLines,
  journeyLines,
  waivedLines,
} from './lines';
import { openQuestions } from './open';
import { substancesOf } from './substances';
import type { FireRow, RiskAssessment, RiskDemo, RiskRow } from './types';

/** What every page of it says. */
export const DEFERS =
  'Drawn up from the line-up. It shows what was calculated, against which figure, from which source. Local rules, the venue, the supplier’s safety data sheet and a competent person decide; where they ask for more, theirs holds. Medical questions are for those trained in them.';

interface Drawn {
  bundle: ShowBundle;
  timeline: Timeline;
  ready: Readiness;
}

/** Told of where it belongs: with its demonstration, or with the way there. */
const toldElsewhere = ({ kind, slotIds }: Verdict): boolean =>
  kind === 'hazard' || kind === 'journey' || (kind === 'calculator' && slotIds.length > 0);

const matrixWords = ({ medium, high, extreme }: RiskMatrix): string =>
  `Likelihood (1 ${LIKELIHOOD_WORDS[0]} to 5 ${LIKELIHOOD_WORDS[4]}) × severity (1 ${SEVERITY_WORDS[0]} to 5 ${SEVERITY_WORDS[4]}): medium from ${medium}, high from ${high}, extreme from ${extreme}.`;

function rowOf({ bundle, timeline }: Drawn, resolved: ResolvedSlot, hazard: Hazard): RiskRow {
  // The first finding is about the words of its control, which stand by themselves.
  const [, ...found] = findingsOf({ bundle, timeline, resolved, hazard });
  return {
    hazard: HAZARD_WORDS[hazard.kind],
    who: listInWords(hazard.atRisk.map((one) => AT_RISK_WORDS[one])) || 'not said',
    control: hazard.control || 'none named',
    answered: found.flatMap((one) => ('answered' in one ? one.answered || [] : [])).join('; '),
    open: found.flatMap((one) => ('open' in one ? one.open : [])).join('; '),
    before: ratingText(hazard.before, bundle.riskMatrix),
    after: ratingText(hazard.after, bundle.riskMatrix),
    firstAid: hazard.firstAid || FIRST_AID[hazard.kind],
  };
}

function linesOf({ bundle, timeline }: Drawn, resolved: ResolvedSlot): string[] {
  const { slot, method } = resolved;
  const nameOf = nameIn(bundle);
  const wearers = wearersOf(resolved, timeline);
  const named = [...new Set(method.tasks.flatMap((task) => task.gearOn))];
  const volunteers = fetchings(bundle, timeline).find((one) => one.slotId === slot.id);
  return [
    ...(wearers.length > 0 || named.length === 0
      ? wearers.map(({ personId, gear }) => `${nameOf(personId)} wears: ${thingsInWords(gear)}.`)
      : [`Whoever does it wears: ${thingsInWords(named)}.`]),
    ...(method.warning ? [`Said before: “${method.warning}”`] : []),
    ...(volunteers
      ? [`${counted(volunteers.count, 'volunteer')}. ${volunteerWords(volunteers.card)}`]
      : []),
    ...method.ruledOut.map(
      ({ kind, why }) => `Not there: ${lowerFirst(HAZARD_WORDS[kind])}, because ${lowerFirst(why)}`,
    ),
    ...(method.care.disposal ? [`Afterwards: ${method.care.disposal}`] : []),
  ];
}

function noneOf({ method }: ResolvedSlot): string | null {
  if (method.hazards.length > 0) return null;
  return method.hazardsReviewed
    ? 'Gone through step by step: no hazard was found.'
    : 'Nobody has gone through it for hazards.';
}

function demoOf(drawn: Drawn, resolved: ResolvedSlot, i: number): RiskDemo {
  const { bundle, timeline, ready } = drawn;
  const { slot, demo, method, position } = resolved;
  const block = timeline.blocks.find((one) => one.slot === slot.id);
  return {
    number: i + 1,
    time: block ? formatClock(parseClock(bundle.show.start) + block.start) : '',
    name: demo.name,
    method: method.name,
    place: position?.name ?? '',
    none: noneOf(resolved),
    rows: method.hazards.map((hazard) => rowOf(drawn, resolved, hazard)),
    lines: linesOf(drawn, resolved),
    calculated: ready.verdicts
      .filter(({ kind, slotIds }) => kind === 'calculator' && slotIds.includes(slot.id))
      .map(({ level, message, remedy, limit }) =>
        [
          `${LEVEL_WORDS[level]}. ${message}`,
          limit && `Held against ${limit}.`,
          level === 'ok' ? '' : remedy,
        ]
          .filter(Boolean)
          .join(' '),
      ),
  };
}

function fireRows({ bundle, timeline }: Drawn, slots: readonly ResolvedSlot[]): FireRow[] {
  const nameOf = nameIn(bundle);
  const start = parseClock(bundle.show.start);
  return slots.flatMap((resolved): FireRow[] => {
    const { slot, demo, method } = resolved;
    if (method.care.extinguisher === 'none') return [];
    const flame = method.hazards.find(({ kind }) =>
      ['openFlame', 'flammableVapour'].includes(kind),
    );
    const { personIds, alone } = holdersOf(bundle, timeline, resolved, flame?.kind ?? null);
    const block = timeline.blocks.find((one) => one.slot === slot.id);
    return [
      {
        what: EXTINGUISHER_WORDS[method.care.extinguisher],
        who: alone ? 'nobody there at every moment of it' : listInWords(personIds.map(nameOf)),
        when: block ? `${formatClock(start + block.start)}–${formatClock(start + block.end)}` : '',
        demo: demo.name,
      },
    ];
  });
}

/** Everything comes from the line-up, the methods, the venue and the day's figures; nothing is retyped. */
export function riskAssessment(
  bundle: ShowBundle,
  timeline: Timeline,
  around: ReadinessContext,
  ready: Readiness = readiness(bundle, timeline, around),
): RiskAssessment {
  const { show, venue } = bundle;
  const drawn = { bundle, timeline, ready };
  const start = parseClock(show.start);
  const slots = resolveSlots(bundle).filter(({ slot }) => slot.talk === null);
  const crew = show.crew.flatMap((id) => bundle.people.find((p) => p.id === id) ?? []);
  const { records } = around;
  const { rows: substances, unlabelled } = substancesOf(bundle, timeline, { records });
  const open = openQuestions(bundle, ready, unlabelled);
  return {
    title: `Risk assessment: ${show.title}`,
    where: [venue?.name ?? 'no venue yet', venue?.address, `${show.date}, ${show.start}`]
      .filter(Boolean)
      .join(' · '),
    crew: crewWords(crew),
    audience: audienceWords(show),
    emergency: emergencyLines(bundle),
    rating: matrixWords(bundle.riskMatrix),
    demos: slots.map((resolved, i) => demoOf(drawn, resolved, i)),
    substances,
    fire: fireRows(drawn, slots),
    volunteers: fetchings(bundle, timeline).map(({ demoName, count, at, card }) => {
      const when =
        at === null ? 'when they are fetched is not said' : `fetched ${formatClock(start + at)}`;
      return `${demoName}: ${counted(count, 'volunteer')}, ${when}. ${volunteerWords(card)}`;
    }),
    journeys: journeyLines(bundle, ready),
    judged: ready.verdicts
      .filter((one) => !toldElsewhere(one))
      .map((one) => ({
        level: LEVEL_WORDS[one.level],
        what: sentenceOf(one),
        remedy: one.remedy,
        figure: one.limit ? `held against ${one.limit}` : '',
        source: one.source,
      })),
    waived: waivedLines(bundle, ready, around.marks),
    open,
    draft: open.length > 0,
    defers: DEFERS,
    names: crew.map((p) => p.name),
  };
}
