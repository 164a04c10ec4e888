/** Simulated shows against what is known of them beforehand. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { learnedOfAll, type TimeTaken } from '../../learning/time';
import type { Task } from '../../repertoire/types';
import { after, input, slot, task } from '../../testing/build';
import { policy } from '../../testing/policy';
import { shows } from '../../testing/shows';
import { schedule } from '../schedule';
import type { LineupInput, PlanSlot } from '../types';
import { forecastShow, leaveOutTable } from './forecast';
import type { Forecast, SlotPolicy } from './types';

/** The forecast with all that could go, without waiting in between. */
function wholeForecast(...args: Parameters<typeof forecastShow>): Forecast {
  const [input, , policies] = args;
  const forecast = forecastShow(...args);
  const table = leaveOutTable(input, policies, forecast, 'pairs');
  for (;;) {
    const { done, value } = table.next();
    if (done) return { ...forecast, leaveOut: value };
  }
}

/** Shows whose times are certain and whose demonstrations can't fail, unless said otherwise. */
function forecast(
  show: LineupInput,
  policies: Record<string, Partial<SlotPolicy>> = {},
  runs = 2000,
): Forecast {
  const all = new Map(show.slots.map((s) => [s.id, policy(policies[s.id])]));
  return forecastShow(show, schedule(show), all, { runs, seed: 5, share: 0.9 });
}

const uncertain = (
  id: string,
  phase: Task['phase'],
  [shortest, likely, longest]: [number, number, number],
  over: Partial<Task> = {},
): Task => task(id, phase, likely, { time: { shortest, likely, longest }, ...over });

test('where nothing is uncertain, every simulated show is the planned one', () => {
  let compared = 0;
  fc.assert(
    fc.property(shows, (show) => {
      const timeline = schedule(show);
      if (timeline.conflicts.length > 0) return;
      compared++;
      const found = forecast(show, {}, 3);
      const starts = timeline.blocks.map(({ slot: id, start }) => [id, start, start, start]);
      expect(found.starts.map((s) => [s.slot, s.p10, s.p50, s.p90])).toEqual(starts);
      expect(new Set(found.dots)).toEqual(new Set([timeline.end]));
      expect(found.deadAir).toBe(timeline.deadAir);
      expect(found.windows).toEqual([]);
      expect(found.drivers).toEqual([]);
      expect(found.chance).toBe(timeline.end <= show.hardFinish ? 1 : 0);
    }),
    { numRuns: 200, seed: 111 },
  );
  expect(compared).toBeGreaterThan(90);
});

test('the same seed gives the same forecast to the letter, another one a like one', () => {
  const show = input([
    slot('a', [uncertain('p', 'perform', [100, 200, 420])]),
    slot('b', [uncertain('q', 'perform', [60, 90, 200])], { positionId: 'bench' }),
  ]);
  const all = new Map([
    ['a', policy({ record: { worked: 3, failed: 2 }, again: 1 })],
    ['b', policy()],
  ]);
  const once = wholeForecast(show, schedule(show), all, { runs: 1000, seed: 9, share: 0.9 });
  const again = wholeForecast(structuredClone(show), schedule(show), all, {
    runs: 1000,
    seed: 9,
    share: 0.9,
  });
  expect(JSON.stringify(again)).toBe(JSON.stringify(once));
  const other = wholeForecast(show, schedule(show), all, { runs: 1000, seed: 10, share: 0.9 });
  expect(other.dots).not.toEqual(once.dots);
  expect(Math.abs(other.end.mean - once.end.mean)).toBeLessThan(15);
});

describe('independent times', () => {
  // Central limit: the sum of many independent times is nearly normal, its mean the sum of the means
  // and its variance the sum of the variances; 10 % lie beyond 1.2816 standard deviations.
  test('add up: mean, spread and tenths', () => {
    const show = input(
      Array.from({ length: 20 }, (_, i) =>
        slot(`s${i}`, [uncertain('p', 'perform', [60, 90, 180])]),
      ),
    );
    const found = forecast(show, {}, 20_000);
    const mean = 20 * 100;
    const sd = 20 * Math.sqrt(20);
    expect(Math.abs(found.end.mean - mean)).toBeLessThan(4);
    expect(Math.abs(found.end.sd - sd)).toBeLessThan(3);
    expect(Math.abs(found.end.p50 - mean)).toBeLessThan(8);
    expect(Math.abs(found.end.p90 - (mean + 1.2816 * sd))).toBeLessThan(8);
    expect(Math.abs(found.end.p10 - (mean - 1.2816 * sd))).toBeLessThan(8);
    // Each of twenty alike makes a twentieth of the spread.
    expect(found.drivers).toHaveLength(20);
    for (const { share } of found.drivers) expect(Math.abs(share - 0.05)).toBeLessThan(0.02);
  });

  test('what varies most drives the spread', () => {
    const show = input([
      slot('calm', [uncertain('p', 'perform', [95, 100, 105])]),
      slot('wild', [uncertain('p', 'perform', [50, 100, 400])]),
    ]);
    const [first] = forecast(show).drivers;
    expect(first).toMatchObject({ slot: 'wild' });
    expect(first?.share).toBeGreaterThan(0.95);
  });
});

