/**
 * From an order to a clock: start times with little dead air, by a beam search over what is
 * cleared when. Each block is put at the earliest second at which it, and all that leads up to it,
 * fits; preparation is put as late as it can be.
 */
import { formatDuration } from '../time/clock';
import { attemptSlot } from './placeSlot';
import { clearSlot, holdsPosition } from './clear';
import { findFaults } from './faults';
import { type Network, buildNetwork } from './network';
import { explainGap } from './reasons';
import type { Task } from '../repertoire/types';
import { type Obstacle, type State, initialState, lastEnd } from './state';
import { type Conflict, type Gap, type LineupInput, RULES, type Timeline } from './types';

/** Alternatives kept at each slot. Wider finds no better on shows of the usual size. */
const BEAM = 10;
/** Longest stride of the search for a start, in seconds: a shorter opening than this can be missed. */
const STRIDE = 15;

/** Puts a slot at the earliest start found, and notes what kept it from an earlier one. */
function startSlot(input: LineupInput, state: State, net: Network): State {
  const floor = lastEnd(state);
  const hold = net.slot.positionId === null ? undefined : state.positions.get(net.slot.positionId);
  const earliest = Math.max(floor, hold?.until ?? floor);
  const at = (start: number, ignoreGreatest = false): ReturnType<typeof attemptSlot> => {
    const relaxed = attemptSlot(input, state, net, start, { margin: 0, ignoreGreatest });
    if (!relaxed.ok || input.margin === 0) return relaxed;
    const roomy = attemptSlot(input, state, net, start, { margin: input.margin, ignoreGreatest });
    return roomy.ok ? roomy : relaxed;
  };
  let obstacle: Obstacle | null =
    hold && hold.until > floor
      ? {
          rule: RULES.position,
          task: null,
          blockers: hold.by ? [hold.by] : [],
          people: [],
          position: net.slot.positionId,
        }
      : null;
  const work = net.before.reduce((sum, task) => sum + task.time.likely, net.blockLength);
  const lags = net.lags.reduce((sum, lag) => sum + lag.least, 0);
  // From here on everybody is idle and every least lag fits, so later can be no easier.
  const hopeless = Math.max(earliest, state.calendar.idleFrom()) + work + lags + input.margin + 1;
  let failedAt = earliest - 1;
  let stride = 1;
  let start = earliest;
  let attempt = at(start);
  while (!attempt.ok && start <= hopeless) {
    obstacle = attempt.obstacle;
    failedAt = start;
    start += Math.max(attempt.by, stride);
    stride = Math.min(stride * 2, STRIDE);
    attempt = at(start);
  }
  if (!attempt.ok) return startWithoutWindows(input, state, net, earliest, obstacle);
  // The last stride may have gone too far: halve back to the first second that fits.
  while (start - failedAt > 1) {
    const middle = Math.floor((start + failedAt) / 2);
    const sooner = at(middle);
    if (sooner.ok) {
      start = middle;
      attempt = sooner;
    } else {
      failedAt = middle;
      obstacle = sooner.obstacle;
    }
  }
  const next = attempt.state;
  next.obstacles.push(start > floor ? obstacle : null);
  return next;
}

/** No start keeps every window: the slot is placed all the same, and the missed windows are named. */
function startWithoutWindows(
  input: LineupInput,
  state: State,
  net: Network,
  earliest: number,
  obstacle: Obstacle | null,
): State {
  let start = earliest;
  let attempt = attemptSlot(input, state, net, start, { margin: 0, ignoreGreatest: true });
  while (!attempt.ok) {
    start += Math.max(attempt.by, STRIDE);
    attempt = attemptSlot(input, state, net, start, { margin: 0, ignoreGreatest: true });
  }
  const next = attempt.state;
  next.obstacles.push(start > lastEnd(state) ? obstacle : null);
  const placed = new Map(
    next.placed.filter((t) => t.slot === net.slot.id && t.go === 1).map((t) => [t.task, t]),
  );
  for (const lag of net.lags) {
    const from = placed.get(lag.from.id);
    const to = placed.get(lag.to.id);
    if (!from || !to || lag.greatest === null) continue;
    const late = to.start - from.end - lag.greatest;
    if (late <= 0) continue;
    next.conflicts.push({
      rule: RULES.lag,
      slot: net.slot.id,
      words: `${net.slot.name}: “${lag.to.name}” comes ${formatDuration(late)} too late after “${lag.from.name}”`,
      mend: 'Give the work to one more person, or allow a longer wait',
      tasks: [lag.from, lag.to].map((task) => ({ slot: net.slot.id, task: task.id })),
      people: [...from.people, ...to.people],
    });
  }
  return next;
}

/** The ways to go on from a state: clear first, or leave the clearing for a quieter moment. */
function alternatives(input: LineupInput, state: State, net: Network): State[] {
  let urgent = state;
  for (const other of state.pending)
    if (holdsPosition(other, net.slot.positionId)) urgent = clearSlot(input, urgent, other);
  let allClear = urgent;
  for (const other of urgent.pending) allClear = clearSlot(input, allClear, other);
  const deferred = startSlot(input, urgent, net);
  const filled = clearInBackground(input, deferred, net);
  const first = urgent.pending.length === 0 ? [] : [startSlot(input, allClear, net)];
  return [...first, filled, ...(filled === deferred ? [] : [deferred])];
}

