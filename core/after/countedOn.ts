/** What one run has added to the record of each method it showed, and to the sets that are brought for it. */
import type { ShowBundle } from '../brief/types';
import { wilson } from '../chance/success';
import { type Sets, setsForShow } from '../kit/sets';
import { resolveSlots } from '../lineup/fromBundle';
import type { Live, Outcome, RunKind, RunPlan } from '../stage/types';
import type { MethodRecord, Tally } from './review';

export interface CountedOn {
  demoId: string;
  methodId: string;
  name: string;
  before: Tally;
  now: MethodRecord;
  /** The 95 % interval of its chance by now. */
  low: number;
  high: number;
}

/** Method by method, in running order; nothing of a rehearsal, which counts apart. */
export function countedOn(
  { kind, plan }: { kind: RunKind; plan: RunPlan },
  live: Live,
  records: readonly MethodRecord[],
): CountedOn[] {
  if (kind !== 'performance') return [];
  const rows = new Map<MethodRecord, { name: string; goes: Outcome[] }>();
  for (const { id, demoId, methodId, name, sideBySide } of plan.slots) {
    // What several came to together is no record of one alone.
    if (sideBySide) continue;
    const record = records.find((one) => one.demoId === demoId && one.methodId === methodId);
    const goes = live.slots[id]?.goes ?? [];
    if (!record || goes.length === 0) continue;
    const known = rows.get(record)?.goes ?? [];
    rows.set(record, { name, goes: [...known, ...goes.map(({ outcome }) => outcome)] });
  }
  return [...rows].map(([now, { name, goes }]): CountedOn => {
    const less = (outcome: Outcome): number =>
      now[outcome] - goes.filter((one) => one === outcome).length;
    const before = { worked: less('worked'), partly: less('partly'), failed: less('failed') };
    const all = now.worked + now.partly + now.failed;
    const { demoId, methodId } = now;
    return { demoId, methodId, name, before, now, ...wilson(now.worked, all) };
  });
}

export interface SparesMoved {
  slotId: string;
  name: string;
  before: Sets;
  now: Sets;
}

/** Slots of a show for which another number of sets is brought by now. */
export function sparesMoved(bundle: ShowBundle, counted: readonly CountedOn[]): SparesMoved[] {
  const sets = (of: 'before' | 'now'): ReadonlyMap<string, Sets> =>
    setsForShow(
      bundle,
      counted.map((one) => ({ ...one.now, ...one[of] })),
    );
  const [before, now] = [sets('before'), sets('now')];
  const all = ({ planned, spare }: Sets): number => planned + spare;
  return resolveSlots(bundle).flatMap(({ slot, demo }): SparesMoved[] => {
    const [was, is] = [before.get(slot.id), now.get(slot.id)];
    const own = counted.some(
      ({ demoId, methodId }) => demoId === slot.demoId && methodId === slot.methodId,
    );
    return !own || !was || !is || all(was) === all(is)
      ? []
      : [{ slotId: slot.id, name: demo.name, before: was, now: is }];
  });
}
