/** Orders: what was ordered, hired or borrowed, that it has come, and that it has not after all. Mounted under /api. */
import { randomUUID } from 'node:crypto';
import { Router } from 'express';
import { ComeBody, OrderBody } from '../../contract/inventory';
import { blankLot } from '../../core/inventory/blank';
import { receive, reverse } from '../../core/inventory/ledger';
import { type Order, packBase } from '../../core/inventory/orders';
import { dayAfter } from '../../core/time/days';
import { formatAmount } from '../../core/units/format';
import type { AppContext } from '../context';
import { written } from '../db/open';
import { entityRoutes } from '../entity';
import { HttpError, body } from '../http/errors';

const conflict = (code: string, message: string): HttpError => new HttpError(409, code, message);

/** What came for an order, whether or not it was removed since. */
const isOf = (order: Order, lotId: string): boolean => lotId.startsWith(`${order.id}-`);

export function orderRoutes(context: AppContext): Router {
  const { db, orders, items, lots, ledger, settings } = context;
  const router = Router();

  /** Into lots: where opening one starts its days, a lot for each pack. */
  function putAway(order: Order, day: string, place: string): void {
    const item = items.get(order.itemId);
    const base = packBase(order, item, settings.get('own').household);
    if (base === null)
      throw new HttpError(422, 'invalid', 'One entry needs another look.', [
        { path: 'unit', message: `is not what ${item.name} is counted in` },
      ]);
    const apart = item.keepsOpen !== null && order.count > 1;
    const note = [formatAmount(order.amount, order.unit), order.supplier]
      .filter(Boolean)
      .join(', ');
    for (let i = 0; i < (apart ? order.count : 1); i++) {
      const id = `${order.id}-${i + 1}-${randomUUID().slice(0, 8)}`;
      const expiry = order.keeps === null ? null : dayAfter(day, order.keeps);
      lots.add({ ...blankLot(id, order.itemId), place, expiry });
      const amount = apart ? base : base * order.count;
      ledger.keep(receive({ id: randomUUID(), lotId: id, at: Date.now() }, amount, note), 'amount');
    }
  }

  router.post('/orders/:id/come', (req, res) => {
    const { day, place } = body(ComeBody, req.body);
    written(db, () => {
      const { version, ...order } = orders.get(req.params.id);
      if (order.come !== null) throw conflict('come', 'This has come already.');
      if (order.terms === 'bought') putAway(order, day, place);
      orders.change({ ...order, come: day }, version);
    });
    res.json(orders.get(req.params.id));
  });

  router.post('/orders/:id/not-come', (req, res) => {
    written(db, () => {
      const { version, ...order } = orders.get(req.params.id);
      if (order.come === null) throw conflict('not_come', 'This has not come yet.');
      for (const lot of ledger.stocked([order.itemId])) {
        if (!isOf(order, lot.id)) continue;
        const [came] = ledger.of(lot.id);
        if (came)
          ledger.keep(
            reverse(
              { id: randomUUID(), lotId: lot.id, at: Date.now() },
              ledger.of(lot.id),
              came.id,
            ),
            'come',
          );
        lots.remove(lot.id, lot.version);
      }
      orders.change({ ...order, come: null }, version);
    });
    res.json(orders.get(req.params.id));
  });

  // That it has come, and lies in the store, is one step: neither is said without the other.
  router.put('/orders/:id', (req, _res, next) => {
    const { version: _version, ...sent } = (req.body ?? {}) as Record<string, unknown>;
    const { come, terms } = body(OrderBody, sent);
    const now = orders.find(req.params.id);
    if (now && (come !== now.come || terms !== now.terms) && [terms, now.terms].includes('bought'))
      throw new HttpError(422, 'invalid', 'One entry needs another look.', [
        {
          path: come === now.come ? 'terms' : 'come',
          message: 'can’t be changed here: say that it has come, or has not',
        },
      ]);
    next();
  });
  router.use('/orders', entityRoutes(orders, OrderBody));
  return router;
}
