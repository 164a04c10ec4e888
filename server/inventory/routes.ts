/** Deliveries, counts, and what is taken back; the shopping list. Mounted under /api. */
import { written } from '../db/open';
import { randomUUID } from 'node:crypto';
import { Router } from 'express';
import { CountBody, LotBody, LotsQuery, ReceiveBody, StoreQuery } from '../../contract/inventory';
import type { Item } from '../../core/repertoire/item';
import { convert } from '../../core/inventory/convert';
import { count, isNothing, receive, reverse } from '../../core/inventory/ledger';
import { type UnitId, dimensionOf, toBase } from '../../core/units/units';
import { kindInWords } from '../../core/units/parse';
import type { AppContext } from '../context';
import { entityRoutes } from '../entity';
import { sendJson } from '../http/sendTable';
import { HttpError, body } from '../http/errors';

/** An amount as typed, in what the item's stock is counted in. */
function inStock(item: Item, amount: number, unit: UnitId, path: string): number {
  const base = convert(toBase(amount, unit), dimensionOf(unit), dimensionOf(item.unit), item);
  if (base === null)
    throw new HttpError(422, 'invalid', 'One entry needs another look.', [
      { path, message: `must be ${kindInWords(dimensionOf(item.unit))}` },
    ]);
  return base;
}

export function storeRoutes(context: AppContext): Router {
  const { db, lots, items, ledger } = context;
  const router = Router();
  const stamp = (lotId: string): { id: string; lotId: string; at: number } => ({
    id: randomUUID(),
    lotId,
    at: Date.now(),
  });
  const answer = (lotId: string): object => ({ ...lots.get(lotId), stock: ledger.stockOf(lotId) });

  router.post('/deliveries', (req, res) => {
    const { lot, amount, unit, note } = body(ReceiveBody, req.body);
    written(db, () => {
      const item = items.get(lot.itemId);
      const base = inStock(item, amount, unit, 'unit');
      lots.add(lot);
      ledger.keep(receive(stamp(lot.id), base, note), 'amount');
    });
    res.status(201).json(answer(lot.id));
  });
  router.post('/lots/:id/count', (req, res) => {
    const { id } = req.params;
    const { amount, unit, note } = body(CountBody, req.body);
    written(db, () => {
      const base = inStock(items.get(lots.get(id).itemId), amount, unit, 'unit');
      ledger.keep(count(stamp(id), ledger.of(id), base, note), 'amount');
    });
    res.json(answer(id));
  });
  router.post('/movements/:id/reverse', (req, res) => {
    const { lotId } = ledger.find(req.params.id);
    written(db, () => {
      lots.get(lotId);
      ledger.keep(reverse(stamp(lotId), ledger.of(lotId), req.params.id), 'movement');
    });
    res.json(answer(lotId));
  });
  router.get('/items/:id/ahead', async (req, res) => {
    items.get(req.params.id);
    sendJson(res, await context.heavy.bytes('ahead', req.params.id));
  });
  router.get('/items/:id/movements', (req, res) => {
    items.get(req.params.id);
    res.json(ledger.ofItem(req.params.id));
  });
  router.delete('/lots/:id', (req, _res, next) => {
    if (!isNothing(ledger.stockOf(req.params.id)))
      throw new HttpError(
        409,
        'not_empty',
        'There is still some of it in the store. Count it to nothing first.',
      );
    next();
  });
  router.get('/lots', (req, res) => {
    const { item } = body(LotsQuery, req.query);
    res.json(ledger.stocked([item]));
  });
  router.get('/store', async (req, res) => {
    const { from = '0', count = '100', ...words } = req.query;
    const query = body(StoreQuery, { ...words, from: Number(from), count: Number(count) });
    sendJson(res, await context.heavy.bytes('store', query));
  });
  router.use('/lots', entityRoutes(lots, LotBody));
  return router;
}
