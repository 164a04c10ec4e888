import { proxy } from 'comlink';
import { useMemo } from 'react';
import type { MethodRecord } from '../../core/after/review';
import type { ShowBundle } from '../../core/brief/types';
import { policiesOf } from '../../core/lineup/forecast/fromBundle';
import type { Forecast, LeaveOut, SlotPolicy } from '../../core/lineup/forecast/types';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import { useHealth } from '../app/data';
import { useWork } from './useWork';

const SEED = 1;

/** What comes of many such shows, as soon as that is known; a moment later, what had best be left out. */
export function useForecast(
  bundle: ShowBundle,
  records: readonly MethodRecord[],
  { input, timeline }: { input: LineupInput; timeline: Timeline },
): { forecast: Forecast | null; fresh: boolean; policies: ReadonlyMap<string, SlotPolicy> } {
  const runs = useHealth().data?.forecastRuns;
  const policies = useMemo(() => policiesOf(bundle, records), [bundle, records]);
  const { value, fresh } = useWork<Forecast>(
    timeline.blocks.length > 0 && runs !== undefined
      ? (work, tell) => work.forecast(input, timeline, policies, { runs, seed: SEED }, proxy(tell))
      : null,
    [input, timeline, policies, runs],
  );
  return { forecast: value, fresh, policies };
}

/** The table of what could go, which grows while one looks; what is known of it already is there at once. */
export function useLeaveOut(
  input: LineupInput,
  policies: ReadonlyMap<string, SlotPolicy>,
  { runs, seed, chance, leaveOut }: Forecast,
): { rows: readonly LeaveOut[]; fresh: boolean } {
  const { value, fresh } = useWork<LeaveOut[]>(
    (work, tell) => work.leaveOut(input, policies, { runs, seed, chance }, proxy(tell)),
    [input, policies, runs, seed, chance],
  );
  return { rows: value ?? leaveOut, fresh };
}
