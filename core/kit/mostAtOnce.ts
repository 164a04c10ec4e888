interface Held {
  base: number;
  from: number;
  until: number;
}

/** The most in use at once, and who then uses it. Ends hand on before starts take. */
export function mostAtOnce<T extends Held>(parts: readonly T[]): { total: number; at: T[] } {
  let best: { total: number; at: T[] } = { total: 0, at: [] };
  for (const moment of parts) {
    const using = parts.filter(
      (part) => part === moment || (part.from <= moment.from && part.until > moment.from),
    );
    const total = using.reduce((sum, part) => sum + part.base, 0);
    if (total > best.total) best = { total, at: using };
  }
  return best;
}
