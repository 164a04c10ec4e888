import { belief } from './success';

/** Lanczos' approximation of ln Γ(x), x > 0, to about ten figures (coefficients g = 5, n = 6). */
function logGamma(x: number): number {
  const terms = [
    76.18009172947146, -86.50532032941677, 24.01409824083091, -1.231739572450155,
    0.1208650973866179e-2, -0.5395239384953e-5,
  ];
  const t = x + 5.5;
  const series = terms.reduce((sum, c, i) => sum + c / (x + 1 + i), 1.000000000190015);
  return (x + 0.5) * Math.log(t) - t + Math.log((2.5066282746310005 * series) / x);
}

/** Continued fraction of the incomplete beta function, by Lentz's method; for x < (a+1)/(a+b+2). */
function fraction(x: number, a: number, b: number): number {
  const tiny = 1e-300;
  const away = (value: number): number => (Math.abs(value) < tiny ? tiny : value);
  let c = 1;
  let d = 1 / away(1 - ((a + b) * x) / (a + 1));
  let h = d;
  for (let m = 1; m <= 500; m++) {
    const m2 = 2 * m;
    for (const term of [
      (m * (b - m) * x) / ((a - 1 + m2) * (a + m2)),
      (-(a + m) * (a + b + m) * x) / ((a + m2) * (a + 1 + m2)),
    ]) {
      d = 1 / away(1 + term * d);
      c = away(1 + term / c);
      h *= d * c;
    }
    if (Math.abs(d * c - 1) < 1e-13) break;
  }
  return h;
}

/** Chance that a Beta(a, b) number is below x: the regularised incomplete beta function. */
export function betaBelow(x: number, a: number, b: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  // Logarithms, because powers and gamma functions overflow long before their ratio does.
  const front = Math.exp(
    logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(x) + b * Math.log1p(-x),
  );
  // The fraction converges quickly on one side of the mean; the other is its mirror image.
  return x < (a + 1) / (a + b + 2)
    ? (front * fraction(x, a, b)) / a
    : 1 - (front * fraction(1 - x, b, a)) / b;
}

/** The number below which a Beta(a, b) number is with this chance, by halving. */
function betaQuantile(chance: number, a: number, b: number): number {
  let low = 0;
  let high = 1;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (betaBelow(middle, a, b) < chance) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * The 95 % interval for a chance of which k of n were seen, equal tails of Jeffreys' posterior; closed
 * at 0 when none were seen and at 1 when all were (Brown, Cai and DasGupta 2001).
 */
export function jeffreys(k: number, n: number): { low: number; high: number } {
  const { alpha, beta } = belief(k, n);
  return {
    low: k === 0 ? 0 : betaQuantile(0.025, alpha, beta),
    high: k === n ? 1 : betaQuantile(0.975, alpha, beta),
  };
}
