/** Slots of a show, and what is wished of their order. */
import { SAY_MOST } from '../core/repertoire/script';
import {
  type Lead,
  SIDE_BY_SIDE,
  type SideBySide,
  type Slot,
  type Station,
  type StationAmount,
  type Talk,
} from '../core/brief/types';
import { ARCS, type Arc, type SlotPair, type Weights, type Wishes } from '../core/brief/wishes';
import { MOST_GOES } from '../core/repertoire/limits';
import { Holds, Id, Num, OneOf, OrNull, Part, PartList, Text, Whole, YesNo } from './fields';
import { KIT_UNITS, UNIT_IDS, type UnitId } from '../core/units/units';
import { MeasureBody } from './measure';
import { EstimateBody } from './task';

export class TalkBody implements Talk {
  @Text(80, 1)
  title!: string;

  @Part(() => EstimateBody)
  time!: EstimateBody;

  @Text(SAY_MOST)
  say!: string;
}

class StationAmountBody implements StationAmount {
  @Id()
  itemId!: string;

  @OneOf(KIT_UNITS)
  unit!: UnitId;

  @Num(0, 1_000_000)
  amount!: number;
}

/** One of several, without what it takes. */
export class StationNameBody implements Omit<Station, 'amounts'> {
  @Id()
  id!: string;

  @Text(60, 1)
  label!: string;

  @OrNull()
  @Id()
  levelId!: string | null;
}

class StationBody extends StationNameBody implements Station {
  @PartList(() => StationAmountBody, 20)
  amounts!: StationAmountBody[];
}

class StationSettingBody {
  @Id()
  id!: string;

  @Num(-1e9, 1e9)
  value!: number;

  @OrNull()
  @OneOf(UNIT_IDS)
  unit!: UnitId | null;
}

/** Side by side in one slot, and spare sets of them, at the most. */
export const STATIONS_MOST = 40;
export const SPARES_MOST = 20;

export class SideBySideBody implements SideBySide {
  @OneOf(SIDE_BY_SIDE)
  kind!: SideBySide['kind'];

  @OrNull()
  @Id()
  trialId!: string | null;

  @Holds<SideBySideBody>(({ stations }) => {
    if (!Array.isArray(stations)) return null;
    if (stations.length === 0) return 'needs one at least';
    const ids = new Set(stations.map((one) => one?.id));
    return ids.size < stations.length ? 'has two of the same name' : null;
  })
  @PartList(() => StationBody, STATIONS_MOST)
  stations!: StationBody[];

  @Whole(0, SPARES_MOST)
  spares!: number;

  @OrNull()
  @Part(() => StationSettingBody)
  setting!: StationSettingBody | null;

  @OrNull()
  @Part(() => MeasureBody)
  measure!: MeasureBody | null;
}

export class LeadBody implements Lead {
  @Id()
  task!: string;

  @Whole(0, 86_400)
  seconds!: number;
}

const isNull = (value: unknown): boolean => value === null;

export class SlotBody implements Slot {
  @Holds<SlotBody>((s) =>
    isNull(s.methodId) === isNull(s.demoId) && isNull(s.demoId) !== isNull(s.talk)
      ? null
      : 'must be of a slot with a demo and its method, or with a talk',
  )
  @Id()
  id!: string;

  @OrNull()
  @Id()
  demoId!: string | null;

  @OrNull()
  @Id()
  methodId!: string | null;

  @OrNull()
  @Part(() => TalkBody)
  talk!: TalkBody | null;

  @OrNull()
  @Id()
  performerId!: string | null;

  @OrNull()
  @Id()
  positionId!: string | null;

  @Whole(1, MOST_GOES)
  goes!: number;

  @Whole(0, 10)
  again!: number;

  @OrNull()
  @Holds<SlotBody>((slot) =>
    slot.wantedGoes !== null && slot.wantedGoes > slot.goes + slot.again
      ? 'must not be more than the goes there may be'
      : null,
  )
  @Whole(1, 200)
  wantedGoes!: number | null;

  @Whole(0, 3600)
  fallback!: number;

  @PartList(() => LeadBody, 60)
  leads!: LeadBody[];

  @YesNo()
  pinned!: boolean;

  @YesNo()
  mayLeaveOut!: boolean;

  @Whole(1, 5)
  worth!: number;

  @Holds<SlotBody>((s) =>
    s.sideBySide && s.demoId === null ? 'must be of a slot with a demo' : null,
  )
  @OrNull()
  @Part(() => SideBySideBody)
  sideBySide!: SideBySideBody | null;
}

export class SlotPairBody implements SlotPair {
  @Id()
  first!: string;

  @Holds<SlotPairBody>((p) => (p.first === p.second ? 'must be another slot' : null))
  @Id()
  second!: string;
}

const HEAVIEST = 1e9;

export class WeightsBody implements Weights {
  @Num(0, HEAVIEST)
  conflict!: number;

  @Num(0, HEAVIEST)
  late!: number;

  @Num(0, HEAVIEST)
  deadAir!: number;

  @Num(0, HEAVIEST)
  arc!: number;

  @Num(0, HEAVIEST)
  repeat!: number;
}

export class WishesBody implements Wishes {
  @OneOf(ARCS)
  arc!: Arc;

  @PartList(() => SlotPairBody, 60)
  before!: SlotPairBody[];

  @PartList(() => SlotPairBody, 60)
  apart!: SlotPairBody[];

  @Part(() => WeightsBody)
  weights!: WeightsBody;
}
