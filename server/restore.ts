/** `npm run restore -- FILE`: puts a backup in the place of the data, which is kept as a backup first. */
import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { DatabaseTrouble, inspect, openDatabase } from './db/open';
import { Backups } from './house/backups';
import { exchange } from './house/house';

const USAGE = 'Usage: npm run restore -- FILE [--demo]';

function stop(message: string): never {
  console.error(message);
  process.exit(1);
}

const { values, positionals } = parseArgs({
  options: { demo: { type: 'boolean', default: false } },
  allowPositionals: true,
});
const [from] = positionals;
if (from === undefined || positionals.length > 1) stop(USAGE);
const backup = resolve(from);
if (!existsSync(backup)) stop(`There is no file ${backup}.`);
const file = process.env.HEARTY_DATA
  ? resolve(process.env.HEARTY_DATA)
  : resolve(join('data', values.demo ? 'demo.sqlite' : 'hearty-stage.sqlite'));
try {
  inspect(backup);
  if (existsSync(file)) {
    // Opened, to find out whether another program has it.
    const db = openDatabase(file);
    new Backups(file).makeNow(db, 'before-restore');
    db.close();
  }
  exchange(backup, file);
  openDatabase(file).close();
} catch (error) {
  if (error instanceof DatabaseTrouble) stop(error.message);
  throw error;
}
process.stdout.write(
  `${file} is now as it was in ${backup}.\n` +
    `What was there before is in ${join(file, '..', 'backups')}.\n`,
);
