/** What the API answers with. */
import type { MethodRecord } from '../core/after/review';
import type { MarkShape, Show, ShowBundle } from '../core/brief/types';
import type { CueKind } from '../core/repertoire/cues';
import type { Item, Outline } from '../core/repertoire/item';
import type { Demo, HazardKind } from '../core/repertoire/types';
import type { ShoppingLine } from '../core/inventory/shoppingLine';
import type { Arriving, Wanting } from '../core/inventory/stockAhead';
import type { ShoppingList } from '../core/inventory/shopping';
import type { ShowCost } from '../core/inventory/showCost';
import type { GroupStart } from '../core/inventory/storeGroups';
import type { StockLine } from '../core/inventory/stockLine';
import type { StockedLot } from '../core/inventory/types';
import type { PackMark } from '../core/kit/packing';
import type { Mark } from '../core/ready/go';
import type { RoomReading } from '../core/ready/senml';
import type { Share } from '../core/inventory/allocate';
import type { Used } from '../core/kit/takeOut';
import type { StoredEvent } from '../core/stage/types';
import type { FollowUp, SignedAssessment } from './day';
import type { PresentTold } from './share';
import type { EventsAnswer } from './stage';
import type { FieldFault } from './validate';

/** A stored thing with the number that counts its changes. */
export type Versioned<T> = T & { version: number };

export interface ApiErrorBody {
  error: { code: string; message: string; fields?: FieldFault[] };
}

/** Simulated shows behind a forecast: enough that the odds stay the same from one look to the next. */
export const FORECAST_RUNS = 10_000;

/** That the server is there, and how the pages are to behave with it. */
export interface HealthAnswer {
  ok: true;
  /** It serves the demo season. */
  demo: boolean;
  forecastRuns: number;
  /** Records that can't be read, as far as is known. */
  damaged: number;
}

export interface ShowSummary extends Pick<
  Show,
  | 'id'
  | 'title'
  | 'tour'
  | 'date'
  | 'zone'
  | 'arrival'
  | 'doors'
  | 'start'
  | 'hardFinish'
  | 'audience'
  | 'agreed'
  | 'crew'
  | 'answers'
> {
  venueId: string | null;
  venueName: string | null;
  slotCount: number;
  /** Its slots in order: what is done, in the colour of which position, and by whom; a talk has no demo. */
  order: { demoId: string | null; mark: MarkShape | null; performerId: string | null }[];
  /** Performances begun, and those that came to their end. */
  performances: number;
  performed: number;
  /** What it used was taken out of the store. */
  takenOut: boolean;
  version: number;
}

/** An item as one is picked by its name; the whole of it is asked for by its id. */
export type ItemName = Versioned<
  Pick<
    Item,
    'id' | 'name' | 'kind' | 'unit' | 'density' | 'gramsEach' | 'cold' | 'holds' | 'boxId' | 'label'
  >
>;

/** A demo as it is listed, found and added to a show. */
export interface DemoSummary extends Pick<
  Demo,
  'id' | 'name' | 'hook' | 'energy' | 'usualPosition' | 'family' | 'face' | 'origin'
> {
  version: number;
  /** Everything it is found by, in lower case. */
  text: string;
  hazards: HazardKind[];
  methods: { id: string; name: string; oneShot: boolean }[];
  /** Of its first method; null without one. */
  showSeconds: number | null;
  /** How its goes went, over all methods. */
  record: Pick<MethodRecord, 'worked' | 'partly' | 'failed'>;
}

/** All demonstrations of one’s own, with what a show computes from. */
export interface RepertoireAnswer {
  demos: Demo[];
  items: Item[];
  records: MethodRecord[];
  /** Of the items, ids of those that lie in the store today. */
  atHand: string[];
}

/** A demo with what a show computes from once it is added. */
export interface DemoAnswer {
  demo: Demo;
  items: Item[];
  lots: StockedLot[];
}

/** A part of the store's list, and how long the whole is. */
export interface StoreAnswer {
  /** Items there are, those to mind, and those found by what was asked. */
  items: number;
  toMind: number;
  found: number;
  /** Of those that were found: where each group begins. */
  groups: GroupStart[];
  lines: StoreLine[];
}

/** A line of the store's list. */
export interface StoreLine extends Pick<StockLine, 'text' | 'places' | 'warnings'> {
  id: string;
  name: string;
  boxId: string | null;
  hazards: string[];
  /** Null when not known. */
  gramsEach: number | null;
  outline: Outline;
}

