/** One record that can't be read takes nothing else down; it is named, and can be removed. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import request from 'supertest';
import type {
  DemoSummary,
  ItemName,
  ShoppingAnswer,
  ShowAnswer,
  StoreAnswer,
} from '../../contract/api';
import type { DamagedRecord } from '../../contract/house';
import { SETTINGS, type Settings } from '../../contract/inventory';
import { todayHere } from '../instant';
import { damage } from '../testing/damage';
import { type TestServer, testServer } from '../testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const get = async <T>(path: string): Promise<T> =>
  (await request(server.app).get(`/api${path}`).expect(200)).body as T;
const FESTIVAL = '/shows/harbour-light-festival';
const OTHER = '/shows/little-hollin-evening';
const STORE = '/store?find=&shown=all&day=2027-05-30&system=metric&count=500';

/** And numbers a change, so that what is kept in memory is read again. */
function spoil(sql: string): void {
  const { db } = server.context;
  damage(db, sql);
  db.exec(`INSERT INTO change (kind, id) VALUES ('demo', 'cold-flower'), ('item', 'drum')`);
}

/** Everything that has nothing to do with the festival. */
const ELSEWHERE = [
  '/shows',
  '/demos',
  '/items',
  '/people',
  '/venues',
  '/follow-ups',
  '/boxes',
  STORE,
  '/shopping',
  `${OTHER}/all`,
  `${OTHER}/checks`,
  `${OTHER}/stock`,
  `${OTHER}/file`,
];

/** What is taken away and read without the page, which could say what is missing. */
const PAPER = [
  'kit.csv',
  'risks.md',
  'risks.pdf',
  'running-order.csv',
  'running-order.pdf',
  'packing.pdf',
  'script.pdf',
  'shots.pdf',
  'hand-out.pdf',
  'brief.pdf',
  'observation.pdf',
  'calendar.ics',
  'labels.pdf',
  'file',
];

async function refusesPaper(name: string): Promise<void> {
  for (const part of PAPER) {
    const answer = await request(server.app).get(`/api${FESTIVAL}/${part}`);
    expect([part, answer.status]).toEqual([part, 503]);
    expect(JSON.stringify(answer.body)).toContain(name);
  }
}

/** What holds a show; what is not known is no go. */
async function held(show: string): Promise<string[]> {
  const { state } = await get<{ state: { go: boolean; fix: { key: string }[] } }>(`${show}/checks`);
  expect(state.go).toBe(false);
  return state.fix.map(({ key }) => key);
}

test.each([
  ['a demo that is no JSON', `UPDATE method SET hazards = '[{' WHERE demo_id = 'cold-flower'`],
  ['a demo of another shape', `UPDATE method SET hazards = '7' WHERE demo_id = 'cold-flower'`],
  [
    'a demo with null in a list',
    `UPDATE method SET leaves = '[null]' WHERE demo_id = 'cold-flower'`,
  ],
  [
    'a demo that lacks a number',
    `UPDATE method SET settings = '[{"id":"dose","name":"Dose","unit":"mL","source":""}]' WHERE demo_id = 'cold-flower'`,
  ],
])('%s: everything else is answered, and so is the show, without it', async (_what, sql) => {
  const demos = await get<DemoSummary[]>('/demos');
  spoil(sql);
  for (const path of ELSEWHERE) await get(path);
  const all = await get<ShowAnswer>(`${FESTIVAL}/all`);
  expect(all.demos.map(({ id }) => id)).not.toContain('cold-flower');
  // It is still in the show: the page says so.
  const slot = all.show.slots.find(({ demoId }) => demoId === 'cold-flower');
  expect(await held(FESTIVAL)).toContain(`lost:${slot?.id}`);
  await refusesPaper('Cold flower');
  const damaged = await get<DamagedRecord[]>('/damaged');
  expect(damaged).toEqual([{ kind: 'demo', id: 'cold-flower', noun: 'demo', name: 'Cold flower' }]);
  expect(await get('/health')).toMatchObject({ damaged: 1 });
  const left = (await get<DemoSummary[]>('/demos')).map(({ id }) => id);
  const others = demos.map(({ id }) => id).filter((id) => id !== 'cold-flower');
  expect(others.filter((id) => !left.includes(id))).toEqual([]);
});

test.each([
  [
    'an item of its kit',
    `UPDATE item SET packs = '[{' WHERE id = 'drum'`,
    ({ show, demos }: ShowAnswer) => {
      const uses = demos
        .filter(({ methods }) => methods.some((m) => m.kit.some((line) => line.itemId === 'drum')))
        .map(({ id }) => id);
      return `lost-kit:${show.slots.find(({ demoId }) => uses.includes(demoId ?? ''))?.id}`;
    },
  ],
  [
    'somebody of its crew',
    `UPDATE person SET competences = '[null]' WHERE id = 'jo'`,
    () => 'lost-person:jo',
  ],
  [
    'its venue',
    `UPDATE venue SET exits = '[null]' WHERE id = (SELECT venue_id FROM show WHERE id = 'little-hollin-evening')`,
    () => 'lost-venue',
  ],
])('%s: its page goes on, held by what is not known', async (_what, sql, key) => {
  const before = await get<ShowAnswer>(`${OTHER}/all`);
  spoil(sql);
  expect(await get<DamagedRecord[]>('/damaged')).toHaveLength(1);
  await get(`${OTHER}/all`);
  expect(await held(OTHER)).toContain(key(before));
  await request(server.app).get(`/api${OTHER}/risks.md`).expect(503);
});

