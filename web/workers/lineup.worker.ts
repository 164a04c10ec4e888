/** Heavy calculations of the line-up, away from the page's own thread. */
import { expose } from 'comlink';
import type { Wishes } from '../../core/brief/wishes';
import {
  forecastShow,
  leaveOutTable,
  type ForecastSize,
} from '../../core/lineup/forecast/forecast';
import type { Forecast, LeaveOut, SlotPolicy } from '../../core/lineup/forecast/types';
import { couldGain } from '../../core/lineup/forecast/words';
import { type Fix, fixFinder } from '../../core/lineup/suggestFixes';
import type { SlotTraits } from '../../core/lineup/order/objective';
import type { SearchLimits } from '../../core/lineup/order/permute';
import { type Suggestion, suggestOrder } from '../../core/lineup/order/suggest';
import { schedule } from '../../core/lineup/schedule';
import type { LineupInput, PlanPerson, Timeline } from '../../core/lineup/types';

/** Telling more often than this, in ms, would only keep the page busy. */
const TOLD_EVERY = 150;

/** Runs a search to its end, telling now and then what it has found so far. */
function finish<T>(search: Generator<T, T, void>, tell: (soFar: T) => void): T {
  let told = performance.now();
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
    if (performance.now() - told < TOLD_EVERY) continue;
    told = performance.now();
    tell(value);
  }
}

const work = {
  /** The clock of an order that is only being tried. */
  preview: (input: LineupInput): Timeline => schedule(input),

  /** Ways to fix each gap and conflict, told as they are found: by the slot that waits, or the conflict's words. */
  fixes(
    input: LineupInput,
    timeline: Timeline,
    others: readonly PlanPerson[],
    onProgress: (soFar: Record<string, Fix[]>) => void,
  ): Record<string, Fix[]> {
    const findFixes = fixFinder(input, timeline, others);
    const found: Record<string, Fix[]> = {};
    for (const trouble of [...timeline.conflicts, ...timeline.gaps]) {
      found['message' in trouble ? trouble.message : trouble.slot] = findFixes(trouble);
      onProgress(found);
    }
    return found;
  },

  /** The best order found; the best so far is told now and then. */
  suggest: (
    input: LineupInput,
    traits: ReadonlyMap<string, SlotTraits>,
    wishes: Wishes,
    limits: SearchLimits,
    onProgress: (soFar: Suggestion) => void,
  ): Suggestion => finish(suggestOrder(input, traits, wishes, limits), onProgress),

  /** What comes of many shows, told as soon as it is known; then the one thing whose leaving out would buy most. */
  forecast(
    input: LineupInput,
    timeline: Timeline,
    policies: ReadonlyMap<string, SlotPolicy>,
    wanted: ForecastSize,
    onProgress: (soFar: Forecast) => void,
  ): Forecast {
    const forecast = forecastShow(input, timeline, policies, wanted);
    if (!couldGain(forecast)) return forecast;
    onProgress(forecast);
    const table = leaveOutTable(input, policies, forecast, 'single');
    const leaveOut = finish(table, (soFar) => onProgress({ ...forecast, leaveOut: soFar }));
    return { ...forecast, leaveOut };
  },

  /** What leaving one slot or two out would buy, told as the table grows. */
  leaveOut: (
    input: LineupInput,
    policies: ReadonlyMap<string, SlotPolicy>,
    forecast: Pick<Forecast, 'runs' | 'seed' | 'chance'>,
    onProgress: (soFar: LeaveOut[]) => void,
  ): LeaveOut[] => finish(leaveOutTable(input, policies, forecast, 'pairs'), onProgress),
};

export type LineupWork = typeof work;

expose(work);
