/** Student's t and Fisher's F, from a package of distributions, with the tails taken where they keep their figures. */
import jstat from 'jstat';

const { jStat } = jstat;

/** Chance that F with these degrees of freedom is above `f`. */
export function fAbove(f: number, dfBetween: number, dfWithin: number): number {
  if (f <= 0) return 1;
  // The upper tail itself: one less the lower one is 0 for what is very unlikely.
  return jStat.ibeta(dfWithin / (dfWithin + dfBetween * f), dfWithin / 2, dfBetween / 2);
}

/** Chance that t is above `t`. */
export function tAbove(t: number, df: number): number {
  const half = jStat.ibeta(df / (df + t * t), df / 2, 0.5) / 2;
  return t > 0 ? half : 1 - half;
}

/** The t below which it is with this chance, 0 to 1 and neither of them. */
export function tQuantile(chance: number, df: number): number {
  // Asked for the same again and again.
  if (last.chance !== chance || last.df !== df)
    last = { chance, df, t: jStat.studentt.inv(chance, df) };
  return last.t;
}

let last = { chance: NaN, df: NaN, t: NaN };

export const normalBelow = (z: number): number => jStat.normal.cdf(z, 0, 1);

/** Chance that t is below `t` where its mean is off by `ncp` standard errors. */
export const noncentralTBelow = (t: number, df: number, ncp: number): number =>
  jStat.noncentralt.cdf(t, df, ncp);
