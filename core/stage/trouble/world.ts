/**
 * A show that has not happened: how long everything takes, what works, and what goes wrong, drawn from the
 * forecast’s model and a seed. Each is drawn by its own name, so that what one decides changes nothing of
 * the rest.
 */
import { lookUp, quantiles, shapeOf } from '../../chance/beta';
import { expectedTime } from '../../lineup/forecast/expected';
import { randomFrom } from '../../chance/random';
import { belief } from '../../chance/success';
import { buildNetwork } from '../../lineup/network';
import type { Task } from '../../repertoire/types';
import type { LiveShow } from '../replan/types';

export const MISHAPS = ['declined', 'lateHelper', 'spill', 'missing', 'hallEarly'] as const;
export type MishapKind = (typeof MISHAPS)[number];

/** Something that nobody has in hand. Times in whole seconds of real time from the start. */
export interface Mishap {
  kind: MishapKind;
  at: number;
  /** What it strikes; empty where it strikes the whole show. */
  slot: string;
  task: string;
  /** How long it lasts, or by how much. */
  seconds: number;
}

/** How likely each is in a show that can have it. Common practice, no source. */
const CHANCES: Record<MishapKind, number> = {
  declined: 0.3,
  lateHelper: 0.3,
  spill: 0.2,
  missing: 0.15,
  hallEarly: 0.15,
};
/** Seconds: how long a helper is away, how long a thing is looked for, what the hall asks back. */
const AWAY = 60;
const LOOKED_FOR = 180;
const ASKED_BACK = 300;

/** A number of 32 bits from a seed and a name (FNV-1a). */
function hashed(seed: number, name: string): number {
  let hash = 0x811c9dc5 ^ seed;
  for (const letter of name) {
    hash ^= letter.codePointAt(0) ?? 0;
    hash = Math.imul(hash, 0x01000193);
  }
  return hash >>> 0;
}

export interface WorldOptions {
  seed: number;
  /** Without them, only times and failures are drawn. */
  mishaps: boolean;
}

export class World {
  readonly mishaps: readonly Mishap[];

  constructor(
    private readonly show: LiveShow,
    private readonly options: WorldOptions,
  ) {
    this.mishaps = options.mishaps ? this.drawMishaps() : [];
  }

  /** An even number from 0 up to, but not, 1, that belongs to a name. */
  private even(name: string): number {
    const { next } = randomFrom(hashed(this.options.seed, name));
    next();
    return next();
  }

  private taskOf(slot: string, task: string): Task | undefined {
    return this.show.input.slots.find(({ id }) => id === slot)?.tasks.find(({ id }) => id === task);
  }

  /** How long a task takes, the so-manieth time it is done, in whole seconds; at least one. */
  seconds(slot: string, task: string, time: number): number {
    const found = this.taskOf(slot, task);
    if (!found) return 1;
    const { mean, sd, low, high } = expectedTime(this.show.policies.get(slot), found);
    const shape = shapeOf(mean, sd, low, high);
    const drawn = shape
      ? low + (high - low) * lookUp(quantiles(shape), this.even(`${slot}/${task}/${time}`))
      : mean;
    const refused = this.mishaps.some(
      (one) => one.kind === 'declined' && one.slot === slot && one.task === task && time === 1,
    );
    return Math.max(1, Math.round(drawn + (refused ? found.time.likely : 0)));
  }

  /** Whether a go works: its chance is drawn once a night, as in the forecast. */
  works(slot: string, go: number): boolean {
    const policy = this.show.policies.get(slot);
    if (!policy?.record) return true;
    const { worked, failed } = policy.record;
    const each = lookUp(quantiles(belief(worked, worked + failed)), this.even(`${slot}/chance`));
    return this.even(`${slot}/go/${go}`) < each ** (policy.together ?? 1);
  }

  private drawMishaps(): Mishap[] {
    const { input, written, plan } = this.show;
    const pick = <T>(all: readonly T[], name: string): T | undefined =>
      all[Math.floor(this.even(name) * all.length)];
    const comes = (kind: MishapKind): boolean => this.even(`mishap/${kind}`) < CHANCES[kind];
    const before = input.slots.flatMap((slot) =>
      buildNetwork(slot)
        .before.filter(({ phase }) => phase === 'prepare')
        .map((task) => ({ slot: slot.id, task })),
    );
    const during = written.tasks.filter(({ phase, start }) => phase === 'prepare' && start > 0);
    const found: Mishap[] = [];
    const asked = plan.slots.flatMap(({ id, steps }) => {
      const fetch = steps.find(({ brief }) => brief.length > 0);
      return fetch ? [{ slot: id, task: fetch.task }] : [];
    });
    const volunteer = pick(asked, 'declined');
    if (volunteer && comes('declined'))
      found.push({ kind: 'declined', at: 0, ...volunteer, seconds: 0 });
    const late = pick(during, 'lateHelper');
    if (late && comes('lateHelper'))
      found.push({
        kind: 'lateHelper',
        at: late.start - 1,
        slot: late.slot,
        task: late.task,
        seconds: AWAY,
      });
    const laid = before.filter(({ task }) => task.place === 'stage');
    const spilt = pick(laid, 'spill');
    const block = written.blocks.find(({ slot }) => slot === spilt?.slot);
    if (spilt && block && block.start > 120 && comes('spill'))
      found.push({
        kind: 'spill',
        at: Math.round(block.start - 60),
        slot: spilt.slot,
        task: spilt.task.id,
        seconds: 0,
      });
    const lost = pick(during, 'missing');
    if (lost && comes('missing'))
      found.push({
        kind: 'missing',
        at: Math.max(1, lost.start - 30),
        slot: lost.slot,
        task: lost.task,
        seconds: LOOKED_FOR,
      });
    if (comes('hallEarly'))
      found.push({
        kind: 'hallEarly',
        at: Math.round(written.end * (0.3 + 0.4 * this.even('hall/when'))),
        slot: '',
        task: '',
        seconds: ASKED_BACK,
      });
    return found.sort((a, b) => a.at - b.at);
  }
}
