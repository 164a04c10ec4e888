/** The store: boxes, lots, movements, packing, and what a person has set for themselves. */
import { NO_SIGNAL } from '../core/repertoire/cues';
import { SURENESS, type Sureness, USUAL_SURENESS } from '../core/lineup/outlook';
import { STOCK_MOST } from '../core/inventory/ledger';
import { ITEM_KINDS } from '../core/repertoire/item';
import { PACK_MARKS, type PackMark, type PackMarkKind } from '../core/kit/packing';
import { ORDER_TERMS, type Order, type OrderTerms } from '../core/inventory/orders';
import {
  type Box,
  LOT_STATES,
  type Lot,
  type LotState,
  type StockedLot,
} from '../core/inventory/types';
import { type RiskMatrix, USUAL_MATRIX } from '../core/repertoire/matrix';
import { HOUSEHOLD, type HouseholdSizes } from '../core/units/household';
import { SYSTEMS, type System } from '../core/units/format';
import type { UnitId } from '../core/units/units';
import {
  DayDate,
  Holds,
  Id,
  Num,
  OneOf,
  OrNull,
  Part,
  PartList,
  Positive,
  Text,
  Whole,
} from './fields';
import { type Output, OutputBody, type StageSignals, StageSignalsBody } from './cues';
import { STOCK_UNITS } from './item';

export class BoxBody implements Box {
  @Id()
  id!: string;

  @Text(60, 1)
  name!: string;

  @Whole(1, 9999)
  number!: number;

  @OrNull()
  @Num(0, 1_000_000)
  grams!: number | null;

  @Text(200)
  note!: string;
}

export class LotBody implements Lot {
  @Id()
  id!: string;

  @Id()
  itemId!: string;

  @Text(60)
  place!: string;

  @OrNull()
  @DayDate()
  expiry!: string | null;

  @OrNull()
  @DayDate()
  opened!: string | null;

  @OneOf(LOT_STATES)
  state!: LotState;

  @OrNull()
  @DayDate()
  lastTest!: string | null;

  @Text(200)
  note!: string;
}

/** Largest amount of one thing, in base units. */
const MOST = STOCK_MOST;

/** A lot with what is in it. */
export class StockedLotBody extends LotBody implements StockedLot {
  @Num(0, MOST)
  stock!: number;
}

export class ReceiveBody {
  /** The lot that it becomes. */
  @Part(() => LotBody)
  lot!: LotBody;

  @Positive(1_000_000)
  amount!: number;

  @OneOf(STOCK_UNITS)
  unit!: UnitId;

  @Text(200)
  note!: string;
}

export class OrderBody implements Order {
  @Id()
  id!: string;

  @Id()
  itemId!: string;

  @OneOf(ORDER_TERMS)
  terms!: OrderTerms;

  @Positive(1_000_000)
  amount!: number;

  @OneOf(STOCK_UNITS)
  unit!: UnitId;

  @Whole(1, 1000)
  count!: number;

  @Whole(0, 1_000_000_000)
  price!: number;

  @Text(80)
  supplier!: string;

  @DayDate()
  ordered!: string;

  @Holds<OrderBody>((order) =>
    order.expected < order.ordered ? 'must not be before it was ordered' : null,
  )
  @DayDate()
  expected!: string;

  @OrNull()
  @DayDate()
  come!: string | null;

  @OrNull()
  @Whole(0, 3650)
  keeps!: number | null;

  @OrNull()
  @Holds<OrderBody>((order) =>
    order.terms === 'bought' && order.backBy !== null
      ? 'must be empty for what is bought'
      : order.backBy !== null && order.backBy < order.expected
        ? 'must not be before it comes'
        : null,
  )
  @DayDate()
  backBy!: string | null;

  @OrNull()
  @Holds<OrderBody>((order) =>
    order.terms === 'bought' && order.back !== null ? 'must be empty for what is bought' : null,
  )
  @DayDate()
  back!: string | null;

  @Text(200)
  note!: string;
}

/** An order that has come: on which day, and where it was put. */
export class ComeBody {
  @DayDate()
  day!: string;

  @Text(60)
  place!: string;
}

/** The kinds of things that the store's list can be narrowed to. */
export const STORE_SHOWN = ['all', 'mind', ...ITEM_KINDS] as const;
export type StoreShown = (typeof STORE_SHOWN)[number];