/**
 * A network worked in a textbook: Hillier and Lieberman, “Introduction to Operations Research”, the
 * building of a plant in fourteen activities (figures from memory). By hand: each mean is (a + 4m +
 * b)/6; the longest way is A B C E F J L N, 2 + 4 + 10 + 4 + 5 + 8 + 5 + 6 = 44 weeks, its variance
 * 1/9 + 1 + 4 + 4/9 + 1 + 1 + 1 + 4/9 = 9, so that by 47 weeks it has ended with a chance of 0.84.
 */
describe('a network of the textbooks', () => {
  /** Seconds to a week, so that whole seconds are fine enough. */
  const WEEK = 100;
  const NETWORK: [id: string, times: [number, number, number], after: string[]][] = [
    ['A', [1, 2, 3], []],
    ['B', [2, 3.5, 8], ['A']],
    ['C', [6, 9, 18], ['B']],
    ['D', [4, 5.5, 10], ['C']],
    ['E', [1, 4.5, 5], ['C']],
    ['F', [4, 4, 10], ['E']],
    ['G', [5, 6.5, 11], ['D']],
    ['H', [5, 8, 17], ['E', 'G']],
    ['I', [3, 7.5, 9], ['C']],
    ['J', [3, 9, 9], ['F', 'I']],
    ['K', [4, 4, 4], ['J']],
    ['L', [1, 5.5, 7], ['J']],
    ['M', [1, 2, 3], ['H']],
    ['N', [5, 5.5, 9], ['K', 'L']],
  ];

  /** What follows a moment on stage at one table; the next slot there begins when all of it is done. */
  const plant = (only: string): LineupInput => {
    const kept = NETWORK.filter(([id]) => only.includes(id));
    const tasks = kept.map(([id, times, before]) => {
      const [a, m, b] = times.map((t) => t * WEEK) as [number, number, number];
      const from = before.filter((other) => only.includes(other));
      return uncertain(id, 'settle', [a, m, b], {
        after: (from.length > 0 ? from : ['go']).map((other) => after(other)),
      });
    });
    return input(
      [
        slot('plant', [task('go', 'perform', 0), ...tasks]),
        slot('end', [task('open', 'perform', 0)]),
      ],
      { hardFinish: 47 * WEEK },
    );
  };

  test('its longest way: 44 weeks, spread 3, done by 47 with a chance of 0.84', () => {
    const found = forecast(plant('ABCEFJLN'), {}, 20_000);
    expect(Math.abs(found.end.mean / WEEK - 44)).toBeLessThan(0.15);
    expect(Math.abs(found.end.sd / WEEK - 3)).toBeLessThan(0.1);
    expect(Math.abs(found.chance - 0.8413)).toBeLessThan(0.015);
  });

  test('the whole takes no less: other ways are longer now and then', () => {
    const found = forecast(plant('ABCDEFGHIJKLMN'), {}, 20_000);
    expect(found.end.mean / WEEK).toBeGreaterThan(44);
    expect(found.end.mean / WEEK).toBeLessThan(46.5);
    expect(found.chance).toBeLessThan(0.8413);
  });
});

describe('failures', () => {
  const show = input([slot('a', [task('p', 'perform', 100)])], { hardFinish: 150 });

  test('again, then words instead: what each costs', () => {
    const sure = forecast(
      show,
      { a: { record: { worked: 4000, failed: 4000 }, again: 1, fallback: 30 } },
      20_000,
    );
    // Half work at once, a quarter at the second go, a quarter are given up after it.
    const ends = new Map<number, number>();
    for (const dot of sure.dots) ends.set(dot, (ends.get(dot) ?? 0) + 1);
    expect([...ends.keys()]).toEqual([100, 200, 230]);
    expect(Math.abs((ends.get(100) ?? 0) - 50)).toBeLessThanOrEqual(2);
    expect(Math.abs((ends.get(230) ?? 0) - 25)).toBeLessThanOrEqual(2);
    expect(Math.abs((sure.starts[0]?.works ?? 0) - 0.75)).toBeLessThan(0.015);
    expect(Math.abs(sure.chance - 0.5)).toBeLessThan(0.015);
  });

  test('the clearing between goes counts', () => {
    const slow = input([
      slot('a', [task('p', 'perform', 100), task('refill', 'reset', 40, { eachGo: true })]),
    ]);
    const found = forecast(slow, { a: { record: { worked: 0, failed: 9000 }, again: 1 } });
    expect(found.end.p50).toBe(100 + 40 + 100);
  });

  test('twice of twice leaves more open than forty of forty', () => {
    const works = (worked: number): number =>
      forecast(show, { a: { record: { worked, failed: 0 } } }, 20_000).starts[0]?.works ?? 0;
    // The mean of Jeffreys' posterior: (k + ½)/(n + 1).
    expect(Math.abs(works(2) - 2.5 / 3)).toBeLessThan(0.01);
    expect(Math.abs(works(40) - 40.5 / 41)).toBeLessThan(0.01);
  });

  test('a talk can’t fail', () => {
    expect(forecast(show).starts[0]?.works).toBeNull();
  });
});

