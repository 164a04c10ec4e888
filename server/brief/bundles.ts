import type { Settings } from '../../contract/inventory';
import type { Versioned } from '../../contract/api';
import type { Person, Show, ShowBundle, Venue } from '../../core/brief/types';
import type { Item } from '../../core/repertoire/item';
import type { Demo } from '../../core/repertoire/types';
import { withOwned } from '../../core/inventory/owned';
import { demosNamed, peopleNamed } from '../../core/brief/demosNamed';
import { itemsNamed } from '../../core/brief/itemsNamed';
import { bare, type Entity, type EntityStore } from '../entity';
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

/** How one thing that a show names is looked up: a list, empty where it is not there. */
type Lookup = <T extends Entity>(store: EntityStore<T>, id: string) => T[];

const bareOf = <T extends object>(stored: Versioned<T> | null): T[] =>
  stored ? [bare(stored)] : [];

const asItIs: Lookup = (store, id) => bareOf(store.find(id));

/** What can't be read is as good as gone: the show is not, and says that something is missing. */
const ifItCanBeRead: Lookup = (store, id) => bareOf(store.findReadable(id));

/** Gathers a show with everything it computes from, removed demos and people included. */
export class Bundles {
  constructor(private readonly stores: Stores) {}

  /**
   * To compute from: there are as many of each thing as the store has on the day. What can't be read
   * is left out, for pages, which say so. Throws HttpError without such a show.
   */
  of(showId: string): ShowBundle {
    return this.counted(this.gathered(showId, ifItCanBeRead));
  }

  /** For what is taken away on paper: throws HttpError when any of it can't be read, too. */
  whole(showId: string): ShowBundle {
    return this.counted(this.asStored(showId));
  }

  /** Word for word as it is kept, for files. Throws HttpError when any of it can't be read, too. */
  asStored(showId: string): ShowBundle {
    return this.gathered(showId, asItIs);
  }

  /** Word for word, of what can be read. */
  readable(showId: string): ShowBundle {
    return this.gathered(showId, ifItCanBeRead);
  }

  private counted(plain: ShowBundle): ShowBundle {
    const { ledger } = this.stores;
    const stocked = ledger.stocked(plain.items.map((item) => item.id));
    return { ...plain, items: withOwned(plain.items, stocked, plain.show.date) };
  }

  private gathered(showId: string, look: Lookup): ShowBundle {
    const { shows, venues, people, demos, items, settings } = this.stores;
    const show = bare(shows.get(showId));
    const used = demosNamed(show).flatMap((id) => look(demos, id));
    const { household, riskMatrix } = settings.get('own');
    return {
      show,
      venue: show.venueId === null ? null : (look(venues, show.venueId)[0] ?? null),
      people: peopleNamed(show).flatMap((id) => look(people, id)),
      demos: used,
      items: itemsNamed(show, used).flatMap((id) => look(items, id)),
      household,
      riskMatrix,
    };
  }
}
