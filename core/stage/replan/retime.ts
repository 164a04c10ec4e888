/** The rest of the night, timed by the engine from where things are now. */
import { taskKey } from '../../keys';
import { withBuffers } from '../../lineup/buffers';
import { EFFORT } from '../../lineup/effort';
import { gapsOf } from '../../lineup/explain';
import type { Graph } from '../../lineup/graph';
import { blocksOf, placedTasks } from '../../lineup/placed';
import { type SolvedGraph, solveGraph } from '../../lineup/schedule';
import { searchSchedule } from '../../lineup/search';
import { type Conflict, type LineupInput, RULES, type Timeline } from '../../lineup/types';
import { Budget } from '../../solver/budget';
import type { Live } from '../types';
import { type Moment, partsOf, type TimedPart } from './parts';
import { asPlanned, type PlannedWork, presentGraph } from './presentGraph';
import { openStretchId, slotOfPart } from './stretches';
import type { Known, LiveBlock, LivePlan, LiveShow, LiveTask, LiveWindow } from './types';

/** A live plan, and what it was made of: the night as a show of parts, for the forecast. */
export interface Retimed {
  plan: LivePlan;
  parts: readonly TimedPart[];
  input: LineupInput;
  timeline: Timeline;
}

function windowsOf(parts: readonly TimedPart[], timeline: Timeline): LiveWindow[] {
  return parts.flatMap((part) => {
    if (part.kind !== 'toCome') return [];
    const { net, id, slotId } = part;
    return net.lags.flatMap(({ from, to, least, greatest }): LiveWindow[] => {
      if (greatest === null || !net.before.includes(from)) return [];
      const mine = timeline.tasks.filter((placed) => placed.slot === id);
      const ready = mine.find((placed) => placed.task === from.id && placed.phase !== 'perform');
      const use = mine.find((placed) => placed.task === to.id);
      if (!ready || !use) return [];
      const [opens, until] = [ready.end + least, ready.end + greatest];
      return [
        {
          slot: slotId,
          part: id,
          after: from.id,
          task: to.id,
          from: opens,
          until,
          at: use.start,
          kept: use.start >= opens && use.start <= until,
        },
      ];
    });
  });
}

function tasksOf(
  parts: readonly TimedPart[],
  timeline: Timeline,
  known: Known,
  now: number,
): LiveTask[] {
  const byId = new Map(parts.map((part) => [part.id, part]));
  return timeline.tasks.flatMap((placed): LiveTask[] => {
    const part = byId.get(placed.slot);
    const task = part?.net.slot.tasks.find(({ id }) => id === placed.task);
    if (!part || !task || placed.phase === 'perform') return [];
    const work = part.fixed.get(placed.task);
    const blocked = known.blocked.has(taskKey({ slot: part.id, task: placed.task }));
    return [
      {
        slot: part.slotId,
        part: part.id,
        task: placed.task,
        name: task.name,
        phase: placed.phase,
        people: work ? [...work.people] : placed.people,
        start: placed.start,
        end: placed.end,
        state: blocked ? 'blocked' : !work ? 'toCome' : work.end <= now ? 'done' : 'underWay',
        said: work?.said ?? false,
        buffer: placed.buffer,
      },
    ];
  });
}

/** What stands in the way of a slot whatever the times. */
function blockedConflicts(tasks: readonly LiveTask[], input: LineupInput): Conflict[] {
  return tasks
    .filter(({ state }) => state === 'blocked')
    .map(({ slot, task, name, people }) => ({
      rule: RULES.order,
      slot,
      message: `${input.slots.find(({ id }) => id === slot)?.name ?? ''}: “${name}” can’t be done now`,
      advice: 'Say when it can, or leave the slot out',
      window: null,
      tasks: [{ slot, task }],
      people,
    }));
}

/** What the engine finds, with the parts’ names taken back to those of the slots. */
const ofSlots = <T extends Pick<Conflict, 'slot' | 'tasks'>>(of: T): T => ({
  ...of,
  slot: slotOfPart(of.slot),
  tasks: of.tasks.map((ref) => ({ ...ref, slot: slotOfPart(ref.slot) })),
});

/** What the crew was told last: of parts of the night, or of slots as they were written. */
export type Told = readonly PlannedWork[];

/** Share of the work that may go into the best times; the rest is for those that the crew knows. */
const FOR_BEST = 0.8;

