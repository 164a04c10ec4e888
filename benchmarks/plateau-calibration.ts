/**
 * How often what is said of a series is wrong, by simulation: of a flat truth, one that rises evenly, one that levels
 * off, and one that falls again; over the noise at which each is hardest. Shares of series, and how often the 95 %
 * intervals of level means hold the truth.
 */
import { randomFrom } from '../core/chance/random';
import { asked } from '../core/testing/trial';
import { normalFrom } from '../core/testing/normal';
import { analyse } from '../core/trials/analyse';
import type { Reading } from '../core/trials/types';
import { round } from './growing';

const SERIES = 400;
const NOISES = [0.1, 0.2, 0.35, 0.5, 0.75, 1, 1.5, 2, 3];
const DESIGNS = [
  { levels: 4, replicates: 3 },
  { levels: 6, replicates: 4 },
  { levels: 8, replicates: 5 },
];

/** Level means in steps of 1, for so many levels. */
type Truth = (i: number, levels: number) => number;

const TRUTHS: Record<'flat' | 'rising' | 'plateau' | 'peak', Truth> = {
  flat: () => 0,
  rising: (i) => i,
  plateau: (i, levels) => Math.min(i, topOf(levels)),
  peak: (i, levels) => (i <= topOf(levels) ? i : 2 * topOf(levels) - i),
};

/** Index of the level from which on more is no better. */
const topOf = (levels: number): number => Math.floor(levels / 2);

export interface Rates {
  /** A difference is said to be credible. */
  effect: number;
  /** More is said to be waste, or worse. */
  waste: number;
  worse: number;
  /** The plateau said is where it is, below it, above it. */
  right: number;
  below: number;
  above: number;
  /** Intervals that hold the level’s truth. */
  covered: number;
}

export function ratesOf(
  truth: Truth,
  { levels, replicates }: { levels: number; replicates: number },
  noise: number,
  series: number,
  seed: number,
): Rates {
  const random = randomFrom(seed);
  const normal = normalFrom(random);
  const question = asked(
    Array.from({ length: levels }, (_, i) => ({
      id: `${i}`,
      label: `${i + 1}`,
      value: i + 1,
    })),
  );
  const counts: Rates = { effect: 0, waste: 0, worse: 0, right: 0, below: 0, above: 0, covered: 0 };
  for (let one = 0; one < series; one++) {
    const readings = Array.from({ length: levels * replicates }, (_, go): Reading => {
      const i = go % levels;
      return { level: `${i}`, go: go + 1, value: truth(i, levels) + noise * normal() };
    });
    const { seen, plateau, levels: found } = analyse(question, readings);
    if (seen) counts.effect++;
    if (plateau?.more === 'waste') counts.waste++;
    if (plateau?.more === 'worse') counts.worse++;
    // A place is said where more is said to be waste.
    if (plateau?.more === 'waste') {
      if (plateau.at === topOf(levels)) counts.right++;
      else if (plateau.at < topOf(levels)) counts.below++;
      else counts.above++;
    }
    counts.covered +=
      found.filter(
        ({ low, high }, i) => (low ?? 0) <= truth(i, levels) && truth(i, levels) <= (high ?? 0),
      ).length / levels;
  }
  return Object.fromEntries(
    Object.entries(counts).map(([name, count]) => [name, round(count / series)]),
  ) as unknown as Rates;
}

export function plateauCalibration(): object {
  return Object.fromEntries(
    Object.entries(TRUTHS).map(([name, truth]) => [
      name,
      DESIGNS.map((design) => ({
        ...design,
        byNoise: Object.fromEntries(
          (name === 'flat' ? [1] : NOISES).map((noise, i) => [
            noise,
            ratesOf(truth, design, noise, SERIES, i + 1),
          ]),
        ),
      })),
    ]),
  );
}