/** Clears earlier slots during the newest block, where that is done by its end. */
function clearInBackground(input: LineupInput, state: State, newest: Network): State {
  let result = state;
  const limit = lastEnd(state);
  for (const other of state.pending) {
    if (other === newest) continue;
    const cleared = clearSlot(input, result, other);
    if (cleared.placed.every((t) => t.slot !== other.slot.id || t.end <= limit)) result = cleared;
  }
  return result;
}

/** Earliest moment a slot's position can be free again: cleared, or still to be cleared. */
function releaseOf(net: Network, blockEnd: number): number {
  const ends = new Map<string, number>();
  const endOf = (task: Task): number => {
    const known = ends.get(task.id);
    if (known !== undefined) return known;
    const waits = net.lags
      .filter((lag) => lag.to === task && net.following.includes(lag.from))
      .map((lag) => endOf(lag.from) + lag.least);
    const end = Math.max(blockEnd, ...waits) + task.time.likely;
    ends.set(task.id, end);
    return end;
  };
  return Math.max(blockEnd, ...net.following.filter((t) => t.place === 'stage').map(endOf));
}

/**
 * The least the end can come to from here: the blocks still to come, back to back, none before its
 * position can be free. Ranking by the last block alone would crowd out a state that gave ten
 * seconds now to have a table dry in time.
 */
function leastEnd(state: State, rest: readonly Network[]): number {
  const holds = new Map([...state.positions].map(([id, hold]) => [id, hold.until]));
  for (const net of state.pending) {
    const id = net.slot.positionId;
    const block = state.blocks.find((b) => b.slot === net.slot.id);
    if (id !== null && block)
      holds.set(id, Math.max(holds.get(id) ?? 0, releaseOf(net, block.end)));
  }
  return rest.reduce((clock, net) => {
    const id = net.slot.positionId;
    const start = Math.max(clock, (id === null ? undefined : holds.get(id)) ?? clock);
    const end = start + net.blockLength;
    if (id !== null) holds.set(id, releaseOf(net, end));
    return end;
  }, lastEnd(state));
}

const pendingWork = (state: State): number =>
  state.pending.reduce(
    (sum, net) => sum + net.following.reduce((s, task) => s + task.time.likely, 0),
    0,
  );

interface Ranked {
  state: State;
  rank: readonly number[];
}

const compareRanks = (a: Ranked, b: Ranked): number => {
  const at = a.rank.findIndex((value, i) => value !== b.rank[i]);
  return at < 0 ? 0 : (a.rank[at] ?? 0) - (b.rank[at] ?? 0);
};

/** Everything that was placed, as one text: two states that placed all alike have the same. */
const placementOf = (state: State): string =>
  state.placed
    .map((t) => `${t.slot}/${t.task}/${t.go}@${t.start}:${t.people.join('+')}`)
    .sort()
    .join('|');

/** The best states, each kind once: two that placed everything alike would only crowd the beam. */
function select(states: readonly State[], rest: readonly Network[], width: number): State[] {
  const ranked = states
    .map((state): Ranked => ({
      state,
      rank: [state.conflicts.length, leastEnd(state, rest), lastEnd(state), pendingWork(state)],
    }))
    .sort(compareRanks);
  const kept: (Ranked & { placement?: string })[] = [];
  for (const one of ranked) {
    // Only states of the same rank can be alike, and most ranks occur once.
    const peers = kept.filter((other) => compareRanks(one, other) === 0);
    const placement = peers.length > 0 ? placementOf(one.state) : undefined;
    if (peers.some((peer) => (peer.placement ??= placementOf(peer.state)) === placement)) continue;
    kept.push(placement === undefined ? one : { ...one, placement });
    if (kept.length === width) break;
  }
  return kept.map(({ state }) => state);
}

function gapsOf(input: LineupInput, state: State): Gap[] {
  return state.blocks.flatMap((block, i) => {
    const start = i === 0 ? 0 : (state.blocks[i - 1]?.end ?? 0);
    if (block.start <= start) return [];
    return [explainGap(input, block, start, state.obstacles[i] ?? null)];
  });
}

/**
 * Times a show in its given order.
 *
 * Demands that can't be met come back as conflicts; the rest is timed without them. Nothing is
 * thrown for a bad show: an empty one gives an empty timeline.
 */
export function schedule(raw: LineupInput): Timeline {
  const faults = findFaults(raw);
  const input: LineupInput = { ...raw, slots: faults.slots };
  const nets = input.slots.map(buildNetwork);
  let beam: State[] = [initialState(input)];
  nets.forEach((net, i) => {
    const next = beam.flatMap((state) => alternatives(input, state, net));
    beam = select(next, nets.slice(i + 1), BEAM);
  });
  const finished = beam.map((state) =>
    state.pending.reduce((done, net) => clearSlot(input, done, net), state),
  );
  const best = select(finished, [], 1)[0] ?? initialState(input);
  const end = lastEnd(best);
  const conflicts: Conflict[] = [...faults.conflicts, ...best.conflicts];
  const blockTime = best.blocks.reduce((sum, block) => sum + block.end - block.start, 0);
  return {
    arrival: input.arrival,
    hardFinish: input.hardFinish,
    end,
    deadAir: end - blockTime,
    blocks: best.blocks,
    tasks: [...best.placed].sort((a, b) => a.start - b.start || a.end - b.end),
    gaps: gapsOf(input, best),
    conflicts,
  };
}
