import type { Settings } from '../../contract/inventory';
import type { Versioned } from '../../contract/api';
import type { Person, Show, ShowBundle, Venue } from '../../core/brief/types';
import type { Demo, Item } from '../../core/repertoire/types';
import { withOwned } from '../../core/inventory/owned';
import { itemsNamed } from '../../core/brief/itemsNamed';
import { bare, type EntityStore } from '../entity';
import type { Ledger } from '../inventory/lots';

interface Stores {
  shows: EntityStore<Show>;
  venues: EntityStore<Venue>;
  people: EntityStore<Person>;
  demos: EntityStore<Demo>;
  items: EntityStore<Item>;
  settings: EntityStore<Settings>;
  ledger: Ledger;
}

const some = <T extends object>(stored: Versioned<T> | null): T[] => (stored ? [bare(stored)] : []);

const unique = (ids: readonly string[]): string[] => [...new Set(ids)];

/** Gathers a show with everything it computes from, removed demos and people included. */
export class Bundles {
  constructor(private readonly stores: Stores) {}

  /** To compute from: there are as many of each thing as the store has on the day. Throws a Refusal without such a show. */
  of(showId: string): ShowBundle {
    const plain = this.asStored(showId);
    return {
      ...plain,
      items: withOwned(
        plain.items,
        this.stores.ledger.stocked(plain.items.map((item) => item.id)),
        plain.show.date,
      ),
    };
  }

  /** Word for word as it is kept. */
  asStored(showId: string): ShowBundle {
    const { shows, venues, people, demos, items, settings } = this.stores;
    const show = bare(shows.get(showId));
    const used = unique(show.slots.flatMap((slot) => slot.demoId ?? [])).flatMap((id) =>
      some(demos.find(id)),
    );
    const personIds = unique([
      ...show.crew,
      ...show.slots.flatMap((slot) => (slot.performerId === null ? [] : [slot.performerId])),
    ]);
    return {
      show,
      venue: show.venueId === null ? null : (some(venues.find(show.venueId))[0] ?? null),
      people: personIds.flatMap((id) => some(people.find(id))),
      demos: used,
      items: itemsNamed(show, used).flatMap((id) => some(items.find(id))),
      household: settings.get('own').household,
    };
  }
}
