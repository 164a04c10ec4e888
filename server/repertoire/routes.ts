/** Lists of the repertoire, slim; one demo with what a show needs of it. Mounted under /api. */
import { Router } from 'express';
import { FigureDecisionsBody } from '../../contract/figures';
import { ReadingBody } from '../../contract/readings';
import type { AppContext } from '../context';
import { body } from '../http/errors';
import { sendJson } from '../http/sendTable';
import { recordsFor } from '../after/records';
import { decideFigures } from './figures';
import { demoAnswer } from './summaries';

export function repertoireRoutes(context: AppContext): Router {
  const router = Router();
  router.get('/demos', async (_req, res) => sendJson(res, await context.heavy.bytes('demos')));
  router.get('/repertoire', async (_req, res) =>
    sendJson(res, await context.heavy.bytes('repertoire')),
  );
  router.get('/items', async (_req, res) => sendJson(res, await context.heavy.bytes('itemNames')));
  router.get('/demos/:id/all', (req, res) => void res.json(demoAnswer(context, req.params.id)));
  router.get(
    '/demos/:id/records',
    (req, res) => void res.json(recordsFor(context, [context.demos.get(req.params.id)])),
  );
  router.put('/demos/:id/readings/:reading', (req, res) => {
    const { id, reading } = req.params;
    res.json(context.readings.put(id, reading, body(ReadingBody, req.body)));
  });
  router.post('/figures', (req, res) => {
    res.json(decideFigures(context, body(FigureDecisionsBody, req.body)));
  });
  router.delete('/demos/:id/readings/:reading', (req, res) => {
    context.readings.setRemoved(req.params.id, req.params.reading, true);
    res.status(204).end();
  });
  router.post('/demos/:id/readings/:reading/restore', (req, res) => {
    context.readings.setRemoved(req.params.id, req.params.reading, false);
    res.status(204).end();
  });
  return router;
}
