import type { Method } from './types';

/** Likely seconds of one performance with one go. */
export const performSeconds = (method: Pick<Method, 'tasks'>): number =>
  method.tasks.reduce((sum, task) => (task.phase === 'perform' ? sum + task.time.likely : sum), 0);
