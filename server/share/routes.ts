/** Coming in, who is here, and what the laptop decides about it. Mounted under /api. */
import { stringifySetCookie } from 'cookie';
import { type Request, type Response, Router } from 'express';
import { ipKeyGenerator, rateLimit } from 'express-rate-limit';
import { DeviceBody, JoinBody, type MeAnswer, MineBody, ShareBody } from '../../contract/share';
import type { AppContext } from '../context';
import { HttpError, body, notFound } from '../http/errors';
import { callerOf, cookieName } from './caller';
import { kindOf } from './deviceStore';
import { notLetIn } from './rights';
import type { Share } from './share';

/** Wrong codes: from one device in so many minutes, and from all of them. */
const TRIES = { each: 10, all: 200, minutes: 10 };
/** A device that is not thrown out stays in for so long, in seconds. */
const STAYS = 60 * 86_400;

export function shareRoutes(share: Share, { live, people, shows }: AppContext): Router {
  const router = Router();
  const { devices, presence } = share;

  function give(req: Request, res: Response, token: string): void {
    res.append(
      'Set-Cookie',
      stringifySetCookie(cookieName(devices), token, {
        httpOnly: true,
        sameSite: 'lax',
        path: '/',
        maxAge: STAYS,
        secure: req.secure,
      }),
    );
  }

  const meOf = (res: Response): MeAnswer => {
    const caller = callerOf(res);
    if (!caller) throw notLetIn();
    const { showId } = devices.share;
    return {
      role: caller.role,
      device: caller.device && devices.find(caller.device.id),
      showId: showId !== null && shows.listed(showId) ? showId : null,
    };
  };

  const somebody = (id: string | null): string | null => {
    if (id !== null && !people.listed(id))
      throw new HttpError(422, 'invalid', 'Choose somebody of the crew.', [
        { path: 'person', message: 'is not of the crew any more' },
      ]);
    return id;
  };

  const limited = (limit: number, keyGenerator: (req: Request) => string) =>
    rateLimit({
      windowMs: TRIES.minutes * 60_000,
      limit,
      keyGenerator,
      skipSuccessfulRequests: true,
      standardHeaders: false,
      legacyHeaders: false,
      validate: false,
      handler: () => {
        throw new HttpError(
          429,
          'too_often',
          `Too many wrong codes. Wait ${TRIES.minutes} minutes, or scan the code on the laptop then.`,
        );
      },
    });

  router.get('/me', (req, res) => {
    const caller = callerOf(res);
    // A browser of this machine gets a name of its own, so that it can be told from the others.
    if (caller?.role === 'owner' && !caller.device && req.get('sec-fetch-site') !== undefined) {
      const { device, token } = devices.add('owner', kindOf(req.get('user-agent')));
      give(req, res, token);
      res.locals.caller = { role: 'owner', device };
    }
    res.json(meOf(res));
  });
  router.put('/me', (req, res) => {
    const { person } = body(MineBody, req.body);
    const caller = callerOf(res);
    if (caller?.device) {
      devices.set(caller.device.id, { person: somebody(person) });
      presence.changed();
    }
    res.json(meOf(res));
  });
  router.post(
    '/join',
    limited(TRIES.all, () => 'all'),
    limited(TRIES.each, (req) => ipKeyGenerator(req.ip ?? '')),
    (req, res) => {
      const { code, kind } = body(JoinBody, req.body);
      if (!share.isCode(code))
        throw new HttpError(403, 'wrong_code', 'That is not the code on the laptop.', [
          { path: 'code', message: 'is not the code on the laptop' },
        ]);
      const known = callerOf(res);
      if (!known) {
        const { device, token } = devices.add(devices.share.joinAs, kind);
        give(req, res, token);
        res.locals.caller = { role: device.role, device };
        presence.changed();
      }
      res.status(known ? 200 : 201).json(meOf(res));
    },
  );
  router.post('/leave', (_req, res) => {
    const caller = callerOf(res);
    if (caller?.device) throwOut(caller.device.id);
    res.status(204).end();
  });
  function throwOut(id: string): void {
    devices.remove(id);
    live.letGoOf(id);
    presence.forget(id);
    presence.changed();
  }

  router.get('/devices', (_req, res) => void res.json(share.list()));
  router.put('/devices/:id', (req, res) => {
    const { id } = req.params;
    const { name, role, person } = body(DeviceBody, req.body);
    const before = devices.find(id);
    if (!before) throw notFound('device');
    if (before.role === 'owner' && role !== 'presenter')
      throw new HttpError(409, 'own', 'A browser on the laptop itself may do everything.');
    const now = before.role === 'owner' ? before.role : role;
    const after = devices.set(id, { name: name.trim(), role: now, person: somebody(person) });
    // Its page asks again who it is, and what it may see.
    if (after.role !== before.role) live.letGoOf(id);
    presence.changed();
    res.json(share.list());
  });
  router.delete('/devices/:id', (req, res) => {
    throwOut(req.params.id);
    res.json(share.list());
  });

  router.get('/share', (_req, res) => void res.json(share.answer()));
  router.put('/share', async (req, res) => {
    const { on, joinAs, goneAfter, showId } = body(ShareBody, req.body);
    if (showId !== null) shows.get(showId);
    devices.change({ joinAs, goneAfter, showId });
    presence.changed();
    if (on !== devices.share.on) {
      await share.turn(on);
      if (!on) for (const { id, role } of devices.list()) if (role !== 'owner') live.letGoOf(id);
    }
    res.json(share.answer());
  });
  router.post('/share/code', (_req, res) => {
    devices.newCode();
    res.json(share.answer());
  });
  return router;
}
