import { proxy } from 'comlink';
import { useMemo } from 'react';
import { policiesOf } from '../../core/lineup/forecast/fromBundle';
import type { Forecast, LeaveOut, SlotPolicy } from '../../core/lineup/forecast/types';
import { couldGain } from '../../core/lineup/forecast/words';
import {
  type Ending,
  endingOf,
  forecastSize,
  type Outlook,
  outlookOf,
} from '../../core/lineup/outlook';
import type { LineupInput } from '../../core/lineup/types';
import { parseClock } from '../../core/time/clock';
import { useHealth, useSettings } from '../app/data';
import type { OpenShow } from '../brief/useShow';
import type { Plan } from './usePlan';
import { useWork } from './useWork';

/** What comes of many such shows. */
export interface Foreseen {
  /** Null until it is known; of a moment ago while it is not fresh. */
  forecast: Forecast | null;
  outlook: Outlook | null;
  ending: Ending | null;
  fresh: boolean;
  policies: ReadonlyMap<string, SlotPolicy>;
}

interface Found {
  forecast: Forecast;
  outlook: Outlook;
}

/** When the show as it was timed will end: the figure that every page tells. */
export function useForecast(
  open: (Plan & { answer: Pick<OpenShow['answer'], 'records'> }) | null,
): Foreseen | null {
  const runs = useHealth().data?.forecastRuns;
  const endsBy = useSettings().data?.endsBy;
  const [bundle, input, timeline] = [open?.bundle, open?.input, open?.timeline];
  const records = open?.answer.records;
  const policies = useMemo(
    () => bundle && records && policiesOf(bundle, records),
    [bundle, records],
  );
  const ask =
    input && timeline && policies && runs !== undefined && endsBy && timeline.blocks.length > 0
      ? { input, timeline, policies, size: forecastSize(runs, endsBy) }
      : null;
  const { value, fresh } = useWork<Found>(
    ask &&
      ((work) =>
        work.forecast(ask.input, ask.timeline, ask.policies, ask.size).then((forecast) => ({
          forecast,
          outlook: outlookOf(ask.input, ask.timeline, forecast, ask.policies),
        }))),
    [input, timeline, policies, runs, endsBy],
  );
  const start = bundle?.show.start;
  return useMemo(() => {
    if (!policies || !timeline || start === undefined) return null;
    // A show from which everything was taken ends nowhere, whatever was known of it.
    const found = timeline.blocks.length > 0 ? value : null;
    return {
      forecast: found?.forecast ?? null,
      outlook: found?.outlook ?? null,
      ending: found && endingOf(found.outlook, parseClock(start), timeline.blocks.length),
      fresh,
      policies,
    };
  }, [policies, timeline, start, value, fresh]);
}

/** The table of what could go, which grows while one looks; only single slots, or pairs as well. */
export function useLeaveOut(
  input: LineupInput,
  { policies, forecast }: Pick<Foreseen, 'policies' | 'forecast'>,
  wanted: 'single' | 'pairs',
): { rows: readonly LeaveOut[]; fresh: boolean } {
  const { value, fresh } = useWork<LeaveOut[]>(
    // The best single one is only asked for where it can be worth advising.
    forecast && (wanted === 'pairs' || couldGain(forecast))
      ? (work, tell) => work.leaveOut(input, policies, forecast, wanted, proxy(tell))
      : null,
    [input, policies, forecast, wanted],
  );
  return { rows: fresh && value ? value : [], fresh };
}
