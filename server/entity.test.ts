/** The conduct that every kind of stored thing shares, over HTTP. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import type { ApiErrorBody, Versioned } from '../contract/api';
import { type TestServer, testServer } from './testing/serve';

let server: TestServer;
beforeAll(() => {
  server = testServer();
});
afterAll(() => server.close());

interface Thing {
  id: string;
  [field: string]: unknown;
}

const errorOf = (answer: { body: unknown }): ApiErrorBody['error'] =>
  (answer.body as ApiErrorBody).error;
const get = async <T>(path: string): Promise<T> =>
  (await request(server.app).get(path).expect(200)).body as T;

/** Each with one of the demo season, and a field that can be changed. */
const KINDS: [path: string, id: string, noun: string, field: string][] = [
  ['/api/shows', 'vay-open-day', 'show', 'title'],
  ['/api/demos', 'spinning-stool', 'demo', 'hook'],
  ['/api/items', 'drum', 'item', 'note'],
  ['/api/venues', 'boat-shed', 'venue', 'note'],
  ['/api/people', 'piet', 'person', 'note'],
  ['/api/follow-ups', 'mend-stool', 'follow-up', 'words'],
];

describe.each(KINDS)('%s', (path, id, noun, field) => {
  const one = `${path}/${id}`;

  test('is listed, and read by itself', async () => {
    const listed = await get<Thing[]>(path);
    expect(listed.some((thing) => thing.id === id)).toBe(true);
    expect((await get<Versioned<Thing>>(one)).version).toBeGreaterThanOrEqual(1);
  });

  test('is changed from the version it was read at, and from no other', async () => {
    const before = await get<Versioned<Thing>>(one);
    const changed = await request(server.app)
      .put(one)
      .send({ ...before, [field]: 'Changed' })
      .expect(200);
    expect(changed.body).toEqual({ ...before, [field]: 'Changed', version: before.version + 1 });
    const late = await request(server.app)
      .put(one)
      .send({ ...before, [field]: 'Too late' })
      .expect(409);
    expect(errorOf(late)).toMatchObject({
      code: 'changed_elsewhere',
      message: `This ${noun} was changed elsewhere in the meantime. Look at it again first.`,
    });
    expect((await get<Thing>(one))[field]).toBe('Changed');
  });

  test('a body without its version, or with another id, changes nothing', async () => {
    const { version, ...bare } = await get<Versioned<Thing>>(one);
    const noVersion = await request(server.app).put(one).send(bare).expect(422);
    expect(errorOf(noVersion).fields).toEqual([{ path: 'version', message: 'is missing' }]);
    const other = await request(server.app)
      .put(one)
      .send({ ...bare, id: 'another', version })
      .expect(400);
    expect(errorOf(other).code).toBe('other_id');
    expect((await get<Versioned<Thing>>(one)).version).toBe(version);
  });

  test('the same id is not added twice', async () => {
    const { version: _version, ...bare } = await get<Versioned<Thing>>(one);
    const answer = await request(server.app).post(path).send(bare).expect(409);
    expect(errorOf(answer).message).toBe(`There is a ${noun} with this id already.`);
  });

  test('added under a new id it is a thing of its own', async () => {
    const { version: _version, ...bare } = await get<Versioned<Thing>>(one);
    const added = await request(server.app)
      .post(path)
      .send({ ...bare, id: 'second-one' })
      .expect(201);
    expect(added.body).toEqual({ ...bare, id: 'second-one', version: 1 });
  });

  test('removed it is gone from the list and says so; brought back it is as it was', async () => {
    const before = await get<Versioned<Thing>>(one);
    await request(server.app).delete(one).expect(422);
    await request(server.app).delete(`${one}?version=99`).expect(409);
    const { version } = (await request(server.app).get(one)).body as { version: number };
    await request(server.app).delete(`${one}?version=${version}`).expect(204);
    expect((await get<Thing[]>(path)).some((thing) => thing.id === id)).toBe(false);
    const gone = await request(server.app).get(one).expect(410);
    expect(errorOf(gone).message).toBe(`This ${noun} was removed. It can be brought back.`);
    const put = await request(server.app).put(one).send(before).expect(410);
    expect(errorOf(put).code).toBe('removed');
    await request(server.app).post(`${one}/restore`).expect(200);
    expect(await get<Thing>(one)).toEqual({ ...before, version: before.version + 2 });
  });

  test('what was never there is told, whatever is asked of it', async () => {
    const nowhere = `${path}/nowhere`;
    const { version: _version, ...bare } = await get<Versioned<Thing>>(one);
    const asked = [
      request(server.app).get(nowhere),
      request(server.app).delete(nowhere),
      request(server.app).post(`${nowhere}/restore`),
      request(server.app)
        .put(nowhere)
        .send({ ...bare, id: 'nowhere', version: 1 }),
    ];
    for (const answer of await Promise.all(asked)) {
      expect(answer.status).toBe(404);
      expect(errorOf(answer).message).toContain(`There is no such ${noun}`);
    }
  });

  test.each([
    ['nothing', undefined],
    ['a list', []],
    ['an empty object', {}],
    ['something else', { id: 'x', colour: 'red' }],
    ['an id that is none', { id: '../etc/passwd' }],
  ])('%s is refused in the one shape, with each fault at its path', async (_name, sent) => {
    const count = (await get<Thing[]>(path)).length;
    const answer = await request(server.app)
      .post(path)
      .set('Content-Type', 'application/json')
      .send(sent);
    expect(answer.status).toBe(422);
    const { code, message, fields } = errorOf(answer);
    expect([code, typeof message]).toEqual(['invalid', 'string']);
    for (const fault of fields ?? []) expect(fault.message).not.toBe('');
    expect(fields?.length).toBeGreaterThan(0);
    expect((await get<Thing[]>(path)).length).toBe(count);
  });
});

test('prototypes are not reached by what is sent', async () => {
  const answer = await request(server.app)
    .post('/api/people')
    .set('Content-Type', 'application/json')
    .send('{"id":"x","name":"X","role":"","competences":[],"note":"","__proto__":{"version":9}}');
  expect([201, 422]).toContain(answer.status);
  expect(({} as { version?: number }).version).toBeUndefined();
});
