/** What the stage’s main key does at this moment, and what it has to do with. */
import type { MissingTold, ReadyTold, TaskTold, Telling } from './replan/tell';
import { comingUp, isLastPart } from './steps';
import type { Live, RunPlan, RunSlot } from './types';

/** A wait shorter than this is none, in ms. */
const NO_WAIT = 2000;
/** With less time than this to the hard finish, and so many to go, what is left is listed; in ms. */
const LAST_MINUTES = 5 * 60_000;
const MANY = 3;

export type Situation =
  | { kind: 'before' | 'held' | 'failed' | 'curtain' | 'finished' }
  | {
      kind: 'on';
      slot: RunSlot;
      /** The show caller has not said yet whether the slot may begin. */
      unsure: boolean;
      /** One press more ends the step. */
      ends: boolean;
    }
  | {
      kind: 'waiting';
      slot: RunSlot;
      ready: ReadyTold;
      /** When it may begin by the plan, in ms since 1970. */
      until: number;
      /** Closed gates that nobody went past. */
      gates: MissingTold[];
      /** What the presenter has to do herself before it; null for nothing. */
      own: TaskTold | null;
    };

function isPassed(live: Live, slot: string, { words }: MissingTold): boolean {
  const entered = live.visits.at(-1)?.entered ?? 0;
  return live.passed.some((one) => one.slot === slot && one.rule === words && one.at >= entered);
}

/** Whether nothing of the go on stage has been done yet. */
const isAtBeginning = (live: Live): boolean =>
  !live.commenced &&
  live.parts.length === 0 &&
  live.signAt === null &&
  !(live.visits.at(-1)?.steps ?? []).some(({ go }) => go === live.go);

/** `telling` may be of a moment ago; `fresh` says that it knows every press. `now` in ms since 1970. */
export function situationOf(
  plan: RunPlan,
  live: Live,
  telling: Telling | null,
  fresh: boolean,
  now: number,
): Situation {
  const slot = plan.slots.find(({ id }) => id === live.slot);
  if (live.phase !== 'running') return { kind: live.phase };
  if (live.failed) return { kind: 'failed' };
  if (!slot) return { kind: 'curtain' };
  const on: Situation = { kind: 'on', slot, unsure: false, ends: isLastPart(slot, live) };
  if (!isAtBeginning(live)) return on;
  if (!telling || !fresh) return { ...on, unsure: true };
  const ready = telling.ready.find((one) => one.slot === slot.id);
  const block = telling.blocks.find((one) => one.slot === slot.id && one.kind === 'toCome');
  const isOn = telling.blocks.some((one) => one.slot === slot.id && one.kind === 'on');
  if (isOn || !ready || !block || block.from <= now + NO_WAIT) return on;
  const gates = ready.missing.filter((one) => one.gate && !isPassed(live, slot.id, one));
  // Her own work that this slot waits for; what she might do meanwhile for another one can wait.
  const [own] = telling.tasks
    .filter(
      ({ slot: of, phase, people, state, from }) =>
        (of === slot.id || phase === 'reset') &&
        (state === 'toCome' || state === 'underWay') &&
        from < block.from &&
        people.some(({ name }) => name === slot.performer),
    )
    .sort((x, y) => x.from - y.from);
  return { kind: 'waiting', slot, ready, until: block.from, gates, own: own ?? null };
}

/** Whether so little time is left, for so many slots, that one has to choose. */
export function isLastMinute(plan: RunPlan, live: Live, telling: Telling, now: number): boolean {
  const left = telling.hardFinish - now;
  const many = comingUp(plan, live).length >= MANY;
  return live.phase !== 'finished' && many && left < LAST_MINUTES && telling.end.over > 0;
}
