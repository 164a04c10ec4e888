/** Heavy calculations of the line-up, away from the page's own thread. */
import { expose } from 'comlink';
import type { ShowBundle } from '../../core/brief/types';
import type { Wishes } from '../../core/brief/wishes';
import { forecastShow, foreseer, leaveOutTable } from '../../core/lineup/forecast/forecast';
import type {
  Forecast,
  ForecastSize,
  LeaveOut,
  SlotPolicy,
} from '../../core/lineup/forecast/types';
import { type Fix, fixFinder } from '../../core/lineup/suggestFixes';
import type { SlotTraits } from '../../core/lineup/order/objective';
import type { SearchLimits } from '../../core/lineup/order/permute';
import { type Suggestion, suggestOrder } from '../../core/lineup/order/suggest';
import { schedule } from '../../core/lineup/schedule';
import { optionsFor } from '../../core/proposal/fits';
import { type FitTold, type LetIn, whatLetsIn } from '../../core/proposal/letIn';
import { type FitWishes } from '../../core/proposal/fitWishes';
import { type ProposalFound, type ProposalInput, proposeShow } from '../../core/proposal/propose';
import type { Demo } from '../../core/repertoire/types';
import type { LineupInput, PlanPerson, Timeline } from '../../core/lineup/types';

/** What a proposal is asked by, beside the booking and what there is to choose from. */
export interface ProposalAsked extends Omit<ProposalInput, 'bundle' | 'options'> {
  wishes: FitWishes;
}

/** Which ways of doing which demonstrations would do, and what would let more in. */
export interface FitsTold {
  options: FitTold[];
  letIn: LetIn[];
}

export interface ProposalTold {
  letIn: LetIn[];
  /** Null while nothing was put in order yet. */
  found: ProposalFound | null;
}

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
  /** The clock of a show. */
  time: (input: LineupInput): Timeline => schedule(input),

  /** Ways to fix each gap and conflict, told as they are found: by the slot that waits, or the conflict's words. */
  fixes(
    input: LineupInput,
    timeline: Timeline,
    others: readonly PlanPerson[],
    policies: ReadonlyMap<string, SlotPolicy>,
    size: ForecastSize,
    onProgress: (soFar: Record<string, Fix[]>) => void,
  ): Record<string, Fix[]> {
    const findFixes = fixFinder(input, timeline, { others, foresee: foreseer(policies, size) });
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
    policies: ReadonlyMap<string, SlotPolicy>,
    onProgress: (soFar: Suggestion) => void,
  ): Suggestion => finish(suggestOrder(input, traits, wishes, limits, policies), onProgress),

  /** What would do for a booking. */
  fits(bundle: ShowBundle, demos: readonly Demo[], wishes: FitWishes): FitsTold {
    const options = optionsFor(bundle, demos, wishes);
    return {
      options: options.map(({ demoId, methodId, seconds, obstacles }) => ({
        demoId,
        methodId,
        seconds,
        obstacles,
      })),
      letIn: whatLetsIn(options),
    };
  },

  /** The show that is proposed for a booking; the best so far is told now and then. */
  propose(
    bundle: ShowBundle,
    demos: readonly Demo[],
    asked: ProposalAsked,
    onProgress: (soFar: ProposalTold) => void,
  ): ProposalTold {
    const options = optionsFor(bundle, demos, asked.wishes);
    const fit = options.filter(({ obstacles }) => obstacles.length === 0);
    const told = { letIn: whatLetsIn(options) };
    onProgress({ ...told, found: null });
    const search = proposeShow({ ...asked, bundle, options: fit });
    const found = finish(search, (soFar) => onProgress({ ...told, found: soFar }));
    return { ...told, found };
  },

  /** What comes of many shows. */
  forecast: forecastShow,

  /** What leaving out one slot, or also two, would buy, told as the table grows. */
  leaveOut: (
    input: LineupInput,
    policies: ReadonlyMap<string, SlotPolicy>,
    forecast: Forecast,
    wanted: 'single' | 'pairs',
    onProgress: (soFar: LeaveOut[]) => void,
  ): LeaveOut[] => finish(leaveOutTable(input, policies, forecast, wanted), onProgress),
};

export type LineupWork = typeof work;

expose(work);
