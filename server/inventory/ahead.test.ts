/** What is ahead of one thing of the store agrees with what its shows and the shopping list say. */
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import request from 'supertest';
import type { AheadAnswer, ShoppingAnswer, StockAnswer } from '../../contract/api';
import { type TestServer, testServer } from '../testing/serve';

let server: TestServer;
beforeAll(() => {
  server = testServer();
});
afterAll(() => server.close());

const ask = async <T>(path: string): Promise<T> =>
  (await request(server.app).get(`/api${path}`).expect(200)).body as T;

test('each show that wants it, in order, with what it gets and lacks; what to order of it', async () => {
  const { wanting, line } = await ask<AheadAnswer>('/items/peroxide-3/ahead');
  expect(wanting.length).toBeGreaterThan(1);
  expect(wanting.map(({ date }) => date)).toEqual(wanting.map(({ date }) => date).sort());
  for (const { showId, need, got, short } of wanting) {
    const { shares } = await ask<StockAnswer>(`/shows/${showId}/stock`);
    expect(shares.find(({ itemId }) => itemId === 'peroxide-3')).toMatchObject({
      need,
      got,
      short,
    });
  }
  const { lines } = await ask<ShoppingAnswer>('/shopping');
  expect(line).toEqual(lines.find(({ itemId }) => itemId === 'peroxide-3'));
  expect(line?.packs.length).toBeGreaterThan(0);
});

test('what no show wants has nothing ahead; what is ordered is on its way; a removed thing is gone', async () => {
  const { context } = server;
  context.items.add({ ...context.items.get('towels'), id: 'idle', name: 'Idle thing' });
  expect(await ask('/items/idle/ahead')).toEqual({ wanting: [], arriving: [], line: null });
  context.orders.add({
    ...{
      id: 'o',
      itemId: 'idle',
      terms: 'bought' as const,
      amount: 4,
      unit: 'piece' as const,
      count: 3,
    },
    ...{ price: 100, supplier: 'Quay stores', ordered: '2027-05-30', expected: '2039-06-05' },
    ...{ come: null, keeps: null, backBy: null, back: null, note: '' },
  });
  expect(await ask('/items/idle/ahead')).toMatchObject({
    arriving: [{ day: '2039-06-05', base: 12 }],
  });
  context.items.remove('idle', context.items.get('idle').version);
  await request(server.app).get('/api/items/idle/ahead').expect(410);
});
