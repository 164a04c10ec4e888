/** Letting devices in, what each may do, and throwing them out. The hall is another address of this machine. */
import { once } from 'node:events';
import { readFileSync, rmSync } from 'node:fs';
import { request as rawRequest } from 'node:http';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import type { DeviceTold, MeAnswer, ShareAnswer } from '../../contract/share';
import { DEVICES_MOST, DeviceStore } from './deviceStore';
import { CODE_LENGTH, CODE_LETTERS, codeEnds, newCode, readCode } from './code';
import { Hall, HALL_NAME, Visitor } from '../testing/hall';

const FESTIVAL = 'harbour-light-festival';

let hall: Hall;
beforeEach(async () => {
  hall = await Hall.open();
});
afterEach(() => hall.close());

/** What a device at another address is answered that types the right code. */
function joinsFrom(localAddress: string): Promise<number> {
  const { hostname, port, host } = new URL(hall.origin);
  const headers = { host, 'content-type': 'application/json' };
  const asked = { host: hostname, port, path: '/api/join', method: 'POST', headers, localAddress };
  return new Promise((resolve, reject) => {
    const asking = rawRequest(asked, (answer) => {
      answer.resume();
      resolve(answer.statusCode ?? 0);
    });
    asking.on('error', reject);
    asking.end(JSON.stringify({ code: hall.code, kind: 'phone' }));
  });
}

const codeOf = ({ body }: { body: unknown }): string =>
  (body as { error?: { code?: string } }).error?.code ?? '';

describe('coming in', () => {
  test('nothing but this machine is listened on before it is shared, and after it has ended', async () => {
    await hall.set({ on: false });
    await expect(fetch(`${hall.origin}/api/health`)).rejects.toThrow();
    await hall.set({ on: true });
    expect((await fetch(`${hall.origin}/api/health`)).status).toBe(200);
    await hall.set({ on: false });
    await expect(fetch(`${hall.origin}/api/health`)).rejects.toThrow();
  });

  test('ended while pages listen, it ends all the same, and they are cut off', async () => {
    const phone = await hall.device('crew');
    const { socket } = await phone.listen();
    const closed = once(socket, 'close');
    await hall.set({ on: false });
    await closed;
    await expect(fetch(`${hall.origin}/api/health`)).rejects.toThrow();
  });

  test('by the code, however it is typed; as what the laptop has set', async () => {
    const phone = new Visitor(hall.origin);
    expect((await phone.call('GET', '/me')).status).toBe(401);
    expect((await phone.call('GET', '/shows')).status).toBe(401);
    const typed = `${hall.code.slice(0, 3)} ${hall.code.slice(3)}`.toLowerCase();
    const { status, headers } = await phone.join(typed);
    expect(status).toBe(201);
    const cookie = headers.getSetCookie()[0] ?? '';
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Lax/);
    expect(cookie).not.toMatch(/Secure/);
    expect(phone.me).toMatchObject({ role: 'crew', device: { kind: 'phone' } });
    expect((await phone.call('GET', '/shows')).status).toBe(200);
    // Scanned once more, it stays the same device.
    const again = await phone.join(hall.code);
    expect(again.body.device?.id).toBe(phone.me?.device?.id);
    await hall.set({ joinAs: 'screen' });
    const screen = new Visitor(hall.origin);
    await screen.join(hall.code);
    expect(screen.me?.role).toBe('screen');
  });

  test('not by another code, one that was changed, or one that has run out', async () => {
    const phone = new Visitor(hall.origin);
    const wrong = await phone.join('BBBBBB');
    expect(wrong.status).toBe(403);
    expect(codeOf(wrong)).toBe('wrong_code');
    const before = hall.code;
    const { body } = await hall.laptop.call<ShareAnswer>('POST', '/share/code');
    expect(body.code).not.toBe(before);
    expect((await phone.join(before)).status).toBe(403);
    hall.server.share.devices.change({ codeUntil: Date.now() - 1 });
    expect((await phone.join(hall.code)).status).toBe(403);
    expect(phone.cookie).toBe('');
  });

  test('guessing ends soon, and the right code is then of no use either; others come in', async () => {
    const phone = new Visitor(hall.origin);
    for (let i = 0; i < 10; i++) expect((await phone.join(newCode())).status).toBe(403);
    const eleventh = await phone.join(hall.code);
    expect(eleventh.status).toBe(429);
    expect(codeOf(eleventh)).toBe('too_often');
    expect(await joinsFrom('127.0.0.9')).toBe(201);
  });

  test('what is kept of a device lets nobody in', async () => {
    const phone = await hall.device('crew');
    const token = phone.cookie.split('=')[1] ?? '';
    expect(token.length).toBeGreaterThanOrEqual(43);
    const folder = hall.server.folder;
    const file = join(folder, 'devices');
    const store = new DeviceStore(file);
    const kept = store.add('crew', 'phone');
    store.close();
    expect(readFileSync(file).includes(kept.token)).toBe(false);
    const reopened = new DeviceStore(file);
    expect(reopened.withToken(kept.token)?.id).toBe(kept.device.id);
    expect(reopened.withToken(`${kept.token}x`)).toBeNull();
    reopened.close();
    rmSync(file);
  });

  test('private windows of the laptop, however many, keep nobody else out', () => {
    const store = new DeviceStore(':memory:');
    const first = store.add('owner', 'laptop');
    for (let i = 0; i < 300; i++) store.add('owner', 'laptop');
    expect(store.withToken(first.token)).toBeNull();
    expect(store.list().length).toBeLessThan(60);
    for (let i = 0; i < DEVICES_MOST; i++) store.add('crew', 'phone');
    expect(() => store.add('crew', 'phone')).toThrow(/devices are in already/);
    expect(store.add('owner', 'laptop').device.role).toBe('owner');
    store.close();
  });

  test('codes are of letters that can’t be mistaken, and end at night', () => {
    for (let i = 0; i < 200; i++) {
      const code = newCode();
      expect(code).toHaveLength(CODE_LENGTH);
      for (const letter of code) expect(CODE_LETTERS).toContain(letter);
      expect(readCode(` ${code.toLowerCase()}-`)).toBe(code);
    }
    expect(CODE_LETTERS).not.toMatch(/[01OIL5SAEU]/);
    const at = (hour: number): number => new Date(2027, 4, 30, hour).getTime();
    expect(new Date(codeEnds(at(13))).toString()).toBe(new Date(2027, 4, 31, 4).toString());
    // In the small hours it is not over before the morning is.
    expect(new Date(codeEnds(at(1))).toString()).toBe(new Date(2027, 4, 31, 4).toString());
  });
});

