import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { Router } from 'express';
import { type Device, DriveBody, isAtLeast } from '../../contract/share';
import { AddedSlotBody, AfterQuery, type EventsAnswer, NewRunBody } from '../../contract/stage';
import { holdingWords } from '../../core/ready/go';
import { eventOf } from '../../core/stage/event';
import { withAdded, withClaims } from '../../core/stage/added';
import { runPlanOf } from '../../core/stage/plan';
import { fold } from '../../core/stage/fold';
import { type PublicScreen, publicScreen } from '../../core/stage/screen';
import { timelineOf } from '../../core/lineup/timelineOf';
import type { AppContext } from '../context';
import { localInstant } from '../instant';
import { HttpError, body, notFound } from '../http/errors';
import { byWhom, callerOf } from '../share/caller';
import type { Share } from '../share/share';
import { notLetIn } from '../share/rights';
import { toldClaims } from '../trials/claims';
import { drivingOf, takePresses } from './presses';

/** Runs of a show that are listed, the latest. */
const RUNS_LISTED = 200;

/** Starting, feeding and removing runs. Mounted under /api. */
export function stageRoutes(context: AppContext, share: Share): Router {
  const { runs, outcomes, bundles, live } = context;
  const router = Router();

  /** Whom driving may be given to: a device that is in, and may press. */
  function driverFor(id: string): Device {
    const device = share.devices.find(id);
    if (!device) throw notFound('device');
    if (!isAtLeast(device.role, 'crew'))
      throw new HttpError(409, 'role', 'That device only looks on. Give it another role first.');
    return device;
  }

  router.post('/runs/:id/drive', (req, res) => {
    const run = runs.head(req.params.id);
    const { id } = run;
    const to = driverFor(body(DriveBody, req.body).device);
    const caller = callerOf(res);
    const me = caller?.device?.id ?? null;
    const { driver } = drivingOf(runs, id);
    const takes = to.id === me && caller !== null && isAtLeast(caller.role, 'presenter');
    const mayTake = takes && (driver === null || share.isGone(driver));
    if (me === null || (driver !== me && !mayTake)) {
      const { goneAfter } = share.devices.share;
      throw new HttpError(
        409,
        'driven',
        takes
          ? `Another device drives, and is here. Ask for it; it can be taken when that device has been gone for ${goneAfter} seconds.`
          : 'Only the device that drives hands it over.',
      );
    }
    const at = context.now();
    const event = eventOf({ id: randomUUID(), at, by: byWhom(res, null) }, 'drive', {
      text: to.id,
      device: me,
    });
    runs.append(id, [{ event, deviceAt: null, receivedAt: at }]);
    context.cues.engine.again(run);
    share.answered(to.id);
    live.publish();
    res.json({
      events: runs.events(id, 0),
      seq: runs.lastSeq(id),
      refused: [],
    } satisfies EventsAnswer);
  });
  router.post('/runs/:id/ask', (req, res) => {
    const { id } = runs.head(req.params.id);
    const me = callerOf(res)?.device;
    if (!me) throw new HttpError(409, 'no_device', 'Only a device that is in can ask to drive.');
    share.ask(id, me.id);
    res.status(204).end();
  });
  /** Who drives keeps it, or who asked needs it no more. */
  router.delete('/runs/:id/ask/:device', (req, res) => {
    const { id } = runs.head(req.params.id);
    const me = callerOf(res)?.device?.id ?? null;
    const { driver } = drivingOf(runs, id);
    if (me === null || (me !== driver && me !== req.params.device))
      throw new HttpError(409, 'driven', 'That is answered by who drives.');
    share.answered(req.params.device);
    res.status(204).end();
  });
  router.get('/shows/:id/runs', (req, res) => {
    bundles.of(req.params.id);
    outcomes.refresh();
    res.json(runs.list(req.params.id, RUNS_LISTED));
  });
  router.post('/shows/:id/runs', async (req, res) => {
    const { id, kind } = body(NewRunBody, req.body);
    const bundle = bundles.of(req.params.id);
    const timeline = timelineOf(bundle);
    if (timeline.blocks.length === 0)
      throw new HttpError(422, 'empty', 'There is nothing in the line-up to perform yet.');
    const { state } = await context.heavy.told('checks', bundle.show.id);
    if (kind === 'performance' && !state.go)
      throw new HttpError(
        409,
        'held',
        `${state.words}: ${holdingWords(state)}. See to it in Ready.`,
      );
    if (runs.exists(id)) throw new HttpError(409, 'exists', 'This run has begun already.');
    const startsAt = localInstant(bundle.show.date, bundle.show.start, bundle.show.zone);
    runs.create({
      id,
      showId: bundle.show.id,
      kind,
      createdAt: context.now(),
      plan: runPlanOf(bundle, timeline, startsAt, toldClaims(context, bundle.show.slots)),
    });
    res.status(201).json(runs.get(id));
  });
  router.get('/screens/:id', (req, res) => {
    const { id } = req.params;
    // A screen before the audience is told of the show that was opened to the crew, and of no other.
    if (callerOf(res)?.role === 'audience' && share.devices.share.showId !== id)
      throw notFound('screen');
    const show = context.shows.get(id);
    outcomes.refresh();
    const last = runs.list(id, 1)[0];
    const run = last && !last.finished && last.trouble === null ? runs.get(last.id) : null;
    const before: PublicScreen = {
      title: show.title,
      phase: last?.finished ? 'finished' : 'before',
      slot: null,
      says: { kind: 'title' },
    };
    res.json(run ? publicScreen(run.plan, fold(run.plan, run.events)) : before);
  });
  router.get('/runs/:id', (req, res) => void res.json(runs.get(req.params.id)));
  /** What was put into the show since the run began goes to the end of its running order. */
  router.post('/runs/:id/slots', (req, res) => {
    const { slotId } = body(AddedSlotBody, req.body);
    const run = runs.get(req.params.id);
    if (fold(run.plan, run.events).phase === 'finished')
      throw new HttpError(
        409,
        'finished',
        'This run is over. Nothing can be put into it any more.',
      );
    const bundle = bundles.of(run.showId);
    const claims = toldClaims(context, bundle.show.slots);
    const now = runPlanOf(bundle, timelineOf(bundle), run.plan.startsAt, claims);
    const plan = withAdded(run.plan, now, slotId);
    if (!plan)
      throw new HttpError(
        409,
        'not_planned',
        'That is not in the show’s line-up, or has no steps to perform.',
      );
    if (plan !== run.plan) runs.setPlan(run.id, plan);
    res.json(runs.get(run.id));
  });
  /** What trials say by now, those included that are tried in this run. */
  router.post('/runs/:id/claims', (req, res) => {
    const { id, plan } = runs.head(req.params.id);
    const now = withClaims(plan, toldClaims(context, plan.slots));
    if (!isDeepStrictEqual(now, plan)) runs.setPlan(id, now);
    res.json(runs.get(id));
  });
  router.get('/runs/:id/events', (req, res) => {
    const { id } = runs.head(req.params.id);
    const { after } = body(AfterQuery, { after: Number(req.query.after ?? 0) });
    res.json({
      events: runs.events(id, after),
      seq: runs.lastSeq(id),
      refused: [],
    } satisfies EventsAnswer);
  });
  router.post('/runs/:id/events', (req, res) => {
    const caller = callerOf(res);
    if (!caller) throw notLetIn();
    res.json(takePresses(context, caller, req.params.id, req.body));
  });
  router.delete('/runs/:id', (req, res) => {
    runs.setRemoved(req.params.id, true);
    res.status(204).end();
  });
  router.post('/runs/:id/restore', (req, res) => {
    runs.setRemoved(req.params.id, false);
    res.json(runs.get(req.params.id));
  });
  return router;
}
