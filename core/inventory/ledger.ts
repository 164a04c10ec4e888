/** The stock is the sum of its movements, always; it is never below nothing. */
import type { Movement } from './types';

/** Amounts nearer than this to each other are the same: sums of decimals leave a hair over. */
const HAIR = 1e-6;

/** What one lot holds at the most, in the base unit of its kind: a thousand tonnes. */
export const STOCK_MOST = 1_000_000_000;

export const isNothing = (amount: number): boolean => Math.abs(amount) < HAIR;

const tidy = (amount: number): number => (isNothing(amount) ? 0 : amount);

export const stockOf = (movements: readonly Pick<Movement, 'change'>[]): number =>
  tidy(movements.reduce((sum, movement) => sum + movement.change, 0));

type Stamp = Pick<Movement, 'id' | 'lotId' | 'at'>;

export type Moved = { ok: true; movement: Movement } | { ok: false; message: string };

const moved = (
  stamp: Stamp,
  kind: Movement['kind'],
  change: number,
  more: Partial<Movement> = {},
): Moved => ({
  ok: true,
  movement: { ...stamp, kind, change, reverses: null, showId: null, note: '', ...more },
});

const refused = (message: string): Moved => ({ ok: false, message });

export function receive(stamp: Stamp, amount: number, note = ''): Moved {
  if (!(amount > 0)) return refused('must be more than nothing');
  if (amount > STOCK_MOST) return refused('is more than a store holds');
  return moved(stamp, 'received', amount, { note });
}

/** A count replaces what the ledger says is there. */
export function count(
  stamp: Stamp,
  movements: readonly Movement[],
  counted: number,
  note = '',
): Moved {
  if (!(counted >= 0)) return refused('must not be negative');
  if (counted > STOCK_MOST) return refused('is more than a store holds');
  return moved(stamp, 'counted', tidy(counted - stockOf(movements)), { note });
}

export function take(
  stamp: Stamp,
  movements: readonly Movement[],
  amount: number,
  showId: string | null = null,
  note = '',
): Moved {
  if (!(amount > 0)) return refused('must be more than nothing');
  if (amount > stockOf(movements) + HAIR) return refused('is more than there is');
  return moved(stamp, 'taken', -amount, { showId, note });
}

/** Takes a movement back. One that was taken back already is not taken back again. */
export function reverse(stamp: Stamp, movements: readonly Movement[], id: string): Moved {
  const wrong = movements.find((movement) => movement.id === id);
  if (!wrong) return refused('is not a movement of this lot');
  if (movements.some((movement) => movement.reverses === id))
    return refused('was taken back already');
  if (stockOf(movements) - wrong.change < -HAIR)
    return refused('can’t be taken back: some of it was used since. Take that back first');
  return moved(stamp, 'reversed', -wrong.change, { reverses: id, showId: wrong.showId });
}
