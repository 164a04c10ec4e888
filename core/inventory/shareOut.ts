/** Whole minor units shared by weight; the parts add up to the whole (largest remainder). */
export function shareOut(whole: number, weights: readonly number[]): number[] {
  const sum = weights.reduce((a, b) => a + b, 0);
  if (sum <= 0) return weights.map(() => 0);
  const exact = weights.map((w) => (whole * w) / sum);
  const parts = exact.map(Math.floor);
  let rest = whole - parts.reduce((a, b) => a + b, 0);
  const order = exact
    .map((e, i) => ({ i, left: e - Math.floor(e) }))
    .sort((a, b) => b.left - a.left || a.i - b.i);
  for (const { i } of order) {
    if (rest <= 0) break;
    parts[i] = (parts[i] ?? 0) + 1;
    rest--;
  }
  return parts;
}
