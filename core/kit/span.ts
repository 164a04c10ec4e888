import { isOfClass } from './classKit';
import { isClearing } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';

/** While a slot has its things: from its first task to its last reset, as the timeline shares them out. */
export function spanOf(timeline: Timeline, slotId: string): { from: number; until: number } {
  // A class begins when the show is over.
  if (isOfClass(slotId)) return { from: timeline.end, until: timeline.end + 1 };
  const block = timeline.blocks.find((b) => b.slot === slotId);
  const mine = timeline.tasks.filter(
    (task) =>
      task.slot === slotId &&
      !isClearing(task.task) &&
      (task.phase !== 'settle' || task.start < (block?.start ?? Infinity)),
  );
  return {
    from: Math.min(block?.start ?? 0, ...mine.map((task) => task.start)),
    until: Math.max(block?.end ?? 0, ...mine.map((task) => task.end)),
  };
}
