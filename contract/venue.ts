/** A place where shows are played: the room, its power, its exits. */
import {
  type Circuit,
  type Exit,
  FLOORS,
  type Floor,
  KNOWN,
  type Known,
  type Place,
  type Venue,
} from '../core/brief/types';
import { Id, Num, OneOf, OrNull, PartList, Text, Whole, YesNo } from './fields';

export class CircuitBody implements Circuit {
  @Id()
  id!: string;

  @Text(40, 1)
  name!: string;

  @Num(1, 1_000_000)
  watts!: number;
}

export class PlaceBody implements Place {
  @Num(-500, 500)
  x!: number;

  @Num(-500, 500)
  y!: number;
}

export class ExitBody extends PlaceBody implements Exit {
  @Id()
  id!: string;

  @Text(40, 1)
  name!: string;
}

export class VenueBody implements Venue {
  @Id()
  id!: string;

  @Text(80, 1)
  name!: string;

  @Text(200)
  address!: string;

  @Text(400)
  travel!: string;

  @YesNo()
  outdoors!: boolean;

  @OrNull()
  @Num(0.5, 500)
  lengthM!: number | null;

  @OrNull()
  @Num(0.5, 500)
  widthM!: number | null;

  @OrNull()
  @Num(1, 100)
  ceilingM!: number | null;

  @OrNull()
  @Num(0, 100)
  frontRowM!: number | null;

  @OrNull()
  @Whole(0, 200)
  powerSockets!: number | null;

  @OneOf(KNOWN)
  water!: Known;

  @OneOf(KNOWN)
  dark!: Known;

  @OneOf(KNOWN)
  smokeDetectors!: Known;

  @OneOf(KNOWN)
  detectorsIsolable!: Known;

  @Text(120)
  detectorsIsolatedBy!: string;

  @OneOf(KNOWN)
  alarmToFireService!: Known;

  @OneOf(KNOWN)
  drain!: Known;

  @OrNull()
  @Num(0, 100)
  airChanges!: number | null;

  @OneOf(FLOORS)
  floor!: Floor;

  @PartList(() => CircuitBody, 24)
  circuits!: CircuitBody[];

  @Text(120)
  surface!: string;

  @OrNull()
  @Num(0.5, 100)
  stageWidthM!: number | null;

  @OrNull()
  @Num(0.5, 100)
  stageDepthM!: number | null;

  @PartList(() => ExitBody, 24)
  exits!: ExitBody[];

  @Text(40)
  emergencyNumber!: string;

  @Text(400)
  emergencyNote!: string;

  @Text(1000)
  note!: string;
}
