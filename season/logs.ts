/** What happened at the past shows, as the events that the stage would have stored. */
import { fold } from '../core/stage/fold';
import { nextStep } from '../core/stage/steps';
import { eventOf } from '../core/stage/event';
import type { Outcome, RunEvent, RunPlan, RunSlot } from '../core/stage/types';

export interface GoneBy {
  /** Seconds after the planned start. */
  late: number;
  notes: [slot: string | null, text: string][];
  slots: Record<
    string,
    {
      pace: number;
      goes: [outcome: Outcome, cause?: string][];
      /** What was read at each go, by the result; null for not read. */
      read?: Record<string, (number | null)[]>;
      /** Seconds that the clock was stopped in its first step, and why. */
      held?: [seconds: number, because: string];
      /** How the audience took it, 1 to 5. */
      reaction?: [value: number, text: string];
    }
  >;
}

export function runLog(runId: string, plan: RunPlan, gone: GoneBy): RunEvent[] {
  const events: RunEvent[] = [];
  let at = plan.startsAt + gone.late * 1000;
  const press = (kind: RunEvent['kind'], more: Partial<RunEvent> = {}): void => {
    const id = `${runId}-${events.length + 1}`;
    events.push(eventOf({ id, at: Math.round(at), by: 'ines' }, kind, more));
  };
  press('start');
  // What a class is not shown is left out from the beginning.
  for (const { id } of plan.slots) if (!gone.slots[id]) press('leaveOut', { slot: id });
  for (const slot of plan.slots) {
    const fact = gone.slots[slot.id];
    if (fact) performSlot(slot, fact);
  }
  for (const [slot, text] of gone.notes) press('note', { slot, text });
  at += 20_000;
  press('finish');
  return events;

  function read(
    { id, results }: RunSlot,
    fact: GoneBy['slots'][string],
    i: number,
    go: number,
  ): void {
    for (const { id: text } of results) {
      const value = fact.read?.[text]?.[i];
      if (value !== undefined) press('reading', { slot: id, go, text, value });
    }
  }

  function performSlot(slot: RunSlot, fact: GoneBy['slots'][string]): void {
    if (fact.held) {
      const [seconds, text] = fact.held;
      at += 5000;
      const moment = Math.round(at);
      press('hold');
      at += seconds * 1000;
      press('resume');
      press('because', { value: moment, text });
    }
    if (fact.reaction) {
      const [value, text] = fact.reaction;
      press('reaction', { slot: slot.id, value, text });
    }
    fact.goes.forEach(([outcome, cause], i) => {
      const live = fold(plan, events);
      let here: { step: number; go: number } | null = { step: live.step, go: live.go };
      const last = slot.steps.findLastIndex((s) => s.eachGo);
      while (here) {
        const now = slot.steps[here.step];
        at += (now?.seconds ?? 0) * fact.pace * 1000;
        const where = { slot: slot.id, step: now?.task ?? '', go: here.go };
        if (outcome !== 'worked' && here.step === last) {
          press('failed', { ...where, cause: cause ?? null });
          if (outcome === 'partly')
            press('judge', { slot: slot.id, go: here.go, outcome, cause: cause ?? null });
          at += 5000;
          read(slot, fact, i, here.go);
          press(i + 1 < fact.goes.length ? 'again' : 'done', where);
          return;
        }
        press('done', where);
        if (here.step === last) read(slot, fact, i, here.go);
        here = nextStep(slot, here.step, here.go);
      }
    });
  }
}
