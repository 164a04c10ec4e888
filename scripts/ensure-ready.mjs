/**
 * Makes a fresh clone ready: installs packages when they are missing or out of date. Uses nothing
 * but Node's own modules, since nothing else may be there yet.
 */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(import.meta.dirname, '..');
const stampFile = join(root, 'node_modules', '.hearty-stage-ready');

const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  console.error(`Hearty Stage needs Node.js 20.19 or newer; this is ${process.versions.node}.`);
  process.exit(1);
}

const wanted = () =>
  createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .update(process.versions.modules)
    .digest('hex');

const present = existsSync(stampFile) && readFileSync(stampFile, 'utf8') === wanted();
if (!present) {
  console.error('Installing what Hearty Stage needs. This takes a few minutes the first time.');
  const { status } = spawnSync(
    'npm',
    ['install', '--no-audit', '--no-fund', '--include=dev', '--loglevel=error'],
    // Standard output stays free for what the command itself prints.
    { cwd: root, stdio: ['ignore', 2, 2], shell: process.platform === 'win32' },
  );
  if (status !== 0) {
    console.error('The packages could not be installed. See above; then start again.');
    process.exit(status ?? 1);
  }
  // npm may complete the lock file for this platform; what counts is how it stands afterwards.
  writeFileSync(stampFile, wanted());
}
