import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { blankShow } from '../brief/blank';
import type { Check } from './checks';
import { dayCord, spreadOut } from './dayCord';

const SHOW = blankShow('s', 'Pier', '2026-06-01', 'Etc/UTC');
const check = (key: string, place: string, due: number): Check => ({
  key,
  kind: 'place',
  title: key,
  detail: '',
  slotIds: [],
  demoName: '',
  personId: null,
  place,
  from: null,
  due,
  measures: null,
  holds: false,
});

test('fixed hours, and what falls due at each place, in the order of the day', () => {
  const checks = [
    check('bowl', 'Left bench', -2700),
    check('tongs', 'Left bench', -2600),
    check('drum', 'Floor', -1800),
    check('camera', '', -3600),
    check('exits', '', -600),
    check('late', 'Left bench', -1500),
    check('attic', 'Attic', -300),
  ];
  const done = new Set(['bowl', 'camera']);
  const cord = dayCord(SHOW, checks, ({ key }) => !done.has(key));
  expect(
    cord.map(({ name, key, at, open, all }) => [name || key, at - 14 * 3600, open, all]),
  ).toEqual([
    ['arrival', -5400, 0, 0],
    ['before the doors', -3600, 0, 1],
    ['Floor', -1800, 1, 1],
    ['Left bench', -1500, 2, 3],
    ['doors', -900, 0, 0],
    // What is at no marked place stands together, as far as the doors and from there.
    ['after the doors', -300, 2, 2],
    ['start', 0, 0, 0],
    ['hard finish', 2400, 0, 0],
  ]);
  expect(cord.map(({ mark }) => mark).filter(Boolean)).toEqual(['tee', 'corner']);
});

describe('spread out', () => {
  test('what lies far enough apart stays where it is', () => {
    expect(spreadOut([0, 100, 300], 60, 400)).toEqual([0, 100, 300]);
  });
  test('what is crowded is pushed on, and back from the end', () => {
    expect(spreadOut([0, 10, 20], 60, 400)).toEqual([0, 60, 120]);
    expect(spreadOut([380, 390, 400], 60, 400)).toEqual([280, 340, 400]);
  });
  test('none leaves the line, their order stays, and they are as far apart as there is room', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat(1000), { minLength: 1, maxLength: 20 }),
        fc.integer({ min: 10, max: 120 }),
        (unsorted, gap) => {
          const at = unsorted.toSorted((a, b) => a - b);
          const placed = spreadOut(at, gap, 1000);
          const room = Math.min(gap, at.length > 1 ? 1000 / (at.length - 1) : gap);
          placed.forEach((one, i) => {
            expect(one).toBeGreaterThanOrEqual(-1e-9);
            expect(one).toBeLessThanOrEqual(1000 + 1e-9);
            if (i > 0) expect(one - (placed[i - 1] ?? 0)).toBeGreaterThanOrEqual(room - 1e-6);
          });
        },
      ),
    );
  });
});
