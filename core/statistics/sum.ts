/** The sum with what each addition rounds off carried along (Neumaier 1974). */
export function sum(values: Iterable<number>): number {
  let total = 0;
  let lost = 0;
  for (const value of values) {
    const next = total + value;
    lost += Math.abs(total) >= Math.abs(value) ? total - next + value : value - next + total;
    total = next;
  }
  return total + lost;
}
