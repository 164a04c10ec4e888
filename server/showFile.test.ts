import { BLANK_MEASURE } from '../core/repertoire/measure';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import type { ApiErrorBody } from '../contract/api';
import { FILE_VERSION, type ShowFile } from '../contract/showFile';
import type { Show } from '../core/brief/types';
import { type TestServer, testServer } from './testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const exported = async (from: TestServer, id: string): Promise<ShowFile> =>
  (await request(from.app).get(`/api/shows/${id}/file`).expect(200)).body as ShowFile;

const post = (to: TestServer, text: string) =>
  request(to.app).post('/api/shows/file').set('Content-Type', 'application/json').send(text);

/** Everything stored, to see that nothing was changed. */
const everything = (of: TestServer): unknown =>
  [
    ...[
      'show',
      'demo',
      'method',
      'task',
      'kit_line',
      'item',
      'person',
      'venue',
      'run',
      'run_event',
    ],
    ...['box', 'lot', 'movement', 'pack_mark', 'settings'],
  ].map((table) => of.context.db.prepare(`SELECT * FROM "${table}"`).all());

describe('there and back', () => {
  test('a show file on an empty server gives the same file again', async () => {
    const empty = testServer(false);
    const file = await exported(server, 'hollin-school-morning');
    expect(file.runs).toHaveLength(6);
    const answer = await post(empty, JSON.stringify(file)).expect(201);
    expect((answer.body as { words: string }).words).toContain('6 demos');
    expect(await exported(empty, 'hollin-school-morning')).toEqual(file);
    empty.close();
  });

  test('trials of its demos, their goes, and readings on the Bench come along, once', async () => {
    const { version, ...foam } = server.context.demos.get('foam-fountain');
    const result = { ...BLANK_MEASURE, id: 'high', task: null, within: null, becomes: null };
    const methods = foam.methods.map((method) => ({ ...method, results: [result] }));
    server.context.demos.change({ ...foam, methods }, version);
    const methodId = methods[0]?.id ?? '';
    const reading = { methodId, result: 'high', at: 5, by: null, note: 'at home', conditions: [] };
    server.context.readings.put('foam-fountain', 'one', { ...reading, value: 44 }, 41);
    const file = await exported(server, 'harbour-light-festival');
    expect(file.trials.map(({ trial }) => trial.demoId)).toContain('foam-fountain');
    expect(file.trials.reduce((sum, { goes }) => sum + goes.length, 0)).toBeGreaterThan(20);
    // Those of other demonstrations come too; what is no longer read stays behind.
    const foams = file.readings.filter(({ demoId }) => demoId === 'foam-fountain');
    expect(foams).toMatchObject([{ id: 'one', value: 44, first: 41, note: 'at home' }]);
    const empty = testServer(false);
    await post(empty, JSON.stringify(file)).expect(201);
    const back = await exported(empty, 'harbour-light-festival');
    expect(back.trials).toEqual(file.trials);
    expect(back.readings).toEqual(file.readings);
    // What is here already is not doubled.
    await post(empty, JSON.stringify(file)).expect(201);
    expect(empty.context.trials.list()).toHaveLength(file.trials.length);
    expect(empty.context.readings.of('foam-fountain', methodId)).toHaveLength(1);
    empty.close();
  });

  test('a reading that its result can’t have any more, and a trial with something gone, stay behind', async () => {
    const measure = { ...BLANK_MEASURE, id: 'high', task: null, within: null, becomes: null };
    const asked = (quantity: 'height' | 'yesNo'): string => {
      const { version, ...foam } = server.context.demos.get('foam-fountain');
      const methods = foam.methods.map((method) => ({
        ...method,
        results: [{ ...measure, quantity }],
      }));
      server.context.demos.change({ ...foam, methods }, version);
      return methods[0]?.id ?? '';
    };
    const methodId = asked('height');
    const reading = { methodId, result: 'high', at: 5, by: null, note: '', conditions: [] };
    server.context.readings.put('foam-fountain', 'one', { ...reading, value: 44 });
    asked('yesNo');
    server.context.db
      .prepare('UPDATE trial SET body = replace(body, \'"itemId":"\', \'"itemId":"gone-\')')
      .run();
    const file = await exported(server, 'harbour-light-festival');
    expect(file.readings.filter(({ demoId }) => demoId === 'foam-fountain')).toEqual([]);
    expect(file.trials.every(({ trial }) => trial.kit.length === 0)).toBe(true);
    const empty = testServer(false);
    await post(empty, JSON.stringify(file)).expect(201);
    empty.close();
  });

  test('stock, boxes and ticks come along to where the things are new, and only there', async () => {
    const { version: _version, ...mara } = server.context.people.get('mara');
    server.context.people.add({ ...mara, id: 'guest', name: 'Guest' });
    server.context.packMarks.set('harbour-light-festival', {
      key: 'drum.count',
      kind: 'packed',
      by: 'guest',
      amount: 1,
      of: 1,
      at: 1,
    });
    // The guest is not in this crew, and so not in the file.
    const file = await exported(server, 'harbour-light-festival');
    expect(file.lots.length).toBeGreaterThan(10);
    const empty = testServer(false);
    await post(empty, JSON.stringify(file)).expect(201);
    const bare = (from: TestServer) =>
      from.context.ledger
        .stocked()
        .filter((lot) => file.lots.some((l) => l.id === lot.id))
        .map(({ version: _version, ...lot }) => lot);
    expect(bare(empty)).toEqual(bare(server));
    expect(empty.context.boxes.list()).toHaveLength(4);
    expect(empty.context.packMarks.of('harbour-light-festival')).toMatchObject([
      { key: 'drum.count', kind: 'packed', by: null },
    ]);
    // Here the things are known: nothing more comes.
    const before = server.context.ledger.stocked();
    await post(server, JSON.stringify(file)).expect(201);
    expect(server.context.ledger.stocked()).toEqual(before);
    empty.close();
  });

  test('sizes of household words, and steps of risk, come while nobody here has set others', async () => {
    const file = await exported(server, 'harbour-light-festival');
    file.household.squirt = 9;
    file.riskMatrix.high = 9;
    await post(server, JSON.stringify(file)).expect(201);
    expect(server.context.settings.get('own')).toMatchObject({
      household: { squirt: 9 },
      riskMatrix: { high: 9 },
    });
    file.household.squirt = 4;
    file.riskMatrix.high = 8;
    await post(server, JSON.stringify(file)).expect(201);
    expect(server.context.settings.get('own')).toMatchObject({
      household: { squirt: 9 },
      riskMatrix: { high: 9 },
    });
  });

  test('read in again, it is a copy; nothing that is here is changed or doubled', async () => {
    const file = await exported(server, 'harbour-light-festival');
    const answer = (await post(server, JSON.stringify(file)).expect(201)).body as {
      showId: string;
      words: string;
    };
    expect(answer.showId).not.toBe('harbour-light-festival');
    expect(answer.words).toBe('Added the show.');
    const copy = (await request(server.app).get(`/api/shows/${answer.showId}`)).body as Show;
    expect(copy.title).toBe('Harbour Light Festival (copy)');
    expect(copy.slots).toEqual(file.show.slots);
  });

  test('a demo that differs from the one here comes in beside it', async () => {
    const file = await exported(server, 'harbour-light-festival');
    const demo = file.demos.find((d) => d.id === 'crushed-can');
    if (demo) demo.hook = 'Another hook';
    const answer = (await post(server, JSON.stringify(file)).expect(201)).body as {
      showId: string;
    };
    const show = (await request(server.app).get(`/api/shows/${answer.showId}`)).body as Show;
    const slot = show.slots.find((s) => s.id === 'slot-crushed-can');
    expect(slot?.demoId).not.toBe('crushed-can');
    const names = ((await request(server.app).get('/api/demos')).body as { name: string }[]).map(
      (d) => d.name,
    );
    expect(names).toContain('Crushed can');
    expect(names).toContain('Crushed can (from file)');
  });
});

