import { expect, test } from '@jest/globals';
import { asked } from '../testing/trial';
import { analyse } from './analyse';
import { claimOf, type Naming } from './claim';
import { evidencePhrases, evidenceWords } from './evidence';
import type { Reading } from './types';

const naming: Naming = {
  factor: 'Yeast',
  levelUnit: 'spoons',
  unit: 'cm',
  better: 'more',
  target: null,
};
const levels = [1, 2, 3, 4].map((value) => ({ id: `l${value}`, label: `${value}`, value }));
const readings = (of: Record<string, number[]>): Reading[] =>
  Object.entries(of).flatMap(([level, values], i) =>
    values.map((value, k) => ({ level, value, go: k * 4 + i + 1 })),
  );
const told = (of: Record<string, number[]>, question = asked(levels), as = naming): string => {
  const analysis = analyse(question, readings(of));
  return evidenceWords(analysis, claimOf(analysis, as), as);
};

test('the level that is enough, the best, and what would not have shown', () => {
  const words = told({
    l1: [18, 20, 18, 18],
    l2: [30, 32, 29, 26],
    l3: [44, 45, 44, 46],
    l4: [44, 44, 46, 46],
  });
  expect(words).toMatch(/^3 spoons 4\d(\.\d)? cm \(\d+(\.\d)? to \d+(\.\d)?, n 4\)/);
  expect(words).toContain('would not have shown.');
  expect(words).not.toContain('NaN');
});

test('yes and no as shares, with how often chance does that', () => {
  const words = told(
    { l1: [1, 1, 1, 1, 1, 0], l2: [0, 0, 0, 1, 0, 0] },
    asked(levels.slice(0, 2), { yesNo: true }),
    { ...naming, unit: '' },
  );
  // Two-sided p of the table 5, 1 / 1, 5 by Fisher’s exact test: 0.0801.
  expect(words).toBe(
    '1 spoon 5 of 6, 2 spoons 1 of 6. If it made no difference, results as unlike as these come 8 times in 100.',
  );
});

test('nothing where no level is named', () => {
  expect(told({})).toBe('');
  expect(told({ l1: [1, 2], l2: [1, 2] })).toBe('');
});

test('the figures stand out', () => {
  const analysis = analyse(asked(levels), readings({ l1: [1, 2, 1], l2: [9, 8, 9] }));
  const phrases = evidencePhrases(analysis, claimOf(analysis, naming), naming);
  expect(phrases[0]).toMatchObject({ strong: true });
  expect(phrases.some(({ strong }) => !strong)).toBe(true);
});
