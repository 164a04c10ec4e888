import { BLANK_MEASURE } from '../../core/repertoire/measure';
import { blankTrial } from '../../core/trials/blank';
import type { TrialSeries } from '../../core/trials/series';
import { newId } from '../app/api';

/** The largest seed, and one more. */
const SEEDS = 2 ** 32;

/** A series to be filled in: three amounts, and what could also change. */
export const freshTrial = (): TrialSeries => ({
  ...blankTrial(newId(), 'How much of it?'),
  levels: [1, 2, 3].map((value) => ({ id: newId(), label: `${value}`, value })),
  held: ['Vessel', 'Neck', 'Temperature', 'Batch', 'Hand'].map((name) => ({
    id: newId(),
    name,
    value: '',
    drifted: '',
  })),
  measure: { ...BLANK_MEASURE, resolution: 1 },
  seed: Math.floor(Math.random() * SEEDS),
});
