/** What the stage strip draws, worked by hand on a small show. */
import { describe, expect, test } from '@jest/globals';
import { after, input, slot, task } from '../testing/build';
import { readyWindow } from './readyWindow';
import { schedule } from './schedule';
import { stripOf } from './strip';

const show = input([
  slot('foam', [
    task('soak', 'settle', 100, { place: 'wings' }),
    task('set', 'prepare', 40),
    task('pour', 'perform', 60, { after: [after('soak', 0, 300)] }),
    task('wipe', 'reset', 30),
    task('dry', 'settle', 50, { after: [after('wipe')] }),
  ]),
  slot('can', [task('crush', 'perform', 90)], { positionId: 'bench', performerId: 'jo' }),
]);
const timeline = schedule(show);
const strip = stripOf(show, timeline);

test('a position is held from the first work there to the last, drying included', () => {
  expect(strip.positions.get('table')).toEqual([
    { slot: 'foam', from: -40, until: 140, blockStart: 0, blockEnd: 60 },
  ]);
  expect(strip.positions.get('bench')).toEqual([
    { slot: 'can', from: 60, until: 150, blockStart: 60, blockEnd: 150 },
  ]);
});

test('each person has what they do, and what settles is nobody’s', () => {
  const names = (id: string): string[] => strip.people.get(id)?.map((t) => t.task) ?? [];
  expect([...names('ines'), ...names('jo')].sort()).toEqual(['crush', 'pour', 'set', 'wipe']);
  expect(names('jo')).toContain('crush');
});

test('the axis reaches from the first work to the hard finish, or past it', () => {
  expect([strip.first, strip.last]).toEqual([-100, 2400]);
  const late = { ...show, hardFinish: 100 };
  expect(stripOf(late, schedule(late)).last).toBe(150);
});

test('what runs by itself has its use and its window; drying is for nothing', () => {
  expect(strip.background).toMatchObject([
    { name: 'soak', useAt: 0, readyFrom: 0, readyUntil: 300 },
    { name: 'dry', useAt: null, readyFrom: 140, readyUntil: null },
  ]);
});

describe('ready windows', () => {
  const soaked = (pours: [least: number, greatest: number | null][]) => {
    const from = slot('foam', [
      task('soak', 'settle', 100, { place: 'wings' }),
      ...pours.map(([least, greatest], i) =>
        task(`pour${i}`, 'perform', 10, { after: [after('soak', least, greatest)] }),
      ),
    ]);
    const timed = schedule(input([from]));
    const soak = timed.tasks.find((t) => t.task === 'soak');
    if (!soak) throw new Error('It is not there');
    return { window: readyWindow(from, timed, soak), end: soak.end };
  };

  test('the use that can wait least decides', () => {
    const { window, end } = soaked([
      [0, 900],
      [0, 120],
      [0, null],
    ]);
    expect(window).toEqual({ at: 10, from: end, until: end + 120 });
  });

  test('a least wait moves the start of the window', () => {
    const { window, end } = soaked([[30, 60]]);
    expect(window).toEqual({ at: 0, from: end + 30, until: end + 60 });
    expect(end).toBeLessThanOrEqual(-30);
  });

  test('what keeps has no end; what is for nothing has no window', () => {
    expect(soaked([[0, null]]).window?.until).toBeNull();
    expect(soaked([]).window).toBeNull();
  });
});
