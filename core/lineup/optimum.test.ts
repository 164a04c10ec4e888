/**
 * “Proven” against trying everything: on tiny shows every start of every task and every person is
 * tried, and the independent checker says which of them keep the rules.
 */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Task } from '../repertoire/types';
import { after, input, slot, task } from '../testing/build';
import { schedule } from './schedule';
import type { LineupInput, PlacedTask, PlanSlot, Timeline } from './types';
import { verifyTimeline } from './verify';

const small = fc.integer({ min: 1, max: 3 });
const role = fc.constantFrom('anyone' as const, 'helper' as const, 'performer' as const);

/** One perform step and at most two tasks around it. */
const methods: fc.Arbitrary<Task[]> = fc
  .record({
    perform: small,
    helped: fc.boolean(),
    prepare: fc.option(fc.tuple(small, role, fc.boolean()), { freq: 2 }),
    settle: fc.option(fc.tuple(small, fc.option(fc.integer({ min: 0, max: 2 })))),
    reset: fc.option(fc.tuple(small, role), { freq: 2 }),
  })
  .map(({ perform, helped, prepare, settle, reset }) => {
    const tasks: Task[] = [];
    const hand = (of: 'anyone' | 'helper' | 'performer') => ({
      role: of,
      count: 1,
      competence: null,
    });
    if (prepare)
      tasks.push(
        task('set', 'prepare', prepare[0], {
          hands: [hand(prepare[1])],
          place: prepare[2] ? 'stage' : 'wings',
        }),
      );
    else if (settle) tasks.push(task('soak', 'settle', settle[0], { place: 'wings' }));
    tasks.push(
      task('show', 'perform', perform, {
        hands: [hand('performer'), ...(helped ? [hand('helper')] : [])],
        after: !prepare && settle ? [after('soak', 0, settle[1])] : [],
      }),
    );
    if (reset) tasks.push(task('wipe', 'reset', reset[0], { hands: [hand(reset[1])] }));
    return tasks;
  });

const shows: fc.Arbitrary<LineupInput> = fc
  .record({
    slots: fc.array(
      fc.record({
        tasks: methods,
        performerId: fc.constantFrom('ines', 'jo'),
        positionId: fc.constantFrom('table', 'bench'),
        tongs: fc.boolean(),
        smoke: fc.option(small),
        dry: fc.boolean(),
      }),
      { minLength: 2, maxLength: 2 },
    ),
    arrival: fc.integer({ min: -3, max: 0 }),
  })
  .map(({ slots, arrival }) =>
    input(
      slots.map(({ tasks, tongs, smoke, dry, ...over }, i): PlanSlot =>
        slot(`s${i}`, tasks, {
          ...over,
          uses: tongs ? [{ item: 'tongs', amount: 1 }] : [],
          leaves:
            smoke === null ? [] : [{ kind: 'smoke', where: 'stage', task: null, seconds: smoke }],
          forbids: dry ? ['smoke'] : [],
        }),
      ),
      { arrival, equipment: [{ id: 'tongs', name: 'Tongs', owned: 1 }] },
    ),
  );

