import { Router, text } from 'express';
import type { ShowSummary } from '../../contract/api';
import { CrewAnswerBody, ShowBody } from '../../contract/brief';
import { StartBody } from '../../contract/start';
import { check } from '../../contract/validate';
import { FILE_LIMIT, readShowFile } from '../../contract/showFile';
import type { CrewAnswer } from '../../core/brief/agreed';
import type { AppContext } from '../context';
import { entityRoutes } from '../entity';
import { body, HttpError } from '../http/errors';
import { sendJson } from '../http/sendTable';
import { exportShow } from './exportShow';
import { importShow } from './importShow';
import { startShow } from './start';

/** A show that is damaged there is listed all the same. */
function answersIn(kept: string): CrewAnswer[] {
  try {
    const read: unknown = JSON.parse(kept);
    return (Array.isArray(read) ? (read as unknown[]) : []).flatMap((one) => {
      const checked = check(CrewAnswerBody, one);
      return checked.ok ? [checked.value] : [];
    });
  } catch {
    return [];
  }
}

type Listed = 'order' | 'crew' | 'answers';
type Worked = Listed | 'agreed' | 'takenOut' | 'performances' | 'performed';

function summaries(context: AppContext): ShowSummary[] {
  context.outcomes.refresh();
  const runs = context.runs.counts();
  const takenOut = context.ledger.showsTakenOut();
  const rows = context.db
    .prepare(
      `SELECT show.id, title, tour, date, zone, arrival, doors, start, hard_finish AS hardFinish,
         audience, agreed, venue_id AS venueId, venue.name AS venueName, show.version,
         (SELECT json_group_array(json_object('demoId', slot.demo_id, 'mark', place.mark,
             'performerId', slot.performer_id) ORDER BY slot.ord)
          FROM slot LEFT JOIN show_position AS place
            ON place.show_id = slot.show_id AND place.id = slot.position_id
          WHERE slot.show_id = show.id) AS "order",
         (SELECT count(*) FROM slot WHERE slot.show_id = show.id) AS slotCount,
         (SELECT json_group_array(person_id ORDER BY ord) FROM show_crew
          WHERE show_id = show.id) AS crew, answers
       FROM show LEFT JOIN venue ON venue.id = show.venue_id
       WHERE show.removed = 0 ORDER BY date, start, show.id`,
    )
    .all() as (Omit<ShowSummary, Worked> & { agreed: 0 | 1 } & Record<Listed, string>)[];
  return rows.map((row) => ({
    ...row,
    agreed: row.agreed === 1,
    order: JSON.parse(row.order) as ShowSummary['order'],
    crew: JSON.parse(row.crew) as string[],
    answers: answersIn(row.answers),
    ...(runs.get(row.id) ?? { performances: 0, performed: 0 }),
    takenOut: takenOut.has(row.id),
  }));
}

const fileName = (title: string): string =>
  `${
    title
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'show'
  }.show.json`;

/** Shows, their bundles and their files. Mounted under /api/shows. */
export function briefRoutes(context: AppContext): Router {
  const router = Router();
  // A file is read as text, so that a cut-off one can be told from one that is not JSON at all.
  router.post('/file', text({ type: () => true, limit: FILE_LIMIT }), (req, res) => {
    const read = readShowFile(typeof req.body === 'string' ? req.body : '');
    if (!read.ok) {
      const n = read.faults.length;
      const whole = read.faults.find((fault) => fault.path === '');
      throw new HttpError(
        422,
        'invalid_file',
        whole
          ? `The whole ${whole.message}. Nothing was changed.`
          : `The file has ${n === 1 ? 'a fault' : `${n} faults`}. Nothing was changed.`,
        read.faults,
      );
    }
    const answer = importShow(context, read.value);
    res.status(201).json(answer);
  });
  router.post('/start', (req, res) => {
    res.status(201).json(startShow(context, body(StartBody, req.body)));
  });
  router.get('/:id/file', (req, res) => {
    const file = exportShow(context, req.params.id);
    res.attachment(fileName(file.show.title)).json(file);
  });
  router.get('/:id/all', async (req, res) =>
    sendJson(res, await context.heavy.bytes('show', req.params.id)),
  );
  router.get('/', (_req, res) => void res.json(summaries(context)));
  router.use(entityRoutes(context.shows, ShowBody));
  return router;
}
