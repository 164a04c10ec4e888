import { proxy } from 'comlink';
import { useMemo } from 'react';
import type { MethodRecord } from '../../core/after/review';
import type { ShowBundle } from '../../core/brief/types';
import { policiesOf } from '../../core/lineup/forecast/fromBundle';
import type { Forecast } from '../../core/lineup/forecast/types';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import { useHealth } from '../app/data';
import { useWork } from './useWork';

const SEED = 1;

/** What comes of many such shows; the table of what could go grows while one looks. */
export function useForecast(
  bundle: ShowBundle,
  records: readonly MethodRecord[],
  { input, timeline }: { input: LineupInput; timeline: Timeline },
): { forecast: Forecast | null; fresh: boolean } {
  const runs = useHealth().data?.forecastRuns;
  const policies = useMemo(() => policiesOf(bundle, records), [bundle, records]);
  const { value, fresh } = useWork<Forecast>(
    timeline.blocks.length > 0 && runs !== undefined
      ? (work, tell) => work.forecast(input, timeline, policies, { runs, seed: SEED }, proxy(tell))
      : null,
    [input, timeline, policies, runs],
  );
  return { forecast: value, fresh };
}
