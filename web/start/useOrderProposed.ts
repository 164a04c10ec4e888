import { useEffect, useMemo, useState } from 'react';
import type { ShowBundle, Slot } from '../../core/brief/types';
import type { FitWishes } from '../../core/proposal/fitWishes';
import type { LetIn } from '../../core/proposal/letIn';
import type { Outlook } from '../../core/lineup/outlook';
import { useHealth } from '../app/data';
import { type Foreseen, useForecast } from '../lineup/useForecast';
import { type Plan, usePlan } from '../lineup/usePlan';
import { useLast } from '../parts/stable';
import { useAction } from '../parts/useAction';
import { type Stock, useProposed, useProposedBundle } from './useProposed';

const NOTHING: ReadonlySet<string> = new Set();

export interface ProposedFor {
  /** Its slots stay. Null while it is not known. */
  booking: ShowBundle | null;
  stock: Stock | null;
  /** Seen by these people before. */
  seen: ReadonlySet<string>;
  wishes: FitWishes;
  /** False while what is asked has a slip in it: nothing is looked for. */
  isAsked: boolean;
  onTake: (slots: readonly Slot[]) => Promise<void>;
}

export interface OrderProposed {
  /** Of one that can be drawn; null while there is none. */
  found: { bundle: ShowBundle; plan: Plan; foreseen: Foreseen | null } | null;
  slots: readonly Slot[];
  outlook: Outlook | null;
  letIn: readonly LetIn[];
  /** Nothing better is looked for any more, and whether any other choice could come to more. */
  done: boolean;
  proven: boolean;
  /** It is of what is asked now. */
  fresh: boolean;
  /** Nothing is known of it yet. */
  looking: boolean;
  /** Other demonstrations than those shown; null where there are none to leave out again. */
  others: () => void;
  first: (() => void) | null;
  busy: boolean;
  /** Pressed, and taken once the new one is there. */
  waits: boolean;
  take: () => void;
  takeEmpty: () => void;
}

/** The running order that is proposed for a booking, as it will go, and the way to take it. */
export function useOrderProposed(asked: ProposedFor): OrderProposed {
  const { booking, stock, seen, wishes, isAsked, onTake } = asked;
  const [shown, setShown] = useState<ReadonlySet<string>>(NOTHING);
  const [busy, setBusy] = useState(false);
  const [wanted, setWanted] = useState(false);
  const act = useAction();
  const others = useMemo(() => new Set([...seen, ...shown]), [seen, shown]);
  const { told, done, fresh: isAnswer } = useProposed(booking, stock, { seen: others, wishes });
  // The one before stays, and what is in focus with it, until there is a new one, or none at all.
  const answer = told?.found && (done || told.found.proposals.length > 0) ? told.found : null;
  const search = useLast(answer, 'search');
  const proposal = search?.proposals[0] ?? null;
  const bundle = useProposedBundle(booking, stock, proposal);
  // Likewise while the new one is being timed.
  const plan = useLast(usePlan(bundle).plan, 'plan');
  const fresh = isAnswer && answer !== null && (bundle === null || plan?.bundle === bundle);
  const { data: health } = useHealth();
  const known = useMemo(() => ({ records: stock?.records?.records ?? [] }), [stock]);
  const about = useMemo(() => plan && health && { ...plan, answer: known }, [plan, health, known]);
  const foreseen = useForecast(about ?? null);
  const slots = proposal?.slots ?? [];

  const take = (chosen: readonly Slot[]): void => {
    setBusy(true);
    void act(() => onTake(chosen)).finally(() => setBusy(false));
  };
  // Pressed while it is still of what was asked before: the new one is taken once it is there.
  const waits = wanted && !fresh && isAsked;
  useEffect(() => {
    if (!wanted || waits) return;
    setWanted(false);
    // Where nothing goes in any more, nothing is taken: neither now nor later.
    if (isAsked && slots.length > 0) take(slots);
  }, [wanted, waits]);

  return {
    found: proposal && plan ? { bundle: plan.bundle, plan, foreseen } : null,
    slots,
    outlook: foreseen?.outlook ?? null,
    letIn: told?.letIn ?? [],
    done,
    proven: search?.proven === true,
    fresh,
    looking: !stock || (isAsked && !proposal && !done),
    others: () => setShown(new Set([...shown, ...slots.flatMap(({ demoId }) => demoId ?? [])])),
    first: shown.size > 0 ? () => setShown(NOTHING) : null,
    busy,
    waits,
    take: () => setWanted(true),
    takeEmpty: () => take([]),
  };
}
