import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express, type RequestHandler, Router } from 'express';
import { FORECAST_RUNS, type HealthAnswer, NUMBER_HEADER } from '../contract/api';
import { FollowUpBody } from '../contract/day';
import { PersonBody } from '../contract/brief';
import { VenueBody } from '../contract/venue';
import { ItemBody } from '../contract/item';
import { DemoBody } from '../contract/repertoire';
import { BoxBody, SettingsBody } from '../contract/inventory';
import type { AppContext } from './context';
import { cueRoutes, mediaBody } from './cues/routes';
import { briefRoutes } from './brief/routes';
import { entityRoutes } from './entity';
import type { House } from './house/house';
import { damagedRoutes, namesDamage } from './house/damagedRoutes';
import { houseRoutes } from './house/routes';
import { answerErrors, nothingHere, toldOf } from './http/errors';
import { onlyFromHere, securityHeaders } from './http/guard';
import { kitRoutes } from './kit/routes';
import { libraryRoutes } from './library/routes';
import { handOutRoutes } from './handout/routes';
import { lineupRoutes } from './lineup/routes';
import { photoRoutes } from './ready/photoRoutes';
import { riskRoutes } from './ready/riskRoutes';
import { readyRoutes } from './ready/routes';
import { repertoireRoutes } from './repertoire/routes';
import type { RoomSensor } from './ready/sensor';
import { isAtLeast } from '../contract/share';
import { takePresses } from './stage/presses';
import { onlyWhoMay, refusalFor, rightFor } from './share/rights';
import { shareRoutes } from './share/routes';
import type { Share } from './share/share';
import { stageRoutes } from './stage/routes';
import { orderRoutes } from './inventory/orderRoutes';
import { shoppingRoutes } from './inventory/shoppingRoutes';
import { fileBody, tableBody, tableRoutes } from './tables/tableRoutes';
import { TemplateBody } from '../contract/again';
import { TrialBody } from '../contract/trials';
import { againRoutes } from './brief/againRoutes';
import { reportRoutes } from './after/reportRoutes';
import { trialRoutes } from './trials/routes';
import { storeRoutes } from './inventory/routes';

/** Largest body but for show files, in bytes. */
const BODY_LIMIT = 1024 * 1024;

export interface AppOptions {
  context: AppContext;
  /** Folder of the built pages; null to serve the API alone. */
  pages: string | null;
  /** True when it serves the demo season. */
  demo: boolean;
  sensor: RoomSensor;
  /** Who is let in. */
  share: Share;
  /** What looks after the data file; without one there are no backups. */
  house?: House;
  /** Simulated shows behind a forecast; the pages' own number when none is given. */
  forecastRuns?: number;
}

/** There is one of it, and there always is. */
const onlyReadAndChange: RequestHandler = (req, res, next) => {
  if (req.method === 'GET' || req.method === 'PUT') next();
  else nothingHere(req, res, next);
};

/** Whatever a request has stored is told to the other pages once it is answered. */
const tellsOthers =
  ({ live }: AppContext): RequestHandler =>
  (req, res, next) => {
    if (req.method !== 'GET') res.on('finish', () => live.publish());
    next();
  };

