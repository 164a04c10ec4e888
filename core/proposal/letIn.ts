/** What keeps demonstrations out of a booking, and what would let them in. */

export interface Obstacle {
  /** The same for what is mended by the same. */
  key: string;
  /** How much of that is lacking, in its own unit; left out where it is all or nothing. */
  lacks?: number;
  /** “Needs 6 m of height; the ceiling is at 3.6 m.” */
  words: string;
  /** What would let it in: “Front row back to 4 m”; empty where nothing would. */
  remedy: string;
}

/** A way of doing a demonstration, as far as it is told whether it would do. */
export interface FitTold {
  demoId: string;
  methodId: string;
  /** As written, on stage. */
  seconds: number;
  /** None where it would do. */
  obstacles: Obstacle[];
}

/** Something that is mended: all obstacles of its key that lack no more than that. */
export type Mended = Pick<Obstacle, 'key' | 'lacks'>;

export interface LetIn extends Mended {
  remedy: string;
  /** Demonstrations that nothing else keeps out. */
  more: number;
}

const isMended = (obstacle: Obstacle, mended: readonly Mended[]): boolean =>
  mended.some(({ key, lacks }) => key === obstacle.key && (obstacle.lacks ?? 0) <= (lacks ?? 0));

/** Ids of demonstrations that have a way that would do once that is mended. */
export const fitting = (
  options: readonly Pick<FitTold, 'demoId' | 'obstacles'>[],
  mended: readonly Mended[] = [],
): Set<string> =>
  new Set(
    options.flatMap(({ demoId, obstacles }) =>
      obstacles.every((one) => isMended(one, mended)) ? demoId : [],
    ),
  );

/** What keeps a demonstration out: of its ways the one that least does. */
export function whyNot(options: readonly FitTold[], demoId: string): Obstacle[] {
  const ways = options.filter((option) => option.demoId === demoId);
  return ways.toSorted((a, b) => a.obstacles.length - b.obstacles.length)[0]?.obstacles ?? [];
}

/**
 * What would let most in, the most first: each by itself, and of what can be mended more or less the least that lets
 * one in. Demonstrations that do already count for nothing.
 */
export function whatLetsIn(options: readonly FitTold[]): LetIn[] {
  const fits = fitting(options);
  const least = new Map<string, Obstacle>();
  for (const { demoId, obstacles } of options) {
    const [only] = obstacles;
    const isOne = only && only.remedy !== '' && obstacles.every(({ key }) => key === only.key);
    if (!isOne || fits.has(demoId)) continue;
    const most = obstacles.reduce((a, b) => ((b.lacks ?? 0) > (a.lacks ?? 0) ? b : a));
    const known = least.get(only.key);
    if (!known || (most.lacks ?? 0) < (known.lacks ?? 0)) least.set(only.key, most);
  }
  return [...least.values()]
    .map(({ words: _words, ...one }) => ({
      ...one,
      more: fitting(options, [one]).size - fits.size,
    }))
    .sort((a, b) => b.more - a.more);
}
