import type { ShowBundle } from '../../core/brief/types';
import type { Demo, Item } from '../../core/repertoire/types';
import type { Person, Show, Venue } from '../../core/brief/types';
import type { Versioned } from '../../contract/api';
import type { Store } from '../entity';

interface Stores {
  shows: Store<Show>;
  venues: Store<Venue>;
  people: Store<Person>;
  demos: Store<Demo>;
  items: Store<Item>;
}

function bare<T>(stored: Versioned<T> | null): T[] {
  if (!stored) return [];
  const { version: _version, ...value } = stored;
  return [value as T];
}

/** Gathers a show with everything it computes from, removed demos and people included. */
export class Bundles {
  constructor(private readonly stores: Stores) {}

  /** Throws a Refusal when there is no such show. */
  of(showId: string): ShowBundle {
    const { shows, venues, people, demos, items } = this.stores;
    const [show] = bare(shows.get(showId));
    if (!show) throw new Error('A stored show is never empty');
    const used = unique(show.slots.flatMap((slot) => slot.demoId ?? [])).flatMap((id) =>
      bare(demos.find(id)),
    );
    const itemIds = unique(
      used.flatMap((demo) => demo.methods.flatMap((method) => method.kit.map((l) => l.itemId))),
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
      items: itemIds.flatMap((id) => bare(items.find(id))),
    };
  }
}

const unique = (ids: readonly string[]): string[] => [...new Set(ids)];
