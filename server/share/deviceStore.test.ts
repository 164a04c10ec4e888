/** The devices that were let in, and their file. */
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import Database from 'better-sqlite3';
import { HttpError } from '../http/errors';
import { DEVICES_MOST, DeviceStore, kindOf } from './deviceStore';

const DAY = 86_400_000;

let folder: string;
let file: string;
let now = Date.UTC(2027, 4, 30, 18);
let store: DeviceStore;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hearty-devices-'));
  file = join(folder, 'data.sqlite.devices');
  now = Date.UTC(2027, 4, 30, 18);
  store = new DeviceStore(file, () => now);
});
afterEach(() => {
  store.close();
  rmSync(folder, { recursive: true, force: true });
});

/** As after a start of the server. */
function anew(): void {
  store.close();
  store = new DeviceStore(file, () => now);
}

test('what was let in, and how the share stands, is there after a start', () => {
  const { device, token } = store.add('crew', 'phone');
  store.set(device.id, { name: 'Red phone', person: 'jo' });
  store.change({ on: true, goneAfter: 45, joinAs: 'presenter', showId: 'x' });
  const { instance } = store;
  const { code } = store.share;
  anew();
  expect(store.withToken(token)).toEqual({
    id: device.id,
    number: 1,
    name: 'Red phone',
    kind: 'phone',
    role: 'crew',
    person: 'jo',
    joinedAt: now,
  });
  expect(store.share).toMatchObject({ on: true, goneAfter: 45, joinAs: 'presenter', showId: 'x' });
  expect(store.share.code).toBe(code);
  expect(store.instance).toBe(instance);
});

test('no token is in the file, nor is one told of again', () => {
  const { device, token } = store.add('crew', 'phone');
  store.close();
  for (const end of ['', '-wal'])
    try {
      expect(readFileSync(file + end, 'latin1')).not.toContain(token);
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
    }
  store = new DeviceStore(file, () => now);
  expect(JSON.stringify(store.list())).not.toMatch(/token|seenAt/);
  expect(store.find(device.id)).not.toHaveProperty('token');
});

test('numbers are not given twice while their devices are there, and tokens never', () => {
  const first = store.add('crew', 'phone');
  const second = store.add('crew', 'phone');
  store.remove(first.device.id);
  const third = store.add('screen', 'tablet');
  expect([second.device.number, third.device.number]).toEqual([2, 3]);
  expect(store.withToken(first.token)).toBeNull();
  expect(new Set([first, second, third].map(({ token }) => token)).size).toBe(3);
  for (const { token } of [first, second, third]) expect(token).toMatch(/^[\w-]{43}$/);
});

test('one device too many is told so; who is in stays in', () => {
  const tokens = Array.from({ length: DEVICES_MOST }, () => store.add('crew', 'phone').token);
  expect(() => store.add('crew', 'phone')).toThrow(/Remove some/);
  // The laptop itself is none of them.
  expect(store.add('owner', 'laptop').device.role).toBe('owner');
  expect(tokens.every((token) => store.withToken(token) !== null)).toBe(true);
});

test('browsers of the laptop that were not seen for two weeks are forgotten, others are not', () => {
  const own = store.add('owner', 'laptop');
  const seen = store.add('owner', 'laptop');
  const phone = store.add('crew', 'phone');
  now += 10 * DAY;
  store.seen([seen.device.id]);
  now += 5 * DAY;
  anew();
  expect(store.withToken(own.token)).toBeNull();
  expect(store.withToken(seen.token)).not.toBeNull();
  expect(store.withToken(phone.token)).not.toBeNull();
});

test('a device that there is not is not found, to be changed or thrown out', () => {
  for (const work of [() => store.set('none', { name: 'x' }), () => store.remove('none')])
    expect(work).toThrow(HttpError);
});

test('another code is another one, and ends another day', () => {
  const { code, codeUntil } = store.share;
  now += DAY;
  store.newCode();
  expect(store.share.code).not.toBe(code);
  expect(store.share.codeUntil).toBeGreaterThan(codeUntil);
});

test('a file that can’t be read, or of a later version, is not used', () => {
  const other = join(folder, 'other');
  writeFileSync(other, 'no database, and long enough not to be taken for an empty one'.repeat(40));
  expect(() => new DeviceStore(other)).toThrow();
  const db = new Database(join(folder, 'later'));
  db.pragma('user_version = 9');
  db.close();
  expect(() => new DeviceStore(join(folder, 'later'))).toThrow(/version 9/);
});

test.each([
  ['Mozilla/5.0 (iPhone; CPU iPhone OS 17_0 like Mac OS X) Mobile/15E148', 'phone'],
  ['Mozilla/5.0 (Linux; Android 14; Pixel) Mobile Safari/537.36', 'phone'],
  ['Mozilla/5.0 (iPad; CPU OS 17_0 like Mac OS X) Mobile/15E148', 'tablet'],
  ['Mozilla/5.0 (X11; Linux x86_64) Firefox/128.0', 'laptop'],
  [undefined, 'laptop'],
])('%s is taken for a %s', (agent, kind) => {
  expect(kindOf(agent)).toBe(kind);
});
