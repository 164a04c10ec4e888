import { Router } from 'express';
import { AfterQuery, type EventsAnswer, EventsBody, NewRunBody } from '../../contract/stage';
import { holdingWords } from '../../core/ready/go';
import { runPlanOf } from '../../core/stage/plan';
import { timelineOf } from '../../core/lineup/timelineOf';
import type { AppContext } from '../context';
import { localInstant } from '../instant';
import { HttpError, body } from '../http/errors';
import { sortEvents } from './receive';

/** Runs of a show that are listed, the latest. */
const RUNS_LISTED = 200;

/** Starting, feeding and removing runs. Mounted under /api. */
export function stageRoutes(context: AppContext): Router {
  const { runs, outcomes, bundles, live } = context;
  const router = Router();
  router.get('/shows/:id/runs', (req, res) => {
    bundles.of(req.params.id);
    outcomes.refresh();
    res.json(runs.list(req.params.id, RUNS_LISTED));
  });
  router.post('/shows/:id/runs', async (req, res) => {
    const { id, kind } = body(NewRunBody, req.body);
    const bundle = bundles.of(req.params.id);
    const timeline = timelineOf(bundle);
    if (timeline.blocks.length === 0)
      throw new HttpError(422, 'empty', 'There is nothing in the line-up to perform yet.');
    const { state } = await context.heavy.told('checks', bundle.show.id);
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
      createdAt: context.now(),
      plan: runPlanOf(bundle, timeline, startsAt),
    });
    res.status(201).json(runs.get(id));
  });
  router.get('/runs/:id', (req, res) => void res.json(runs.get(req.params.id)));
  router.get('/runs/:id/events', (req, res) => {
    const { id } = runs.head(req.params.id);
    const { after } = body(AfterQuery, { after: Number(req.query.after ?? 0) });
    res.json({
      events: runs.events(id, after),
      seq: runs.lastSeq(id),
      refused: [],
    } satisfies EventsAnswer);
  });
  router.post('/runs/:id/events', (req, res) => {
    const received = context.now();
    const sent = body(EventsBody, req.body);
    const run = runs.head(req.params.id);
    const { fit, refused } = sortEvents(sent, run, received);
    runs.append(run.id, fit);
    // The others see it before the device that pressed has its answer.
    live.publish();
    res.json({
      events: runs.events(run.id, sent.known),
      seq: runs.lastSeq(run.id),
      refused,
    } satisfies EventsAnswer);
  });
  router.delete('/runs/:id', (req, res) => {
    runs.setRemoved(req.params.id, true);
    res.status(204).end();
  });
  router.post('/runs/:id/restore', (req, res) => {
    runs.setRemoved(req.params.id, false);
    res.json(runs.get(req.params.id));
  });
  return router;
}
