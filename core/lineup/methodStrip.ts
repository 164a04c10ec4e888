/** A method by itself on a time axis: one go, enough hands for everything, seconds from what the audience first sees. */
import { withFigures } from '../learning/figures';
import type { Method, Phase, Task } from '../repertoire/types';
import { emptySlot } from './emptySlot';
import { buildNetwork, type Lag, type Network } from './network';

export interface StripPart {
  taskId: string;
  name: string;
  phase: Phase;
  from: number;
  to: number;
  /** What has hands at it comes in the upper rows, what goes on by itself below; none covers another. */
  row: number;
  /** It can be used from and until then, where it keeps only `within` seconds from its end. */
  window: { from: number; to: number; within: number } | null;
}

export interface MethodStrip {
  parts: StripPart[];
  /** Rows that have hands at them; rows from there on go by themselves. */
  handRows: number;
  rows: number;
  /** What the audience sees. */
  show: number;
}

/** When each begins that comes before: as late as what waits for it lets it. A circle is cut where it closes. */
function latestStarts({ before, lags, steps }: Network): Map<Task, number> {
  const stepStart = new Map(
    steps.filter(({ go }) => go === 1).map((step) => [step.task, step.start]),
  );
  const known = new Map<Task, number>();
  const startOf = (task: Task): number => {
    const there = known.get(task);
    if (there !== undefined) return there;
    known.set(task, -task.time.likely);
    const ends = lags
      .filter(({ from }) => from === task)
      .map(
        ({ to, least }) => (before.includes(to) ? startOf(to) : (stepStart.get(to) ?? 0)) - least,
      );
    // What is prepared by hand is done when the audience begins to look, whatever it is for.
    const last =
      task.phase === 'prepare' || ends.length === 0 ? Math.min(0, ...ends) : Math.min(...ends);
    known.set(task, last - task.time.likely);
    return last - task.time.likely;
  };
  before.forEach(startOf);
  return known;
}

/** When each begins that follows: as early as it may. */
function earliestStarts({ following, lags, steps, blockLength }: Network): Map<Task, number> {
  const endOfStep = new Map(steps.map(({ task, end }) => [task, end]));
  const known = new Map<Task, number>();
  const startOf = (task: Task): number => {
    const there = known.get(task);
    if (there !== undefined) return there;
    known.set(task, blockLength);
    const ready = ({ from, least }: Lag): number =>
      (following.includes(from)
        ? startOf(from) + from.time.likely
        : (endOfStep.get(from) ?? blockLength)) + least;
    const waits = lags.filter(({ to }) => to === task).map(ready);
    const first = task.phase === 'settle' && waits.length > 0 ? 0 : blockLength;
    const start = Math.max(first, ...waits);
    known.set(task, start);
    return start;
  };
  following.forEach(startOf);
  return known;
}

/** The first row in which nothing is in the way. */
function rowsFor(parts: Omit<StripPart, 'row'>[], taken: number): [StripPart[], number] {
  const ends: number[] = [];
  const placed = parts
    .toSorted((a, b) => a.from - b.from || a.to - b.to)
    .map((part) => {
      const until = part.window?.to ?? part.to;
      const free = ends.findIndex((end) => end <= part.from);
      const row = free < 0 ? ends.length : free;
      ends[row] = until;
      return { ...part, row: taken + row };
    });
  return [placed, taken + ends.length];
}

/** Lays it out as the plan would with nothing beside it. Tasks that wait for each other in a circle still get a place. */
export function methodStrip(method: Pick<Method, 'tasks' | 'figures'>): MethodStrip {
  const net = buildNetwork({ ...emptySlot(), tasks: withFigures(method, null).tasks });
  const starts = new Map([...latestStarts(net), ...earliestStarts(net)]);
  for (const step of net.steps)
    if (step.go === 1 && !starts.has(step.task)) starts.set(step.task, step.start);
  const parts = [...starts].map(([task, from]): Omit<StripPart, 'row'> => {
    const to = from + task.time.likely;
    const keeps = net.lags
      .filter((lag) => lag.from === task && lag.to.phase === 'perform' && lag.greatest !== null)
      .sort((a, b) => (a.greatest ?? 0) - (b.greatest ?? 0))[0];
    return {
      taskId: task.id,
      name: task.name,
      phase: task.phase,
      from,
      to,
      window:
        keeps?.greatest == null || keeps.greatest === 0
          ? null
          : { from: to + keeps.least, to: to + keeps.greatest, within: keeps.greatest },
    };
  });
  const [hands, handRows] = rowsFor(
    parts.filter(({ phase }) => phase !== 'settle'),
    0,
  );
  const [alone, rows] = rowsFor(
    parts.filter(({ phase }) => phase === 'settle'),
    handRows,
  );
  return { parts: [...hands, ...alone], handRows, rows, show: net.blockLength };
}
