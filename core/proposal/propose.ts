/**
 * A show proposed: which demonstrations, in which order. As much worth as goes into the time with the wanted chance of
 * ending in it, dead air least, the energy in an arc, no two of a family where one would do.
 */
import type { ShowBundle, Slot } from '../brief/types';
import type { Wishes } from '../brief/wishes';
import { atLeastOne } from '../chance/success';
import { FrozenShows } from '../lineup/forecast/frozen';
import { policiesOf, type TriedMethod } from '../lineup/forecast/fromBundle';
import type { SlotPolicy } from '../lineup/forecast/types';
import { lineupInput } from '../lineup/fromBundle';
import { traitsOf } from '../lineup/order/fromBundle';
import { leastArcDistance, type SlotTraits, wantedEnergy } from '../lineup/order/objective';
import { Orders } from '../lineup/order/orders';
import { searchOrder } from '../lineup/order/permute';
import { suggestOrder } from '../lineup/order/suggest';
import { countable } from '../lineup/countable';
import { schedule } from '../lineup/schedule';
import type { LineupInput } from '../lineup/types';
import { EFFORT } from '../lineup/effort';
import { Budget } from '../solver/budget';
import {
  type Choice,
  type ChoiceFound,
  type ChoiceProblem,
  choose,
  MOST_PROVEN,
  type SetFound,
  type SetJudged,
} from './choose';
import type { Option } from './fits';

/** Points of a demonstration of one minute and of middling energy that always works. Our own mark. */
const POINTS = 100;
/** Energy that counts as much as it is. */
const MIDDLING = 3;
/** What this audience saw last time is worth so much of what it would be. Our own mark. */
const SEEN_SHARE = 0.25;
/** Chance of working of what was never done here. Our own mark. */
const UNTRIED = 0.8;
/** Slots of a proposal at the most. */
const MOST_SLOTS = 12;
/** The same simulated shows as every order is held against. */
const SHOWS = 200;
const SEED = 1;

export interface ProposalInput {
  /** The booking. Its slots stay; the others are chosen to go with them. */
  bundle: ShowBundle;
  /** Those that would do. */
  options: readonly Option[];
  records: readonly TriedMethod[];
  /** Demonstrations that this audience saw last time. */
  seen: ReadonlySet<string>;
  /** Chance of ending in time, at the least. */
  wanted: number;
}

export interface Proposal {
  /** In their order. */
  slots: Slot[];
  score: number;
  /** Of ending by the hard finish, in the shows that all orders are held against. */
  chance: number;
}

export interface ProposalFound {
  /** The best first, each another choice. Empty while nothing goes in. */
  proposals: Proposal[];
  /** No other choice comes to more. */
  proven: boolean;
  /** Choices that were put in order. */
  tried: number;
}

export interface ProposalLimits {
  /** Choices put in order at the most, and orders of each at first. */
  sets: number;
  orders: number;
  /** Orders of the best at the end. */
  polish: number;
  /** How many of the best are told. */
  kept: number;
}

export const QUICK_LIMITS: ProposalLimits = { sets: 40, orders: 16, polish: 400, kept: 4 };

const PARTS = 200_000;

/** What it is worth to an audience: longer is more, but not in proportion; louder is more; what fails is less. */
export function pointsOf(
  { demo, seconds }: Pick<Option, 'demo' | 'seconds'>,
  policy: SlotPolicy | undefined,
  isSeen: boolean,
): number {
  const record = policy?.record ?? null;
  const each = record && record.worked + record.failed > 0 ? chanceOf(record) : UNTRIED;
  const works = atLeastOne(each, 1 + (policy?.again ?? 0));
  const size = 1 + seconds / 60;
  return (POINTS * size * (2 + demo.energy) * works * (isSeen ? SEEN_SHARE : 1)) / (2 + MIDDLING);
}

const chanceOf = ({ worked, failed }: { worked: number; failed: number }): number =>
  (worked + 0.5) / (worked + failed + 1);

interface OrderCost {
  /** Empty where no order will do. */
  ids: string[];
  cost: number;
  proven: boolean;
}

/** What a search ends with. */
function lastOf<T>(search: Generator<T, T, void>): T {
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}

