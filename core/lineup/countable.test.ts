/** What can't be counted with: named, replaced, and never part of something proven. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { input, slot, task } from '../testing/build';
import { shows } from '../testing/shows';
import { schedule } from './schedule';
import type { LineupInput } from './types';

const BAD = [NaN, Infinity, -Infinity, 0.5, -1, 1e15];

/** Paths of every number in a show. */
function numbersIn(value: unknown, path: (string | number)[] = []): (string | number)[][] {
  if (typeof value === 'number') return [path];
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([key, part]) => numbersIn(part, [...path, key]));
}

function withNumber(
  show: LineupInput,
  path: readonly (string | number)[],
  bad: number,
): LineupInput {
  const copy = structuredClone(show) as unknown as Record<string | number, unknown>;
  let at = copy;
  for (const key of path.slice(0, -1)) at = at[key] as typeof copy;
  const last = path.at(-1) ?? '';
  at[last] = bad;
  return copy as unknown as LineupInput;
}

/** Amounts are counted in any unit, halves and many alike; an arrival is before the start. */
const isFine = (path: readonly (string | number)[], bad: number): boolean =>
  (['amount', 'owned'].includes(String(path.at(-1))) && Number.isFinite(bad) && bad >= 0) ||
  (path.at(-1) === 'arrival' && bad === -1);

test('one number that can’t be counted with, anywhere in any show, is named and nothing is proven', () => {
  let tried = 0;
  fc.assert(
    fc.property(shows, fc.nat(), fc.constantFrom(...BAD), (show, which, bad) => {
      const paths = numbersIn(show);
      const path = paths[which % paths.length] ?? [];
      if (isFine(path, bad)) return;
      const spoilt = withNumber(show, path, bad);
      const timeline = schedule(spoilt);
      tried++;
      expect(timeline.conflicts.length).toBeGreaterThan(0);
      expect(timeline.conflicts.some(({ message }) => message.includes(String(bad)))).toBe(true);
      expect(timeline.proven).toBe(false);
      const times = [timeline.end, timeline.deadAir, timeline.arrival, timeline.hardFinish].concat(
        timeline.blocks.flatMap((b) => [b.start, b.end]),
        timeline.tasks.flatMap((t) => [t.start, t.end]),
      );
      for (const time of times) expect(Number.isInteger(time)).toBe(true);
    }),
    { numRuns: 400, seed: 141 },
  );
  expect(tried).toBeGreaterThan(300);
});

const one = slot('a', [task('p', 'perform', 60)]);

test.each<[string, LineupInput, string]>([
  [
    'a hundred thousand goes',
    input([{ ...one, goes: 100_000 }]),
    'a: the number of goes is 100000: it must be a whole number from 1 to 20',
  ],
  [
    'two slots of one id',
    input([one, { ...one, name: 'Foam' }]),
    'The whole show: the slot “Foam” has the id of another, a, and is left out',
  ],
  [
    'two tasks of one id',
    input([slot('a', [task('p', 'perform', 60), { ...task('p', 'perform', 5), name: 'Bow' }])]),
    'a: the task “Bow” has the id of another, p, and is left out',
  ],
  [
    'two people of one id',
    input([one], {
      crew: ['Ines', 'Jo'].map((name) => ({ id: 'ines', name, competences: [] })),
    }),
    'The whole show: the person “Jo” has the id of another, ines, and is left out',
  ],
])('%s: refused in words, the rest is timed', (_what, show, words) => {
  const timeline = schedule(show);
  expect(timeline.conflicts.map(({ message }) => message)).toContain(words);
  expect(timeline.proven).toBe(false);
  expect(timeline.blocks).toHaveLength(1);
  expect(timeline.end).toBeLessThanOrEqual(20 * 60);
});

test('what can be counted with is taken as it is', () => {
  fc.assert(
    fc.property(shows, (show) => {
      expect(schedule(show).conflicts.some(({ message }) => message.includes('whole number'))).toBe(
        false,
      );
    }),
    { numRuns: 60, seed: 142 },
  );
});
