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
  /** Null where no kind of hazard says that it is there, only what is used. */
  hazard: HazardKind | null;
  /** Equipment that is it, by its name. */
  items?: RegExp;
  /** Left behind, where a method says so. */
  leaves: readonly ResidueKind[];
  /** Seconds it stays about after the last step, where the method does not say how long. */
  lingers: number;
  /** Hands that clear the place take it away. */
  cleared?: boolean;
}

/** Our own marks, on the long side, where a method says nothing else. */
export const THINGS = {
  flame: { hazard: 'openFlame', leaves: [], lingers: 120 },
  hotSurface: { hazard: 'hot', leaves: ['heat'], lingers: 900 },
  spark: { hazard: 'highVoltage', leaves: ['charge'], lingers: 120 },
  vapour: { hazard: 'flammableVapour', leaves: ['vapour'], lingers: 300 },
  oxygen: { hazard: 'oxidiser', leaves: ['oxygen'], lingers: 300 },
  dust: { hazard: 'dust', leaves: [], lingers: 300 },
  wet: { hazard: 'splash', leaves: ['water', 'foam'], lingers: 300, cleared: true },
  slippery: { hazard: 'slip', leaves: ['water', 'foam'], lingers: 300, cleared: true },
  magnet: { hazard: 'strongMagnet', leaves: [], lingers: 120, cleared: true },
  electronics: {
    hazard: null,
    items:
      /phone|tablet|laptop|computer|camera|projector|microphone|\bbalance\b|\bscales?\b|loudspeaker|amplifier|sensor|logger|timer|bank card|screen\b/i,
    leaves: [],
    lingers: 0,
  },
} as const satisfies Record<string, Thing>;

export type ThingName = keyof typeof THINGS;

/** True where the method has it, by its hazards, what it leaves, or what it uses and has not ruled out. */
export function has({ method }: ResolvedSlot, name: ThingName, bundle: ShowBundle): boolean {
  const thing: Thing = THINGS[name];
  const { items } = thing;
  if (items) {
    const used = new Set(method.kit.map(({ itemId }) => itemId));
    return bundle.items.some(
      ({ id, name: called, kind }) => kind === 'equipment' && used.has(id) && items.test(called),
    );
  }
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
  if (!block || (left.length === 0 && !has(of, name, bundle))) return [];
  const found: Presence[] = [];
  const listed = has(of, name, bundle);
  if (listed) {
    const { hazard } = thing;
    // What is used is there from setting it out to clearing it away.
    const named = hazard === null || isPlacedIn(method.tasks, hazard);
    const there = hazard === null ? method.tasks : tasksWith(method.tasks, hazard);
    const tasks = new Map(there.map((task) => [task.id, task]));
    for (const placed of mine) {
      const task = tasks.get(placed.task);
      if (!task || isClearing(placed.task)) continue;
      found.push({
        of,
        from: placed.start,
        until: placed.end,
        position: placed.position,
        sure: named || placed.phase === 'perform' || placed.phase === 'reset',
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
    // They take no gas out of the air and no heat out of a plate.
    const resets = mine.filter(({ phase, start }) => phase === 'reset' && start >= block.end);
    const from = Math.max(...found.filter(({ sure }) => sure).map(({ until }) => until), block.end);
    if (!thing.cleared || resets.length === 0)
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
