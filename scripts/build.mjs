/** Builds the pages and the server into dist/, and leaves a stamp of what they were built from. */
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(import.meta.dirname, '..');
const stampFile = join(root, 'dist', 'stamp');
const SOURCES = ['core', 'contract', 'server', 'web', 'library', 'season'];
const FILES = [
  'package-lock.json',
  'vite.config.ts',
  'index.html',
  'tsconfig.json',
  'scripts/build.mjs',
];

function* filesBelow(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* filesBelow(path);
    else if (!/\.test\.tsx?$/.test(entry.name)) yield path;
  }
}

function stampOfSources() {
  const hash = createHash('sha256');
  const all = [
    ...SOURCES.flatMap((f) => [...filesBelow(join(root, f))]),
    ...FILES.map((f) => join(root, f)),
  ];
  for (const file of all.sort()) hash.update(relative(root, file)).update(readFileSync(file));
  return hash.digest('hex');
}

/** Builds unless dist/ already is what the sources give. */
export async function buildIfStale() {
  const stamp = stampOfSources();
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === stamp) return;
  console.log('Building the pages and the server …');
  const { build: buildPages } = await import('vite');
  await buildPages({ root, logLevel: 'warn' });
  await bundlePrograms('dist/server', ['server/main.ts', 'server/heavy/heavyWorker.ts']);
  writeFileSync(stampFile, stamp);
}

/** Bundles programs that Node runs, each into a file of its own name; packages stay outside. */
export async function bundlePrograms(folder, programs) {
  const { build: bundle } = await import('esbuild');
  await bundle({
    absWorkingDir: root,
    entryPoints: programs,
    outdir: folder,
    entryNames: '[name]',
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    keepNames: true,
    sourcemap: true,
    tsconfig: 'tsconfig.json',
    logLevel: 'warning',
  });
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await buildIfStale();
