/** A finale made from a result: so many stations at once, each at the level that was found. */
import { atLeast } from '../chance/atLeast';
import type { Tries } from '../chance/spares';
import type { UnitId } from '../units/units';
import type { TrialSeries } from './series';
import type { Level } from './types';

export interface FinaleLine {
  itemId: string;
  unit: UnitId;
  /** For one station. */
  each: number;
  /** Stations and spare sets. */
  sets: number;
  amount: number;
}

export interface Finale {
  lines: FinaleLine[];
  /** Chance that all stations come off, with these spares; null without a record. */
  all: number | null;
}

export function finaleOf(
  { kit }: Pick<TrialSeries, 'kit'>,
  level: Level,
  { stations, spares }: { stations: number; spares: number },
  record: Tries | null,
): Finale {
  const sets = stations + spares;
  return {
    lines: kit.flatMap(({ itemId, unit, perGo, perAmount }) => {
      const each = perGo + perAmount * (level.value ?? 0);
      return each > 0 ? [{ itemId, unit, each, sets, amount: each * sets }] : [];
    }),
    all: record && record.worked + record.failed > 0 ? atLeast(stations, sets, record) : null,
  };
}
