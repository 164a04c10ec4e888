import { BLANK_MEASURE } from '../repertoire/measure';
import { blankTrial } from '../trials/blank';
import type { Level, Question } from '../trials/types';
import type { TrialSeries } from '../trials/series';

/** Foam by spoons of yeast: six levels, four rounds, read in cm on a board. */
export const foamTrial: TrialSeries = {
  ...blankTrial('foam', 'Foam: how much yeast?'),
  variable: { kind: 'amount', name: 'Yeast', unit: 'spoons', settingId: null },
  levels: [1, 2, 3, 4, 5, 6].map((value) => ({ id: `l${value}`, label: `${value}`, value })),
  held: [{ id: 'h1', name: 'Cylinder', value: 'the same', drifted: '' }],
  conditions: [{ id: 'room', name: 'Room', unit: '°C' }],
  hypothesis: 'More is higher',
  expects: 'higher',
  measure: {
    ...BLANK_MEASURE,
    name: 'Height of the foam',
    resolution: 2,
    instrument: 'board marked every 2 cm',
    readFrom: 60,
    readUntil: 70,
  },
  rounds: 4,
  seed: 7,
};

/** What is asked where nothing particular is: more is better, and nothing else is known. */
export const asked = (levels: readonly Level[], more: Partial<Question> = {}): Question => ({
  levels,
  better: 'more',
  target: null,
  matters: null,
  resolution: null,
  yesNo: false,
  reference: null,
  ...more,
});
