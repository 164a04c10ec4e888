/** The interface's words for the core's names. */
import type { WHERES } from '../../core/repertoire/care';
import type { CueKind, CueMoment } from '../../core/repertoire/cues';
import { TRAINING_WORDS } from '../../core/repertoire/training';
import {
  type Competence,
  COMPETENCES,
  type HandRole,
  type Phase,
  type ResidueKind,
  type TalkPattern,
} from '../../core/repertoire/types';
import { upperFirst } from '../../core/words';
import type { Floor, Journey, Known, MarkShape } from '../../core/brief/types';
import type { CheckKind } from '../../core/ready/checks';
import type { Outcome } from '../../core/stage/types';
import type { Option } from './Pick';

export { AT_RISK_WORDS as AT_RISK, HAZARD_WORDS as HAZARD } from '../../core/repertoire/hazards';
export {
  BASIS,
  basisWords,
  COLD_KIND,
  ITEM_KIND,
  LID,
  LOT_STATE,
  MATERIAL,
  OUTLINE,
  SIGNAL,
  STOW,
  STRENGTH_KIND,
  SUBSTANCE,
} from '../../contract/tables/words';

export const PHASE: Record<Phase, string> = {
  prepare: 'Prepare',
  settle: 'Settles by itself',
  perform: 'Perform',
  reset: 'Clear',
};
export const COMPETENCE = Object.fromEntries(
  COMPETENCES.map((one) => [one, upperFirst(TRAINING_WORDS[one])]),
) as Record<Competence, string>;
export const ROLE: Record<HandRole, string> = {
  performer: 'the performer',
  helper: 'a helper',
  anyone: 'anyone',
};
export const TALK: Record<TalkPattern, string> = {
  sayFirst: 'Say, then show',
  predictShowExplain: 'Predict, show, explain',
  showThenExplain: 'Show, then explain',
};
export const MARK: Record<MarkShape, string> = {
  cross: 'X',
  corner: 'L',
  tee: 'T',
  bars: 'Two bars',
  chevron: 'Roof',
  square: 'Square',
};
export const CHECK: Record<CheckKind, string> = {
  place: 'Place',
  fill: 'Fill',
  test: 'Test',
  exits: 'Ways out',
  frontRow: 'Front row',
  power: 'Power',
  gear: 'Protective gear',
  volunteer: 'Volunteers',
  measure: 'Measure',
  lastTime: 'From last time',
  fire: 'Fire',
  clear: 'Keep clear',
  window: 'In its window',
};
export const OUTCOME: Record<Outcome, string> = {
  worked: 'Worked',
  partly: 'Partly worked',
  failed: 'Didn’t work',
};
export const RESIDUE: Record<ResidueKind, string> = {
  water: 'Water',
  foam: 'Slippery foam',
  vapour: 'Flammable vapour',
  oxygen: 'Oxygen',
  smoke: 'Smoke',
  debris: 'Glass or brittle bits',
  heat: 'Heat',
  charge: 'Charge',
  darkness: 'Darkness',
};
export const KNOWN: Record<Known, string> = { unknown: 'not known', yes: 'yes', no: 'no' };
export const JOURNEY_BY: Record<Journey['by'], string> = {
  vehicle: 'by vehicle',
  lift: 'by lift',
  ferry: 'by ferry',
  foot: 'on foot',
};
export const FLOOR: Record<Floor, string> = {
  unknown: 'not known',
  level: 'level',
  sloping: 'sloping',
  uneven: 'uneven',
};
export const WHERE_NEEDED: Record<(typeof WHERES)[number], string> = {
  either: 'indoors or outdoors',
  indoors: 'only indoors',
  outdoors: 'only outdoors',
};
export const CUE_KIND: Record<CueKind, string> = {
  light: 'Light',
  sound: 'Sound',
  picture: 'Picture',
  message: 'Message',
};
export const CUE_MOMENT: Record<CueMoment, string> = {
  start: 'when the step is on',
  after: 'so long into it',
  sign: 'when its sign is seen',
  done: 'when it is done',
};
export const WHERE: Record<'position' | 'stage', string> = {
  position: 'where it is done',
  stage: 'on the whole stage',
};
/** Causes offered with one tap when something didn’t work. */
export const CAUSES = [
  'Too weak',
  'Too rich',
  'Not tight',
  'Not hot enough',
  'Too damp',
  'Too windy',
  'Forgot something',
  'Don’t know',
];

export const options = <K extends string>(words: Record<K, string>): Option<K>[] =>
  (Object.entries(words) as [K, string][]).map(([value, label]) => ({ value, label }));
