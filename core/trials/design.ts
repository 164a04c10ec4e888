/** How a series is gone through: its order, and what it takes. */
import { randomFrom } from '../chance/random';
import { replicatesFor } from '../statistics/replicates';
import type { UnitId } from '../units/units';
import type { TrialGo, TrialSeries } from './series';
import type { Level, Question, Reading } from './types';

export interface PlannedGo {
  /** Counted from 1 over the series. */
  go: number;
  /** Counted from 1. */
  round: number;
  /** Counted from 1; goes of one round at several stations run beside each other. */
  station: number;
  levelId: string;
}

/** Distance between the seeds of two rounds: a round that is added leaves those before it as they were. */
const BETWEEN_SEEDS = 7919;

type Ordered = Pick<TrialSeries, 'levels' | 'rounds' | 'order' | 'seed' | 'stations'>;

/** Each round holds every level once: what drifts from round to round weighs on all levels alike. */
export function plannedGoes({ levels, rounds, order, seed, stations }: Ordered): PlannedGo[] {
  return Array.from({ length: rounds }, (_, round): PlannedGo[] => {
    const ids = levels.map(({ id }) => id);
    const drawn = order === 'blocks' ? shuffled(ids, (seed + round * BETWEEN_SEEDS) >>> 0) : ids;
    return drawn.map((levelId, i) => ({
      go: round * levels.length + i + 1,
      round: round + 1,
      station: (i % stations) + 1,
      levelId,
    }));
  }).flat();
}

/** Every order equally likely (Fisher and Yates 1938, as Durstenfeld 1964 put it). */
function shuffled<T>(list: readonly T[], seed: number): T[] {
  const random = randomFrom(seed);
  const drawn = [...list];
  for (let i = drawn.length - 1; i > 0; i--) {
    const j = random.below(i + 1);
    [drawn[i], drawn[j]] = [drawn[j] as T, drawn[i] as T];
  }
  return drawn;
}

/** Seconds that the goes take one after the other, those of a round side by side at so many stations. */
export const secondsOf = ({
  levels,
  rounds,
  stations,
  secondsPerGo,
}: Pick<TrialSeries, 'levels' | 'rounds' | 'stations' | 'secondsPerGo'>): number =>
  rounds * Math.ceil(levels.length / stations) * secondsPerGo;

export interface TrialAmount {
  itemId: string;
  unit: UnitId;
  /** For one round, and for all. */
  perRound: number;
  amount: number;
}

/** What the series uses up, added up over levels as they are: 1 to 8 spoons are 36 a round. */
export const amountsOf = ({
  kit,
  levels,
  rounds,
}: Pick<TrialSeries, 'kit' | 'levels' | 'rounds'>): TrialAmount[] =>
  kit.map(({ itemId, unit, perGo, perAmount }) => {
    const perRound = levels.reduce((all, { value }) => all + perGo + perAmount * (value ?? 0), 0);
    return { itemId, unit, perRound, amount: perRound * rounds };
  });

/** Rounds until a difference that matters is seen in eight of ten series; null where nothing is known of the spread. */
export function roundsNeeded(
  { levels, matters }: Pick<TrialSeries, 'levels' | 'matters'>,
  /** Standard deviation of a reading, from what was read so far. */
  sd: number | null,
): number | null {
  if (sd === null || matters === null || matters <= 0 || levels.length < 2) return null;
  return replicatesFor({ sd, difference: matters, levels: levels.length });
}

/** What is asked of the readings of a series. */
export const questionOf = ({
  levels,
  measure,
  matters,
  referenceId,
}: Pick<TrialSeries, 'levels' | 'measure' | 'matters' | 'referenceId'>): Question => ({
  levels: inOrder(levels),
  better: measure.better,
  target: measure.target,
  matters,
  resolution: measure.resolution,
  yesNo: measure.quantity === 'yesNo',
  reference: referenceId,
});

/** By amount where all have one; as they are listed otherwise. */
export const inOrder = (levels: readonly Level[]): Level[] =>
  levels.every(({ value }) => value !== null)
    ? [...levels].sort((a, b) => (a.value ?? 0) - (b.value ?? 0))
    : [...levels];

/** What counts of the goes. */
export const readingsIn = (goes: readonly TrialGo[]): Reading[] =>
  goes.flatMap(({ go, levelId, state, value }) =>
    state === 'read' && value !== null ? [{ level: levelId, value, go }] : [],
  );
