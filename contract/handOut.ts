/** What goes home with the audience. */
import { AT_HOME, type AtHome, type HandOut, type HomeThing } from '../core/repertoire/handOut';
import { HAZARDS, type HazardKind } from '../core/repertoire/types';
import { KIT_UNITS, type UnitId } from '../core/units/units';
import { Holds, Id, OneOf, OneOfList, OrNull, PartList, Positive, Text, TextList } from './fields';
import { sameFigureTwice, SettingFigureBody } from './settingFigure';

export class HomeThingBody implements HomeThing {
  @Id()
  id!: string;

  @Id()
  itemId!: string;

  @Positive(100_000)
  amount!: number;

  @OneOf(KIT_UNITS)
  unit!: UnitId;
}

export class HandOutBody implements HandOut {
  @Text(300)
  saw!: string;

  @Text(900)
  why!: string;

  @OneOf(AT_HOME)
  atHome!: AtHome;

  @Text(200)
  whyNot!: string;

  @OrNull()
  @Id()
  methodId!: string | null;

  @Text(1200)
  steps!: string;

  @PartList(() => HomeThingBody, 20)
  things!: HomeThingBody[];

  @Holds<HandOutBody>(({ figures }) => sameFigureTwice(figures))
  @PartList(() => SettingFigureBody, 40)
  figures!: SettingFigureBody[];

  @OneOfList(HAZARDS)
  without!: HazardKind[];

  @TextList(6, 160)
  questions!: string[];
}
