import type { Person, Show, Venue } from '../core/brief/types';
import type { Demo, Item } from '../core/repertoire/types';
import type { Box, Lot } from '../core/store/types';
import type { FollowUp } from '../contract/day';
import type { Settings } from '../contract/store';
import { followUpStore } from './after/followUps';
import { Bundles } from './brief/bundles';
import { peopleStore } from './brief/people';
import { showStore } from './brief/shows';
import { venueStore } from './brief/venues';
import type { Db } from './db/open';
import type { Store } from './entity';
import { Changes } from './http/changes';
import { PackMarks } from './kit/packMarks';
import { MarkStore } from './ready/marks';
import { PhotoStore } from './ready/photos';
import { demoStore } from './repertoire/demos';
import { itemStore } from './repertoire/items';
import { RunStore } from './stage/runs';
import { boxStore } from './store/boxes';
import { Coming } from './store/coming';
import { Ledger, lotStore } from './store/lots';
import { settingsStore } from './store/settings';

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
  photos: PhotoStore;
  boxes: Store<Box>;
  lots: Store<Lot>;
  ledger: Ledger;
  settings: Store<Settings>;
  packMarks: PackMarks;
  coming: Coming;
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
    settings: settingsStore(db),
    ledger: new Ledger(db),
  };
  const area: Area = {
    db,
    ...stores,
    followUps: followUpStore(db),
    runs: new RunStore(db),
    marks: new MarkStore(db),
    photos: new PhotoStore(db),
    boxes: boxStore(db),
    lots: lotStore(db),
    packMarks: new PackMarks(db),
    coming: new Coming(() => area),
    bundles: new Bundles(stores),
    changes: new Changes(),
  };
  return area;
}
