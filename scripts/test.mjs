/**
 * `npm test`: everything, from a fresh clone. Lint, types, unit and server tests, the build, and the
 * interface in Chromium. Ends with one line that counts all suites: "N passed, N failed".
 */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';

const root = join(import.meta.dirname, '..');
process.chdir(root);
let passed = 0;
let failed = 0;

function run(name, command, args, env = {}) {
  console.log(`\n── ${name}`);
  const { status } = spawnSync(command, args, {
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...env },
  });
  return status === 0;
}

/** Steps that are one check each, side by side; what each says is shown when it is over. */
async function steps(...all) {
  const done = all.map(
    ([name, command, args]) =>
      new Promise((resolve) => {
        let said = '';
        const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'] });
        for (const stream of [child.stdout, child.stderr])
          stream.on('data', (chunk) => (said += String(chunk)));
        child.on('close', (status) => {
          console.log(`\n── ${name}\n${said}`);
          resolve(status === 0);
        });
      }),
  );
  for (const ok of await Promise.all(done)) {
    if (ok) passed++;
    else failed++;
  }
}

function readJson(file) {
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null;
}

function ensureChromium() {
  const there = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].some((file) =>
    existsSync(file),
  );
  if (process.env.CHROMIUM || there) return true;
  console.log('Installing Chromium for the interface tests.');
  const apt = (...args) => run('apt-get', 'apt-get', args, { DEBIAN_FRONTEND: 'noninteractive' });
  const install = (name) => apt('install', '-y', '--no-install-recommends', name);
  if (apt('update') && (install('chromium-headless-shell') || install('chromium'))) return true;
  console.error(
    'Chromium is missing and could not be installed here. Install it (as root: apt-get install chromium), ' +
      'or name one with CHROMIUM=/path/to/chromium.',
  );
  return false;
}

const bin = (name) => join('node_modules', '.bin', name);
rmSync('test-results', { recursive: true, force: true });
mkdirSync('test-results', { recursive: true });

if (!run('Packages', process.execPath, ['scripts/ensure-ready.mjs'])) process.exit(1);
await steps(
  ['Lint', 'npm', ['run', 'lint']],
  ['Types', 'npm', ['run', 'typecheck']],
  ['Build', process.execPath, ['scripts/build.mjs']],
);

const unitOk = run('Unit and server tests', process.execPath, [
  '--experimental-vm-modules',
  '--disable-warning=ExperimentalWarning',
  'node_modules/jest/bin/jest.js',
  '--json',
  '--outputFile=test-results/unit.json',
]);
const unit = readJson('test-results/unit.json');
passed += unit?.numPassedTests ?? 0;
failed += unit?.numFailedTests ?? 0;
if (!unitOk && !unit?.numFailedTests) failed++;

if (ensureChromium()) {
  const e2eOk = run('Interface tests', bin('playwright'), ['test']);
  const e2e = readJson('test-results/e2e.json');
  passed += e2e?.stats.expected ?? 0;
  failed += (e2e?.stats.unexpected ?? 0) + (e2e?.stats.flaky ?? 0);
  if (!e2eOk && !e2e?.stats.unexpected) failed++;
} else failed++;

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
