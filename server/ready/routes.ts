import { type Response, Router } from 'express';
import { MarkBody } from '../../contract/day';
import { isAtLeast } from '../../contract/share';
import type { AppContext } from '../context';
import { HttpError, body, notFound } from '../http/errors';
import { sendJson } from '../http/sendTable';
import { byWhom, callerOf } from '../share/caller';

/** A waiver is given, and taken back, by who presents. */
function onlyPresenter(res: Response): void {
  if (!isAtLeast(callerOf(res)?.role ?? 'crew', 'presenter'))
    throw new HttpError(403, 'role', 'Only a presenter passes over a check, or takes that back.');
}

/** Checks and verdicts of a show, and what was said of them. Mounted under /api/shows. */
export function readyRoutes(context: AppContext): Router {
  const { bundles, marks, people } = context;
  const router = Router();

  /** A waiver is accepted only from a person who may waive. */
  function refuseWaiver(by: string | null): void {
    const person = by === null ? null : people.find(by);
    if (!person)
      throw new HttpError(422, 'invalid', 'Say first who you are: a waiver carries a name.', [
        { path: 'by', message: 'must be somebody of the crew' },
      ]);
    if (!person.mayWaive)
      throw new HttpError(
        403,
        'not_allowed',
        `${person.name} may not waive a check. Ask somebody who may, or change it under People.`,
      );
  }

  router.get('/:id/checks', async (req, res) =>
    sendJson(res, await context.heavy.bytes('checks', req.params.id)),
  );
  router.put('/:id/checks/:key', async (req, res) => {
    const { id, key } = req.params;
    // What the store has is worked out beside the server's own thread.
    const { checks, verdicts } = await context.heavy.told('checks', id);
    const verdict = verdicts.find((one) => one.key === key);
    if (!verdict && !checks.some((check) => check.key === key)) throw notFound('check');
    const mark = body(MarkBody, req.body);
    const { state, reason, value } = mark;
    const by = byWhom(res, mark.by);
    if (verdict && state !== 'waived')
      throw new HttpError(422, 'invalid', 'A verdict is not ticked: it changes with its figures.');
    if (verdict?.final)
      throw new HttpError(409, 'final', `${verdict.message} Nothing sets this aside.`);
    if (state === 'waived') {
      onlyPresenter(res);
      refuseWaiver(by);
    }
    marks.set(id, { key, state, reason, value, by, at: Date.now() });
    res.json(marks.of(id));
  });
  router.delete('/:id/checks/:key', (req, res) => {
    const { id, key } = req.params;
    bundles.of(id);
    if (marks.of(id).some((mark) => mark.key === key && mark.state === 'waived'))
      onlyPresenter(res);
    marks.clear(id, key);
    res.json(marks.of(id));
  });
  return router;
}
