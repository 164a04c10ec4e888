import { expect, test } from '@jest/globals';
import { readTold } from './read';
import { guessedTimes, likelySum, showSeconds, stepsIn } from './sums';

const [METHOD] = readTold(
  'Demo\nbefore: set up 2:00\nwait: soaking 5:00\nshow: pour 0:30\nexplain\nclear: wipe 1:00',
  { things: [], people: [], positions: [] },
).methods;

test('what the audience sees is neither preparation nor clearing', () => {
  if (!METHOD) throw new Error('a method');
  expect(showSeconds(METHOD)).toBe(30 + 40);
  expect(likelySum(stepsIn(METHOD, ['prepare', 'settle']))).toBe(420);
  expect(likelySum(METHOD.steps)).toBe(420 + 70 + 60);
});

test('only what nobody said counts as guessed', () => {
  if (!METHOD) throw new Error('a method');
  expect(guessedTimes(METHOD)).toBe(1);
  expect(guessedTimes({ steps: [] })).toBe(0);
  expect(showSeconds({ steps: [] })).toBe(0);
});
