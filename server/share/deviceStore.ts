/**
 * The devices that were let in and how the share stands, in a file of their own beside the data: they
 * belong to this machine, and neither a backup nor what is restored from one touches them.
 */
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import Database from 'better-sqlite3';
import type { Device, DeviceKind, DeviceRole, Role } from '../../contract/share';
import type { Db } from '../db/open';
import { HttpError, notFound } from '../http/errors';
import { codeEnds, newCode } from './code';

/** Devices at one time; the next is refused, and told so. */
export const DEVICES_MOST = 200;
/** Browsers of this machine at one time. */
const OWN_MOST = 40;
/** Browsers of this machine that have not been seen for so long are forgotten, in ms. */
const FORGET_OWN = 14 * 86_400_000;

const VERSION = 1;
const SCHEMA = `
CREATE TABLE share (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  instance TEXT NOT NULL,
  is_on INTEGER NOT NULL CHECK (is_on IN (0, 1)),
  code TEXT NOT NULL,
  code_until INTEGER NOT NULL,
  join_as TEXT NOT NULL CHECK (join_as IN ('presenter', 'crew', 'screen', 'audience')),
  gone_after INTEGER NOT NULL,
  show_id TEXT
) STRICT;
CREATE TABLE device (
  id TEXT PRIMARY KEY,
  number INTEGER NOT NULL,
  token TEXT NOT NULL UNIQUE,
  name TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('laptop', 'tablet', 'phone')),
  role TEXT NOT NULL CHECK (role IN ('owner', 'presenter', 'crew', 'screen', 'audience')),
  person TEXT,
  joined_at INTEGER NOT NULL,
  seen_at INTEGER NOT NULL
) STRICT, WITHOUT ROWID;
`;

export interface ShareState {
  on: boolean;
  code: string;
  codeUntil: number;
  joinAs: DeviceRole;
  goneAfter: number;
  showId: string | null;
}

interface Row {
  id: string;
  number: number;
  token: string;
  name: string;
  kind: DeviceKind;
  role: Role;
  person: string | null;
  joinedAt: number;
  seenAt: number;
}

/** What is kept of a token: whoever reads the file can't come in with it. */
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** A file that can't be used is put out of the way: nothing but devices is lost with it. */
function opened(file: string): Db {
  const db = new Database(file);
  try {
    db.pragma('journal_mode = WAL');
    db.pragma('synchronous = NORMAL');
    db.pragma('secure_delete = ON');
    const version = db.pragma('user_version', { simple: true }) as number;
    if (version === 0) {
      db.exec(SCHEMA);
      db.pragma(`user_version = ${VERSION}`);
    } else if (version !== VERSION) throw new Error(`devices of version ${version}`);
    db.prepare('SELECT count(*) FROM device').get();
    return db;
  } catch (error) {
    db.close();
    throw error;
  }
}

export class DeviceStore {
  private readonly db: Db;
  /** By what is kept of their tokens. */
  private readonly byToken = new Map<string, Row>();
  private state: ShareState;
  /** Names this server among others at the same address. */
  readonly instance: string;

  /** Throws when the file is damaged or of another version. */
  constructor(
    file: string,
    private readonly now: () => number = Date.now,
  ) {
    this.db = opened(file);
    const row = this.db.prepare('SELECT * FROM share').get() as
      | {
          instance: string;
          is_on: 0 | 1;
          code: string;
          code_until: number;
          join_as: DeviceRole;
          gone_after: number;
          show_id: string | null;
        }
      | undefined;
    this.instance = row?.instance ?? randomBytes(4).toString('hex');
    this.state = row
      ? {
          on: row.is_on === 1,
          code: row.code,
          codeUntil: row.code_until,
          joinAs: row.join_as,
          goneAfter: row.gone_after,
          showId: row.show_id,
        }
      : {
          on: false,
          code: newCode(),
          codeUntil: codeEnds(now()),
          joinAs: 'crew',
          goneAfter: 20,
          showId: null,
        };
    this.keep();
    this.db
      .prepare("DELETE FROM device WHERE role = 'owner' AND seen_at < ?")
      .run(now() - FORGET_OWN);
    const rows = this.db
      .prepare(
        `SELECT id, number, token, name, kind, role, person, joined_at AS joinedAt,
           seen_at AS seenAt FROM device`,
      )
      .all() as Row[];
    for (const one of rows) this.byToken.set(one.token, one);
  }

