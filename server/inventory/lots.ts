/** Lots and their movements. The stock is never stored: it is the sum of the movements. */
import { LotBody } from '../../contract/inventory';
import { strayInLot } from '../../contract/references';
import { knownIn, refuseStray } from '../db/known';
import type { Versioned } from '../../contract/api';
import type { Moved } from '../../core/inventory/ledger';
import type { Lot, Movement, StockedLot } from '../../core/inventory/types';
import type { Db } from '../db/open';
import { EntityStore } from '../entity';
import { HttpError, notFound } from '../http/errors';

const COLUMNS = `lot.id, lot.item_id AS itemId, lot.place, lot.expiry, lot.opened, lot.state,
  lot.last_test AS lastTest, lot.note`;
/** Sums of decimals leave a hair over: a billionth of a base unit is nothing. */
const STOCK = `round(coalesce(sum(movement.change), 0), 9)`;

/** Taken, and not taken back. */
const STANDS = `movement.kind = 'taken'
  AND movement.id NOT IN (SELECT reverses FROM movement WHERE reverses IS NOT NULL)`;

export function lotStore(db: Db): EntityStore<Lot> {
  const write = db.prepare(`
    INSERT INTO lot (id, item_id, place, expiry, opened, state, last_test, note)
    VALUES (@id, @itemId, @place, @expiry, @opened, @state, @lastTest, @note)
    ON CONFLICT (id) DO UPDATE SET
      place = excluded.place, expiry = excluded.expiry, opened = excluded.opened,
      state = excluded.state, last_test = excluded.last_test, note = excluded.note`);
  const read = db.prepare(`SELECT ${COLUMNS} FROM lot WHERE id = ?`);
  const ids = db.prepare('SELECT id FROM lot WHERE removed = 0 ORDER BY item_id, id').pluck();
  const known = knownIn(db);
  return new EntityStore<Lot>(db, {
    table: 'lot',
    noun: 'lot',
    type: LotBody,
    named: 'item_id',
    ids: () => ids.all() as string[],
    read: (id) => (read.get(id) as Lot | undefined) ?? null,
    write: (lot) => {
      refuseStray('lot', strayInLot(known, lot));
      write.run({ ...lot });
    },
  });
}

export class Ledger {
  constructor(private readonly db: Db) {}

  /** Every lot that is not removed, with what is in it; of these items, or of all. */
  stocked(itemIds: readonly string[] | null = null): Versioned<StockedLot>[] {
    const ofThese = itemIds ? 'AND lot.item_id IN (SELECT value FROM json_each(?))' : '';
    return this.db
      .prepare(
        `SELECT ${COLUMNS}, lot.version, ${STOCK} AS stock
         FROM lot LEFT JOIN movement ON movement.lot_id = lot.id
         WHERE lot.removed = 0 ${ofThese} GROUP BY lot.id ORDER BY lot.item_id, lot.id`,
      )
      .all(...(itemIds ? [JSON.stringify(itemIds)] : [])) as Versioned<StockedLot>[];
  }

  /** Of which items these lots are. */
  itemsOf(lotIds: readonly string[]): string[] {
    return this.db
      .prepare('SELECT DISTINCT item_id FROM lot WHERE id IN (SELECT value FROM json_each(?))')
      .pluck()
      .all(JSON.stringify(lotIds)) as string[];
  }

  stockOf(lotId: string): number {
    return this.db
      .prepare(`SELECT ${STOCK} FROM movement WHERE lot_id = ?`)
      .pluck()
      .get(lotId) as number;
  }

  /** Of one lot, oldest first. */
  of(lotId: string): Movement[] {
    return this.rows('WHERE lot_id = ?', lotId);
  }

  /** Of all lots of one item, the newest first. */
  ofItem(itemId: string): Movement[] {
    return this.rows('WHERE lot_id IN (SELECT id FROM lot WHERE item_id = ?)', itemId).reverse();
  }

  /** What was taken for a show and has not been taken back. */
  takenFor(showId: string): Movement[] {
    return this.rows(`WHERE show_id = ? AND ${STANDS}`, showId);
  }

  /** Ids of shows for which something was taken and has not been taken back. */
  showsTakenOut(): Set<string> {
    const ids = this.db
      .prepare(`SELECT DISTINCT show_id FROM movement WHERE show_id IS NOT NULL AND ${STANDS}`)
      .pluck()
      .all() as string[];
    return new Set(ids);
  }

  /** Base units of each item that were taken for each show, and not taken back. */
  takenOut(): Map<string, Map<string, number>> {
    const rows = this.db
      .prepare(
        `SELECT show_id AS showId, lot.item_id AS itemId, -sum(change) AS base
         FROM movement JOIN lot ON lot.id = movement.lot_id
         WHERE show_id IS NOT NULL AND ${STANDS}
         GROUP BY show_id, lot.item_id`,
      )
      .all() as { showId: string; itemId: string; base: number }[];
    const byShow = new Map<string, Map<string, number>>();
    for (const { showId, itemId, base } of rows)
      byShow.set(showId, (byShow.get(showId) ?? new Map<string, number>()).set(itemId, base));
    return byShow;
  }

  private rows(where: string, key: string): Movement[] {
    return this.db
      .prepare(
        `SELECT id, lot_id AS lotId, at, kind, change, reverses, show_id AS showId, note
         FROM movement ${where} ORDER BY seq`,
      )
      .all(key) as Movement[];
  }

  find(id: string): Movement {
    const [movement] = this.rows('WHERE id = ?', id);
    if (!movement) throw notFound('movement');
    return movement;
  }

  /** Keeps what the core allowed, or refuses with its words at `path`. Call within a transaction. */
  keep(moved: Moved, path: string): Movement {
    if (!moved.ok)
      throw new HttpError(422, 'invalid', 'One entry needs another look.', [
        { path, message: moved.message },
      ]);
    this.db
      .prepare(
        `INSERT INTO movement (id, lot_id, at, kind, change, reverses, show_id, note)
         VALUES (@id, @lotId, @at, @kind, @change, @reverses, @showId, @note)`,
      )
      .run(moved.movement);
    return moved.movement;
  }
}
