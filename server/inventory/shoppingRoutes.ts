/** The shopping list and the store as files, and tables brought in. Mounted under /api. */
import express, { Router } from 'express';
import type { StorePreview } from '../../contract/api';
import { ImportBody } from '../../contract/inventory';
import type { AppContext } from '../context';
import { body } from '../http/errors';
import { sendJson, sendTable } from '../http/sendTable';
import { applyTable } from './importing';

/** Largest table, in bytes. */
const TABLE_LIMIT = 8 * 1024 * 1024;

const idsOf = (query: unknown): string[] | null =>
  typeof query === 'string' ? query.split(',').filter(Boolean) : null;

export function shoppingRoutes(context: AppContext): Router {
  const router = Router();
  router.get('/shopping', async (req, res) =>
    sendJson(res, await context.heavy.bytes('shopping', idsOf(req.query.shows))),
  );
  router.get('/shopping.:type', async (req, res, next) => {
    const { shows, supplier } = req.query;
    const rows = await context.heavy.told(
      'shoppingRows',
      idsOf(shows),
      typeof supplier === 'string' ? supplier : null,
    );
    await sendTable(req.params.type, 'Shopping', rows, res, next);
  });
  router.get('/store.:type', async (req, res, next) => {
    const rows = await context.heavy.told('storeRows');
    await sendTable(req.params.type, 'Store', rows, res, next);
  });
  router.post('/store/preview', async (req, res) => {
    const { text, mapping } = body(ImportBody, req.body);
    const { rows, faults, items, lots, boxes } = await context.heavy.told(
      'storeImport',
      text,
      mapping,
    );
    const answer: StorePreview = {
      rows,
      faults,
      items: items.length,
      lots: lots.length,
      boxes: boxes.length,
    };
    res.json(answer);
  });
  router.post('/store/import', async (req, res) => {
    const { text, mapping } = body(ImportBody, req.body);
    const read = await context.heavy.told('storeImport', text, mapping);
    applyTable(context, read);
    res
      .status(201)
      .json({ items: read.items.length, lots: read.lots.length, boxes: read.boxes.length });
  });
  return router;
}

/** Tables may be larger than other bodies. */
export const tableBody = express.json({ limit: TABLE_LIMIT, strict: true });
