import { Router } from 'express';
import Papa from 'papaparse';
import { kitList } from '../../core/kit/kit';
import { kitTable } from '../../core/kit/table';
import { timelineOf } from '../../core/lineup/fromBundle';
import type { Area } from '../area';

/** The kit list as a file. Mounted under /api/shows. */
export function kitRoutes({ bundles }: Area): Router {
  const router = Router();
  router.get('/:id/kit.csv', (req, res) => {
    const bundle = bundles.of(req.params.id);
    const rows = kitTable(kitList(bundle, timelineOf(bundle)));
    // The mark at the start lets spreadsheets see that it is UTF-8.
    const csv = `\uFEFF${Papa.unparse(rows, { newline: '\r\n' })}\r\n`;
    res.attachment('kit.csv').type('text/csv; charset=utf-8').send(csv);
  });
  return router;
}
