/** A finale made from a result: so many stations at once, each at the level that was found. */
import { atLeast } from '../chance/atLeast';
import type { Tries } from '../chance/spares';
import type { UnitId } from '../units/units';
import { amountsAt } from './intoShow';
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
    lines: amountsAt({ kit }, level).map(({ itemId, unit, amount }) => ({
      itemId,
      unit,
      each: amount,
      sets,
      amount: amount * sets,
    })),
    all: record && record.worked + record.failed > 0 ? atLeast(stations, sets, record) : null,
  };
}
