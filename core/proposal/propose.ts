/**
 * A show proposed: which demonstrations, in which order. As much worth as goes into the time with the wanted chance of
 * ending in it, dead air least, the energy in an arc, no two of a family where one would do.
 */
import type { ShowBundle, Slot } from '../brief/types';
import type { Wishes } from '../brief/wishes';
import { meanBeyond } from '../lineup/forecast/frozen';
import { policiesOf, type TriedMethod } from '../lineup/forecast/fromBundle';
import type { SlotPolicy } from '../lineup/forecast/types';
import { lineupInput } from '../lineup/fromBundle';
import { traitsOf } from '../lineup/order/fromBundle';
import {
  leastArcDistance,
  objectiveOf,
  type SlotTraits,
  wantedEnergy,
} from '../lineup/order/objective';
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
  worthOf,
} from './choose';
import type { Option } from './fits';
import { HeldShows } from './held';
import { choosingWeights, MIDDLING, pointsOf } from './points';

/** Of the best found so many are looked at once more. */
const POLISHED = 1;
/** With so many slots at the most every order is looked at for each choice. */
const FEW = 4;
/** Slots of a proposal at the most. */
const MOST_SLOTS = 12;
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
  /** Of ending by the hard finish. */
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
  /** Choices put in order at the most. */
  sets: number;
  /** Orders looked at for each of the best at the end, and of small ones at once. */
  polish: number;
  /** How many of the best are told. */
  kept: number;
}

export const QUICK_LIMITS: ProposalLimits = { sets: 60, polish: 400, kept: 4 };

