import { BLANK_MEASURE } from '../repertoire/measure';
import type { TrialSeries } from './series';

/** A series that says nothing yet: no levels, three rounds in an order that is drawn. */
export const blankTrial = (id: string, name: string): TrialSeries => ({
  id,
  name,
  demoId: null,
  methodId: null,
  place: '',
  date: null,
  variable: { kind: 'amount', name: 'Amount', unit: 'mL' },
  levels: [],
  referenceId: null,
  held: [],
  conditions: [],
  predicted: [],
  hypothesis: '',
  expects: 'open',
  guessedBy: null,
  measure: BLANK_MEASURE,
  matters: null,
  rounds: 3,
  order: 'blocks',
  seed: 1,
  stations: 1,
  secondsPerGo: 180,
  readerId: null,
  blind: false,
  kit: [],
  reasoning: '',
  pinned: false,
  note: '',
});
