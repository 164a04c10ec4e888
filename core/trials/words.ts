import type { Naming } from './claim';
import type { TrialSeries } from './series';

export const namingOf = ({
  variable,
  measure,
}: Pick<TrialSeries, 'variable' | 'measure'>): Naming => ({
  factor: variable.name,
  levelUnit: variable.unit,
  unit: measure.unit,
  better: measure.better,
  target: measure.target,
});