describe('by another name, or from another site', () => {
  const statusOf = (headers: Record<string, string>): Promise<number> =>
    new Promise((resolve, reject) => {
      const { hostname, port } = new URL(hall.origin);
      const asking = rawRequest(
        { host: hostname, port, path: '/api/health', headers },
        (answer) => {
          answer.resume();
          resolve(answer.statusCode ?? 0);
        },
      );
      asking.on('error', reject);
      asking.end();
    });

  test('the share’s own names are known, others are not', async () => {
    const { port, host } = new URL(hall.origin);
    expect(await statusOf({ host })).toBe(200);
    expect(await statusOf({ host: `${HALL_NAME}:${port}` })).toBe(200);
    expect(
      await statusOf({ host: `${HALL_NAME}:${port}`, origin: `http://${HALL_NAME}:${port}` }),
    ).toBe(200);
    expect(await statusOf({ host: `elsewhere.example:${port}` })).toBe(403);
    // The loopback’s name is for who comes by the loopback.
    expect(await statusOf({ host: `127.0.0.1:${port}` })).toBe(403);
    expect(await statusOf({ host, origin: 'http://elsewhere.example' })).toBe(403);
    expect(await statusOf({ host, origin: `http://${HALL_NAME}:${port}` })).toBe(403);
    expect(await statusOf({ host, 'sec-fetch-site': 'cross-site' })).toBe(403);
  });

  test('what a browser on the laptop has is worth nothing from the hall, and the other way round', async () => {
    const thief = new Visitor(hall.origin);
    thief.cookie = hall.laptop.cookie;
    expect(thief.cookie).not.toBe('');
    expect((await thief.call('GET', '/me')).status).toBe(401);
    const phone = await hall.device('crew');
    const inside = new Visitor(hall.laptop.origin);
    inside.cookie = phone.cookie;
    const { body } = await inside.call<MeAnswer>('GET', '/me');
    expect(body).toMatchObject({ role: 'owner', device: null });
  });
});

