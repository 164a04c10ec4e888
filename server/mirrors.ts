/** What the needs of coming shows and the store's list are worked out from, in memory. */
import type { Change, Versioned } from '../contract/api';
import type { Show } from '../core/brief/types';
import { byItem } from '../core/inventory/allocate';
import type { StockedLot } from '../core/inventory/types';
import type { Item } from '../core/repertoire/item';
import type { Demo } from '../core/repertoire/types';
import type { Db } from './db/open';
import type { Entity, EntityStore } from './entity';
import type { Ledger } from './inventory/lots';
import type { ChangeLog } from './live/changeLog';
import { Mirror } from './mirror';

export interface Mirrors {
  shows: Mirror<Versioned<Show>>;
  demos: Mirror<Versioned<Demo>>;
  items: Mirror<Versioned<Item>>;
  /** By item. */
  lots: Mirror<StockedLot[]>;
}

interface Source {
  db: Db;
  log: ChangeLog;
}

interface Stores {
  shows: EntityStore<Show>;
  demos: EntityStore<Demo>;
  items: EntityStore<Item>;
  ledger: Ledger;
}

const mirrorOf = <T extends Entity>(
  { db, log }: Source,
  kind: Change['kind'],
  store: EntityStore<T>,
): Mirror<Versioned<T>> =>
  new Mirror(db, log, {
    kind,
    all: () => new Map(store.list().map((value) => [value.id, value])),
    update: (known, ids) => {
      for (const id of ids) {
        const value = store.listed(id);
        if (value) known.set(id, value);
        else known.delete(id);
      }
    },
  });

export const createMirrors = (
  source: Source,
  { shows, demos, items, ledger }: Stores,
): Mirrors => ({
  shows: mirrorOf(source, 'show', shows),
  demos: mirrorOf(source, 'demo', demos),
  items: mirrorOf(source, 'item', items),
  lots: new Mirror<StockedLot[]>(source.db, source.log, {
    kind: 'lot',
    all: () => byItem(ledger.stocked()),
    update: (known, ids) => {
      const itemIds = ledger.itemsOf(ids);
      const stocked = byItem(ledger.stocked(itemIds));
      for (const itemId of itemIds) {
        const lots = stocked.get(itemId);
        if (lots) known.set(itemId, lots);
        else known.delete(itemId);
      }
    },
  }),
});
