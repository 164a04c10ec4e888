import { existsSync, mkdirSync, openSync, readSync, closeSync, statSync } from 'node:fs';
import { dirname } from 'node:path';
import Database from 'better-sqlite3';
import { MIGRATIONS } from './migrations';

export type Db = Database.Database;

/** A database that can't be used; the file is left as it was. The message is for the person. */
export class DatabaseTrouble extends Error {}

const SQLITE_HEADER = 'SQLite format 3\0';

function looksLikeDatabase(file: string): boolean {
  if (statSync(file).size === 0) return true;
  const handle = openSync(file, 'r');
  try {
    const head = Buffer.alloc(16);
    readSync(handle, head, 0, 16, 0);
    return head.toString('latin1') === SQLITE_HEADER;
  } finally {
    closeSync(handle);
  }
}

/** Refuses a file that is not, or no longer, a database of ours, before anything is written to it. */
function inspect(file: string): void {
  const damaged = (): DatabaseTrouble =>
    new DatabaseTrouble(
      `The data file ${file} is damaged or is not a Hearty Stage data file. It was left as it is. ` +
        'Put a backup in its place, or move it away to start with an empty one.',
    );
  if (!looksLikeDatabase(file)) throw damaged();
  let reading: Db | null = null;
  try {
    reading = new Database(file, { readonly: true });
    const version = reading.pragma('user_version', { simple: true }) as number;
    if (version > MIGRATIONS.length)
      throw new DatabaseTrouble(
        `The data file ${file} was written by a newer Hearty Stage (data version ${version}; ` +
          `this one knows ${MIGRATIONS.length}). It was left as it is. Start the newer version, or name another file.`,
      );
    const tables = reading
      .prepare("SELECT count(*) FROM sqlite_master WHERE type = 'table'")
      .pluck()
      .get() as number;
    if (version === 0 && tables > 0) throw damaged();
    if (reading.pragma('quick_check', { simple: true }) !== 'ok') throw damaged();
  } catch (error) {
    if (error instanceof DatabaseTrouble) throw error;
    throw damaged();
  } finally {
    reading?.close();
  }
}

/** Brings the schema up to date, each migration in a transaction of its own. */
export function migrate(db: Db, upTo = MIGRATIONS.length): void {
  const from = db.pragma('user_version', { simple: true }) as number;
  for (let version = from; version < upTo; version++) {
    db.transaction(() => {
      db.exec(MIGRATIONS[version] ?? '');
      db.pragma(`user_version = ${version + 1}`);
    })();
  }
}

/**
 * Opens the data file, creating it when there is none. Every acknowledged write is on the disk:
 * WAL with synchronous=FULL.
 *
 * Throws DatabaseTrouble for a damaged file, one that is not ours, or one of a newer version.
 */
export function openDatabase(file: string): Db {
  if (file !== ':memory:') {
    mkdirSync(dirname(file), { recursive: true });
    if (existsSync(file)) inspect(file);
  }
  const db = new Database(file);
  db.pragma('journal_mode = WAL');
  db.pragma('synchronous = FULL');
  db.pragma('foreign_keys = ON');
  db.pragma('busy_timeout = 4000');
  migrate(db);
  return db;
}
