/** Rounded to two figures of its uncertainty: 44.5 with ±3.6, 1.002 with ±0.004. */
export function roundedTo(value: number, uncertainty: number | null): number {
  if (uncertainty === null || !(uncertainty > 0)) return Number(value.toPrecision(4));
  const places = Math.min(12, Math.max(0, 1 - Math.floor(Math.log10(uncertainty))));
  return Number(value.toFixed(places));
}
