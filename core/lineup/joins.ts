/** What happens between one slot and the next, for the presenter reading down the running order. */
import { listInWords, lowerFirst } from '../words';
import type { Gap, LineupInput, TaskRef, Timeline } from './types';
import { namesOf } from './names';

export interface Join {
  /** The slots on either side; null before the first and after the last. */
  before: string | null;
  after: string | null;
  seconds: number;
  /** Set when the seconds are dead air. */
  gap: Gap | null;
  words: string;
}

/** Work that begins this many seconds into the block, or ended this many before it, is of the join. */
const BEGUN_WITHIN = 45;
const ENDED_WITHIN = 30;

/** “Jo: wipe the table” for what others do around the join, or who and where changes, or nothing. */
function activity(input: LineupInput, timeline: Timeline, from: string, to: string): string {
  const names = namesOf(input);
  const at = timeline.blocks.find((b) => b.slot === to)?.start ?? 0;
  const busy = timeline.tasks.filter(
    (t) =>
      (t.phase === 'reset' || t.phase === 'prepare') &&
      t.people.length > 0 &&
      (t.slot === from || t.slot === to) &&
      t.start < at + BEGUN_WITHIN &&
      t.end > at - ENDED_WITHIN,
  );
  const first = busy.find((t) => t.slot === from) ?? busy[0];
  if (first) {
    const ref: TaskRef = first;
    return `${listInWords(first.people.map((id) => names.person(id)))}: ${lowerFirst(names.task(ref))}`;
  }
  const a = input.slots.find((s) => s.id === from);
  const b = input.slots.find((s) => s.id === to);
  if (!a || !b) return '';
  if (a.performerId !== b.performerId && b.performerId)
    return `${names.person(b.performerId)} takes over`;
  if (a.positionId === b.positionId) return 'Stays where it is';
  return b.positionId ? `On to ${names.position(b.positionId)}` : '';
}

/** One join before each slot but the first (unless it starts late), in running order. */
export function joinsOf(input: LineupInput, timeline: Timeline): Join[] {
  return timeline.blocks.flatMap((block, i): Join[] => {
    const before = timeline.blocks[i - 1]?.slot ?? null;
    const gap = timeline.gaps.find((g) => g.slot === block.slot) ?? null;
    if (before === null && !gap) return [];
    return [
      {
        before,
        after: block.slot,
        seconds: gap?.seconds ?? 0,
        gap,
        words: gap?.reason ?? activity(input, timeline, before ?? '', block.slot),
      },
    ];
  });
}
