/** A series, or the finale that it came to, put into a show in one go. */
import { randomUUID } from 'node:crypto';
import type { TrialSlotBody } from '../../contract/trials';
import { freshSlot } from '../../core/brief/freshSlot';
import type { Slot } from '../../core/brief/types';
import { besideSlot, finaleInShow, seriesInShow } from '../../core/trials/intoShow';
import type { AppContext } from '../context';
import { written } from '../db/open';
import { HttpError } from '../http/errors';

const refused = (path: string, message: string, words: string): HttpError =>
  new HttpError(422, 'invalid', words, [{ path, message }]);

/** The slot, last in the show’s line-up. Throws HttpError where it can’t be put there. */
export function putIntoShow(
  { db, trials, demos, shows }: AppContext,
  trialId: string,
  { showId, size }: TrialSlotBody,
): Slot {
  return written(db, () => {
    const trial = trials.get(trialId);
    if (trial.demoId === null)
      throw refused(
        'demoId',
        'is of no demonstration',
        'Say in its question of which demonstration it is: a show needs its steps.',
      );
    if (trial.levels.length === 0)
      throw refused('levels', 'has no levels', 'There is no level yet to put into a show.');
    const level = trial.levels.find(({ id }) => id === size?.levelId);
    if (size && !level)
      throw refused('size.levelId', 'is not one of the levels', 'That level is gone.');
    const { version, ...show } = shows.get(showId);
    const demo = demos.get(trial.demoId);
    const fresh = freshSlot(show, demo, randomUUID());
    if (!fresh)
      throw refused('demoId', 'has no method', `${demo.name} has no method yet to be done by.`);
    const beside = size && level ? finaleInShow(trial, level, size) : seriesInShow(trial);
    const slot = besideSlot({ ...fresh, methodId: trial.methodId ?? fresh.methodId }, beside);
    shows.change({ ...show, slots: [...show.slots, slot] }, version);
    return slot;
  });
}

/** Shows that it is in, by date. */
export const showsWith = (
  { db }: Pick<AppContext, 'db'>,
  trialId: string,
): { showId: string; slotId: string; title: string; date: string; kind: 'series' | 'finale' }[] =>
  db
    .prepare(
      `SELECT show.id AS showId, slot.id AS slotId, show.title, show.date,
         json_extract(side_by_side, '$.kind') AS kind
       FROM slot JOIN show ON show.id = slot.show_id AND show.removed = 0
       WHERE side_by_side IS NOT NULL AND json_extract(side_by_side, '$.trialId') = ?
       ORDER BY show.date, show.start, slot.ord`,
    )
    .all(trialId) as ReturnType<typeof showsWith>;
