/** What air may lack and hold. */
import type { VerdictLevel } from '../calculator';

/** Per cent by volume: short of oxygen below, enriched above; OSHA 29 CFR 1910.146. */
export const OXYGEN = { short: 19.5, enriched: 23.5 } as const;
/** Half-way from fresh air: time to open a door. Our own mark, no source. */
const OXYGEN_WATCH = 20.2;
/** NIOSH Pocket Guide: eight hours, a quarter of an hour, immediately dangerous; per cent by volume. */
export const CARBON_DIOXIDE = { day: 0.5, short: 3, danger: 4 } as const;

export const AIR_LIMIT = `oxygen ${OXYGEN.short} to ${OXYGEN.enriched} %; carbon dioxide 5,000 ppm over a day, 30,000 for a quarter of an hour`;
export const AIR_SOURCE = 'OSHA 29 CFR 1910.146; NIOSH Pocket Guide; well-mixed room';
export const AIR_RESCUE =
  'Low corners and pits fill first. Who feels faint goes out. Nobody goes in after somebody who is down, until it is aired and measured: only with breathing apparatus and the training for it.';

/** @param oxygen, carbonDioxide per cent by volume, the worst of a stay */
export function airLevel(oxygen: number, carbonDioxide: number, most = oxygen): VerdictLevel {
  if (oxygen < OXYGEN.short || carbonDioxide >= CARBON_DIOXIDE.short || most >= OXYGEN.enriched)
    return 'stop';
  if (carbonDioxide >= CARBON_DIOXIDE.day) return 'fix';
  return oxygen < OXYGEN_WATCH || carbonDioxide >= CARBON_DIOXIDE.day / 2 ? 'watch' : 'ok';
}
