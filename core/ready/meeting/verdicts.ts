/** What is harmless alone, and not at the same time as something else: in either order, wings included. */
import type { ShowBundle } from '../../brief/types';
import { type ResolvedSlot, resolveSlots } from '../../lineup/fromBundle';
import type { Timeline } from '../../lineup/types';
import { formatClock, parseClock } from '../../time/clock';
import { lowerFirst } from '../../words';
import { type Verdict, verdict } from '../verdict';
import { type Pair, PAIRS } from './pairs';
import { has, type Presence, presencesOf, type ThingName, THINGS } from './presence';

interface Meeting {
  one: Presence;
  other: Presence;
  from: number;
  until: number;
}

const overlap = (one: Presence, other: Presence): Meeting => ({
  one,
  other,
  from: Math.max(one.from, other.from),
  until: Math.min(one.until, other.until),
});

const samePlace = ({ one, other }: Meeting, strict: boolean): boolean =>
  one.position === other.position || (!strict && (one.wholeStage || other.wholeStage));

/** In the wings beside something on the stage: the same room, though not the same spot. */
const isApart = ({ one, other }: Meeting): boolean =>
  (one.position === null) !== (other.position === null) && !one.wholeStage && !other.wholeStage;

/** What counts most: what is sure before what is guessed, one spot before two, the longest. */
const graver = (a: Meeting, b: Meeting): number =>
  Number(b.one.sure && b.other.sure) - Number(a.one.sure && a.other.sure) ||
  Number(isApart(a)) - Number(isApart(b)) ||
  b.until - b.from - (a.until - a.from);

function meetingVerdict(bundle: ShowBundle, pair: Pair, worst: Meeting): Verdict {
  const { one, other, from, until } = worst;
  const [first, second] = [one.of, other.of];
  const start = parseClock(bundle.show.start);
  const sure = one.sure && other.sure;
  const level = !sure ? 'unknown' : pair.level === 'stop' && isApart(worst) ? 'fix' : pair.level;
  const when = `${formatClock(start + from)} to ${formatClock(start + until)}`;
  const where = [one, other].map(
    ({ of, during, position }) =>
      `${of.demo.name}: ${lowerFirst(during)}${position === null ? ', in the wings' : ''}`,
  );
  return verdict({
    key: `pair:${pair.id}:${first.slot.id}:${second.slot.id}`,
    kind: 'combination',
    level,
    title: second.demo.name,
    message: `${pair.message(first.demo.name, second.demo.name).replace(/\.$/, '')}, ${when} (${where.join('; ')}).`,
    remedy: sure ? pair.remedy : `Say in the demos in which steps they are there. ${pair.remedy}`,
    figure: when,
    limit: 'never at the same time',
    source: 'common practice',
    slotIds: [first.slot.id, second.slot.id],
    place: { page: 'lineup' },
  });
}

/** What is meant to be together in one and the same demonstration, and to be watched. */
const WITHIN: readonly (Pick<Pair, 'id' | 'one' | 'other' | 'remedy'> & {
  message: string;
  limit: string;
})[] = [
  {
    id: 'oxygen-flame',
    one: 'oxygen',
    other: 'flame',
    message: 'Gives off oxygen beside its own flame: whatever burns there burns fiercely.',
    remedy:
      'The smallest amount; hair, sleeves and paper away; the flame put out before the oxygen is let go.',
    limit: 'no oxygen beside a flame that is not part of it',
  },
  {
    id: 'magnet-electronics',
    one: 'magnet',
    other: 'electronics',
    message: 'Has electronics beside its own strong magnet.',
    remedy: 'Half a metre apart; a balance reads wrong, cards and phones may not come back.',
    limit: 'electronics half a metre from a strong magnet',
  },
];

function within(bundle: ShowBundle, of: ResolvedSlot): Verdict[] {
  const { slot, demo, method } = of;
  const there = (name: ThingName): boolean =>
    has(of, name, bundle) ||
    method.leaves.some(({ kind }) => (THINGS[name].leaves as readonly string[]).includes(kind));
  return WITHIN.filter(({ one, other }) => there(one) && there(other)).map(
    ({ id, message, remedy, limit }) =>
      verdict({
        key: `pair:${id}:${slot.id}`,
        kind: 'combination',
        level: 'watch',
        title: demo.name,
        message,
        remedy,
        limit,
        source: 'common practice',
        slotIds: [slot.id],
      }),
  );
}

/** One verdict for each pair of slots and of things, its gravest meeting told. */
export function meetingVerdicts(bundle: ShowBundle, timeline: Timeline): Verdict[] {
  const slots = resolveSlots(bundle).filter(({ slot }) => slot.talk === null);
  const known = new Map<string, Presence[]>();
  const presences = (of: ResolvedSlot, thing: ThingName): Presence[] => {
    const key = `${of.slot.id}/${thing}`;
    const found = known.get(key) ?? presencesOf(bundle, timeline, of, thing);
    known.set(key, found);
    return found;
  };
  const between = slots.flatMap((first) =>
    slots.flatMap((second) =>
      first === second
        ? []
        : PAIRS.flatMap((pair): Verdict[] => {
            const meetings = presences(first, pair.one)
              .flatMap((one) => presences(second, pair.other).map((other) => overlap(one, other)))
              .filter(({ from, until }) => from < until)
              .filter(
                (meeting) => !pair.samePlace || samePlace(meeting, pair.samePlace === 'strict'),
              );
            const [worst] = meetings.sort(graver);
            return worst ? [meetingVerdict(bundle, pair, worst)] : [];
          }),
    ),
  );
  // Wet and slippery are one thing where both are listed.
  const told = new Set<string>();
  const once = between.filter(({ message, slotIds }) => {
    const key = `${slotIds.join('/')}: ${message.split(',')[0]}`;
    return told.has(key) ? false : Boolean(told.add(key));
  });
  return [...slots.flatMap((of) => within(bundle, of)), ...once];
}
