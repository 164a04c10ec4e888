import { Router } from 'express';
import type { BackupsAnswer } from '../../contract/house';
import { DatabaseTrouble } from '../db/open';
import { HttpError, notFound } from '../http/errors';
import type { House } from './house';

/** Backups of all data. Mounted under /api/backups. */
export function houseRoutes(house: House): Router {
  const router = Router();
  const answer = (): BackupsAnswer => ({ folder: house.folder, backups: house.backups.list() });
  const pathOf = (name: string): string => {
    const path = house.backups.pathOf(name);
    if (path === null) throw notFound('backup');
    return path;
  };
  router.get('/', (_req, res) => void res.json(answer()));
  router.post('/', async (_req, res) => {
    await house.backups.make(house.context.db, 'made');
    res.status(201).json(answer());
  });
  router.get('/:name', (req, res) => res.download(pathOf(req.params.name), req.params.name));
  router.post('/:name/restore', async (req, res) => {
    try {
      await house.restore(pathOf(req.params.name));
    } catch (error) {
      if (error instanceof DatabaseTrouble) throw new HttpError(422, 'damaged', error.message);
      throw error;
    }
    res.json(answer());
  });
  return router;
}