describe('what a role may', () => {
  test('a helper ticks and packs in their own name, and nothing more', async () => {
    const helper = await hall.device('crew', 'jo');
    const { body: show } = await helper.call<{ version: number }>('GET', `/shows/${FESTIVAL}`);
    const removed = await helper.call('DELETE', `/shows/${FESTIVAL}?version=${show.version}`);
    expect([removed.status, codeOf(removed)]).toEqual([403, 'role']);
    expect((await helper.call('GET', '/backups')).status).toBe(403);
    expect((await helper.call('GET', '/share')).status).toBe(403);
    expect((await helper.call('PUT', '/settings/own', {})).status).toBe(403);
    const { body } = await helper.call<{ checks: { key: string }[]; verdicts: { key: string }[] }>(
      'GET',
      `/shows/${FESTIVAL}/checks`,
    );
    const check = encodeURIComponent(body.checks[0]?.key ?? '');
    const said = { reason: '', value: null, by: 'ines' };
    const done = await helper.call<{ key: string; by: string }[]>(
      'PUT',
      `/shows/${FESTIVAL}/checks/${check}`,
      { ...said, state: 'done' },
    );
    // Whoever they say they are: it is the name of the device.
    expect(done.body.find(({ key }) => key === body.checks[0]?.key)?.by).toBe('jo');
    for (const { key } of [...body.verdicts, ...body.checks.slice(0, 3)]) {
      const waived = await helper.call(
        'PUT',
        `/shows/${FESTIVAL}/checks/${encodeURIComponent(key)}`,
        { ...said, state: 'waived', reason: 'because' },
      );
      expect([403, 409]).toContain(waived.status);
    }
    const packed = await helper.call<{ by: string }[]>(
      'PUT',
      `/shows/${FESTIVAL}/packing/packed/x`,
      { by: 'ines', amount: null, of: null },
    );
    expect(packed.body.at(-1)?.by).toBe('jo');
  });

  test('a waiver is taken back by who presents', async () => {
    const helper = await hall.device('crew', 'jo');
    const { body } = await hall.laptop.call<{ checks: { key: string }[] }>(
      'GET',
      `/shows/${FESTIVAL}/checks`,
    );
    const path = `/shows/${FESTIVAL}/checks/${encodeURIComponent(body.checks[0]?.key ?? '')}`;
    const waiver = { state: 'waived', reason: 'seen', value: null, by: 'ines' };
    expect((await hall.laptop.call('PUT', path, waiver)).status).toBe(200);
    expect((await helper.call('DELETE', path)).status).toBe(403);
    expect((await hall.laptop.call('DELETE', path)).status).toBe(200);
  });

  test('a screen reads, and changes nothing', async () => {
    const screen = await hall.device('screen');
    expect((await screen.call('GET', `/shows/${FESTIVAL}/all`)).status).toBe(200);
    const refused = await screen.call('PUT', `/shows/${FESTIVAL}/packing/packed/x`, {
      by: null,
      amount: null,
      of: null,
    });
    expect(refused.status).toBe(403);
    const audience = await hall.device('audience');
    expect((await audience.call('GET', `/shows/${FESTIVAL}/all`)).status).toBe(403);
    expect((await audience.call('GET', '/me')).status).toBe(200);
  });
});

describe('on the laptop', () => {
  test('devices are listed, renamed and given another role, which holds at once', async () => {
    const phone = await hall.device('crew', 'jo');
    const { socket } = await phone.listen();
    const closed = once(socket, 'close');
    const path = `/devices/${phone.device}`;
    const renamed = { name: 'Red phone', role: 'screen', person: 'jo' };
    const { body } = await hall.laptop.call<DeviceTold[]>('PUT', path, renamed);
    expect(body.find(({ id }) => id === phone.device)).toMatchObject(renamed);
    // Its pages come back, as what the device is now.
    await closed;
    expect((await phone.call<MeAnswer>('GET', '/me')).body.role).toBe('screen');
    const nobody = { name: '', role: 'crew', person: 'nobody' };
    expect((await hall.laptop.call('PUT', path, nobody)).status).toBe(422);
    expect((await hall.laptop.call('PUT', path, { ...renamed, role: 'owner' })).status).toBe(422);
  });

  test('one is thrown out: what it holds lets it in no more, and its pages are cut off', async () => {
    const phone = await hall.device('crew');
    const { socket } = await phone.listen();
    const closed = once(socket, 'close');
    expect((await hall.laptop.call('DELETE', `/devices/${phone.device}`)).status).toBe(200);
    await closed;
    expect((await phone.call('GET', '/shows')).status).toBe(401);
    await expect(phone.listen()).rejects.toThrow(/401/);
    // Who leaves by themselves is as much out.
    const other = await hall.device('crew');
    expect((await other.call('POST', '/leave')).status).toBe(204);
    expect((await other.call('GET', '/me')).status).toBe(401);
  });

  test('who is here is told to all pages; a screen before the audience is told nothing of it', async () => {
    const { told, socket } = await hall.laptop.listen();
    const audience = await hall.device('audience');
    const before = await audience.listen();
    const phone = await hall.device('crew', 'jo');
    const page = await phone.listen();
    const isHere = (): boolean =>
      told.some(
        (message) =>
          'present' in message &&
          message.present.some(({ id, connected }) => id === phone.device && connected),
      );
    while (!isHere()) await once(socket, 'told');
    await hall.laptop.call('PUT', `/shows/${FESTIVAL}/packing/packed/x`, {
      by: 'ines',
      amount: null,
      of: null,
    });
    await phone.call('PUT', `/shows/${FESTIVAL}/packing/packed/y`, {
      by: null,
      amount: null,
      of: null,
    });
    expect(JSON.stringify(before.told)).not.toMatch(/jo|"name"/);
    page.socket.close();
    before.socket.close();
    socket.close();
  });
});
