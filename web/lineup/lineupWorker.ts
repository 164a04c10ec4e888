import { type Remote, wrap } from 'comlink';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import type { LineupWork } from '../workers/lineup.worker';

export interface HeavyWork {
  run: Remote<LineupWork>;
  /** Rejected when it could not be started. */
  broken: Promise<never>;
  /** Drops what is under way. */
  stop: () => void;
  /** Done with it: it is kept warm for the next piece of work. */
  release: () => void;
}

/** One that has nothing to do: starting one takes longer than most of what it is asked. */
let spare: HeavyWork | null = null;

function fresh(): HeavyWork {
  const worker = new Worker(new URL('../workers/lineup.worker.ts', import.meta.url), {
    type: 'module',
  });
  let over = false;
  const broken = new Promise<never>((_done, fail) => {
    worker.addEventListener('error', () =>
      fail(new Error('What works out the times could not be started. Load the page again.')),
    );
  });
  // Most of what is asked does not wait for it.
  broken.catch(() => undefined);
  const work: HeavyWork = {
    run: wrap<LineupWork>(worker),
    broken,
    stop: () => {
      if (over) return;
      over = true;
      worker.terminate();
      spare ??= fresh();
    },
    release: () => {
      if (over || spare === work) return;
      if (spare) {
        over = true;
        worker.terminate();
      } else spare = work;
    },
  };
  return work;
}

/** A worker of its own for one piece of work, so that it can be dropped without touching another. */
export function startWork(): HeavyWork {
  const work = spare ?? fresh();
  spare = null;
  return work;
}

/** One that only times shows: it is never dropped, so that a clock never waits for it to start. */
let planner: HeavyWork | null = null;
let last: Promise<unknown> = Promise.resolve();

/** Times a show after those that were asked for before; null when by then nobody wants it any more. */
export function timeInTurn(input: LineupInput, isWanted: () => boolean): Promise<Timeline | null> {
  planner ??= fresh();
  const { run, broken } = planner;
  const found = last.then(() => (isWanted() ? Promise.race([run.time(input), broken]) : null));
  last = found.catch(() => null);
  return found;
}
