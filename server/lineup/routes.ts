import { type Request, Router } from 'express';
import { type CallSheet, callSheet, sheetTable } from '../../core/lineup/callSheet';
import type { AppContext } from '../context';
import { csvFile } from '../http/csv';
import { sendJson } from '../http/sendTable';
import type { ShowProspect } from './prospects';

/**
 * When a show ends, and its running order as files to print, to read in a spreadsheet, and to put in a
 * diary. `runs`: simulated shows behind a forecast.
 */
export function lineupRoutes({ heavy }: AppContext, runs: number): Router {
  const router = Router();
  const prospectOf = (req: Request<{ id: string }>): Promise<ShowProspect> =>
    heavy.told('prospect', req.params.id, runs);
  const sheetOf = async (req: Request<{ id: string }>): Promise<CallSheet> => {
    const { bundle, ...prospect } = await prospectOf(req);
    return callSheet(bundle, prospect);
  };
  router.get('/:id/outlook', async (req, res) =>
    sendJson(res, await heavy.bytes('outlook', req.params.id, runs)),
  );
  router.get('/:id/running-order.csv', async (req, res) => {
    res
      .attachment('running-order.csv')
      .type('text/csv; charset=utf-8')
      .send(csvFile(sheetTable(await sheetOf(req))));
  });
  router.get('/:id/running-order.pdf', async (req, res) => {
    const { bundle, ...prospect } = await prospectOf(req);
    const { date, start } = bundle.show;
    // The library for PDF takes longer to load than the whole server: only who prints waits for it.
    const { sheetPdf } = await import('./sheetPdf');
    const where = [bundle.venue?.name, date, start].filter(Boolean).join(' · ');
    res
      .attachment('running-order.pdf')
      .type('application/pdf')
      .send(await sheetPdf(callSheet(bundle, prospect), where));
  });
  router.get('/:id/script.pdf', async (req, res) => {
    const { bundle, timeline } = await prospectOf(req);
    const whose = typeof req.query.for === 'string' ? req.query.for : null;
    const isCards = req.query.as === 'cards';
    const write = isCards
      ? (await import('./scriptCards')).scriptCards
      : (await import('./scriptPdf')).scriptPdf;
    res
      .attachment(isCards ? 'cards.pdf' : 'script.pdf')
      .type('application/pdf')
      .send(await write(bundle, timeline, whose));
  });
  router.get('/:id/shots.pdf', async (req, res) => {
    const { bundle, timeline } = await prospectOf(req);
    const { shotsPdf } = await import('./shotsPdf');
    res
      .attachment('shots.pdf')
      .type('application/pdf')
      .send(await shotsPdf(bundle, timeline));
  });
  router.get('/:id/calendar.ics', async (req, res) => {
    const { calendarFile } = await import('./calendarFile');
    const { bundle, ...prospect } = await prospectOf(req);
    res
      .attachment('calendar.ics')
      .type('text/calendar; charset=utf-8')
      .send(calendarFile(bundle, prospect));
  });
  return router;
}
