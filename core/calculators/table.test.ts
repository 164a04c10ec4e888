import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { CALCULATORS } from './catalogue';
import { calculatorsMarkdown } from './table';

test('the table in docs is the one the calculators give (npm run calculators)', () => {
  const text = readFileSync(join(import.meta.dirname, '../../docs/calculators.md'), 'utf8');
  expect(text).toBe(calculatorsMarkdown());
  for (const { title } of CALCULATORS) expect(text).toContain(`### ${title}`);
  expect(text).not.toMatch(/\bsafe\b/i);
});
