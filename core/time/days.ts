/** Calendar days as text, YYYY-MM-DD; they sort as they follow each other. */

const MS = 86_400_000;

const at = (day: string): number => {
  const ms = Date.parse(`${day}T00:00:00Z`);
  if (Number.isNaN(ms)) throw new RangeError(`Not a day: ${day}`);
  return ms;
};

export const dayAfter = (day: string, days: number): string =>
  new Date(at(day) + days * MS).toISOString().slice(0, 10);

/** Days since 1970-01-01. */
export const dayNumber = (day: string): number => at(day) / MS;

/** Days from one day to another; negative when it comes before. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((at(to) - at(from)) / MS);

export const earlier = (a: string | null, b: string | null): string | null =>
  a === null ? b : b === null || a <= b ? a : b;

export const later = (a: string, b: string): string => (a >= b ? a : b);
