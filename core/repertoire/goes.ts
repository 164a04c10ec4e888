/**
 * The sequence of goes: what the audience watches once, what each go repeats, and what is cleared
 * between two goes. The timeline, the forecast and the stage all take it from here.
 *
 * Perform steps come in the order they are written. From the first step that belongs to every go to
 * the last one is the run that a further go repeats, without its once-only steps, and after the
 * clearing that each further go needs. Where no step belongs to every go, there is nothing to repeat.
 */

/** What a step of a performance is, whether of a method or of a run. */
export interface GoPart {
  /** A perform step that is done again at every go. */
  eachGo: boolean;
  /** Clearing between two goes, while the audience waits; never a step of the first go. */
  between: boolean;
}

export interface GoSequence<T> {
  /** The first go, with the once-only steps before and within it. */
  first: T[];
  /** Cleared before each further go. */
  clearing: T[];
  /** A further go, without the clearing before it. */
  further: T[];
  /** After the last go. */
  closing: T[];
}

/** Sorts the parts of a performance by what they are in the sequence; each list in the order written. */
export function goSequence<T>(parts: readonly T[], kindOf: (part: T) => GoPart): GoSequence<T> {
  const steps = parts.filter((part) => !kindOf(part).between);
  const from = steps.findIndex((step) => kindOf(step).eachGo);
  const to = steps.findLastIndex((step) => kindOf(step).eachGo);
  const further = from < 0 ? [] : steps.slice(from, to + 1).filter((step) => kindOf(step).eachGo);
  return {
    first: from < 0 ? steps : steps.slice(0, to + 1),
    clearing: parts.filter((part) => kindOf(part).between),
    further,
    closing: from < 0 ? [] : steps.slice(to + 1),
  };
}

/** A part of a performance, and the go it belongs to, from 1. Clearing belongs to the go before it. */
export interface PartOfGo<T> {
  part: T;
  go: number;
}

/** All parts of so many goes, in order. What comes after the last go belongs to that go. */
export function partsOfGoes<T>(sequence: GoSequence<T>, goes: number): PartOfGo<T>[] {
  const { first, clearing, further, closing } = sequence;
  const last = goesThatCount(sequence, goes);
  const parts = first.map((part): PartOfGo<T> => ({ part, go: 1 }));
  for (let go = 2; go <= last; go++) {
    parts.push(...clearing.map((part) => ({ part, go: go - 1 })));
    parts.push(...further.map((part) => ({ part, go })));
  }
  parts.push(...closing.map((part) => ({ part, go: last })));
  return parts;
}

/**
 * The part after this one while `goes` are wanted in all, or null when the performance is over. A go
 * beyond those that were planned ends as the last planned one would have.
 */
export function nextPart<T>(
  sequence: GoSequence<T>,
  { part, go }: PartOfGo<T>,
  goes: number,
): PartOfGo<T> | null {
  const { first, clearing, further, closing } = sequence;
  const after = (list: readonly T[]): T | undefined => list[list.indexOf(part) + 1];
  const begin = (list: readonly T[], of: number): PartOfGo<T> | null =>
    list[0] === undefined ? null : { part: list[0], go: of };
  if (clearing.includes(part)) {
    const next = after(clearing);
    return next === undefined ? furtherGo(sequence, go + 1) : { part: next, go };
  }
  if (closing.includes(part)) {
    const next = after(closing);
    return next === undefined ? null : { part: next, go };
  }
  const run = go === 1 ? first : extraGo(sequence);
  const next = run.includes(part) ? after(run) : undefined;
  if (next !== undefined) return { part: next, go };
  if (further.length > 0 && go < goes) return anotherGo(sequence, go);
  return begin(closing, go);
}

/**
 * A go beyond the planned ones, without the clearing before it. Done again on the spot though nothing
 * is marked to repeat, all of it is.
 */
const extraGo = <T>({ first, further }: GoSequence<T>): T[] =>
  further.length > 0 ? further : first;

const furtherGo = <T>(sequence: GoSequence<T>, go: number): PartOfGo<T> | null => {
  const [part] = extraGo(sequence);
  return part === undefined ? null : { part, go };
};

/** All that a go beyond the planned ones takes, its clearing first. */
export const anotherGoParts = <T>(sequence: GoSequence<T>): T[] => [
  ...sequence.clearing,
  ...extraGo(sequence),
];

/** How many of the planned goes there are: one, where nothing repeats. */
export const goesThatCount = <T>({ further }: GoSequence<T>, goes: number): number =>
  further.length > 0 ? Math.max(1, goes) : 1;

/** Where another go begins after this one: at its clearing, which still belongs to this go, if any. */
export function anotherGo<T>(sequence: GoSequence<T>, go: number): PartOfGo<T> | null {
  const [part] = sequence.clearing;
  return part === undefined ? furtherGo(sequence, go + 1) : { part, go };
}

/** True when this part is the last of its go. */
export function endsGo<T>(sequence: GoSequence<T>, { part, go }: PartOfGo<T>): boolean {
  return part === (go === 1 ? sequence.first : extraGo(sequence)).at(-1);
}
