/** What the stage strip draws: times only, no widths and no colours. */
import { readyWindow } from './readyWindow';
import type { LineupInput, PlacedTask, PlanSlot, Timeline } from './types';

/** A slot's hold on its position: from its first work there to its last, and the block between. */
export interface PositionSpan {
  slot: string;
  from: number;
  until: number;
  blockStart: number;
  blockEnd: number;
}

/** Something that runs by itself, with what it is for. */
export interface BackgroundSpan {
  task: PlacedTask;
  name: string;
  /** When it is used; null when nothing waits for it. */
  useAt: number | null;
  readyFrom: number;
  /** End of its ready window; null when it keeps. */
  readyUntil: number | null;
}

export interface Strip {
  /** Earliest and latest moment there is anything to draw. */
  first: number;
  last: number;
  /** By position id, in the order of the show. */
  positions: Map<string, PositionSpan[]>;
  /** By person id. */
  people: Map<string, PlacedTask[]>;
  background: BackgroundSpan[];
}

function spansAt(timeline: Timeline, slots: readonly PlanSlot[], position: string): PositionSpan[] {
  return timeline.blocks.flatMap((block): PositionSpan[] => {
    if (slots.find((slot) => slot.id === block.slot)?.positionId !== position) return [];
    const there = timeline.tasks.filter((t) => t.slot === block.slot && t.position === position);
    return [
      {
        slot: block.slot,
        from: Math.min(block.start, ...there.map((t) => t.start)),
        until: Math.max(block.end, ...there.map((t) => t.end)),
        blockStart: block.start,
        blockEnd: block.end,
      },
    ];
  });
}

export function stripOf(input: LineupInput, timeline: Timeline): Strip {
  const { tasks } = timeline;
  return {
    first: Math.min(0, ...tasks.map((task) => task.start)),
    last: Math.max(timeline.hardFinish, ...tasks.map((task) => task.end)),
    positions: new Map(
      input.positions.map(({ id }) => [id, spansAt(timeline, input.slots, id)] as const),
    ),
    people: new Map(
      input.crew.map(({ id }) => [id, tasks.filter((task) => task.people.includes(id))] as const),
    ),
    background: tasks.flatMap((task): BackgroundSpan[] => {
      if (task.phase !== 'settle' || task.end === task.start) return [];
      const slot = input.slots.find((s) => s.id === task.slot);
      const window = slot ? readyWindow(slot, timeline, task) : null;
      return [
        {
          task,
          name: slot?.tasks.find((t) => t.id === task.task)?.name ?? '',
          useAt: window?.at ?? null,
          readyFrom: window?.from ?? task.end,
          readyUntil: window?.until ?? null,
        },
      ];
    }),
  };
}
