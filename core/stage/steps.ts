/** The steps of a slot in the order of its goes, and what each is made of on stage. */
import {
  type GoSequence,
  goSequence,
  nextPart,
  type PartOfGo,
  partsOfGoes,
} from '../repertoire/goes';
import type { Live, RunPlan, RunSlot, RunStep } from './types';

export interface StepOfGo {
  /** Place in the slot's list of steps, from 0. */
  step: number;
  go: number;
}

export const sequenceOf = (slot: RunSlot): GoSequence<RunStep> =>
  goSequence(slot.steps, (step) => step);

export const located = (slot: RunSlot, at: PartOfGo<RunStep> | null): StepOfGo | null =>
  at && { step: slot.steps.indexOf(at.part), go: at.go };

/** The step after this one in the same slot, or null when the slot is over. */
export function nextStep(slot: RunSlot, step: number, go: number): StepOfGo | null {
  const part = slot.steps[step];
  return part ? located(slot, nextPart(sequenceOf(slot), { part, go }, slot.goes)) : null;
}

/** What is still to be done of a slot after this step, as long as every go works. */
export function stepsAfter(slot: RunSlot, step: number, go: number): StepOfGo[] {
  const rest: StepOfGo[] = [];
  let at = nextStep(slot, step, go);
  while (at) {
    rest.push(at);
    at = nextStep(slot, at.step, at.go);
  }
  return rest;
}

/** Where a slot begins: never at the clearing between goes, whatever its place in the list. */
export function firstStep(slot: RunSlot | undefined): number {
  const begin = slot && partsOfGoes(sequenceOf(slot), 1)[0];
  return begin ? slot.steps.indexOf(begin.part) : 0;
}

/** Whether the rule of a slot, so many goes more at the most, asks for another one after this go failed. */
export const asksForAnother = (
  slot: Pick<RunSlot, 'goes' | 'goesAllowed'>,
  again: number,
  go: number,
): boolean => go < Math.min(slot.goes + again, Math.max(slot.goesAllowed, slot.goes));

/** What is still waiting, in the order it will come: on from a slot, then what was passed over. */
export function comingUp(
  plan: RunPlan,
  live: Pick<Live, 'slot' | 'slots'>,
  from = live.slot,
): RunSlot[] {
  const at = plan.slots.findIndex((slot) => slot.id === from);
  return [...plan.slots.slice(at + 1), ...plan.slots.slice(0, Math.max(at, 0))].filter(
    (slot) => live.slots[slot.id]?.status === 'waiting',
  );
}

/** Planned dead air before a slot. */
export function gapBefore(plan: RunPlan, index: number): number {
  const slot = plan.slots[index];
  if (!slot) return 0;
  return slot.start - (plan.slots[index - 1]?.end ?? 0);
}

/** What a step is made of, each a press of its own: what protects comes before the act. */
export const STEP_PARTS = ['warn', 'clear', 'gear', 'brief', 'do', 'off', 'letGo'] as const;
export type StepPart = (typeof STEP_PARTS)[number];

/** The parts of a step in a go, in their order; the act itself is always one. */
export function partsOfStep(slot: RunSlot, at: StepOfGo): StepPart[] {
  const step = slot.steps[at.step];
  if (!step) return ['do'];
  const first = at.go === 1;
  const has: Record<StepPart, boolean> = {
    warn: first && step.warn !== '',
    clear: step.clear !== '',
    gear: step.gearOn.length > 0,
    brief: first && step.brief.length > 0,
    do: true,
    off: step.gearOff.length > 0,
    letGo: step.letGo.length > 0 && nextStep(slot, at.step, at.go) === null,
  };
  return STEP_PARTS.filter((part) => has[part]);
}

/** The part that is to be done now: the first that nobody has done. */
export function partOnStage(slot: RunSlot, live: Pick<Live, 'step' | 'go' | 'parts'>): StepPart {
  const parts = partsOfStep(slot, live);
  return parts.find((part) => !live.parts.includes(part)) ?? parts.at(-1) ?? 'do';
}

/** True when one press more ends the whole step. */
export function isLastPart(slot: RunSlot, live: Pick<Live, 'step' | 'go' | 'parts'>): boolean {
  const left = partsOfStep(slot, live).filter((part) => !live.parts.includes(part));
  return left.length <= 1;
}
