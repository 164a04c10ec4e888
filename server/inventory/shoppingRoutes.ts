/** The shopping list, and the store as files. Mounted under /api. */
import { Router } from 'express';
import type { AppContext } from '../context';
import { sendJson, sendTable } from '../http/sendTable';

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
  return router;
}
