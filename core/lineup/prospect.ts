import type { ShowBundle } from '../brief/types';
import { Budget } from '../solver/budget';
import { EFFORT } from './effort';
import { forecastShow } from './forecast/forecast';
import { policiesOf, type TriedMethod } from './forecast/fromBundle';
import type { Forecast, ForecastSize } from './forecast/types';
import { lineupInput } from './fromBundle';
import { type Outlook, outlookOf } from './outlook';
import { schedule } from './schedule';
import type { LineupInput, Timeline } from './types';

/** A show's clock as written, and when it will really end. */
export interface Prospect {
  input: LineupInput;
  timeline: Timeline;
  forecast: Forecast;
  outlook: Outlook;
}

export function prospectOf(
  bundle: ShowBundle,
  records: readonly TriedMethod[],
  size: ForecastSize,
  budget = new Budget(EFFORT.quick),
): Prospect {
  const input = lineupInput(bundle);
  const timeline = schedule(input, budget);
  const policies = policiesOf(bundle, records);
  const forecast = forecastShow(input, timeline, policies, size);
  return { input, timeline, forecast, outlook: outlookOf(input, timeline, forecast, policies) };
}
