/** What a show names and is not there holds it, and is told by its name or place. */
import { describe, expect, test } from '@jest/globals';
import { blankVenue } from '../brief/blank';
import type { ShowBundle } from '../brief/types';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { NOTHING_AROUND, readiness } from './go';
import { kitIsWhole, lostVerdicts } from './lost';

const tasks = [task('p', 'perform', 60)];
const whole: ShowBundle = {
  ...bundle(
    [
      { id: 'dome', tasks, over: { kit: [line('rod', 1, 'piece')] } },
      { id: 'foam', tasks, over: { kit: [line('rod', 1, 'piece'), line('yeast', 5, 'g')] } },
    ],
    [item('rod', 'equipment'), item('yeast', 'consumable')],
    { venueId: 'hall' },
  ),
  venue: blankVenue('hall', 'Hall'),
};

const without = <K extends 'demos' | 'items' | 'people'>(part: K, id: string): ShowBundle => ({
  ...whole,
  [part]: (whole[part] as { id: string }[]).filter((one) => one.id !== id),
});

test('of a show that has all it names, nothing', () => {
  expect(lostVerdicts(whole)).toEqual([]);
  expect(kitIsWhole(whole)).toBe(true);
});

describe('each is told, and holds the show', () => {
  test.each<[string, ShowBundle, string, string, boolean]>([
    ['a demo', without('demos', 'foam'), 'lost:slot-foam', 'Slot 2', false],
    ['an item', without('items', 'yeast'), 'lost-kit:slot-foam', 'foam', false],
    ['somebody of the crew', without('people', 'jo'), 'lost-person:jo', 'The crew', true],
    ['the venue', { ...whole, venue: null }, 'lost-venue', 'The venue', true],
  ])('%s', (_what, from, key, title, kit) => {
    expect(lostVerdicts(from)).toMatchObject([{ key, title, level: 'fix' }]);
    expect(kitIsWhole(from)).toBe(kit);
    const { state } = readiness(from, timelineOf(from), NOTHING_AROUND);
    expect(state.go).toBe(false);
    expect(state.fix.map((one) => one.key)).toContain(key);
  });

  test('an item that two demos need, for both', () => {
    expect(lostVerdicts(without('items', 'rod')).map(({ key }) => key)).toEqual([
      'lost-kit:slot-dome',
      'lost-kit:slot-foam',
    ]);
  });

  test('no venue chosen is no venue lost', () => {
    const free = { ...whole, show: { ...whole.show, venueId: null }, venue: null };
    expect(lostVerdicts(free)).toEqual([]);
  });
});
