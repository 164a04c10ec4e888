/** Once before the interface tests: the server they share, bundled, and the data files it copies. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { bundlePrograms } from '../scripts/build.mjs';
import type * as Host from '../server/testing/host';

export const PROGRAMS = resolve('test-results', 'host');

export default async function globalSetup(): Promise<() => void> {
  await bundlePrograms(PROGRAMS, ['server/testing/host.ts']);
  const { writeTemplates } = (await import(join(PROGRAMS, 'host.js'))) as typeof Host;
  const folder = mkdtempSync(join(tmpdir(), 'hearty-templates-'));
  writeTemplates(folder);
  process.env.HEARTY_TEMPLATES = folder;
  return () => rmSync(folder, { recursive: true, force: true });
}
