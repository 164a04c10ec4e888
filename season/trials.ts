/** What the crew has tried out: series that rise, that show nothing, that order metals, that say yes or no, and one half done. */
import { BLANK_MEASURE, type Measure } from '../core/repertoire/measure';
import { blankTrial } from '../core/trials/blank';
import type { TrialGo, TrialSeries } from '../core/trials/series';
import { plannedGoes } from '../core/trials/design';
import type { Level } from '../core/trials/types';

export interface TriedSeries {
  trial: TrialSeries;
  goes: TrialGo[];
}

const amounts = (...values: number[]): Level[] =>
  values.map((value) => ({ id: `l${String(value).replace('.', '-')}`, label: `${value}`, value }));

const kinds = (...labels: string[]): Level[] =>
  labels.map((label) => ({ id: label.toLowerCase().replaceAll(' ', '-'), label, value: null }));

const measure = (
  name: string,
  quantity: Measure['quantity'],
  unit: string,
  more: Partial<Measure> = {},
): Measure => ({ ...BLANK_MEASURE, name, quantity, unit, ...more });

const series = (
  id: string,
  name: string,
  of: Pick<TrialSeries, 'variable' | 'levels' | 'measure'> & Partial<TrialSeries>,
): TrialSeries => ({ ...blankTrial(id, name), place: 'Boat Shed, Vay', ...of });

const held = (...pairs: [name: string, value: string, drifted?: string][]) =>
  pairs.map(([name, value, drifted = ''], i) => ({ id: `h${i + 1}`, name, value, drifted }));

type Put = Partial<Omit<TrialGo, 'go' | 'levelId'>>;

/** Readings by level, round by round; null for one that was not taken. */
function tried(
  trial: TrialSeries,
  at: number,
  byLevel: Record<string, readonly (number | null)[]>,
  more: Record<number, Put> = {},
  room: (go: number) => number | null = () => null,
  /** The last go that was tried. */
  until = Infinity,
): TriedSeries {
  const [condition] = trial.conditions;
  return {
    trial,
    goes: plannedGoes(trial).flatMap(({ go, round, levelId }): TrialGo[] => {
      const value = byLevel[levelId]?.[round - 1];
      if (value === undefined || go > until) return [];
      const degrees = room(go);
      return [
        {
          go,
          levelId,
          state: value === null ? 'notRead' : 'read',
          value,
          first: value,
          reason: '',
          by: 'mara',
          at: at + go * trial.secondsPerGo * 1000,
          source: null,
          conditions: condition && degrees !== null ? [{ id: condition.id, value: degrees }] : [],
          ...more[go],
        },
      ];
    }),
  };
}