class Proposer implements ChoiceProblem {
  readonly choices: Choice[] = [];
  readonly must: number[];
  readonly room: number;
  readonly most: number;
  private readonly input: LineupInput;
  private readonly traits: Map<string, SlotTraits>;
  private readonly policies: Map<string, SlotPolicy>;
  private readonly wishes: Wishes;
  private readonly shows: FrozenShows;
  /** What each takes in each show. */
  private readonly takes: Float64Array[] = [];
  private readonly slots: Slot[];
  /** Of ending in time, of orders that were judged. */
  private readonly chances = new Map<string, number>();

  constructor(
    { bundle, options, records, seen, wanted }: ProposalInput,
    private readonly limits: ProposalLimits,
    readonly share = wanted,
  ) {
    const { show } = bundle;
    const there = new Set(show.slots.map(({ demoId }) => demoId));
    const others = options.filter(({ demo }) => !there.has(demo.id));
    this.slots = [...show.slots, ...others.map(({ slot }) => slot)];
    const demos = [
      ...bundle.demos.filter(({ id }) => others.every(({ demo }) => demo.id !== id)),
      ...new Map(others.map(({ demo }) => [demo.id, demo])).values(),
    ];
    const whole: ShowBundle = { ...bundle, demos, show: { ...show, slots: this.slots } };
    this.input = lineupInput(whole);
    this.room = this.input.hardFinish;
    this.traits = traitsOf(whole);
    this.policies = policiesOf(whole, records);
    const { arc, weights } = show.wishes;
    this.wishes = {
      ...show.wishes,
      arc: arc === 'none' ? 'twoPeaks' : arc,
      // What ends too late is no choice at all: how late it would be weighs little beside that.
      weights: { ...weights, late: weights.deadAir },
    };
    this.shows = new FrozenShows(this.policies, SHOWS, SEED);
    this.must = show.slots.map((_, i) => i);
    this.most = Math.max(MOST_SLOTS, this.must.length);
    this.slots.forEach((slot, i) => {
      const option = others[i - show.slots.length];
      const takes = this.takesOf(slot.id);
      this.takes.push(takes);
      this.choices.push({
        group: slot.demoId ?? slot.id,
        family: option?.demo.family ?? `only ${slot.demoId ?? slot.id}`,
        worth: option ? pointsOf(option, this.policies.get(slot.id), seen.has(option.demo.id)) : 0,
        weight: this.leastOf(takes),
      });
    });
  }

  private inOrder(ids: readonly string[]): LineupInput {
    const slotOf = (id: string) => this.input.slots.find((slot) => slot.id === id) ?? [];
    return { ...this.input, slots: ids.flatMap(slotOf) };
  }

  /** Few enough that the best choice can be proven. */
  private get isSmall(): boolean {
    return this.choices.length - this.must.length <= MOST_PROVEN;
  }

  private takesOf(id: string): Float64Array {
    const alone = this.inOrder([id]);
    if (alone.slots.length === 0) return new Float64Array(SHOWS);
    return this.shows.filled(alone, schedule(alone, new Budget(EFFORT.trial)));
  }

  /** The mean of the wanted share of shows in which it is shortest: together they are no longer than the room. */
  private leastOf(takes: Float64Array): number {
    const count = Math.max(1, Math.ceil(this.share * takes.length));
    return (
      takes
        .toSorted()
        .slice(0, count)
        .reduce((sum, one) => sum + one, 0) / count
    );
  }

  private inTime(ends: ArrayLike<number>): number {
    let count = 0;
    for (let i = 0; i < ends.length; i++) if ((ends[i] ?? 0) <= this.room) count++;
    return count / Math.max(1, ends.length);
  }

  isTooMuch(set: readonly number[]): boolean {
    const all = new Float64Array(SHOWS);
    for (const i of set) {
      const takes = this.takes[i];
      if (takes) for (let r = 0; r < all.length; r++) all[r] = (all[r] ?? 0) + (takes[r] ?? 0);
    }
    return this.inTime(all) < this.share;
  }

  private idsOf = (set: readonly number[]): string[] => set.map((i) => this.slots[i]?.id ?? '');

  floor(set: readonly number[]): number {
    const { arc, weights } = this.wishes;
    const energies = this.idsOf(set).map((id) => this.traits.get(id)?.energy ?? MIDDLING);
    return leastArcDistance(arc, energies) * weights.arc;
  }

