import { requireAtLeast } from '../require';

/**
 * Sound level of a small source at another distance: L₂ = L₁ − 20·log₁₀(d₂ / d₁).
 *
 * @param level dB at `from`
 * @param from, to distances, m
 * @returns dB; 6.02 less at twice the distance
 * @throws RangeError on a distance of nothing
 * Source: inverse-square law, free field. A hall sends some of it back, so it is louder there.
 */
export function levelAt(level: number, from: number, to: number): number {
  requireAtLeast('distance', from, 0, true);
  requireAtLeast('distance', to, 0, true);
  return level - 20 * Math.log10(to / from);
}

/**
 * Hours at a level that make up a day's dose: 8 / 2^((L − 85) / 3).
 *
 * @param level dB(A)
 * @returns hours; 8 at 85, 4 at 88, a quarter at 100
 * Source: NIOSH criteria for a recommended standard (REL), 85 dBA for 8 h, halved every 3 dB.
 */
export const hoursAllowed = (level: number): number => 8 / 2 ** ((level - 85) / 3);

/**
 * Share of a day's dose.
 *
 * @param level dB(A)
 * @param seconds how long
 * @returns per cent
 * @throws RangeError on a negative time
 */
export function noiseDose(level: number, seconds: number): number {
  requireAtLeast('time', seconds, 0);
  return (seconds / 3600 / hoursAllowed(level)) * 100;
}
