/** The cheapest packs that cover what is missing, with the day by which each has to be there. */

export interface PackDemand {
  /** Base units missing for one show. */
  amount: number;
  /** Days from today to the day it is needed. */
  inDays: number;
}

export interface PackOffer {
  id: string;
  /** In base units; more than nothing. */
  size: number;
  /** In minor units. */
  price: number;
  /** Days from ordering until it is there. */
  leadDays: number;
  /** Days from its first use, or its coming, to the last on which it may be used; null as long as one likes. */
  life?: number | null;
}

/** Packs that are first used on one day, so that they have to be there by then. */
export interface PackArrival {
  id: string;
  count: number;
  inDays: number;
  /** What of it is used on which days, in order. */
  uses: PackDemand[];
}

export interface PackChoice {
  counts: { id: string; count: number }[];
  arrivals: PackArrival[];
  cost: number;
  /** Base units bought beyond what they are used for. */
  over: number;
  /** What no pack can be there for in time, and so is not bought. */
  unserved: PackDemand[];
  /** False when the search was cut short: then it is the cheapest that was found. */
  proven: boolean;
}

/** Amounts are compared to a billionth of what is wanted. */
const HAIR = 1e-9;

/** Covers looked at, of one day and of all, before the search is cut short. */
const MOST_OF_A_DAY = 40_000;
const MOST_STEPS = 400_000;

/** What is left of opened packs, by the last day that it may be used. */
interface Left {
  until: number;
  amount: number;
}

/** One way to have served all days so far. */
interface Label {
  cost: number;
  packs: number;
  /** Soonest out of date first. */
  left: Left[];
  opened: readonly number[] | null;
  before: Label | null;
}

interface Cover {
  cost: number;
  packs: number;
  counts: number[];
}

const sum = (left: readonly Left[]): number => left.reduce((all, one) => all + one.amount, 0);

/** Soonest out of date is used first. What is over a hair stays. */
function using(left: readonly Left[], amount: number, hair: number): Left[] {
  let open = amount;
  return [...left]
    .sort((a, b) => a.until - b.until)
    .flatMap((one) => {
      const taken = Math.min(one.amount, open);
      open -= taken;
      return one.amount - taken > hair ? [{ ...one, amount: one.amount - taken }] : [];
    });
}

/** Whether a leaves at least as much as b to every day to come. */
function leavesAsMuch(a: readonly Left[], b: readonly Left[], hair: number): boolean {
  const after = (left: readonly Left[], day: number): number =>
    left.reduce((all, one) => all + (one.until >= day ? one.amount : 0), 0);
  return b.every(({ until }) => after(a, until) >= after(b, until) - hair);
}

class Search {
  steps = 0;
  private readonly hair: number;
  /** Cheapest by amount first, then the larger. */
  private readonly packs: readonly PackOffer[];
  private readonly sameLife: boolean;

  constructor(offers: readonly PackOffer[], total: number) {
    this.hair = total * HAIR;
    this.packs = offers
      .filter(({ size }) => size > 0)
      .sort((a, b) => a.price / a.size - b.price / b.size || b.size - a.size);
    this.sameLife = this.packs.every(
      ({ life }) => (life ?? null) === (this.packs[0]?.life ?? null),
    );
  }

  private until(pack: PackOffer, day: number): number {
    return pack.life == null ? Infinity : day + pack.life;
  }

  /** The least that any one pack, as many times as it takes, costs to cover an amount for at least as long. */
  private capOf(amount: number, until: number, day: number): number {
    return this.packs.reduce(
      (least, pack) =>
        pack.leadDays <= day && this.until(pack, day) >= until
          ? Math.min(least, Math.ceil(amount / pack.size - HAIR) * pack.price)
          : least,
      Infinity,
    );
  }

  /**
   * Whole numbers of packs that cover an amount on a day, none of which could be left out. What could be
   * is put off: bought later it serves as well, and for longer. What is left of them is less than any one
   * of their packs, so those that cost more than the cheapest and as much again are no use either.
   */
  private covers(amount: number, day: number): Cover[] {
    const packs = this.packs.filter(({ leadDays }) => leadDays <= day);
    const counts = this.packs.map(() => 0);
    const longest = Math.max(...packs.map((pack) => this.until(pack, day)));
    const found: Cover[] = [];
    const seen = new Map<string, number>();
    let best = Infinity;
    let steps = 0;
    const search = (
      i: number,
      covered: number,
      cost: number,
      pieces: number,
      spare: number,
    ): void => {
      this.steps++;
      if (++steps > MOST_OF_A_DAY) this.steps = Math.max(this.steps, MOST_STEPS + 1);
      if (this.steps > MOST_STEPS && found.length > 0) return;
      if (covered + this.hair >= amount) {
        if (cost > best + spare) return;
        best = Math.min(best, cost);
        found.push({ cost, packs: pieces, counts: [...counts] });
        return;
      }
      const pack = packs[i];
      if (!pack) return;
      const open = amount - covered;
      if (cost + (open * pack.price) / pack.size > best + spare + 1e-9) return;
      if (this.sameLife) {
        const key = `${i}/${covered.toPrecision(12)}`;
        if ((seen.get(key) ?? Infinity) <= cost) return;
        seen.set(key, cost);
      }
      const at = this.packs.indexOf(pack);
      const most = Math.ceil((open - this.hair) / pack.size);
      const less = Math.min(spare, this.capOf(pack.size, longest, day));
      for (let k = most; k >= (i === packs.length - 1 ? most : 0); k--) {
        counts[at] = k;
        const more = k > 0 ? less : spare;
        search(i + 1, covered + k * pack.size, cost + k * pack.price, pieces + k, more);
      }
      counts[at] = 0;
    };
    search(0, 0, 0, 0, Infinity);
    return found.filter(({ counts: of }) => {
      const size = of.reduce((all, n, i) => all + n * (this.packs[i]?.size ?? 0), 0);
      return of.every((n, i) => n === 0 || size - (this.packs[i]?.size ?? 0) + this.hair < amount);
    });
  }

