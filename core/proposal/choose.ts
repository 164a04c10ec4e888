/**
 * Which of many go into a show: a knapsack whose things are worth less beside others of their family, and whose contents
 * cost something that only shows when they are put in order.
 *
 * Few things: sets come in the order of what they are worth at the most (best first, A* over “in” and “out”; the bound is
 * the fractional knapsack of Dantzig 1957). Each is put in order by the caller. Once no set that is left is worth more
 * than the best one comes to in order, that one is proven. Many things: of the parts of sets that are decided so far only
 * those with the highest bounds are gone on with (beam search), and nothing is proven.
 */

export interface Choice {
  /** At most one of a group is chosen: ways of doing the same thing. */
  group: string;
  family: string;
  /** Points, by itself. */
  worth: number;
  /** Of the room there is, at the least. */
  weight: number;
}

export interface SetJudged {
  /** Points that its best order costs. */
  cost: number;
  /** Numbers in that order. */
  order: number[];
  /** The order keeps what must be kept. */
  holds: boolean;
  /** No other order costs less. */
  proven: boolean;
}

export interface ChoiceProblem {
  choices: readonly Choice[];
  /** Numbers that are always in. */
  must: readonly number[];
  room: number;
  /** Things at the most. */
  most: number;
  /** No order of it, or of more, can hold. */
  isTooMuch(set: readonly number[]): boolean;
  /** No order of it costs less. */
  floor(set: readonly number[]): number;
  judge(set: readonly number[]): SetJudged;
  /** A smaller set that may hold where this one does not; null for none. */
  lessOf?(set: readonly number[], judged: SetJudged): readonly number[] | null;
}

export interface SetFound {
  set: number[];
  worth: number;
  score: number;
  judged: SetJudged;
}

export interface ChoiceFound {
  /** The best first; each differs from those before it. Empty while nothing holds. */
  best: SetFound[];
  proven: boolean;
  /** Sets that were put in order. */
  tried: number;
}

export interface ChoiceLimits {
  /** Sets put in order at the most. */
  judged: number;
  /** Parts of sets looked at, at the most. */
  parts: number;
  /** How many of the best are kept. */
  kept: number;
}

/** What the second and the third of a family are worth, as a share of what they would be alone. Our own mark. */
const AGAIN = [1, 0.55, 0.3] as const;
const LATER = 0.2;

export const shareOf = (before: number): number => AGAIN[before] ?? LATER;

/** What a set is worth: of each family the one that is worth most counts in full. */
export function worthOf(choices: readonly Choice[], set: readonly number[]): number {
  const families = new Map<string, number[]>();
  for (const i of set) {
    const choice = choices[i];
    if (choice) families.set(choice.family, [...(families.get(choice.family) ?? []), choice.worth]);
  }
  return [...families.values()].reduce(
    (sum, worths) =>
      sum + worths.toSorted((a, b) => b - a).reduce((all, worth, k) => all + worth * shareOf(k), 0),
    0,
  );
}

/** With more to decide on than this, the best set is looked for and not proven. */
export const MOST_PROVEN = 14;
/** Parts that are gone on with, of many. */
const BEAM = 100;

/** Of very many only those worth most, by themselves and for their weight, are decided on: so many of each. */
const LIKELY = 40;

/** A part of a set: what is in among the first `at` of the choices, in the order they are decided. */
interface Part {
  at: number;
  set: readonly number[];
  weight: number;
  bound: number;
}

/** The part with the highest bound first. A binary heap. */
class Parts {
  private readonly heap: Part[] = [];

  get size(): number {
    return this.heap.length;
  }

  private boundAt(i: number): number {
    return this.heap[i]?.bound ?? -Infinity;
  }

  private swap(a: number, b: number): void {
    const [first, second] = [this.heap[a], this.heap[b]];
    if (first && second) [this.heap[a], this.heap[b]] = [second, first];
  }

  push(part: Part): void {
    let i = this.heap.push(part) - 1;
    for (let up = (i - 1) >> 1; i > 0 && this.boundAt(up) < part.bound; up = (i - 1) >> 1) {
      this.swap(i, up);
      i = up;
    }
  }

