import { closeSync, existsSync, mkdirSync, openSync, readSync, rmSync, statSync } from 'node:fs';
import { dirname } from 'node:path';
import Database from 'better-sqlite3';
import { MIGRATIONS } from './migrations';

export type Db = Database.Database;

/** A database that can't be used; the file is left as it was. The message is for the person. */
export class DatabaseTrouble extends Error {}

/** Does what belongs together in one transaction that may write from its first word on. */
export const written = <T>(db: Db, work: () => T): T => db.transaction(work).immediate();

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

const codeOf = (error: unknown): string => {
  const code = (error as { code?: unknown } | null)?.code;
  return typeof code === 'string' ? code : '';
};

/** What is in the way of opening a file, in words, by the code that SQLite or the system gives. */
function troubleOf(file: string, error: unknown): DatabaseTrouble {
  if (error instanceof DatabaseTrouble) return error;
  const code = codeOf(error);
  if (/^SQLITE_(BUSY|LOCKED)/.test(code))
    return new DatabaseTrouble(
      `The data file ${file} is in use, perhaps by a Hearty Stage that is running already. ` +
        'Use that one, or stop it first.',
    );
  if (/^SQLITE_(READONLY|CANTOPEN|PERM)|^EACCES|^EROFS|^EPERM/.test(code))
    return new DatabaseTrouble(
      `The data file ${file}, or its folder, can’t be written to. Give this user the right to ` +
        'write there, or name another file with HEARTY_DATA.',
    );
  if (/^SQLITE_FULL|^ENOSPC/.test(code))
    return new DatabaseTrouble(`The disk that holds ${file} is full. Make room on it first.`);
  return new DatabaseTrouble(
    `The data file ${file} is damaged or is not a Hearty Stage data file. It was left as it is. ` +
      'Put a backup in its place, or move it away to start with an empty one.',
  );
}

/**
 * Refuses a file that is not, or no longer, a database of ours, before anything is written to it; gives
 * its version, 0 for a new one. Throws DatabaseTrouble.
 */
export function inspect(file: string): number {
  let reading: Db | null = null;
  try {
    if (!looksLikeDatabase(file)) throw new DatabaseTrouble(troubleOf(file, null).message);
    if (statSync(file).size === 0) return 0;
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
    if (version === 0 && tables > 0) throw troubleOf(file, null);
    // A file of ours has its tables from its first moment on.
    if (tables === 0)
      throw new DatabaseTrouble(
        `The data file ${file} holds nothing: the log beside it, ${file}-wal, seems to be lost. ` +
          'Put the log back, or a backup in its place, or move the file away to start with an empty one.',
      );
    if (reading.pragma('quick_check', { simple: true }) !== 'ok') throw troubleOf(file, null);
    return version;
  } catch (error) {
    throw troubleOf(file, error);
  } finally {
    reading?.close();
  }
}

/** Brings the schema up to date, each migration in a transaction of its own. */
export function migrate(db: Db, upTo = MIGRATIONS.length): void {
  const from = db.pragma('user_version', { simple: true }) as number;
  for (let version = from; version < upTo; version++) {
    written(db, () => {
      db.exec(MIGRATIONS[version] ?? '');
      db.pragma(`user_version = ${version + 1}`);
    });
  }
}

/** Puts what is in the log into the file itself, and empties the log. */
export const checkpoint = (db: Db): void => void db.pragma('wal_checkpoint(TRUNCATE)');

/**
 * Keeps everybody else out of a data file. The lock is a file of its own, so that other threads can
 * read the data; the system lets it go even when the program is killed.
 */
function locked(file: string): () => void {
  const path = `${file}.lock`;
  const lock = new Database(path, { timeout: 0 });
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    lock.close();
    throw error;
  }
  return () => {
    rmSync(path, { force: true });
    lock.close();
  };
}

export interface OpenOptions {
  /** Called before a file of an earlier version is changed; the file is whole and no other program has it. */
  beforeMigration?: (file: string, version: number) => void;
}

/**
 * Opens the data file, creating it when there is none, and keeps everybody else out of it until it is
 * closed. Every acknowledged write is on the disk: WAL with synchronous=FULL.
 *
 * Throws DatabaseTrouble for a damaged file, one that is not ours or of a newer version, one that is in
 * use, and one that can't be written.
 */
export function openDatabase(file: string, { beforeMigration }: OpenOptions = {}): Db {
  let db: Db | null = null;
  let unlock = (): void => undefined;
  try {
    let version = 0;
    if (file !== ':memory:') {
      mkdirSync(dirname(file), { recursive: true });
      unlock = locked(file);
      if (existsSync(file)) version = inspect(file);
    }
    db = new Database(file);
    db.pragma('busy_timeout = 4000');
    db.pragma('journal_mode = WAL');
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
    // What is removed is gone from the file too.
    db.pragma('secure_delete = ON');
    checkpoint(db);
    if (version > 0 && version < MIGRATIONS.length) beforeMigration?.(file, version);
    migrate(db);
    // Shown to be possible now, not at the first change.
    db.pragma(`user_version = ${MIGRATIONS.length}`);
    checkpoint(db);
    const opened = db;
    const close = db.close.bind(db);
    db.close = () => {
      close();
      unlock();
      return opened;
    };
    return db;
  } catch (error) {
    db?.close();
    unlock();
    throw troubleOf(file, error);
  }
}