  /** Ids so that their energies follow the arc: where it is wanted most, there is most of it. */
  private alongArc(ids: readonly string[]): string[] {
    const energy = (id: string): number => this.traits.get(id)?.energy ?? MIDDLING;
    const wanted = wantedEnergy(this.wishes.arc, ids.length);
    const places = wanted.map((_, at) => at).sort((a, b) => (wanted[a] ?? 0) - (wanted[b] ?? 0));
    const sorted = ids.toSorted((a, b) => energy(a) - energy(b));
    const along: string[] = [];
    places.forEach((at, k) => {
      along[at] = sorted[k] ?? '';
    });
    return along;
  }

  /** A good order of a set: a short look, or as long a one as proves it. */
  private ordered(input: LineupInput, orders: number): OrderCost {
    if (orders > this.limits.orders) {
      const look = { seed: SEED, most: orders };
      const search = suggestOrder(input, this.traits, this.wishes, look, this.policies);
      const { slots, objective, proven, refused, wishesKept } = lastOf(search);
      const isFit = refused.length === 0 && wishesKept;
      return { ids: isFit ? slots : [], cost: objective.total, proven };
    }
    if (countable(input).conflicts.length > 0) return { ids: [], cost: Infinity, proven: true };
    const all = new Orders(input, this.traits, this.wishes, this.policies);
    const { pinned, cost, floor, least, today } = all;
    const look = { seed: SEED, most: orders };
    const found = lastOf(searchOrder({ size: today.length, pinned, cost, floor, least }, look));
    return {
      ids: all.idsOf(found.order),
      cost: all.judge(found.order, EFFORT.trial).objective.total,
      proven: found.proven,
    };
  }

  judge = (set: readonly number[]): SetJudged =>
    this.inBestOrder(set, this.isSmall ? this.limits.polish : this.limits.orders);

  private inBestOrder(set: readonly number[], orders: number): SetJudged {
    const ids = this.idsOf(set);
    const first = this.must.length > 0 ? ids : this.alongArc(ids);
    const part = this.inOrder(first);
    const { ids: order, cost, proven } = this.ordered(part, orders);
    const input = this.inOrder(order.length > 0 ? order : first);
    const timeline = schedule(input, new Budget(EFFORT.trial));
    const chance = this.inTime(this.shows.ends(input, timeline));
    const numbers = input.slots.map(({ id }) => this.slots.findIndex((slot) => slot.id === id));
    this.chances.set(numbers.join(), chance);
    const kept = new Set(this.must.map((i) => this.slots[i]?.id));
    const clashes = timeline.conflicts.some(({ slot }) => slot !== '' && !kept.has(slot));
    return {
      cost,
      order: numbers,
      holds: order.length > 0 && !clashes && chance >= this.share,
      proven,
    };
  }

  /** The best choices once more, each with as long a look for its order as one has that is asked for by itself. */
  polished(found: ChoiceFound): ChoiceFound {
    const best = found.best
      .map((one): SetFound => {
        const judged = this.inBestOrder(one.judged.order, this.limits.polish);
        const isBetter = judged.holds && judged.cost < one.judged.cost;
        return isBetter ? { ...one, judged, score: one.worth - judged.cost } : one;
      })
      .sort((a, b) => b.score - a.score);
    return { ...found, best };
  }

  told({ best, proven, tried }: ChoiceFound): ProposalFound {
    return {
      proven,
      tried,
      proposals: best.map(({ score, judged: { order } }) => ({
        slots: order.flatMap((i) => this.slots[i] ?? []),
        score,
        chance: this.chances.get(order.join()) ?? 0,
      })),
    };
  }
}

/** Looks for a show; tells the best so far whenever another choice was put in order. Stop asking, and it stops. */
export function* proposeShow(
  input: ProposalInput,
  limits: ProposalLimits = QUICK_LIMITS,
): Generator<ProposalFound, ProposalFound, void> {
  const proposer = new Proposer(input, limits);
  const search = choose(proposer, { judged: limits.sets, parts: PARTS, kept: limits.kept });
  for (;;) {
    const { done, value } = search.next();
    if (done) return proposer.told(value.proven ? value : proposer.polished(value));
    yield proposer.told(value);
  }
}
