/** The interface's words for the core's names. */
import type {
  Competence,
  HandRole,
  HazardKind,
  Phase,
  ResidueKind,
  TalkPattern,
} from '../../core/repertoire/types';
import type { MarkShape } from '../../core/brief/types';
import type { CheckKind } from '../../core/ready/checks';
import type { Outcome } from '../../core/stage/types';
import type { Option } from './Pick';

export {
  BASIS,
  COLD_KIND,
  ITEM_KIND,
  LOT_STATE,
  MATERIAL,
  SIGNAL,
  STRENGTH_KIND,
  SUBSTANCE,
} from '../../contract/tables/words';

export const PHASE: Record<Phase, string> = {
  prepare: 'Prepare',
  settle: 'Settles by itself',
  perform: 'Perform',
  reset: 'Clear',
};
export const COMPETENCE: Record<Competence, string> = {
  cryogen: 'Cryogen',
  flame: 'Flame',
  highVoltage: 'High voltage',
  driver: 'Driver',
  firstAid: 'First aid',
};
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
  gear: 'Protective gear',
  warning: 'Warning',
  volunteer: 'Volunteers',
};
export const OUTCOME: Record<Outcome, string> = {
  worked: 'Worked',
  partly: 'Partly worked',
  failed: 'Didn’t work',
};
export const HAZARD: Record<HazardKind, string> = {
  openFlame: 'Open flame',
  flammableVapour: 'Flammable vapour',
  oxidiser: 'Oxidiser',
  corrosive: 'Corrosive',
  cryogen: 'Very cold liquid',
  asphyxiant: 'Takes the place of air',
  hot: 'Hot',
  loud: 'Loud',
  projectile: 'Something flies',
  shatter: 'Shatters',
  pressure: 'Pressure',
  highVoltage: 'High voltage',
  strongMagnet: 'Strong magnet',
  slip: 'Slippery',
  splash: 'Splashes',
  smoke: 'Stage smoke',
  flashingLight: 'Flashing light',
  allergen: 'Allergen',
  lifting: 'Heavy lifting',
  volunteerMoved: 'Volunteer is moved',
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
