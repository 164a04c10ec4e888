import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { KIT_BASES, type KitBasis } from '../repertoire/types';
import { amountBrought, groupsOf, inHand, shareUsed } from '../repertoire/basis';
import { timesInWords, timesWanted } from './basis';

const method = { volunteers: 3 };
const show = { audience: 80, rehearsals: 2 };
const sets = { planned: 2, spare: 1 };
const times = (basis: KitBasis, kind: 'consumable' | 'equipment' = 'consumable') =>
  timesWanted({ basis, groupOf: 4 }, method, show, sets, kind);
const words = (basis: KitBasis) =>
  timesInWords({ basis, groupOf: 4 }, times(basis), show.rehearsals, sets);

describe('how many times over', () => {
  test.each([
    ['perShow', 1, 2],
    ['perDay', 1, 2],
    ['perGo', 3, 4],
    ['perVolunteer', 3, 6],
    ['perVolunteerGo', 9, 12],
    ['perHead', 80, 0],
    ['perGroup', 20, 0],
  ] as [KitBasis, number, number][])(
    '%s: %d on the day, %d to rehearse',
    (basis, factor, rehearsing) => {
      expect(times(basis)).toEqual({ factor, rehearsing });
    },
  );

  test('equipment comes back from every rehearsal', () => {
    for (const basis of KIT_BASES) expect(times(basis, 'equipment').rehearsing).toBe(0);
  });

  test('in hand on stage are the planned sets; spares lie ready', () => {
    expect(inHand({ basis: 'perGo', groupOf: null }, { goes: 2 }, method, 80)).toBe(2);
    expect(inHand({ basis: 'perVolunteer', groupOf: null }, { goes: 2 }, method, 80)).toBe(3);
  });

  test('never less with more goes, spares, heads, volunteers or rehearsals (property)', () => {
    const n = fc.integer({ min: 0, max: 50 });
    fc.assert(
      fc.property(
        fc.constantFrom(...KIT_BASES),
        fc.record({ planned: n, spare: n, audience: n, rehearsals: n, volunteers: n }),
        fc.constantFrom(
          'planned' as const,
          'spare' as const,
          'audience' as const,
          'rehearsals' as const,
          'volunteers' as const,
        ),
        (basis, some, what) => {
          const all = (of: typeof some): number => {
            const { factor, rehearsing } = timesWanted(
              { basis, groupOf: 4 },
              of,
              of,
              of,
              'consumable',
            );
            return factor + rehearsing;
          };
          expect(all({ ...some, [what]: some[what] + 1 })).toBeGreaterThanOrEqual(all(some));
        },
      ),
    );
  });
});

test('what is left over of an audience is a group of its own; of a range, the most is brought', () => {
  expect(groupsOf({ groupOf: 4 }, 30)).toBe(8);
  expect(amountBrought({ amount: 40, most: 60 })).toBe(60);
  expect(shareUsed({ amount: 40, most: 60 })).toBeCloseTo(5 / 6);
});

test('in words', () => {
  expect(KIT_BASES.map(words)).toEqual([
    'for the show, and for 2 rehearsals',
    'per go × 3 sets (2 planned, 1 spare), and for 2 rehearsals',
    'per volunteer × 3 volunteers, and for 2 rehearsals',
    'per volunteer per go × 3 volunteers × 3 sets (2 planned, 1 spare), and for 2 rehearsals',
    'each × 80 heads',
    'for every 4 × 20 groups',
    'for the day, and for 2 rehearsals',
  ]);
  expect(
    timesInWords({ basis: 'perGo', groupOf: null }, { factor: 1, rehearsing: 0 }, 0, {
      planned: 1,
      spare: 0,
    }),
  ).toBe('per go × 1 go');
});
