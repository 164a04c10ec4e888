/** What a duration is by its guess and its record, against the truth in simulation. */
import { describe, expect, test } from '@jest/globals';
import { lookUp, quantiles, shapeOf } from '../chance/beta';
import { threePoint } from '../chance/estimate';
import { type Random, randomFrom } from '../chance/random';
import { normalFrom } from '../testing/normal';
import { learnedOfAll, learnedTime, type TimeTaken } from './time';

const GUESS = { shortest: 40, likely: 60, longest: 80 };

const taken = (seconds: readonly number[], more: Partial<TimeTaken> = {}): TimeTaken[] =>
  seconds.map((one, at) => ({ seconds: one, performerId: 'ines', rehearsed: false, at, ...more }));

const times = (n: number, seconds: number, more: Partial<TimeTaken> = {}): TimeTaken[] =>
  taken(Array<number>(n).fill(seconds), more);

describe('from the guess to the record', () => {
  test('with nothing taken it is the guess (three-point: Malcolm and others 1959)', () => {
    const { mean, sd, low, high } = threePoint(GUESS);
    expect(learnedOfAll(GUESS, [])).toMatchObject({ mean, sd, low, high, goes: 0, rehearsed: 0 });
  });

  test('it moves to what is taken, and ends there', () => {
    const means = [0, 1, 2, 5, 20, 200].map((n) => learnedOfAll(GUESS, times(n, 90)).mean);
    expect(means).toEqual([...means].sort((a, b) => a - b));
    expect(means[3]).toBeGreaterThan(85);
    expect(means[5]).toBeCloseTo(90, 0);
  });

  test('a wrong guess fades: 3 min guessed, 20 goes of 1 min are 1 min within a second', () => {
    const guess = { shortest: 150, likely: 180, longest: 240 };
    const learned = learnedOfAll(guess, taken([...Array(20).keys()].map((i) => 55 + (i % 11))));
    expect(Math.abs(learned.mean - 60)).toBeLessThan(1);
    expect(learned.sd).toBeLessThan(10);
    expect(learned.high).toBeLessThan(110);
  });

  test('a rehearsal moves it, and by less than a show', () => {
    const show = learnedOfAll(GUESS, times(3, 90)).mean;
    const rehearsal = learnedOfAll(GUESS, times(3, 90, { rehearsed: true }));
    expect(rehearsal.mean).toBeGreaterThan(60);
    expect(rehearsal.mean).toBeLessThan(show);
    expect(rehearsal).toMatchObject({ goes: 0, rehearsed: 3 });
  });

  test('the more goes, the narrower; never surer than a thumb', () => {
    const widths = [1, 4, 16, 64].map((n) => {
      const { meanLow, meanHigh } = learnedOfAll(
        GUESS,
        taken([...Array(n).keys()].map((i) => 60 + ((i * 7) % 9))),
      );
      return meanHigh - meanLow;
    });
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
    expect(learnedOfAll(GUESS, times(50, 60)).sd).toBeGreaterThanOrEqual(1);
  });

  test('a guess of nothing, or that can’t vary, is still one', () => {
    const none = { shortest: 0, likely: 0, longest: 0 };
    expect(learnedOfAll(none, times(5, 30)).mean).toBeCloseTo(30, 0);
    const fixed = { shortest: 60, likely: 60, longest: 60 };
    expect(learnedOfAll(fixed, []).sd).toBe(0);
    for (const n of [0, 1, 7]) {
      const { low, mean, high } = learnedOfAll(none, times(n, 0));
      expect([low, mean, high].every((x) => Number.isFinite(x) && x >= 0)).toBe(true);
    }
  });
});

describe('per performer', () => {
  const both = [...times(12, 60), ...times(8, 80, { performerId: 'mara' })];

  test('by their own goes where there are enough, shrunk towards the others’', () => {
    const mara = learnedTime(GUESS, both, 'mara');
    expect(mara).toMatchObject({ performerId: 'mara', goes: 8 });
    expect(mara.mean).toBeGreaterThan(75);
    expect(mara.mean).toBeLessThan(80);
  });

  test('by everybody’s where there are few, or nobody is chosen', () => {
    const few = [...times(12, 60), ...times(4, 80, { performerId: 'mara' })];
    expect(learnedTime(GUESS, few, 'mara')).toEqual(learnedOfAll(GUESS, few));
    expect(learnedTime(GUESS, both, null)).toEqual(learnedOfAll(GUESS, both));
    expect(learnedTime(GUESS, both, 'jo')).toEqual(learnedOfAll(GUESS, both));
  });

  test('rehearsals are half a go towards enough', () => {
    const mixed = [...times(3, 60), ...times(8, 80, { performerId: 'mara', rehearsed: true })];
    expect(learnedTime(GUESS, mixed, 'mara').performerId).toBeNull();
    const more = [...times(3, 60), ...times(10, 80, { performerId: 'mara', rehearsed: true })];
    expect(learnedTime(GUESS, more, 'mara').performerId).toBe('mara');
  });
});

/** One step’s truth, and what somebody guessed of it. */
interface Truth {
  mean: number;
  draw: () => number;
  guess: typeof GUESS;
}

type World = (random: Random, normal: () => number) => Truth;

/** Times are skewed, as people’s are; the guess is off in its middle and in its spread. */
const usual: World = (random, normal) => {
  const mean = 20 + 280 * random.next();
  const sd = mean * (0.08 + 0.2 * random.next());
  const shape = shapeOf(mean, sd, Math.max(0, mean - 2 * sd), mean + 4 * sd);
  const table = shape && quantiles(shape);
  const low = Math.max(0, mean - 2 * sd);
  const draw = (): number =>
    table ? Math.round(low + (mean + 4 * sd - low) * lookUp(table, random.next())) : mean;
  const likely = Math.max(5, mean * (1 + 0.2 * normal()));
  const half = likely * (0.1 + 0.3 * random.next());
  const guess = { shortest: Math.max(0, likely - half), likely, longest: likely + 1.5 * half };
  return { mean, draw, guess };
};
/** Half of what it takes was forgotten, and the guess is sure of itself. */
const forgotten: World = (random, normal) => {
  const { mean, draw } = usual(random, normal);
  return { mean, draw, guess: { shortest: 0.48 * mean, likely: 0.5 * mean, longest: 0.52 * mean } };
};

/** Share of steps whose true mean is within the stated interval after so many shows. */
function coverage(world: World, shows: number, seed: number, steps = 1500): number {
  const random = randomFrom(seed);
  const normal = normalFrom(random);
  let within = 0;
  for (let i = 0; i < steps; i++) {
    const { mean, draw, guess } = world(random, normal);
    const { meanLow, meanHigh } = learnedOfAll(guess, taken(Array.from({ length: shows }, draw)));
    if (mean >= meanLow && mean <= meanHigh) within++;
  }
  return within / steps;
}

describe('the truth is within the stated interval 95 ± 3 % of the time (simulation)', () => {
  test.each([
    ['after 30 shows', usual, 30],
    ['after 10', usual, 10],
    ['after 5', usual, 5],
    ['after 3', usual, 3],
    ['after 60', usual, 60],
    ['after 30 of which half was forgotten in the guess', forgotten, 30],
    ['after 10 of such', forgotten, 10],
  ] as const)('%s', (_, world, shows) => {
    const share = coverage(world, shows, 2026 + shows);
    expect(share).toBeGreaterThan(0.92);
    expect(share).toBeLessThan(0.98);
  });
});
