/** The page for the venue, of one run. Mounted under /api. */
import { Router } from 'express';
import { chaptersOf, chaptersVtt } from '../../core/after/chapters';
import { reportMarkdown, type VenueReport, venueReport } from '../../core/after/venueReport';
import { fold } from '../../core/stage/fold';
import type { AppContext } from '../context';
import { HttpError } from '../http/errors';

function reportOf(context: AppContext, runId: string): VenueReport {
  const run = context.runs.get(runId);
  const bundle = context.bundles.readable(run.showId);
  const zone = bundle.show.zone;
  const told = (options: Intl.DateTimeFormatOptions) => {
    const format = new Intl.DateTimeFormat('en-GB', { timeZone: zone, ...options });
    return (ms: number): string => format.format(ms);
  };
  const date = told({ weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' });
  return venueReport(bundle, run.plan, fold(run.plan, run.events), {
    clock: told({ hour: '2-digit', minute: '2-digit', hour12: false }),
    date: date(run.plan.startsAt),
    followUps: context.followUps.list().filter(({ showId }) => showId === run.showId),
  });
}

export function reportRoutes(context: AppContext): Router {
  const router = Router();
  router.get('/runs/:id/report.md', (req, res) => {
    const text = reportMarkdown(reportOf(context, req.params.id));
    res.attachment('report.md').type('text/markdown; charset=utf-8').send(text);
  });
  /** `before`: seconds that the recording began before the show did; negative for after it. */
  router.get('/runs/:id/chapters.vtt', (req, res) => {
    const { plan, events } = context.runs.get(req.params.id);
    const live = fold(plan, events);
    const before = Number(req.query.before ?? 0);
    if (!Number.isFinite(before))
      throw new HttpError(422, 'invalid', 'How long before the show is a number of seconds.');
    const recordedFrom = (live.startedAt ?? plan.startsAt) - before * 1000;
    res
      .attachment('chapters.vtt')
      .type('text/vtt; charset=utf-8')
      .send(chaptersVtt(chaptersOf(plan, live, recordedFrom)));
  });
  router.get('/runs/:id/report.pdf', async (req, res) => {
    const report = reportOf(context, req.params.id);
    // The library for PDF takes long to load: only who prints waits for it.
    const { reportPdf } = await import('./reportPdf');
    res
      .attachment('report.pdf')
      .type('application/pdf')
      .send(await reportPdf(report));
  });
  return router;
}
