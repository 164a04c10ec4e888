/** Whether the ways out stay free: nothing stands in them, and not all are within a clear distance at once. */
import type { Exit, Place, ShowBundle } from '../brief/types';
import type { Timeline } from '../lineup/types';
import { formatClock, parseClock } from '../time/clock';
import { formatAmount } from '../units/format';
import { counted, listInWords } from '../words';
import { type Ring, ringsOf } from './plan';
import { type Verdict, verdict } from './verdict';

/** Metres before an exit that nothing stands in; common practice, where the local rules say no more. */
export const WAY_OUT = 1.2;

const SOURCE = 'measured on the plan; 1.2 m of way, common practice: the local fire rules decide';

const apart = (a: Place, b: Place): number => Math.hypot(a.x - b.x, a.y - b.y);
const m = (value: number): string => formatAmount(Math.round(value * 10) / 10, 'm');
const within = (exit: Exit, ring: Ring): boolean => apart(exit, ring.at) < ring.radius;

function standingIn({ show, venue }: ShowBundle): Verdict[] {
  return (venue?.exits ?? []).flatMap((exit) =>
    show.positions.flatMap((position): Verdict[] => {
      const distance = position.at && apart(position.at, exit);
      if (distance === null || distance >= WAY_OUT) return [];
      return [
        verdict({
          key: `exit:${exit.id}:${position.id}`,
          kind: 'distance',
          level: 'fix',
          title: `Exit ${exit.name}`,
          message: `${position.name} stands in the way, ${m(distance)} from it.`,
          remedy: `Move it ${m(Math.ceil((WAY_OUT - distance) * 10) / 10)} off or more.`,
          figure: m(distance),
          limit: `${m(WAY_OUT)} free`,
          gauge: { unit: 'm', value: distance, least: WAY_OUT, most: null },
          source: SOURCE,
          slotIds: show.slots.filter((s) => s.positionId === position.id).map((s) => s.id),
        }),
      ];
    }),
  );
}

/** What lies within a clear distance while it holds; whether any way out is left then, whatever else is on. */
function shutBy(bundle: ShowBundle, rings: readonly Ring[]): Verdict[] {
  const exits = bundle.venue?.exits ?? [];
  const start = parseClock(bundle.show.start);
  return rings.flatMap((ring): Verdict[] => {
    const mine = exits.filter((exit) => within(exit, ring));
    if (mine.length === 0) return [];
    const on = rings.filter((r) => r === ring || (r.from <= ring.from && ring.from < r.until));
    const free = exits.filter((exit) => !on.some((r) => within(exit, r)));
    const when = `${formatClock(start + ring.from)} to ${formatClock(start + ring.until)}`;
    const names = listInWords(mine.map((exit) => exit.name));
    const shared = {
      key: `exit:covered:${ring.slotId}`,
      kind: 'distance' as const,
      title: ring.demoName,
      figure: `${counted(free.length, 'exit')} free of ${exits.length}`,
      limit: '1 free at any time',
      source: SOURCE,
      slotIds: [ring.slotId],
    };
    return [
      free.length === 0
        ? verdict({
            ...shared,
            level: 'fix',
            message: `No exit is free from ${when}: within its clear distance there is ${names}.`,
            remedy: 'Move it, make it smaller, or ask the venue for another way out.',
          })
        : verdict({
            ...shared,
            level: 'watch',
            message: `Exit within its clear distance, ${when}: ${names}.`,
            remedy: `Stop as soon as anybody goes out there; point people to ${listInWords(free.map((exit) => exit.name))}.`,
          }),
    ];
  });
}

/** Verdicts on the exits that are on the plan; that none is there is said where it matters. */
export function exitVerdicts(bundle: ShowBundle, timeline: Timeline): Verdict[] {
  const { venue } = bundle;
  if (!venue) return [];
  const rings = ringsOf(bundle, timeline);
  if (venue.exits.length === 0)
    return rings.length === 0 || venue.outdoors
      ? []
      : [
          verdict({
            key: 'exit:none',
            kind: 'distance',
            level: 'unknown',
            title: 'Ways out',
            message: 'No exit is on the plan: whether they stay free is not calculated.',
            remedy: 'Walk round before the doors open, and put the exits in with the venue.',
            source: SOURCE,
            place: { page: 'venue', id: venue.id },
          }),
        ];
  return [...standingIn(bundle), ...shutBy(bundle, rings)];
}
