import { expect, test } from '@jest/globals';
import { withoutTask } from '../repertoire/change';
import type { BoundInput } from '../repertoire/care';
import { after, task } from '../testing/build';
import { method } from '../testing/bundle';
import { usesOf } from './uses';

const bound = (input: string, ref: string): BoundInput => ({
  input,
  from: 'setting',
  ref,
  value: null,
});

test('a setting and the calculators that calculates with it, with the kinds that do for all', () => {
  const made = method('m', {
    calculators: [
      {
        id: 'a',
        calculator: 'foam',
        inputs: [bound('amount', 'dose'), bound('strength', 'thick')],
      },
      { id: 'b', calculator: 'chill', inputs: [bound('there', 'dose')] },
      { id: 'c', calculator: 'foam', inputs: [bound('amount', 'dose')] },
    ],
  });
  expect(usesOf(made, 'dose')).toEqual({
    calculators: [
      'How tall and how hot is the foam?',
      'How much does it take to chill, and how long?',
    ],
    kinds: ['volume'],
  });
  expect(usesOf(made, 'thick').kinds).toEqual(['count', 'share']);
  expect(usesOf(made, 'other')).toEqual({ calculators: [], kinds: null });
});

test('a task taken away leaves nothing that hangs on it', () => {
  const made = method('m', {
    tasks: [
      task('set', 'prepare', 60),
      task('fetch', 'perform', 20, { after: [after('set'), after('soak')] }),
      task('soak', 'settle', 60),
    ],
  });
  const card = { ...made.volunteerCard, fetchedIn: 'fetch' };
  const without = withoutTask({ ...made, volunteerCard: card }, 'set');
  expect(without.tasks.map((one) => [one.id, one.after.map((a) => a.task)])).toEqual([
    ['fetch', ['soak']],
    ['soak', []],
  ]);
  expect(without.volunteerCard.fetchedIn).toBe('fetch');
  expect(withoutTask(without, 'fetch').volunteerCard.fetchedIn).toBeNull();
});
