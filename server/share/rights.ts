/** Which role may call what: each call of the API is here, once. What is not here is not answered. */
import type { RequestHandler } from 'express';
import { match } from 'path-to-regexp';
import { isAtLeast, type Role } from '../../contract/share';
import { HttpError, nothingHere } from '../http/errors';
import { callerOf } from './caller';

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

export interface Right {
  method: Method;
  /** Below /api, as the router has it. */
  path: string;
  /** The least role; null for whoever has found the door. */
  least: Role | null;
}

const of = (least: Role | null, ...calls: `${Method} ${string}`[]): Right[] =>
  calls.map((call) => {
    const [method, path = ''] = call.split(' ');
    return { method: method as Method, path, least };
  });

/** What `entityRoutes` answers. */
const things = (path: string, write: Role = 'presenter'): Right[] => [
  ...of('screen', `GET ${path}`, `GET ${path}/:id`),
  ...of(write, `POST ${path}`, `PUT ${path}/:id`, `DELETE ${path}/:id`, `POST ${path}/:id/restore`),
];

export const RIGHTS: readonly Right[] = [
  ...of(null, 'GET /health', 'GET /me', 'POST /join'),
  ...of('audience', 'POST /leave', 'GET /screens/:id', 'GET /media', 'GET /media/:id'),

  ...of(
    'screen',
    'PUT /me',
    'GET /devices',
    'GET /sensor',
    'GET /outputs',
    'GET /shows/:id/all',
    'GET /shows/:id/checks',
    'GET /shows/:id/outlook',
    'GET /shows/:id/packing',
    'GET /shows/:id/photos/:photo',
    'GET /shows/:id/runs',
    'GET /shows/:id/stock',
    'GET /shows/:id/used',
    'GET /runs/:id',
    'GET /runs/:id/events',
    'GET /demos/:id/all',
    'GET /demos/:id/records',
    'GET /items/:id/ahead',
    'GET /items/:id/movements',
    'GET /library',
    'GET /tour',
    'GET /shopping',
    'GET /trials/:id/all',
    'GET /store',
  ),

  ...of(
    'crew',
    'PUT /shows/:id/checks/:key',
    'DELETE /shows/:id/checks/:key',
    'PUT /shows/:id/packing/:kind/:key',
    'DELETE /shows/:id/packing/:kind/:key',
    'POST /shows/:id/photos',
    'DELETE /shows/:id/photos/:photo',
    'POST /shows/:id/photos/:photo/restore',
    'POST /runs/:id/events',
    'PUT /demos/:id/readings/:reading',
    'DELETE /demos/:id/readings/:reading',
    'POST /demos/:id/readings/:reading/restore',
    'PUT /trials/:id/goes/:go',
    'DELETE /trials/:id/goes/:go',
    'GET /trials/:id/readings.csv',
    'POST /runs/:id/drive',
    'GET /shows/:id/kit.:type',
    'GET /shows/:id/labels.pdf',
    'GET /shows/:id/packing.pdf',
    'GET /shows/:id/running-order.csv',
    'GET /shows/:id/running-order.pdf',
    'GET /shows/:id/script.pdf',
    'GET /shows/:id/shots.pdf',
    'GET /shows/:id/hand-out.pdf',
    'GET /shows/:id/brief.pdf',
    'GET /shows/:id/observation.pdf',
    'GET /shows/:id/calendar.ics',
    'GET /runs/:id/report.md',
    'GET /runs/:id/chapters.vtt',
    'GET /runs/:id/report.pdf',
    'GET /shows/:id/risks.md',
    'GET /shows/:id/risks.pdf',
    'GET /shows/:id/risks/signed/:number.md',
    'GET /shows/:id/risks/signed/:number.pdf',
    'GET /shows/:id/risks/signed/:number',
  ),

  ...of(
    'presenter',
    'POST /figures',
    'POST /library/take',
    'POST /shows/file',
    'POST /shows/start',
    'POST /shows/:id/again',
    'POST /templates/:id/again',
    'POST /orders/:id/come',
    'POST /orders/:id/not-come',
    'GET /repertoire',
    'GET /shows/:id/file',
    'POST /shows/:id/take-out',
    'POST /shows/:id/put-back',
    'POST /shows/:id/risks/signed',
    'POST /shows/:id/runs',
    'POST /runs/:id/slots',
    'POST /runs/:id/claims',
    'POST /trials/:id/slots',
    'POST /trials/table',
    'POST /shows/:id/cues/fire',
    'POST /runs/:id/cues/fire',
    'POST /cues/stop',
    'POST /signals/try',
    'POST /signals/:name/fire',
    'POST /media',
    'DELETE /media/:id',
    'POST /media/:id/restore',
    'POST /runs/:id/ask',
    'DELETE /runs/:id/ask/:device',
    'DELETE /runs/:id',
    'POST /runs/:id/restore',
    'POST /deliveries',
    'POST /lots/:id/count',
    'POST /movements/:id/reverse',
    'POST /store/preview',
    'POST /store/import',
    'GET /store/imports',
    'POST /store/imports/:id/back',
    'POST /tables',
    'GET /tables/words',
    'DELETE /tables/words',
    'GET /shopping.:type',
    'GET /store.:type',
  ),

  ...of(
    'owner',
    'GET /share',
    'PUT /share',
    'POST /share/code',
    'PUT /devices/:id',
    'DELETE /devices/:id',
    'PUT /settings/:id',
    'GET /backups',
    'POST /backups',
    'GET /backups/:name',
    'POST /backups/:name/restore',
    'GET /damaged',
    'DELETE /damaged/:kind/:id',
  ),
  ...of('screen', 'GET /settings', 'GET /settings/:id'),

  ...things('/shows'),
  ...things('/templates'),
  ...things('/orders'),
  ...things('/demos'),
  ...things('/items'),
  ...things('/boxes'),
  ...things('/lots'),
  ...things('/venues'),
  ...things('/people'),
  ...things('/follow-ups'),
  ...things('/trials'),
];

const matchers = RIGHTS.map((right) => ({ right, matches: match(right.path) }));

/** The right that a call needs; null for one that there is not. Paths are told apart as the router does it. */
export function rightFor(method: string, path: string): Right | null {
  const asked = method === 'HEAD' ? 'GET' : method;
  const found = matchers.find(
    ({ right, matches }) => right.method === asked && isMatch(matches, path),
  );
  return found?.right ?? null;
}

function isMatch(matches: ReturnType<typeof match>, path: string): boolean {
  try {
    return matches(path) !== false;
  } catch {
    // Not to be decoded: the router refuses it in its own words.
    return true;
  }
}

/** Why a role may not, in words for whoever holds the device. */
export function refusalFor(least: Role): HttpError {
  const words: Record<Role, string> = {
    owner: 'This is done on the laptop itself.',
    presenter: 'Only a presenter changes this. Ask on the laptop for another role.',
    crew: 'This device only looks on. Ask on the laptop for another role.',
    screen: 'This device shows what is for the audience.',
    audience: 'This device is not let in.',
  };
  return new HttpError(403, 'role', words[least]);
}

export const notLetIn = (): HttpError =>
  new HttpError(401, 'join', 'This device is not let in. Scan the code on the laptop, or type it.');

/** Lets through who may. */
export const onlyWhoMay: RequestHandler = (req, res, next) => {
  const right = rightFor(req.method, req.path);
  if (!right) return nothingHere(req, res, next);
  if (right.least !== null) {
    const caller = callerOf(res);
    if (!caller) throw notLetIn();
    if (!isAtLeast(caller.role, right.least)) throw refusalFor(right.least);
  }
  next();
};
