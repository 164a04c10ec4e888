import { Router } from 'express';
import { PackKeyParam, PackTickBody, TakeOutBody } from '../../contract/inventory';
import type { UsedAnswer } from '../../contract/api';
import { kitList } from '../../core/kit/kit';
import { shortages } from '../../core/ready/stock';
import { PACK_MARKS, type PackMarkKind, packingOf } from '../../core/kit/packing';
import { kitTable } from '../../core/kit/table';
import { timelineOf } from '../../core/lineup/timelineOf';
import { fold } from '../../core/stage/fold';
import { usedIn } from '../../core/kit/takeOut';
import { recordsFor } from '../after/records';
import type { AppContext } from '../context';
import { bare } from '../entity';
import { byWhom } from '../share/caller';
import type { Share } from '../share/share';
import { body, notFound } from '../http/errors';
import { sendJson, sendTable } from '../http/sendTable';
import { refuseMoreThanThereIs } from './thereIs';
import { putBack, takeOut } from './takeOut';

/** The kit list, what the store has for it, packing, and what was used. Mounted under /api/shows. */
export function kitRoutes(context: AppContext, share: Share): Router {
  const { bundles, packMarks, ledger, runs } = context;
  const router = Router();
  router.get('/:id/kit.:type', async (req, res, next) => {
    const bundle = bundles.whole(req.params.id);
    const entries = kitList(bundle, timelineOf(bundle), {
      records: recordsFor(context, bundle.demos),
    });
    await sendTable(req.params.type, 'Kit', kitTable(entries), res, next);
  });
  router.get('/:id/stock', async (req, res) => {
    context.shows.get(req.params.id);
    sendJson(res, await context.heavy.bytes('stock', req.params.id));
  });

  const kindOf = (kind: string): PackMarkKind => {
    const known = PACK_MARKS.find((one) => one === kind);
    if (!known) throw notFound('tick');
    return known;
  };
  router.get('/:id/packing', (req, res) => {
    context.shows.get(req.params.id);
    res.json(packMarks.of(req.params.id));
  });
  router.put('/:id/packing/:kind/:key', (req, res) => {
    const { id } = req.params;
    const { key } = body(PackKeyParam, { key: req.params.key });
    context.shows.get(id);
    const kind = kindOf(req.params.kind);
    const { by: named, amount, of } = body(PackTickBody, req.body);
    if (kind === 'packed') refuseMoreThanThereIs(context, id, key, amount);
    packMarks.set(id, { key, kind, by: byWhom(res, named), at: Date.now(), amount, of });
    res.json(packMarks.of(id));
  });
  router.delete('/:id/packing/:kind/:key', (req, res) => {
    const { id, key } = req.params;
    context.shows.get(id);
    packMarks.clear(id, key, kindOf(req.params.kind));
    res.json(packMarks.of(id));
  });

  const usedOf = (id: string): UsedAnswer => {
    const bundle = bundles.of(id);
    const last = runs.lastPerformance(id);
    const run = last === null ? null : runs.get(last);
    const live = run && fold(run.plan, run.events);
    const goes =
      live &&
      new Map(Object.entries(live.slots).map(([slot, { goes: all }]) => [slot, all.length]));
    return {
      used: usedIn(bundle, goes ?? null, { records: recordsFor(context, bundle.demos) }),
      takenOut: ledger.takenFor(id).length > 0,
    };
  };
  router.get('/:id/used', (req, res) => void res.json(usedOf(req.params.id)));
  router.post('/:id/take-out', (req, res) => {
    const { id } = req.params;
    const { taken } = body(TakeOutBody, req.body);
    takeOut(context, bundles.of(id).show, taken);
    res.json(usedOf(id));
  });
  router.post('/:id/put-back', (req, res) => {
    const { id } = req.params;
    context.shows.get(id);
    putBack(context, id);
    res.json(usedOf(id));
  });
  router.get('/:id/labels.pdf', async (req, res) => {
    const bundle = bundles.whole(req.params.id);
    const { labelSheet } = await import('./labelSheet');
    const own = `${req.protocol}://${req.get('host') ?? ''}`;
    const sheet = { context, bundle, shared: share.origin, own, query: req.query };
    res
      .attachment('labels.pdf')
      .type('application/pdf')
      .send(await labelSheet(sheet));
  });
  router.get('/:id/packing.pdf', async (req, res) => {
    const bundle = bundles.whole(req.params.id);
    const { show } = bundle;
    const { shares } = await context.heavy.told('stock', show.id);
    const entries = kitList(bundle, timelineOf(bundle), {
      records: recordsFor(context, bundle.demos),
    });
    const lacking = shortages(bundle, shares);
    const { packingPdf } = await import('./packingPdf');
    const pdf = await packingPdf({
      title: show.title,
      below: [bundle.venue?.name, show.date, show.start, `${show.audience} people`]
        .filter(Boolean)
        .join(' · '),
      packed: packingOf(entries, bundle.items, context.boxes.list().map(bare)),
      shortOf: ({ item }) => lacking.find((one) => one.item.id === item.id)?.text ?? '',
    });
    res.attachment('packing.pdf').type('application/pdf').send(pdf);
  });
  return router;
}
