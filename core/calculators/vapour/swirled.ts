/** What is in a bottle after a dose was swirled in it, the surplus poured away and the bottle aired. */
import { shareAfterVentilation } from '../air/ventilation';
import { doseToSaturate, vapourFromDose } from './dose';
import { mostFilm } from './film';
import type { LiquidId } from './liquids';

export interface Swirled {
  liquid: LiquidId;
  /** mL. */
  dose: number;
  /** L. */
  vessel: number;
  surplus: 'poured' | 'left';
  /** s upside down, where it is poured away. */
  drains: number;
  strokes: number;
  /** mL. */
  stroke: number;
  /** °C. */
  temperature: number;
  /** hPa. */
  pressure: number;
}

export interface Mixture {
  /** Vapour after the dose, per cent by volume. */
  first: number;
  /** Liquid left over after it, mL, before any is poured away. */
  left: number;
  /** The most of it that still clings to the wall, mL. */
  film: number;
  /** Liquid that stays in the bottle as a pool, mL. */
  pool: number;
  /** Vapour in the end, per cent by volume: if nothing clings to the wall, and if all of the film goes on evaporating. */
  least: number;
  most: number;
}

export function mixtureOf(v: Swirled): Mixture {
  const vessel = {
    liquid: v.liquid,
    litres: v.vessel,
    celsius: v.temperature,
    kPa: v.pressure / 10,
  };
  const { share: first, left } = vapourFromDose({ ...vessel, millilitres: v.dose });
  const aired = first * shareAfterVentilation(v.vessel, (v.strokes * v.stroke) / 1000);
  const film =
    v.surplus === 'poured' ? Math.min(left, mostFilm(v.liquid, v.vessel, v.drains)) : left;
  // What is still liquid goes on evaporating into the fresh air, until that is full of it.
  const again = left === 0 ? 0 : (film / doseToSaturate(vessel)) * first;
  const most = Math.min(first, aired + again);
  const poured = v.surplus === 'poured';
  return { first, left, film, pool: poured ? 0 : left, least: poured ? aired : most, most };
}
