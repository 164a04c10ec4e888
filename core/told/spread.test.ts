import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { spreadOf, STEP_FAMILIES } from './guess';
import { isGuessed, withLikely } from './spread';

test('guessed ends follow; ends of one’s own stay, and are stretched only as far as they must be', () => {
  expect(withLikely(spreadOf(60, 'talk'), 120, 'talk')).toEqual(spreadOf(120, 'talk'));
  const own = { shortest: 50, likely: 60, longest: 62 };
  expect(withLikely(own, 61, 'talk')).toEqual({ shortest: 50, likely: 61, longest: 62 });
  expect(withLikely(own, 90, 'talk')).toEqual({ shortest: 50, likely: 90, longest: 90 });
  expect(withLikely(own, 10, 'talk')).toEqual({ shortest: 10, likely: 10, longest: 62 });
});

test('whatever is typed, the likely time lies between its ends', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...STEP_FAMILIES),
      fc.tuple(fc.nat(4000), fc.nat(4000), fc.nat(4000)).map((all) => all.sort((a, b) => a - b)),
      fc.nat(4000),
      (family, [shortest, likely, longest], typed) => {
        const time = withLikely({ shortest, likely, longest }, typed, family);
        expect(time.likely).toBe(typed);
        expect(time.shortest).toBeLessThanOrEqual(typed);
        expect(time.longest).toBeGreaterThanOrEqual(typed);
      },
    ),
  );
});

test('of every kind of step a guess is known as one', () => {
  for (const family of STEP_FAMILIES)
    for (const likely of [1, 15, 30, 95, 600, 5000])
      expect(isGuessed(spreadOf(likely, family), family)).toBe(true);
  expect(isGuessed({ shortest: 1, likely: 60, longest: 900 }, 'hand')).toBe(false);
});
