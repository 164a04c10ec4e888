/** Tables that came in, part by part; what each part changed is kept, so that all of it can be taken back. */
import type { TableImport } from '../../contract/imports';
import type { Box, Lot } from '../../core/inventory/types';
import type { Item } from '../../core/repertoire/item';
import type { Db } from '../db/open';
import { json } from '../db/rows';
import { HttpError, notFound } from '../http/errors';

/** One thing as it was before, null for a new one, and the version that it had after. */
export interface Changed<T> {
  id: string;
  before: T | null;
  version: number;
}

export interface Changes {
  items: Changed<Item>[];
  boxes: Changed<Box>[];
  lots: (Changed<Lot> & { itemId: string; movementId: string | null })[];
}

export const noChanges = (): Changes => ({ items: [], boxes: [], lots: [] });

/** Which rows came in before, by their place among those that were asked of, and with what. */
interface Seen {
  rows: ReadonlySet<number>;
  name: string;
  at: number;
}

export class Imports {
  /** Those that are coming in, or being taken back, right now. */
  private readonly busy = new Map<string, { stop: boolean }>();

  constructor(private readonly db: Db) {}

  /** The latest first. */
  list(): TableImport[] {
    const rows = this.db
      .prepare(
        `SELECT id, name, at, items, lots, whole, back,
           (SELECT coalesce(sum(part.items), 0) FROM table_import_part AS part
            WHERE part.import_id = table_import.id) AS came
         FROM table_import ORDER BY at DESC, id`,
      )
      .all() as (Omit<TableImport, 'whole' | 'busy'> & { whole: 0 | 1 })[];
    return rows.map((row) => ({ ...row, whole: row.whole === 1, busy: this.busy.has(row.id) }));
  }

  find(id: string): TableImport {
    const found = this.list().find((one) => one.id === id);
    if (!found) throw notFound('table that came in');
    return found;
  }

  mustBeIn(id: string): void {
    if (this.find(id).back !== null)
      throw new HttpError(409, 'taken_back', 'This table was taken back already.');
  }

  /** Holds the others off while it comes in or goes; `stop` is set when it is to end before it is whole. */
  async while<T>(id: string, work: (going: { readonly stop: boolean }) => Promise<T>): Promise<T> {
    if (this.busy.size > 0)
      throw new HttpError(409, 'busy', 'A table is being brought in or taken back. Wait for it.');
    const going = { stop: false };
    this.busy.set(id, going);
    try {
      return await work(going);
    } finally {
      this.busy.delete(id);
    }
  }

  /** True when it was coming in, and ends now. */
  stop(id: string): boolean {
    const going = this.busy.get(id);
    if (going) going.stop = true;
    return going !== undefined;
  }

  /** The rows that came in before and were not taken back; each counts once. Null where there are none. */
  seen(marks: readonly string[]): Seen | null {
    const left = new Map<string, number>();
    const last = new Map<string, Pick<Seen, 'name' | 'at'>>();
    const rows = this.db
      .prepare(
        `SELECT name, at, each.value AS mark
         FROM table_import, json_each(table_import.marks) AS each
         WHERE back IS NULL AND whole = 1 AND each.value IN (SELECT value FROM json_each(?))
         ORDER BY at`,
      )
      .all(json([...new Set(marks)])) as { name: string; at: number; mark: string }[];
    for (const { mark, ...from } of rows) {
      left.set(mark, (left.get(mark) ?? 0) + 1);
      last.set(mark, from);
    }
    const found = new Set<number>();
    let latest: Pick<Seen, 'name' | 'at'> | undefined;
    marks.forEach((mark, i) => {
      const times = left.get(mark) ?? 0;
      if (times === 0) return;
      left.set(mark, times - 1);
      found.add(i);
      latest = last.get(mark) ?? latest;
    });
    return latest ? { ...latest, rows: found } : null;
  }

  open(
    table: Pick<TableImport, 'id' | 'name' | 'at' | 'items' | 'lots'>,
    marks: readonly string[],
  ): void {
    if (this.list().some(({ id }) => id === table.id))
      throw new HttpError(409, 'exists', 'This table came in already.');
    this.db
      .prepare(
        `INSERT INTO table_import (id, name, at, items, lots, marks)
         VALUES (@id, @name, @at, @items, @lots, @marks)`,
      )
      .run({ ...table, marks: json(marks) });
  }

  keepPart(id: string, ord: number, changes: Changes): void {
    this.db
      .prepare('INSERT INTO table_import_part (import_id, ord, items, changes) VALUES (?, ?, ?, ?)')
      .run(id, ord, changes.items.length, json(changes));
  }

  isWhole(id: string): void {
    this.db.prepare('UPDATE table_import SET whole = 1 WHERE id = ?').run(id);
  }

  /** The last part that is in; null when none is left. */
  lastPart(id: string): { ord: number; changes: Changes } | null {
    const row = this.db
      .prepare(
        'SELECT ord, changes FROM table_import_part WHERE import_id = ? ORDER BY ord DESC LIMIT 1',
      )
      .get(id) as { ord: number; changes: string } | undefined;
    if (!row) return null;
    const changes = JSON.parse(row.changes) as Partial<Changes>;
    if (![changes.items, changes.boxes, changes.lots].every(Array.isArray))
      throw new HttpError(
        503,
        'damaged',
        'What this table changed can’t be read any more, so that it can’t be taken back in one go.',
      );
    return { ord: row.ord, changes: changes as Changes };
  }

  dropPart(id: string, ord: number): void {
    this.db.prepare('DELETE FROM table_import_part WHERE import_id = ? AND ord = ?').run(id, ord);
  }

  isBack(id: string, at: number): void {
    this.db.prepare('UPDATE table_import SET back = ? WHERE id = ?').run(at, id);
  }
}