  /** One more day served, in every way that may turn out the cheapest. */
  serve(labels: readonly Label[], { amount, inDays: day }: PackDemand): Label[] {
    const next: Label[] = [];
    for (const label of labels) {
      const left = label.left.filter(({ until }) => until >= day);
      const missing = amount - sum(left);
      if (missing <= this.hair) {
        next.push({ ...label, left: using(left, amount, this.hair), opened: null, before: label });
        continue;
      }
      for (const { cost, packs, counts } of this.covers(missing, day)) {
        const opened = counts.flatMap((n, i): Left[] => {
          const pack = this.packs[i];
          return n > 0 && pack ? [{ until: this.until(pack, day), amount: n * pack.size }] : [];
        });
        next.push({
          cost: label.cost + cost,
          packs: label.packs + packs,
          left: using([...left, ...opened], amount, this.hair),
          opened: counts,
          before: label,
        });
      }
    }
    return this.worthKeeping(next, day);
  }

  /** Without those that leave no more than a cheaper one, or than a cheaper one with a pack more. */
  private worthKeeping(labels: Label[], day: number): Label[] {
    labels.sort((a, b) => a.cost - b.cost || sum(b.left) - sum(a.left) || a.packs - b.packs);
    const [least] = labels;
    const kept: Label[] = [];
    for (const label of labels) {
      const until = Math.max(0, ...label.left.map((one) => one.until));
      const dear =
        least !== undefined &&
        label !== least &&
        label.cost >= least.cost + this.capOf(sum(label.left), until, day) - 1e-9;
      if (!dear && !kept.some((one) => leavesAsMuch(one.left, label.left, this.hair)))
        kept.push(label);
    }
    return kept;
  }

  /** What was opened when, from the first day to the last. */
  arrivals(label: Label, demands: readonly PackDemand[]): PackArrival[] {
    const path: Label[] = [];
    for (let at: Label | null = label; at?.before; at = at.before) path.unshift(at);
    const arrivals: PackArrival[] = [];
    /** In hand, and which arrival it is of. */
    let hand: (Left & { of: PackArrival })[] = [];
    path.forEach(({ opened }, d) => {
      const { amount, inDays } = demands[d] ?? { amount: 0, inDays: 0 };
      hand = hand.filter(({ until }) => until >= inDays);
      opened?.forEach((count, i) => {
        const pack = this.packs[i];
        if (count === 0 || !pack) return;
        const of: PackArrival = { id: pack.id, count, inDays, uses: [] };
        arrivals.push(of);
        hand.push({ until: this.until(pack, inDays), amount: count * pack.size, of });
      });
      let open = amount;
      for (const one of [...hand].sort((a, b) => a.until - b.until)) {
        const taken = Math.min(one.amount, open);
        if (taken > this.hair) one.of.uses.push({ amount: taken, inDays });
        one.amount -= taken;
        open -= taken;
      }
    });
    return arrivals;
  }
}

/**
 * Least cost over whole numbers of packs and the days they come, such that every show has what it lacks
 * out of packs that are there by then and may still be used. Exact by dynamic programming over the days:
 * a way of serving the days so far is left when another leaves as much to the days to come for less.
 * Nothing is bought before the day it is first used, since later it keeps longer; so each pack comes as
 * late as it can. Days before any pack can be there are named, and change nothing for the others.
 */
export function cheapestPacks(
  demands: readonly PackDemand[],
  offers: readonly PackOffer[],
): PackChoice {
  const days = [...new Set(demands.map(({ inDays }) => inDays))]
    .sort((a, b) => a - b)
    .map((inDays) => ({
      inDays,
      amount: demands.reduce((all, d) => all + (d.inDays === inDays ? d.amount : 0), 0),
    }))
    .filter(({ amount }) => amount > 0);
  const soonest = offers.reduce(
    (least, { size, leadDays }) => (size > 0 ? Math.min(least, leadDays) : least),
    Infinity,
  );
  const served = days.filter(({ inDays }) => inDays >= soonest);
  const total = served.reduce((all, { amount }) => all + amount, 0);
  const search = new Search(offers, total);
  let labels: Label[] = [{ cost: 0, packs: 0, left: [], opened: null, before: null }];
  for (const day of served) labels = search.serve(labels, day);
  const leftOver = (label: Label): number => sum(label.left);
  const [best] = labels.sort(
    (a, b) => a.cost - b.cost || leftOver(a) - leftOver(b) || a.packs - b.packs,
  );
  const arrivals = best ? search.arrivals(best, served) : [];
  const counts = offers.flatMap(({ id }) => {
    const count = arrivals.reduce((all, one) => all + (one.id === id ? one.count : 0), 0);
    return count > 0 ? [{ id, count }] : [];
  });
  const bought = offers.reduce(
    (all, { id, size }) => all + size * (counts.find((one) => one.id === id)?.count ?? 0),
    0,
  );
  return {
    counts,
    arrivals,
    cost: best?.cost ?? 0,
    over: Math.max(0, bought - total),
    unserved: days.filter(({ inDays }) => inDays < soonest),
    proven: search.steps <= MOST_STEPS,
  };
}
