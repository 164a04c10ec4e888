/**
 * The conduct every stored thing shares: a version that counts its changes, so that two tabs can't
 * overwrite each other unseen, and removal that can be undone.
 */
import Database, { type Statement } from 'better-sqlite3';
import { Router } from 'express';
import type { Versioned } from '../contract/api';
import { Num } from '../contract/fields';
import { hasShape } from '../contract/shape';
import { type Db, written } from './db/open';
import { HttpError, body, notFound } from './http/errors';

export interface Entity {
  id: string;
}

/** What the store of one kind does for its table; versions and removal are dealt with here. */
export interface EntityTable<T extends Entity> {
  /** Name of the table, and of the thing in messages. */
  table: string;
  noun: string;
  /** The class of the contract that it is stored by; what is read is held against it. */
  type: new () => object;
  /** Its column that holds what a person calls it; “name” when left out. */
  named?: string;
  /** Ids of what is not removed, in the order to show. */
  ids(): string[];
  /** All of them with their versions, in that order, where one query is worth its while. */
  all?(): Versioned<T>[];
  read(id: string): T | null;
  /** What holds instead, where there is always one and it can't be read; and what a person calls it. */
  readyMade?: { value: T; name: string };
  /** Inserts or overwrites everything but the version and the removed mark. */
  write(value: T): void;
}

/** What is wrong with the record itself, and neither with the file nor with what was asked. */
export const isDamage = (error: unknown): boolean =>
  error instanceof HttpError
    ? error.code === 'damaged'
    : error instanceof Error && !(error instanceof Database.SqliteError);

export class EntityStore<T extends Entity> {
  private readonly stateOf: Statement;

  constructor(
    private readonly db: Db,
    readonly records: EntityTable<T>,
  ) {
    this.stateOf = db.prepare(`SELECT version, removed FROM "${records.table}" WHERE id = ?`);
  }

  private state(id: string): { version: number; removed: 0 | 1 } | undefined {
    return this.stateOf.get(id) as { version: number; removed: 0 | 1 } | undefined;
  }

  exists(id: string): boolean {
    return this.state(id) !== undefined;
  }

  /** Goes up with each change; null where there is none. */
  versionOf(id: string): number | null {
    return this.state(id)?.version ?? null;
  }

  /** What can't be read is left out, and told of by name elsewhere: it takes nothing else with it. */
  list(): Versioned<T>[] {
    try {
      const all = this.records.all?.();
      if (all) return all;
    } catch (error) {
      if (!isDamage(error)) throw error;
    }
    return readable(this.records.ids(), (id) => {
      const value = this.read(id);
      const version = this.state(id)?.version;
      return value && version !== undefined ? [{ ...value, version }] : [];
    }).flat();
  }

  ids(): string[] {
    return this.records.ids();
  }

  /** Takes one out of use that can't be looked at first, or puts what is ready-made in its place. */
  discard(id: string): void {
    const { readyMade } = this.records;
    written(this.db, () => {
      if (readyMade) this.records.write(readyMade.value);
      this.mark(id, readyMade ? 0 : 1);
    });
  }

  /** What a person calls it, as far as that can be told of one that can't be read. */
  nameOf(id: string): string {
    if (this.records.readyMade) return this.records.readyMade.name;
    const name = this.db
      .prepare(`SELECT "${this.records.named ?? 'name'}" FROM "${this.records.table}" WHERE id = ?`)
      .pluck()
      .get(id);
    return typeof name === 'string' && name !== '' ? name : id;
  }

  /** True when it can't be read, or is not built as the contract says. */
  isDamaged(id: string): boolean {
    try {
      this.asStored(id);
      return false;
    } catch (error) {
      if (isDamage(error)) return true;
      throw error;
    }
  }

  private damaged(id: string): HttpError {
    return new HttpError(
      503,
      'damaged',
      `The ${this.records.noun} “${this.nameOf(id)}” can’t be read: its record is damaged. Remove it under Backups, or restore a backup from before.`,
    );
  }

  private read(id: string): T | null {
    try {
      return this.asStored(id);
    } catch (error) {
      if (this.records.readyMade && isDamage(error)) return this.records.readyMade.value;
      throw error;
    }
  }

  /** Nothing is computed from what is not built as it should be. */
  private asStored(id: string): T | null {
    try {
      const value = this.records.read(id);
      if (value === null || hasShape(this.records.type, value)) return value;
    } catch (error) {
      if (!isDamage(error)) throw error;
    }
    throw this.damaged(id);
  }

