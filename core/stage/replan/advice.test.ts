/** What to leave out, against trying every way of at most three; what chance adds, from where the show is. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { quantiles, shapeOf } from '../../chance/beta';
import { randomFrom } from '../../chance/random';
import { forecastShow } from '../../lineup/forecast/forecast';
import { liveShow, Night } from '../../testing/live';
import { policy } from '../../testing/policy';
import { input, slot, task } from '../../testing/build';
import { adviceOf } from './advice';
import { remaining } from './foresee';

const three = (shortest: number, likely: number, longest: number) => ({
  time: { shortest, likely, longest },
});

/** Slots of these lengths and worths, each half as long or half as long again; the first is on. */
const showOf = (
  slots: readonly { seconds: number; worth: number; stays: boolean }[],
  hardFinish: number,
) =>
  liveShow(
    input(
      slots.map(({ seconds }, i) =>
        slot(
          `s${i}`,
          [
            task(
              'p',
              'perform',
              seconds,
              three(Math.round(seconds / 2), seconds, Math.round(1.5 * seconds)),
            ),
          ],
          { positionId: i % 2 ? 'table' : 'bench' },
        ),
      ),
      { hardFinish },
    ),
    {
      slots: Object.fromEntries(
        slots.map(({ worth, stays }, i) => [`s${i}`, { worth, mayLeaveOut: !stays }]),
      ),
    },
  );

const ways = (ids: readonly string[], most: number): string[][] =>
  most === 0
    ? [[]]
    : ids.reduce<string[][]>(
        (all, id) => [...all, ...all.filter((way) => way.length < most).map((way) => [...way, id])],
        [[]],
      );

describe('what to leave out', () => {
  test('loses least of all ways of at most three that end in time often enough (property)', () => {
    let advised = 0;
    const slots = fc.array(
      fc.record({
        seconds: fc.integer({ min: 30, max: 300 }),
        worth: fc.integer({ min: 1, max: 5 }),
        stays: fc.integer({ min: 0, max: 5 }).map((n) => n === 0),
      }),
      { minLength: 3, maxLength: 6 },
    );
    fc.assert(
      fc.property(slots, fc.double({ min: 0.4, max: 1.1, noNaN: true }), (all, share) => {
        const whole = all.reduce((sum, { seconds }) => sum + seconds, 0);
        const show = showOf(all, Math.round(whole * share));
        const night = new Night(show, { runs: 400 }).at(0, 'start');
        const now = night.call(5);
        const advice = adviceOf(night.caller, now.at, now);
        const { share: wanted } = night.caller.size;
        const ids = all.flatMap(({ stays }, i) => (stays || i === 0 ? [] : [`s${i}`]));
        const worthOf = (way: readonly string[]): number =>
          way.reduce((sum, id) => sum + (all[Number(id.slice(1))]?.worth ?? 0), 0);
        const enough = ways(ids, 3)
          .map((way) => ({
            way,
            chance: night.caller.at(
              now.at,
              way.map((id) => ({ kind: 'leaveOut' as const, slot: id })),
              100,
            ).forecast.chance,
          }))
          .filter(({ chance }) => chance >= wanted);
        if (now.forecast.chance >= wanted) {
          expect(advice).toBeNull();
          return;
        }
        const least = Math.min(...enough.map(({ way }) => worthOf(way)));
        if (least === Infinity) {
          if (advice?.enough) expect(advice.leaveOut.length).toBeGreaterThan(3);
          return;
        }
        advised++;
        expect(advice).toMatchObject({ enough: true, worth: least });
        const chances = enough
          .filter(({ way }) => worthOf(way) === least && way.length === advice?.leaveOut.length)
          .map(({ chance }) => chance);
        expect(advice?.call.forecast.chance).toBe(Math.max(...chances));
      }),
      { numRuns: 60, seed: 1403 },
    );
    expect(advised).toBeGreaterThan(20);
  });

  test('a minute is left and ten are to go: as much worth as still ends in time is kept', () => {
    const ten = Array.from({ length: 10 }, (_, i) => ({
      seconds: 20 + 5 * i,
      worth: 1 + (i % 5),
      stays: false,
    }));
    const show = showOf([{ seconds: 20, worth: 3, stays: true }, ...ten], 600);
    const night = new Night(show, { runs: 400 }).at(0, 'start').at(540, 'done');
    // The first of the ten is on; 60 s are left.
    const now = night.call(540);
    const advice = adviceOf(night.caller, now.at, now);
    expect(advice?.enough).toBe(true);
    expect(advice?.leaveOut.length).toBeGreaterThan(3);
    expect(advice?.call.forecast.chance).toBeGreaterThanOrEqual(0.9);
  });

  test('where nothing ends in time, all that may go is told if it saves a minute, and that it is not enough', () => {
    const long = (stays: boolean) => ({ seconds: 200, worth: 2, stays });
    const told = (slots: { seconds: number; worth: number; stays: boolean }[]) => {
      const night = new Night(showOf([long(true), ...slots], 90), { runs: 200 }).at(0, 'start');
      const now = night.call(80);
      return adviceOf(night.caller, now.at, now);
    };
    const advice = told([long(false), long(true), long(false)]);
    expect(advice).toMatchObject({ leaveOut: ['s1', 's3'], enough: false });
    expect(advice?.saves).toBeGreaterThan(300);
    expect(told([long(true), { ...long(false), seconds: 30 }])).toBeNull();
    expect(told([long(true)])).toBeNull();
  });

  test('a set that was made ready is cleared all the same, and that is in what it gives', () => {
    const helper = [{ role: 'helper' as const, count: 1, competence: null }];
    const laid = liveShow(
      input(
        [
          slot('a', [task('p', 'perform', 60)], { positionId: 'bench' }),
          slot('b', [
            task('set', 'prepare', 30, { hands: helper }),
            task('q', 'perform', 100),
            task('clear', 'reset', 50, { hands: helper, eachGo: false }),
          ]),
          slot('c', [task('r', 'perform', 60)]),
        ],
        { hardFinish: 200 },
      ),
      { slots: { a: { mayLeaveOut: false }, c: { mayLeaveOut: false } } },
    );
    const night = new Night(laid).at(0, 'start').at(40, 'ready', { slot: 'b', step: 'set' });
    const now = night.call(50);
    const advice = adviceOf(night.caller, now.at, now);
    expect(advice?.leaveOut).toEqual(['b']);
    // Cleared from now, 50, until 100, and only then the table is free.
    expect(advice?.call.found.plan.end).toBe(100 + 60);
  });
});

