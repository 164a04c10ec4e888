import type { Block, PlacedTask, TaskRef, Timeline } from './types';

/** What lies around a piece of work in time. */
export interface Neighbours {
  placed: PlacedTask;
  /** What each of its people does just before and just after. */
  before: PlacedTask[];
  after: PlacedTask[];
  /** What the audience watches meanwhile. */
  meanwhile: Block[];
}

const sameWork = (a: PlacedTask, b: PlacedTask): boolean =>
  a.slot === b.slot && a.task === b.task && a.go === b.go && a.phase === b.phase;

/** Null when the task is not in the timeline. Of a task done at every go, the first. */
export function neighboursOf(timeline: Timeline, { slot, task }: TaskRef): Neighbours | null {
  const placed = timeline.tasks.find((t) => t.slot === slot && t.task === task);
  if (!placed) return null;
  const beside = (person: string, step: 1 | -1): PlacedTask[] => {
    const mine = timeline.tasks.filter((t) => t.people.includes(person) && t.end > t.start);
    const next = mine[mine.findIndex((t) => sameWork(t, placed)) + step];
    return next && mine.some((t) => sameWork(t, placed)) ? [next] : [];
  };
  return {
    placed,
    before: placed.people.flatMap((person) => beside(person, -1)),
    after: placed.people.flatMap((person) => beside(person, 1)),
    meanwhile: timeline.blocks.filter(
      (block) => block.slot !== slot && block.start < placed.end && block.end > placed.start,
    ),
  };
}
