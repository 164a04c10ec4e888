/** The library over the wire, and what is taken from it. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import request from 'supertest';
import type { DemoSummary } from '../../contract/api';
import type { LibraryAnswer, TakenAnswer } from '../../contract/library';
import type { Item } from '../../core/repertoire/item';
import type { Demo } from '../../core/repertoire/types';
import { type TestServer, testServer } from '../testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer(false);
});
afterEach(() => server.close());

const take = (...ids: string[]) => request(server.app).post('/api/library/take').send({ ids });
const library = async (): Promise<LibraryAnswer> =>
  (await request(server.app).get('/api/library').expect(200)).body as LibraryAnswer;
const demoOf = async (id: string): Promise<Demo & { version: number }> =>
  (await request(server.app).get(`/api/demos/${id}`).expect(200)).body as Demo & {
    version: number;
  };

test('it is there on empty data, and its demonstrations and things stay out of one’s own', async () => {
  const { demos, items } = await library();
  expect(demos.length).toBeGreaterThanOrEqual(35);
  expect(items.length).toBeGreaterThan(80);
  expect((await request(server.app).get('/api/demos')).body).toEqual([]);
  expect((await request(server.app).get('/api/items')).body).toEqual([]);
});

test('many are taken at once, with their kit, each thing once', async () => {
  const answer = (await take('foam-fountain', 'crushed-can').expect(200)).body as TakenAnswer;
  expect(answer.demos.map(({ id, isNew }) => [id, isNew])).toEqual([
    ['foam-fountain', true],
    ['crushed-can', true],
  ]);
  const items = (await request(server.app).get('/api/items')).body as Item[];
  expect(items).toHaveLength(answer.items);
  expect(new Set(items.map(({ name }) => name)).size).toBe(items.length);
  const foam = await demoOf('foam-fountain');
  expect(foam.origin?.demoId).toBe('foam-fountain');
  const known = new Set(items.map(({ id }) => id));
  expect(foam.methods.every(({ kit }) => kit.every(({ itemId }) => known.has(itemId)))).toBe(true);
  const summaries = (await request(server.app).get('/api/demos')).body as DemoSummary[];
  expect(summaries.map(({ origin, family }) => [origin?.demoId, family])).toEqual([
    ['crushed-can', 'air'],
    ['foam-fountain', 'gas'],
  ]);
});

test('all of it can be taken, and once it is taken nothing more comes of it', async () => {
  const { demos, items } = await library();
  const ids = demos.map(({ id }) => id);
  const first = (await take(...ids).expect(200)).body as TakenAnswer;
  expect(first.demos.every(({ isNew }) => isNew)).toBe(true);
  expect(first.items).toBeLessThanOrEqual(items.length);
  const again = (await take(...ids).expect(200)).body as TakenAnswer;
  expect(again.demos.every(({ isNew }) => !isNew)).toBe(true);
  expect(again.items).toBe(0);
});

test('one that was thrown out can be taken anew, beside the old one', async () => {
  await take('balancing-forks').expect(200);
  const { version } = await demoOf('balancing-forks');
  await request(server.app).delete(`/api/demos/balancing-forks?version=${version}`).expect(204);
  const answer = (await take('balancing-forks').expect(200)).body as TakenAnswer;
  expect(answer.demos[0]).toMatchObject({ isNew: true });
  expect(answer.demos[0]?.id).not.toBe('balancing-forks');
  await request(server.app).post('/api/demos/balancing-forks/restore').expect(200);
  expect((await request(server.app).get('/api/demos')).body).toHaveLength(2);
});

test('a name that the library lacks takes nothing, not even the others', async () => {
  const answer = await take('balancing-forks', 'no-such').expect(404);
  expect((answer.body as { error: { message: string } }).error.message).toContain('library');
  expect((await request(server.app).get('/api/demos')).body).toEqual([]);
  await request(server.app).post('/api/library/take').send({ ids: 'x' }).expect(422);
});

test('a thing that was removed is not brought back by the way', async () => {
  await take('balancing-forks').expect(200);
  const items = (await request(server.app).get('/api/items')).body as (Item & {
    version: number;
  })[];
  for (const { id, version } of items)
    await request(server.app).delete(`/api/items/${id}?version=${version}`).expect(204);
  const { version } = await demoOf('balancing-forks');
  await request(server.app).delete(`/api/demos/balancing-forks?version=${version}`).expect(204);
  const answer = (await take('balancing-forks').expect(200)).body as TakenAnswer;
  expect(answer.items).toBe(items.length);
});
