/** What keeps a show from starting, the gravest first, each with the stop of the walk where it can be seen to. */
import type { Show } from '../../brief/types';
import type { Check } from '../checks';
import type { GoNoGo } from '../go';
import type { Gauge, Verdict, VerdictKind } from '../verdict';
import { checksOf, type Stop } from './stops';

/** Where each kind is seen to; what is put right at a desk is at no stop. */
const AT: Readonly<Record<VerdictKind, 'arrival' | 'place' | 'crew' | null>> = {
  power: 'arrival',
  room: 'arrival',
  air: 'arrival',
  sound: 'crew',
  calculator: 'place',
  distance: 'place',
  caution: 'place',
  combination: 'place',
  hazard: 'place',
  booking: null,
  journey: null,
  kit: null,
};

/** The stop where a verdict can be seen to; null where it is settled at a desk, or the walk does not come by. */
export function stopOfVerdict(
  verdict: Pick<Verdict, 'kind' | 'slotIds' | 'place'>,
  stops: readonly Stop[],
  { slots, positions }: Pick<Show, 'slots' | 'positions'>,
): Stop | null {
  const byKey = (key: string): Stop | null => stops.find((stop) => stop.key === key) ?? null;
  // A figure that only the day can give is measured on arrival.
  if (verdict.place?.page === 'ready' && verdict.place.part === 'figures') return byKey('arrival');
  const at = AT[verdict.kind];
  if (at !== 'place') return at === null ? null : byKey(at);
  const ids = new Set(
    slots.filter(({ id }) => verdict.slotIds.includes(id)).map(({ positionId }) => positionId),
  );
  const [only] = ids;
  const position = ids.size === 1 ? positions.find(({ id }) => id === only) : undefined;
  return position ? byKey(`place/${position.name}`) : null;
}

export type Trouble =
  | { kind: 'verdict'; verdict: Verdict; stop: Stop | null; gauge: Gauge | null }
  | { kind: 'wrong'; check: Check; what: string; stop: Stop | null };

/** What was looked at and is wrong stands before what is not known: it is certain. */
export function troublesOf(
  state: Pick<GoNoGo, 'stop' | 'fix' | 'unknown' | 'wrong'>,
  stops: readonly Stop[],
  show: Pick<Show, 'slots' | 'positions'>,
): Trouble[] {
  const judged = (verdicts: readonly Verdict[]): Trouble[] =>
    verdicts.map((verdict) => ({
      kind: 'verdict',
      verdict,
      stop: stopOfVerdict(verdict, stops, show),
      gauge: verdict.gauge,
    }));
  const wrong = state.wrong.map(({ check, what }): Trouble => ({
    kind: 'wrong',
    check,
    what,
    stop: stops.find((stop) => checksOf(stop).includes(check)) ?? null,
  }));
  return [...judged(state.stop), ...wrong, ...judged(state.fix), ...judged(state.unknown)];
}
