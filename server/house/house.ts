/**
 * A data file with the server over it: opened, looked after, and exchanged for a backup while the
 * address stays.
 */
import { copyFileSync, existsSync, renameSync, rmSync, statSync } from 'node:fs';
import type { IncomingMessage, RequestListener, Server } from 'node:http';
import type { Duplex } from 'node:stream';
import { dirname, join } from 'node:path';
import { type AppOptions, createApp } from '../app';
import { type AppContext, createContext } from '../context';
import { inOwnThread } from '../heavy/heavy';
import { checkpoint, inspect, openDatabase } from '../db/open';
import { HttpError } from '../http/errors';
import { cameBy } from '../share/caller';
import { Backups } from './backups';

interface HouseOptions extends Omit<AppOptions, 'context' | 'house'> {
  file: string;
  now?: () => number;
  /** Fills a file that has never been used; called each time one is opened. */
  fill?: (context: AppContext) => void;
  /** The bundled program of the thread that answers what takes long; null to answer in this one. */
  worker?: string | null;
}

/** How often the log is put into the file, and it is looked whether a backup is due, in ms. */
const ROUND = 60_000;

/** A run that began longer ago than this, in ms, is not on any more, whatever it says. */
const UNDER_WAY = 12 * 3_600_000;

/** A run that can’t be read has no cues, and keeps nothing else from being opened. */
function followCues({ runs, cues }: AppContext, id: string): void {
  try {
    cues.engine.again(runs.head(id));
  } catch (error) {
    if (!(error instanceof HttpError)) throw error;
  }
}

const LOGS = ['-wal', '-shm'];

export class House {
  readonly backups: Backups;
  private open: AppContext;
  private listener: RequestListener;
  private round: NodeJS.Timeout | undefined;
  private inode = 0;
  private changesAtLastBackup = -1;

  constructor(private readonly options: HouseOptions) {
    this.backups = new Backups(options.file, options.now);
    this.open = this.openFile();
    this.listener = this.app();
    const { share } = options;
    share.presence.onChange(() => this.open.live.tell(share.told));
  }

  get context(): AppContext {
    return this.open;
  }

  get folder(): string {
    return join(dirname(this.options.file), 'backups');
  }

  readonly answer: RequestListener = (req, res) => this.listener(req, res);

  /** Answers what comes by the loopback of this machine. */
  readonly answerOwn: RequestListener = (req, res) => {
    cameBy(req, 'own');
    this.listener(req, res);
  };

  readonly upgrade = (request: IncomingMessage, socket: Duplex, head: Buffer): void => {
    const { share } = this.options;
    this.open.live.upgrade(request, socket, head, {
      names: share.hostsFor(request),
      caller: share.callerOf(request),
    });
  };

  /** Takes the sockets of a server on the loopback, whatever file is open. */
  attach(server: Server): void {
    server.on('upgrade', (request: IncomingMessage, socket: Duplex, head: Buffer) => {
      cameBy(request, 'own');
      this.upgrade(request, socket, head);
    });
  }

  private app(): RequestListener {
    return createApp({ ...this.options, context: this.open, house: this });
  }

  private openFile(): AppContext {
    const { file, fill, now, share, worker = null } = this.options;
    const db = openDatabase(file, {
      beforeMigration: () => this.backups.makeNow(null, 'before-update'),
    });
    const context = createContext(db, now, share.presence);
    context.log.prune();
    fill?.(context);
    context.outcomes.refresh();
    context.photos.purge();
    // Cues in their time go on after a restart too.
    for (const id of context.runs.underWay(context.now() - UNDER_WAY)) followCues(context, id);
    checkpoint(db);
    this.inode = statSync(file).ino;
    if (worker !== null) {
      context.heavy = inOwnThread(context, file, worker);
      // Nothing waits for it: it is told on Today.
      void context.damage.look().catch(() => undefined);
    }
    this.round = setInterval(() => void this.lookAfter(), ROUND);
    this.round.unref();
    return context;
  }

  private async lookAfter(): Promise<void> {
    try {
      checkpoint(this.open.db);
      this.open.photos.purge();
      await this.dailyBackup();
    } catch (error) {
      console.error('The data file could not be looked after:', error);
    }
  }

  /** A copy a day, as long as something has changed. */
  async dailyBackup(): Promise<void> {
    const changes = this.open.log.latest();
    if (!this.backups.dailyIsDue() || changes === this.changesAtLastBackup) return;
    await this.backups.make(this.open.db, 'daily');
    this.changesAtLastBackup = changes;
  }

  /** Writing to a file that was moved or deleted would go nowhere. Throws what is to be told. */
  mustBeThere(): void {
    const { file } = this.options;
    if (existsSync(file) && statSync(file).ino === this.inode) return;
    throw new HttpError(
      503,
      'file_gone',
      `The data file ${file} was moved or deleted while Hearty Stage runs. Put it back, or restore a ` +
        'backup, and start again. What is typed is kept in the meantime.',
    );
  }

  /** Puts a backup in the place of the data, which is kept as a backup first. */
  async restore(path: string): Promise<void> {
    const { file } = this.options;
    inspect(path);
    this.backups.makeNow(this.open.db, 'before-restore');
    const kept = `${file}.before`;
    copyFileSync(file, kept);
    await this.shut();
    try {
      exchange(path, file);
      this.open = this.openFile();
    } catch (error) {
      exchange(kept, file);
      this.open = this.openFile();
      throw error;
    } finally {
      rmSync(kept, { force: true });
      this.listener = this.app();
    }
    this.open.log.anew();
  }

  private async shut(): Promise<void> {
    clearInterval(this.round);
    this.open.cues.close();
    this.open.live.close();
    // No request is answered until the next file is open.
    this.listener = (_req, res) => void res.destroy();
    await this.open.heavy.close();
    checkpoint(this.open.db);
    this.open.db.close();
  }

  close(): Promise<void> {
    return this.shut();
  }
}

/** Puts a whole data file in the place of another, in one step. */
export function exchange(from: string, file: string): void {
  const part = `${file}.part`;
  copyFileSync(from, part);
  for (const log of LOGS) rmSync(file + log, { force: true });
  renameSync(part, file);
}