  pop(): Part | undefined {
    const [top] = this.heap;
    const last = this.heap.pop();
    if (!last || this.heap.length === 0) return top;
    this.heap[0] = last;
    for (let i = 0; ;) {
      const [left, right] = [2 * i + 1, 2 * i + 2];
      const down = this.boundAt(right) > this.boundAt(left) ? right : left;
      if (this.boundAt(down) <= this.boundAt(i)) return top;
      this.swap(i, down);
      i = down;
    }
  }
}

class Chooser {
  private readonly first: Part;
  /** Numbers in the order they are decided: what is worth most for its weight first. */
  private readonly sequence: number[];
  private readonly must: ReadonlySet<number>;

  constructor(private readonly problem: ChoiceProblem) {
    const { choices, must } = problem;
    this.must = new Set(must);
    const density = (i: number): number => {
      const choice = choices[i];
      return choice ? choice.worth / Math.max(1e-9, choice.weight) : 0;
    };
    const free = choices.map((_, i) => i).filter((i) => !this.must.has(i));
    const byDensity = free.toSorted((a, b) => density(b) - density(a));
    const byWorth = free.toSorted((a, b) => (choices[b]?.worth ?? 0) - (choices[a]?.worth ?? 0));
    const likely = new Set([...byDensity.slice(0, LIKELY), ...byWorth.slice(0, LIKELY)]);
    this.sequence = byDensity.filter((i) => likely.has(i));
    const set = [...must];
    this.first = this.partOf(
      0,
      set,
      set.reduce((sum, i) => sum + (choices[i]?.weight ?? 0), 0),
    );
  }

  get isSmall(): boolean {
    return this.sequence.length <= MOST_PROVEN;
  }

  /** No set that begins so is worth more. Nothing is held against it that is in already but what its family has. */
  private boundOf(at: number, set: readonly number[], weight: number): number {
    const { choices, room } = this.problem;
    const counts = new Map<string, number>();
    const groups = new Set<string>();
    for (const i of set) {
      const choice = choices[i];
      if (!choice) continue;
      counts.set(choice.family, (counts.get(choice.family) ?? 0) + 1);
      groups.add(choice.group);
    }
    const gains = this.sequence.slice(at).flatMap((i) => {
      const choice = choices[i];
      if (!choice || groups.has(choice.group)) return [];
      const gain = this.mostGained(choice, counts.get(choice.family) ?? 0, set);
      return [{ gain, weight: choice.weight }];
    });
    // As much as fits by weight, and as many as there are places: no set has more than either.
    let left = room - weight;
    let byWeight = 0;
    for (const one of gains.toSorted((a, b) => b.gain * a.weight - a.gain * b.weight)) {
      if (left <= 0) break;
      const share = one.weight <= 0 ? 1 : Math.min(1, left / one.weight);
      byWeight += one.gain * share;
      left -= one.weight * share;
    }
    const byPlaces = gains
      .map(({ gain }) => gain)
      .sort((a, b) => b - a)
      .slice(0, Math.max(0, this.problem.most - set.length))
      .reduce((sum, gain) => sum + gain, 0);
    return worthOf(choices, set) + Math.min(byWeight, byPlaces);
  }

  /** What one adds at the most, beside those of its family that are in. */
  private mostGained(choice: Choice, before: number, set: readonly number[]): number {
    if (before === 0) return choice.worth;
    const { choices } = this.problem;
    const others = set.flatMap((i) => {
      const one = choices[i];
      return one?.family === choice.family ? [one.worth] : [];
    });
    const inOrder = (worths: number[]): number =>
      worths.sort((a, b) => b - a).reduce((sum, worth, k) => sum + worth * shareOf(k), 0);
    return inOrder([...others, choice.worth]) - inOrder([...others]);
  }

  private partOf(at: number, set: readonly number[], weight: number): Part {
    return { at, set, weight, bound: this.boundOf(at, set, weight) };
  }

