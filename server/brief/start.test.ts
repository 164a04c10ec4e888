/** A show begun from one sentence, on empty data and on what is there. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import request from 'supertest';
import type { RepertoireAnswer } from '../../contract/api';
import type { Show } from '../../core/brief/types';
import { type TestServer, testServer } from '../testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer(false);
});
afterEach(() => server.close());

const SENTENCE = {
  title: '',
  date: '2027-05-29',
  start: '14:00',
  minutes: 20,
  zone: 'Etc/UTC',
  venue: 'Vay Lifeboat Station',
  audience: 80,
  youngest: null,
  crew: ['Ines', 'Jo'],
  slots: [
    { from: 'library', demoId: 'foam-fountain', methodId: 'lively', performer: 1 },
    { from: 'library', demoId: 'hoot-tube', methodId: 'whirled', performer: null },
  ],
};
const start = (more: object = {}) =>
  request(server.app)
    .post('/api/shows/start')
    .send({ ...SENTENCE, ...more });
const listed = async <T>(path: string): Promise<T[]> =>
  (await request(server.app).get(`/api/${path}`).expect(200)).body as T[];

test('on empty data everything that it names is there afterwards', async () => {
  const show = (await start().expect(201)).body as Show;
  expect(show).toMatchObject({
    title: 'Vay Lifeboat Station',
    start: '14:00',
    hardFinish: '14:20',
    audience: 80,
  });
  const people = await listed<{ id: string; name: string }>('people');
  expect(people.map(({ name }) => name)).toEqual(['Ines', 'Jo']);
  expect(show.crew).toEqual(people.map(({ id }) => id));
  expect(await listed('venues')).toMatchObject([{ id: show.venueId, name: SENTENCE.venue }]);
  expect(
    show.slots.map(({ demoId, methodId, performerId }) => [demoId, methodId, performerId]),
  ).toEqual([
    ['foam-fountain', 'lively', show.crew[1]],
    ['hoot-tube', 'whirled', show.crew[0]],
  ]);
  // At their usual positions.
  const nameOf = (id: string | null) => show.positions.find((one) => one.id === id)?.name;
  expect(show.slots.map(({ positionId }) => nameOf(positionId))).toEqual(['Centre table', 'Floor']);
});

test('what is called so already is used, and nothing is taken twice', async () => {
  await start().expect(201);
  const again = (await start({ venue: ' vay lifeboat  station', crew: ['jo', 'Jo'] }).expect(201))
    .body as Show;
  expect(await listed('people')).toHaveLength(2);
  expect(await listed('venues')).toHaveLength(1);
  expect(await listed('demos')).toHaveLength(2);
  expect(again.crew).toHaveLength(1);
  const own = (
    await start({
      slots: [{ from: 'own', demoId: 'foam-fountain', methodId: 'gentle', performer: null }],
    }).expect(201)
  ).body as Show;
  expect(own.slots[0]).toMatchObject({ demoId: 'foam-fountain', methodId: 'gentle' });
});

test('somebody who is named twice is there once, and who comes after is still who presents', async () => {
  const [first] = SENTENCE.slots;
  const slots = [{ ...first, performer: 2 }];
  const show = (await start({ crew: ['Ines', 'ines', 'Jo'], slots }).expect(201)).body as Show;
  expect(show.crew).toHaveLength(2);
  expect(show.slots[0]?.performerId).toBe(show.crew[1]);
});

test('without a place or people it is a show all the same', async () => {
  const show = (await start({ venue: '', crew: [], slots: [] }).expect(201)).body as Show;
  expect(show).toMatchObject({ title: 'Show of 2027-05-29', venueId: null, crew: [], slots: [] });
});

test.each([
  [
    'no such demonstration',
    { slots: [{ from: 'library', demoId: 'none', methodId: 'x', performer: null }] },
    404,
  ],
  [
    'none of one’s own',
    { slots: [{ from: 'own', demoId: 'none', methodId: 'x', performer: null }] },
    404,
  ],
  ['no minutes', { minutes: 0 }, 422],
  ['no day', { date: '2027-02-30' }, 422],
  ['nobody', { crew: [7] }, 422],
])('%s: nothing of it is kept', async (_name, more, status) => {
  await start(more).expect(status);
  for (const path of ['shows', 'people', 'venues', 'demos', 'items'])
    expect(await listed(path)).toEqual([]);
});

test('everything that a show can be chosen from comes at once, with its record', async () => {
  await start().expect(201);
  const all = (await request(server.app).get('/api/repertoire').expect(200))
    .body as RepertoireAnswer;
  expect(all.demos.map(({ id }) => id).sort()).toEqual(['foam-fountain', 'hoot-tube']);
  const items = new Set(all.items.map(({ id }) => id));
  for (const { methods } of all.demos)
    for (const { kit } of methods)
      for (const { itemId } of kit) expect(items.has(itemId)).toBe(true);
  expect(all.records.map(({ demoId }) => demoId)).toContain('foam-fountain');
});

test('what lies in the store is at hand, what is found at the venue too; what is used up is not', async () => {
  server.close();
  server = testServer(true);
  const at = async (): Promise<Set<string>> =>
    new Set(
      ((await request(server.app).get('/api/repertoire').expect(200)).body as RepertoireAnswer)
        .atHand,
    );
  const before = await at();
  expect(before.has('yeast')).toBe(true);
  expect(before.has('warm-water')).toBe(true);
  const { body: lots } = (await request(server.app).get('/api/lots?item=yeast').expect(200)) as {
    body: { id: string }[];
  };
  for (const { id } of lots)
    await request(server.app)
      .post(`/api/lots/${id}/count`)
      .send({ amount: 0, unit: 'g', note: '' })
      .expect(200);
  const after = await at();
  expect(after.has('yeast')).toBe(false);
  expect(after.size).toBe(before.size - 1);
});
