/** Writes docs/calculators.md from the calculators. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { calculatorsMarkdown } from '../core/calculators/table';

writeFileSync(join(import.meta.dirname, '../docs/calculators.md'), calculatorsMarkdown());
