import type { IncomingMessage } from 'node:http';
import type { RequestHandler } from 'express';
import helmet from 'helmet';
import { doorOf } from '../share/caller';
import { LOOPBACK } from '../share/share';
import { HttpError } from './errors';

export const isLoopback = (host: string): boolean => LOOPBACK.has(host) || host === '::1';

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

const FOREIGN_ORIGIN = 'Only Hearty Stage’s own pages may ask for this.';

/** A picture or a form of another page sends no Origin, but the browser says where it is from. */
const FROM_HERE = new Set(['same-origin', 'none']);

/**
 * Why a request is refused: another site sent it from this machine's browser, or it reached us under
 * another name. A page elsewhere must not be able to read or change a show, or to keep the server busy.
 * `names`: what this door is known by. `page`: it asks for one of our pages, and not for data.
 */
export function refusalOf(
  request: IncomingMessage,
  names: ReadonlySet<string>,
  page = false,
): HttpError | null {
  const { headers } = request;
  const host = headers.host ?? '';
  if (!names.has(nameOf(host)))
    return new HttpError(403, 'foreign_host', 'Open Hearty Stage by the address it printed.');
  const { origin } = headers;
  const site = headers['sec-fetch-site'];
  // While it is developed, pages come from another port of this machine.
  const own = process.env.NODE_ENV === 'production' || doorOf(request) === 'shared';
  const foreign = (): HttpError => new HttpError(403, 'foreign_origin', FOREIGN_ORIGIN);
  if (origin !== undefined) {
    const from = URL.canParse(origin) ? new URL(origin) : null;
    if (!from || !names.has(from.hostname.toLowerCase())) return foreign();
    if (own && from.host.toLowerCase() !== host.toLowerCase()) return foreign();
  } else if (site !== undefined && !FROM_HERE.has(String(site))) {
    // A link from elsewhere to one of our pages is followed; nothing else is fetched from there.
    if (!page || headers['sec-fetch-mode'] !== 'navigate') return foreign();
  }
  return null;
}

export const onlyFromHere =
  (namesFor: (request: IncomingMessage) => ReadonlySet<string>): RequestHandler =>
  (req, _res, next) => {
    const refusal = refusalOf(req, namesFor(req), !/^\/api(?:\/|$)/.test(req.path));
    if (refusal) throw refusal;
    next();
  };

/** Nothing from elsewhere: no scripts, fonts, frames or requests beyond this server. */
const headers = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      fontSrc: ["'self'"],
      // A silent film in the page itself keeps a screen awake where nothing else can.
      mediaSrc: ["'self'", 'data:'],
      connectSrc: ["'self'"],
      workerSrc: ["'self'", 'blob:'],
      objectSrc: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  // Plain HTTP on loopback: telling browsers to insist on HTTPS would lock the person out.
  strictTransportSecurity: false,
  crossOriginEmbedderPolicy: false,
});

/** Browsers complain of what only holds for secure pages, so that it is left out where there are none. */
const overPlainHttp: RequestHandler = (req, res, next) => {
  if (!req.secure && doorOf(req) === 'shared')
    for (const name of ['Cross-Origin-Opener-Policy', 'Origin-Agent-Cluster'])
      res.removeHeader(name);
  next();
};

export const securityHeaders: RequestHandler[] = [headers, overPlainHttp];
