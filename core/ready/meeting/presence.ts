/** What is about, where, and from when to when: by the tasks in which it is, and as long as it lingers. */
import type { ShowBundle } from '../../brief/types';
import { isClearing, type ResolvedSlot } from '../../lineup/fromBundle';
import type { Timeline } from '../../lineup/types';
import type { HazardKind, ResidueKind } from '../../repertoire/types';
import { isPlacedIn, tasksWith } from '../hazards/protects';
import { pointsTo } from '../hazards/suggest';

export interface Presence {
  of: ResolvedSlot;
  /** Seconds from the show's start. */
  from: number;
  until: number;
  /** The position's id, or null in the wings. */
  position: string | null;
  /** The method says so of this step, or it is one in which it must be: no guess. */
  sure: boolean;
  /** On the whole stage, wherever it began. */
  wholeStage: boolean;
  /** The step, or how it got there. */
  during: string;
}

export interface Thing {
  hazard: HazardKind;
  /** Left behind, where a method says so. */
  leaves: readonly ResidueKind[];
  /** Seconds it stays about after the last step, where the method does not say how long. */
  lingers: number;
}

/** Our own marks, on the long side, where a method says nothing else. */
export const THINGS = {
  flame: { hazard: 'openFlame', leaves: [], lingers: 120 },
  hotSurface: { hazard: 'hot', leaves: ['heat'], lingers: 900 },
  spark: { hazard: 'highVoltage', leaves: ['charge'], lingers: 120 },
  vapour: { hazard: 'flammableVapour', leaves: ['vapour'], lingers: 300 },
  oxygen: { hazard: 'oxidiser', leaves: ['oxygen'], lingers: 300 },
  dust: { hazard: 'dust', leaves: [], lingers: 300 },
  wet: { hazard: 'splash', leaves: ['water', 'foam'], lingers: 300 },
  slippery: { hazard: 'slip', leaves: ['water', 'foam'], lingers: 300 },
  magnet: { hazard: 'strongMagnet', leaves: [], lingers: 0 },
} as const satisfies Record<string, Thing>;

export type ThingName = keyof typeof THINGS;

/** True where the method has it, by its hazards, what it leaves, or what it uses and has not ruled out. */
function has({ method }: ResolvedSlot, thing: Thing, bundle: ShowBundle): boolean {
  if (method.hazards.some(({ kind }) => kind === thing.hazard)) return true;
  if (method.ruledOut.some(({ kind }) => kind === thing.hazard)) return false;
  return pointsTo(method, bundle.items).some(({ kind }) => kind === thing.hazard);
}

/** Everywhere that a slot brings a thing to. */
export function presencesOf(
  bundle: ShowBundle,
  timeline: Timeline,
  of: ResolvedSlot,
  name: ThingName,
): Presence[] {
  const thing: Thing = THINGS[name];
  const { slot, method } = of;
  const left = method.leaves.filter(({ kind }) => thing.leaves.includes(kind));
  const mine = timeline.tasks.filter((placed) => placed.slot === slot.id);
  const block = timeline.blocks.find((one) => one.slot === slot.id);
  if (!block || (left.length === 0 && !has(of, thing, bundle))) return [];
  const found: Presence[] = [];
  const listed = has(of, thing, bundle);
  if (listed) {
    const named = isPlacedIn(method.tasks, thing.hazard);
    const tasks = new Map(tasksWith(method.tasks, thing.hazard).map((task) => [task.id, task]));
    for (const placed of mine) {
      const task = tasks.get(placed.task);
      if (!task || isClearing(placed.task)) continue;
      found.push({
        of,
        from: placed.start,
        until: placed.end,
        position: placed.position,
        sure: named || placed.phase !== 'prepare',
        wholeStage: false,
        during: task.name,
      });
    }
  }
  const last = Math.max(block.end, ...found.map(({ until }) => until));
  for (const residue of left) {
    const clearing = mine.find((placed) => placed.task === `clear-${residue.id}`);
    found.push({
      of,
      from: block.start,
      until: clearing?.end ?? block.end + residue.time.longest,
      position: slot.positionId,
      sure: true,
      wholeStage: residue.where === 'stage',
      during: 'what it leaves',
    });
  }
  if (listed && left.length === 0 && thing.lingers > 0) {
    // Hands that clear a place dry it; they take no gas out of the air and no heat out of a plate.
    const dried = name === 'wet' || name === 'slippery';
    const resets = mine.filter(({ phase, start }) => phase === 'reset' && start >= block.end);
    const from = Math.max(...found.filter(({ sure }) => sure).map(({ until }) => until), block.end);
    if (!dried || resets.length === 0)
      found.push({
        of,
        from,
        until: Math.max(from, last) + thing.lingers,
        position: slot.positionId,
        sure: true,
        wholeStage: false,
        during: 'just after it',
      });
  }
  return found;
}
