/** The library, and what is taken from it into one’s own repertoire. Mounted under /api. */
import { randomUUID } from 'node:crypto';
import { Router } from 'express';
import { type LibraryAnswer, TakeBody, type TakenAnswer } from '../../contract/library';
import { type OwnItem, take } from '../../core/library/take';
import type { Demo } from '../../core/repertoire/types';
import { LIBRARY_ITEMS } from '../../library/all';
import { LIBRARY_DEMOS } from '../../library/demos';
import type { AppContext } from '../context';
import { written } from '../db/open';
import { body, notFound } from '../http/errors';
import { sendJson } from '../http/sendTable';

/** It is the same until the application itself is another. */
const WHOLE = Buffer.from(
  JSON.stringify({ demos: LIBRARY_DEMOS, items: LIBRARY_ITEMS } satisfies LibraryAnswer),
);

function libraryDemo(id: string): Demo {
  const demo = LIBRARY_DEMOS.find((one) => one.id === id);
  if (!demo) throw notFound('demonstration of the library');
  return demo;
}

/** Puts copies into the repertoire, all or none. What was taken before, and is still there, is not taken twice. */
export function takeFromLibrary(
  { db, demos, items }: AppContext,
  ids: readonly string[],
): TakenAnswer {
  return written(db, () => {
    const own: OwnItem[] = items.list();
    const mine = demos.list();
    const answer: TakenAnswer = { demos: [], items: 0 };
    for (const id of new Set(ids)) {
      const library = libraryDemo(id);
      const there = mine.find((demo) => (demo.origin?.demoId ?? demo.id) === id);
      if (there) {
        answer.demos.push({ id: there.id, libraryId: id, name: there.name, isNew: false });
        continue;
      }
      const taken = take(library, LIBRARY_ITEMS, {
        items: own,
        isTaken: (kind, one) => (kind === 'demo' ? demos : items).exists(one),
        newId: randomUUID,
      });
      for (const item of taken.items) {
        items.add(item);
        own.push(item);
      }
      demos.add(taken.demo);
      answer.items += taken.items.length;
      answer.demos.push({ id: taken.demo.id, libraryId: id, name: library.name, isNew: true });
    }
    return answer;
  });
}

export function libraryRoutes(context: AppContext): Router {
  const router = Router();
  router.get('/library', (_req, res) => sendJson(res, WHOLE));
  router.post('/library/take', (req, res) => {
    res.json(takeFromLibrary(context, body(TakeBody, req.body).ids));
  });
  return router;
}
