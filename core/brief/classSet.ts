/** A class that tries it itself: pupils in groups, each with one demonstration of several to choose. */

import { counted } from '../words';

/** A mistake that groups made, and how many of them did. */
export interface ClassError {
  id: string;
  words: string;
  count: number;
}

export interface ClassOption {
  id: string;
  demoId: string;
  methodId: string;
  /** Groups that chose it; null until they have been counted. */
  chose: number | null;
  errors: ClassError[];
  /** Of earlier classes: so many groups chose it, of so many. */
  before: { chose: number; of: number };
}

export interface ClassSet {
  pupils: number;
  /** Pupils in a group at the most. */
  perGroup: number;
  /** Wanted chance, in per cent, that the sets are enough for what groups choose and for what fails. */
  enough: number;
  options: ClassOption[];
}

export const blankClassSet = (pupils: number): ClassSet => ({
  pupils,
  perGroup: 3,
  enough: 95,
  options: [],
});

export const blankOption = (id: string, demoId: string, methodId: string): ClassOption => ({
  id,
  demoId,
  methodId,
  chose: null,
  errors: [],
  before: { chose: 0, of: 0 },
});

/** Pupils in each group: as few groups as there can be, as alike as they can be, the larger first. Nobody is left alone where that can be. */
export function groupSizes({ pupils, perGroup }: Pick<ClassSet, 'pupils' | 'perGroup'>): number[] {
  const groups = Math.ceil(pupils / perGroup);
  const least = Math.floor(pupils / groups);
  return Array.from({ length: groups }, (_, i) => least + (i < pupils % groups ? 1 : 0));
}

/** Groups that were counted at any of the demonstrations. */
export const groupsCounted = ({ options }: Pick<ClassSet, 'options'>): number =>
  options.reduce((sum, { chose }) => sum + (chose ?? 0), 0);

export interface Commonest {
  words: string[];
  count: number;
  /** Of the groups that chose it, the share that made it; null where those were not counted. */
  share: number | null;
}

/** The mistakes that most groups made, several where they are even; null where none was counted. */
export function commonestError({
  errors,
  chose,
}: Pick<ClassOption, 'errors' | 'chose'>): Commonest | null {
  const count = Math.max(0, ...errors.map((one) => one.count));
  if (count === 0) return null;
  return {
    words: errors.filter((one) => one.count === count).map(({ words }) => words),
    count,
    share: chose === null || chose < count ? null : count / chose,
  };
}

/** The same to choose from, for another class: what this one chose is what is known of earlier ones. */
export function forNextClass(set: ClassSet): ClassSet {
  const counted = groupsCounted(set);
  return {
    ...set,
    options: set.options.map((option) => ({
      ...option,
      chose: null,
      errors: option.errors.map((error) => ({ ...error, count: 0 })),
      before:
        counted === 0
          ? option.before
          : {
              chose: option.before.chose + (option.chose ?? 0),
              of: option.before.of + counted,
            },
    })),
  };
}

/** “8 groups of 3 and 1 of 2” */
export function groupsInWords(set: Pick<ClassSet, 'pupils' | 'perGroup'>): string {
  const sizes = groupSizes(set);
  const [large = 0] = sizes;
  const of = sizes.filter((size) => size === large).length;
  const rest = sizes.length - of;
  const first = `${counted(of, 'group')} of ${large}`;
  return rest === 0 ? first : `${first} and ${rest} of ${large - 1}`;
}
