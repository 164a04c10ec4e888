import type { RequestHandler } from 'express';
import helmet from 'helmet';
import { HttpError } from './errors';

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]']);

export const isLoopback = (host: string): boolean => LOOPBACK.has(host) || host === '::1';

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Refuses requests that another site sent from this machine's browser, or that reached us under
 * another name: a page elsewhere must not be able to read or change a show.
 */
export const onlyFromHere: RequestHandler = (req, _res, next) => {
  const host = req.headers.host ?? '';
  if (!LOOPBACK.has(nameOf(host)))
    throw new HttpError(403, 'foreign_host', 'Open Hearty Stage by the address it printed.');
  const { origin } = req.headers;
  if (origin !== undefined) {
    const from = URL.canParse(origin) ? new URL(origin) : null;
    if (!from || !LOOPBACK.has(from.hostname.toLowerCase()))
      throw new HttpError(403, 'foreign_origin', 'Only Hearty Stage’s own pages may ask for this.');
    if (from.host.toLowerCase() !== host.toLowerCase() && process.env.NODE_ENV === 'production')
      throw new HttpError(403, 'foreign_origin', 'Only Hearty Stage’s own pages may ask for this.');
  }
  next();
};

/** Nothing from elsewhere: no scripts, fonts, frames or requests beyond this server. */
export const securityHeaders = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      fontSrc: ["'self'"],
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
