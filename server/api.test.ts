import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import Papa from 'papaparse';
import request from 'supertest';
import { withoutMethod } from '../core/repertoire/change';
import type { ApiErrorBody, ShowAnswer, Versioned } from '../contract/api';
import type { Show } from '../core/brief/types';
import type { Demo } from '../core/repertoire/types';
import { type TestServer, testServer } from './testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const FESTIVAL = '/api/shows/harbour-light-festival';
const get = async <T>(path: string): Promise<T> =>
  (await request(server.app).get(path).expect(200)).body as T;
const errorOf = (answer: { body: unknown }): ApiErrorBody['error'] =>
  (answer.body as ApiErrorBody).error;

describe('reading', () => {
  test('health, and shows as a list by date', async () => {
    expect(await get('/api/health')).toMatchObject({ ok: true });
    const shows = await get<{ title: string; date: string }[]>('/api/shows');
    expect(shows).toHaveLength(5);
    expect(shows.map((s) => s.date)).toEqual([...shows.map((s) => s.date)].sort());
  });

  test('everything of a show in one answer', async () => {
    const all = await get<ShowAnswer>(`${FESTIVAL}/all`);
    expect(all.show.slots).toHaveLength(9);
    expect(all.demos).toHaveLength(9);
    expect(all.venue?.name).toBe('Boat Shed');
    const foam = all.records.find((r) => r.demoId === 'foam-fountain' && r.methodId === 'lively');
    expect(foam).toMatchObject({ worked: 4, failed: 1 });
  });

  test('the kit list as CSV reads back (RFC 4180)', async () => {
    const item = await get<Versioned<{ id: string; name: string }>>('/api/items/drum');
    await request(server.app)
      .put('/api/items/drum')
      .send({ ...item, name: 'Drum, "big"\none' })
      .expect(200);
    const answer = await request(server.app).get(`${FESTIVAL}/kit.csv`).expect(200);
    expect(answer.headers['content-type']).toContain('text/csv');
    expect(answer.text).toContain('\r\n');
    const rows = Papa.parse<string[]>(answer.text.replace(/^\uFEFF/, ''), { skipEmptyLines: true });
    expect(rows.errors).toEqual([]);
    expect(new Set(rows.data.map((row) => row.length))).toEqual(new Set([8]));
    expect(rows.data.some((row) => row[1] === 'Drum, "big"\none')).toBe(true);
  });
});

describe('changing', () => {
  test('a change counts up; a second one from the same state is told', async () => {
    const show = await get<Versioned<Show>>(FESTIVAL);
    const put = (change: Partial<Versioned<Show>>) =>
      request(server.app)
        .put(FESTIVAL)
        .send({ ...show, ...change });
    const first = await put({ audience: 130 }).expect(200);
    expect(first.body).toMatchObject({ audience: 130, version: show.version + 1 });
    const second = await put({ title: 'Another title' }).expect(409);
    expect(errorOf(second).code).toBe('changed_elsewhere');
    expect(await get<Show>(FESTIVAL)).toMatchObject({ audience: 130, title: show.title });
  });

  test('removed in another tab: told, and it can be brought back', async () => {
    const show = await get<Versioned<Show>>(FESTIVAL);
    await request(server.app).delete(`${FESTIVAL}?version=${show.version}`).expect(204);
    expect((await get<unknown[]>('/api/shows')).length).toBe(4);
    const answer = await request(server.app).put(FESTIVAL).send(show).expect(410);
    expect(errorOf(answer).message).toContain('brought back');
    await request(server.app).post(`${FESTIVAL}/restore`).expect(200);
    expect((await get<Show>(FESTIVAL)).slots).toEqual(show.slots);
  });

  test('a demo that is removed stays with the shows that have it', async () => {
    await request(server.app).delete('/api/demos/cold-flower?version=1').expect(204);
    const all = await get<ShowAnswer>(`${FESTIVAL}/all`);
    expect(all.demos.some((d) => d.id === 'cold-flower')).toBe(true);
    expect((await get<Demo[]>('/api/demos')).some((d) => d.id === 'cold-flower')).toBe(false);
  });

  test('a method that a show is planned with can’t be taken out', async () => {
    const demo = await get<Versioned<Demo>>('/api/demos/foam-fountain');
    const answer = await request(server.app)
      .put('/api/demos/foam-fountain')
      .send(withoutMethod(demo, 'gentle'))
      .expect(409);
    expect(errorOf(answer).message).toContain('Harbour Light Festival');
    expect((await get<Demo>('/api/demos/foam-fountain')).methods).toHaveLength(2);
  });

  test('every part of a demo survives the way through the tables', async () => {
    const { version, ...demo } = await get<Versioned<Demo>>('/api/demos/cold-flower');
    const copy = { ...demo, id: 'copy' };
    const added = await request(server.app).post('/api/demos').send(copy).expect(201);
    expect(added.body).toEqual({ ...copy, version: 1 });
    expect(version).toBe(1);
  });
});

