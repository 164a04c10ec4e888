/** Malformed requests: each is refused in the one shape, and changes nothing. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import request from 'supertest';
import { type TestServer, testServer } from './testing/serve';

let server: TestServer;
beforeAll(() => {
  server = testServer();
});
afterAll(() => server.close());

/** Every address of the API, with what its names may be. */
const ENTITIES = [
  'shows',
  'demos',
  'items',
  'boxes',
  'venues',
  'people',
  'follow-ups',
  'lots',
  'trials',
  'templates',
  'orders',
  'settings',
];
const OF_SHOW = [
  'all',
  'file',
  'checks',
  'kit',
  'kit.csv',
  'kit.xlsx',
  'kit.zip',
  'stock',
  'used',
  'runs',
  'risks.md',
  'risks/signed',
  'risks/signed/1',
  'risks/signed/1.md',
  'running-order.csv',
  'outlook',
  'calendar.ics',
  'labels.pdf',
  'packing.pdf',
  'packing',
  'packing/packed/x',
  'checks/test:dome',
  'photos',
  'photos/x',
  'take-out',
  'put-back',
  'again',
  'restore',
];
const OTHERS = [
  'health',
  'live',
  'store',
  'sensor',
  'shopping',
  'shopping.csv',
  'shopping.none',
  'store.csv',
  'store/preview',
  'store/import',
  'store/imports',
  'store/imports/none/back',
  'tables',
  'tables/words',
  'shows/file',
  'runs/run-vay-open-day',
  'runs/run-vay-open-day/events',
  'runs/none/events',
  'items/yeast/ahead',
  'items/yeast/movements',
  'demos/static-dome/records',
  'demos/constructor/records',
  'demos/none/all',
  'library',
  'library/take',
  'repertoire',
  'shows/start',
  'templates/none/again',
  'orders/none/come',
  'orders/none/not-come',
  'tour',
  'tour?name=Islands',
  'deliveries',
  'lots/yeast-1/count',
  'movements/x/reverse',
  'backups',
  'damaged',
  'damaged/item/drum',
  'damaged/constructor/x',
  'elsewhere',
  'me',
  'join',
  'leave',
  'devices',
  'devices/none',
  'share',
  'share/code',
  'runs/none/drive',
  'runs/none/ask',
  'runs/none/slots',
  'runs/none/claims',
  'runs/none/ask/none',
  'screens/harbour-light-festival',
  'screens/none',
  'shows/none/cues/fire',
  'runs/none/cues/fire',
  'cues/stop',
  'signals/try',
  'signals/blackout/fire',
  'signals/constructor/fire',
  'outputs',
  'media',
  'media/none',
  'media/none/restore',
  'trials/none/all',
  'trials/none/slots',
  'trials/table',
  'figures',
  'runs/none/report.md',
  'runs/none/chapters.vtt',
  'shows/none/script.pdf',
  'shows/none/shots.pdf',
  'shows/none/hand-out.pdf',
  'shows/none/brief.pdf',
  'shows/none/observation.pdf',
  'runs/none/report.pdf',
  'demos/none/readings/r',
  'demos/foam-fountain/readings/constructor',
  'trials/none/readings.csv',
  'trials/none/goes/1',
  'trials/none/goes/constructor',
];
const NAMES = [
  'harbour-light-festival',
  'constructor',
  '__proto__',
  'toString',
  'none',
  '%E0%A4%A',
  '..%2F..',
  'a'.repeat(300),
  '%00',
  '💥',
];

const path = fc.oneof(
  fc
    .tuple(fc.constantFrom(...ENTITIES), fc.constantFrom('', ...NAMES))
    .map(([kind, id]) => `/${kind}/${id}`),
  fc
    .tuple(fc.constantFrom(...NAMES.slice(0, 6)), fc.constantFrom(...OF_SHOW))
    .map(([id, part]) => `/shows/${id}/${part}`),
  fc.constantFrom(...OTHERS).map((part) => `/${part}`),
);
const query = fc.constantFrom(
  '',
  '?version=1e99',
  '?version=-1',
  '?version[]=1',
  '?shows=constructor',
  '?shows[a]=b',
  '?after=x',
  '?key=a&key=b',
  '?since=%',
  '?item=constructor',
  '?find=x&shown=all&day=2027-05-30&system=metric&from=1e99',
  '?find[]=x&shown=toString&day=0&system=__proto__&count=-1',
);

const odd = fc.constantFrom<unknown>(
  null,
  [],
  {},
  0,
  -1,
  1e308,
  '',
  'x',
  true,
  [null],
  [[]],
  { constructor: { prototype: {} } },
  { id: { toString: 'a' } },
  { id: 'constructor' },
  { version: {} },
  { events: [null, 1, {}], sentAt: 1, known: 0 },
  { events: {}, sentAt: 'x' },
  { lot: null, amount: 1 },
  { amount: Number.MAX_VALUE, unit: 'g', note: '' },
  { taken: [null] },
  { id: 'r', kind: 'rehearsal', more: 1 },
  { state: 'waived', reason: '', value: 'x', by: {} },
  { format: 'hearty-stage/show', version: 'x' },
);
const raw = fc.constantFrom(
  '{',
  '[',
  '"',
  'null',
  '{"a":',
  '{"constructor":{"x":1}}',
  '{"__proto__":{"x":1}}',
  '\u0000',
);
/** What is stored, with something in it that is not as it was. */
const bent = fc.tuple(fc.nat(), odd);

