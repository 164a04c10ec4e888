/** What was read of a trial series that was gone through on stage, station by station. */
import type { Live, ReadingTaken, RunPlan } from './types';

export interface SeriesReading extends Pick<ReadingTaken, 'value' | 'first' | 'by' | 'at'> {
  trialId: string;
  levelId: string;
  /** Of the run. */
  slot: string;
  go: number;
}

/** In the order of the stations, go by go; `value` is null for what was said not to be read. */
export function seriesReadings(plan: RunPlan, live: Pick<Live, 'readings'>): SeriesReading[] {
  return plan.slots.flatMap(({ id: slot, sideBySide }): SeriesReading[] => {
    if (sideBySide?.kind !== 'series' || sideBySide.trialId === null) return [];
    const { trialId, stations } = sideBySide;
    const told = live.readings.filter((one) => one.slot === slot);
    return stations
      .flatMap(({ id, levelId }) =>
        levelId === null
          ? []
          : told
              .filter(({ result }) => result === id)
              .map(({ go, value, first, by, at }): SeriesReading => ({
                trialId,
                levelId,
                slot,
                go,
                value,
                first,
                by,
                at,
              })),
      )
      .sort((a, b) => a.go - b.go);
  });
}
