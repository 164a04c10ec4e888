/** What is harmless alone, and not beside or after something else. */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import { RESIDUE_WORDS } from '../lineup/residues';
import type { Timeline } from '../lineup/types';
import type { HazardKind, ResidueKind } from '../repertoire/types';
import { type Verdict, verdict } from './verdict';

interface Pair {
  id: string;
  /** What the earlier one gives off, or leaves. */
  leaves: readonly ResidueKind[];
  hazards: readonly HazardKind[];
  /** What the later one has. */
  meets: readonly HazardKind[];
  level: 'stop' | 'fix';
  message: (first: string, second: string) => string;
  remedy: string;
  /** Only where both are at the same position, unless it lies on the whole stage. */
  samePlace: boolean;
}

const PAIRS: readonly Pair[] = [
  {
    id: 'oxygen-flame',
    leaves: ['oxygen'],
    hazards: ['oxidiser'],
    meets: ['openFlame'],
    level: 'stop',
    message: (first, second) => `${first} gives off oxygen, and ${second} has a flame.`,
    remedy:
      'Air the stage between them, put something longer between, or move one to the other end.',
    samePlace: false,
  },
  {
    id: 'vapour-spark',
    leaves: ['vapour'],
    hazards: ['flammableVapour'],
    meets: ['highVoltage', 'openFlame'],
    level: 'stop',
    message: (first, second) => `${first} leaves flammable vapour, and ${second} can light it.`,
    remedy: 'Close and carry the liquid away, air the stage, or do the other one first.',
    samePlace: false,
  },
  {
    id: 'wet-voltage',
    leaves: ['water', 'foam'],
    hazards: ['splash', 'slip'],
    meets: ['highVoltage'],
    level: 'fix',
    message: (first, second) => `${first} leaves it wet, and ${second} is high voltage.`,
    remedy: 'Dry it first: say in the demo that it must not be wet, and the line-up waits for it.',
    samePlace: true,
  },
];

/** Seconds after a block for which what it gives off counts, where no residue says how long. */
const LINGERS = 300;

interface Lingering {
  /** Seconds from the show's start until which the earlier one matters. */
  until: number;
  wholeStage: boolean;
  /** The method says that it leaves this: the line-up waits for it where the later one forbids it. */
  leaves: readonly ResidueKind[];
}

/** How long the earlier one matters; null when it leaves nothing of the kind. */
function lingering(
  { slot, method }: ResolvedSlot,
  pair: Pair,
  timeline: Timeline,
): Lingering | null {
  const end = timeline.blocks.find((block) => block.slot === slot.id)?.end;
  if (end === undefined) return null;
  const left = method.leaves.filter((residue) => pair.leaves.includes(residue.kind));
  if (left.length > 0) {
    const cleared = left.map((residue) => {
      const task = timeline.tasks.find(
        (placed) => placed.slot === slot.id && placed.task === `clear-${residue.id}`,
      );
      return task?.end ?? end + residue.time.longest;
    });
    return {
      until: Math.max(...cleared),
      wholeStage: left.some((residue) => residue.where === 'stage'),
      leaves: left.map((residue) => residue.kind),
    };
  }
  if (!method.hazards.some((hazard) => pair.hazards.includes(hazard.kind))) return null;
  // Hands that clear the place dry it; they take no gas out of the air.
  const resets = timeline.tasks.filter(
    (placed) => placed.slot === slot.id && placed.start >= end && placed.phase !== 'perform',
  );
  const until =
    pair.samePlace && resets.length > 0
      ? Math.max(...resets.map((placed) => placed.end))
      : end + LINGERS;
  return { until, wholeStage: false, leaves: [] };
}

const forbidden = (later: ResolvedSlot, kind: ResidueKind): boolean =>
  later.method.forbids.includes(kind);

/** Oxygen and a flame in one and the same demonstration: meant so, and to be watched. */
const within = ({ slot, demo, method }: ResolvedSlot): Verdict[] => {
  const has = (kind: HazardKind): boolean => method.hazards.some((one) => one.kind === kind);
  const oxygen = has('oxidiser') || method.leaves.some((residue) => residue.kind === 'oxygen');
  if (!oxygen || !has('openFlame')) return [];
  return [
    verdict({
      key: `pair:oxygen-flame:${slot.id}`,
      kind: 'combination',
      level: 'watch',
      title: demo.name,
      message: 'Gives off oxygen beside its own flame: whatever burns there burns fiercely.',
      remedy:
        'The smallest amount; hair, sleeves and paper away; the flame put out before the oxygen is let go.',
      limit: 'no oxygen beside a flame that is not part of it',
      source: 'common practice',
      slotIds: [slot.id],
    }),
  ];
};

/** What must not meet: within one slot, and in pairs of which the later meets what the earlier leaves. */
export function combinationVerdicts(bundle: ShowBundle, timeline: Timeline): Verdict[] {
  const slots = resolveSlots(bundle);
  const startOf = (id: string): number =>
    timeline.blocks.find((block) => block.slot === id)?.start ?? Infinity;
  const between = slots.flatMap((first, i) =>
    slots.slice(i + 1).flatMap((second) =>
      PAIRS.flatMap((pair): Verdict[] => {
        if (!second.method.hazards.some((hazard) => pair.meets.includes(hazard.kind))) return [];
        const left = lingering(first, pair, timeline);
        if (!left || startOf(second.slot.id) >= left.until) return [];
        const elsewhere = first.slot.positionId !== second.slot.positionId;
        if (pair.samePlace && elsewhere && !left.wholeStage) return [];
        // The line-up waits for what a method says that it leaves; for anything else no time is known.
        if (left.leaves.length > 0 && left.leaves.every((kind) => forbidden(second, kind)))
          return [];
        return [
          verdict({
            key: `pair:${pair.id}:${first.slot.id}:${second.slot.id}`,
            kind: 'combination',
            level: pair.level,
            title: second.demo.name,
            message: pair.message(first.demo.name, second.demo.name),
            remedy: pair.remedy,
            limit: `no ${pair.leaves.map((kind) => RESIDUE_WORDS[kind]).join(' or ')} about`,
            source: 'common practice',
            slotIds: [first.slot.id, second.slot.id],
          }),
        ];
      }),
    ),
  );
  return [...slots.flatMap(within), ...between];
}
