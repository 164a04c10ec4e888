import { dayFigures } from '../../brief/conditions';
import { stationsOf } from '../../brief/stations';
import type { ShowBundle } from '../../brief/types';
import { type Expected, threePoint } from '../../chance/estimate';
import type { Tries } from '../../chance/spares';
import { triesOf } from '../../learning/chance';
import { dayKind, triesOn } from '../../learning/condition';
import { figureFor } from '../../learning/figures';
import { learnedTime, type TimeTaken } from '../../learning/time';
import type { Demo, Method } from '../../repertoire/types';
import { resolveSlots } from '../fromBundle';
import type { SlotPolicy } from './types';

/** How a method went so far, as far as the forecast asks. */
export interface TriedMethod {
  demoId: string;
  methodId: string;
  worked: number;
  partly: number;
  failed: number;
  /** In rehearsals, which are gone by only where there was no show. */
  rehearsed?: { worked: number; partly: number; failed: number };
  /** Of days that its calculators pass, and of others. */
  byDay?: Readonly<Record<'good' | 'poor', Tries>>;
  /** How long each step took, every time it is told of, by task. */
  times: Readonly<Record<string, readonly TimeTaken[]>>;
}

/**
 * What each step is expected to take: what was learned, unless somebody keeps to the guess, or to what was taken
 * from the record before.
 */
function timesFor(
  demo: Demo,
  { id }: Pick<Method, 'id'>,
  tried: TriedMethod | undefined,
  performerId: string | null,
): Map<string, Expected> {
  const method = demo.methods.find((one) => one.id === id);
  const times = new Map<string, Expected>();
  for (const task of method?.tasks ?? []) {
    const figure = method && figureFor(method, task.id, performerId);
    if (figure?.use === 'mine') continue;
    const taken = tried && Object.hasOwn(tried.times, task.id) ? tried.times[task.id] : undefined;
    if (figure?.frozen) times.set(task.id, threePoint(figure.time));
    else if (taken) times.set(task.id, learnedTime(task.time, taken, performerId));
  }
  return times;
}

/** What the forecast needs to know of each slot beside its times. A go that partly worked did not. */
export const policiesOf = (
  bundle: ShowBundle,
  records: readonly TriedMethod[],
): Map<string, SlotPolicy> => {
  const day = dayFigures(bundle.show.conditions);
  return new Map(
    resolveSlots(bundle).map(({ slot, demo, method }): [string, SlotPolicy] => {
      const tried = records.find((r) => r.demoId === demo.id && r.methodId === method.id);
      const shown = tried ?? { worked: method.priorWorked, partly: 0, failed: method.priorFailed };
      const performed = shown.worked + shown.partly + shown.failed > 0;
      const known = performed ? shown : (tried?.rehearsed ?? shown);
      const all = triesOf(method, known);
      // Which kind of day it is says something only where the method was done before an audience, and nobody keeps to
      // another chance.
      const record =
        performed && tried?.byDay && !method.chance
          ? triesOn(dayKind(method, day), all, tried.byDay)
          : all;
      return [
        slot.id,
        {
          again: slot.again,
          fallback: slot.fallback,
          mayLeaveOut: slot.mayLeaveOut,
          worth: slot.worth,
          // Of a series every reading is an answer: there is nothing to fail.
          record: slot.talk || slot.sideBySide?.kind === 'series' ? null : record,
          together: stationsOf(slot),
          performed: slot.talk !== null || performed,
          // What one alone takes says nothing of several.
          times: slot.sideBySide
            ? new Map<string, Expected>()
            : timesFor(demo, method, tried, slot.performerId),
        },
      ];
    }),
  );
};
