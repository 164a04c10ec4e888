/** Whole seasons: what the learned plan says of a show is nearer to what comes than what the guesses say. */
import { expect, test } from '@jest/globals';
import { brier, SimulatedSeason, type Told } from '../testing/seasons';

const SEASONS = 40;

test('after 30 shows the truth is within 95 ± 3 % of the stated intervals, and chances are honest', () => {
  const within: boolean[] = [];
  const told: Told[] = [];
  for (let seed = 1; seed <= SEASONS; seed++) {
    const season = new SimulatedSeason(seed);
    for (let show = 0; show < 30; show++) season.perform();
    within.push(...season.within());
    told.push(season.next(), season.next(), season.next());
  }
  const share = within.filter(Boolean).length / within.length;
  expect(share).toBeGreaterThan(0.92);
  expect(share).toBeLessThan(0.98);
  const score = (plan: 'learned' | 'unlearned' | 'perfect'): number =>
    brier(told.map((one) => ({ chance: one[plan], came: one.inTime })));
  expect(score('learned')).toBeLessThan(score('unlearned'));
  // Nearly as good as for one who knows the truth.
  expect(score('learned') - score('perfect')).toBeLessThan(0.03);
  // Of shows told to end in time in about so many of ten, about so many do.
  const mean = told.reduce((sum, { learned }) => sum + learned, 0) / told.length;
  const came = told.filter(({ inTime }) => inTime).length / told.length;
  expect(Math.abs(mean - came)).toBeLessThan(0.1);
});
