/** A class that tries it itself, and who films. */
import type { ClassError, ClassOption, ClassSet } from '../core/brief/classSet';
import type { Filming } from '../core/brief/filming';
import { CAMERAS, type Camera } from '../core/repertoire/pictures';
import { Holds, Id, Num, OneOf, OrNull, Part, PartList, Text, Whole } from './fields';

export class FilmingBody implements Filming {
  @OneOf(CAMERAS)
  camera!: Camera;

  @OrNull()
  @Id()
  personId!: string | null;
}

export class ClassErrorBody implements ClassError {
  @Id()
  id!: string;

  @Text(80, 1)
  words!: string;

  @Whole(0, 500)
  count!: number;
}

/** Of earlier classes: so many groups chose it, of so many. */
export class ChosenBeforeBody {
  @Holds<ChosenBeforeBody>(({ chose, of }) =>
    chose > of ? 'must be no more than the groups of those classes' : null,
  )
  @Whole(0, 100_000)
  chose!: number;

  @Whole(0, 100_000)
  of!: number;
}

export class ClassOptionBody implements ClassOption {
  @Id()
  id!: string;

  @Id()
  demoId!: string;

  @Id()
  methodId!: string;

  @OrNull()
  @Whole(0, 500)
  chose!: number | null;

  @PartList(() => ClassErrorBody, 12)
  errors!: ClassErrorBody[];

  @Part(() => ChosenBeforeBody)
  before!: ChosenBeforeBody;
}

export class ClassSetBody implements ClassSet {
  @Whole(1, 500)
  pupils!: number;

  @Whole(1, 12)
  perGroup!: number;

  @Num(50, 99.9)
  enough!: number;

  @PartList(() => ClassOptionBody, 6)
  options!: ClassOptionBody[];
}
