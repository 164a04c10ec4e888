/** The shopping list and the store as files, and tables brought in. Mounted under /api. */
import express, { Router } from 'express';
import type { StorePreview } from '../../contract/api';
import { ImportBody } from '../../contract/store';
import { storeTable } from '../../contract/tables/storeWrite';
import { shoppingTable } from '../../core/store/shoppingTable';
import type { Area } from '../area';
import { body } from '../http/errors';
import { sendTable } from '../http/sendTable';
import { applyTable, readTable } from './importing';

/** Largest table, in bytes. */
const TABLE_LIMIT = 8 * 1024 * 1024;

const idsOf = (query: unknown): string[] | null =>
  typeof query === 'string' ? query.split(',').filter(Boolean) : null;

export function shoppingRoutes(area: Area): Router {
  const { coming, changes } = area;
  const router = Router();
  router.get('/shopping', (req, res) => void res.json(coming.shopping(idsOf(req.query.shows))));
  router.get('/shopping.:type', async (req, res, next) => {
    const rows = shoppingTable(coming.shopping(idsOf(req.query.shows)));
    await sendTable(req.params.type, 'Shopping', rows, res, next);
  });
  router.get('/store.:type', async (req, res, next) => {
    const rows = storeTable(area.items.list(), area.ledger.stocked(), area.boxes.list());
    await sendTable(req.params.type, 'Store', rows, res, next);
  });
  router.post('/store/preview', (req, res) => {
    const { text, mapping } = body(ImportBody, req.body);
    const { rows, faults, items, lots, boxes } = readTable(area, text, mapping);
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
    const read = readTable(area, text, mapping);
    applyTable(area, read);
    changes.tell({ kind: 'item', id: 'all' });
    changes.tell({ kind: 'lot', id: 'all' });
    changes.tell({ kind: 'box', id: 'all' });
    res
      .status(201)
      .json({ items: read.items.length, lots: read.lots.length, boxes: read.boxes.length });
  });
  return router;
}

/** Tables may be larger than other bodies. */
export const tableBody = express.json({ limit: TABLE_LIMIT, strict: true });
