/** What protective gear protects, from the words it is written with. */
import type { ShowBundle } from '../../brief/types';
import type { ResolvedSlot } from '../../lineup/fromBundle';
import type { PlacedTask, Timeline } from '../../lineup/types';
import type { HazardKind, Task } from '../../repertoire/types';
import { type GearPlan, gearPlans } from '../gear';

export const BODY_PARTS = ['eyes', 'hands', 'ears'] as const;
export type BodyPart = (typeof BODY_PARTS)[number];

const WORDS: Record<BodyPart, RegExp> = {
  eyes: /goggle|glasses|spectacle|shield|visor/i,
  hands: /glove|mitt|gauntlet/i,
  ears: /plug|muff|ear protection|ear defender/i,
};

export const PART_WORDS: Record<BodyPart, string> = {
  eyes: 'goggles or a face shield',
  hands: 'gloves',
  ears: 'ear protection',
};

export const protects = (gear: readonly string[], part: BodyPart): boolean =>
  gear.some((word) => WORDS[part].test(word));

/** Tasks of a slot in which a hazard is there: those that name it, or all of them when none does. */
export function tasksWith(tasks: readonly Task[], kind: HazardKind): Task[] {
  const named = tasks.filter((task) => task.hazards.includes(kind));
  return named.length > 0 ? named : [...tasks];
}

/** True when the method says in which steps the hazard is there. */
export const isPlacedIn = (tasks: readonly Task[], kind: HazardKind): boolean =>
  tasks.some((task) => task.hazards.includes(kind));

/** What a person wears at a moment, a task that begins then included. */
export function wornAt(plans: readonly GearPlan[], personId: string, at: number): string[] {
  const steps = plans.find((plan) => plan.personId === personId)?.steps ?? [];
  return steps.filter((step) => step.at <= at).at(-1)?.worn ?? [];
}

/** Plans are the same for every slot of a bundle and its timeline. */
const known = new WeakMap<Timeline, { bundle: ShowBundle; plans: GearPlan[] }>();
export function gearPlansOf(bundle: ShowBundle, timeline: Timeline): GearPlan[] {
  const found = known.get(timeline);
  if (found?.bundle === bundle) return found.plans;
  const plans = gearPlans(bundle, timeline);
  known.set(timeline, { bundle, plans });
  return plans;
}

/** Placed tasks of a slot with their own, and who does them. */
export function placedTasks(
  { slot, method }: ResolvedSlot,
  timeline: Timeline,
): { task: Task; placed: PlacedTask; people: string[] }[] {
  const tasks = new Map(method.tasks.map((task) => [task.id, task]));
  return timeline.tasks.flatMap((placed) => {
    const task = placed.slot === slot.id ? tasks.get(placed.task) : undefined;
    if (!task) return [];
    const people =
      placed.people.length > 0 ? placed.people : slot.performerId ? [slot.performerId] : [];
    return [{ task, placed, people: task.hands.length > 0 ? people : [] }];
  });
}

/**
 * People whom a hazard reaches and who do not wear what protects a part of them: in each task that names
 * the hazard, or, where none does, at no time while they perform it.
 */
export function unprotected(
  bundle: ShowBundle,
  timeline: Timeline,
  resolved: ResolvedSlot,
  kind: HazardKind,
  part: BodyPart,
): string[] {
  const plans = gearPlansOf(bundle, timeline);
  const doings = placedTasks(resolved, timeline);
  const worn = (personId: string, at: number): boolean =>
    protects(wornAt(plans, personId, at), part);
  if (isPlacedIn(resolved.method.tasks, kind))
    return [
      ...new Set(
        doings
          .filter(({ task }) => task.hazards.includes(kind))
          .flatMap(({ people, placed }) => people.filter((id) => !worn(id, placed.start))),
      ),
    ];
  const performs = doings.filter(({ task }) => task.phase === 'perform');
  const doers = [...new Set(performs.flatMap(({ people }) => people))];
  return doers.filter(
    (id) => !doings.some(({ people, placed }) => people.includes(id) && worn(id, placed.start)),
  );
}
