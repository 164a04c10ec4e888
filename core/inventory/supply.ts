/** What there is of a consumable, container by container: how much is left, and until when it counts. */
import type { Item } from '../repertoire/item';
import { firstExpiredFirst, usableOn } from './dates';
import type { Expected } from './orders';
import type { LotState, StockedLot } from './types';

/** A lot, or a pack that is still to come. Its use opens it. */
export interface Container {
  id: string;
  orderId: string | null;
  /** The first day it is there; null where it is there already. */
  from: string | null;
  expiry: string | null;
  opened: string | null;
  state: LotState;
  left: number;
}

const ofLot = ({ id, expiry, opened, state, stock }: StockedLot): Container => ({
  id,
  orderId: null,
  from: null,
  expiry,
  opened,
  state,
  left: stock,
});

const ofExpected = ({ orderId, from, expiry, packs }: Expected): Container[] =>
  packs.map((left, i) => ({
    id: `${orderId}/${i}`,
    orderId,
    from,
    expiry,
    opened: null,
    state: 'good',
    left,
  }));

export const containersOf = (
  lots: readonly StockedLot[],
  expected: readonly Expected[],
): Container[] => [...lots.map(ofLot), ...expected.flatMap(ofExpected)];

export interface Taken {
  from: { of: Container; base: number }[];
  /** What it lacks. */
  short: number;
  /** What is there, and does not count on the day. */
  outOfDate: number;
}

/** Less than this share of a need is a rounding error. */
const HAIR = 1e-9;

/** Takes an amount on a day, the soonest out of date first; what is begun is open from then on. */
export function takeOn(
  containers: readonly Container[],
  item: Item,
  day: string,
  amount: number,
): Taken {
  const from: Taken['from'] = [];
  let open = amount;
  let outOfDate = 0;
  const there = containers.filter((one) => one.left > 0 && (one.from === null || one.from <= day));
  for (const one of firstExpiredFirst(there, item)) {
    if (!usableOn(one, item, day)) {
      outOfDate += one.left;
      continue;
    }
    const base = Math.min(one.left, open);
    if (base <= 0) continue;
    from.push({ of: one, base });
    one.left -= base;
    one.opened ??= day;
    open -= base;
  }
  return { from, short: open <= amount * HAIR ? 0 : open, outOfDate };
}
