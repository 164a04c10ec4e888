import type { ColdBudget } from './budget';

/** The level over the day for drawing: points, and what stands at each draw. */
export interface ColdSeries {
  /** [seconds from midnight of the show's day, base units]. */
  points: [number, number][];
  draws: { at: number; demoName: string; before: number; after: number }[];
}

/** `startClock`: the show's start in seconds from midnight. */
export function coldSeries(budget: ColdBudget, startClock: number): ColdSeries {
  const points = budget.levels.map(({ at, amount }): [number, number] => [startClock + at, amount]);
  const last = points.at(-1);
  // An hour after the last draw shows how what is left boils away.
  if (last && budget.left > 0)
    points.push([last[0] + 3600, Math.max(0, budget.left - budget.lossPerHour)]);
  return {
    points,
    draws: budget.draws.map((draw, i) => ({
      at: startClock + draw.at,
      demoName: draw.demoName,
      before: budget.around[i]?.before ?? 0,
      after: budget.around[i]?.after ?? 0,
    })),
  };
}
