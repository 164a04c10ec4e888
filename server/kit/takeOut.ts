import { written } from '../db/open';
import { randomUUID } from 'node:crypto';
import type { TakenBody } from '../../contract/inventory';
import type { FieldFault } from '../../contract/validate';
import type { Show } from '../../core/brief/types';
import { reverse, take } from '../../core/inventory/ledger';
import { takeFrom } from '../../core/kit/takeOut';
import { formatTotal } from '../../core/units/format';
import { dimensionOf } from '../../core/units/units';
import type { AppContext } from '../context';
import { HttpError } from '../http/errors';

/** Of a movement that opened its lot. */
const OPENED = 'Opened for it';

/** Takes what a show used out of its lots, first expired first; all of it or nothing. */
export function takeOut(
  { db, items, lots, ledger }: AppContext,
  show: Pick<Show, 'id' | 'date'>,
  taken: readonly TakenBody[],
): void {
  written(db, () => {
    if (ledger.takenFor(show.id).length > 0)
      throw new HttpError(
        409,
        'taken_out',
        'This show’s things were taken out already. Put them back first.',
      );
    const faults: FieldFault[] = [];
    taken.forEach(({ itemId, base }, i) => {
      if (base === 0) return;
      const item = items.get(itemId);
      const { from, over } = takeFrom(item, ledger.stocked([itemId]), base, show.date);
      if (over > 0) {
        const text = formatTotal(base - over, dimensionOf(item.unit));
        faults.push({
          path: `taken[${i}].base`,
          message: `is more ${item.name} than the store has (${text}): count the shelf first, or put in less`,
        });
        return;
      }
      for (const { lotId, base: amount } of from) {
        const lot = lots.get(lotId);
        const opens =
          item.keepsOpen !== null && lot.opened === null && amount < ledger.stockOf(lotId);
        ledger.keep(
          take(
            { id: randomUUID(), lotId, at: Date.now() },
            ledger.of(lotId),
            amount,
            show.id,
            opens ? OPENED : '',
          ),
          `taken[${i}].base`,
        );
        if (opens) lots.change({ ...lot, opened: show.date }, lot.version);
      }
    });
    if (faults.length > 0)
      throw new HttpError(
        422,
        'invalid',
        'Some of it is not there. Nothing was taken out.',
        faults,
      );
  });
}

/** Takes back all that was taken out for a show; what was opened by it counts as it did before. */
export function putBack({ db, lots, ledger }: AppContext, showId: string): void {
  written(db, () => {
    for (const { id, lotId, note } of ledger.takenFor(showId)) {
      ledger.keep(
        reverse({ id: randomUUID(), lotId, at: Date.now() }, ledger.of(lotId), id),
        'movement',
      );
      const lot = note === OPENED ? lots.find(lotId) : null;
      if (lot) lots.change({ ...lot, opened: null }, lot.version);
    }
  });
}
