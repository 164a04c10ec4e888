/** The store over the API: deliveries, counts, what is taken for a show, and what coming shows lack. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import request from 'supertest';
import type {
  ApiErrorBody,
  DemoAnswer,
  ShowAnswer,
  ShowSummary,
  StockAnswer,
  StoreAnswer,
  UsedAnswer,
} from '../../contract/api';
import { itemsNamed } from '../../core/brief/itemsNamed';
import type { PackMark } from '../../core/kit/packing';
import type { ShoppingList } from '../../core/inventory/shopping';
import { blankLot } from '../../core/inventory/blank';
import { daysBetween } from '../../core/time/days';
import type { Movement, StockedLot } from '../../core/inventory/types';
import { type TestServer, testServer } from '../testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const get = async <T>(path: string): Promise<T> =>
  (await request(server.app).get(`/api${path}`).expect(200)).body as T;
const post = (path: string, body: object = {}) =>
  request(server.app).post(`/api${path}`).send(body);
const errorOf = (answer: { body: unknown }): ApiErrorBody['error'] =>
  (answer.body as ApiErrorBody).error;
const lotOf = (id: string): StockedLot | undefined =>
  server.context.ledger.stocked().find((lot) => lot.id === id);
const FESTIVAL = 'harbour-light-festival';

const lot = (id: string, itemId: string) => ({
  ...blankLot(id, itemId),
  place: 'Shelf B',
  expiry: '2028-01-31',
});
const delivery = (id: string, itemId: string, amount: number, unit: string) => ({
  lot: lot(id, itemId),
  amount,
  unit,
  note: '',
});

describe('movements', () => {
  test('a delivery, a count, and both taken back, newest first', async () => {
    await post('/deliveries', delivery('new', 'yeast', 0.5, 'kg')).expect(201);
    expect(lotOf('new')?.stock).toBe(500);
    await post('/lots/new/count', { amount: 420, unit: 'g', note: '' }).expect(200);
    const log = await get<Movement[]>('/items/yeast/movements');
    expect(log.slice(0, 2).map((m) => [m.kind, m.change])).toEqual([
      ['counted', -80],
      ['received', 500],
    ]);
    const early = await post(`/movements/${log[1]?.id}/reverse`).expect(422);
    expect(errorOf(early).fields?.[0]?.message).toContain('used since');
    await post(`/movements/${log[0]?.id}/reverse`).expect(200);
    await post(`/movements/${log[1]?.id}/reverse`).expect(200);
    expect(lotOf('new')?.stock).toBe(0);
    await post(`/movements/${log[1]?.id}/reverse`).expect(422);
  });

  test('household measures are turned into what it is counted in, by its density', async () => {
    await post('/deliveries', delivery('new', 'yeast', 1, 'cup')).expect(201);
    expect(lotOf('new')?.stock).toBeCloseTo(236.588 * 0.6, 2);
  });

  test.each([
    [delivery('new', 'towels', 40, 'mL'), 'unit', 'must be a number of pieces, such as 3'],
    [delivery('new', 'yeast', -5, 'g'), 'amount', 'must not be negative'],
    [delivery('new', 'yeast', 0, 'g'), 'amount', 'must be more than nothing'],
    [delivery('new', 'yeast', 5, 'squirt'), 'unit', 'must be one of'],
    [delivery('new', 'no-such-thing', 5, 'g'), null, 'no such item'],
    [
      {
        ...delivery('new', 'yeast', 5, 'g'),
        lot: { ...lot('new', 'yeast'), expiry: '2027-02-30' },
      },
      'lot.expiry',
      'must be a date',
    ],
  ])('a delivery that can’t be is told at its field: %j', async (bodyOf, path, message) => {
    const answer = await post('/deliveries', bodyOf);
    expect(answer.status).toBeGreaterThanOrEqual(400);
    expect(answer.status).toBeLessThan(500);
    const error = errorOf(answer);
    if (path === null) expect(error.message).toContain(message);
    else expect(error.fields?.find((f) => f.path === path)?.message).toContain(message);
    expect(lotOf('new')).toBeUndefined();
  });

  test('the same delivery sent twice comes once', async () => {
    await post('/deliveries', delivery('new', 'yeast', 5, 'g')).expect(201);
    await post('/deliveries', delivery('new', 'yeast', 5, 'g')).expect(409);
    expect(lotOf('new')?.stock).toBe(5);
  });

  test('movements are never changed and never removed, not even by hand', () => {
    const { db } = server.context;
    expect(() => db.prepare('UPDATE movement SET change = 9').run()).toThrow('never changed');
    expect(() => db.prepare('DELETE FROM movement').run()).toThrow('never removed');
  });

  test('a lot with something in it is not thrown away; an empty one can be, and comes back', async () => {
    await request(server.app).delete('/api/lots/yeast-1?version=1').expect(409);
    await post('/lots/yeast-1/count', { amount: 0, unit: 'g', note: '' }).expect(200);
    await request(server.app).delete('/api/lots/yeast-1?version=1').expect(204);
    expect(lotOf('yeast-1')).toBeUndefined();
    await post('/lots/yeast-1/restore').expect(200);
    expect(lotOf('yeast-1')?.stock).toBe(0);
  });

  test('an item with stock is not counted in another kind', async () => {
    const item = await get<{ id: string }>('/items/yeast');
    const answer = await request(server.app)
      .put('/api/items/yeast')
      .send({ ...item, unit: 'mL', packs: [] })
      .expect(422);
    expect(errorOf(answer).fields?.[0]?.path).toBe('unit');
  });

  test('the stock that is told is the sum of the movements, whatever is done (property)', async () => {
    const step = fc.record({
      what: fc.constantFrom('deliver', 'count', 'reverse'),
      amount: fc.integer({ min: 1, max: 900 }),
      which: fc.nat(20),
    });
    let n = 0;
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 8 }), async (steps) => {
        for (const { what, amount, which } of steps) {
          if (what === 'deliver')
            await post('/deliveries', delivery(`lot${n++}`, 'iodide', amount, 'g'));
          if (what === 'count') await post('/lots/iodide-1/count', { amount, unit: 'g', note: '' });
          if (what === 'reverse') {
            const log = await get<Movement[]>('/items/iodide/movements');
            await post(`/movements/${log[which % log.length]?.id}/reverse`);
          }
        }
        const log = await get<Movement[]>('/items/iodide/movements');
        for (const one of await get<StockedLot[]>('/lots?item=iodide')) {
          expect(one.itemId).toBe('iodide');
          const sum = log.filter((m) => m.lotId === one.id).reduce((s, m) => s + m.change, 0);
          expect(one.stock).toBeCloseTo(sum, 6);
          expect(one.stock).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 10, seed: 3 },
    );
  });
});

describe('coming shows', () => {
  const sharesOf = async (show: string) => (await get<StockAnswer>(`/shows/${show}/stock`)).shares;
  const shareOf = async (show: string, item: string) =>
    (await sharesOf(show)).find((share) => share.itemId === item);

  test('the second show is told what the first takes', async () => {
    const first = await shareOf(FESTIVAL, 'peroxide-3');
    const second = await shareOf('little-hollin-evening', 'peroxide-3');
    expect(first?.got).toBeGreaterThan(0);
    expect(second?.before.map((taker) => taker.showId)).toContain(FESTIVAL);
    expect(second?.short).toBeGreaterThan(0);
  });

  test('a delivery is counted at once, and what the venue has is no matter of the store', async () => {
    const before = await shareOf('little-hollin-evening', 'peroxide-3');
    await post('/deliveries', delivery('new', 'peroxide-3', 2, 'L')).expect(201);
    expect((await shareOf('little-hollin-evening', 'peroxide-3'))?.short).toBe(0);
    expect(before?.short).toBeGreaterThan(0);
    expect(await shareOf(FESTIVAL, 'warm-water')).toBeUndefined();
  });

  test('the shopping list covers what is short, and choosing shows narrows it', async () => {
    const all = await get<ShoppingList>('/shopping');
    expect(all.unlike).toEqual([]);
    expect(all.cost).toBe(all.lines.reduce((sum, line) => sum + line.cost, 0));
    expect(all.perShow.reduce((sum, show) => sum + show.cost, 0)).toBe(all.cost);
    const peroxide = all.lines.find((line) => line.itemId === 'peroxide-3');
    expect(peroxide?.packs.length).toBeGreaterThan(0);
    const one = await get<ShoppingList>('/shopping?shows=hollin-science-day');
    expect(one.perShow.map((show) => show.showId)).toEqual(['hollin-science-day']);
    expect(
      one.lines.every((line) => line.shows.every((s) => s.showId === 'hollin-science-day')),
    ).toBe(true);
  });

  test('cut flowers keep three days: none is ordered longer than that before its show', async () => {
    const { lines } = await get<ShoppingList>('/shopping');
    const bought = lines.filter((line) => line.itemId === 'flower').flatMap(({ packs }) => packs);
    expect(bought.length).toBeGreaterThan(0);
    for (const { orderFrom, orderBy, days } of bought) {
      expect(orderFrom).not.toBeNull();
      const last = days.toSorted().at(-1) ?? '';
      expect(daysBetween(orderFrom ?? '', last)).toBeLessThanOrEqual(3);
      expect(orderBy <= last).toBe(true);
    }
  });

  test('one that is out of use is missing from the line-up too', async () => {
    const there = await get<object>('/lots/cylinder-1');
    await request(server.app)
      .put('/api/lots/cylinder-1')
      .send({ ...there, state: 'out' })
      .expect(200);
    expect(server.context.bundles.of(FESTIVAL).items.find((i) => i.id === 'cylinder')?.owned).toBe(
      0,
    );
    expect((await shareOf(FESTIVAL, 'cylinder'))?.short).toBeGreaterThan(0);
  });
});

describe('after a show', () => {
  const SCHOOL = 'hollin-school-morning';
  const usedOf = () => get<UsedAnswer>(`/shows/${SCHOOL}/used`);

  test('what was used is taken out once, and can be put back', async () => {
    const { used, takenOut } = await usedOf();
    expect(takenOut).toBe(false);
    // Two goes of the crushed can were had.
    expect(used.find((u) => u.itemId === 'drink-can')?.used).toBe(2);
    const stock = lotOf('cans-1')?.stock ?? 0;
    const taken = [{ itemId: 'drink-can', base: 2 }];
    expect((await post(`/shows/${SCHOOL}/take-out`, { taken }).expect(200)).body).toMatchObject({
      takenOut: true,
    });
    expect(lotOf('cans-1')?.stock).toBe(stock - 2);
    await post(`/shows/${SCHOOL}/take-out`, { taken }).expect(409);
    await post(`/shows/${SCHOOL}/put-back`).expect(200);
    expect(lotOf('cans-1')?.stock).toBe(stock);
    expect((await usedOf()).takenOut).toBe(false);
    await post(`/shows/${SCHOOL}/take-out`, { taken }).expect(200);
    const shows = await get<ShowSummary[]>('/shows');
    expect(shows.filter((show) => show.takenOut).map((show) => show.id)).toEqual([SCHOOL]);
  });

  test('more than there is takes nothing out, and says of what', async () => {
    const stock = lotOf('cans-1')?.stock;
    const answer = await post(`/shows/${SCHOOL}/take-out`, {
      taken: [
        { itemId: 'drink-can', base: 1 },
        { itemId: 'yeast', base: 90_000 },
      ],
    }).expect(422);
    expect(errorOf(answer).fields?.[0]).toMatchObject({
      path: 'taken[1].base',
      message: expect.stringContaining('than the store has (70 g)'),
    });
    expect(lotOf('cans-1')?.stock).toBe(stock);
  });
});

describe('packing', () => {
  test('two people tick at once; the first to tick stays named', async () => {
    const tick = (key: string, by: string | null) =>
      request(server.app)
        .put(`/api/shows/${FESTIVAL}/packing/packed/${key}`)
        .send({ by, amount: 1, of: 1 });
    await Promise.all([
      tick('drum.count', 'jo').expect(200),
      tick('tray.count', 'ines').expect(200),
    ]);
    await tick('drum.count', 'ines').expect(200);
    const marks = await get<{ key: string; by: string }[]>(`/shows/${FESTIVAL}/packing`);
    expect(marks).toHaveLength(2);
    expect(marks.find((mark) => mark.key === 'drum.count')?.by).toBe('jo');
    await request(server.app)
      .delete(`/api/shows/${FESTIVAL}/packing/packed/drum.count`)
      .expect(200);
    expect(await get<unknown[]>(`/shows/${FESTIVAL}/packing`)).toHaveLength(1);
  });

  test('how much is in is a state: the last that is said holds, and no more than there is', async () => {
    const tick = (by: string, amount: number | null) =>
      request(server.app)
        .put(`/api/shows/${FESTIVAL}/packing/packed/tray.count`)
        .send({ by, amount, of: 4 });
    await tick('jo', 1).expect(200);
    await tick('ines', 2).expect(200);
    const [mark] = await get<PackMark[]>(`/shows/${FESTIVAL}/packing`);
    expect(mark).toMatchObject({ by: 'ines', amount: 2, of: 4 });
    // There are two trays.
    const refused = (await tick('jo', 3).expect(422)).body as ApiErrorBody;
    expect(refused.error.message).toMatch(/^Deep tray: the store has only 2/);
    await tick('jo', -1).expect(422);
    // One that was not counted says all of it, whatever there is.
    await tick('jo', null).expect(200);
    // What comes home is not held against the store.
    await request(server.app)
      .put(`/api/shows/${FESTIVAL}/packing/home/tray.count`)
      .send({ by: null, amount: 9, of: 9 })
      .expect(200);
  });

  test('an unknown kind of tick, and an unknown show', async () => {
    await request(server.app)
      .put(`/api/shows/${FESTIVAL}/packing/lost/x`)
      .send({ by: null, amount: null, of: null })
      .expect(404);
    await request(server.app)
      .put('/api/shows/none/packing/packed/x')
      .send({ by: null, amount: null, of: null })
      .expect(404);
  });
});

describe('lists that grow', () => {
  const part = (more: string) => get<StoreAnswer>(`/store?day=2027-05-30&system=metric&${more}`);

  test('the store comes in parts that make up the whole, each item once', async () => {
    const whole = await part('find=&shown=all&count=500');
    expect(whole.found).toBe(whole.items);
    expect(whole.lines).toHaveLength(whole.items);
    const parts: StoreAnswer[] = [];
    for (let from = 0; from < whole.items; from += 7)
      parts.push(await part(`find=&shown=all&from=${from}&count=7`));
    expect(parts.flatMap((one) => one.lines)).toEqual(whole.lines);
  });

  test('what is found, and what is to mind, is counted over everything', async () => {
    const minded = await part('find=&shown=mind&count=1');
    expect(minded.found).toBe(minded.toMind);
    expect(minded.lines.length).toBeLessThanOrEqual(1);
    const yeast = await part('find=YEAST&shown=consumable');
    expect(yeast.lines.map((line) => line.id)).toContain('yeast');
    expect(yeast.found).toBe(yeast.lines.length);
    expect((await part('find=no-such-thing&shown=all')).lines).toEqual([]);
  });

  test('a count is in the very next answer', async () => {
    const line = async () =>
      (await part('find=yeast&shown=all')).lines.find((l) => l.id === 'yeast');
    const before = await line();
    await post('/lots/yeast-1/count', { amount: 3, unit: 'g', note: '' }).expect(200);
    expect((await line())?.text).not.toBe(before?.text);
  });

  test.each(['', '?item=constructor', '?item[]=a'])(
    'lots of no item (%s) are refused',
    async (q) => {
      await request(server.app).get(`/api/lots${q}`).expect(422);
    },
  );

  test('a show has its own items and lots, and no others', async () => {
    const show = await get<ShowAnswer>(`/shows/${FESTIVAL}/all`);
    const named = new Set(itemsNamed(show.show, show.demos));
    expect(show.items.length).toBeGreaterThan(0);
    expect(show.items.filter(({ id }) => !named.has(id))).toEqual([]);
    expect(show.lots.filter(({ itemId }) => !named.has(itemId))).toEqual([]);
    const { demo, items } = await get<DemoAnswer>('/demos/cold-flower/all');
    expect(items.map((item) => item.id).sort()).toEqual(
      itemsNamed({ cold: [], slots: [] }, [demo]).sort(),
    );
  });
});

describe('settings', () => {
  test('a size of a household word counts in every kit list at once', async () => {
    const settings = await get<{ household: object }>('/settings/own');
    const kit = async () => (await request(server.app).get(`/api/shows/${FESTIVAL}/kit.csv`)).text;
    expect(await kit()).toContain('5 mL');
    await request(server.app)
      .put('/api/settings/own')
      .send({ ...settings, household: { ...settings.household, squirt: 7 } })
      .expect(200);
    expect(await kit()).toContain('7 mL');
  });

  test('there is one of it, and it stays', async () => {
    await request(server.app).delete('/api/settings/own').expect(404);
    await post('/settings', { id: 'own' }).expect(404);
    await request(server.app).get('/api/settings/own').expect(200);
  });

  test.each([
    [{ currency: 'money' }, 'currency'],
    [{ household: { drop: 0, squirt: 5, stroke: 250, pinch: 0.4 } }, 'household.drop'],
  ])('%j is told at its field', async (wrong, path) => {
    const settings = await get<object>('/settings/own');
    const answer = await request(server.app)
      .put('/api/settings/own')
      .send({ ...settings, ...wrong })
      .expect(422);
    expect(errorOf(answer).fields?.map((f) => f.path)).toContain(path);
  });
});
