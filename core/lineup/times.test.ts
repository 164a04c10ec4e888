/** Solutions of a graph of starts, against trying and against their own definition. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { after, input, slot, task } from '../testing/build';
import { buildGraph, type Edge, ORIGIN } from './graph';
import { earliestStarts, linksOf, lower, naturalStarts, raise } from './times';

const edge = (from: number, to: number, weight: number): Edge => ({
  from,
  to,
  weight,
  reason: { rule: 5, kind: 'lag', from: null, to: null, people: [], position: null, thing: null },
});

/** Edges among a few activities, all of which start at or after the origin. */
const graphs = fc
  .array(
    fc.tuple(
      fc.integer({ min: 1, max: 5 }),
      fc.integer({ min: 1, max: 5 }),
      fc.integer({ min: -4, max: 6 }),
    ),
    {
      maxLength: 9,
    },
  )
  .map((all) => [
    ...[1, 2, 3, 4, 5].map((activity) => edge(ORIGIN, activity, 0)),
    ...all.filter(([a, b]) => a !== b).map(([a, b, weight]) => edge(a, b, weight)),
  ]);

const holds = (edges: readonly Edge[], starts: Float64Array): boolean =>
  edges.every(({ from, to, weight }) => (starts[to] ?? 0) >= (starts[from] ?? 0) + weight);

/** Longest ways by Floyd and Warshall; null where a circle asks for more than there is. */
function longest(edges: readonly Edge[]): number[] | null {
  const d = Array.from({ length: 6 }, (_, i) =>
    Array.from({ length: 6 }, (_, k) => (i === k ? 0 : -Infinity)),
  );
  const get = (i: number, k: number): number => d[i]?.[k] ?? -Infinity;
  const set = (i: number, k: number, value: number): void => {
    const row = d[i];
    if (row) row[k] = Math.max(get(i, k), value);
  };
  for (const { from, to, weight } of edges) set(from, to, weight);
  for (let via = 0; via < 6; via++)
    for (let i = 0; i < 6; i++) for (let k = 0; k < 6; k++) set(i, k, get(i, via) + get(via, k));
  if ([0, 1, 2, 3, 4, 5].some((i) => get(i, i) > 0)) return null;
  return [0, 1, 2, 3, 4, 5].map((k) => get(ORIGIN, k));
}

describe('earliest starts', () => {
  test('are the longest ways from the origin, and none where a circle asks too much', () => {
    let circles = 0;
    fc.assert(
      fc.property(graphs, (edges) => {
        const starts = earliestStarts(linksOf(6, edges));
        const expected = longest(edges);
        expect(starts && [...starts]).toEqual(expected);
        if (!expected) circles++;
      }),
      { numRuns: 500, seed: 111 },
    );
    expect(circles).toBeGreaterThan(20);
  });

  test('one edge more raises what it must and nothing else', () => {
    fc.assert(
      fc.property(
        graphs,
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 1, max: 9 }),
        (edges, to, weight) => {
          const before = earliestStarts(linksOf(6, edges));
          fc.pre(before !== null);
          const more = [...edges, edge(ORIGIN, to, weight)];
          const links = linksOf(6, more);
          const raised = raise(links, (before ?? new Float64Array(6)).slice(), [ORIGIN]);
          const whole = earliestStarts(links);
          expect(raised && [...raised]).toEqual(whole && [...whole]);
        },
      ),
      { numRuns: 300, seed: 112 },
    );
  });
});

describe('lowering', () => {
  test('gives a solution below, or none when something fixed would have to move', () => {
    fc.assert(
      fc.property(graphs, fc.integer({ min: 1, max: 5 }), fc.nat(6), (edges, activity, by) => {
        const base = earliestStarts(linksOf(6, edges));
        fc.pre(base !== null);
        // Room above: every activity ten later is a solution too, but for the origin, which stays.
        const wanted = (base ?? new Float64Array(6)).map((start, i) =>
          i === ORIGIN ? 0 : start + 10,
        );
        wanted[activity] = (wanted[activity] ?? 0) - by;
        const high = wanted.slice();
        const lowered = lower(linksOf(6, edges), wanted, [activity], (other) => other !== ORIGIN);
        if (!lowered) return;
        expect(holds(edges, lowered)).toBe(true);
        lowered.forEach((start, i) => expect(start).toBeLessThanOrEqual(high[i] ?? 0));
      }),
      { numRuns: 300, seed: 113 },
    );
  });

  test('what may not move stops it', () => {
    const links = linksOf(3, [edge(0, 1, 0), edge(1, 2, 5)]);
    expect(lower(links, Float64Array.of(0, 5, 8), [2], (activity) => activity === 1)).toEqual(
      Float64Array.of(0, 3, 8),
    );
    expect(lower(links, Float64Array.of(0, 5, 8), [2], () => false)).toBeNull();
    expect(
      lower(links, Float64Array.of(0, 1, 4), [2], (activity) => activity !== ORIGIN),
    ).toBeNull();
  });
});

test('natural times: blocks early, preparation late, clearing early', () => {
  const graph = buildGraph(
    input([
      slot('a', [
        task('far', 'prepare', 30, { place: 'wings' }),
        task('soak', 'settle', 100, { place: 'wings', after: [after('far')] }),
        task('show', 'perform', 60, { after: [after('soak', 0, 900)] }),
        task('wipe', 'reset', 20),
        task('dry', 'settle', 40, { after: [after('wipe', 5)] }),
      ]),
      slot('b', [task('next', 'perform', 10)], { positionId: 'bench' }),
    ]),
  );
  const links = linksOf(graph.activities.length, graph.edges);
  const earliest = earliestStarts(links);
  if (!earliest) throw new Error('It has no times');
  const starts = naturalStarts(graph, links, earliest);
  const at = (id: string): number | undefined =>
    starts[graph.activities.findIndex((activity) => activity.task?.id === id)];
  expect(graph.blocks.map((block) => starts[block])).toEqual([0, 60]);
  expect([at('soak'), at('far'), at('wipe'), at('dry')]).toEqual([-100, -130, 60, 85]);
  expect(holds(graph.edges, starts)).toBe(true);
});
