/**
 * Ten thousand requests that nobody may make: of a role above one's own, with a cookie that is made up,
 * stolen or of another server, from another site, in an odd way of writing. None changes anything, none is
 * answered with what it asks for, and none is a defect.
 */
import { request as rawRequest } from 'node:http';
import { randomBytes } from 'node:crypto';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEVICE_ROLES, type DeviceRole, isAtLeast } from '../../contract/share';
import { EVENT_KINDS } from '../../core/stage/types';
import { eventOf } from '../../core/stage/event';
import { Hall, type Visitor } from '../testing/hall';
import { RIGHTS } from './rights';

let hall: Hall;
const devices = new Map<DeviceRole, Visitor>();
beforeAll(async () => {
  hall = await Hall.open();
  for (const role of DEVICE_ROLES) devices.set(role, await hall.device(role, 'jo'));
  await hall.laptop.call('POST', '/shows/harbour-light-festival/runs', {
    id: 'r',
    kind: 'rehearsal',
  });
});
afterAll(() => hall.close());

/** Names of what there is, so that whoever got through would do harm. */
const REAL: Record<string, string> = {
  shows: 'harbour-light-festival',
  demos: 'smoke-ring-drum',
  items: 'yeast',
  boxes: 'box-gear',
  lots: 'yeast-1',
  venues: 'boat-shed',
  people: 'ines',
  runs: 'r',
  settings: 'own',
  damaged: 'item',
};

function real(path: string, device: string): string {
  const [, kind = ''] = path.split('/');
  return path
    .replace('/:id', `/${kind === 'devices' ? device : (REAL[kind] ?? 'x')}`)
    .replace(':type', 'csv')
    .replace(':number', '1')
    .replace(/:\w+/g, 'x');
}

interface Asked {
  method: string;
  path: string;
  headers: Record<string, string>;
  body: string;
}

/** Sent as it stands: no client puts right what is odd about it. */
function ask({ method, path, headers, body }: Asked): Promise<{ status: number; text: string }> {
  const { hostname, port, host } = new URL(hall.origin);
  return new Promise((resolve, reject) => {
    const asking = rawRequest(
      {
        host: hostname,
        port,
        method,
        path,
        headers: { host, 'content-length': Buffer.byteLength(body), ...headers },
      },
      (answer) => {
        let text = '';
        answer.on('data', (part: Buffer) => (text += part.toString('latin1')));
        answer.on('end', () => resolve({ status: answer.statusCode ?? 0, text }));
      },
    );
    asking.on('error', reject);
    asking.end(body);
  });
}

/** Everything that could have been changed, but for what is only counted. */
function state(): string {
  const { context, share } = hall.server;
  return JSON.stringify([
    context.log.latest(),
    share.devices.list(),
    share.devices.share,
    context.runs.lastSeq('r'),
  ]);
}

const written = fc.constantFrom<(path: string) => string>(
  (path) => path,
  (path) => path,
  (path) => `${path}/`,
  (path) => path.toUpperCase(),
  (path) => `${path}?version=1`,
  (path) => path.replace('/api/', '/api//'),
  (path) => path.replace('/api/', '/api/./'),
  (path) => path.replace('/api/', '/api/health/../'),
  (path) => path.replace('/api/', '/api/%2e%2e/api/'),
  (path) => path.replace(/([a-z])(?=[^/]*$)/, (letter) => `%${letter.charCodeAt(0).toString(16)}`),
  (path) => `${path}%00`,
  (path) => `${path};x=1`,
);

const odd = fc.constantFrom<Record<string, string>>(
  {},
  {},
  { 'x-http-method-override': 'DELETE' },
  { 'x-forwarded-for': '127.0.0.1', 'x-forwarded-host': '127.0.0.1', forwarded: 'for=127.0.0.1' },
  { 'x-original-url': '/api/health', 'x-rewrite-url': '/api/health' },
  { origin: 'http://elsewhere.example' },
  { 'sec-fetch-site': 'cross-site' },
  { 'content-type': 'text/plain' },
  { 'content-type': 'application/x-www-form-urlencoded' },
  { authorization: 'Bearer owner' },
);

