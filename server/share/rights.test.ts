/** Every call of the API, as every role: who may not is refused before anything is looked at. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { DEVICE_ROLES, isAtLeast, type Role } from '../../contract/share';
import { Hall, Visitor } from '../testing/hall';
import { RIGHTS, rightFor } from './rights';

let hall: Hall;
const visitors = new Map<Role | 'nobody', Visitor>();
beforeAll(async () => {
  hall = await Hall.open();
  for (const role of DEVICE_ROLES) visitors.set(role, await hall.device(role, 'jo'));
  visitors.set('owner', hall.laptop);
  visitors.set('nobody', new Visitor(hall.origin));
});
afterAll(() => hall.close());

/** Names that there are none of: a call that may goes wrong by them, and harms nothing. */
const addressed = (path: string): string =>
  path
    .replace(/:type/g, 'csv')
    .replace(/:number/g, '1')
    .replace(/:\w+/g, 'no-such-thing');

/** These would do what they say, for whoever may. */
const DOES = new Set([
  'POST /leave',
  'POST /share/code',
  'POST /backups',
  'POST /join',
  'POST /cues/stop',
]);

test.each(RIGHTS.map((right) => [`${right.method} ${right.path}`, right] as const))(
  '%s',
  async (name, { method, path, least }) => {
    for (const [role, visitor] of visitors) {
      const may = least === null || (role !== 'nobody' && isAtLeast(role, least));
      if (may && DOES.has(name)) continue;
      const body = method === 'GET' || method === 'DELETE' ? undefined : {};
      const before = hall.server.context.log.latest();
      const answer = await visitor.call(method, addressed(path), body);
      const { error } = answer.body as { error?: { code: string } };
      const refused = error?.code === 'role' || error?.code === 'join';
      // Who is not let in yet is told so, and not what they might do then.
      const asksToJoin = name === 'GET /me' && role === 'nobody';
      expect([role, refused && !asksToJoin]).toEqual([role, !may]);
      if (refused) {
        expect(answer.status).toBe(role === 'nobody' ? 401 : 403);
        expect(hall.server.context.log.latest()).toBe(before);
      }
      expect(answer.status).toBeLessThan(500);
    }
  },
);

/** Where the router of a file is mounted. */
const MOUNTED: readonly (readonly [file: RegExp, mount: string])[] = [
  [/^brief\/againRoutes/, ''],
  [/^(lineup|kit|ready|brief|handout)\//, '/shows'],
  [/^house\/damagedRoutes/, '/damaged'],
  [/^house\/routes/, '/backups'],
  [/./, ''],
];

test('every route that there is has its right, and every right its route', () => {
  const folder = join(import.meta.dirname, '..');
  const registered = readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => /[rR]outes\.ts$|^app\.ts$/.test(name))
    .flatMap((name) => {
      const mount = MOUNTED.find(([file]) => file.test(name))?.[1] ?? '';
      const text = readFileSync(join(folder, name), 'utf8');
      return [...text.matchAll(/(?:router|api)\.(get|post|put|delete)\(\s*'(\/[^']*)'/g)].map(
        ([, method = '', path = '']) =>
          `${method.toUpperCase()} ${mount}${path === '/' && mount ? '' : path}`,
      );
    });
  expect(registered.length).toBeGreaterThan(60);
  const known = RIGHTS.map(({ method, path }) => `${method} ${path}`);
  expect(registered.filter((route) => !known.includes(route))).toEqual([]);
  const OF_THINGS =
    /^(GET|POST) \/[a-z-]+$|^(GET|PUT|DELETE) \/[a-z-]+\/:id$|^POST \/[a-z-]+\/:id\/restore$/;
  const unused = known.filter((route) => !registered.includes(route) && !OF_THINGS.test(route));
  expect(unused).toEqual([]);
  expect(new Set(known).size).toBe(known.length);
});

test('a path is told apart as the router does it, in whatever way it is written', () => {
  for (const path of ['/BACKUPS', '/backups/', '/Backups/x/', '/backups/%2e%2e'])
    expect([path, rightFor('GET', path)?.least]).toEqual([path, 'owner']);
  expect(rightFor('HEAD', '/backups')?.least).toBe('owner');
  expect(rightFor('PATCH', '/shows/x')).toBeNull();
  expect(rightFor('GET', '//backups')).toBeNull();
  expect(rightFor('GET', '/constructor')).toBeNull();
});
