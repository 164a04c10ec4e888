/** What is used of the package, which has no types of its own. */
declare module 'jstat' {
  const jstat: {
    jStat: {
      /** Regularised incomplete beta function. */
      ibeta: (x: number, a: number, b: number) => number;
      studentt: { inv: (chance: number, df: number) => number };
      noncentralt: { cdf: (t: number, df: number, ncp: number) => number };
      normal: { cdf: (z: number, mean: number, sd: number) => number };
    };
  };
  export default jstat;
}
