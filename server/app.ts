import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express, type RequestHandler, Router } from 'express';
import { FollowUpBody } from '../contract/day';
import { PersonBody } from '../contract/brief';
import { VenueBody } from '../contract/venue';
import { ItemBody } from '../contract/item';
import { DemoBody } from '../contract/repertoire';
import { BoxBody, SettingsBody } from '../contract/store';
import { recordsFor } from './after/records';
import type { Area } from './area';
import { briefRoutes } from './brief/routes';
import { entityRoutes } from './entity';
import { answerErrors, nothingHere } from './http/errors';
import { onlyFromHere, securityHeaders } from './http/guard';
import { kitRoutes } from './kit/routes';
import { lineupRoutes } from './lineup/routes';
import { photoRoutes } from './ready/photoRoutes';
import { readyRoutes } from './ready/routes';
import type { RoomSensor } from './ready/sensor';
import { stageRoutes } from './stage/routes';
import { shoppingRoutes, tableBody } from './store/shoppingRoutes';
import { storeRoutes } from './store/routes';

/** Largest body but for show files, in bytes. */
const BODY_LIMIT = 1024 * 1024;

export interface AppOptions {
  area: Area;
  /** Folder of the built pages; null to serve the API alone. */
  pages: string | null;
  /** True when it serves the demo season. */
  demo: boolean;
  sensor: RoomSensor;
}

/** There is one of it, and there always is. */
const onlyReadAndChange: RequestHandler = (req, res, next) => {
  if (req.method === 'GET' || req.method === 'PUT') next();
  else nothingHere(req, res, next);
};

function apiRoutes({ area, demo, sensor }: AppOptions): Router {
  const api = Router();
  api.get('/health', (_req, res) => void res.json({ ok: true, demo }));
  api.get('/changes', (req, res) => area.changes.listen(req, res));
  api.use('/shows', (req, res, next) => {
    if (req.method === 'POST' && req.path === '/file') next();
    else express.json({ limit: BODY_LIMIT, strict: true })(req, res, next);
  });
  api.use('/shows', lineupRoutes(area), kitRoutes(area), readyRoutes(area), photoRoutes(area));
  api.use('/shows', briefRoutes(area));
  api.use('/store', tableBody);
  api.use(express.json({ limit: BODY_LIMIT, strict: true }));
  api.use('/demos', entityRoutes(area.demos, DemoBody, area.changes));
  api.use(storeRoutes(area), shoppingRoutes(area));
  api.use('/items', entityRoutes(area.items, ItemBody, area.changes));
  api.use('/boxes', entityRoutes(area.boxes, BoxBody, area.changes));
  api.use('/settings', onlyReadAndChange, entityRoutes(area.settings, SettingsBody, area.changes));
  api.use('/venues', entityRoutes(area.venues, VenueBody, area.changes));
  api.use('/people', entityRoutes(area.people, PersonBody, area.changes));
  api.use('/follow-ups', entityRoutes(area.followUps, FollowUpBody, area.changes));
  api.get('/records', (_req, res) => void res.json(recordsFor(area, area.demos.list())));
  api.get('/sensor', async (_req, res) => void res.json(await sensor.answer()));
  api.use(stageRoutes(area));
  api.use(nothingHere);
  return api;
}

/** Everything the server answers: the API, then the pages. */
export function createApp(options: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(securityHeaders, onlyFromHere);
  app.use(
    compression({
      filter: (req, res) => !req.path.endsWith('/changes') && compression.filter(req, res),
    }),
  );
  app.use('/api', (_req, res, next) => {
    res.setHeader('Cache-Control', 'no-store');
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
  app.use(answerErrors);
  return app;
}
