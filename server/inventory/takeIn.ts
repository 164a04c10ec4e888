/**
 * A table’s things stored, and taken back, part by part: between two parts the stage is answered. Whatever came in
 * before it was stopped, or before the laptop was, is known and can be taken back.
 */
import { randomUUID } from 'node:crypto';
import { setImmediate } from 'node:timers/promises';
import type { TableImport, TakenBack } from '../../contract/imports';
import type { ReadLot, StoreImport } from '../../contract/tables/inventoryRead';
import { count, receive, reverse } from '../../core/inventory/ledger';
import type { Item } from '../../core/repertoire/item';
import type { AppContext } from '../context';
import { type Db, written } from '../db/open';
import { type Entity, type EntityStore, bare } from '../entity';
import { type Changed, type Changes, noChanges } from './imports';

/** Things stored in one go: some hundredths of a second. */
const PART = 50;

/** Adds or changes one, and notes what it was before. */
function put<T extends Entity>(store: EntityStore<T>, value: T): Changed<T> {
  const here = store.find(value.id);
  if (!here) return { id: value.id, before: null, version: store.add(value).version };
  store.restore(value.id);
  const { version } = store.get(value.id);
  return { id: value.id, before: bare(here), version: store.change(value, version).version };
}

function putLot(
  context: AppContext,
  { stock, ...lot }: ReadLot,
  at: number,
): Changes['lots'][number] {
  const { ledger, lots } = context;
  const isNew = !lots.exists(lot.id);
  const changed = { ...put(lots, lot), itemId: lot.itemId, movementId: null };
  const was = isNew ? 0 : ledger.stockOf(lot.id);
  if (stock === null || stock === was) return changed;
  const stamp = { id: randomUUID(), lotId: lot.id, at };
  const moved = isNew
    ? receive(stamp, stock, 'From a table')
    : count(stamp, ledger.of(lot.id), stock, 'From a table');
  return { ...changed, movementId: ledger.keep(moved, 'amount').id };
}

/** Each thing with its lots: they come in and go together. */
function* partsOf(read: Pick<StoreImport, 'items' | 'lots'>): Generator<[Item, ReadLot[]][]> {
  const lotsOf = new Map<string, ReadLot[]>(read.items.map(({ id }) => [id, []]));
  for (const lot of read.lots) lotsOf.get(lot.itemId)?.push(lot);
  for (let from = 0; from < read.items.length; from += PART)
    yield read.items.slice(from, from + PART).map((item) => [item, lotsOf.get(item.id) ?? []]);
}

/** `marks` are of the rows that come in. What it came to; less than the whole when it was stopped. */
export async function takeIn(
  context: AppContext,
  { id, name }: Pick<TableImport, 'id' | 'name'>,
  read: Pick<StoreImport, 'items' | 'lots' | 'boxes'>,
  marks: readonly string[],
): Promise<TableImport> {
  const { db, imports } = context;
  const at = context.now();
  await imports.while(id, async (going) => {
    imports.open({ id, name, at, items: read.items.length, lots: read.lots.length }, marks);
    let ord = 0;
    for (const part of partsOf(read)) {
      // The first comes in at once: a table of usual size is in before anything else is asked.
      if (ord > 0) await setImmediate();
      if (going.stop) return;
      written(db, () => {
        const changes = noChanges();
        if (ord === 0) for (const box of read.boxes) changes.boxes.push(put(context.boxes, box));
        for (const [item, lots] of part) {
          changes.items.push(put(context.items, item));
          for (const lot of lots) changes.lots.push(putLot(context, lot, at));
        }
        imports.keepPart(id, ord, changes);
      });
      ord++;
    }
    imports.isWhole(id);
  });
  return imports.find(id);
}

type Stays = TakenBack['stays'];

/** As they were before, and how many are; what was changed or used since stays, and says why. */
function asBefore<T extends Entity>(
  store: EntityStore<T>,
  changed: readonly Changed<T>[],
  stays: Stays,
  nameOf: (id: string) => string,
  keeps: (id: string) => string | null,
): number {
  let back = 0;
  let listed: ReadonlySet<string> | null = null;
  for (const { id, before, version } of changed) {
    const now = store.versionOf(id);
    const why =
      now !== version ? 'was changed in the meantime' : before === null ? keeps(id) : null;
    if (why === null) {
      if (before === null) store.remove(id, version);
      else store.change(before, version);
      back++;
      continue;
    }
    // What was removed since is gone, as was wanted.
    listed ??= new Set(store.ids());
    if (listed.has(id)) stays.push({ name: nameOf(id), why });
  }
  return back;
}

function partBack(context: AppContext, changes: Changes, told: TakenBack): void {
  const { db, items, lots, boxes, ledger } = context;
  const used = uses(db);
  const itemOf = new Map(changes.lots.map((lot) => [lot.id, lot.itemId]));
  for (const { id: lotId, movementId } of changes.lots) {
    if (movementId === null) continue;
    const stamp = { id: randomUUID(), lotId, at: context.now() };
    const moved = reverse(stamp, ledger.of(lotId), movementId);
    // What was used since stays, and is told of with its lot.
    if (moved.ok) ledger.keep(moved, 'movement');
  }
  const nameOf = (itemId: string): string => items.nameOf(itemId);
  told.lots += asBefore(
    lots,
    changes.lots,
    told.stays,
    (id) => nameOf(itemOf.get(id) ?? id),
    (id) => (ledger.stockOf(id) === 0 ? null : 'some of it was used or counted in the meantime'),
  );
  told.items += asBefore(items, changes.items, told.stays, nameOf, used.ofItem);
  asBefore(boxes, changes.boxes, told.stays, (id) => boxes.nameOf(id), used.ofBox);
}

/** What holds a new thing here, in words; null where nothing does. */
function uses(db: Db): Record<'ofItem' | 'ofBox', (id: string) => string | null> {
  const lot = db.prepare('SELECT 1 FROM lot WHERE item_id = ? AND removed = 0');
  const kit = db.prepare(
    `SELECT 1 FROM kit_line JOIN demo ON demo.id = kit_line.demo_id
     WHERE kit_line.item_id = ? AND demo.removed = 0`,
  );
  const order = db.prepare('SELECT 1 FROM purchase WHERE item_id = ? AND removed = 0');
  const inBox = db.prepare('SELECT 1 FROM item WHERE box_id = ? AND removed = 0');
  return {
    ofItem: (id) =>
      lot.get(id)
        ? 'there is some of it'
        : kit.get(id)
          ? 'is in the kit of a demo'
          : order.get(id)
            ? 'was ordered'
            : null,
    ofBox: (id) => (inBox.get(id) ? 'has things in it' : null),
  };
}

/** Takes a whole import back, but for what was changed or used since; one that is coming in ends first. */
export async function takeBack(context: AppContext, id: string): Promise<TakenBack> {
  const { db, imports } = context;
  while (imports.stop(id)) await setImmediate();
  imports.mustBeIn(id);
  return imports.while(id, async () => {
    const told: TakenBack = { items: 0, lots: 0, stays: [] };
    for (let part = imports.lastPart(id); part; part = imports.lastPart(id)) {
      const { ord, changes } = part;
      written(db, () => {
        partBack(context, changes, told);
        imports.dropPart(id, ord);
      });
      await setImmediate();
    }
    imports.isBack(id, context.now());
    return told;
  });
}
