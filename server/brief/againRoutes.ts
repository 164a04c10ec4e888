/** A show on further days, all of them or none. Mounted under /api. */
import { randomUUID } from 'node:crypto';
import { Router } from 'express';
import { AgainBody, type AgainAnswer } from '../../contract/again';
import { runsPastMidnight, showAgain } from '../../core/brief/copy';
import type { Show, Venue } from '../../core/brief/types';
import { copyName } from '../../core/repertoire/copy';
import type { AppContext } from '../context';
import { written } from '../db/open';
import { bare } from '../entity';
import { body, HttpError } from '../http/errors';
import { placeCalled } from './start';

/** Titles of what there is already on a day. */
const titlesOn = ({ db }: AppContext, date: string): string[] =>
  db.prepare('SELECT title FROM show WHERE date = ? AND removed = 0').pluck().all(date) as string[];

function titleFor(context: AppContext, show: Show, date: string, venue: Venue | null): string {
  const elsewhere = venue !== null && venue.id !== show.venueId;
  const title = elsewhere ? venue.name : show.title;
  const there = titlesOn(context, date);
  return there.includes(title) || (!elsewhere && date === show.date)
    ? copyName(title, there)
    : title;
}

/** Throws HttpError where one would run past midnight. */
export function madeAgain(context: AppContext, show: Show, asked: AgainBody): AgainAnswer {
  return written(context.db, () => ({
    shows: asked.stops.map(({ title, date, start, venue: place }, i) => {
      if (start !== null && runsPastMidnight(show, start))
        throw new HttpError(
          422,
          'past_midnight',
          'Nothing was made: one would run past midnight.',
          [
            {
              path: `stops[${i}].start`,
              message: 'is so late that the show would run past midnight',
            },
          ],
        );
      const venue = placeCalled(context, place);
      const again = showAgain(show, {
        id: randomUUID(),
        title: title.trim() || titleFor(context, show, date, venue),
        date,
        withCrew: asked.withCrew,
        venueId: venue?.id ?? null,
        ...(start !== null && { start }),
        tour: asked.tour.trim(),
      });
      const { id, title: called } = context.shows.add(again);
      return { id, title: called };
    }),
  }));
}

export function againRoutes(context: AppContext): Router {
  const router = Router();
  router.post('/shows/:id/again', (req, res) => {
    const asked = body(AgainBody, req.body);
    const { shows, db } = context;
    const answer = written(db, () => {
      const { version, ...show } = shows.get(req.params.id);
      const tour = asked.tour.trim();
      // The one that the others are made of is part of the tour.
      if (tour !== '' && show.tour !== tour) shows.change({ ...show, tour }, version);
      return madeAgain(context, show, asked);
    });
    res.status(201).json(answer);
  });
  router.post('/templates/:id/again', (req, res) => {
    const { show } = bare(context.templates.get(req.params.id));
    res.status(201).json(madeAgain(context, show, body(AgainBody, req.body)));
  });
  router.get('/tour', async (req, res) => {
    const { name } = req.query;
    if (typeof name !== 'string' || name === '')
      throw new HttpError(400, 'no_name', 'Which tour? Give its name.');
    res.json(await context.heavy.told('tour', name));
  });
  return router;
}