/** Which part of the store's list is asked for. */
export class StoreQuery {
  @Text(200)
  find!: string;

  @OneOf(STORE_SHOWN)
  shown!: StoreShown;

  /** The day that it is looked at. */
  @DayDate()
  day!: string;

  @OneOf(SYSTEMS)
  system!: System;

  /** The first line, from 0, and how many. */
  @Whole(0, 1_000_000)
  from!: number;

  @Whole(1, 500)
  count!: number;
}

/** Of which item the lots are asked for. */
export class LotsQuery {
  @Id()
  item!: string;
}

export class CountBody {
  @Num(0, 1_000_000)
  amount!: number;

  @OneOf(STOCK_UNITS)
  unit!: UnitId;

  @Text(200)
  note!: string;
}

export class TakenBody {
  @Id()
  itemId!: string;

  /** In the base unit of the item's kind. */
  @Num(0, MOST)
  base!: number;
}

export class TakeOutBody {
  @PartList(() => TakenBody, 500)
  taken!: TakenBody[];
}

export class TickBody {
  @OrNull()
  @Id()
  by!: string | null;
}

/** A tick of a thing: how much of it, of how much; both null for what is not counted. */
export class PackTickBody extends TickBody {
  @OrNull()
  @Num(0, 1e9)
  amount!: number | null;

  @OrNull()
  @Num(0, 1e9)
  of!: number | null;
}

/** As it stands in a file. */
export class PackMarkBody extends PackTickBody implements PackMark {
  @Text(140, 1)
  key!: string;

  @OneOf(PACK_MARKS)
  kind!: PackMarkKind;

  @Num(0, 9_000_000_000_000)
  at!: number;
}

/** The key of a line of the kit list, ITEM.KIND. */
export class PackKeyParam {
  @Text(140, 1)
  key!: string;
}

export class HouseholdBody implements HouseholdSizes {
  @Positive(1)
  drop!: number;

  @Positive(100)
  squirt!: number;

  @Positive(10_000)
  stroke!: number;

  @Positive(20)
  pinch!: number;
}

/** Products of likelihood and severity, 1 to 5 each. */
export class RiskMatrixBody implements RiskMatrix {
  @Whole(2, 25)
  medium!: number;

  @Holds<RiskMatrixBody>((m) =>
    m.high <= m.medium ? 'must be more than where medium begins' : null,
  )
  @Whole(2, 25)
  high!: number;

  @Holds<RiskMatrixBody>((m) =>
    m.extreme <= m.high ? 'must be more than where high begins' : null,
  )
  @Whole(2, 25)
  extreme!: number;
}

export interface Settings {
  id: 'own';
  household: HouseholdSizes;
  riskMatrix: RiskMatrix;
  /** ISO 4217 code. */
  currency: string;
  /** What the end of a show is held against. */
  endsBy: Sureness;
  /** Devices outside that signals go to: only to these. */
  outputs: Output[];
  stageSignals: StageSignals;
}

export class SettingsBody implements Settings {
  @OneOf(['own'])
  id!: 'own';

  @Part(() => HouseholdBody)
  household!: HouseholdBody;

  @Part(() => RiskMatrixBody)
  riskMatrix!: RiskMatrixBody;

  @Holds<SettingsBody>((s) => {
    try {
      new Intl.NumberFormat('en', { style: 'currency', currency: s.currency });
      return null;
    } catch {
      return 'must be the code of a currency, such as EUR';
    }
  })
  @Text(3, 3)
  currency!: string;

  @OneOf(SURENESS)
  endsBy!: Sureness;

  @PartList(() => OutputBody, 20)
  outputs!: OutputBody[];

  @Part(() => StageSignalsBody)
  stageSignals!: StageSignalsBody;
}

export const SETTINGS: Settings = {
  id: 'own',
  household: HOUSEHOLD,
  riskMatrix: USUAL_MATRIX,
  currency: 'EUR',
  endsBy: USUAL_SURENESS,
  outputs: [],
  stageSignals: {
    blackout: NO_SIGNAL,
    lightsBack: NO_SIGNAL,
    houseUp: NO_SIGNAL,
    houseDown: NO_SIGNAL,
  },
};
