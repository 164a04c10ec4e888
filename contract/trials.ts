/** Trial series, and what their goes came to. */
import type {
  Condition,
  Expectation,
  GoOrder,
  GoState,
  Held,
  TrialGo,
  TrialKitLine,
  TrialSeries,
  Variable,
  VariableKind,
} from '../core/trials/series';
import { EXPECTATIONS, GO_STATES, ORDERS, VARIABLES } from '../core/trials/series';
import type { Level } from '../core/trials/types';
import type { StockedLot } from '../core/inventory/types';
import type { SideBySide } from '../core/brief/types';
import type { Item } from '../core/repertoire/item';
import type { ClaimKind } from '../core/trials/claim';
import { KIT_UNITS, type UnitId } from '../core/units/units';
import {
  DayDate,
  Holds,
  Id,
  IdList,
  Num,
  OneOf,
  OrNull,
  Part,
  PartList,
  Positive,
  Text,
  Whole,
  YesNo,
} from './fields';

import type { Versioned } from './api';
import { MeasureBody } from './measure';
import { SPARES_MOST, STATIONS_MOST } from './slot';

/** Levels of one series, and rounds of it, at the most. */
export const LEVELS_MOST = 12;
export const ROUNDS_MOST = 40;
export const GOES_MOST = LEVELS_MOST * ROUNDS_MOST;
/** Any reading and any amount. */
const ANY = 1e12;

export class LevelBody implements Level {
  @Id()
  id!: string;

  @Text(40, 1)
  label!: string;

  @OrNull()
  @Num(-ANY, ANY)
  value!: number | null;
}

export class VariableBody implements Variable {
  @OneOf(VARIABLES)
  kind!: VariableKind;

  @Text(60, 1)
  name!: string;

  @Text(30)
  unit!: string;

  @OrNull()
  @Id()
  settingId!: string | null;
}

export class HeldBody implements Held {
  @Id()
  id!: string;

  @Text(60, 1)
  name!: string;

  @Text(80)
  value!: string;

  @Text(80)
  drifted!: string;
}

export class ConditionBody implements Condition {
  @Id()
  id!: string;

  @Text(40, 1)
  name!: string;

  @Text(20)
  unit!: string;
}

export class TrialKitLineBody implements TrialKitLine {
  @Id()
  id!: string;

  @Id()
  itemId!: string;

  @OneOf(KIT_UNITS)
  unit!: UnitId;

  @Num(0, 1_000_000)
  perGo!: number;

  @Num(0, 1_000_000)
  perAmount!: number;
}

/** Two levels of one amount could not be told apart. */
function sameAmount(levels: unknown): string | null {
  if (!Array.isArray(levels)) return null;
  const amounts = (levels as Partial<Level>[]).flatMap(({ value }) =>
    typeof value === 'number' ? [value] : [],
  );
  return new Set(amounts).size === amounts.length ? null : 'has the same amount twice';
}

/** An order is of all levels, or of none. */
function notAllLevels({ predicted, levels }: Partial<TrialSeries>): string | null {
  if (!Array.isArray(predicted) || !Array.isArray(levels) || predicted.length === 0) return null;
  const ids = new Set(levels.map((level) => level?.id));
  return predicted.length === ids.size && predicted.every((id) => ids.has(id))
    ? null
    : 'must order all levels, each once';
}

export class TrialBody implements TrialSeries {
  @Id()
  id!: string;

  @Text(120, 1)
  name!: string;

  @OrNull()
  @Id()
  demoId!: string | null;

  @Holds<TrialBody>((trial) =>
    trial.methodId !== null && trial.demoId === null ? 'needs its demonstration' : null,
  )
  @OrNull()
  @Id()
  methodId!: string | null;

  @Text(80)
  place!: string;

  @OrNull()
  @DayDate()
  date!: string | null;

  @Part(() => VariableBody)
  variable!: VariableBody;

  @Holds<TrialBody>((trial) => sameAmount(trial.levels))
  @PartList(() => LevelBody, LEVELS_MOST)
  levels!: LevelBody[];

  @Holds<TrialBody>((trial) =>
    trial.referenceId === null ||
    (Array.isArray(trial.levels) && trial.levels.some((level) => level?.id === trial.referenceId))
      ? null
      : 'must be one of the levels',
  )
  @OrNull()
  @Id()
  referenceId!: string | null;

  @PartList(() => HeldBody, 20)
  held!: HeldBody[];

  @PartList(() => ConditionBody, 6)
  conditions!: ConditionBody[];

