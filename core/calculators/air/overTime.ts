import { CARBON_DIOXIDE_OUTDOORS, OXYGEN_IN_AIR } from '../constants';
import { requireAtLeast } from '../require';

/** A room into which gas is let, and through which fresh air goes. */
export interface Room {
  /** m³. */
  volume: number;
  /** Times an hour that its air is changed. */
  changes: number;
}

/** Gas that is let in: all at once at the start, and then evenly. */
export interface Release {
  /** m³. */
  once: number;
  /** m³/h. */
  steady: number;
}

/**
 * Share of one gas after `hours`, well mixed: V·dc/dt = n·V·c_out + Q·c_in − (n·V + Q)·c, solved in
 * closed form. The room keeps its pressure, so what comes in drives as much out.
 *
 * @param share of the gas in: the first air, the fresh air and what is let in; per cent by volume
 * @returns per cent by volume
 * @throws RangeError on a room of no volume, and on a negative rate, release or time
 */
export function shareAfter(
  room: Room,
  release: Release,
  share: { first: number; fresh: number; released: number },
  hours: number,
): number {
  requireAtLeast('room', room.volume, 0, true);
  requireAtLeast('air changes', room.changes, 0);
  requireAtLeast('release', release.once, 0);
  requireAtLeast('release', release.steady, 0);
  requireAtLeast('time', hours, 0);
  const pushed = Math.min(1, release.once / room.volume);
  const start = share.first * (1 - pushed) + share.released * pushed;
  const fresh = room.changes * room.volume;
  const rate = (fresh + release.steady) / room.volume;
  if (rate === 0) return start;
  const end = (fresh * share.fresh + release.steady * share.released) / (fresh + release.steady);
  return end + (start - end) * Math.exp(-rate * hours);
}

/**
 * Oxygen in a room where a gas without oxygen is let in. After a sudden release alone it is
 * 20.95 % · (V − V_gas) / V.
 *
 * @returns per cent by volume
 * @throws RangeError as said above
 * Source: the form used in EIGA Doc 44 and BCGA guidance (from memory), with air changes.
 */
export const oxygenAfter = (room: Room, release: Release, hours: number): number =>
  shareAfter(room, release, { first: OXYGEN_IN_AIR, fresh: OXYGEN_IN_AIR, released: 0 }, hours);

/**
 * Carbon dioxide in a room where it is let in.
 *
 * @param first share before anything is let in, per cent by volume
 * @returns per cent by volume
 * @throws RangeError as said above
 */
export const carbonDioxideAfter = (
  room: Room,
  release: Release,
  hours: number,
  first = CARBON_DIOXIDE_OUTDOORS,
): number =>
  shareAfter(room, release, { first, fresh: CARBON_DIOXIDE_OUTDOORS, released: 100 }, hours);

/** m³/h of carbon dioxide that one person sitting breathes out (building services handbooks, from memory). */
export const BREATHED = 0.018;
