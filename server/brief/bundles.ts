import type { Settings } from '../../contract/inventory';
import type { Versioned } from '../../contract/api';
import type { Person, Show, ShowBundle, Venue } from '../../core/brief/types';
import type { Demo, Item } from '../../core/repertoire/types';
import { withOwned } from '../../core/inventory/owned';
import type { EntityStore } from '../entity';
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

function bare<T>(stored: Versioned<T> | null): T[] {
  if (!stored) return [];
  const { version: _version, ...value } = stored;
  return [value as T];
}

const unique = (ids: readonly string[]): string[] => [...new Set(ids)];

/** Items that a show's demos and its cold plans name, whatever may be used instead included. */
export const itemsNamed = (show: Show, demos: readonly Demo[]): string[] =>
  unique([
    ...demos.flatMap((demo) =>
      demo.methods.flatMap((method) => method.kit.flatMap((l) => [l.itemId, ...l.instead])),
    ),
    ...show.cold.flatMap((plan) => [plan.itemId, ...(plan.vesselId ? [plan.vesselId] : [])]),
  ]);

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
    const [show] = bare(shows.get(showId));
    if (!show) throw new Error('A stored show is never empty');
    const used = unique(show.slots.flatMap((slot) => slot.demoId ?? [])).flatMap((id) =>
      bare(demos.find(id)),
    );
    const personIds = unique([
      ...show.crew,
      ...show.slots.flatMap((slot) => (slot.performerId === null ? [] : [slot.performerId])),
    ]);
    return {
      show,
      venue: show.venueId === null ? null : (bare(venues.find(show.venueId))[0] ?? null),
      people: personIds.flatMap((id) => bare(people.find(id))),
      demos: used,
      items: itemsNamed(show, used).flatMap((id) => bare(items.find(id))),
      household: settings.get('own').household,
    };
  }
}
