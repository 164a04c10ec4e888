import type { Person, Show, Venue } from '../core/brief/types';
import type { Demo, Item } from '../core/repertoire/types';
import type { FollowUp } from '../contract/day';
import { followUpStore } from './after/followUps';
import { Bundles } from './brief/bundles';
import { peopleStore } from './brief/people';
import { showStore } from './brief/shows';
import { venueStore } from './brief/venues';
import type { Db } from './db/open';
import type { Store } from './entity';
import { Changes } from './http/changes';
import { MarkStore } from './ready/marks';
import { demoStore } from './repertoire/demos';
import { itemStore } from './repertoire/items';
import { RunStore } from './stage/runs';

/** The stores over one database, and who is told of changes. */
export interface Area {
  db: Db;
  shows: Store<Show>;
  demos: Store<Demo>;
  items: Store<Item>;
  venues: Store<Venue>;
  people: Store<Person>;
  followUps: Store<FollowUp>;
  runs: RunStore;
  marks: MarkStore;
  bundles: Bundles;
  changes: Changes;
}

export function areaOver(db: Db): Area {
  const stores = {
    shows: showStore(db),
    demos: demoStore(db),
    items: itemStore(db),
    venues: venueStore(db),
    people: peopleStore(db),
  };
  return {
    db,
    ...stores,
    followUps: followUpStore(db),
    runs: new RunStore(db),
    marks: new MarkStore(db),
    bundles: new Bundles(stores),
    changes: new Changes(),
  };
}
