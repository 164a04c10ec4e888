/** What a demonstration looks like, and what it was taken from. */
import {
  type Face,
  HAPPENINGS,
  type Happening,
  type Vessel,
  VESSELS,
} from '../core/repertoire/face';
import type { Origin } from '../core/repertoire/origin';
import { Id, OneOf, OrNull, PartList, Text } from './fields';

export class FaceBody implements Face {
  @OrNull()
  @Id()
  figure!: string | null;

  @OneOf(VESSELS)
  vessel!: Vessel;

  @OneOf(HAPPENINGS)
  happening!: Happening;
}

class TakenMethodBody {
  @Id()
  methodId!: string;

  @Text(40)
  mark!: string;
}

export class OriginBody implements Origin {
  @Id()
  demoId!: string;

  @Text(40)
  mark!: string;

  @PartList(() => TakenMethodBody, 12)
  methods!: TakenMethodBody[];
}