test('once it is removed, what is printed is without it', async () => {
  spoil(`UPDATE method SET hazards = '[{' WHERE demo_id = 'cold-flower'`);
  await refusesPaper('Cold flower');
  await request(server.app).delete('/api/damaged/demo/cold-flower').expect(204);
  const { show } = await get<ShowAnswer>(`${FESTIVAL}/all`);
  const slot = show.slots.find(({ demoId }) => demoId === 'cold-flower');
  expect(await held(FESTIVAL)).toContain(`lost:${slot?.id}`);
  for (const part of PAPER) await request(server.app).get(`/api${FESTIVAL}/${part}`).expect(200);
});

test('an item: the list goes on without it, and it can be removed', async () => {
  const items = await get<ItemName[]>('/items');
  spoil(`UPDATE item SET packs = '[{' WHERE id = 'drum'`);
  expect((await get<ItemName[]>('/items')).length).toBe(items.length - 1);
  expect((await get<StoreAnswer>(STORE)).items).toBe(items.length - 1);
  // The page of a demo that uses it goes on, without it.
  const [using] = server.context.demos
    .list()
    .filter(({ methods }) => methods.some((m) => m.kit.some((line) => line.itemId === 'drum')));
  const demo = await get<{ items: { id: string }[] }>(`/demos/${using?.id}/all`);
  expect(demo.items.map(({ id }) => id)).not.toContain('drum');
  const answer = await request(server.app).get('/api/items/drum').expect(503);
  expect(JSON.stringify(answer.body)).toContain('can’t be read');
  await request(server.app).delete('/api/damaged/item/drum').expect(204);
  expect(await get('/damaged')).toEqual([]);
  await request(server.app).get('/api/items/drum').expect(410);
});

test('a show: the others stay, and shopping says what it does not count', async () => {
  spoil(`UPDATE show SET wishes = '{' WHERE id = 'harbour-light-festival'`);
  for (const path of ELSEWHERE) await get(path);
  await request(server.app).get(`/api${FESTIVAL}/all`).expect(503);
  expect(await get<DamagedRecord[]>('/damaged')).toMatchObject([{ kind: 'show' }]);
  await request(server.app).delete('/api/damaged/show/harbour-light-festival').expect(204);
  expect((await get<{ id: string }[]>('/shows')).map(({ id }) => id)).not.toContain(
    'harbour-light-festival',
  );
});

test('shopping names the shows that need what can’t be read', async () => {
  const date = '2099-01-01';
  const { shows } = server.context;
  const { version, ...show } = shows.get('harbour-light-festival');
  shows.change({ ...show, date }, version);
  spoil(`UPDATE method SET leaves = '[null]' WHERE demo_id = 'cold-flower'`);
  const { unread } = await get<ShoppingAnswer>('/shopping');
  const today = todayHere();
  const using = shows
    .list()
    .filter((one) => one.date >= today && one.slots.some((slot) => slot.demoId === 'cold-flower'));
  expect(unread).toContain(show.title);
  expect(unread.sort()).toEqual(using.map(({ title }) => title).sort());
});

test.each([
  ['no JSON', '[{'],
  ['of another shape', '7'],
  ['with a word for a number', '{"drop":"x","squirt":1,"stroke":1,"pinch":1}'],
])(
  'settings that are %s: what is ready-made holds, said by name, until they are put right',
  async (_how, text) => {
    const { version: before } = await get<{ version: number }>('/settings/own');
    spoil(`UPDATE settings SET household = '${text}'`);
    for (const path of [...ELSEWHERE, `${FESTIVAL}/all`]) await get(path);
    const instead = await get<Settings & { version: number }>('/settings/own');
    expect(instead).toEqual({ ...SETTINGS, version: before });
    const [told] = await get<DamagedRecord[]>('/damaged');
    expect(told).toMatchObject({
      kind: 'settings',
      id: 'own',
      name: expect.stringContaining('household words'),
    });
    // Typed anew, or left as they came: either way they can be read again.
    const typed = { ...SETTINGS, currency: 'NOK', version: before };
    await request(server.app).put('/api/settings/own').send(typed).expect(200);
    expect(await get('/damaged')).toEqual([]);
    spoil(`UPDATE settings SET household = '${text}'`);
    await request(server.app).delete('/api/damaged/settings/own').expect(204);
    expect(await get('/damaged')).toEqual([]);
    expect(await get('/settings/own')).toMatchObject(SETTINGS);
  },
);

test('what would be refused today, and is built as it should be, is no damage', async () => {
  spoil(`UPDATE demo SET name = '' WHERE id = 'cold-flower'`);
  expect(await get('/damaged')).toEqual([]);
  expect(await get('/demos/cold-flower')).toMatchObject({ name: '' });
});

test('what can be read can’t be thrown away so', async () => {
  await request(server.app).delete('/api/damaged/item/drum').expect(404);
  await request(server.app).delete('/api/damaged/constructor/drum').expect(404);
  await get('/items/drum');
});
