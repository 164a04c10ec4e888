/** The store and the lists as files: each is read back by a reader that is not ours. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import { readSheet } from 'read-excel-file/node';
import request from 'supertest';
import { STORE_COLUMNS } from '../../contract/tables/inventoryColumns';
import { storeTable } from '../../contract/tables/inventoryWrite';
import { box, item, stockedLot } from '../../contract/testing/inventory';
import { receive } from '../../core/inventory/ledger';
import type { ImportBody, StorePreview } from '../../contract/imports';
import { csvFile } from '../http/csv';
import { type TestServer, testServer } from '../testing/serve';
import { tableAsk } from '../testing/tables';
import { takeIn } from './takeIn';
import { readTable } from './tableRead';

let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const bytes = async (path: string): Promise<Buffer> =>
  (
    await request(server.app)
      .get(path)
      .buffer()
      .parse((res, done) => {
        const parts: Buffer[] = [];
        res.on('data', (part: Buffer) => parts.push(part));
        res.on('end', () => done(null, Buffer.concat(parts)));
      })
      .expect(200)
  ).body as Buffer;

const bringIn = async (to: TestServer, text: string): Promise<void> => {
  const ask = tableAsk(text);
  const { read, preview, marks } = readTable(to.context, ask);
  expect(preview.rows.flatMap(({ faults }) => faults)).toEqual([]);
  await takeIn(to.context, ask, read, marks);
};

const whole = ({ context }: TestServer) => ({
  items: context.items.list().map(({ version: _v, boxId, ...rest }) => ({
    ...rest,
    box: context.boxes.list().find((b) => b.id === boxId)?.number ?? null,
  })),
  lots: context.ledger.stocked().map(({ version: _v, ...rest }) => rest),
  boxes: context.boxes.list().map(({ version: _v, id: _id, ...rest }) => rest),
});

describe('round trips', () => {
  test('the store as CSV, into an empty store: nothing is lost', async () => {
    const text = (await request(server.app).get('/api/store.csv').expect(200)).text;
    const empty = testServer(false);
    await bringIn(empty, text);
    expect(whole(empty)).toEqual(whole(server));
    empty.close();
  });

  test('read into the store it came from, nothing changes and nothing moves', async () => {
    const text = (await request(server.app).get('/api/store.csv')).text;
    const moves = (): unknown =>
      server.context.db.prepare('SELECT count(*) FROM movement').pluck().get();
    const before = [whole(server), moves()];
    await bringIn(server, text);
    expect([whole(server), moves()]).toEqual(before);
  });

  test('any store the contract allows (property)', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(item, { minLength: 1, maxLength: 4 }),
        box,
        fc.infiniteStream(fc.nat()),
        async (items, one, dice) => {
          const [from, to] = [testServer(false), testServer(false)];
          try {
            const { context } = from;
            context.boxes.add(one);
            items.forEach((value, i) => {
              const chance = Number(dice.next().value ?? 0);
              // Names lead back to their items only where they differ; a table trims what stands around them.
              const trimmed = JSON.parse(
                JSON.stringify(value, (_key, v: unknown) => (typeof v === 'string' ? v.trim() : v)),
              ) as typeof value;
              context.items.add({
                ...trimmed,
                name: `${i} ${trimmed.name}`.slice(0, 80).trim(),
                boxId: chance % 2 ? one.id : null,
              });
              for (const { stock, ...lot } of fc.sample(stockedLot(value.id), {
                numRuns: chance % 3,
                seed: chance,
              })) {
                context.lots.add({ ...lot, place: lot.place.trim(), note: lot.note.trim() });
                if (stock > 0)
                  context.ledger.keep(
                    receive({ id: `m-${lot.id}`, lotId: lot.id, at: 0 }, stock),
                    'amount',
                  );
              }
            });
            const used = context.items.list().some((i) => i.boxId !== null);
            await bringIn(
              to,
              csvFile(
                storeTable(context.items.list(), context.ledger.stocked(), context.boxes.list()),
              ),
            );
            const [there, back] = [whole(from), whole(to)];
            expect(back.items).toEqual(there.items);
            expect(back.lots.map(({ stock: _s, ...l }) => l)).toEqual(
              there.lots.map(({ stock: _s, ...l }) => l),
            );
            back.lots.forEach((l, i) => expect(l.stock).toBeCloseTo(there.lots[i]?.stock ?? -1, 6));
            if (used) expect(back.boxes).toMatchObject([{ number: one.number, grams: one.grams }]);
          } finally {
            from.close();
            to.close();
          }
        },
      ),
      { numRuns: 12, seed: 77 },
    );
  });

  test('the spreadsheet file reads back in another reader, numbers as numbers', async () => {
    const rows = await readSheet(await bytes('/api/store.xlsx'));
    const written = storeTable(
      server.context.items.list(),
      server.context.ledger.stocked(),
      server.context.boxes.list(),
    );
    expect(rows).toHaveLength(written.length);
    expect(rows[0]).toEqual(STORE_COLUMNS.map((column) => column.title));
    const waste = STORE_COLUMNS.findIndex((column) => column.key === 'waste');
    expect(rows.find((row) => row[1] === 'Hydrogen peroxide 3 %')?.[waste]).toBe(5);
  });

  test('kit and shopping as spreadsheet and as CSV', async () => {
    const kit = await readSheet(await bytes('/api/shows/harbour-light-festival/kit.xlsx'));
    expect(kit.find((row) => row[1] === 'Liquid nitrogen')?.[2]).toMatch(/ L$/);
    const shopping = Papa.parse<string[]>(
      (await request(server.app).get('/api/shopping.csv')).text.trim(),
    );
    expect(shopping.errors).toEqual([]);
    expect(shopping.data.length).toBeGreaterThan(2);
    await request(server.app).get('/api/store.doc').expect(404);
  });
});

describe('formulas in cells', () => {
  test('are written so that no spreadsheet runs them, and come back as they were', async () => {
    for (const name of ['=1+1', '+sum(A1)', '-2', '@cmd', "'=1", 'plain'])
      server.context.items.add({
        ...server.context.items.get('towels'),
        id: `id-${name.length}${name.charCodeAt(0)}`,
        name,
      });
    const text = (await request(server.app).get('/api/store.csv')).text;
    const cells = Papa.parse<string[]>(text.replace(/^\uFEFF/, '')).data.flat();
    expect(cells.filter((cell) => /^[=+\-@]/.test(cell))).toEqual([]);
    const empty = testServer(false);
    await bringIn(empty, text);
    const names = empty.context.items.list().map((i) => i.name);
    for (const name of ['=1+1', '+sum(A1)', '-2', '@cmd', "'=1", 'plain'])
      expect(names).toContain(name);
    empty.close();
    const rows = await readSheet(await bytes('/api/store.xlsx'));
    expect(rows.map((row) => row[1])).toContain('=1+1');
  });
});

describe('somebody’s own spreadsheet', () => {
  const own = [
    'Item;Qty;Shelf;Best before;Size;Price;Sold by',
    'Citric acid;1½ kg;Shelf D;2029-04-30;500 g;4,20;Quay stores',
    'Marbles;40;Shelf D;;;;',
    'Lamp oil;a squirt;;31.12.2028;;;',
    'Citric acid;250 g;Box under the table;2027-01-31;;;',
  ].join('\n');
  const send = (path: string, text: string, over: Partial<ImportBody> = {}) =>
    request(server.app)
      .post(`/api/store/${path}`)
      .send(path === 'import' ? tableAsk(text, over) : previewAsk(text, over));
  const previewAsk = (text: string, over: Partial<ImportBody> = {}) => {
    const { id: _id, name: _name, leave: _leave, ...ask } = tableAsk(text, over);
    return ask;
  };
  const faultsOf = (body: unknown) =>
    (body as StorePreview).rows.flatMap(({ row, faults }) =>
      faults.map(({ column, message }) => ({ row, column, message })),
    );

  test('is understood, shown first, and brought in when confirmed', async () => {
    const before = server.context.items.list().length;
    const preview = await send('preview', own).expect(200);
    expect(faultsOf(preview.body)).toEqual([]);
    expect(preview.body).toMatchObject({ items: 3, lots: 4 });
    expect(server.context.items.list()).toHaveLength(before);
    await send('import', own).expect(201);
    const acid = server.context.items.list().find((i) => i.name === 'Citric acid');
    expect(acid).toMatchObject({
      unit: 'kg',
      packs: [{ amount: 500, unit: 'g', price: 420, supplier: 'Quay stores' }],
    });
    const lots = server.context.ledger.stocked().filter((l) => l.itemId === acid?.id);
    expect(lots.map((l) => l.stock).sort()).toEqual([1500, 250]);
    const oil = server.context.items.list().find((i) => i.name === 'Lamp oil');
    expect(oil?.unit).toBe('mL');
    expect(server.context.ledger.stocked().find((l) => l.itemId === oil?.id)).toMatchObject({
      stock: 5,
      expiry: '2028-12-31',
    });
  });

  test('every bad row is named by its number and column, and nothing is brought in', async () => {
    const bad = [
      'Item,Qty,Expiry,Density,Lead days,Pack,Kind',
      'Good,3,,,,,',
      ',4,,,,,',
      'Towels2,-4,,,,,',
      'Drying towels,40 mL,,,,,',
      'Oil,5 mL,2027-02-30,,,,',
      'Acid,5 mL,,0,,,',
      'Salt,5 blobs,,,,,',
      'Cups,3,,,,0,',
      'Cups 2,3,,,,,Crockery',
    ].join('\n');
    const preview = await send('preview', bad).expect(200);
    const faults = faultsOf(preview.body);
    expect(faults.map((f) => [f.row, f.column])).toEqual([
      [3, 'Name'],
      [4, 'In store'],
      [5, 'In store'],
      [6, 'Expiry'],
      [7, 'Density g/mL'],
      [8, 'In store'],
      [9, 'Pack'],
      [10, 'Kind'],
    ]);
    expect(faults[2]?.message).toContain('must be a number of pieces');
    const before = whole(server);
    const refused = await send('import', bad).expect(422);
    expect((refused.body as { error: { fields: { path: string }[] } }).error.fields[0]?.path).toBe(
      'row 3, Name',
    );
    expect(whole(server)).toEqual(before);
  });

  test('no name column, two columns for one thing, no rows: told in words', async () => {
    for (const [text, mapping, words] of [
      ['A,B\n1,2', ['place', null], 'which column is the name'],
      ['A,B\n1,2', ['name', 'name'], 'taken for the same thing'],
      ['A,B', ['name', null], 'no rows below the heading'],
    ] as [string, ImportBody['mapping'], string][]) {
      const answer = await send('preview', text, { mapping, headingAt: 0 }).expect(422);
      expect((answer.body as { error: { message: string } }).error.message).toContain(words);
    }
    await send('preview', '').expect(422);
  });
});
