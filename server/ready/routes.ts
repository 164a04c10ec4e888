import { Router } from 'express';
import { MarkBody } from '../../contract/day';
import { timelineOf } from '../../core/lineup/fromBundle';
import { checksOf, dayChecks } from '../../core/ready/checks';
import type { Area } from '../area';
import { body, notFound } from '../http/errors';

/** Checks of a show and what was said of them. Mounted under /api/shows. */
export function readyRoutes({ bundles, marks, changes }: Area): Router {
  const router = Router();
  router.get('/:id/checks', (req, res) => {
    const bundle = bundles.of(req.params.id);
    res.json({ ...dayChecks(bundle, timelineOf(bundle)), marks: marks.of(req.params.id) });
  });
  router.put('/:id/checks/:key', (req, res) => {
    const { id, key } = req.params;
    const bundle = bundles.of(id);
    if (!checksOf(bundle, timelineOf(bundle)).some((check) => check.key === key))
      throw notFound('check');
    const { state, reason, by } = body(MarkBody, req.body);
    marks.set(id, { key, state, reason, by, at: Date.now() });
    changes.tell({ kind: 'mark', id });
    res.json(marks.of(id));
  });
  router.delete('/:id/checks/:key', (req, res) => {
    const { id, key } = req.params;
    bundles.of(id);
    marks.clear(id, key);
    changes.tell({ kind: 'mark', id });
    res.json(marks.of(id));
  });
  return router;
}
