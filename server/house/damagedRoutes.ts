import { type ErrorRequestHandler, Router } from 'express';
import type { AppContext } from '../context';
import { HttpError, isRefusal } from '../http/errors';
import { damageInWords, discardDamaged } from './damaged';

/** Records that can't be read. Mounted under /api/damaged. */
export function damagedRoutes(context: AppContext): Router {
  const router = Router();
  router.get('/', async (_req, res) => void res.json(await context.damage.look()));
  router.delete('/:kind/:id', async (req, res) => {
    discardDamaged(context, req.params.kind, req.params.id);
    await context.damage.look();
    res.status(204).end();
  });
  return router;
}

/** What went wrong for no reason that is known may lie in a record that can't be read: then it is named. */
export const namesDamage =
  (context: AppContext): ErrorRequestHandler =>
  async (error: unknown, _req, _res, next) => {
    if (isRefusal(error)) {
      next(error);
      return;
    }
    const found = await context.damage.look().catch(() => []);
    // Settings hold nothing up: what is ready-made stands in for them.
    const damaged = found.filter(({ kind }) => kind !== 'settings');
    next(
      damaged.length === 0
        ? error
        : new HttpError(
            503,
            'damaged',
            `It can’t be worked out while ${damageInWords(damaged)} can’t be read. Remove that under Backups, or restore a backup from before.`,
          ),
    );
  };