/** Everything a show's six stages compute from, in one answer. */
export interface ShowAnswer extends ShowBundle {
  version: number;
  /** Of the show's items. */
  lots: StockedLot[];
  marks: Mark[];
  photos: CheckPhoto[];
  /** Its risk assessment as it was signed, the newest first. */
  signed: SignedAssessment[];
  /** Open ones that the show is to check. */
  followUps: FollowUp[];
  packing: PackMark[];
  records: MethodRecord[];
  /** What the store has for it, after the shows before it have taken theirs; null where that can't be worked out. */
  shares: Share[] | null;
  /** A performance of it has come to its end. */
  performed: boolean;
}

/** A photo that goes with a check. */
export interface CheckPhoto {
  id: string;
  /** The check's. */
  key: string;
  by: string | null;
  /** Milliseconds since 1970. */
  at: number;
}

/** With every answer: the series and the number of the last change before it was asked, “epoch:n”. */
export const NUMBER_HEADER = 'Hearty-Change';

/** Something was stored. */
export interface Change {
  /** Counts every change, from 1. */
  n: number;
  kind:
    | 'show'
    | 'demo'
    | 'item'
    | 'venue'
    | 'person'
    | 'followUp'
    | 'mark'
    | 'run'
    | 'box'
    | 'lot'
    | 'packing'
    | 'settings'
    | 'media'
    | 'trial'
    | 'template'
    | 'order'
    | 'reading';
  id: string;
  /** Of a run: what was added to it. */
  event?: StoredEvent;
}

/** A cue that went off. */
export interface FiredCue {
  /** Null for one that was only tried. */
  runId: string | null;
  slot: string | null;
  task: string | null;
  cue: string;
  name: string;
  kind: CueKind;
  media: string | null;
  to: string | null;
  words: string;
  /** Why it did not get out; null when it is on its way. */
  fault: string | null;
  /** Milliseconds since 1970. */
  at: number;
}

/** A device outside, as far as it was heard of. */
export interface OutputTold {
  id: string;
  name: string;
  /** unknown: it was not heard of yet; many devices never answer. */
  state: 'unknown' | 'answers' | 'quiet';
  /** Why it is quiet; empty otherwise. */
  trouble: string;
  /** Milliseconds since 1970. */
  since: number;
}

/** Presses that a page sends over its socket, as it would over HTTP. */
export interface PressesMessage {
  run: string;
  /** Comes back with the answer. */
  ref: string;
  events?: unknown;
  sentAt?: unknown;
  known?: unknown;
}

/** What the server says to an open page. */
export type LiveMessage =
  /** At first: the number of the last change, and of which series of numbers it is. `reset`: too much was missed to be told one by one. */
  | { hello: number; epoch: string; reset: boolean }
  | { changes: Change[] }
  | PresentTold
  /** A cue went off; null: everything that sounds or is shown ends. */
  | { fired: FiredCue | null }
  | { outputs: OutputTold[] }
  /** The answer to presses, by the name that they came with. */
  | { ref: string; stored: EventsAnswer }
  | { ref: string; error: ApiErrorBody['error'] & { status: number } }
  /** The answer to a page that sent its clock, in ms since 1970: that, and the server's. */
  | { sent: number; at: number };

/** What the room sensor says, if there is one. */
export interface SensorAnswer {
  /** never: none was ever heard of; quiet: it was, and does not answer now. */
  state: 'never' | 'live' | 'quiet';
  reading: RoomReading | null;
  /** Milliseconds since 1970 of its last words. */
  seenAt: number | null;
  /** Why it is not heard; empty while it is. */
  trouble: string;
}

export interface ImportAnswer {
  showId: string;
  /** What was added, and what the repertoire had already. */
  words: string;
}

/** What the store has for one show. */
export interface StockAnswer {
  shares: Share[];
  /** Null where it can’t be worked out: a show that is over, or of which something can’t be read. */
  cost: ShowCost | null;
}

/** What to buy. */
export interface ShoppingAnswer extends ShoppingList {
  /** Titles of shows that are not counted, because something of them can't be read. */
  unread: string[];
}

/** What a show used, and whether it was taken out of the store. */
export interface UsedAnswer {
  used: Used[];
  takenOut: boolean;
}

/** What is ahead of one thing of the store: coming shows in their order, orders, and what to order. */
export interface AheadAnswer {
  wanting: Wanting[];
  arriving: Arriving[];
  /** Null where nothing of it is lacking. */
  line: ShoppingLine | null;
}
