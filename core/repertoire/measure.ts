/** What is read off at a go, and how. */

/** Which way of a reading is wanted. */
export const BETTER = ['more', 'less', 'near'] as const;
export type Better = (typeof BETTER)[number];

export const QUANTITIES = [
  'height',
  'distance',
  'time',
  'mass',
  'angle',
  'level',
  'temperature',
  'count',
  'rating',
  'yesNo',
  'other',
] as const;
export type Quantity = (typeof QUANTITIES)[number];

/** What is read, and how. */
export interface Measure {
  name: string;
  quantity: Quantity;
  /** As it is written after a number; '' for none. */
  unit: string;
  /** What it is read to, in its unit; null where nobody has said. */
  resolution: number | null;
  instrument: string;
  /** Such as “the highest mark the foam covers”. */
  how: string;
  better: Better;
  /** Where better is near: to what; null otherwise. */
  target: number | null;
  /** Seconds after a go has begun between which it is read; null for whenever. */
  readFrom: number | null;
  readUntil: number | null;
}

export const BLANK_MEASURE: Measure = {
  name: 'Height',
  quantity: 'height',
  unit: 'cm',
  resolution: null,
  instrument: '',
  how: '',
  better: 'more',
  target: null,
  readFrom: null,
  readUntil: null,
};

export const CONVERSIONS = [
  'weight',
  'flight',
  'fall',
  'sighting',
  'frames',
  'turns',
  'levelLost',
  'bore',
] as const;
/** How a crude reading becomes a physical figure. */
export type ConversionId = (typeof CONVERSIONS)[number];

/** What is known besides the reading, in the unit the conversion asks for it in. */
export interface Given {
  id: string;
  value: number;
  /** Give or take so much. */
  within: number;
}

export interface Conversion {
  id: ConversionId;
  given: Given[];
}

/** What a method asks to be read at each of its goes. */
export interface MethodResult extends Measure {
  /** Unique within its method. */
  id: string;
  /** The step it is read in; null for the last one of the go. */
  task: string | null;
  /** Give or take so much beyond what the instrument is marked to: the thumb on a stopwatch. In its unit. */
  within: number | null;
  /** Null where the reading is the figure that is wanted. */
  becomes: Conversion | null;
}

/** Quantities that are never below nothing. */
const NEVER_NEGATIVE = new Set<Quantity>([
  'height',
  'distance',
  'time',
  'mass',
  'level',
  'count',
  'rating',
]);

export const mayBeNegative = (quantity: Quantity): boolean =>
  !NEVER_NEGATIVE.has(quantity) && quantity !== 'yesNo';

/** What is wrong with a figure as a reading, in words; null where nothing is. */
export function readingFault(
  { quantity }: Pick<Measure, 'quantity'>,
  value: number,
): string | null {
  if (!Number.isFinite(value)) return 'is no number';
  if (quantity === 'yesNo') return value === 0 || value === 1 ? null : 'must be yes or no';
  if (value < 0 && !mayBeNegative(quantity)) return 'can’t be less than nothing';
  if (quantity === 'count' && !Number.isInteger(value)) return 'must be a whole number';
  return null;
}