const PARTS = 200_000;

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
  private readonly held: HeldShows;
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
      weights: choosingWeights(weights),
    };
    this.held = new HeldShows(this.policies, this.share, this.room);
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
    if (alone.slots.length === 0) return new Float64Array(this.held.size);
    return this.held.few.filled(alone, schedule(alone, new Budget(EFFORT.trial)));
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

  isTooMuch(set: readonly number[]): boolean {
    const all = new Float64Array(this.held.size);
    for (const i of set) {
      const takes = this.takes[i];
      if (takes) for (let r = 0; r < all.length; r++) all[r] = (all[r] ?? 0) + (takes[r] ?? 0);
    }
    return !this.held.holdsBy(all);
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

  /** What an order comes to, by one short look at its clock. */
  private costOf(input: LineupInput): number {
    const timeline = schedule(input, new Budget(EFFORT.bound));
    const { arc, weights } = this.wishes;
    const late = meanBeyond(this.held.few.ends(input, timeline), this.room);
    const inOrder = input.slots.flatMap(({ id }) => this.traits.get(id) ?? []);
    const { total } = objectiveOf(timeline, inOrder, arc, weights, late);
    return total;
  }

  /** A good order of a set, quickly: along the arc, and the better of each two neighbours that change places. */
  private quickOrder(first: readonly string[]): OrderCost {
    const fixed = new Set(this.must.map((i) => this.slots[i]?.id));
    let ids = [...first];
    let best = this.costOf(this.inOrder(ids));
    for (let at = 0; at + 1 < ids.length; at++) {
      const [a, b] = [ids[at], ids[at + 1]];
      if (a === undefined || b === undefined || fixed.has(a) || fixed.has(b)) continue;
      const swapped = ids.toSpliced(at, 2, b, a);
      const cost = this.costOf(this.inOrder(swapped));
      if (cost < best) [ids, best] = [swapped, cost];
    }
    return { ids, cost: best, proven: false };
  }

  /** A good order of a set: a quick one, or one with as long a look as proves it. */
  private ordered(input: LineupInput, orders: number): OrderCost {
    if (countable(input).conflicts.length > 0) return { ids: [], cost: Infinity, proven: true };
    if (orders === 0) return this.quickOrder(input.slots.map(({ id }) => id));
    const look = { seed: SEED, most: orders };
    const search = suggestOrder(input, this.traits, this.wishes, look, this.policies);
    const { slots, objective, proven, refused, wishesKept } = lastOf(search);
    const isFit = refused.length === 0 && wishesKept;
    return { ids: isFit ? slots : [], cost: objective.total, proven };
  }

  /** Of few in few places every order is looked at, so that the choice can be proven; else a short look will do. */
  judge = (set: readonly number[]): SetJudged =>
    this.inBestOrder(set, this.isSmall && set.length <= FEW ? this.limits.polish : 0);

  private inBestOrder(set: readonly number[], orders: number): SetJudged {
    const ids = this.idsOf(set);
    const first = this.must.length > 0 ? ids : this.alongArc(ids);
    const part = this.inOrder(first);
    const { ids: order, cost, proven } = this.ordered(part, orders);
    const numbers = (order.length > 0 ? order : first).map((id) =>
      this.slots.findIndex((slot) => slot.id === id),
    );
    return this.judgedAs(numbers, order.length > 0 ? cost : Infinity, proven);
  }

  private judgedAs(numbers: number[], cost: number, proven: boolean): SetJudged {
    const input = this.inOrder(this.idsOf(numbers));
    const timeline = schedule(input, new Budget(EFFORT.trial));
    const { chance, holds } = this.held.chanceOf(input, timeline);
    this.chances.set(numbers.join(), chance);
    const kept = new Set(this.must.map((i) => this.slots[i]?.id));
    const clashes = timeline.conflicts.some(({ slot }) => slot !== '' && !kept.has(slot));
    return {
      cost,
      order: numbers,
      holds: holds && cost < Infinity && !clashes,
      proven,
    };
  }

  /** One more in an order, where it costs least. */
  private putIn(order: readonly number[], more: number): SetJudged {
    const places = Array.from({ length: order.length - this.must.length + 1 }, (_, k) => {
      const numbers = order.toSpliced(this.must.length + k, 0, more);
      return { numbers, cost: this.costOf(this.inOrder(this.idsOf(numbers))) };
    });
    const [best] = places.sort((a, b) => a.cost - b.cost);
    return this.judgedAs(best?.numbers ?? [...order, more], best?.cost ?? Infinity, false);
  }

  /** The best choices once more, each with as long a look for its order as one has that is asked for by itself. */
  polished(found: ChoiceFound): ChoiceFound {
    const best = found.best
      .map((one, rank): SetFound => {
        if (rank >= POLISHED) return one;
        const judged = this.inBestOrder(one.judged.order, this.limits.polish);
        const isBetter = judged.holds && judged.cost < one.judged.cost;
        return isBetter ? { ...one, judged, score: one.worth - judged.cost } : one;
      })
      .sort((a, b) => b.score - a.score);
    return { ...found, best };
  }

  /** Without the one that clashes, or makes the audience wait longest. */
  lessOf(set: readonly number[], { order }: SetJudged): readonly number[] | null {
    const input = this.inOrder(this.idsOf(order));
    const { conflicts, gaps } = schedule(input, new Budget(EFFORT.bound));
    const [worst] = gaps.toSorted((a, b) => b.seconds - a.seconds);
    const blamed = conflicts.find(({ slot }) => slot !== '')?.slot ?? worst?.slot;
    const out = set.find((i) => this.slots[i]?.id === blamed && !this.must.includes(i));
    const dearest = set.filter((i) => !this.must.includes(i)).at(-1);
    const gone = out ?? dearest;
    return gone === undefined || set.length < 2 ? null : set.filter((i) => i !== gone);
  }

  /** The best with one more in it, as often as that comes to more: of many, sets that are full may not have come by. */
  *filledUp(found: ChoiceFound): Generator<ChoiceFound, ChoiceFound, void> {
    let now = found;
    const others = this.choices
      .map((_, i) => i)
      .sort((a, b) => (this.choices[b]?.worth ?? 0) - (this.choices[a]?.worth ?? 0));
    for (const more of others) {
      const [top] = now.best;
      if (!top || top.set.length >= this.most) return now;
      const isIn = top.set.some((i) => this.choices[i]?.group === this.choices[more]?.group);
      const set = [...top.set, more];
      if (isIn || this.isTooMuch(set)) continue;
      const judged = this.putIn(top.judged.order, more);
      const worth = worthOf(this.choices, set);
      const one: SetFound = { set, worth, score: worth - judged.cost, judged };
      const isBetter = judged.holds && one.score > top.score;
      now = {
        ...now,
        tried: now.tried + 1,
        best: isBetter ? [one, ...now.best].slice(0, this.limits.kept) : now.best,
      };
      yield now;
    }
    return now;
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
    if (!done) {
      yield proposer.told(value);
      continue;
    }
    if (value.proven) return proposer.told(value);
    const filling = proposer.filledUp(value);
    for (;;) {
      const { done: isFull, value: fuller } = filling.next();
      if (isFull) return proposer.told(proposer.polished(fuller));
      yield proposer.told(fuller);
    }
  }
}
