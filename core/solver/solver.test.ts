/**
 * The solver against trying everything, and its parts against what is published of them.
 */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ActivityHeap } from './activity';
import { Budget } from './budget';
import { luby } from './luby';
import { Solver } from './solver';
import { isTrueKey, otherEnd } from './trail';

const MUCH = 10_000_000;

interface Arc {
  from: number;
  to: number;
  weight: number;
  choice: number | null;
}
interface Puzzle {
  most: number;
  arcs: Arc[];
  /** Each a clause of choices and whether they are wanted. */
  clauses: { choice: number; wanted: boolean }[][];
}
const NUMBERS = 4;
const CHOICES = 5;

const puzzles: fc.Arbitrary<Puzzle> = fc.record({
  most: fc.integer({ min: 0, max: 6 }),
  arcs: fc.array(
    fc
      .record({
        from: fc.nat(NUMBERS - 1),
        to: fc.nat(NUMBERS - 1),
        weight: fc.integer({ min: -3, max: 4 }),
        choice: fc.option(fc.nat(CHOICES - 1), { freq: 5 }),
      })
      .filter(({ from, to }) => from !== to),
    { maxLength: 9 },
  ),
  clauses: fc.array(
    fc.uniqueArray(fc.record({ choice: fc.nat(CHOICES - 1), wanted: fc.boolean() }), {
      minLength: 1,
      maxLength: 3,
      selector: ({ choice }) => choice,
    }),
    { maxLength: 6 },
  ),
});

/** The least value of the last number, by every choice there is; null when there is no solution. */
function leastOf({ most, arcs, clauses }: Puzzle): number | null {
  let least: number | null = null;
  for (let made = 0; made < 1 << CHOICES; made++) {
    const isMade = (choice: number): boolean => ((made >> choice) & 1) === 1;
    if (!clauses.every((all) => all.some(({ choice, wanted }) => isMade(choice) === wanted)))
      continue;
    const values = new Array<number>(NUMBERS).fill(0);
    const held = arcs.filter(({ choice }) => choice === null || isMade(choice));
    for (let pass = 0; pass <= NUMBERS * (most + 1); pass++)
      for (const { from, to, weight } of held)
        values[to] = Math.max(values[to] ?? 0, (values[from] ?? 0) + weight);
    const last = values[NUMBERS - 1] ?? 0;
    if (values.every((value) => value <= most) && (least === null || last < least)) least = last;
  }
  return least;
}

/** The same by the solver, one better than the other until there is none. */
function solved({ most, arcs, clauses }: Puzzle): number | null {
  const solver = new Solver();
  const numbers = Array.from({ length: NUMBERS }, () => solver.number(0, most));
  const choices = Array.from({ length: CHOICES }, (_, i) => solver.choice(i % 2 === 0));
  for (const { from, to, weight, choice } of arcs)
    solver.difference(
      numbers[from] ?? 0,
      numbers[to] ?? 0,
      weight,
      choice === null ? null : (choices[choice] ?? 0),
    );
  for (const clause of clauses)
    solver.clause(clause.map(({ choice, wanted }) => ({ choice: choices[choice] ?? 0, wanted })));
  const last = isTrueKey(numbers[NUMBERS - 1] ?? 0);
  let best: number | null = null;
  for (;;) {
    const outcome = solver.next(new Budget(MUCH));
    expect(outcome).not.toBe('stopped');
    if (outcome === 'none') return best;
    best = solver.bound(last);
    solver.rest();
    solver.atLeast(otherEnd(last), 1 - best);
  }
}

describe('the solver', () => {
  test('finds the least there is, or that there is nothing, as trying everything does', () => {
    let none = 0;
    let some = 0;
    fc.assert(
      fc.property(puzzles, (puzzle) => {
        const least = leastOf(puzzle);
        expect(solved(puzzle)).toBe(least);
        if (least === null) none++;
        else some++;
      }),
      { numRuns: 1500, seed: 131 },
    );
    expect(Math.min(none, some)).toBeGreaterThan(200);
  });

  /** Pigeons and holes: no two in one, and one hole too few. */
  const pigeons = (n: number, holes: number): Solver => {
    const solver = new Solver();
    const at = Array.from({ length: n }, () =>
      Array.from({ length: holes }, () => solver.choice(true)),
    );
    for (const mine of at) solver.clause(mine.map((choice) => ({ choice, wanted: true })));
    at.forEach((a, i) =>
      at.slice(0, i).forEach((b) =>
        a.forEach((choice, hole) =>
          solver.clause([
            { choice, wanted: false },
            { choice: b[hole] ?? 0, wanted: false },
          ]),
        ),
      ),
    );
    return solver;
  };

  test('shows that five pigeons have no room in four holes, and finds room in five', () => {
    expect(pigeons(5, 4).next(new Budget(MUCH))).toBe('none');
    expect(pigeons(5, 5).next(new Budget(MUCH))).toBe('found');
  });

  test('stops where its budget ends, and goes on from there with what it has learned', () => {
    const solver = pigeons(8, 7);
    expect(solver.next(new Budget(500))).toBe('stopped');
    const { conflicts } = solver;
    solver.rest();
    expect(solver.next(new Budget(MUCH))).toBe('none');
    expect(solver.conflicts).toBeGreaterThan(conflicts);
  });

  test('many learned nogoods are dropped again without a change to the answer', () => {
    // Every pigeon knows every hole: thousands of dead ends before it is shown.
    const solver = pigeons(9, 8);
    expect(solver.next(new Budget(1_000_000_000))).toBe('none');
    expect(solver.conflicts).toBeGreaterThan(3000);
  });
});

describe('a budget', () => {
  test('what is spent of a part is spent of the whole', () => {
    const whole = new Budget(100);
    const part = whole.part(0.5);
    part.spend(49);
    expect([part.exhausted, whole.left]).toEqual([false, 51]);
    part.spend(1);
    expect([part.exhausted, part.left, whole.exhausted]).toEqual([true, 0, false]);
    whole.spend(50);
    expect(whole.part(1).exhausted).toBe(true);
  });

  test('ends with the time too, for all its parts', () => {
    let now = 0;
    const whole = new Budget(MUCH, { now: () => now, until: 100 });
    const part = whole.part(0.5);
    part.spend(5000);
    expect(part.exhausted).toBe(false);
    now = 100;
    part.spend(5000);
    expect([part.exhausted, whole.exhausted, part.left]).toEqual([true, true, 0]);
  });
});

// Luby, Sinclair and Zuckerman 1993, where the sequence is given so far.
test('the sequence of new beginnings', () => {
  expect(Array.from({ length: 15 }, (_, i) => luby(i + 1))).toEqual([
    1, 1, 2, 1, 1, 2, 4, 1, 1, 2, 1, 1, 2, 4, 8,
  ]);
});

test('the heap gives the most active first, whatever was raised in between', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(9), { maxLength: 60 }), (bumps) => {
      const heap = new ActivityHeap();
      const count = new Array<number>(10).fill(0);
      for (let i = 0; i < 10; i++) heap.add(i, 0);
      for (const i of bumps) {
        heap.bump(i);
        count[i] = (count[i] ?? 0) + 1;
      }
      const order = Array.from({ length: 10 }, () => heap.pop());
      expect(heap.pop()).toBe(-1);
      expect(new Set(order).size).toBe(10);
      order
        .slice(1)
        .forEach((next, i) =>
          expect(count[order[i] ?? 0]).toBeGreaterThanOrEqual(count[next] ?? 0),
        );
    }),
    { seed: 132 },
  );
});
