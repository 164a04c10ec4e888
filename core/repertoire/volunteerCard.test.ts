import { expect, test } from '@jest/globals';
import { NO_CARD } from './care';
import { briefingLines, lettingGoLines } from './volunteerCard';

test('what is only spaces is no line', () => {
  const card = { ...NO_CARD, steps: ['Stand here', ' '], wayOff: ' \n' };
  for (const line of [...briefingLines(card, 1), ...lettingGoLines(card, 1)])
    expect(line.trim()).not.toBe('');
  expect(lettingGoLines(card, 2)).toEqual(['Let the 2 volunteers go, with thanks']);
});
