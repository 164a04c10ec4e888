import { Router } from 'express';
import { kitList } from '../../core/kit/kit';
import { kitTable } from '../../core/kit/table';
import { timelineOf } from '../../core/lineup/fromBundle';
import type { Area } from '../area';
import { csvFile } from '../http/csv';

/** The kit list as a file. Mounted under /api/shows. */
export function kitRoutes({ bundles }: Area): Router {
  const router = Router();
  router.get('/:id/kit.csv', (req, res) => {
    const bundle = bundles.of(req.params.id);
    const rows = kitTable(kitList(bundle, timelineOf(bundle)));
    res.attachment('kit.csv').type('text/csv; charset=utf-8').send(csvFile(rows));
  });
  return router;
}
