/** What is said of readings: against published examples, laws, and simulated truths. */
import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { randomFrom } from '../chance/random';
import { welch } from '../statistics/welch';
import { normalFrom } from '../testing/normal';
import { asked } from '../testing/trial';
import { analyse } from './analyse';
import { claimOf, type Naming, roundsToTell } from './claim';
import type { Level, Question, Reading } from './types';

const published = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`../testing/${name}.json`, import.meta.url), 'utf8'));

type Rows = Record<string, readonly number[]>;

const amounts = (rows: Rows): Level[] =>
  Object.keys(rows).map((id) => ({ id, label: id, value: Number(id) }));
const kinds = (rows: Rows): Level[] =>
  Object.keys(rows).map((id) => ({ id, label: id, value: null }));

/** One go after the other, round by round. */
const readingsOf = (rows: Rows): Reading[] => {
  let go = 0;
  const rounds = Math.max(...Object.values(rows).map((row) => row.length));
  return Array.from({ length: rounds }, (_, i) =>
    Object.entries(rows).flatMap(([level, row]): Reading[] => {
      const value = row[i];
      return value === undefined ? [] : [{ level, value, go: ++go }];
    }),
  ).flat();
};

const NAMING: Naming = {
  factor: '',
  levelUnit: 'spoons',
  unit: 'cm',
  better: 'more',
  target: null,
};

/** Height of foam by spoons: rises to the fourth; one reading of the third fell short. */
const FOAM: Rows = {
  1: [17, 19, 18, 17],
  2: [29, 31, 27, 28],
  3: [40, 28, 41, 40],
  4: [43, 45, 44, 45],
  5: [45, 41, 47, 45],
  6: [43, 46, 44, 45],
};

describe('amounts', () => {
  const found = analyse(asked(amounts(FOAM)), readingsOf(FOAM));

  test('the smallest that is not credibly worse than the best, and more is waste', () => {
    expect(found.plateau).toMatchObject({ at: 3, more: 'waste', worseFrom: null });
    expect(found.seen).toBe(true);
    expect(claimOf(found, NAMING)).toEqual({
      kind: 'enough',
      level: '4',
      words: 'Four spoons is enough: more makes no difference we could see.',
    });
  });

  test('the reading to look at is asked about; without it an earlier level may do', () => {
    expect(found.outliers).toMatchObject([{ level: '3', value: 28, go: 9 }]);
    const without = readingsOf(FOAM).filter(({ go }) => go !== 9);
    const then = analyse(asked(amounts(FOAM)), without);
    expect(then.outliers).toEqual([]);
    expect(then.anova.residualSd).toBeLessThan(found.anova.residualSd ?? 0);
  });

  test('one more round narrows the step that decides, by the same spread', () => {
    const { nextRound } = found;
    expect(nextRound).toMatchObject({ from: '3' });
    const width = (nextRound?.high ?? 0) - (nextRound?.low ?? 0);
    const then = (nextRound?.thenHigh ?? 0) - (nextRound?.thenLow ?? 0);
    expect(then).toBeLessThan(width);
    expect(then).toBeGreaterThan(width * Math.sqrt(4 / 5) * 0.95);
  });

  test('what a reading is read to bounds how sure one can be', () => {
    const alike = { 1: [10, 10, 10], 2: [20, 20, 20], 3: [20, 20, 20] };
    const finely = analyse(asked(amounts(alike)), readingsOf(alike));
    expect(finely.levels[0]).toMatchObject({ low: 10, high: 10 });
    const { levels } = analyse(asked(amounts(alike), { resolution: 2 }), readingsOf(alike));
    // 2/√12 over √3, times t with 6 degrees of freedom, 2.447.
    expect((levels[0]?.high ?? 0) - 10).toBeCloseTo((2.4469 * 2) / Math.sqrt(12) / Math.sqrt(3), 3);
  });

  test('still rising at the last; falling from the first; best in between', () => {
    const says = (rows: Rows, more: Partial<Question> = {}): string =>
      claimOf(analyse(asked(amounts(rows), more), readingsOf(rows)), NAMING).words;
    expect(says({ 1: [9, 10, 11], 2: [19, 20, 21], 3: [29, 30, 31] })).toBe(
      'More is better up to 3 spoons, the most that was tried.',
    );
    expect(says({ 1: [29, 30, 31], 2: [19, 20, 21], 3: [9, 10, 11] })).toBe(
      'One spoon is best: more is worse.',
    );
    expect(says({ 1: [9, 10, 11], 2: [29, 30, 31], 3: [9, 10, 11] })).toBe(
      'Two spoons is best: more is worse.',
    );
    expect(says({ 1: [9, 14, 11], 2: [10, 13, 12], 3: [12, 10, 13] })).toMatch(
      /^No difference seen from 1 to 3 spoons\. One of under 3\.8 cm would not have shown\.$/,
    );
  });

  test('a difference that matters, where it is said: even the least is enough', () => {
    const level = { 1: [10, 10.4, 9.6], 2: [10.1, 10.5, 9.7], 3: [9.9, 10.3, 9.5] };
    expect(analyse(asked(amounts(level)), readingsOf(level)).plateau?.more).toBe('unsettled');
    const told = analyse(asked(amounts(level), { matters: 3 }), readingsOf(level));
    expect(told.plateau).toMatchObject({ at: 0, more: 'waste' });
  });

  test('too little is said to be too little', () => {
    const one = { 1: [10], 2: [12], 3: [11] };
    expect(claimOf(analyse(asked(amounts(one)), readingsOf(one)), NAMING).kind).toBe('thin');
    expect(claimOf(analyse(asked(amounts(one)), []), NAMING).kind).toBe('thin');
    const straight = { 1: [10], 2: [20], 3: [30], 4: [40.1] };
    expect(claimOf(analyse(asked(amounts(straight)), readingsOf(straight)), NAMING)).toMatchObject({
      kind: 'thin',
      words: expect.stringMatching(/^The more, the higher/),
    });
  });

  test('each is held against the reference, all at once', () => {
    const { fromReference, steps } = analyse(
      asked(amounts(FOAM), { reference: '4' }),
      readingsOf(FOAM),
    );
    expect(fromReference.map(({ to }) => to)).toEqual(['1', '2', '3', '5', '6']);
    expect(fromReference[0]).toMatchObject({ from: '4', credible: true });
    expect(fromReference[3]).toMatchObject({ to: '5', credible: false });
    expect(steps.map(({ credible }) => credible)).toEqual([true, true, true, false, false]);
  });
});

