import type { TrialSeries } from '../../core/trials/series';
import { newId } from '../app/api';

/** The largest seed, and one more. */
const SEEDS = 2 ** 32;

/** A series to be filled in: three amounts, three rounds, in an order that is drawn. */
export const freshTrial = (): TrialSeries => ({
  id: newId(),
  name: 'How much of it?',
  demoId: null,
  methodId: null,
  place: '',
  date: null,
  variable: { kind: 'amount', name: 'Amount', unit: 'mL' },
  levels: [1, 2, 3].map((value) => ({ id: newId(), label: `${value}`, value })),
  referenceId: null,
  held: ['Vessel', 'Neck', 'Temperature', 'Batch', 'Hand'].map((name) => ({
    id: newId(),
    name,
    value: '',
    drifted: '',
  })),
  conditions: [],
  predicted: [],
  hypothesis: '',
  expects: 'open',
  guessedBy: null,
  measure: {
    name: 'Height',
    quantity: 'height',
    unit: 'cm',
    resolution: 1,
    instrument: '',
    how: '',
    better: 'more',
    target: null,
    readFrom: null,
    readUntil: null,
  },
  matters: null,
  rounds: 3,
  order: 'blocks',
  seed: Math.floor(Math.random() * SEEDS),
  stations: 1,
  secondsPerGo: 180,
  readerId: null,
  blind: false,
  kit: [],
  reasoning: '',
  pinned: false,
  note: '',
});
