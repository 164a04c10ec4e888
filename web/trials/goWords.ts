import type { TrialGo, TrialSeries } from '../../core/trials/series';

/** A reading as it is told: “42”, “yes”, “not read”. */
export function goWords({ measure }: TrialSeries, { state, value }: TrialGo): string {
  if (state === 'notRead' || value === null) return 'not read';
  if (measure.quantity === 'yesNo') return value === 1 ? 'yes' : 'no';
  return String(value);
}
