import { type Request, Router } from 'express';
import type { ShowBundle } from '../../core/brief/types';
import { type CallSheet, callSheet, sheetTable } from '../../core/lineup/callSheet';
import { lineupInput } from '../../core/lineup/fromBundle';
import { schedule } from '../../core/lineup/schedule';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import type { AppContext } from '../context';
import { csvFile } from '../http/csv';

interface Plan {
  bundle: ShowBundle;
  input: LineupInput;
  timeline: Timeline;
  sheet: CallSheet;
}

/** The running order as files to print, to read in a spreadsheet, and to put in a diary. */
export function lineupRoutes({ bundles }: AppContext): Router {
  const router = Router();
  const planOf = (req: Request<{ id: string }>): Plan => {
    const bundle = bundles.whole(req.params.id);
    const input = lineupInput(bundle);
    const timeline = schedule(input);
    return { bundle, input, timeline, sheet: callSheet(bundle, input, timeline) };
  };
  router.get('/:id/running-order.csv', (req, res) => {
    res
      .attachment('running-order.csv')
      .type('text/csv; charset=utf-8')
      .send(csvFile(sheetTable(planOf(req).sheet)));
  });
  router.get('/:id/running-order.pdf', async (req, res) => {
    const { bundle, sheet } = planOf(req);
    const { date, start } = bundle.show;
    // The library for PDF takes longer to load than the whole server: only who prints waits for it.
    const { sheetPdf } = await import('./sheetPdf');
    const where = [bundle.venue?.name, date, start].filter(Boolean).join(' · ');
    res
      .attachment('running-order.pdf')
      .type('application/pdf')
      .send(await sheetPdf(sheet, where));
  });
  router.get('/:id/calendar.ics', async (req, res) => {
    const { calendarFile } = await import('./calendarFile');
    const { bundle, input, timeline } = planOf(req);
    res
      .attachment('calendar.ics')
      .type('text/calendar; charset=utf-8')
      .send(calendarFile(bundle, input, timeline));
  });
  return router;
}
