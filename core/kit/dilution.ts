/** What to mix from a bottle in the store to get the strength that a method asks for. */
import { SUBSTANCES, type Strength } from '../repertoire/substances';
import type { Item } from '../repertoire/item';
import { formatTotal, type System } from '../units/format';
import { gramsPerLitre, massShare, strengthText, WATER } from './strength';

export type Dilution =
  | {
      is: 'mix';
      /** mL of the bottle, and mL of water to make up what is wanted. */
      stock: number;
      water: number;
      words: string;
      working: string;
    }
  /** As it comes. */
  | { is: 'ready'; words: string }
  /** Can't or mustn't be mixed, and why. */
  | { is: 'refused'; words: string }
  /** Something that must be known first. */
  | { is: 'unknown'; words: string };

/** Strengths nearer than this share of each other are the same bottle. */
const SAME = 0.02;

type Bottle = Pick<Item, 'name' | 'substance' | 'strength' | 'density'>;

/**
 * How to get `volume` mL of the wanted strength by adding water.
 *
 * Amounts follow from the mass of the substance: c₁V₁ = c₂V₂ with both strengths in g/L. Shares by mass
 * take densities; that of the mixture is worked out as if volumes added up, which is within a few per
 * cent of handbook figures for watery solutions. A concentrated acid is never diluted here: water added
 * to it boils and spits.
 */
export function dilute(
  bottle: Bottle,
  wanted: Strength,
  volume: number,
  system: System = 'metric',
): Dilution {
  const { substance, strength, density, name } = bottle;
  if (!(volume > 0))
    return { is: 'unknown', words: 'How much is wanted must be more than nothing.' };
  if (density !== null && !(density > 0))
    return { is: 'unknown', words: `${name} needs a density above zero in the store.` };
  if (substance === null || strength === null)
    return { is: 'unknown', words: `${name} needs its substance and strength in the store.` };
  if (!(wanted.value > 0))
    return { is: 'unknown', words: 'The wanted strength must be more than nothing.' };
  const facts = SUBSTANCES[substance];
  const share = massShare({ substance, strength, density });
  const have = gramsPerLitre({ substance, strength, density });
  const want = wantedGrams(bottle, share, wanted);
  if (have === null || want === null) return notKnown(bottle, wanted);
  if (Math.abs(have - want) <= SAME * want)
    return {
      is: 'ready',
      words: `${name} is ${strengthText(wanted)} as it comes: nothing to mix.`,
    };
  if (have < want)
    return {
      is: 'refused',
      words: `${name} is weaker, ${strengthText(strength)}, than the ${strengthText(wanted)} wanted. It can’t be made stronger; buy a stronger one.`,
    };
  // Without a density the share is not known; at most it is what a litre of water would make of it.
  const most = share ?? have / 1000;
  if (facts.acidFrom !== null && most >= facts.acidFrom)
    return {
      is: 'refused',
      words: `${name} is a concentrated acid. Water added to it boils and spits, so no mixing is suggested. Buy it at ${strengthText(wanted)}, or leave it to somebody trained, who adds the acid to the water by the supplier’s data sheet.`,
    };
  const stock = (want * volume) / have;
  const water = volume - stock;
  const text = (mL: number): string => formatTotal(mL, 'volume', 'mL', system);
  return {
    is: 'mix',
    stock,
    water,
    words: `Put ${text(water)} of water in the jug first, then ${text(stock)} of ${name}; make up to ${text(volume)}. Goggles and gloves; label it with what it is, its strength and the date.`,
    working: `${strengthText(strength)} is ${Math.round(have)} g in a litre, ${strengthText(wanted)} is ${Math.round(want)} g: ${text(volume)} × ${Math.round(want)} ÷ ${Math.round(have)} = ${text(stock)}`,
  };
}

/** Of the wanted solution; the density of a share by mass comes from mixing the bottle with water. */
function wantedGrams(bottle: Bottle, share: number | null, wanted: Strength): number | null {
  if (bottle.substance === null) return null;
  if (wanted.kind !== 'massShare')
    return gramsPerLitre({ substance: bottle.substance, strength: wanted, density: null });
  if (share === null || share <= 0 || bottle.density === null) return null;
  const part = wanted.value / 100 / share;
  const density = 1 / (part / bottle.density + (1 - part) / WATER);
  return density > 0 && Number.isFinite(density) ? wanted.value * 10 * density : Infinity;
}

function notKnown({ name, substance, strength, density }: Bottle, wanted: Strength): Dilution {
  const volumes = wanted.kind === 'volumes' || strength?.kind === 'volumes';
  if (volumes && substance !== 'peroxide')
    return { is: 'unknown', words: 'Volume strength is of hydrogen peroxide only.' };
  return {
    is: 'unknown',
    words:
      density === null
        ? `${name} needs its density in the store, because a share by mass is asked for or sold.`
        : `The strength of ${name} can’t be compared with the one wanted.`,
  };
}