  /** Without the next one, and with it where it goes in. */
  private decided({ at, set, weight }: Part): Part[] {
    const { choices, room, most } = this.problem;
    const next = this.sequence[at] ?? -1;
    const choice = choices[next];
    const without = this.partOf(at + 1, set, weight);
    const isTwice = set.some((i) => choices[i]?.group === choice?.group);
    if (!choice || isTwice || set.length >= most || weight + choice.weight > room) return [without];
    const more = [...set, next];
    return this.problem.isTooMuch(more)
      ? [without]
      : [without, this.partOf(at + 1, more, weight + choice.weight)];
  }

  private whole({ set }: Part): { set: readonly number[]; worth: number } {
    return { set, worth: worthOf(this.problem.choices, set) };
  }

  /** Sets, the one that is worth most first; null where one part more was looked at. */
  *sets(): Generator<{ set: readonly number[]; worth: number } | null> {
    if (this.isSmall) yield* this.all();
    else yield* this.likely();
  }

  private *all(): Generator<{ set: readonly number[]; worth: number } | null> {
    const parts = new Parts();
    parts.push(this.first);
    for (let part = parts.pop(); part; part = parts.pop()) {
      if (part.at === this.sequence.length) {
        yield this.whole(part);
        continue;
      }
      for (const next of this.decided(part)) parts.push(next);
      yield null;
    }
  }

  private *likely(): Generator<{ set: readonly number[]; worth: number } | null> {
    let parts = [this.first];
    for (let at = 0; at < this.sequence.length; at++) {
      parts = parts
        .flatMap((part) => this.decided(part))
        .sort((a, b) => b.bound - a.bound)
        .slice(0, BEAM);
      yield null;
    }
    yield* parts.map((part) => this.whole(part)).sort((a, b) => b.worth - a.worth);
  }
}

const sameSet = (a: readonly number[], b: readonly number[]): boolean =>
  a.length === b.length && a.every((i) => b.includes(i));

const keyOf = (set: readonly number[]): string => set.toSorted((a, b) => a - b).join();

/** The best so far with one more among them. */
function withOne(
  best: readonly SetFound[],
  { choices }: ChoiceProblem,
  set: readonly number[],
  judged: SetJudged,
  kept: number,
): SetFound[] {
  const worth = worthOf(choices, set);
  const one: SetFound = { set: [...set], worth, score: worth - judged.cost, judged };
  return [...best.filter((other) => !sameSet(other.set, one.set)), one]
    .sort((a, b) => b.score - a.score)
    .slice(0, kept);
}

/** Looks for the set, and its order, that comes to most; tells the best so far whenever it has put one in order. */
export function* choose(
  problem: ChoiceProblem,
  { judged: mostJudged, parts: mostParts, kept }: ChoiceLimits,
): Generator<ChoiceFound, ChoiceFound, void> {
  let best: SetFound[] = [];
  let tried = 0;
  let looked = 0;
  // Nothing is proven by an order that may not be the best of its set.
  let doubtful = -Infinity;
  const found = (proven: boolean): ChoiceFound => ({ best, proven, tried });
  const top = (): number => best[0]?.score ?? -Infinity;
  const chooser = new Chooser(problem);
  const known = new Set<string>();
  // Of many, sets that are worth as much may have been let go of on the way.
  if (!chooser.isSmall) doubtful = Infinity;
  for (const next of chooser.sets()) {
    if (next === null) {
      if (++looked >= mostParts) return found(false);
      continue;
    }
    const { set, worth } = next;
    if (worth <= top()) return found(doubtful <= top());
    const most = worth - problem.floor(set);
    if (set.length === 0 || most <= (best[kept - 1]?.score ?? -Infinity)) continue;
    if (tried >= mostJudged) return found(false);
    for (let now: readonly number[] | null = set; now && tried < mostJudged;) {
      const judged = problem.judge(now);
      tried++;
      if (now === set && !judged.proven) doubtful = Math.max(doubtful, most);
      if (judged.holds) {
        best = withOne(best, problem, now, judged, kept);
        now = null;
      } else {
        // Smaller ones of it come on their own, too; of many things perhaps too late.
        now = chooser.isSmall ? null : (problem.lessOf?.(now, judged) ?? null);
        if (now && known.has(keyOf(now))) now = null;
        if (now) known.add(keyOf(now));
      }
      yield found(false);
    }
  }
  return found(doubtful <= top());
}