test('times that were really taken count for more than the estimate, the more there are', () => {
  const show = input([slot('a', [uncertain('p', 'perform', [50, 60, 70])])]);
  const guess = { shortest: 50, likely: 60, longest: 70 };
  const taken = (n: number): TimeTaken[] =>
    Array.from({ length: n }, (_, at) => ({
      seconds: 120,
      performerId: null,
      rehearsed: false,
      at,
    }));
  const mean = (n: number): number =>
    forecast(show, { a: { times: new Map([['p', learnedOfAll(guess, taken(n))]]) } }).end.mean;
  expect(mean(0)).toBeCloseTo(60, 0);
  expect(mean(3)).toBeGreaterThan(85);
  expect(mean(60)).toBeGreaterThan(115);
});

test('what runs late misses its window; what is begun by the block before comes later with it', () => {
  const crew = ['ines', 'jo'].map((id) => ({ id, name: id, competences: [] }));
  const late = (greatest: number): LineupInput =>
    input(
      [
        slot('Drum', [uncertain('beat', 'perform', [100, 200, 600])], { positionId: 'bench' }),
        slot('Can', [
          task('warm', 'prepare', 30),
          task('crush', 'perform', 30, { after: [after('warm', 0, greatest)] }),
        ]),
      ],
      { crew },
    );
  const [risk] = forecast(late(60)).windows;
  expect(risk).toMatchObject({ slot: 'Can', task: 'crush', after: 'warm' });
  expect(risk?.chance).toBeGreaterThan(0.2);
  expect(risk?.chance).toBeLessThan(0.9);
  expect(forecast(late(600)).windows).toEqual([]);
});

test('who is free begins at once: what they prepare keeps nobody waiting for being slow', () => {
  const helped = (seconds: number): LineupInput =>
    input(
      [
        slot('Drum', [task('beat', 'perform', 300)], { positionId: 'bench' }),
        slot('Can', [
          uncertain('fill', 'prepare', [20, 30, 250], {
            hands: [{ role: 'helper', count: 1, competence: null }],
          }),
          task('crush', 'perform', 30),
        ]),
      ],
      { arrival: -seconds },
    );
  // From arrival there is time for the slowest; planned late, one in many would have come too late.
  expect(forecast(helped(60)).end).toMatchObject({ p10: 330, p90: 330, sd: 0 });
  expect(schedule(helped(60)).tasks.find((t) => t.task === 'fill')?.start).toBeGreaterThan(0);
});

describe('what could go', () => {
  const third = (id: string): PlanSlot => slot(id, [uncertain('p', 'perform', [80, 100, 150])]);
  const show = input(['a', 'b', 'c'].map(third), { hardFinish: 260 });
  const table = (over: Record<string, Partial<SlotPolicy>> = {}) => {
    const all = new Map(show.slots.map((s) => [s.id, policy(over[s.id])]));
    return wholeForecast(show, schedule(show), all, { runs: 4000, seed: 2, share: 0.9 }).leaveOut;
  };

  test('each that may go, and pairs: what is lost and what it buys', () => {
    const rows = table({ a: { worth: 1 }, c: { mayLeaveOut: false } });
    expect(rows.map((row) => row.slots)).toEqual([['a'], ['b'], ['a', 'b']]);
    expect(rows[0]?.worth).toBe(1);
    expect(Math.abs((rows[0]?.p50 ?? 0) - 209)).toBeLessThan(5);
    expect(rows[0]?.chance).toBeGreaterThan(0.98);
    expect(rows[2]).toMatchObject({ worth: 4, chance: 1 });
  });

  test('asked for single slots only, nothing is said of two', () => {
    const all = new Map(show.slots.map((s) => [s.id, policy()]));
    const forecasted = forecastShow(show, schedule(show), all, { runs: 100, seed: 1, share: 0.9 });
    const rows = [...leaveOutTable(show, all, forecasted, 'single')].at(-1);
    expect(rows?.map((row) => row.slots.length)).toEqual([1, 1, 1]);
  });

  test('nothing may go: an empty table; it can be stopped', () => {
    const none = { mayLeaveOut: false };
    expect(table({ a: none, b: none, c: none })).toEqual([]);
    const all = new Map(show.slots.map((s) => [s.id, policy()]));
    const forecasted = forecastShow(show, schedule(show), all, { runs: 100, seed: 1, share: 0.9 });
    const search = leaveOutTable(show, all, forecasted, 'pairs');
    expect(search.next().value).toHaveLength(1);
    expect(search.return([]).done).toBe(true);
  });
});

test('an empty show ends when it begins', () => {
  expect(forecast(input([]))).toMatchObject({ end: { p50: 0, mean: 0 }, starts: [], chance: 1 });
});
