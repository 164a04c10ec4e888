/** A table of the store brought in: seen first, then all of it or nothing. */
import { written } from '../db/open';
import { randomUUID } from 'node:crypto';
import type { Versioned } from '../../contract/api';
import { STORE_COLUMNS, type StoreKey } from '../../contract/tables/inventoryColumns';
import { type StoreImport, readStoreTable } from '../../contract/tables/inventoryRead';
import { count, receive } from '../../core/inventory/ledger';
import type { AppContext } from '../context';
import type { Entity, EntityStore } from '../entity';
import { csvRows } from '../http/csv';
import { HttpError } from '../http/errors';

/** Most rows of one table. */
const MOST_ROWS = 20_000;

/** As the table has them: without the number that counts their changes. */
const plain = <T extends object>(list: readonly Versioned<T>[]): T[] =>
  list.map(({ version: _version, ...rest }) => rest as unknown as T);

/** Reads the rows below the heading. `mapping` names the column of each heading, or null to leave it out. */
export function readTable(
  context: AppContext,
  text: string,
  mapping: readonly (string | null)[],
): StoreImport {
  const [head = [], ...rows] = csvRows(text);
  if (rows.length === 0)
    throw new HttpError(
      422,
      'invalid_file',
      'There are no rows below the heading. Nothing was changed.',
    );
  if (rows.length > MOST_ROWS)
    throw new HttpError(413, 'too_large', `At most ${MOST_ROWS} rows can be taken in one go.`);
  const keys = new Set(STORE_COLUMNS.map((column) => column.key));
  const known = head.map((_, i): StoreKey | null => {
    const key = mapping[i] ?? null;
    return key !== null && keys.has(key as StoreKey) ? (key as StoreKey) : null;
  });
  const named = known.filter((key) => key !== null);
  if (new Set(named).size !== named.length)
    throw new HttpError(422, 'invalid', 'Two columns of the file are taken for the same thing.');
  if (!known.includes('name') && !known.includes('itemId'))
    throw new HttpError(422, 'invalid', 'Say which column is the name of the item.');
  return readStoreTable(
    rows,
    known,
    {
      items: plain(context.items.list()),
      lots: plain(context.ledger.stocked()),
      boxes: plain(context.boxes.list()),
      household: context.settings.get('own').household,
    },
    randomUUID,
  );
}

function put<T extends Entity>(store: EntityStore<T>, value: T): void {
  const here: Versioned<T> | null = store.find(value.id);
  if (!here) store.add(value);
  else {
    store.restore(value.id);
    store.change(value, store.get(value.id).version);
  }
}

/** Stores what was read, in one transaction. Throws a Refusal, and stores nothing, if a row is at fault. */
export function applyTable(context: AppContext, read: StoreImport): void {
  if (read.faults.length > 0)
    throw new HttpError(
      422,
      'invalid_file',
      'Some rows need another look. Nothing was changed.',
      read.faults.map(({ row, column, message }) => ({
        path: `row ${row}${column ? `, ${column}` : ''}`,
        message,
      })),
    );
  const { ledger } = context;
  written(context.db, () => {
    for (const box of read.boxes) put(context.boxes, box);
    for (const item of read.items) put(context.items, item);
    for (const { stock, ...lot } of read.lots) {
      const isNew = !context.lots.exists(lot.id);
      put(context.lots, lot);
      if (stock === null) continue;
      const stamp = { id: randomUUID(), lotId: lot.id, at: Date.now() };
      if (!isNew) {
        if (ledger.stockOf(lot.id) !== stock)
          ledger.keep(count(stamp, ledger.of(lot.id), stock, 'From a table'), 'amount');
      } else if (stock > 0) ledger.keep(receive(stamp, stock, 'From a table'), 'amount');
    }
  });
}
