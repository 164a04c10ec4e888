/**
 * What a duration is by now: the guess, giving way to the record as it grows.
 *
 * The mean is shrunk from what was taken towards the guess, each weighing by how sure it is (an estimate by
 * precision, as in the normal model with normal prior; Gelman et al., Bayesian Data Analysis, 2.5). How sure the
 * guess is of the mean is not what its three points say of one go, and where the record contradicts it, it is
 * taken to be as wrong as the record shows (empirical Bayes: Efron and Morris 1975). So a wrong guess fades
 * instead of pulling at the figure for ever.
 */
import type { Estimate } from '../repertoire/types';
import { type Expected, threePoint } from '../chance/estimate';
import { tQuantile } from '../statistics/distributions';

/** One time that a step really took. */
export interface TimeTaken {
  /** Whole seconds. */
  seconds: number;
  performerId: string | null;
  rehearsed: boolean;
  /** When its run began, in milliseconds since 1970. */
  at: number;
}

/** A rehearsal has no audience: it counts as half a go. Our own mark. */
export const REHEARSAL_WEIGHT = 0.5;
/** Of somebody alone from so many goes of their own; and a learned figure is offered from so many. Our own mark. */
export const ENOUGH_GOES = 5;
/** How far from the truth a guessed mean is, at least, as a share of it. Our own mark. */
const GUESS_OFF = 0.25;
/** How far one performer is from the others, as a share. Our own mark. */
const PEOPLE_DIFFER = 0.1;
/** The guess of the spread weighs as much as so many degrees of freedom. */
const SPREAD_DF = 1;
/** People are surer of themselves than the clock is: go to go differs by at least this share. Our own mark. */
const SPREAD_LEAST = 0.12;
/** What is read on a clock by thumb is never surer than this many seconds. */
const LEAST_SPREAD = 1;
/** Beyond what was seen the next one may lie so many standard deviations off, to the shorter and the longer side. */
const BELOW = 2.5;
const ABOVE = 3;

export interface LearnedTime extends Expected {
  /** The mean’s 95 % interval. */
  meanLow: number;
  meanHigh: number;
  /** Goes in shows and in rehearsals that it rests on. */
  goes: number;
  rehearsed: number;
  /** By whose goes; null for everybody’s. */
  performerId: string | null;
}

/** What is known before: a mean with how sure it is, the spread of one go, and its ends. */
interface Known {
  mean: number;
  /** Of the mean. */
  error: number;
  sd: number;
  low: number;
  high: number;
}

function guessed(guess: Estimate): Known {
  const { mean, sd, low, high } = threePoint(guess);
  return { mean, error: Math.max(sd, GUESS_OFF * mean), sd, low, high };
}

/** What one time counts for. */
export const weightOf = ({ rehearsed }: Pick<TimeTaken, 'rehearsed'>): number =>
  rehearsed ? REHEARSAL_WEIGHT : 1;

function learn(
  before: Known,
  taken: readonly TimeTaken[],
  performerId: string | null,
): LearnedTime {
  const rehearsed = taken.filter((one) => one.rehearsed).length;
  const counts = { goes: taken.length - rehearsed, rehearsed, performerId };
  const weight = taken.reduce((sum, one) => sum + weightOf(one), 0);
  if (weight === 0) {
    const half = 1.96 * before.error;
    const { mean, sd, low, high } = before;
    return {
      mean,
      sd,
      low,
      high,
      meanLow: Math.max(0, mean - half),
      meanHigh: mean + half,
      ...counts,
    };
  }
  const own = taken.reduce((sum, one) => sum + weightOf(one) * one.seconds, 0) / weight;
  const squares = taken.reduce((sum, one) => sum + weightOf(one) * (one.seconds - own) ** 2, 0);
  const df = SPREAD_DF + weight - 1;
  const guessedSpread = Math.max(before.sd, SPREAD_LEAST * own, LEAST_SPREAD);
  const variance = Math.max(
    LEAST_SPREAD ** 2,
    (SPREAD_DF * guessedSpread ** 2 + squares) / Math.max(SPREAD_DF, df),
  );
  const ownError2 = variance / weight;
  const off2 = (own - before.mean) ** 2;
  const error2 = Math.max(before.error ** 2, off2 - ownError2);
  // A guess that varies by nothing is still a guess.
  const share = error2 === 0 ? 0 : ownError2 / (ownError2 + error2);
  const mean = share * before.mean + (1 - share) * own;
  const meanError2 = error2 === 0 ? ownError2 : (ownError2 * error2) / (ownError2 + error2);
  const half = tQuantile(0.975, df) * Math.sqrt(meanError2);
  const sd = Math.sqrt(variance + meanError2);
  const seconds = taken.map((one) => one.seconds);
  const least = Math.min(...seconds, mean - BELOW * sd);
  const most = Math.max(...seconds, mean + ABOVE * sd);
  return {
    mean,
    sd,
    low: Math.max(0, share * before.low + (1 - share) * least),
    high: share * before.high + (1 - share) * most,
    meanLow: Math.max(0, mean - half),
    meanHigh: mean + half,
    ...counts,
  };
}

/** Of everybody’s goes. */
export const learnedOfAll = (guess: Estimate, taken: readonly TimeTaken[]): LearnedTime =>
  learn(guessed(guess), taken, null);

/** Whether somebody’s own goes are enough to go by. */
const hasEnough = (taken: readonly TimeTaken[]): boolean =>
  taken.reduce((sum, one) => sum + weightOf(one), 0) >= ENOUGH_GOES;

/**
 * A step’s time for who does it: by their own goes where there are enough, shrunk towards what the others take;
 * else by everybody’s.
 */
export function learnedTime(
  guess: Estimate,
  taken: readonly TimeTaken[],
  performerId: string | null,
): LearnedTime {
  const own = performerId === null ? [] : taken.filter((one) => one.performerId === performerId);
  if (own.length === taken.length || !hasEnough(own)) return learnedOfAll(guess, taken);
  const others = learnedOfAll(
    guess,
    taken.filter((one) => one.performerId !== performerId),
  );
  const error = Math.hypot((others.meanHigh - others.meanLow) / 4, PEOPLE_DIFFER * others.mean);
  return learn({ ...others, error }, own, performerId);
}
