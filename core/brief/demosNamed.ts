import type { Show } from './types';

/** Ids of the demonstrations that a show names: those in its running order, and those a class may choose. */
export const demosNamed = ({ slots, classSet }: Pick<Show, 'slots' | 'classSet'>): string[] => [
  ...new Set([
    ...slots.flatMap((slot) => slot.demoId ?? []),
    ...(classSet?.options ?? []).map(({ demoId }) => demoId),
  ]),
];

/** Ids of the people that it names: its crew, whoever was asked, performs a slot or films. */
export const peopleNamed = ({
  crew,
  slots,
  filming,
  answers,
}: Pick<Show, 'crew' | 'slots' | 'filming' | 'answers'>): string[] => [
  ...new Set([
    ...crew,
    ...slots.flatMap((slot) => slot.performerId ?? []),
    ...answers.map(({ personId }) => personId),
    ...filming.flatMap(({ personId }) => personId ?? []),
  ]),
];
