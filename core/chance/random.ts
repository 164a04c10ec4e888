/**
 * Random numbers from a seed: the same seed gives the same numbers everywhere.
 *
 * xoshiro128** (Blackman and Vigna 2018, “Scrambled linear pseudorandom number generators”), its
 * state filled from the seed by splitmix32.
 */
export interface Random {
  /** A number from 0 up to, but not, 1. */
  readonly next: () => number;
  /** A whole number from 0 up to, but not, n; n must be at least 1. */
  readonly below: (n: number) => number;
}

/** Throws RangeError when the seed is not a whole number of 32 bits, signed or not. */
export function randomFrom(seed: number): Random {
  if (!Number.isInteger(seed) || seed < -(2 ** 31) || seed >= 2 ** 32)
    throw new RangeError(`A seed is a whole number of 32 bits, not ${seed}`);
  let filler = seed | 0;
  const fill = (): number => {
    filler = (filler + 0x9e3779b9) | 0;
    let z = filler ^ (filler >>> 16);
    z = Math.imul(z, 0x21f0aaad);
    z ^= z >>> 15;
    z = Math.imul(z, 0x735a2d97);
    return (z ^ (z >>> 15)) | 0;
  };
  let a = fill();
  let b = fill();
  let c = fill();
  let d = fill();
  const rotate = (x: number, k: number): number => (x << k) | (x >>> (32 - k));
  const next = (): number => {
    const result = Math.imul(rotate(Math.imul(b, 5), 7), 9) >>> 0;
    const t = b << 9;
    c ^= a;
    d ^= b;
    b ^= c;
    a ^= d;
    c ^= t;
    d = rotate(d, 11);
    return result / 2 ** 32;
  };
  return { next, below: (n) => Math.floor(next() * n) };
}