describe('laws', () => {
  const at = (rows: Rows, more: Partial<Question> = {}) =>
    analyse(asked(amounts(rows), more), readingsOf(rows));
  const mapped = (of: (value: number) => number): Rows =>
    Object.fromEntries(Object.entries(FOAM).map(([id, row]) => [id, row.map(of)]));

  test('another unit, another zero: the same is said', () => {
    const [plain, other] = [at(FOAM), at(mapped((value) => 1000 + value * 10))];
    expect(other.plateau).toMatchObject({ at: plain.plateau?.at, more: plain.plateau?.more });
    expect(other.anova.f).toBeCloseTo(plain.anova.f ?? NaN, 9);
    expect(other.outliers.map(({ go }) => go)).toEqual(plain.outliers.map(({ go }) => go));
  });

  test('less is better of the readings turned round', () => {
    const [plain, turned] = [
      at(FOAM),
      at(
        mapped((value) => -value),
        { better: 'less' },
      ),
    ];
    expect(turned.plateau).toMatchObject({ at: plain.plateau?.at, more: plain.plateau?.more });
    expect(turned.best).toEqual(plain.best);
    // What going further changes is told as it reads: less, where less is better.
    expect(turned.plateau?.gain?.value).toBeCloseTo(-(plain.plateau?.gain?.value ?? NaN), 9);
    expect(turned.plateau?.gain?.low).toBeCloseTo(-(plain.plateau?.gain?.high ?? NaN), 9);
  });

  test('in whatever order readings come', () => {
    const plain = analyse(asked(amounts(FOAM)), readingsOf(FOAM));
    const turned = analyse(asked(amounts(FOAM)), [...readingsOf(FOAM)].reverse());
    expect(turned.plateau).toMatchObject({ at: plain.plateau?.at, more: plain.plateau?.more });
    expect(turned.anova.f).toBeCloseTo(plain.anova.f ?? NaN, 9);
  });
});

/** Dobson, An Introduction to Statistical Modelling, 1983: plants’ dried weights; figures from memory. */
const PLANTS: Rows = {
  control: [4.17, 5.58, 5.18, 6.11, 4.5, 4.61, 5.17, 4.53, 5.33, 5.14],
  first: [4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69],
  second: [6.31, 5.12, 5.54, 5.5, 5.37, 5.29, 4.92, 6.15, 5.8, 5.26],
};

