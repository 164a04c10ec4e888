import { expect, test } from '@jest/globals';
import { blankDemo, blankMethod } from './blank';
import { copyDemo, copyName } from './copy';

test('the first number that nobody has', () => {
  expect(copyName('Foam', [])).toBe('Foam (2)');
  expect(copyName('Foam', ['Foam', 'Foam (2)', 'Foam (3)'])).toBe('Foam (4)');
  expect(copyName('Foam (2)', ['Foam', 'Foam (2)'])).toBe('Foam (3)');
  expect(copyName('Foam (for two)', [])).toBe('Foam (for two) (2)');
});

test('it fits where it is written', () => {
  const long = 'x'.repeat(80);
  expect(copyName(long, [])).toBe(`${'x'.repeat(76)} (2)`);
  expect(copyName('ab cd', [], 6)).toBe('ab (2)');
});

test('a copy has neither the record nor the notes of the other', () => {
  const demo = {
    ...blankDemo('a', 'Foam', [{ ...blankMethod('m', 'One'), priorWorked: 4, priorFailed: 1 }]),
    told: 'Foam\nstir',
    pinnedNote: 'wide jar',
  };
  const copy = copyDemo(demo, 'b', 'Foam (2)');
  expect(copy).toMatchObject({ id: 'b', name: 'Foam (2)', told: '', pinnedNote: '' });
  expect(copy.methods).toMatchObject([{ id: 'm', priorWorked: 0, priorFailed: 0 }]);
  expect(demo.methods[0]?.priorWorked).toBe(4);
});