describe('what is still to come of a time', () => {
  const shape = shapeOf(60, 12, 30, 110);
  const table = quantiles(shape ?? { alpha: 2, beta: 2 });
  const usual = { low: 30, width: 80, table };
  const draw = ({ low, width, table: of }: typeof usual, even: number): number => {
    const at = even * (of.length - 1);
    const i = Math.floor(at);
    return low + width * ((of[i] ?? 0) + (at - i) * ((of[i + 1] ?? of[i] ?? 0) - (of[i] ?? 0)));
  };

  test.each([0, 20, 45, 60, 80])('is that of the draws that take longer than %d s', (gone) => {
    const random = randomFrom(7);
    const all = Array.from({ length: 40_000 }, () => draw(usual, random.next()));
    const longer = all.filter((seconds) => seconds > gone).map((seconds) => seconds - gone);
    longer.sort((a, b) => a - b);
    const rest = remaining(usual, gone) as typeof usual;
    for (const even of [0.1, 0.5, 0.9]) {
      const drawn = longer[Math.floor(even * longer.length)] ?? 0;
      expect(Math.abs(draw(rest, even) - drawn)).toBeLessThan(1.2);
    }
  });

  test('beyond its longest it is a little more, and never less than nothing', () => {
    const rest = remaining(usual, 130) as typeof usual;
    expect(draw(rest, 0)).toBe(0);
    expect(draw(rest, 1 - 1e-9)).toBeCloseTo(32.5, 0);
    expect(remaining({ low: 40, width: 0, table: null }, 55)).toEqual({
      low: 0,
      width: 0,
      table: null,
    });
  });
});

describe('the end that is told on stage', () => {
  const show = showOf(
    [60, 120, 90, 200].map((seconds) => ({ seconds, worth: 3, stays: false })),
    500,
  );

  test('is the plan’s forecast when the show begins, and gets surer as it goes on', () => {
    const before = forecastShow(show.input, show.written, show.policies, {
      runs: 4000,
      seed: 1,
      share: 0.9,
    });
    const night = new Night(show, { runs: 4000 }).at(0, 'start');
    const at0 = night.call(0).forecast;
    expect(Math.abs(at0.end.p50 - before.end.p50)).toBeLessThan(3);
    expect(Math.abs(at0.chance - before.chance)).toBeLessThan(0.03);
    const spread = [night.call(0)];
    for (const end of [60, 180, 270]) spread.push(night.at(end, 'done').call(end));
    const widths = spread.map(({ forecast }) => forecast.end.p90 - forecast.end.p10);
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
    expect(night.at(470, 'done').call(470).forecast.end).toMatchObject({ p10: 470, p90: 470 });
  });

  test('a go that may fail, with the show’s rule, is in it until it is known', () => {
    const risky = liveShow(show.input, {
      policies: { s0: policy({ again: 1, record: { worked: 5, failed: 5 } }) },
    });
    const night = new Night(risky, { runs: 4000 }).at(0, 'start');
    const { again, starts } = night.call(10).forecast;
    // Half of the goes fail, and each takes another 60 s or so.
    expect(again).toBeGreaterThan(20);
    expect(again).toBeLessThan(40);
    expect(starts[0]?.works).toBeGreaterThan(0.6);
    expect(night.at(60, 'done').call(60).forecast.again).toBe(0);
    // Failed, and the rule asks for another: that is what is told while it is not decided.
    const failed = new Night(risky, { runs: 4000 }).at(0, 'start').at(60, 'failed');
    const { found, live } = failed.call(60);
    expect(live.go).toBe(2);
    expect(found.plan.end).toBe(60 + 60 + 120 + 90 + 200);
  });
});