describe('kinds', () => {
  test('plants: F 4.846, and the two treatments differ while neither does from none', () => {
    const found = analyse(asked(kinds(PLANTS)), readingsOf(PLANTS));
    expect(found.anova.f).toBeCloseTo(4.846, 3);
    expect(found.anova.p).toBeCloseTo(0.01591, 5);
    expect(found.best).toEqual([0, 2]);
    expect(found).toMatchObject({ plateau: null, trend: null, fit: null });
    expect(claimOf(found, NAMING).words).toBe(
      'control and second can’t be told apart; first is worse.',
    );
  });

  test('Welch’s test of the same: p 0.01739 (from memory)', () => {
    expect(welch(Object.values(PLANTS))).toBeCloseTo(0.01739, 5);
    expect(
      welch([
        [1, 1],
        [2, 3],
      ]),
    ).toBeNull();
    expect(welch([[1, 2]])).toBeNull();
  });

  test('nearest to a target', () => {
    const rows = { short: [8, 9, 8.5], right: [10.2, 9.9, 10], long: [12, 13, 12.5] };
    const question = asked(kinds(rows), { better: 'near', target: 10 });
    const naming: Naming = { ...NAMING, better: 'near', target: 10 };
    expect(claimOf(analyse(question, readingsOf(rows)), naming).words).toBe(
      'Right comes nearest to 10 cm.',
    );
  });

  test('levels that spread differently are each judged by their own spread', () => {
    const rows = {
      steady: [10, 10.01, 9.99, 10.02, 9.98, 10],
      loose: [4, 20, 9, 26, 1, 17],
    };
    const found = analyse(asked(kinds(rows)), readingsOf(rows));
    expect(found.pooled).toBe(false);
    expect(found.levels[0]?.high).toBeLessThan(10.05);
    expect(found.levels[1]?.low).toBeLessThan(6);
  });
});

describe('yes or no', () => {
  const lit = (wax: number, tallow: number, n: number) => {
    const rows = {
      wax: Array.from({ length: n }, (_, i) => (i < wax ? 1 : 0)),
      tallow: Array.from({ length: n }, (_, i) => (i < tallow ? 1 : 0)),
    };
    return analyse(asked(kinds(rows), { yesNo: true }), readingsOf(rows));
  };

  test('five of six against one of six can still be chance; one more round would tell', () => {
    const found = lit(5, 1, 6);
    expect(found.exact?.p).toBeCloseTo(0.0801, 4);
    expect(found.seen).toBe(false);
    expect(claimOf(found, NAMING)).toMatchObject({ kind: 'unsettled', level: 'wax' });
    expect(roundsToTell(found)).toBe(1);
  });

  test('six of seven against one of seven can’t', () => {
    const found = lit(6, 1, 7);
    expect(found.seen).toBe(true);
    expect(found.best).toEqual([0]);
    expect(claimOf(found, NAMING).words).toBe(
      'Wax comes out more often than tallow: 6 of 7 against 1 of 7.',
    );
  });

  test('the same each, and what ten rounds would not tell', () => {
    expect(claimOf(lit(3, 3, 6), NAMING).words).toBe('No difference seen: 3 of 6 each.');
    expect(roundsToTell(lit(3, 3, 6))).toBeNull();
  });
});

describe('curves', () => {
  test('treated cells follow a saturation curve, and no line', () => {
    const { concentration, rate } = published('saturation') as {
      concentration: number[];
      rate: number[];
    };
    const levels = [...new Set(concentration)].map((value) => ({
      id: `${value}`,
      label: `${value}`,
      value,
    }));
    const readings = concentration.map((c, i): Reading => ({
      level: `${c}`,
      value: rate[i] ?? 0,
      go: i + 1,
    }));
    const { fit } = analyse(asked(levels), readings);
    expect(fit?.better).toBe('saturation');
    expect(fit?.saturation?.max.value).toBeCloseTo(212.68, 1);
    expect(fit?.saturation?.half.value).toBeCloseTo(0.0641, 3);
    expect(fit?.line?.lackOfFit).toBeLessThan(0.01);
  });

  test('a straight truth follows the line', () => {
    const random = normalFrom(randomFrom(4));
    const rows = Object.fromEntries(
      [1, 2, 4, 8].map((x) => [x, [0, 1, 2].map(() => 5 + 3 * x + 0.5 * random())]),
    );
    const { fit } = analyse(asked(amounts(rows)), readingsOf(rows));
    expect(fit?.better).toBe('line');
    expect(fit?.line?.slope.low).toBeLessThan(3);
    expect(fit?.line?.slope.high).toBeGreaterThan(3);
  });
});
