/** Sharing people out among assignments at given starts. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { input, slot, task } from '../testing/build';
import { buildGraph, type Graph } from './graph';
import { assignPeople, clashes } from './assignment';

/** One slot with jobs in the wings, and starts for them. */
function jobs(
  all: readonly { start: number; seconds: number; count?: number }[],
  people: number,
): [Graph, Float64Array] {
  const crew = Array.from({ length: people }, (_, i) => ({
    id: `p${i}`,
    name: `p${i}`,
    competences: [],
  }));
  const graph = buildGraph(
    input(
      [
        slot(
          's',
          [
            ...all.map(({ seconds, count = 1 }, i) =>
              task(`j${i}`, 'prepare', seconds, {
                place: 'wings',
                hands: [{ role: 'anyone', count, competence: null }],
              }),
            ),
            task('p', 'perform', 1, { hands: [] }),
          ],
          { performerId: null },
        ),
      ],
      { crew },
    ),
  );
  const starts = Float64Array.from(graph.activities, (activity) => {
    const number = Number(activity.task?.id.slice(1));
    return all[number]?.start ?? 1000;
  });
  return [graph, starts];
}

const spans = fc.array(
  fc.record({ start: fc.integer({ min: 0, max: 20 }), seconds: fc.integer({ min: 1, max: 8 }) }),
  { maxLength: 7 },
);

describe('for people who are all alike', () => {
  // Intervals need as many machines as overlap at the busiest moment (interval partitioning).
  test('it works exactly when never more are wanted at once than there are', () => {
    fc.assert(
      fc.property(spans, fc.integer({ min: 1, max: 3 }), (all, people) => {
        const busiest = Math.max(
          0,
          ...all.map(
            ({ start }) =>
              all.filter((j) => j.start <= start && j.start + j.seconds > start).length,
          ),
        );
        const assigned = assignPeople(...jobs(all, people));
        expect(assigned.ok).toBe(busiest <= people);
        if (!assigned.ok) {
          expect(assigned.conflicts.length).toBeGreaterThan(0);
          for (const { assignment, other } of assigned.conflicts)
            expect(assignment.activity).not.toBe(other.activity);
        }
      }),
      { numRuns: 300, seed: 121 },
    );
  });

  test('nobody is in two places', () => {
    fc.assert(
      fc.property(spans, (all) => {
        const [graph, starts] = jobs(all, 4);
        const assigned = assignPeople(graph, starts);
        if (!assigned.ok) return;
        expect(clashes(graph, starts, assigned.people)).toEqual([]);
      }),
      { numRuns: 200, seed: 122 },
    );
  });
});

test('several hands of one task are several people, even when it takes no time', () => {
  for (const seconds of [0, 5]) {
    const two = assignPeople(...jobs([{ start: 0, seconds, count: 2 }], 3));
    expect(two.ok && new Set(two.people).size).toBe(2);
  }
});

test('a task is never in its own way: what is told is the other work', () => {
  const [graph, starts] = jobs(
    [
      { start: 0, seconds: 9 },
      { start: 2, seconds: 3, count: 3 },
    ],
    3,
  );
  const assigned = assignPeople(graph, starts);
  if (assigned.ok) throw new Error('There are too few people');
  for (const { assignment, other } of assigned.conflicts)
    expect([assignment.task.task, other.task.task].sort()).toEqual(['j0', 'j1']);
});

test('what clashes shares time and somebody; what touches does not', () => {
  const [graph, starts] = jobs(
    [
      { start: 0, seconds: 5 },
      { start: 5, seconds: 5 },
      { start: 4, seconds: 2 },
    ],
    2,
  );
  const pairs = (people: readonly string[]): string[] =>
    clashes(graph, starts, people).map((pair) => pair.map(({ task: of }) => of.task).join());
  expect(pairs(['p0', 'p0', 'p0'])).toEqual(['j0,j2', 'j2,j1']);
  expect(pairs(['p0', 'p0', 'p1'])).toEqual([]);
});

test('two hands of one task clash for one person, even where it takes no time', () => {
  const [graph, starts] = jobs([{ start: 0, seconds: 0, count: 2 }], 2);
  expect(clashes(graph, starts, ['p0', 'p0'])).toHaveLength(1);
  expect(clashes(graph, starts, ['p0', 'p1'])).toEqual([]);
});
