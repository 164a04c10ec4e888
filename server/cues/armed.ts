/**
 * What the next press will set off, worked out before it comes: when it is there, nothing has to be looked
 * up, decided or encoded any more.
 */
import type { Output } from '../../contract/cues';
import { type DueCue, setOff } from '../../core/stage/cues';
import { eventOf } from '../../core/stage/event';
import type { Folding } from '../../core/stage/fold';
import type { EventKind, RunEvent, RunPlan } from '../../core/stage/types';
import type { Ready } from './senders';

/** The presses that most cues wait for; what others set off is worked out when they come. */
const WAITED_FOR: readonly EventKind[] = ['start', 'done', 'sign'];

/** A press that may come, and what it will set off. */
export interface Armed {
  press: RunEvent;
  /** As they were listed when it was prepared: another list may lead elsewhere. */
  outputs: readonly Output[];
  shots: { due: DueCue; go: Ready }[];
}

interface Armory {
  plan: RunPlan;
  folding: Folding;
  fired: ReadonlySet<string>;
  now: number;
  outputs: readonly Output[];
  prepare: (due: DueCue) => Ready;
}

/** What presses for the step on stage would set off by now; those that set nothing off are left out. */
export function armed({ plan, folding, fired, now, outputs, prepare }: Armory): Armed[] {
  const { live } = folding;
  const { slot, go } = live;
  const step = plan.slots.find(({ id }) => id === slot)?.steps[live.step]?.task ?? null;
  return WAITED_FOR.flatMap((kind): Armed[] => {
    const stamp = { id: `next ${kind}`, at: now, by: null };
    const press = eventOf(stamp, kind, kind === 'start' ? {} : { slot, step, go });
    const due = setOff(plan, live, folding.fork().take(press), press);
    const shots = due
      .filter(({ key, cue: { at } }) => at === 'done' || !fired.has(key))
      .map((one) => ({ due: one, go: prepare(one) }));
    return shots.length > 0 ? [{ press, outputs, shots }] : [];
  });
}

export const isFor = ({ press }: Armed, { kind, slot, step, go }: RunEvent): boolean =>
  kind === press.kind &&
  (kind === 'start' || (slot === press.slot && step === press.step && go === press.go));
