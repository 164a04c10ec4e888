/** What is sent to the host, goes home with the audience, and what a class works with, to print. Mounted under /api/shows. */
import { Router } from 'express';
import { timelineOf } from '../../core/lineup/timelineOf';
import { readiness } from '../../core/ready/go';
import { recordsFor } from '../after/records';
import type { AppContext } from '../context';
import { readinessContext } from '../ready/readiness';

export function handOutRoutes(context: AppContext): Router {
  const { bundles, settings } = context;
  const router = Router();
  router.get('/:id/hand-out.pdf', async (req, res) => {
    const bundle = bundles.whole(req.params.id);
    const { without } = req.query;
    // The library for PDF takes long to load: only who prints waits for it.
    const { handOutPdf } = await import('./handOutPdf');
    res
      .attachment('hand-out.pdf')
      .type('application/pdf')
      .send(
        await handOutPdf(
          bundle,
          settings.get('own').currency,
          new Set(typeof without === 'string' ? without.split(',') : []),
        ),
      );
  });
  router.get('/:id/brief.pdf', async (req, res) => {
    const bundle = bundles.whole(req.params.id);
    const timeline = timelineOf(bundle);
    const { shortBy } = readiness(bundle, timeline, readinessContext(context, bundle));
    const { briefPdf } = await import('./briefPdf');
    res
      .attachment('brief.pdf')
      .type('application/pdf')
      .send(await briefPdf(bundle, timeline, shortBy));
  });
  router.get('/:id/observation.pdf', async (req, res) => {
    const bundle = bundles.whole(req.params.id);
    const { classPdf } = await import('./classPdf');
    res
      .attachment('observation.pdf')
      .type('application/pdf')
      .send(await classPdf(bundle, recordsFor(context, bundle.demos)));
  });
  return router;
}
