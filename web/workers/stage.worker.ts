/** The show caller’s work, away from the page’s own thread: one run, re-planned at every press. */
import { expose } from 'comlink';
import type { ShowBundle } from '../../core/brief/types';
import type { TriedMethod } from '../../core/lineup/forecast/fromBundle';
import type { ForecastSize } from '../../core/lineup/forecast/types';
import { advise } from '../../core/stage/replan/advice';
import { type Call, Caller, type Press } from '../../core/stage/replan/caller';
import { liveShowOf } from '../../core/stage/replan/liveShow';
import {
  type AdviceTold,
  priceOf,
  type PriceTold,
  tell,
  tellAdvice,
  type Telling,
} from '../../core/stage/replan/tell';
import type { RunEvent, RunKind, RunPlan } from '../../core/stage/types';

/** Longer than this at a time, in ms, and a press would have to wait for its answer. */
const AT_A_TIME = 12;
export interface Opening {
  /** Null where the show is not known any more. */
  bundle: ShowBundle | null;
  plan: RunPlan;
  kind: RunKind;
  records: readonly TriedMethod[];
  size: ForecastSize;
}

let caller: Caller | null = null;
let call: Call | null = null;
let telling: Telling | null = null;
/** Counts what was asked: advice on something older is dropped. */
let turn = 0;

const pause = (): Promise<void> => new Promise((go) => setTimeout(go));

const work = {
  open({ bundle, plan, kind, records, size }: Opening): void {
    caller = new Caller(liveShowOf(bundle, plan, records), kind, size);
    call = null;
    telling = null;
  },

  /** The show at a moment, in ms since 1970; null before it was opened. */
  tell(events: readonly RunEvent[], moment: number): Telling | null {
    if (!caller) return null;
    turn++;
    caller.hear(events);
    call = caller.at(moment);
    telling = tell(caller, call, events.length);
    return telling;
  },

  /** What each of these would cost at the moment that was told of last; null before. */
  prices(presses: readonly Press[][]): PriceTold[] | null {
    if (!caller || !telling) return null;
    const [of, now] = [caller, telling];
    return presses.map((one) => priceOf(of, now.at, one, now));
  },

  /** Something was pressed: advice on what was before is given up. */
  interrupt(): void {
    turn++;
  },

  /** What had best be left out; undefined when something newer was asked meanwhile. */
  async advise(): Promise<AdviceTold | null | undefined> {
    if (!caller || !call) return null;
    const mine = turn;
    const of = caller;
    const search = advise(of, call.at, call);
    let since = performance.now();
    for (;;) {
      const { done, value } = search.next();
      if (done) return value && tellAdvice(of, value);
      if (performance.now() - since < AT_A_TIME) continue;
      await pause();
      if (turn !== mine) return undefined;
      since = performance.now();
    }
  },
};

export type StageWork = typeof work;

expose(work);