describe('bad input', () => {
  test.each([
    ['a wrong type', { audience: 'many' }, 'audience', 'must be a number'],
    ['a negative amount', { audience: -1 }, 'audience', 'must not be negative'],
    ['an over-long field', { title: 'x'.repeat(81) }, 'title', 'at most 80 characters'],
    ['a missing field', { title: undefined }, 'title', 'is missing'],
    ['an empty name', { title: '  ' }, 'title', 'must not be empty'],
    ['a finish before the start', { hardFinish: '13:00' }, 'hardFinish', 'after the start'],
    ['no such day', { date: '2027-02-30' }, 'date', 'must be a date'],
    ['no such time', { start: '25:00' }, 'start', 'must be a time'],
    ['no such zone', { zone: 'Nowhere' }, 'zone', 'must be the name of a time zone'],
    ['an unknown venue', { venueId: 'nowhere' }, 'venueId', 'is not among the venues'],
    ['unknown crew', { crew: ['ghost'] }, 'crew[0]', 'is not among the people'],
    ['the same person twice', { crew: ['jo', 'jo'] }, 'crew', 'twice'],
    ['something unknown', { colour: 'red' }, 'colour', 'is not known here'],
    ['slots that are no list', { slots: 'none' }, 'slots', 'must be a list'],
    ['a slot that is no object', { slots: [7] }, 'slots', 'must be an object'],
  ])('%s is told at its field and changes nothing', async (_name, change, path, message) => {
    const before = await get<Versioned<Show>>(FESTIVAL);
    const answer = await request(server.app)
      .put(FESTIVAL)
      .send({ ...before, ...change })
      .expect(422);
    const fault = errorOf(answer).fields?.find((field) => field.path === path);
    expect(fault?.message).toContain(message);
    expect(await get(FESTIVAL)).toEqual(before);
  });

  test('faults deep inside are named by their path', async () => {
    const demo = await get<Versioned<Demo>>('/api/demos/crushed-can');
    const spoilt = structuredClone(demo);
    const time = spoilt.methods[0]?.tasks[2]?.time;
    if (time) time.likely = time.longest + 1;
    const answer = await request(server.app).put('/api/demos/crushed-can').send(spoilt).expect(422);
    expect(errorOf(answer).fields).toEqual([
      { path: 'methods[0].tasks[2].time.longest', message: 'must be at least the likely time' },
    ]);
  });

  test.each([
    ['not JSON', '{"a":', 400, 'not_json'],
    ['a list', '[]', 422, 'invalid'],
    ['nothing', '', 422, 'invalid'],
    ['too much', JSON.stringify({ note: 'x'.repeat(1_100_000) }), 413, 'too_large'],
  ])('a body that is %s', async (_name, sent, status, code) => {
    const answer = await request(server.app)
      .post('/api/venues')
      .set('Content-Type', 'application/json')
      .send(sent)
      .expect(status);
    expect(errorOf(answer).code).toBe(code);
  });

  test.each([
    ['get', '/api/shows/none'],
    ['get', '/api/shows/none/all'],
    ['delete', '/api/people/none'],
    ['get', '/api/runs/none'],
    ['get', '/api/elsewhere'],
    ['put', '/api/shows/none/checks/x'],
  ] as const)('%s %s has the error shape', async (verb, path) => {
    const answer = await request(server.app)[verb](path).expect(404);
    expect(errorOf(answer)).toMatchObject({ code: 'not_found' });
  });

  test('names that would reach into objects do no harm', async () => {
    const sent = '{"id":"x","name":"X","__proto__":{"polluted":true},"constructor":{}}';
    await request(server.app)
      .post('/api/people')
      .set('Content-Type', 'application/json')
      .send(sent)
      .expect(422);
    expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
  });
});

describe('only from here', () => {
  test.each([
    ['a foreign Host', { Host: 'evil.example' }],
    ['a foreign Origin', { Origin: 'https://evil.example' }],
    ['an Origin of nothing', { Origin: 'null' }],
  ])('%s is refused', async (_name, headers) => {
    const answer = await request(server.app).get('/api/shows').set(headers).expect(403);
    expect(errorOf(answer).code).toMatch(/^foreign_/);
  });

  test('the policy allows nothing from elsewhere', async () => {
    const { headers } = await request(server.app).get('/api/health');
    const policy = headers['content-security-policy'] ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).not.toMatch(/https?:|\*/);
  });
});

describe('checks of the day', () => {
  test('ticked with who and when, waived only with a reason, taken back', async () => {
    const path = `${FESTIVAL}/checks/test:dome`;
    const put = (body: object) => request(server.app).put(path).send(body);
    const before = (await get<ShowAnswer>(`${FESTIVAL}/all`)).marks;
    expect(before.some((mark) => mark.key === 'test:dome')).toBe(false);
    const done = await put({ state: 'done', reason: '', value: null, by: 'jo' }).expect(200);
    expect(done.body).toContainEqual(
      expect.objectContaining({ key: 'test:dome', state: 'done', by: 'jo' }),
    );
    const bare = await put({ state: 'waived', reason: ' ', value: null, by: 'jo' }).expect(422);
    expect(errorOf(bare).fields?.[0]?.message).toContain('why');
    await put({ state: 'waived', reason: 'Spare dome', value: null, by: 'ghost' }).expect(422);
    await put({ state: 'waived', reason: 'Spare dome', value: null, by: 'mara' }).expect(200);
    await request(server.app).delete(path).expect(200);
    expect((await get<ShowAnswer>(`${FESTIVAL}/all`)).marks).toEqual(before);
  });
});