/** Whether the tasks around two blocks at these starts can be placed so that every rule is kept. */
function canBePlaced(show: LineupInput, starts: readonly number[], until: number): boolean {
  const blocks = show.slots.map((s, i) => {
    const length = s.tasks.find((t) => t.phase === 'perform')?.time.likely ?? 0;
    const start = starts[i] ?? 0;
    return { slot: s.id, start, end: start + length };
  });
  const all = show.slots.flatMap((s) => s.tasks.map((t) => ({ slot: s, task: t })));
  // Blocks first: what is fixed prunes the most.
  all.sort((a, b) => Number(b.task.phase === 'perform') - Number(a.task.phase === 'perform'));
  const placed: PlacedTask[] = [];
  const free = (who: string, start: number, end: number): boolean =>
    !placed.some((p) => p.people.includes(who) && p.start < end && p.end > start);
  const crews = (of: (typeof all)[number]): string[][] =>
    of.task.hands.reduce<string[][]>(
      (ways, hand) =>
        ways.flatMap((way) =>
          show.crew
            .map((p) => p.id)
            .filter((id) => !way.includes(id))
            .filter(
              (id) =>
                hand.role === 'anyone' ||
                (hand.role === 'performer') === (id === of.slot.performerId),
            )
            .map((id) => [...way, id]),
        ),
      [[]],
    );
  const place = (at: number): boolean => {
    const next = all[at];
    if (!next) {
      const end = blocks.at(-1)?.end ?? 0;
      const filled = blocks.reduce((sum, b) => sum + b.end - b.start, 0);
      const gap = { seconds: end - filled } as Timeline['gaps'][number];
      const whole = { blocks, tasks: placed, gaps: [gap], end, deadAir: end - filled };
      return verifyTimeline(show, whole as unknown as Timeline).length === 0;
    }
    const block = blocks.find((b) => b.slot === next.slot.id);
    const { phase, time } = next.task;
    const from =
      phase === 'perform'
        ? (block?.start ?? 0)
        : phase === 'reset'
          ? (block?.end ?? 0)
          : show.arrival;
    const to = phase === 'perform' ? from : phase === 'reset' ? until : (block?.start ?? 0);
    for (let start = from; start <= to; start++) {
      for (const people of crews(next)) {
        const end = start + time.likely;
        if (!people.every((id) => free(id, start, end))) continue;
        placed.push({
          slot: next.slot.id,
          task: next.task.id,
          go: 1,
          phase,
          start,
          end,
          people,
          position: next.task.place === 'stage' ? next.slot.positionId : null,
          buffer: 0,
        });
        const found = place(at + 1);
        placed.pop();
        if (found) return true;
      }
    }
    return false;
  };
  return place(0);
}

/** The least end there is, by trying every pair of starts. */
function leastEnd(show: LineupInput): number {
  const lengths = show.slots.map(
    (s) => s.tasks.find((t) => t.phase === 'perform')?.time.likely ?? 0,
  );
  const [first = 0, second = 0] = lengths;
  for (let end = first + second; ; end++)
    for (let start = 0; start + first <= end - second; start++)
      if (canBePlaced(show, [start, end - second], end + 8)) return end;
}

describe('on tiny shows', () => {
  test('what is called proven is the least there is', () => {
    let proven = 0;
    let waiting = 0;
    fc.assert(
      fc.property(shows, (show) => {
        const timeline = schedule(show);
        if (timeline.conflicts.length > 0) return;
        const least = leastEnd(show);
        expect(timeline.end).toBeGreaterThanOrEqual(least);
        if (timeline.proven) {
          proven++;
          expect(timeline.end).toBe(least);
        }
        if (timeline.deadAir > 0) waiting++;
      }),
      { numRuns: 150, seed: 71 },
    );
    // Tiny shows are all proven, and many of them have to wait for something.
    expect(proven).toBeGreaterThan(120);
    expect(waiting).toBeGreaterThan(30);
  });

  test('another pair of hands never makes more dead air', () => {
    fc.assert(
      fc.property(shows, (show) => {
        const fewer = schedule(show);
        const more = schedule({
          ...show,
          crew: [...show.crew, { id: 'mara', name: 'Mara', competences: [] }],
        });
        if (fewer.proven && more.proven) expect(more.end).toBeLessThanOrEqual(fewer.end);
      }),
      { numRuns: 200, seed: 72 },
    );
  });

  test('all times twice as long: all of it twice as long', () => {
    const twice = (show: LineupInput): LineupInput => ({
      ...show,
      arrival: show.arrival * 2,
      slots: show.slots.map((s) => ({
        ...s,
        leaves: s.leaves.map((left) => ({ ...left, seconds: left.seconds * 2 })),
        tasks: s.tasks.map((t) => ({
          ...t,
          time: { shortest: 0, likely: t.time.likely * 2, longest: 1000 },
          after: t.after.map((lag) => ({
            ...lag,
            greatest: lag.greatest === null ? null : lag.greatest * 2,
          })),
        })),
      })),
    });
    fc.assert(
      fc.property(shows, (show) => {
        const once = schedule(show);
        const both = schedule(twice(show));
        if (once.proven && both.proven) expect(both.end).toBe(once.end * 2);
      }),
      { numRuns: 200, seed: 73 },
    );
  });
});
