/** The server killed two hundred times while five devices press: what was lost, doubled, or out of order. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bundlePrograms } from '../scripts/build.mjs';
import { killed } from '../server/testing/killing';

const KILLS = 200;

export async function kills200(): Promise<object> {
  const folder = mkdtempSync(join(tmpdir(), 'hearty-bench-'));
  const programs = join(process.cwd(), 'test-results', 'bench');
  await bundlePrograms(programs, ['server/main.ts']);
  const came = await killed({
    program: join(programs, 'main.js'),
    root: process.cwd(),
    data: join(folder, 'data.sqlite'),
    kills: KILLS,
    seed: 2,
  });
  rmSync(folder, { recursive: true, force: true });
  return { kills: KILLS, ...came };
}
