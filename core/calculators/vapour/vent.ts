import { requireAtLeast } from '../require';
import { bottleRadius } from './film';

/** m/s: burning speed of a good mixture of alcohol and air (handbooks, from memory). */
const BURNING_SPEED = 0.45;
/** Burnt gas takes so many times the room of what it was (handbooks, from memory). */
const EXPANSION = 7;
/** Share of a sharp-edged opening that the stream fills. */
const CONTRACTION = 0.6;
/** kg/m³ of the mixture before it burns, which is driven out first. */
const MIXTURE = 1.2;
/** m/s: no faster out of a plain hole. */
const SOUND = 340;

/**
 * Pressure above the air's while the flame goes down a bottle with an open neck: what the flame makes in
 * a second, ½·ρ·u², has to leave through the neck. An estimate for a calm flame.
 *
 * @param litres volume, L
 * @param neck inner diameter of the neck, mm
 * @returns kPa; Infinity where the gas can't leave as fast as it is made
 * @throws RangeError on a bottle or a neck of nothing
 * Source: quasi-steady venting, calm burning speed; our own estimate.
 */
export function pressureAtNeck(litres: number, neck: number): number {
  requireAtLeast('vessel', litres, 0, true);
  requireAtLeast('neck', neck, 0, true);
  const front = 2 * Math.PI * bottleRadius(litres) ** 2;
  const opening = (Math.PI / 4) * (neck / 1000) ** 2;
  const speed = (BURNING_SPEED * front * (EXPANSION - 1)) / (CONTRACTION * opening);
  return speed >= SOUND ? Infinity : (0.5 * MIXTURE * speed ** 2) / 1000;
}

/** bar above the air's that a good mixture comes to in a closed vessel (handbooks, from memory). */
export const CLOSED_BAR = 7;
