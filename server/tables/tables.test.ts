/** Tables as people have them: workbooks, old letters, commas, other words; seen, brought in and taken back. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import iconv from 'iconv-lite';
import request from 'supertest';
import writeExcel from 'write-excel-file/node';
import type { ImportBody, StorePreview, TableImport, TakenBack } from '../../contract/imports';
import type { TableFile } from '../../contract/tables/file';
import { tableAsk } from '../testing/tables';
import { type TestServer, testServer } from '../testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const asked = (ask: ImportBody) => {
  const { id: _id, name: _name, leave: _leave, ...preview } = ask;
  return preview;
};
const preview = async (ask: ImportBody): Promise<StorePreview> =>
  (await request(server.app).post('/api/store/preview').send(asked(ask)).expect(200))
    .body as StorePreview;
const bringIn = async (ask: ImportBody): Promise<TableImport> =>
  (await request(server.app).post('/api/store/import').send(ask).expect(201)).body as TableImport;
const back = async (id: string): Promise<TakenBack> =>
  (await request(server.app).post(`/api/store/imports/${id}/back`).expect(200)).body as TakenBack;
const fileOf = async (bytes: Buffer, query = ''): Promise<TableFile> =>
  (
    await request(server.app)
      .post(`/api/tables${query}`)
      .set('Content-Type', 'application/octet-stream')
      .send(bytes)
      .expect(200)
  ).body as TableFile;
const itemCalled = (name: string) => server.context.items.list().find((item) => item.name === name);
const stocksOf = (name: string): number[] => {
  const id = itemCalled(name)?.id;
  return server.context.ledger
    .stocked()
    .flatMap((lot) => (lot.itemId === id ? [lot.stock] : []))
    .sort((a, b) => a - b);
};
const cellsOf = ({ rows }: StorePreview) => rows.map(({ cells }) => cells);
const faultsOf = ({ rows }: StorePreview) =>
  rows.flatMap(({ row, faults }) => faults.map(({ column, message }) => [row, column, message]));
const stored = (): unknown => [
  server.context.items.list().map(({ version: _v, ...item }) => item),
  server.context.ledger.stocked().map(({ version: _v, ...lot }) => lot),
  server.context.boxes.list().map(({ version: _v, ...box }) => box),
];

describe('files', () => {
  test('a workbook: its sheets, figures and days as they are', async () => {
    const bytes = await writeExcel(
      [
        [{ value: 'Name' }, { value: 'Qty' }, { value: 'Best before' }, { value: 'Tested' }],
        [
          { value: 'Wire gauze' },
          { type: Number, value: 0.1 + 0.2 },
          { type: Date, value: new Date('2028-02-29T00:00:00Z'), format: 'dd/mm/yyyy' },
          { type: Boolean, value: true },
        ],
        [
          { value: 'Times' },
          { type: Date, value: new Date('1899-12-30T14:02:00Z'), format: 'hh:mm' },
          { type: Date, value: new Date('2028-02-29T09:30:00Z'), format: 'dd/mm/yyyy hh:mm' },
        ],
      ],
      { sheet: 'Things' },
    ).toBuffer();
    expect(await fileOf(bytes)).toEqual({
      letters: null,
      sheets: [
        {
          name: 'Things',
          rows: [
            ['Name', 'Qty', 'Best before', 'Tested'],
            ['Wire gauze', 0.1 + 0.2, '2028-02-29', 'yes'],
            ['Times', '14:02:00', '2028-02-29 09:30:00'],
          ],
        },
      ],
    });
    const seen = await preview(
      tableAsk([
        ['Name', 'Qty'],
        ['Wire gauze', 0.1 + 0.2],
      ]),
    );
    expect(cellsOf(seen)).toEqual([['Wire gauze', '0.3']]);
  });

  test('letters of Windows stay what they are, and merge no two things', async () => {
    const bytes = iconv.encode('Name;Qty\nGlühbirne;3\nGlähbirne;5\n', 'windows-1252');
    const { letters, sheets } = await fileOf(bytes);
    expect(letters).toEqual({ encoding: 'windows-1252', sure: false });
    await bringIn(tableAsk(sheets[0]?.rows ?? []));
    expect([stocksOf('Glühbirne'), stocksOf('Glähbirne')]).toEqual([[3], [5]]);
    const other = await fileOf(bytes, '?letters=macintosh');
    expect(other.sheets[0]?.rows[1]?.[0]).not.toBe('Glühbirne');
  });

  test.each([
    ['a workbook of the old kind', [0xd0, 0xcf, 0x11, 0xe0, 1, 2], 'old kind (xls)'],
    ['a PDF', [0x25, 0x50, 0x44, 0x46, 0x2d], 'This is a PDF'],
    ['what is packed but no workbook', [0x50, 0x4b, 3, 4, 9, 9, 9], 'can’t be read as one'],
    ['a picture', [0xff, 0xd8, 0xff, 0xe0, 0, 0, 0, 0, 1, 0, 0], 'no table'],
    ['nothing', [], 'nothing in this file'],
  ])('%s is told in words', async (_what, bytes, words) => {
    const answer = await request(server.app)
      .post('/api/tables')
      .set('Content-Type', 'application/octet-stream')
      .send(Buffer.from(bytes))
      .expect(422);
    expect(JSON.stringify(answer.body)).toContain(words);
  });
});

describe('what is understood', () => {
  test('the decimal mark of a column, by what its cells give away, or as it is said', async () => {
    const own = 'Name;Qty;Price;Size\nSoda;1.500 g;€ 2,50;2 x 500 g\nSalt;2.250 g;1.200,00;1 kg';
    const seen = await preview(tableAsk(own));
    // The prices have commas, so that the points of the amounts part thousands: seen, and not sure.
    expect(cellsOf(seen)).toEqual([
      ['Soda', '1500 g', '2.50', '1000 g'],
      ['Salt', '2250 g', '1200.00', '1 kg'],
    ]);
    expect(seen.readings[1]).toEqual({
      mark: ',',
      order: 'dayFirst',
      sure: false,
      doubt: '1.500 g',
    });
    const said = await preview(
      tableAsk(own, { readings: [null, { mark: '.', order: null }, null, null] }),
    );
    expect(cellsOf(said).map((cells) => cells[1])).toEqual(['1.5 g', '2.25 g']);
    expect(said.readings[1]?.sure).toBe(true);
  });

  test('days by the order of their column, units by their heading, days to wait in words', async () => {
    const seen = await preview(
      tableAsk(
        'Name,Stock (mL),Expires,Size,Lead time,Weight kg\nVinegar,750,05/30/2028,1 L,2-3 weeks,\nSoap,1 L,01/02/2028,500 ml,,\nVase,2 pcs,,,,1.2',
      ),
    );
    expect(faultsOf(seen)).toEqual([]);
    expect(cellsOf(seen)).toEqual([
      ['Vinegar', '750 mL', '2028-05-30', '1 L', '21', ''],
      ['Soap', '1 L', '2028-01-02', '500 mL', '', ''],
      ['Vase', '2', '', '', '', '1200'],
    ]);
  });

  test('a figure alone beside a pack is so many packs, where it is measured or said so', async () => {
    const own =
      'Name,Qty,Size,Price\nCitric acid,2,500 g,4.20\nGloves,3,100 pcs,9\nSoap,1 L,250 mL,2\nRope,4,,7.5';
    const amounts = async (ofPacks: ImportBody['ofPacks']) =>
      cellsOf(await preview(tableAsk(own, { ofPacks }))).map(([, amount]) => amount);
    expect(await amounts(['measured'])).toEqual(['1000 g', '3', '1 L', '4']);
    expect(await amounts([])).toEqual(['2 g', '3', '1 L', '4']);
    expect(await amounts(['measured', 'counted'])).toEqual(['1000 g', '300', '1 L', '4']);
    const seen = await preview(tableAsk(own));
    expect(seen.besidePacks).toEqual({ measured: 1, counted: 1 });
    await bringIn(tableAsk(own));
    // What has a price and no size is sold one by one.
    expect(itemCalled('Rope')?.packs).toMatchObject([{ amount: 1, unit: 'piece', price: 750 }]);
    await bringIn(tableAsk('Name,Price\nCitric acid,4.80\nVinegar mother,3'));
    expect(itemCalled('Citric acid')?.packs).toMatchObject([{ amount: 500, price: 480 }]);
    const none = await preview(tableAsk('Name,Stock (mL),Price\nLamp oil,250,3'));
    expect(cellsOf(none)).toEqual([['Lamp oil', '250 mL', '–']]);
  });

  test('totals, blank rows and headings again are left out', async () => {
    const seen = await preview(
      tableAsk('Our shed\n\nItem,Qty\nRope,2\n,\nItem,Qty\nHook,4\nTotal,6\n'),
    );
    expect(seen.rows.map(({ row, name }) => [row, name])).toEqual([
      [4, 'Rope'],
      [7, 'Hook'],
    ]);
    expect(seen.leftOut).toEqual([
      { row: 5, why: 'blank' },
      { row: 6, why: 'heading' },
      { row: 8, why: 'total' },
    ]);
  });
});

describe('kinds', () => {
  const own =
    'Name,Qty,Type\nCake dome,1,\nBig hot plate,1,\nSoup bowl,2,\nVisors,6,PPE\nGlue,200 mL,Kleber';

  test('nothing is a consumable that was not said to be one', async () => {
    const seen = await preview(tableAsk(own, { kinds: {} }));
    expect(seen.kinds).toEqual([
      { word: '', rows: 3, means: null },
      { word: 'ppe', rows: 1, means: 'gear' },
      { word: 'kleber', rows: 1, means: null },
    ]);
    expect(faultsOf(seen).map(([row, column]) => [row, column])).toEqual([
      [2, 'Kind'],
      [3, 'Kind'],
      [4, 'Kind'],
      [6, 'Kind'],
    ]);
    expect(seen.items).toBe(1);
  });

  test('are said once for all, or row by row, and remembered by their word', async () => {
    await bringIn(
      tableAsk(own, { kinds: { '': 'byUnit', kleber: 'consumable' }, kindOf: { 4: 'gear' } }),
    );
    expect(
      ['Cake dome', 'Big hot plate', 'Soup bowl', 'Visors', 'Glue'].map(
        (name) => itemCalled(name)?.kind,
      ),
    ).toEqual(['equipment', 'equipment', 'gear', 'gear', 'consumable']);
    const words = (await request(server.app).get('/api/tables/words').expect(200)).body as object;
    expect(words).toEqual({ headings: {}, kinds: { kleber: 'consumable' } });
    await request(server.app).delete('/api/tables/words?what=kind&word=kleber').expect(200);
    expect(server.context.tableWords.all().kinds).toEqual({});
  });

  test('headings in other languages are mapped by hand, and remembered', async () => {
    const ask = tableAsk('Gegenstand;Menge;Farbe\nTrichter;3;rot', {
      headingAt: 0,
      mapping: ['name', 'amount', null],
    });
    await bringIn(ask);
    expect(stocksOf('Trichter')).toEqual([3]);
    expect(server.context.tableWords.all().headings).toEqual({
      gegenstand: 'name',
      menge: 'amount',
    });
  });
});

describe('bringing in', () => {
  test('good rows come in, the others wait, and are not taken for known when they are put right', async () => {
    const bad = tableAsk('Name,Qty\nTongs,2\nStrainer,some\nLadle,4');
    await request(server.app).post('/api/store/import').send(bad).expect(422);
    // One that was not seen to be wrong holds all of it up.
    await request(server.app)
      .post('/api/store/import')
      .send({ ...bad, leave: [2] })
      .expect(422);
    const first = await bringIn({ ...bad, leave: [3] });
    expect(first).toMatchObject({
      items: 2,
      lots: 2,
      came: 2,
      whole: true,
      busy: false,
      back: null,
    });
    expect(itemCalled('Strainer')).toBeUndefined();
    const right = tableAsk('Name,Qty\nTongs,2\nStrainer,3\nLadle,4');
    const seen = await preview(right);
    expect(seen.same).toMatchObject({ rows: 2, name: 'things.csv' });
    expect(seen.rows.map(({ name }) => name)).toEqual(['Strainer']);
    await bringIn(right);
    expect([stocksOf('Tongs'), stocksOf('Strainer')]).toEqual([[2], [3]]);
    await request(server.app)
      .post('/api/store/import')
      .send(tableAsk('Name,Qty\nA,some', { leave: [2] }))
      .expect(422);
  });

  test('the same table twice is known, unless it is to come in again; two rows alike are two', async () => {
    const ask = tableAsk('Name,Qty,Shelf\nCrate,2,A\nCrate,2,A');
    await bringIn(ask);
    expect(stocksOf('Crate')).toEqual([2, 2]);
    await request(server.app)
      .post('/api/store/import')
      .send({ ...ask, id: 'twice' })
      .expect(422);
    expect((await preview(ask)).leftOut).toEqual([
      { row: 2, why: 'same' },
      { row: 3, why: 'same' },
    ]);
    await bringIn({ ...ask, id: 'again', again: true, known: 'more' });
    expect(stocksOf('Crate')).toEqual([2, 2, 2, 2]);
  });

  test('a row of what lies there counts it, or comes in besides, as is said', async () => {
    await bringIn(tableAsk('Name,Qty,Shelf\nCrate,2,A\nCrate,5,B'));
    const changed = tableAsk('Name,Qty,Shelf\nCrate,3,A\nCrate,5,B');
    const seen = await preview(changed);
    expect(seen).toMatchObject({ knownLots: 1, same: { rows: 1 } });
    expect(seen.rows).toMatchObject([{ row: 2, what: 'counts the lot' }]);
    await bringIn(changed);
    expect(stocksOf('Crate')).toEqual([3, 5]);
    await bringIn(tableAsk('Name,Qty,Shelf\nCrate,1,A', { known: 'more' }));
    expect(stocksOf('Crate')).toEqual([1, 3, 5]);
    expect(faultsOf(await preview(tableAsk('Name,Qty,Shelf\nCrate,9,A')))).toEqual([
      [2, 'Place', 'must say which: there are 2 lots of it here'],
    ]);
  });

  test('a new thing whose first row is wrong does not come in by its second', async () => {
    const seen = await preview(
      tableAsk('Item id,Name,Kind,In store,Density\nfizz,Fizz,Consumable,2 L,0\nfizz,Fizz,,1 L,'),
    );
    expect(faultsOf(seen).map(([row]) => row)).toEqual([2, 3]);
    expect(seen.items).toBe(0);
  });
});

describe('taking back', () => {
  const own = 'Name,Qty,Shelf,Box\nDrying towels,7,Shelf Z,77\nNew thing,3,Shelf Z,77\nOther,2 L,,';

  test('one press takes all of it back: new things go, changed ones are as they were', async () => {
    const before = stored();
    const { id } = await bringIn(tableAsk(own));
    expect(stored()).not.toEqual(before);
    expect(await back(id)).toMatchObject({ items: 3, stays: [] });
    expect(stored()).toEqual(before);
    await request(server.app).post(`/api/store/imports/${id}/back`).expect(409);
    // It is not known any more, and comes in as before.
    expect((await preview(tableAsk(own))).same).toBeNull();
    await bringIn(tableAsk(own));
    expect(stocksOf('New thing')).toEqual([3]);
  });

  test('what was changed or used since stays, and is named', async () => {
    const { id } = await bringIn(tableAsk(own));
    const { context } = server;
    const thing = itemCalled('New thing');
    const other = itemCalled('Other');
    if (!thing || !other) throw new Error('not in');
    const { version, ...plain } = thing;
    context.items.change({ ...plain, note: 'kept' }, version);
    const lot = context.ledger.stocked([other.id])[0];
    await request(server.app)
      .post(`/api/lots/${lot?.id ?? ''}/count`)
      .send({ amount: 1, unit: 'L', note: '' })
      .expect(200);
    const told = await back(id);
    expect(told.stays.map(({ name, why }) => `${name} ${why}`).sort()).toEqual([
      'Box 77 has things in it',
      'New thing was changed in the meantime',
      'Other some of it was used or counted in the meantime',
      'Other there is some of it',
    ]);
    expect([stocksOf('New thing'), stocksOf('Other')]).toEqual([[], [1000]]);
    expect(itemCalled('New thing')).toMatchObject({ note: 'kept' });
  });

  test('while it comes in: it ends at its next part, and all of it goes', async () => {
    const before = stored();
    const rows = Array.from({ length: 900 }, (_, i) => [`Thing ${i}`, i]);
    const ask = tableAsk([['Name', 'Qty'], ...rows]);
    const coming = request(server.app).post('/api/store/import').send(ask);
    const done = coming.then((answer) => answer.body as TableImport);
    const isComing = async (): Promise<boolean> =>
      ((await request(server.app).get('/api/store/imports')).body as TableImport[]).some(
        ({ id, busy }) => id === ask.id && busy,
      );
    while (!(await isComing()));
    await request(server.app)
      .post('/api/store/import')
      .send({ ...ask, id: 'besides', again: true })
      .expect(409);
    await back(ask.id);
    expect(await done).toMatchObject({ whole: false });
    expect((await done).came).toBeLessThan(900);
    expect(stored()).toEqual(before);
  });

  test('one that a crash left in part is known as such, is no table that came in, and can be taken back', async () => {
    const before = stored();
    const ask = tableAsk('Name,Qty\nPlum,3\nPear,4');
    await bringIn(ask);
    // As it is left when the laptop is switched off before its end.
    server.context.db.prepare('UPDATE table_import SET whole = 0 WHERE id = ?').run(ask.id);
    const [left] = server.context.imports.list();
    expect(left).toMatchObject({ id: ask.id, came: 2, whole: false, busy: false, back: null });
    expect((await preview(ask)).same).toBeNull();
    await back(ask.id);
    expect(stored()).toEqual(before);
  });

  test('what was removed in the meantime is gone, as was wanted', async () => {
    const { id } = await bringIn(tableAsk('Name,Qty\nPlum,3'));
    const { context } = server;
    const plum = itemCalled('Plum');
    const [lot] = context.ledger.stocked([plum?.id ?? '']);
    context.lots.remove(lot?.id ?? '', lot?.version ?? 0);
    context.items.remove(plum?.id ?? '', plum?.version ?? 0);
    expect(await back(id)).toEqual({ items: 0, lots: 0, stays: [] });
    expect(itemCalled('Plum')).toBeUndefined();
  });

  test('what a demo uses, or was ordered, stays', async () => {
    const { id } = await bringIn(
      tableAsk('Name,Kind\nPlum,Equipment\nPear,Equipment\nFig,Equipment'),
    );
    const { context } = server;
    const [demo] = context.demos.list();
    if (!demo) throw new Error('no demo');
    const { version, ...plain } = demo;
    const [method, ...others] = plain.methods;
    if (!method) throw new Error('no method');
    const line = method.kit[0];
    if (!line) throw new Error('no kit');
    const kit = [...method.kit, { ...line, id: 'own', itemId: itemCalled('Plum')?.id ?? '' }];
    context.demos.change({ ...plain, methods: [{ ...method, kit }, ...others] }, version);
    context.orders.add({
      ...{ id: 'o', itemId: itemCalled('Pear')?.id ?? '', terms: 'bought' as const, amount: 1 },
      ...{ unit: 'piece' as const, count: 1, price: 100, supplier: '', ordered: '2027-05-30' },
      ...{ expected: '2039-06-05', come: null, keeps: null, backBy: null, back: null, note: '' },
    });
    const told = await back(id);
    expect(told.items).toBe(1);
    expect(told.stays.map(({ name, why }) => `${name} ${why}`).sort()).toEqual([
      'Pear was ordered',
      'Plum is in the kit of a demo',
    ]);
  });

  test('one whose record is damaged says so, and holds no other up', async () => {
    const { id } = await bringIn(tableAsk('Name,Qty\nPlum,3'));
    server.context.db.prepare(`UPDATE table_import_part SET changes = '{"items":7}'`).run();
    const answer = await request(server.app).post(`/api/store/imports/${id}/back`).expect(503);
    expect(JSON.stringify(answer.body)).toContain('can’t be read any more');
    await bringIn(tableAsk('Name,Qty\nPear,3'));
    expect(stocksOf('Pear')).toEqual([3]);
  });
});