const bodies = fc.constantFrom<() => object>(
  () => ({}),
  () => ({ version: 1 }),
  () => ({ on: true, joinAs: 'presenter', goneAfter: 5, showId: null }),
  () => ({ name: 'x', role: 'presenter', person: 'ines' }),
  () => ({ device: devices.get('crew')?.device ?? '' }),
  () => ({ state: 'waived', reason: 'x', value: null, by: 'ines' }),
  () => ({ by: 'ines' }),
  () => ({ id: 'forged', kind: 'performance' }),
  () => ({ output: 'desk', send: '/x', args: '' }),
  () => ({ constructor: { prototype: {} } }),
);

const COOKIES = [
  'own',
  'none',
  'made up',
  'the laptop’s',
  'of another server',
  'cut short',
  'twice',
] as const;

function cookieOf(kind: (typeof COOKIES)[number], visitor: Visitor): string {
  const [name = '', token = ''] = visitor.cookie.split('=');
  switch (kind) {
    case 'own':
      return visitor.cookie;
    case 'none':
      return '';
    case 'made up':
      return `${name}=${randomBytes(32).toString('base64url')}`;
    case 'the laptop’s':
      return hall.laptop.cookie;
    case 'of another server':
      return `hearty-00000000=${token}`;
    case 'cut short':
      return `${name}=${token.slice(0, -1)}`;
    case 'twice':
      return `${name}=x; ${name}=${token}x; __proto__=1`;
  }
}

test('10,000 of them', async () => {
  const before = state();
  const complaints: unknown[] = [];
  const said = console.error;
  console.error = (...words: unknown[]) => complaints.push(words[0]);
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom(...DEVICE_ROLES),
      fc.constantFrom(...RIGHTS.filter(({ least }) => least !== null)),
      fc.constantFrom(...COOKIES),
      written,
      odd,
      bodies,
      async (role, right, cookie, write, headers, body) => {
        const visitor = devices.get(role);
        if (!visitor || right.least === null) return;
        // What one may is looked at elsewhere.
        if (cookie === 'own' && isAtLeast(role, right.least)) return;
        const other = devices.get('presenter')?.device ?? '';
        const answer = await ask({
          method: right.method,
          path: write(`/api${real(right.path, other)}`),
          headers: {
            'content-type': 'application/json',
            cookie: cookieOf(cookie, visitor),
            ...headers,
          },
          body: right.method === 'GET' ? '' : JSON.stringify(body()),
        });
        expect([right.path, answer.status]).toEqual([right.path, expect.any(Number)]);
        expect([400, 401, 403, 404]).toContain(answer.status);
        expect(answer.text).toContain('"error"');
      },
    ),
    { numRuns: 10_000, seed: 15_151 },
  );
  console.error = said;
  expect(complaints).toEqual([]);
  expect(state()).toBe(before);
});

test('presses of a helper that are not theirs to make: none is stored', async () => {
  const helper = devices.get('crew');
  const before = state();
  const allowed = ['begin', 'ready', 'late', 'spoiled', 'blocked', 'unmark', 'note', 'tally'];
  const events = EVENT_KINDS.filter((kind) => !allowed.includes(kind)).map((kind, i) =>
    eventOf({ id: `f${i}`, at: Date.now(), by: 'ines' }, kind, {
      text: 'auto',
      value: 1,
      device: hall.laptop.device,
    }),
  );
  const answer = await helper?.call<{ refused: unknown[] }>('POST', '/runs/r/events', {
    events,
    sentAt: Date.now(),
    known: 0,
  });
  expect(answer?.body.refused).toHaveLength(events.length);
  expect(state()).toBe(before);
});
