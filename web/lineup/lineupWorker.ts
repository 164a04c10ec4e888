import { type Remote, wrap } from 'comlink';
import type { LineupWork } from '../workers/lineup.worker';

export interface HeavyWork {
  run: Remote<LineupWork>;
  /** Drops what is under way. */
  stop: () => void;
}

/** A worker of its own for one piece of work, so that it can be dropped without touching another. */
export function startWork(): HeavyWork {
  const worker = new Worker(new URL('../workers/lineup.worker.ts', import.meta.url), {
    type: 'module',
  });
  return { run: wrap<LineupWork>(worker), stop: () => worker.terminate() };
}
