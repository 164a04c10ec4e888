/** A rehearsal that runs by itself, away from the page’s own thread. */
import { expose } from 'comlink';
import type { ShowBundle } from '../../core/brief/types';
import type { TriedMethod } from '../../core/lineup/forecast/fromBundle';
import type { ForecastSize } from '../../core/lineup/forecast/types';
import { liveShowOf } from '../../core/stage/replan/liveShow';
import { type Hindsight, hindsightOf } from '../../core/stage/trouble/hindsight';
import { Playing } from '../../core/stage/trouble/playing';
import { World } from '../../core/stage/trouble/world';
import type { RunEvent, RunPlan } from '../../core/stage/types';

/** Things that happen in one go at the most: then the page is told first. */
const AT_ONCE = 40;

let playing: Playing | null = null;
let at = 0;

const work = {
  open(
    bundle: ShowBundle,
    plan: RunPlan,
    records: readonly TriedMethod[],
    size: ForecastSize,
    seed: number,
    startsAt: number,
  ): RunEvent[] {
    const show = liveShowOf(bundle, plan, records);
    playing = new Playing(show, new World(show, { seed, mishaps: true }), startsAt, size);
    at = startsAt;
    return [...playing.events];
  },

  /** Lets happen what happens by itself up to a moment; all events so far, and what went wrong. */
  advance(until: number): { events: RunEvent[]; words: string[] } | null {
    if (!playing) return null;
    const words: string[] = [];
    for (let i = 0; i < AT_ONCE; i++) {
      const next = playing.next(at);
      if (!next || next.event.at > until) break;
      at = Math.max(at, next.event.at);
      playing.happen(next);
      if (next.words !== '') words.push(next.words);
    }
    return { events: [...playing.events], words };
  },

  /** What whoever presents decides; all events so far. */
  press(event: RunEvent): RunEvent[] {
    if (!playing) return [];
    at = Math.max(at, event.at);
    playing.take({ ...event, at });
    return [...playing.events];
  },

  review: (moment: number): Hindsight | null => playing && hindsightOf(playing, moment),
};

export type TroubleWork = typeof work;

expose(work);