describe('files that are refused change nothing', () => {
  const refused = async (text: string): Promise<ApiErrorBody['error']> => {
    const before = everything(server);
    const answer = await post(server, text);
    expect(answer.status).toBeGreaterThanOrEqual(400);
    expect(answer.status).toBeLessThan(500);
    expect(everything(server)).toEqual(before);
    return (answer.body as ApiErrorBody).error;
  };
  const spoilt = async (spoil: (file: ShowFile) => void): Promise<string> => {
    const file = await exported(server, 'harbour-light-festival');
    spoil(file);
    return JSON.stringify(file);
  };

  test('cut short', async () => {
    const whole = await spoilt(() => undefined);
    expect((await refused(whole.slice(0, 4000))).message).toContain('cut short');
  });

  test.each([
    ['not JSON', 'hello', 'must be a show file in JSON'],
    ['empty', '', 'must be a show file in JSON'],
    ['a list', '[1, 2]', 'must be a show file'],
    ['null', 'null', 'must be a show file'],
  ])('%s', async (_name, text, words) => {
    expect((await refused(text)).message).toContain(words);
  });

  test('another format', async () => {
    const error = await refused('{"format":"other","version":1}');
    expect(error.fields).toHaveLength(1);
    expect(error.fields?.[0]).toMatchObject({ path: 'format' });
  });

  test('a newer version says so, and only so', async () => {
    const text = await spoilt((file) => {
      (file as { version: number }).version = FILE_VERSION + 1;
    });
    const error = await refused(text);
    expect(error.fields).toHaveLength(1);
    expect(error.fields?.[0]?.message).toContain('newer Hearty Stage');
  });

  test('huge', async () => {
    expect((await refused(`{"note":"${'x'.repeat(9_000_000)}"}`)).code).toBe('too_large');
  });

  test('a fault deep inside, by its path', async () => {
    const error = await refused(
      await spoilt((file) => {
        const line = file.demos[2]?.methods[0]?.kit[0];
        if (line) line.amount = -5;
      }),
    );
    expect(error.fields).toEqual([
      { path: 'demos[2].methods[0].kit[0].amount', message: 'must not be negative' },
    ]);
  });

  test('a run whose events name what is not in its plan', async () => {
    const file = await exported(server, 'hollin-school-morning');
    const [first] = file.runs[0]?.events ?? [];
    if (!first) throw new Error('The season has a run');
    const strays = [
      { ...first, id: 'stray-slot', kind: 'done' as const, slot: 'nowhere' },
      { ...first, id: 'stray-step', kind: 'done' as const, step: 'no-such-step' },
    ];
    const n = file.runs[0]?.events.length ?? 0;
    file.runs[0]?.events.push(...strays);
    const before = everything(server);
    const answer = await post(server, JSON.stringify(file));
    expect(answer.status).toBe(422);
    expect((answer.body as ApiErrorBody).error.fields?.map(({ path }) => path)).toEqual(
      expect.arrayContaining([`runs[0].events[${n}]`, `runs[0].events[${n + 1}]`]),
    );
    expect(everything(server)).toEqual(before);
  });

  test('what an old run holds that would be refused today stays behind', async () => {
    const { db } = server.context;
    const row = db
      .prepare(
        `SELECT * FROM run_event WHERE run_id = (SELECT id FROM run WHERE show_id = ?) LIMIT 1`,
      )
      .get('hollin-school-morning') as Record<string, unknown>;
    const stray: Record<string, unknown> = { ...row, seq: 9999, id: 'stray', slot: 'nowhere' };
    const columns = Object.keys(stray);
    db.prepare(
      `INSERT INTO run_event (${columns.join(', ')}) VALUES (${columns.map((c) => `@${c}`).join(', ')})`,
    ).run(stray);
    const file = await exported(server, 'hollin-school-morning');
    expect(JSON.stringify(file)).not.toContain('nowhere');
    const empty = testServer(false);
    await post(empty, JSON.stringify(file)).expect(201);
    empty.close();
  });

  test('references that lead nowhere', async () => {
    const error = await refused(
      await spoilt((file) => {
        file.items = [];
        file.show.crew.push('ghost');
      }),
    );
    expect(error.fields?.map((f) => f.path)).toContain('show.crew[2]');
    expect(error.fields?.map((f) => f.path)).toContain('demos[0].methods[0].kit[0].itemId');
  });
});
