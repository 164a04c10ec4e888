/** A table of readings as a series of its own: rounds as they come, in the order of the table. */
import { blankTrial } from './blank';
import type { TrialTable } from './fromTable';
import type { TrialGo, TrialSeries } from './series';

/** What a table made: the series, and a go for each reading. */
export interface TableSeries {
  trial: TrialSeries;
  goes: TrialGo[];
}

interface Stamp {
  id: string;
  name: string;
  /** In ms since 1970. */
  at: number;
}

/**
 * The k-th reading of a level is its go of round k. In which order they were read is not known: it is taken to be that
 * of the table, which keeps nothing apart from what changed with time.
 */
export function tableSeries(
  { factor, response, levels, readings, yesNo }: TrialTable,
  { id, name, at }: Stamp,
): TableSeries {
  const named = levels.map((level, i) => ({ ...level, id: `l${i + 1}` }));
  const place = new Map(levels.map((level, i) => [level.id, i]));
  const seen = new Map<string, number>();
  const goes = readings.map(({ level, value }): TrialGo => {
    const round = (seen.get(level) ?? 0) + 1;
    seen.set(level, round);
    const i = place.get(level) ?? 0;
    return {
      go: (round - 1) * levels.length + i + 1,
      levelId: named[i]?.id ?? '',
      state: 'read',
      value,
      first: value,
      reason: '',
      by: null,
      at,
      conditions: [],
      source: null,
    };
  });
  const blank = blankTrial(id, name);
  const kinds = named.some(({ value }) => value === null);
  return {
    trial: {
      ...blank,
      variable: {
        kind: kinds ? 'other' : 'amount',
        name: factor.slice(0, 60) || 'Level',
        unit: '',
        settingId: null,
      },
      levels: named,
      measure: {
        ...blank.measure,
        name: response.slice(0, 60) || 'Reading',
        quantity: yesNo ? 'yesNo' : 'other',
        unit: '',
      },
      rounds: Math.max(1, ...seen.values()),
      order: 'asListed',
    },
    goes: goes.sort((a, b) => a.go - b.go),
  };
}
