/** What is packed is no more than there is. */
import { thereOn } from '../../core/inventory/allocate';
import { expectedOf } from '../../core/inventory/orders';
import { mostPacked } from '../../core/kit/packed';
import { partsOfKey } from '../../core/kit/packing';
import { formatTotal } from '../../core/units/format';
import { BASE_UNIT } from '../../core/units/units';
import type { AppContext } from '../context';
import { HttpError } from '../http/errors';

/** Amounts are added up from decimals. */
const SLACK = 1e-6;

/** Refuses a tick of more than the store has; once a show’s things were taken out, nothing is held against it. */
export function refuseMoreThanThereIs(
  { shows, items, mirrors, orders, ledger, settings }: AppContext,
  showId: string,
  key: string,
  amount: number | null,
): void {
  const { itemId, dimension } = partsOfKey(key);
  const item = items.find(itemId);
  if (amount === null || !item || !dimension || ledger.takenFor(showId).length > 0) return;
  const { date } = shows.get(showId);
  const mine = orders.list().filter((order) => order.itemId === itemId);
  const sizes = settings.get('own').household;
  const expected = expectedOf(mine, new Map([[itemId, item]]), date, sizes);
  const there = thereOn(item, mirrors.lots.now().get(itemId) ?? [], expected, date);
  const most = mostPacked({ dimension, item }, there);
  if (most === null || amount <= most + SLACK) return;
  const text = formatTotal(most, dimension, BASE_UNIT[dimension]);
  throw new HttpError(
    422,
    'not_there',
    `${item.name}: the store has ${most > 0 ? `only ${text}` : 'none that counts'} on that day. Count it, if there is more.`,
  );
}