const bodyOf = fc.oneof(
  odd.map((value) => ({ kind: 'json' as const, value })),
  raw.map((text) => ({ kind: 'raw' as const, text })),
  bent.map(([at, value]) => ({ kind: 'bent' as const, at, value })),
);
const method = fc.constantFrom('get', 'post', 'put', 'delete', 'patch' as const);
const header = fc.constantFrom<Record<string, string>>(
  {},
  {},
  {},
  { 'Content-Type': 'text/plain' },
  { 'Content-Type': 'image/png' },
  { 'Content-Encoding': 'gzip' },
  { Origin: 'http://elsewhere.example' },
  { 'Sec-Fetch-Site': 'cross-site' },
  { 'Content-Type': 'application/json; charset=nonsense' },
);

/** Everything stored, but for what a request that is quite right may add: looked at as one text. */
function stored(): string {
  const { db } = server.context;
  const tables = db
    .prepare("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite%'")
    .pluck()
    .all() as string[];
  const kept = tables.filter(
    (name) => !['change', 'method_run', 'method_total', 'method_cause', 'run'].includes(name),
  );
  return JSON.stringify(kept.map((name) => [name, db.prepare(`SELECT * FROM "${name}"`).all()]));
}

function bend(value: unknown, at: number, by: unknown): unknown {
  if (typeof value !== 'object' || value === null) return by;
  const keys = Object.keys(value);
  const key = keys[at % Math.max(1, keys.length)];
  if (key === undefined) return by;
  const part = (value as Record<string, unknown>)[key];
  const changed = at % 3 === 0 ? by : bend(part, Math.floor(at / 3), by);
  return Array.isArray(value)
    ? value.map((entry, i) => (String(i) === key ? changed : (entry as unknown)))
    : { ...value, [key]: changed };
}

/** Done by the method as it should be, so that it may change something. */
const MAY = new Set([200, 201, 204]);

test('5,000 malformed requests over every address: none is a defect, none that is refused changes anything', async () => {
  const show = (await request(server.app).get('/api/shows/harbour-light-festival')).body as object;
  const complaints: string[] = [];
  const said = console.error;
  console.error = (...words: unknown[]) => complaints.push(String(words[0]));
  let before = stored();
  let changesBefore = server.context.log.latest();
  let count = 0;
  await fc.assert(
    fc.asyncProperty(
      method,
      path,
      query,
      bodyOf,
      header,
      async (how, where, asked, body, headers) => {
        const call = request(server.app)
          [how](`/api${where}${asked}`)
          .set(headers)
          .ok(() => true);
        const text =
          body.kind === 'raw'
            ? body.text
            : JSON.stringify(body.kind === 'json' ? body.value : bend(show, body.at, body.value));
        const type = headers['Content-Type'] ?? 'application/json';
        const answer = await (how === 'get' ? call : call.set('Content-Type', type).send(text));
        expect([how, where, asked, text.slice(0, 120), answer.status]).not.toContain(500);
        if (answer.status >= 400) {
          expect(
            (answer.body as { error?: { code?: unknown; message?: unknown } }).error,
          ).toMatchObject({
            code: expect.any(String),
            message: expect.any(String),
          });
        }
        // Every table numbers its changes; that none is forgotten is looked at now and then.
        const changes = server.context.log.latest();
        const refused = !MAY.has(answer.status);
        if (refused) expect(changes).toBe(changesBefore);
        else before = '';
        changesBefore = changes;
        if (++count % 250 > 0) return;
        const after = stored();
        if (before !== '') expect(after).toBe(before);
        before = after;
      },
    ),
    { numRuns: Number(process.env.FUZZ_RUNS ?? 5000), seed: 411 },
  );
  console.error = said;
  expect(complaints).toEqual([]);
});

const deep = (open: string, close: string): string => open.repeat(50_000) + close.repeat(50_000);

test.each([
  ['lists 50,000 deep', '/people', deep('[', ']'), 'must be an object'],
  [
    'objects 50,000 deep',
    '/people',
    `${'{"a":'.repeat(50_000)}1${'}'.repeat(50_000)}`,
    'nested deeper',
  ],
  [
    'a show file of 300,000 items',
    '/shows/file',
    `{"format":"hearty-stage/show","version":6,"items":[${'{},'.repeat(299_999)}{}]}`,
    'must have at most 500 entries; it has 300000',
  ],
  [
    'a table of 80,000 empty rows',
    '/store/preview',
    JSON.stringify({ rows: Array.from({ length: 80_000 }, () => []), mapping: null }),
    'must have at most 20000 rows',
  ],
])('%s: told at once, with what is wrong', async (_what, where, text, words) => {
  const answer = await request(server.app)
    .post(`/api${where}`)
    .set('Content-Type', 'application/json')
    .send(text)
    .ok(() => true);
  expect(answer.status).toBeLessThan(500);
  expect(JSON.stringify(answer.body)).toContain(words);
});

test('every address of the API is among those that are tried', () => {
  const folder = join(import.meta.dirname, '.');
  const routes = readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => /[rR]outes\.ts$|^app\.ts$|^entity\.ts$/.test(name))
    .flatMap((name) => [
      ...readFileSync(join(folder, name), 'utf8').matchAll(
        /\.(?:get|post|put|delete|use)\(\s*'(\/[^']*)'/g,
      ),
    ])
    .map((match) => match[1] ?? '');
  const tried = [...ENTITIES, ...OF_SHOW, ...OTHERS].join(' ');
  const untried = routes.filter((route) => {
    const words = route
      .split('/')
      .filter((part) => part && !part.startsWith(':') && !part.startsWith('{'));
    return words.some((word) => !tried.includes(word.split('.')[0] ?? ''));
  });
  expect(untried.filter((route) => route !== '/api')).toEqual(['/assets']);
});
