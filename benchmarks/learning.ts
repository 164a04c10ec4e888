/**
 * What the plan learns, over 500 simulated seasons of 30 shows: how honest the stated chance to end in time is (Brier
 * score of the learned plan and of the guesses, by how many shows went before), and how often the true mean of a
 * step's time is within its stated interval.
 */
import { brier, SimulatedSeason, type Told } from '../core/testing/seasons';

const SEASONS = 500;
const SHOWS = 30;
/** Shows that are forecast, by how many went before. */
const FORECAST = new Set([0, 1, 5, 10, 30]);

interface Score {
  after: number;
  learned: number;
  unlearned: number;
  /** Of one who knew the truth. */
  perfect: number;
  /** Chance that the learned plan stated, and share that came, over all. */
  stated: number;
  came: number;
}

const toThree = (n: number): number => Math.round(n * 1000) / 1000;
const mean = (all: readonly number[]): number => all.reduce((sum, x) => sum + x, 0) / all.length;

function scoreOf(after: number, told: readonly Told[]): Score {
  const of = (plan: 'learned' | 'unlearned' | 'perfect'): number =>
    toThree(brier(told.map((one) => ({ chance: one[plan], came: one.inTime }))));
  return {
    after,
    learned: of('learned'),
    unlearned: of('unlearned'),
    perfect: of('perfect'),
    stated: toThree(mean(told.map(({ learned }) => learned))),
    came: toThree(mean(told.map(({ inTime }) => Number(inTime)))),
  };
}

export function learning(): object {
  const told = new Map<number, Told[]>([...FORECAST].map((after) => [after, []]));
  const within: boolean[] = [];
  for (let seed = 1; seed <= SEASONS; seed++) {
    const season = new SimulatedSeason(seed);
    for (let show = 0; show <= SHOWS; show++) {
      if (show === SHOWS) within.push(...season.within());
      if (FORECAST.has(show)) told.get(show)?.push(season.next());
      else season.perform();
    }
  }
  const scores = [...told].map(([after, all]) => scoreOf(after, all));
  const all = [...told].flatMap(([after, some]) => (after > 0 ? some : []));
  return {
    seasons: SEASONS,
    covered: toThree(within.filter(Boolean).length / within.length),
    all: scoreOf(-1, all),
    scores,
  };
}
