import type { ColdKind, Material } from '../../core/repertoire/materials';

import {
  SUBSTANCES,
  SUBSTANCE_IDS,
  type StrengthKind,
  type SubstanceId,
} from '../../core/repertoire/substances';
import type { HazardLabel, ItemKind, Lid, Outline, Stow } from '../../core/repertoire/item';
import type { KitBasis, KitLine } from '../../core/repertoire/types';
import { ITEM_KIND_WORDS } from '../../core/kit/words';
import type { LotState } from '../../core/inventory/types';
import { KIT_UNITS, type UnitId, UNITS } from '../../core/units/units';

/** Words that stand in files and on screens for the core's names. */
export const ITEM_KIND: Record<ItemKind, string> = ITEM_KIND_WORDS;
export const BASIS: Record<KitBasis, string> = {
  perShow: 'for the show',
  perGo: 'per go',
  perVolunteer: 'per volunteer',
  perVolunteerGo: 'per volunteer per go',
  perHead: 'for each in the audience',
  perGroup: 'for every so many',
  perDay: 'for the day',
};
/** What a kit line is counted for: “per go”, “for every 4”. */
export const basisWords = ({ basis, groupOf }: Pick<KitLine, 'basis' | 'groupOf'>): string =>
  basis === 'perGroup' ? `for every ${groupOf ?? 1}` : BASIS[basis];

export const MATERIAL: Record<Material, string> = {
  aluminium: 'Aluminium',
  stainless: 'Stainless steel',
  copper: 'Copper',
  brass: 'Brass',
  lead: 'Lead',
  glass: 'Glass',
  plastic: 'Plastic',
  rubber: 'Rubber',
  watery: 'Mostly water: flowers, fruit',
};
export const COLD_KIND: Record<ColdKind, string> = {
  nitrogen: 'Liquid nitrogen',
  dryIce: 'Dry ice',
};
export const LID: Record<Lid, string> = {
  unknown: 'Not known',
  none: 'Open, or no vessel',
  loose: 'Lies on, or has a vent',
  snapOn: 'Snaps on, pops off by itself',
  tight: 'Screwed, clipped or stoppered',
};
export const STRENGTH_KIND: Record<StrengthKind, string> = {
  massPerVolume: '% (g in 100 mL)',
  massShare: '% by mass',
  volumes: 'volume strength',
  molar: 'mol/L',
};
export const SIGNAL: Record<HazardLabel['signal'], string> = {
  none: 'No signal word',
  warning: 'Warning',
  danger: 'Danger',
};
export const LOT_STATE: Record<LotState, string> = {
  good: 'Good',
  attention: 'Needs attention',
  out: 'Out of use',
};
export const OUTLINE: Record<Outline, string> = {
  block: 'Block',
  round: 'Round',
  long: 'Long',
  bottle: 'Bottle',
  flat: 'Flat',
  cord: 'Lead or rope',
};
export const STOW: Record<Stow, string> = {
  upright: 'Upright',
  onTop: 'Nothing on it',
  food: 'Is eaten',
};
export const SUBSTANCE = Object.fromEntries(
  SUBSTANCE_IDS.map((id) => [id, SUBSTANCES[id].name]),
) as Record<SubstanceId, string>;
export const UNIT = Object.fromEntries(KIT_UNITS.map((id) => [id, UNITS[id].label])) as Record<
  UnitId,
  string
>;