function apiRoutes({
  context,
  demo,
  sensor,
  share,
  house,
  forecastRuns = FORECAST_RUNS,
}: AppOptions): Router {
  const api = Router();
  api.use((req, res, next) => {
    res.locals.caller = share.callerOf(req);
    next();
  }, onlyWhoMay);
  api.get(
    '/health',
    (_req, res) =>
      void res.json({
        ok: true,
        demo,
        forecastRuns,
        damaged: context.damage.known.length,
      } satisfies HealthAnswer),
  );
  if (house) api.use('/backups', houseRoutes(house));
  api.use(tellsOthers(context));
  if (house)
    api.use((req, _res, next) => {
      if (req.method !== 'GET') house.mustBeThere();
      next();
    });
  api.use('/shows', (req, res, next) => {
    if (req.method === 'POST' && req.path === '/file') next();
    else express.json({ limit: BODY_LIMIT, strict: true })(req, res, next);
  });
  api.use(
    '/shows',
    lineupRoutes(context, forecastRuns),
    handOutRoutes(context),
    kitRoutes(context, share),
    readyRoutes(context),
    riskRoutes(context),
    photoRoutes(context),
  );
  api.use('/shows', briefRoutes(context));
  api.use('/store', tableBody);
  api.post('/tables', fileBody);
  api.post('/media', mediaBody);
  api.use(express.json({ limit: BODY_LIMIT, strict: true }));
  api.use('/templates', entityRoutes(context.templates, TemplateBody));
  api.use(againRoutes(context));
  api.use(shareRoutes(share, context));
  api.use(repertoireRoutes(context), libraryRoutes(context));
  api.use('/demos', entityRoutes(context.demos, DemoBody));
  api.use(
    storeRoutes(context),
    shoppingRoutes(context),
    orderRoutes(context),
    tableRoutes(context),
  );
  api.use('/items', entityRoutes(context.items, ItemBody));
  api.use('/boxes', entityRoutes(context.boxes, BoxBody));
  api.use('/settings', onlyReadAndChange, entityRoutes(context.settings, SettingsBody));
  api.use('/venues', entityRoutes(context.venues, VenueBody));
  api.use('/people', entityRoutes(context.people, PersonBody));
  api.use('/follow-ups', entityRoutes(context.followUps, FollowUpBody));
  api.use(trialRoutes(context));
  api.use(reportRoutes(context));
  api.use('/trials', entityRoutes(context.trials, TrialBody));
  api.use('/damaged', damagedRoutes(context));
  api.get('/sensor', async (_req, res) => void res.json(await sensor.answer()));
  api.use(cueRoutes(context));
  api.use(stageRoutes(context, share));
  api.use(nothingHere);
  return api;
}

/** Presses over sockets go the way of those over HTTP: the same right, the same checks, the same answers. */
function pressesOverSockets({ context, house }: AppOptions): void {
  const least = rightFor('POST', '/runs/x/events')?.least ?? 'owner';
  context.live.onPresses = (caller, { run, ref, ...sent }) => {
    try {
      if (!isAtLeast(caller.role, least)) throw refusalFor(least);
      return { ref, stored: takePresses(context, caller, run, sent, () => house?.mustBeThere()) };
    } catch (error) {
      return { ref, error: toldOf(error) };
    }
  };
}

/** Everything the server answers: the API, then the pages. */
export function createApp(options: AppOptions): Express {
  pressesOverSockets(options);
  const app = express();
  app.disable('x-powered-by');
  // Nothing of the API is kept by a browser: there is nothing to compare.
  app.disable('etag');
  app.use(
    securityHeaders,
    onlyFromHere((request) => options.share.hostsFor(request)),
  );
  // Lightly: it is done beside the stage, on the same processor.
  app.use(compression({ level: 1 }));
  app.use('/api', (_req, res, next) => {
    res.setHeader('Cache-Control', 'no-store');
    // Taken before it is answered: what is stored meanwhile is told to the page once it listens.
    const { log } = options.context;
    res.setHeader(NUMBER_HEADER, `${log.epoch}:${log.latest()}`);
    next();
  });
  app.use('/api', apiRoutes(options));
  if (options.pages !== null && existsSync(options.pages)) {
    const { pages } = options;
    app.use('/assets', express.static(join(pages, 'assets'), { immutable: true, maxAge: '1y' }));
    app.use(express.static(pages, { index: false }));
    app.get('/{*path}', (_req, res) => {
      res.setHeader('Cache-Control', 'no-cache');
      res.sendFile(join(pages, 'index.html'));
    });
  }
  app.use(nothingHere);
  app.use(namesDamage(options.context), answerErrors);
  return app;
}
