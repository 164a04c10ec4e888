/** The shopping list and the store as files, and tables brought in. Mounted under /api. */
import express, { Router } from 'express';
import type { StorePreview } from '../../contract/api';
import { ImportBody } from '../../contract/inventory';
import { storeTable } from '../../contract/tables/inventoryWrite';
import { shoppingTable } from '../../core/inventory/shoppingTable';
import type { AppContext } from '../context';
import { body } from '../http/errors';
import { sendTable } from '../http/sendTable';
import { applyTable, readTable } from './importing';

/** Largest table, in bytes. */
const TABLE_LIMIT = 8 * 1024 * 1024;

const idsOf = (query: unknown): string[] | null =>
  typeof query === 'string' ? query.split(',').filter(Boolean) : null;

export function shoppingRoutes(context: AppContext): Router {
  const { upcomingNeeds } = context;
  const router = Router();
  router.get(
    '/shopping',
    (req, res) => void res.json(upcomingNeeds.shopping(idsOf(req.query.shows))),
  );
  router.get('/shopping.:type', async (req, res, next) => {
    const rows = shoppingTable(upcomingNeeds.shopping(idsOf(req.query.shows)));
    await sendTable(req.params.type, 'Shopping', rows, res, next);
  });
  router.get('/store.:type', async (req, res, next) => {
    const rows = storeTable(context.items.list(), context.ledger.stocked(), context.boxes.list());
    await sendTable(req.params.type, 'Store', rows, res, next);
  });
  router.post('/store/preview', (req, res) => {
    const { text, mapping } = body(ImportBody, req.body);
    const { rows, faults, items, lots, boxes } = readTable(context, text, mapping);
    const answer: StorePreview = {
      rows,
      faults,
      items: items.length,
      lots: lots.length,
      boxes: boxes.length,
    };
    res.json(answer);
  });
  router.post('/store/import', (req, res) => {
    const { text, mapping } = body(ImportBody, req.body);
    const read = readTable(context, text, mapping);
    applyTable(context, read);
    res
      .status(201)
      .json({ items: read.items.length, lots: read.lots.length, boxes: read.boxes.length });
  });
  return router;
}

/** Tables may be larger than other bodies. */
export const tableBody = express.json({ limit: TABLE_LIMIT, strict: true });
