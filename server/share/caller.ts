/** Who asks: by which door, with which device, in which role. */
import type { IncomingMessage } from 'node:http';
import { parseCookie } from 'cookie';
import type { Response } from 'express';
import type { Device, Role } from '../../contract/share';
import type { DeviceStore } from './deviceStore';

/** `own`: by the loopback of this machine; `shared`: by an address that others can reach. */
export type Door = 'own' | 'shared';

const doors = new WeakMap<IncomingMessage, Door>();

/** Says by which door a request came. What nobody has said so of came by the one with less trust. */
export const cameBy = (request: IncomingMessage, door: Door): void => void doors.set(request, door);
export const doorOf = (request: IncomingMessage): Door => doors.get(request) ?? 'shared';

export interface Caller {
  role: Role;
  /** Null for a program on this machine that keeps no cookie. */
  device: Device | null;
}

export const cookieName = (store: DeviceStore): string => `hearty-${store.instance}`;

/** Null for a device that is not let in. */
export function callerBy(request: IncomingMessage, store: DeviceStore): Caller | null {
  const cookies = parseCookie(request.headers.cookie ?? '');
  const token = cookies[cookieName(store)];
  const device = token === undefined ? null : store.withToken(token);
  // What a browser of this machine has is worth nothing from elsewhere, and the other way round.
  const own = device?.role === 'owner' ? device : null;
  if (doorOf(request) === 'own') return { role: 'owner', device: own };
  return device && !own ? { role: device.role, device } : null;
}

export const callerOf = (res: Response): Caller | null =>
  (res.locals.caller as Caller | null | undefined) ?? null;

/** Whose name something carries: on the laptop who was chosen there, elsewhere whose device it is. */
export const nameFor = (caller: Caller | null, said: string | null): string | null =>
  caller?.role === 'owner' ? said : (caller?.device?.person ?? null);

export const byWhom = (res: Response, said: string | null): string | null =>
  nameFor(callerOf(res), said);
