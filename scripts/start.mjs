/** `npm start` (demo season) and `npm run serve` (your own data): builds what is stale, then serves. */
import { join } from 'node:path';
import { buildIfStale } from './build.mjs';

process.env.NODE_ENV = 'production';
process.chdir(join(import.meta.dirname, '..'));
await buildIfStale();
await import('../dist/server/main.js');
