import { proxy } from 'comlink';
import { useMemo } from 'react';
import type { MethodRecord } from '../../core/after/review';
import type { ShowBundle } from '../../core/brief/types';
import { policiesOf } from '../../core/lineup/forecast/fromBundle';
import type { Forecast } from '../../core/lineup/forecast/types';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import { useWork } from './useWork';

/** Enough that the odds stay the same from one look to the next. */
const RUNS = 10_000;
const SEED = 1;

/** What comes of many such shows; the table of what could go grows while one looks. */
export function useForecast(
  bundle: ShowBundle,
  records: readonly MethodRecord[],
  { input, timeline }: { input: LineupInput; timeline: Timeline },
): { forecast: Forecast | null; fresh: boolean } {
  const policies = useMemo(() => policiesOf(bundle, records), [bundle, records]);
  const { value, fresh } = useWork<Forecast>(
    timeline.blocks.length > 0
      ? (run, tell) =>
          run.forecast(input, timeline, policies, { runs: RUNS, seed: SEED }, proxy(tell))
      : null,
    [input, timeline, policies],
  );
  return { forecast: value, fresh };
}