  get share(): ShareState {
    return this.state;
  }

  change(change: Partial<ShareState>): void {
    this.state = { ...this.state, ...change };
    this.keep();
  }

  private keep(): void {
    this.db
      .prepare(
        `INSERT OR REPLACE INTO share
           (id, instance, is_on, code, code_until, join_as, gone_after, show_id)
         VALUES (1, @instance, @isOn, @code, @codeUntil, @joinAs, @goneAfter, @showId)`,
      )
      .run({ ...this.state, isOn: this.state.on ? 1 : 0, on: null, instance: this.instance });
  }

  /** Another code: the one before it lets nobody in any more. */
  newCode(): void {
    this.change({ code: newCode(), codeUntil: codeEnds(this.now()) });
  }

  list(): Device[] {
    return [...this.byToken.values()].map(told).sort((a, b) => a.number - b.number);
  }

  find(id: string): Device | null {
    const row = this.row(id);
    return row ? told(row) : null;
  }

  private row(id: string): Row | undefined {
    return [...this.byToken.values()].find((row) => row.id === id);
  }

  /** The device that has this token; null when none has it any more. */
  withToken(token: string): Device | null {
    const row = this.byToken.get(hashOf(token));
    return row ? told(row) : null;
  }

  /** Lets a device in. Its token is told here and never again. */
  add(role: Role, kind: DeviceKind): { device: Device; token: string } {
    const alike = this.list().filter((one) => (one.role === 'owner') === (role === 'owner'));
    // Browsers of the laptop itself come and go: the oldest is forgotten, and stands in nobody's way.
    const [oldest] = alike;
    if (role === 'owner' && alike.length >= OWN_MOST && oldest) this.remove(oldest.id);
    else if (alike.length >= DEVICES_MOST)
      throw new HttpError(
        409,
        'too_many',
        `${DEVICES_MOST} devices are in already. Remove some on the laptop first.`,
      );
    const token = randomBytes(32).toString('base64url');
    const last = Math.max(0, ...[...this.byToken.values()].map(({ number }) => number));
    const row: Row = {
      id: randomUUID(),
      number: last + 1,
      token: hashOf(token),
      name: '',
      kind,
      role,
      person: null,
      joinedAt: this.now(),
      seenAt: this.now(),
    };
    this.db
      .prepare(
        `INSERT INTO device (id, number, token, name, kind, role, person, joined_at, seen_at)
         VALUES (@id, @number, @token, @name, @kind, @role, @person, @joinedAt, @seenAt)`,
      )
      .run(row);
    this.byToken.set(row.token, row);
    return { device: told(row), token };
  }

  set(id: string, change: Partial<Pick<Device, 'name' | 'role' | 'person'>>): Device {
    const row = this.row(id);
    if (!row) throw notFound('device');
    Object.assign(row, change);
    this.db
      .prepare('UPDATE device SET name = @name, role = @role, person = @person WHERE id = @id')
      .run(row);
    return told(row);
  }

  /** Throws one out: what it has as a token is worth nothing from here on. */
  remove(id: string): void {
    const row = this.row(id);
    if (!row) throw notFound('device');
    this.byToken.delete(row.token);
    this.db.prepare('DELETE FROM device WHERE id = ?').run(id);
  }

  /** When these were last here: looked at only when it is decided what to forget. */
  seen(ids: readonly string[]): void {
    const update = this.db.prepare('UPDATE device SET seen_at = ? WHERE id = ?');
    for (const id of ids) update.run(this.now(), id);
  }

  close(): void {
    this.db.close();
  }
}

const told = ({ token: _token, seenAt: _seenAt, ...device }: Row): Device => device;

/** Guessed from what a browser says of itself; whoever joins says it better. */
export function kindOf(agent: string | undefined): DeviceKind {
  if (/iPad|Tablet/i.test(agent ?? '')) return 'tablet';
  return /Mobi|Android|iPhone/i.test(agent ?? '') ? 'phone' : 'laptop';
}
