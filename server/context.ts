import type { Person, Show, Venue } from '../core/brief/types';
import type { Item } from '../core/repertoire/item';
import type { Demo } from '../core/repertoire/types';
import type { Order } from '../core/inventory/orders';
import type { Box, Lot } from '../core/inventory/types';
import type { Template } from '../contract/again';
import type { Output } from '../contract/cues';
import type { FollowUp } from '../contract/day';
import { RUN_EVENTS_MOST } from '../contract/stage';
import type { Settings } from '../contract/inventory';
import { followUpStore } from './after/followUps';
import { Bundles } from './brief/bundles';
import { peopleStore } from './brief/people';
import { showStore } from './brief/shows';
import { templateStore } from './brief/templates';
import { venueStore } from './brief/venues';
import type { Db } from './db/open';
import type { EntityStore } from './entity';
import { type Heavy, inThisThread } from './heavy/heavy';
import { Damage } from './house/damaged';
import { ChangeLog } from './live/changeLog';
import { Live } from './live/live';
import { PackMarks } from './kit/packMarks';
import { createMirrors, type Mirrors } from './mirrors';
import { MarkStore } from './ready/marks';
import { PhotoStore } from './ready/photos';
import { SignedStore } from './ready/signed';
import { demoStore } from './repertoire/demos';
import { itemStore } from './repertoire/items';
import { Outcomes } from './stage/outcomes';
import { RunStore } from './stage/runs';
import { boxStore } from './inventory/boxes';
import { UpcomingNeeds } from './inventory/upcomingNeeds';
import type { Presence } from './share/presence';
import { CueEngine } from './cues/cueEngine';
import { MediaStore } from './cues/mediaStore';
import { Senders } from './cues/senders';
import { Prospects } from './lineup/prospects';
import type { TrialSeries } from '../core/trials/series';
import { BenchReadings } from './repertoire/readings';
import { StageGoes } from './trials/fromStage';
import { TrialGoes, trialStore } from './trials/trials';
import { Ledger, lotStore } from './inventory/lots';
import { orderStore } from './inventory/orders';
import { settingsStore } from './inventory/settings';
import { Imports } from './inventory/imports';
import { StockList } from './inventory/stockList';
import { WordStore } from './tables/tableWords';

/** The stores over one database, and who is told of changes. */
export interface AppContext {
  db: Db;
  shows: EntityStore<Show>;
  templates: EntityStore<Template>;
  demos: EntityStore<Demo>;
  items: EntityStore<Item>;
  venues: EntityStore<Venue>;
  people: EntityStore<Person>;
  followUps: EntityStore<FollowUp>;
  runs: RunStore;
  outcomes: Outcomes;
  marks: MarkStore;
  photos: PhotoStore;
  signed: SignedStore;
  boxes: EntityStore<Box>;
  lots: EntityStore<Lot>;
  orders: EntityStore<Order>;
  ledger: Ledger;
  trials: EntityStore<TrialSeries>;
  trialGoes: TrialGoes;
  readings: BenchReadings;
  settings: EntityStore<Settings>;
  packMarks: PackMarks;
  mirrors: Mirrors;
  stockList: StockList;
  /** Tables that came in, and what was said of their words. */
  imports: Imports;
  tableWords: WordStore;
  upcomingNeeds: UpcomingNeeds;
  prospects: Prospects;
  bundles: Bundles;
  log: ChangeLog;
  live: Live;
  damage: Damage;
  media: MediaStore;
  /** What fires cues, and what sends them out. */
  cues: { engine: CueEngine; senders: Senders; close(): void };
  /** The server's clock, in ms since 1970. */
  now: () => number;
  /** Who answers what takes long. */
  heavy: Heavy;
}

/** The outputs as they are listed now, read anew only where settings have changed. */
function outputsOf(settings: AppContext['settings']): () => readonly Output[] {
  let known: { version: number | null; outputs: readonly Output[] } | null = null;
  return () => {
    const version = settings.versionOf('own');
    if (known?.version !== version)
      known = { version, outputs: settings.findReadable('own')?.outputs ?? [] };
    return known.outputs;
  };
}

function cuesOf({
  live,
  runs,
  settings,
  now,
}: Pick<AppContext, 'live' | 'runs' | 'settings' | 'now'>): AppContext['cues'] {
  const outputs = outputsOf(settings);
  const senders = new Senders({
    now,
    onState: () => live.tell({ outputs: senders.told(outputs()) }),
  });
  const engine = new CueEngine({
    now,
    outputs,
    senders,
    eventsOf: (runId) => (runs.exists(runId) ? runs.events(runId, 0, RUN_EVENTS_MOST) : null),
    tell: (fired) => live.tell({ fired }),
  });
  return {
    engine,
    senders,
    close: () => {
      engine.close();
      senders.close();
    },
  };
}

export function createContext(
  db: Db,
  now: () => number = Date.now,
  presence?: Presence,
): AppContext {
  const stores = {
    shows: showStore(db),
    demos: demoStore(db),
    items: itemStore(db),
    venues: venueStore(db),
    people: peopleStore(db),
    settings: settingsStore(db),
    ledger: new Ledger(db),
  };
  const trials = trialStore(db);
  const readings = new BenchReadings(db, stores.demos);
  const runs = new RunStore(db);
  const log = new ChangeLog(db, runs);
  const live = new Live(log, { now, presence });
  const context: AppContext = {
    db,
    ...stores,
    runs,
    outcomes: new Outcomes(db, runs, readings, new StageGoes(db, trials)),
    readings,
    log,
    live,
    media: new MediaStore(db, now),
    cues: cuesOf({ live, runs, settings: stores.settings, now }),
    now,
    damage: new Damage(() => context),
    templates: templateStore(db),
    followUps: followUpStore(db),
    trials,
    trialGoes: new TrialGoes(db, trials, now),
    marks: new MarkStore(db),
    photos: new PhotoStore(db),
    signed: new SignedStore(db),
    boxes: boxStore(db),
    lots: lotStore(db),
    orders: orderStore(db),
    packMarks: new PackMarks(db),
    mirrors: createMirrors({ db, log }, stores),
    imports: new Imports(db),
    tableWords: new WordStore(db),
    stockList: new StockList(() => context),
    upcomingNeeds: new UpcomingNeeds(() => context),
    prospects: new Prospects(() => context),
    bundles: new Bundles(stores),
    // In this thread, until it is given one of its own.
    heavy: {
      bytes: (...asked) => inThisThread(context).bytes(...asked),
      told: (...asked) => inThisThread(context).told(...asked),
      close: () => Promise.resolve(),
    },
  };
  return context;
}
