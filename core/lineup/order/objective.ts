/** What is wrong with a running order, part by part, and what it comes to with these weights. */
import type { Arc, Weights } from '../../brief/wishes';
import type { Timeline } from '../types';

/** What of a slot matters beside its times. */
export interface SlotTraits {
  /** 1 quiet to 5 roof-raiser. */
  energy: number;
  /** Slots of one family are not wanted side by side: the same demo, say. */
  family: string;
  volunteer: boolean;
  loud: boolean;
}

export interface Objective {
  conflicts: number;
  /** Expected seconds after the hard finish. */
  late: number;
  deadAir: number;
  /** Points of energy away from the arc, squared, over all places. */
  arc: number;
  repeats: number;
  total: number;
}

const OPENER = 4;
const CLOSER = 5;

/** Wanted energy at each place: a strong opening and end, and the arc between. */
export function wantedEnergy(arc: Arc, n: number): number[] {
  return Array.from({ length: n }, (_, i) => {
    if (i === n - 1) return CLOSER;
    if (i === 0) return OPENER;
    const x = i / Math.max(1, n - 1);
    switch (arc) {
      case 'climb':
        return 2 + 3 * x;
      case 'twoPeaks':
        return 2 + 3 * Math.max(1 - Math.abs(x - 0.45) / 0.3, (x - 0.75) / 0.25, 0);
      case 'wave':
        return i % 2 === 1 ? 2 : 4;
      case 'none':
        return 3;
    }
  });
}

/** How far a energy at one place is from the arc, squared, so that one far off weighs more than many near. */
export const energyMisfit = (arc: Arc, energy: number, at: number, n: number): number =>
  arc === 'none' ? 0 : (energy - (wantedEnergy(arc, n)[at] ?? energy)) ** 2;

/** How far energies in this order are from the arc, in all. */
export function arcDistance(arc: Arc, energies: readonly number[]): number {
  if (arc === 'none') return 0;
  const wanted = wantedEnergy(arc, energies.length);
  return energies.reduce((sum, energy, i) => sum + (energy - (wanted[i] ?? energy)) ** 2, 0);
}

/** No order of these energies is nearer: the smallest wanted with the smallest there is, and so on up. */
export const leastArcDistance = (arc: Arc, energies: readonly number[]): number => {
  if (arc === 'none') return 0;
  const up = (a: number, b: number): number => a - b;
  const wanted = wantedEnergy(arc, energies.length).sort(up);
  return [...energies]
    .sort(up)
    .reduce((sum, energy, i) => sum + (energy - (wanted[i] ?? 0)) ** 2, 0);
};

/** In how many ways two side by side are alike: of one family, both with a volunteer, both loud. */
export const repeatsBetween = (a: SlotTraits, b: SlotTraits): number =>
  [a.family === b.family, a.volunteer && b.volunteer, a.loud && b.loud].filter(Boolean).length;

const repeatsIn = (traits: readonly SlotTraits[]): number =>
  traits.slice(1).reduce((sum, now, i) => sum + repeatsBetween(traits[i] ?? now, now), 0);

/** The part that needs no clock: the run of energies, and what is alike side by side. */
export function runOf(
  inOrder: readonly SlotTraits[],
  arc: Arc,
): Pick<Objective, 'arc' | 'repeats'> {
  const energies = inOrder.map(({ energy }) => energy);
  return { arc: arcDistance(arc, energies), repeats: repeatsIn(inOrder) };
}

/**
 * `inOrder` are the traits of the slots in the order that was timed, `late` the expected seconds after the
 * hard finish.
 */
export function objectiveOf(
  timeline: Timeline,
  inOrder: readonly SlotTraits[],
  arc: Arc,
  weights: Weights,
  late: number,
): Objective {
  const parts = {
    conflicts: timeline.conflicts.length,
    late,
    deadAir: timeline.deadAir,
    ...runOf(inOrder, arc),
  };
  const total =
    parts.conflicts * weights.conflict +
    parts.late * weights.late +
    parts.deadAir * weights.deadAir +
    parts.arc * weights.arc +
    parts.repeats * weights.repeat;
  return { ...parts, total };
}