/** `today` at noon, in ms since 1970; the series were tried in the weeks before. */
export function triedSeries(today: string): TriedSeries[] {
  const noon = Date.parse(`${today}T12:00:00Z`);
  const before = (days: number): number => noon - days * 86_400_000;
  const day = (days: number): string => new Date(before(days)).toISOString().slice(0, 10);
  const yeast = series('foam-yeast', 'Foam fountain: how much yeast?', {
    demoId: 'foam-fountain',
    methodId: 'gentle',
    date: day(9),
    variable: { kind: 'amount', name: 'Yeast', unit: 'teaspoons', settingId: 'yeast' },
    levels: amounts(1, 2, 3, 4, 5, 6),
    rounds: 4,
    conditions: [{ id: 'room', name: 'Room', unit: '°C' }],
    held: held(
      ['Cylinder', 'the same'],
      ['Peroxide', '3 %, 60 mL'],
      ['Washing-up liquid', '10 mL'],
      ['Hand', 'Jo’s'],
      ['Room', '18 °C', '18 to 21 °C'],
    ),
    hypothesis: 'More is higher',
    expects: 'higher',
    guessedBy: 'ines',
    readerId: 'mara',
    measure: measure('Height of the foam', 'height', 'cm', {
      resolution: 2,
      instrument: 'board marked every 2 cm',
      how: 'the highest mark that is covered, a minute after the pour',
      readFrom: 60,
      readUntil: 70,
    }),
    kit: [
      { id: 'k1', itemId: 'yeast', unit: 'tsp', perGo: 0, perAmount: 1 },
      { id: 'k2', itemId: 'peroxide-3', unit: 'mL', perGo: 60, perAmount: 0 },
      { id: 'k3', itemId: 'cylinder', unit: 'piece', perGo: 0, perAmount: 0 },
    ],
    reasoning: 'By then the peroxide is used up as fast as it can fall apart.',
    pinned: true,
  });
  const skin = series('drum-skin', 'Smoke-ring drum: does a tighter skin carry further?', {
    demoId: 'smoke-ring-drum',
    date: day(23),
    variable: { kind: 'other', name: 'Skin', unit: '', settingId: null },
    levels: kinds('Slack', 'Drawn', 'Tight'),
    rounds: 6,
    seed: 5,
    secondsPerGo: 90,
    held: held(['Hole', '9 cm'], ['Fluid', 'the same bottle'], ['Hand', 'Mara’s']),
    hypothesis: 'Tight goes furthest',
    expects: 'higher',
    guessedBy: 'jo',
    matters: 1,
    measure: measure('How far the ring is still whole', 'distance', 'm', {
      resolution: 0.25,
      instrument: 'tape on the floor',
    }),
  });
  const metals = series('magnet-metals', 'Slow magnet: which plate holds it longest?', {
    demoId: 'slow-falling-magnet',
    date: day(30),
    variable: { kind: 'filling', name: 'Plate', unit: '', settingId: null },
    levels: kinds('Copper', 'Aluminium', 'Brass', 'Lead'),
    predicted: ['copper', 'aluminium', 'lead', 'brass'],
    rounds: 5,
    seed: 3,
    secondsPerGo: 60,
    held: held(
      ['Slope', '45°, the same board'],
      ['Plate', '6 mm thick'],
      ['Magnet', 'the same disc'],
    ),
    hypothesis: 'The better it conducts, the longer',
    guessedBy: 'ines',
    measure: measure('Time down the plate', 'time', 's', {
      resolution: 0.1,
      instrument: 'stopwatch on film, 30 frames a second',
    }),
  });
  const wick = series('relit-wick', 'Candle lit through its smoke: how long a wick?', {
    date: day(16),
    variable: { kind: 'size', name: 'Wick', unit: 'mm', settingId: null },
    levels: amounts(4, 8, 14),
    rounds: 7,
    seed: 21,
    secondsPerGo: 75,
    held: held(['Candle', 'the same'], ['Match', '6 cm above'], ['Air', 'doors shut']),
    hypothesis: 'A long wick smokes more',
    expects: 'higher',
    guessedBy: 'mara',
    measure: measure('Lights again', 'yesNo', '', { how: 'the flame runs down the smoke' }),
  });
  const wait = series('can-wait', 'Crushed can: how long after the first steam?', {
    demoId: 'crushed-can',
    methodId: 'cold-bowl',
    date: day(2),
    variable: { kind: 'time', name: 'Wait', unit: 's', settingId: null },
    levels: amounts(30, 50, 70, 90),
    rounds: 4,
    seed: 8,
    secondsPerGo: 300,
    held: held(['Water', '12 mL'], ['Ring', 'the same, full on'], ['Bowl', 'tap-cold']),
    hypothesis: 'Longer crushes more, up to a point',
    expects: 'higher',
    guessedBy: 'ines',
    measure: measure('Left of the can’s volume', 'level', '%', {
      resolution: 5,
      better: 'less',
      instrument: 'filled with water, on the balance',
    }),
  });
  const rows = plannedGoes(yeast);
  const goOf = (levelId: string, round: number): number =>
    rows.find((row) => row.levelId === levelId && row.round === round)?.go ?? 0;
  return [
    tried(
      yeast,
      before(9),
      {
        l1: [16, 18, 16, 16],
        l2: [28, 30, null, 26],
        l3: [38, 26, 38, 38],
        l4: [42, 42, 44, 42],
        l5: [42, 40, 46, 44],
        l6: [40, 42, 46, 44],
      },
      {
        [goOf('l6', 1)]: { first: 22, reason: 'misread; put right from the film' },
        [goOf('l2', 3)]: { reason: 'somebody stood before the board' },
      },
      (go) => 18 + Math.round((go / 24) * 30) / 10,
    ),
    tried(skin, before(23), {
      slack: [6.5, 7.25, 6, 7, 6.75, 7],
      drawn: [6.75, 7, 7.5, 6.25, 7, 6.5],
      tight: [7, 6.25, 6.75, 7.25, 7.5, 6.5],
    }),
    tried(metals, before(30), {
      copper: [3.9, 4.1, 4, 4.2, 3.9],
      aluminium: [2.7, 2.6, 2.8, 2.6, 2.7],
      brass: [1.3, 1.4, 1.3, 1.2, 1.3],
      lead: [0.9, 0.8, 0.9, 0.9, 0.8],
    }),
    tried(wick, before(16), {
      l4: [0, 0, 0, 1, 0, 0, 0],
      l8: [0, 1, 0, 1, 1, 0, 1],
      l14: [1, 1, 1, 1, 0, 1, 1],
    }),
    tried(
      wait,
      before(2),
      { l30: [80, 75], l50: [55, 60], l70: [35, 30], l90: [35, 30] },
      {},
      undefined,
      6,
    ),
  ];
}