  /**
   * Also gives what was removed: a show keeps the demos it was planned with. What was removed because it
   * can't be read is gone.
   */
  find(id: string): Versioned<T> | null {
    const state = this.state(id);
    if (!state) return null;
    try {
      const value = this.read(id);
      return value ? { ...value, version: state.version } : null;
    } catch (error) {
      if (state.removed && isDamage(error)) return null;
      throw error;
    }
  }

  /** Null for what can't be read, too: for pages of other things, which go on without it. */
  findReadable(id: string): Versioned<T> | null {
    try {
      return this.find(id);
    } catch (error) {
      if (isDamage(error)) return null;
      throw error;
    }
  }

  /** Null for what was removed, too. */
  listed(id: string): Versioned<T> | null {
    return this.state(id)?.removed === 0 ? this.find(id) : null;
  }

  get(id: string): Versioned<T> {
    const state = this.state(id);
    if (!state) throw notFound(this.records.noun);
    if (state.removed)
      throw new HttpError(
        410,
        'removed',
        `This ${this.records.noun} was removed. It can be brought back.`,
      );
    const value = this.read(id);
    if (!value) throw notFound(this.records.noun);
    return { ...value, version: state.version };
  }

  add(value: T): Versioned<T> {
    return written(this.db, () => {
      if (this.exists(value.id))
        throw new HttpError(409, 'exists', `There is a ${this.records.noun} with this id already.`);
      this.records.write(value);
      return this.get(value.id);
    });
  }

  /** `version` is the one the change was made from. */
  change(value: T, version: number): Versioned<T> {
    return written(this.db, () => {
      this.mustBeAt(this.get(value.id), version);
      this.records.write(value);
      this.db
        .prepare(`UPDATE "${this.records.table}" SET version = version + 1 WHERE id = ?`)
        .run(value.id);
      return this.get(value.id);
    });
  }

  /** `version` is the one it was looked at in. */
  remove(id: string, version: number): void {
    written(this.db, () => {
      this.mustBeAt(this.get(id), version);
      this.mark(id, 1);
    });
  }

  /** Brings it back; one that was not removed stays as it is. */
  restore(id: string): void {
    const state = this.state(id);
    if (!state) throw notFound(this.records.noun);
    if (state.removed) this.mark(id, 0);
  }

  private mustBeAt(now: Versioned<T>, version: number): void {
    if (now.version !== version)
      throw new HttpError(
        409,
        'changed_elsewhere',
        `This ${this.records.noun} was changed elsewhere in the meantime. Look at it again first.`,
      );
  }

  private mark(id: string, removed: 0 | 1): void {
    this.db
      .prepare(`UPDATE "${this.records.table}" SET removed = ?, version = version + 1 WHERE id = ?`)
      .run(removed, id);
  }
}

/** What comes of each; one that is not what it should be is left out, and takes no other with it. */
export const readable = <T, R>(values: Iterable<T>, of: (value: T) => R): R[] =>
  [...values].flatMap((value) => {
    try {
      return [of(value)];
    } catch (error) {
      if (isDamage(error)) return [];
      throw error;
    }
  });

/** The thing alone, as it is kept in files and computed with. */
export function bare<T extends object>({ version: _version, ...value }: Versioned<T>): T {
  return value as unknown as T;
}

class VersionBody {
  @Num(1, 1e9)
  version!: number;
}

/** GET, POST, PUT, DELETE and restore for one kind of thing. */
export function entityRoutes<T extends Entity>(store: EntityStore<T>, type: new () => T): Router {
  const router = Router();
  router.get('/', (_req, res) => void res.json(store.list()));
  router.post('/', (req, res) => {
    const added = store.add(body(type, req.body));
    res.status(201).json(added);
  });
  router.get('/:id', (req, res) => void res.json(store.get(req.params.id)));
  router.put('/:id', (req, res) => {
    const { version, ...plain } = (req.body ?? {}) as Record<string, unknown>;
    const from = body(VersionBody, { version }).version;
    const value = body(type, plain);
    if (value.id !== req.params.id)
      throw new HttpError(400, 'other_id', 'The id in the address and in the body differ.');
    const changed = store.change(value, from);
    res.json(changed);
  });
  router.delete('/:id', (req, res) => {
    store.get(req.params.id);
    const { version } = body(VersionBody, { version: Number(req.query.version) });
    store.remove(req.params.id, version);
    res.status(204).end();
  });
  router.post('/:id/restore', (req, res) => {
    store.restore(req.params.id);
    res.json(store.get(req.params.id));
  });
  return router;
}
