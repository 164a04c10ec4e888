import { expect, test } from '@jest/globals';
import { seenBefore, type ShownThere } from './seen';

const show = (more: Partial<ShownThere>): ShownThere => ({
  date: '2026-05-01',
  venueId: 'hall',
  performed: 1,
  order: [{ demoId: 'foam' }, { demoId: null }, { demoId: 'can' }],
  ...more,
});
const seen = (...shows: ShownThere[]) => [...seenBefore(shows, 'hall', '2026-11-30')].sort();

test('what was performed there within two years, talks left out', () => {
  expect(seen(show({}), show({ order: [{ demoId: 'dome' }] }))).toEqual(['can', 'dome', 'foam']);
});

test('elsewhere, not performed, long ago, the same day and later do not count', () => {
  expect(
    seen(
      show({ venueId: 'pier' }),
      show({ performed: 0 }),
      show({ date: '2024-11-29' }),
      show({ date: '2026-11-30' }),
      show({ date: '2027-01-01' }),
    ),
  ).toEqual([]);
  expect(seen(show({ date: '2024-12-01' }))).toEqual(['can', 'foam']);
});

test('without a place nobody has seen anything', () => {
  expect(seenBefore([show({ venueId: null })], null, '2026-11-30').size).toBe(0);
});
