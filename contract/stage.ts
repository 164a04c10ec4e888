import {
  EVENT_KINDS,
  type EventKind,
  OUTCOMES,
  type Outcome,
  RUN_KINDS,
  type RunEvent,
  type RunKind,
  type RunPlan,
} from '../core/stage/types';
import { Id, Num, OneOf, OrNull, PartList, Text, Whole } from './fields';

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
}

/** What a device sends: everything it has kept and not yet heard back about, oldest first. */
export class EventsBody {
  @PartList(() => RunEventBody, 500)
  events!: RunEventBody[];
}

export class NewRunBody {
  @Id()
  id!: string;

  @OneOf(RUN_KINDS)
  kind!: RunKind;
}

/** A run as the server tells it. Events are in the server's order. */
export interface RunRecord {
  id: string;
  showId: string;
  kind: RunKind;
  createdAt: number;
  plan: RunPlan;
  events: RunEvent[];
}
