import { startTransition, useCallback, useMemo, useOptimistic, useState } from 'react';
import { useSearchParams } from 'react-router';
import { nextStop, type Stop, walkOf } from '../../../core/ready/walk/stops';
import type { OpenShow } from '../../brief/useShow';

export interface Walk {
  /** Those of the person whose walk it is, or of everybody. */
  stops: readonly Stop[];
  /** All of them, whoever’s. */
  all: readonly Stop[];
  here: Stop | undefined;
  /** Where to go on from here; null when nothing is open any more. */
  next: Stop | null;
  to: (key: string) => void;
  /** One stop on or back; nothing at either end. */
  step: (by: 1 | -1) => void;
}

/** Where one is on the walk. The address says it; one begins where there is something open. */
export function useWalk({ show, ready }: OpenShow, who: string | null): Walk {
  const { checks, state } = ready;
  const all = useMemo(() => walkOf(checks, show), [checks, show]);
  const stops = useMemo(
    () =>
      who === null
        ? all
        : walkOf(
            checks.filter((check) => check.personId === who),
            show,
          ),
    [all, checks, show, who],
  );
  const [search, setSearch] = useSearchParams();
  // It does not move on by itself while one ticks.
  const [first] = useState(() => nextStop(stops, state)?.key ?? null);
  // The address follows when the device has time. What is pressed next must be of this stop at once.
  const [asked, setGone] = useOptimistic(
    search.get('see') === 'figures' ? 'arrival' : (search.get('stop') ?? first),
  );
  const here =
    stops.find(({ key }) => key === asked) ?? nextStop(stops, state) ?? stops[0] ?? undefined;
  const to = useCallback(
    (key: string) =>
      startTransition(() => {
        setGone(key);
        setSearch({ stop: key }, { replace: true });
      }),
    [setGone, setSearch],
  );
  const step = (by: 1 | -1): void => {
    const other = stops[stops.findIndex((stop) => stop === here) + by];
    if (other) to(other.key);
  };
  const next = nextStop(stops, state, here?.key ?? null);
  return { stops, all, here, next: next === here ? null : next, to, step };
}
