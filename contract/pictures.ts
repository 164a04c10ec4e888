/** Pictures of a demonstration and its steps, and what each camera sees. */
import {
  CAMERAS,
  type Camera,
  type CameraView,
  type Picture,
  type SlowMotion,
} from '../core/repertoire/pictures';
import { Holds, Id, Num, OneOf, OrNull, Part, Text } from './fields';

export class PictureBody implements Picture {
  @Id()
  media!: string;

  @Text(120)
  words!: string;
}

export class SlowMotionBody implements SlowMotion {
  @Num(0.01, 600)
  seconds!: number;

  @Holds<SlowMotionBody>(({ rate, shownAt }) =>
    rate < shownAt ? 'must be at least as many as are shown' : null,
  )
  @Num(1, 100_000)
  rate!: number;

  @Num(1, 240)
  shownAt!: number;
}

export class CameraViewBody implements CameraView {
  @Id()
  id!: string;

  @OneOf(CAMERAS)
  camera!: Camera;

  @Text(80)
  sees!: string;

  @OrNull()
  @Part(() => SlowMotionBody)
  slow!: SlowMotionBody | null;
}
