import type { PlacedTask, Timeline } from './types';

/** What each person has to do, in the order of the timeline. */
export function workOf({ tasks }: Pick<Timeline, 'tasks'>): Map<string, PlacedTask[]> {
  const work = new Map<string, PlacedTask[]>();
  for (const task of tasks)
    for (const person of task.people) {
      const known = work.get(person);
      if (known) known.push(task);
      else work.set(person, [task]);
    }
  return work;
}
