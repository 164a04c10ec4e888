/** Copies of the whole data file, kept in number beside it. */
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import { basename, dirname, join } from 'node:path';
import type { Backup, BackupReason } from '../../contract/house';
import { checkpoint, type Db } from '../db/open';

/** Copies that are kept of each kind; the oldest goes. */
const KEPT: Record<BackupReason, number> = {
  daily: 14,
  made: 20,
  'before-update': 5,
  'before-restore': 10,
};
const DAY = 24 * 60 * 60 * 1000;

const NAME = /^(.+)\.(\d{4}-\d\d-\d\dT\d\d-\d\d-\d\d-\d{3})\.([a-z-]+)\.sqlite$/;

const isReason = (text: string): text is BackupReason => Object.hasOwn(KEPT, text);

export class Backups {
  private readonly folder: string;
  private readonly stem: string;

  constructor(
    private readonly file: string,
    private readonly now: () => number = Date.now,
  ) {
    this.folder = join(dirname(file), 'backups');
    this.stem = basename(file, '.sqlite');
  }

  /** The newest first. */
  list(): Backup[] {
    if (!existsSync(this.folder)) return [];
    return readdirSync(this.folder)
      .flatMap((name): Backup[] => {
        const [, stem, when = '', reason = ''] = NAME.exec(name) ?? [];
        if (stem !== this.stem || !isReason(reason)) return [];
        const at = Date.parse(when.replace(/T(\d\d)-(\d\d)-(\d\d)-(\d{3})/, 'T$1:$2:$3.$4Z'));
        return [{ name, at, reason, bytes: statSync(join(this.folder, name)).size }];
      })
      .sort((a, b) => b.at - a.at || b.name.localeCompare(a.name));
  }

  /** Where one of the list is; null for a name that is not in it. */
  pathOf(name: string): string | null {
    return this.list().some((one) => one.name === name) ? join(this.folder, name) : null;
  }

  private fresh(reason: BackupReason): string {
    mkdirSync(this.folder, { recursive: true });
    const when = new Date(this.now()).toISOString().replace(/[:.]/g, '-').replace(/Z$/, '');
    return join(this.folder, `${this.stem}.${when}.${reason}.sqlite`);
  }

  private letGo(reason: BackupReason): void {
    const all = this.list().filter((one) => one.reason === reason);
    for (const { name } of all.slice(KEPT[reason])) rmSync(join(this.folder, name));
  }

  /** Page by page beside the work; the server goes on answering. */
  async make(db: Db, reason: BackupReason): Promise<Backup | null> {
    const path = this.fresh(reason);
    const part = `${path}.part`;
    try {
      await db.backup(part);
      renameSync(part, path);
    } finally {
      rmSync(part, { force: true });
    }
    this.letGo(reason);
    return this.list().find((one) => one.name === basename(path)) ?? null;
  }

  /** At once, while nothing else happens. `db`: open on the file; null when it is not open. */
  makeNow(db: Db | null, reason: BackupReason): void {
    if (db) checkpoint(db);
    copyFileSync(this.file, this.fresh(reason));
    this.letGo(reason);
  }

  /** The last daily copy is a day old, or there is none. */
  dailyIsDue(): boolean {
    const last = this.list().find((one) => one.reason === 'daily');
    return !last || this.now() - last.at >= DAY;
  }
}
