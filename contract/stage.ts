import {
  EVENT_KINDS,
  type EventKind,
  OUTCOMES,
  type Outcome,
  RUN_KINDS,
  type RunEvent,
  type RunKind,
  type RunPlan,
  type StoredEvent,
} from '../core/stage/types';
import { AnyList, Id, Num, OneOf, OrNull, Text, Whole } from './fields';

export class RunEventBody implements RunEvent {
  @Id()
  id!: string;

  @Num(0, 9_000_000_000_000)
  at!: number;

  @OneOf(EVENT_KINDS)
  kind!: EventKind;

  @OrNull()
  @Id()
  by!: string | null;

  @OrNull()
  @Id()
  slot!: string | null;

  @OrNull()
  @Id()
  step!: string | null;

  @OrNull()
  @Whole(1, 99)
  go!: number | null;

  @OrNull()
  @Text(80)
  cause!: string | null;

  @OrNull()
  @OneOf(OUTCOMES)
  outcome!: Outcome | null;

  @OrNull()
  @Text(1000)
  text!: string | null;

  @OrNull()
  @Num(-9_000_000_000_000, 9_000_000_000_000)
  value!: number | null;

  @OrNull()
  @Id()
  onMove!: string | null;

  @OrNull()
  @Id()
  device!: string | null;
}

/** Events of one run at the most, stored or in a file. */
export const RUN_EVENTS_MOST = 20_000;

/** Events of one request at the most. */
export const EVENTS_MOST = 500;

/** What a device sends: what it has kept and not yet heard back about, oldest first. */
export class EventsBody {
  /** As they are: what is wrong with one is told for that one, and the others are stored. */
  @AnyList(EVENTS_MOST)
  events!: unknown[];

  /** When it was sent, by the device's clock in milliseconds since 1970. */
  @Num(0, 9_000_000_000_000)
  sentAt!: number;

  /** The last event of the run that the device knows, by its place; 0 for none. */
  @Whole(0, 1e9)
  known!: number;
}

/** From where on events are asked for. */
export class AfterQuery {
  @Whole(0, 1e9)
  after!: number;
}

/** What became of the events sent, and what is new of the run. */
export interface EventsAnswer {
  /** Those after `known`, in order; at most as many as an answer holds, the rest at the next asking. */
  events: StoredEvent[];
  /** Place of the run's last event. */
  seq: number;
  /** Not stored, and not to be sent again. */
  refused: { id: string; message: string }[];
}

/** What of the show goes into a run that is under way. */
export class AddedSlotBody {
  @Id()
  slotId!: string;
}

export class NewRunBody {
  @Id()
  id!: string;

  @OneOf(RUN_KINDS)
  kind!: RunKind;
}

/** A run as it is kept and travels in files. Events are in the server's order. */
export interface RunRecord {
  id: string;
  showId: string;
  kind: RunKind;
  createdAt: number;
  plan: RunPlan;
  events: RunEvent[];
}

/** A run as the server tells it. */
export interface StoredRun extends RunRecord {
  events: StoredEvent[];
}

/** One line of the list of a show's runs. */
export interface RunSummary {
  id: string;
  showId: string;
  kind: RunKind;
  createdAt: number;
  finished: boolean;
  /** Why it can't be read; null for one that can. Others are not affected, and it can be removed. */
  trouble: string | null;
}
