/**
 * Whether a slot could begin at this moment: each piece of work before it done, its window open, and its
 * place, things, hands and what must not be about as the rules ask. What protects somebody is a gate.
 */
import { taskKey } from '../../keys';
import { amountUsed } from '../../lineup/equipment';
import type { Lag } from '../../lineup/network';
import { RESIDUE_WORDS } from '../../lineup/residues';
import type { PlanResidue } from '../../lineup/types';
import type { Task } from '../../repertoire/types';
import type { TimedPart } from './parts';
import type { Found } from './retime';
import type { LiveShow, LiveTask } from './types';

export const MISSING_KINDS = [
  'work',
  'blocked',
  'early',
  'spent',
  'position',
  'equipment',
  'people',
  'residue',
] as const;

/** One thing that a slot still waits for. */
export interface Missing {
  /** early: its window is not open yet; spent: it is over. */
  kind: (typeof MISSING_KINDS)[number];
  /** “Table drying” */
  words: string;
  /** Ids of those who have it. */
  people: string[];
  /** When that is over by the plan, on the live plan’s clock; null where the plan has no end for it. */
  until: number | null;
  /** It protects somebody: going past it takes a deliberate second step. */
  gate: boolean;
  /** The piece of work that would end it; null where there is none. */
  work: { slot: string; task: string } | null;
}

export interface Readiness {
  slot: string;
  missing: Missing[];
  /** When it may begin by the plan. */
  from: number;
  /** Somebody said of all its work that it is done; otherwise some is taken to have gone by the plan. */
  said: boolean;
}

class Reading {
  constructor(
    private readonly show: LiveShow,
    private readonly found: Found,
    private readonly part: TimedPart,
    /** The moment at which the slot would begin. */
    private readonly at: number,
  ) {}

  private taskOf(part: string, task: string): LiveTask | undefined {
    return this.found.plan.tasks.find((one) => one.part === part && one.task === task);
  }

  private missing(
    kind: Missing['kind'],
    words: string,
    of: LiveTask | null,
    more: Partial<Missing> = {},
  ): Missing {
    return {
      kind,
      words,
      people: of?.people ?? [],
      until: of?.end ?? null,
      gate: false,
      work: of && { slot: of.slot, task: of.task },
      ...more,
    };
  }

  /** When what comes after a lag begins, if the slot begins now. */
  private useAt({ to }: Lag): number | null {
    const step = this.part.net.steps.find(({ task }) => task === to);
    return step ? this.at + step.start : null;
  }

  private work(task: Task): Missing[] {
    const { net, id } = this.part;
    const placed = this.taskOf(id, task.id);
    if (!placed) return [];
    if (placed.state === 'blocked') return [this.missing('blocked', task.name, placed)];
    const uses = net.lags.filter(({ from }) => from === task);
    const wanted = [
      ...(net.endByBlock.has(task.id) ? [this.at] : []),
      ...uses.flatMap((lag) => this.useAt(lag) ?? []),
    ];
    if (placed.state !== 'done') {
      const tooLate = wanted.some((use) => placed.end > use);
      return tooLate ? [this.missing('work', task.name, placed)] : [];
    }
    return uses.flatMap((lag): Missing[] => {
      const use = this.useAt(lag);
      if (use === null) return [];
      const opens = placed.end + lag.least;
      if (use < opens)
        return [this.missing('early', task.name, placed, { until: opens - (use - this.at) })];
      const until = placed.end + (lag.greatest ?? Infinity);
      return use > until ? [this.missing('spent', task.name, placed, { until })] : [];
    });
  }

  /** Stretches that came before, or are on, and whatever else has been begun. */
  private others(): TimedPart[] {
    const place = this.found.parts.indexOf(this.part);
    return this.found.parts.filter(
      (part, i) =>
        part.slotId !== this.part.slotId &&
        (part.kind === 'toCome' ? part.fixed.size > 0 || part.inHand !== null : i < place),
    );
  }