  @Holds<TrialBody>((trial) => notAllLevels(trial))
  @IdList(LEVELS_MOST)
  predicted!: string[];

  @Text(200)
  hypothesis!: string;

  @OneOf(EXPECTATIONS)
  expects!: Expectation;

  @OrNull()
  @Id()
  guessedBy!: string | null;

  @Part(() => MeasureBody)
  measure!: MeasureBody;

  @OrNull()
  @Positive(ANY)
  matters!: number | null;

  @Whole(1, ROUNDS_MOST)
  rounds!: number;

  @OneOf(ORDERS)
  order!: GoOrder;

  @Whole(0, 4_294_967_295)
  seed!: number;

  @Whole(1, LEVELS_MOST)
  stations!: number;

  @Whole(1, 86_400)
  secondsPerGo!: number;

  @OrNull()
  @Id()
  readerId!: string | null;

  @YesNo()
  blind!: boolean;

  @PartList(() => TrialKitLineBody, 20)
  kit!: TrialKitLineBody[];

  @Text(600)
  evidence!: string;

  @Text(1000)
  reasoning!: string;

  @YesNo()
  pinned!: boolean;

  @Text(1000)
  note!: string;
}

class ConditionValueBody {
  @Id()
  id!: string;

  @Num(-ANY, ANY)
  value!: number;
}

/** What somebody says that a go came to. What was read first is kept by the server. */
export class GoBody implements Omit<TrialGo, 'go' | 'first' | 'at' | 'source'> {
  @Id()
  levelId!: string;

  @Holds<GoBody>((go) =>
    go.state === 'notRead' || go.value !== null ? null : 'needs its reading, a number',
  )
  @OneOf(GO_STATES)
  state!: GoState;

  @Holds<GoBody>((go) => (go.state === 'notRead' ? 'must be empty where nothing was read' : null))
  @OrNull()
  @Num(-ANY, ANY)
  value!: number | null;

  @Holds<GoBody>((go) =>
    go.state === 'leftOut' && typeof go.reason === 'string' && go.reason.trim() === ''
      ? 'must say why it is left out'
      : null,
  )
  @Text(200)
  reason!: string;

  @OrNull()
  @Id()
  by!: string | null;

  @PartList(() => ConditionValueBody, 6)
  conditions!: ConditionValueBody[];
}

class FinaleSizeBody {
  @Id()
  levelId!: string;

  @Whole(1, STATIONS_MOST)
  stations!: number;

  @Whole(0, SPARES_MOST)
  spares!: number;
}

/** Into which show it is put: a finale of a size, or the series itself. */
export class TrialSlotBody {
  @Id()
  showId!: string;

  @OrNull()
  @Part(() => FinaleSizeBody)
  size!: FinaleSizeBody | null;
}

/** Letters of a table of readings, at the most. */
const TABLE_MOST = 2_000_000;

/** A table of readings, one row each: looked at, or kept as a series. */
export class TrialTableBody {
  @Text(120, 1)
  name!: string;

  @Text(TABLE_MOST, 1)
  csv!: string;

  /** Name of the column of what was changed, and of what was read; null for the likeliest. */
  @OrNull()
  @Text(200)
  factor!: string | null;

  @OrNull()
  @Text(200)
  response!: string | null;

  @YesNo()
  save!: boolean;
}

/** What a table says, or what is wrong with it. */
export interface TableAnswer {
  columns: string[];
  factor: string | null;
  response: string | null;
  faults: string[];
  /** “6 levels, 23 readings, 1 not read”. */
  words: string;
  claim: string;
  /** Of the series that was made; null while it is looked at. */
  id: string | null;
}

/** A series with what was read of it so far. */
export interface TrialAnswer {
  trial: Versioned<TrialSeries>;
  /** In the order of their numbers. */
  goes: TrialGo[];
  /** What it uses up, and what of that lies in the store. */
  items: Item[];
  lots: StockedLot[];
  /** Shows that it is in, by date. */
  shows: {
    showId: string;
    slotId: string;
    title: string;
    date: string;
    kind: SideBySide['kind'];
  }[];
}

/** A series in the list of all: how far it is, and what it says. */
export interface TrialSummary {
  id: string;
  name: string;
  demoId: string | null;
  date: string | null;
  variable: string;
  /** Goes that have come to something, and all that are planned. */
  done: number;
  planned: number;
  claim: string;
  kind: ClaimKind;
  evidence: string;
  reasoning: string;
  /** Null for any method of its demonstration. */
  methodId: string | null;
  pinned: boolean;
}
