import same from 'fast-deep-equal';
import { useEffect, useMemo, useState } from 'react';
import type { ShowBundle } from '../../core/brief/types';
import { lineupInput } from '../../core/lineup/fromBundle';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import { useStable } from '../parts/stable';
import { timeInTurn } from './lineupWorker';

/** A show, and its clock. */
export interface Plan {
  bundle: ShowBundle;
  input: LineupInput;
  timeline: Timeline;
}

type Timed = Omit<Plan, 'bundle'>;

/** Orders that were timed lately: one that was tried is known when it is dropped, or undone. */
const timed: Timed[] = [];
const KEPT_MOST = 24;

function remember(one: Timed): void {
  timed.unshift(one);
  timed.length = Math.min(timed.length, KEPT_MOST);
}

const knownOf = (input: LineupInput): Timed | null =>
  timed.find((one) => one.input === input || same(one.input, input)) ?? null;

/**
 * The show as it was timed: away from the page, so that the page is never busy with it. Null while it
 * is not known; that of a show whose times are the same, such as under a new title, is known at once.
 * The error is of what could not be timed at all.
 */
export function usePlan(bundle: ShowBundle | null): { plan: Plan | null; error: Error | null } {
  // A new title, or a note, changes no time.
  const input = useStable(useMemo(() => bundle && lineupInput(bundle), [bundle]));
  const known = useMemo(() => input && knownOf(input), [input]);
  const [value, setValue] = useState<Timed | null>(null);
  const [failed, setFailed] = useState<{ of: LineupInput; error: Error } | null>(null);
  useEffect(() => {
    if (!input || known) return;
    let wanted = true;
    timeInTurn(input, () => wanted)
      .then((timeline) => {
        if (!timeline) return;
        const found = { input, timeline };
        remember(found);
        if (wanted) setValue(found);
      })
      .catch((error: Error) => setFailed({ of: input, error }));
    return () => {
      wanted = false;
    };
  }, [input, known]);
  const found = known ?? (value?.input === input ? value : null);
  const plan = useMemo(() => (bundle && found ? { bundle, ...found } : null), [bundle, found]);
  return { plan, error: failed?.of === input ? (failed?.error ?? null) : null };
}
