/** What a vehicle may carry. */
import type { Journey } from '../brief/types';

/** The ways there that may not carry so many grams; one of which nobody said how much is not among them. */
export const overloaded = (journeys: readonly Journey[], grams: number): Journey[] =>
  journeys.filter(({ mostKg }) => mostKg !== null && grams > mostKg * 1000);
