import { Router, raw } from 'express';
import { randomUUID } from 'node:crypto';
import { PhotoBody } from '../../contract/day';
import { isAfterKey } from '../../core/after/photoKey';
import type { AppContext } from '../context';
import { byWhom } from '../share/caller';
import { body, notFound } from '../http/errors';
import { PHOTO_LIMIT, PHOTO_TYPES } from './photos';

/** Photos of a show's checks, and of how it went. Mounted under /api/shows. */
export function photoRoutes(context: AppContext): Router {
  const { photos, people } = context;
  const router = Router();
  const told = (id: string): unknown => {
    return photos.of(id);
  };
  router.post(
    '/:id/photos',
    raw({ type: [...PHOTO_TYPES], limit: PHOTO_LIMIT }),
    async (req, res) => {
      const id = String(req.params.id);
      const { key, by: said } = body(PhotoBody, { by: null, ...req.query });
      const by = byWhom(res, said);
      const { show } = context.bundles.of(id);
      if (
        !isAfterKey(key, show.slots) &&
        !(await context.heavy.told('checks', id)).checks.some((check) => check.key === key)
      )
        throw notFound('check');
      const bytes = Buffer.isBuffer(req.body) ? req.body : Buffer.alloc(0);
      // A person removed in the meantime is left out; the photo is kept all the same.
      const known = by !== null && people.find(by) ? by : null;
      photos.add(id, { id: randomUUID(), key, by: known, at: Date.now() }, bytes);
      res.status(201).json(told(id));
    },
  );
  router.get('/:id/photos/:photo', (req, res) => {
    const { type, bytes } = photos.read(req.params.id, req.params.photo);
    // A photo never changes, but once it is removed no cache may keep it.
    res.setHeader('Cache-Control', 'private, no-cache');
    res.type(type).send(bytes);
  });
  router.delete('/:id/photos/:photo', (req, res) => {
    photos.setRemoved(req.params.id, req.params.photo, true);
    res.json(told(req.params.id));
  });
  router.post('/:id/photos/:photo/restore', (req, res) => {
    photos.setRemoved(req.params.id, req.params.photo, false);
    res.json(told(req.params.id));
  });
  return router;
}
