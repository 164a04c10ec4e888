/** Cues by hand, and the house's sounds and pictures. Mounted under /api. */
import { raw, Router } from 'express';
import { FireBody, SIGNAL_NAMES, SignalBody, type SignalName } from '../../contract/cues';
import { MEDIA_LIMIT, MediaQuery } from '../../contract/media';
import { cueList } from '../../core/stage/cues';
import { runPlanOf } from '../../core/stage/plan';
import { timelineOf } from '../../core/lineup/timelineOf';
import type { RunPlan } from '../../core/stage/types';
import type { AppContext } from '../context';
import { HttpError, body, notFound } from '../http/errors';

/** What it says when a signal can't go out. */
const cant = (fault: string): HttpError =>
  new HttpError(409, 'not_fired', `It can’t be sent: it ${fault}.`);

/** Before bodies are read as JSON. */
export const mediaBody = raw({ type: () => true, limit: MEDIA_LIMIT });

export function cueRoutes(context: AppContext): Router {
  const { cues, media, bundles, runs, settings, live } = context;
  const router = Router();
  const nameOf = (text: string): SignalName => {
    const name = SIGNAL_NAMES.find((one) => one === text);
    if (!name) throw notFound('signal');
    return name;
  };
  const tried = { runId: null, slot: null, task: null };

  function fire(plan: Pick<RunPlan, 'slots'>, runId: string | null, asked: unknown): void {
    const { slot, task, cue: id } = body(FireBody, asked);
    const found = cueList(plan).find(
      (one) => one.slot === slot && one.task === task && one.cue.id === id,
    );
    if (!found) throw notFound('cue');
    const fault = cues.engine.fireNow({ runId, slot, task }, found.cue);
    if (fault) throw cant(fault);
  }
  router.post('/shows/:id/cues/fire', (req, res) => {
    const bundle = bundles.of(req.params.id);
    fire(runPlanOf(bundle, timelineOf(bundle), 0), null, req.body);
    res.status(204).end();
  });
  router.post('/runs/:id/cues/fire', (req, res) => {
    const { id, plan } = runs.head(req.params.id);
    fire(plan, id, req.body);
    res.status(204).end();
  });
  router.post('/cues/stop', (_req, res) => {
    live.tell({ fired: null });
    res.status(204).end();
  });
  router.post('/signals/try', (req, res) => {
    const signal = body(SignalBody, req.body);
    const fault = cues.engine.fireNow(tried, {
      ...signal,
      id: 'try',
      name: 'Tried',
      kind: 'light',
      media: null,
      to: null,
      words: '',
    });
    if (fault) throw cant(fault);
    res.status(204).end();
  });
  router.post('/signals/:name/fire', (req, res) => {
    const name = nameOf(req.params.name);
    const signal = settings.get('own').stageSignals[name];
    const fault = cues.engine.fireNow(tried, {
      ...signal,
      id: name,
      name,
      kind: 'light',
      media: null,
      to: null,
      words: '',
    });
    if (fault) throw cant(fault);
    res.status(204).end();
  });
  router.get(
    '/outputs',
    (_req, res) => void res.json(cues.senders.told(settings.get('own').outputs)),
  );

  router.get('/media', (_req, res) => void res.json(media.list()));
  router.post('/media', (req, res) => {
    const { name } = body(MediaQuery, { ...req.query });
    const bytes = Buffer.isBuffer(req.body) ? req.body : Buffer.alloc(0);
    res.status(201).json(media.add(name, bytes));
  });
  router.get('/media/:id', (req, res) => {
    const { type, bytes } = media.read(req.params.id);
    // It never changes, and is played again and again.
    res.setHeader('Cache-Control', 'private, max-age=86400');
    res.type(type).send(bytes);
  });
  router.delete('/media/:id', (req, res) => {
    media.setRemoved(req.params.id, true);
    res.status(204).end();
  });
  router.post('/media/:id/restore', (req, res) => {
    media.setRemoved(req.params.id, false);
    res.status(204).end();
  });
  return router;
}