/**
 * The best times; of two ways that end as early the one that the crew knows already: nobody is sent from
 * one thing to another for nothing.
 */
function solved(graph: Graph, told: Told, budget: Budget): SolvedGraph & { graph: Graph } {
  const free = solveGraph(graph, budget.part(FOR_BEST));
  const same = asPlanned(graph, told);
  const kept = free.broken.length > 0 ? null : searchSchedule(same, budget).best;
  if (!kept || kept.end > free.best.end) return { ...free, graph };
  return { ...free, best: kept, graph: same };
}

function timed(
  show: LiveShow,
  live: Live,
  known: Known,
  moment: Moment,
  told: Told,
  budget: Budget,
): Retimed {
  const { now, floor } = moment;
  const parts = partsOf(show, live, known, moment);
  const present = presentGraph(show.input, parts, now, floor);
  const { graph, best, proven, broken } = solved(present, told, budget);
  const spared = withBuffers(graph, best, show.input.margin);
  const placedBlocks = blocksOf(graph, spared.starts);
  const gaps = gapsOf(graph, best, placedBlocks, now);
  const end = Math.max(
    placedBlocks.reduce((latest, block) => Math.max(latest, block.end), 0),
    live.slot === null ? 0 : now,
  );
  const timeline: Timeline = {
    arrival: floor,
    hardFinish: show.input.hardFinish,
    end,
    deadAir: gaps.reduce((sum, { seconds }) => sum + seconds, 0),
    proven: proven && broken.length === 0,
    blocks: placedBlocks,
    tasks: placedTasks(graph, best, spared),
    gaps,
    conflicts: broken,
  };
  const tasks = tasksOf(parts, timeline, known, now);
  return {
    plan: {
      now,
      end,
      proven: timeline.proven,
      blocks: placedBlocks.map((block, i): LiveBlock => {
        const part = parts[i];
        return {
          slot: part?.slotId ?? block.slot,
          part: block.slot,
          kind: part?.kind ?? 'toCome',
          start: block.start,
          end: block.end,
        };
      }),
      tasks,
      windows: windowsOf(parts, timeline),
      gaps: gaps.map(ofSlots),
      conflicts: [...broken.map(ofSlots), ...blockedConflicts(tasks, show.input)],
    },
    parts,
    input: graph.input,
    timeline,
  };
}

export interface Found extends Retimed {
  /** What is known by then, with what has begun by the plan since. */
  known: Known;
}

/** What the plan puts before a moment is taken to have gone by it. */
function adopted(known: Known, { plan }: Retimed, now: number): Known {
  const work = new Map(known.work);
  for (const { part, task, start, end, people, state } of plan.tasks)
    if (state === 'toCome' && start < now)
      work.set(taskKey({ slot: part, task }), { start, end, people, said: false, before: null });
  return { ...known, work };
}

/**
 * Takes down what has begun by the plan between `floor` and `now`. A slot that was entered and that nobody
 * has begun begins when its rules let it.
 */
export function advance(
  show: LiveShow,
  live: Live,
  known: Known,
  moment: Moment,
  told: Told,
  effort: number = EFFORT.trial,
): Found {
  const { now } = moment;
  const first = timed(show, live, known, moment, told, new Budget(effort));
  const grown = adopted(known, first, now);
  const waiting = first.plan.blocks.find(
    ({ slot, kind, part, start }) =>
      slot === live.slot && kind === 'toCome' && part === slot && start <= now,
  );
  const isOn = first.parts.some(({ kind }) => kind === 'on');
  const stretch = waiting && !isOn ? openStretchId(show.plan, live) : null;
  const begun =
    stretch !== null && waiting ? new Map(known.begun).set(stretch, waiting.start) : known.begun;
  return { ...first, known: { ...grown, begun } };
}

/** The rest of the night as it is to be now, and what is known by then. */
export function retime(
  show: LiveShow,
  live: Live,
  known: Known,
  moment: Moment,
  told: Told,
  effort: number = EFFORT.trial,
): Found {
  const first = advance(show, live, known, moment, told, effort);
  const { work, begun } = first.known;
  // Where nothing has begun since, what was found is what is to come.
  if (moment.floor === moment.now && work.size === known.work.size && begun === known.begun)
    return first;
  const then = { ...moment, floor: moment.now };
  return { ...timed(show, live, first.known, then, told, new Budget(effort)), known: first.known };
}
