/** Orders over the API: on their way they count by their day, come they lie in the store, and back again. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import type { ApiErrorBody, StockAnswer, UsedAnswer, Versioned } from '../../contract/api';
import type { ShoppingList } from '../../core/inventory/shopping';
import { blankOrder, type Order } from '../../core/inventory/orders';
import type { StockedLot } from '../../core/inventory/types';
import type { Show } from '../../core/brief/types';
import type { Item } from '../../core/repertoire/item';
import { type TestServer, testServer } from '../testing/serve';

const TODAY = '2027-05-30';
const FESTIVAL = 'harbour-light-festival';
const EVENING = 'little-hollin-evening';

let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const get = async <T>(path: string): Promise<T> =>
  (await request(server.app).get(`/api${path}`).expect(200)).body as T;
const post = (path: string, body: object = {}) =>
  request(server.app).post(`/api${path}`).send(body);
const put = (path: string, body: object) => request(server.app).put(`/api${path}`).send(body);
const faultsOf = (answer: { body: unknown }) => (answer.body as ApiErrorBody).error.fields ?? [];

const shareOf = async (show: string, item: string) =>
  (await get<StockAnswer>(`/shows/${show}/stock`)).shares.find((share) => share.itemId === item);
const lineOf = async (item: string) =>
  (await get<ShoppingList>('/shopping')).lines.find((line) => line.itemId === item);
const change = async (itemId: string, over: Partial<Item>) => {
  const item = await get<Versioned<Item>>(`/items/${itemId}`);
  await put(`/items/${itemId}`, { ...item, ...over }).expect(200);
};
const lotsOf = (item: string) => get<StockedLot[]>(`/lots?item=${item}`);

const order = (over: Partial<Order> = {}): Order => ({
  ...blankOrder('o1', 'peroxide-3', TODAY),
  amount: 1,
  unit: 'L',
  count: 2,
  price: 1380,
  supplier: 'Mainland laboratory supply',
  expected: '2027-06-03',
  ...over,
});

describe('instead', () => {
  test('what could be taken says how much of it there is, though nothing else needs it', async () => {
    // Nobody sells it in time; of the stronger there is a bottle.
    await change('peroxide-3', { packs: [] });
    const late = (await lineOf('peroxide-3'))?.tooLate.find(({ showId }) => showId === EVENING);
    expect(late?.instead).toEqual([
      { itemId: 'peroxide-9', name: 'Hydrogen peroxide 9 %', there: 500 },
    ]);
  });

  test('a show that takes it does not lack the other; the list says so, and it is needed in its turn', async () => {
    const show = await get<Versioned<Show>>(`/shows/${EVENING}`);
    const swaps = [{ itemId: 'peroxide-3', by: 'peroxide-9' }];
    await put(`/shows/${EVENING}`, { ...show, swaps }).expect(200);
    const list = await get<ShoppingList>(`/shopping?shows=${EVENING}`);
    expect(list.lines.map(({ itemId }) => itemId)).not.toContain('peroxide-3');
    expect(list.instead).toMatchObject([
      { showId: EVENING, itemId: 'peroxide-3', by: 'peroxide-9', byName: 'Hydrogen peroxide 9 %' },
    ]);
    const share = await shareOf(EVENING, 'peroxide-9');
    expect(share?.need).toBeGreaterThan(0);
    expect(await shareOf(EVENING, 'peroxide-3')).toBeUndefined();
  });

  test('one thing in place of itself, or two for one, is refused where it stands', async () => {
    const show = await get<Versioned<Show>>(`/shows/${EVENING}`);
    const refused = async (swaps: object[]) =>
      faultsOf(await put(`/shows/${EVENING}`, { ...show, swaps }).expect(422)).map(
        ({ path }) => path,
      );
    expect(await refused([{ itemId: 'yeast', by: 'yeast' }])).toEqual(['swaps[0].by']);
    const [one, two] = ['peroxide-9', 'iodide'].map((by) => ({ itemId: 'yeast', by }));
    expect(await refused([one ?? {}, two ?? {}])).toEqual(['swaps']);
  });
});

describe('on its way', () => {
  test('it counts from the day it is due, and is not bought again', async () => {
    expect((await lineOf('peroxide-3'))?.missing).toBeGreaterThan(0);
    await post('/orders', order()).expect(201);
    expect(await lineOf('peroxide-3')).toBeUndefined();
    const share = await shareOf(EVENING, 'peroxide-3');
    expect(share).toMatchObject({ short: 0, coming: [{ orderId: 'o1', from: '2027-06-03' }] });
    // The festival is before that day.
    expect((await shareOf(FESTIVAL, 'peroxide-3'))?.coming).toEqual([]);
  });

  test('one that is due after the show is no help to it', async () => {
    const before = await shareOf(EVENING, 'peroxide-3');
    await post('/orders', order({ expected: '2027-12-01' })).expect(201);
    expect((await shareOf(EVENING, 'peroxide-3'))?.short).toBe(before?.short);
  });

  test('what is borrowed counts until it goes back', async () => {
    await change('drum', { owned: 0 });
    expect((await shareOf(FESTIVAL, 'drum'))?.short).toBe(1);
    const lent = order({
      itemId: 'drum',
      terms: 'borrowed',
      amount: 1,
      unit: 'piece',
      count: 1,
      expected: TODAY,
      backBy: TODAY,
    });
    await post('/orders', lent).expect(201);
    expect((await shareOf(FESTIVAL, 'drum'))?.short).toBe(0);
    const { version } = await get<Versioned<Order>>('/orders/o1');
    await put('/orders/o1', { ...lent, come: TODAY, back: TODAY, version }).expect(200);
    expect((await shareOf(FESTIVAL, 'drum'))?.short).toBe(1);
  });
});

describe('come', () => {
  test('each bottle of what keeps only so long once open is a lot of its own', async () => {
    const before = await lotsOf('peroxide-3');
    await post('/orders', order({ keeps: 300 })).expect(201);
    await post('/orders/o1/come', { day: '2027-06-02', place: 'Fridge' }).expect(200);
    const came = (await lotsOf('peroxide-3')).filter(({ id }) => !before.some((b) => b.id === id));
    expect(came).toMatchObject([
      { stock: 1000, place: 'Fridge', expiry: '2028-03-28' },
      { stock: 1000, place: 'Fridge' },
    ]);
    expect(
      (await post('/orders/o1/come', { day: TODAY, place: '' }).expect(409)).body,
    ).toMatchObject({ error: { code: 'come' } });
    await post('/orders/o1/not-come').expect(200);
    expect(await lotsOf('peroxide-3')).toEqual(before);
    // And once more, into other lots.
    await post('/orders/o1/come', { day: TODAY, place: '' }).expect(200);
    expect(await lotsOf('peroxide-3')).toHaveLength(before.length + 2);
  });

  test('what was used of it since has to be taken back first', async () => {
    await post('/orders', order({ itemId: 'detergent', amount: 500, unit: 'mL', count: 1 }));
    await post('/orders/o1/come', { day: TODAY, place: '' }).expect(200);
    const lot = (await lotsOf('detergent')).find(({ id }) => id.startsWith('o1-'));
    await post(`/lots/${lot?.id}/count`, { amount: 200, unit: 'mL', note: '' }).expect(200);
    expect(faultsOf(await post('/orders/o1/not-come').expect(422))[0]?.message).toContain('used');
    expect((await get<Order>('/orders/o1')).come).toBe(TODAY);
  });

  test('that it has come is not written past the store', async () => {
    await post('/orders', order()).expect(201);
    const { version } = await get<Versioned<Order>>('/orders/o1');
    const answer = await put('/orders/o1', { ...order(), come: TODAY, version }).expect(422);
    expect(faultsOf(answer)[0]?.path).toBe('come');
  });

  test.each([
    ['expected', { expected: '2027-05-01' }],
    ['backBy', { backBy: '2027-06-30' }],
    ['count', { count: 0 }],
    ['itemId', { itemId: 'nothing' }],
  ])('refused at %s', async (path, over) => {
    expect(faultsOf(await post('/orders', order(over)).expect(422)).map((f) => f.path)).toContain(
      path,
    );
  });
});

describe('taken out', () => {
  test('one thing taken out for a show leaves its other needs', async () => {
    const before = await shareOf(EVENING, 'peroxide-3');
    await post(`/shows/${EVENING}/take-out`, {
      taken: [{ itemId: 'yeast', base: 2 }],
    }).expect(200);
    expect(await shareOf(EVENING, 'peroxide-3')).toEqual(before);
    expect((await shareOf(EVENING, 'yeast'))?.need).toBeGreaterThan(0);
  });

  test('its use opens a bottle; put back, it is as it was', async () => {
    const bottle = async () => (await lotsOf('peroxide-3')).find(({ id }) => id.endsWith('-new'));
    const past = 'vay-open-day';
    expect((await bottle())?.opened).toBeNull();
    const { used, takenOut } = await get<UsedAnswer>(`/shows/${past}/used`);
    if (takenOut) await post(`/shows/${past}/put-back`).expect(200);
    expect(used.length).toBeGreaterThan(0);
    await post(`/shows/${past}/take-out`, {
      taken: [{ itemId: 'peroxide-3', base: 200 }],
    }).expect(200);
    const opened = (await bottle())?.opened;
    expect(opened).not.toBeNull();
    await post(`/shows/${past}/put-back`).expect(200);
    expect(await bottle()).toMatchObject({ opened: null, stock: 200 });
  });
});

describe('what a show costs', () => {
  test('what it uses up at the price of the last order, its cold liquid, its share of what is hired', async () => {
    const cost = async () => (await get<StockAnswer>(`/shows/${FESTIVAL}/stock`)).cost;
    const before = await cost();
    expect(before?.total).toBeGreaterThan(0);
    const sum = [...(before?.used ?? []), ...(before?.cold ?? []), ...(before?.hired ?? [])].reduce(
      (all, line) => all + (line.cost ?? 0),
      0,
    );
    expect(before?.total).toBe(sum);
    expect(before?.cold.map(({ itemId }) => itemId)).toEqual(['nitrogen']);
    const peroxide = before?.used.find(({ itemId }) => itemId === 'peroxide-3');
    // The cheapest of its packs is a litre at 6.90; then it was bought at ten times that.
    expect(peroxide?.cost).toBe(Math.round(0.69 * (peroxide?.base ?? 0)));
    await post('/orders', order({ price: 13_800 })).expect(201);
    const dearer = (await cost())?.used.find(({ itemId }) => itemId === 'peroxide-3');
    expect(dearer?.cost).toBe(Math.round(6.9 * (peroxide?.base ?? 0)));
    const hired = order({
      id: 'o2',
      itemId: 'dome',
      terms: 'hired',
      amount: 1,
      unit: 'piece',
      count: 1,
      price: 900,
      expected: TODAY,
      backBy: '2027-07-30',
    });
    await post('/orders', hired).expect(201);
    const dome = (await cost())?.hired.find(({ itemId }) => itemId === 'dome');
    // Every coming show that has it pays as much.
    const coming = (await get<ShoppingList>('/shopping')).perShow.map(({ showId }) => showId);
    const having = await Promise.all(coming.map((show) => shareOf(show, 'dome')));
    const shows = having.filter((share) => share && share.need > 0).length;
    expect(shows).toBeGreaterThan(1);
    expect(dome?.cost).toBe(900 / shows);
  });
});
