import { Router } from 'express';
import { EventsBody, NewRunBody } from '../../contract/stage';
import { holdingWords, readiness } from '../../core/ready/go';
import { runPlanOf } from '../../core/stage/plan';
import { timelineOf } from '../../core/lineup/fromBundle';
import type { AppContext } from '../context';
import { readinessContext } from '../ready/readiness';
import { localInstant } from '../instant';
import { HttpError, body } from '../http/errors';

/** Starting, feeding and removing runs. Mounted under /api. */
export function stageRoutes(context: AppContext): Router {
  const { runs, bundles, changes } = context;
  const router = Router();
  router.get('/shows/:id/runs', (req, res) => {
    bundles.of(req.params.id);
    res.json(runs.list(req.params.id));
  });
  router.post('/shows/:id/runs', (req, res) => {
    const { id, kind } = body(NewRunBody, req.body);
    const bundle = bundles.of(req.params.id);
    const timeline = timelineOf(bundle);
    if (timeline.blocks.length === 0)
      throw new HttpError(422, 'empty', 'There is nothing in the line-up to perform yet.');
    const { state } = readiness(bundle, timeline, readinessContext(context, bundle));
    if (kind === 'performance' && !state.go)
      throw new HttpError(
        409,
        'held',
        `${state.words}: ${holdingWords(state)}. See to it in Ready.`,
      );
    if (runs.exists(id)) throw new HttpError(409, 'exists', 'This run has begun already.');
    const startsAt = localInstant(bundle.show.date, bundle.show.start, bundle.show.zone);
    runs.create({
      id,
      showId: bundle.show.id,
      kind,
      createdAt: Date.now(),
      plan: runPlanOf(bundle, timeline, startsAt),
    });
    changes.tell({ kind: 'run', id });
    res.status(201).json(runs.get(id));
  });
  router.get('/runs/:id', (req, res) => void res.json(runs.get(req.params.id)));
  router.post('/runs/:id/events', (req, res) => {
    const { events } = body(EventsBody, req.body);
    const { id } = runs.get(req.params.id);
    const all = runs.append(id, events);
    changes.tell({ kind: 'run', id });
    res.json({ events: all });
  });
  router.delete('/runs/:id', (req, res) => {
    runs.setRemoved(req.params.id, true);
    changes.tell({ kind: 'run', id: req.params.id });
    res.status(204).end();
  });
  router.post('/runs/:id/restore', (req, res) => {
    runs.setRemoved(req.params.id, false);
    changes.tell({ kind: 'run', id: req.params.id });
    res.json(runs.get(req.params.id));
  });
  return router;
}