  private position(): Missing[] {
    const { positionId } = this.part.slot;
    if (positionId === null) return [];
    const name = this.show.input.positions.find(({ id }) => id === positionId)?.name ?? '';
    return this.others().flatMap((part): Missing[] => {
      if (part.slot.positionId !== positionId) return [];
      if (part.kind === 'on' || (part.kind === 'toCome' && part.inHand !== null))
        return [this.missing('position', `${name}: ${part.slot.name} is on`, null)];
      if (part.kind === 'toCome') {
        const laid = part.net.before.some(
          ({ id, place }) => place === 'stage' && part.fixed.has(id),
        );
        return laid ? [this.missing('position', `${name}: ${part.slot.name} is set up`, null)] : [];
      }
      return part.net.following.flatMap((task): Missing[] => {
        const placed = task.place === 'stage' ? this.taskOf(part.id, task.id) : undefined;
        return placed && placed.end > this.at
          ? [this.missing('position', `${name}: ${task.name}`, placed)]
          : [];
      });
    });
  }

  private isHere(part: TimedPart, left: PlanResidue): boolean {
    const here = part.slot.positionId;
    return left.where === 'stage' || (here !== null && here === this.part.slot.positionId);
  }

  private residues(): Missing[] {
    return this.others().flatMap((part): Missing[] => {
      if (part.start === null) return [];
      const block = this.found.plan.blocks.find((one) => one.part === part.id);
      return part.slot.leaves.flatMap((left): Missing[] => {
        if (!this.part.slot.forbids.includes(left.kind) || !this.isHere(part, left)) return [];
        const placed = left.task === null ? undefined : this.taskOf(part.id, left.task);
        const until = placed ? placed.end : (block?.end ?? 0) + left.seconds;
        if (until <= this.at) return [];
        const words = `${RESIDUE_WORDS[left.kind]} from ${part.slot.name}`;
        return [this.missing('residue', words, placed ?? null, { until, gate: true })];
      });
    });
  }

  private equipment(): Missing[] {
    return this.show.input.equipment.flatMap(({ id, name, owned }): Missing[] => {
      const wanted = amountUsed(this.part.slot, id);
      if (wanted === 0) return [];
      const having = this.others().filter((part) => {
        if (amountUsed(part.slot, id) === 0) return false;
        const tasks = this.found.plan.tasks.filter((task) => task.part === part.id);
        const resets = tasks.filter(({ phase, end }) => phase === 'reset' && end > this.at);
        const taken = part.inHand !== null || part.fixed.size > 0;
        return part.kind === 'toCome' || part.kind === 'on' ? taken : resets.length > 0;
      });
      const used = having.reduce((sum, part) => sum + amountUsed(part.slot, id), 0);
      if (used + wanted <= owned) return [];
      const names = having.map((part) => part.slot.name).join(', ');
      return [this.missing('equipment', `${name}: with ${names}`, null)];
    });
  }

  /** Those without whom its first step can’t be done, and who are busy. */
  private people(): Missing[] {
    const [first] = this.part.net.steps;
    const { performerId } = this.part.slot;
    const needed = first?.task.hands.some(({ role }) => role === 'performer') ?? false;
    if (!needed || performerId === null) return [];
    const person = this.show.input.crew.find(({ id }) => id === performerId);
    return this.found.plan.tasks
      .filter(
        ({ state, people, end }) =>
          state === 'underWay' && people.includes(performerId) && end > this.at,
      )
      .map((task) => this.missing('people', `${person?.name ?? ''} has ${task.name}`, task));
  }

  read(): Missing[] {
    return [
      ...this.residues(),
      ...this.part.net.before.flatMap((task) => this.work(task)),
      ...this.position(),
      ...this.equipment(),
      ...this.people(),
    ];
  }

  said(): boolean {
    return this.part.net.before.every((task) => {
      const known = this.found.known.work.get(taskKey({ slot: this.part.id, task: task.id }));
      return known?.said ?? false;
    });
  }
}

/**
 * What is missing for a slot that is to come to begin at a moment, in seconds on the live plan’s clock.
 * Null for one that is on already, or is not to come.
 */
export function readinessOf(
  show: LiveShow,
  found: Found,
  slotId: string,
  at = found.plan.now,
): Readiness | null {
  const part = found.parts.find(({ slotId: id, kind }) => id === slotId && kind === 'toCome');
  const block = found.plan.blocks.find(({ part: id }) => id === part?.id);
  if (!part || !block || part.inHand !== null) return null;
  const reading = new Reading(show, found, part, at);
  return { slot: slotId, missing: reading.read(), from: block.start, said: reading.said() };
}
