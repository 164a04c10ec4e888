import { expect, test } from '@jest/globals';
import { blankVenue } from '../brief/blank';
import { blankDemo, blankMethod } from '../repertoire/blank';
import { NO_NEEDS, type Needs } from '../repertoire/care';
import { placeFit } from './placeFit';

const demo = (id: string, ...needs: Partial<Needs>[]) =>
  blankDemo(
    id,
    id,
    needs.map((of, i) => ({ ...blankMethod(`m${i}`, 'way'), needs: { ...NO_NEEDS, ...of } })),
  );

test('what can’t be done says why, what is not known is a condition, the rest fits', () => {
  const venue = { ...blankVenue('v', 'Hall'), ceilingM: 3, drain: 'no' as const };
  const found = placeFit(venue, [
    demo('tall', { ceilingM: 5 }),
    demo('dark', { dark: true }),
    demo('darker', { dark: true }),
    demo('plain', {}),
  ]);
  expect(found.cannot.map(({ name }) => name)).toEqual(['tall']);
  expect(found.cannot[0]?.why).toMatch(/the ceiling is at 3 m/);
  expect(found.onlyIf.map(({ names }) => names)).toEqual([['dark', 'darker']]);
  expect(found.fits).toBe(1);
});

test('the way that the place is best for decides', () => {
  const venue = { ...blankVenue('v', 'Hall'), ceilingM: 3 };
  expect(placeFit(venue, [demo('either', { ceilingM: 5 }, {})])).toEqual({
    cannot: [],
    onlyIf: [],
    fits: 1,
  });
  expect(placeFit(venue, [])).toEqual({ cannot: [], onlyIf: [], fits: 0 });
});
