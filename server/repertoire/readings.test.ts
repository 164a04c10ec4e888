/** Readings outside of shows, and those of shows, in a demonstration’s record. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import request from 'supertest';
import type { BenchReading } from '../../contract/readings';
import type { MethodRecord } from '../../core/after/review';
import { BLANK_MEASURE } from '../../core/repertoire/measure';
import { blankDemo, blankMethod } from '../../core/repertoire/blank';
import { type TestServer, testServer } from '../testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer(false);
  const high = { ...BLANK_MEASURE, id: 'high', task: null, within: null, becomes: null };
  server.context.demos.add(
    blankDemo('foam', 'Foam', [{ ...blankMethod('m', 'gentle'), results: [high] }]),
  );
});
afterEach(() => server.close());

const READING = {
  methodId: 'm',
  result: 'high',
  value: 44,
  at: 1_800_000_000_000,
  by: null,
  note: 'in the yard',
  conditions: [{ name: 'temperature', value: 18 }],
};
const put = (id: string, more: object = {}, demo = 'foam') =>
  request(server.app)
    .put(`/api/demos/${demo}/readings/${id}`)
    .send({ ...READING, ...more });
const told = async (): Promise<MethodRecord['readings']> => {
  const answer = await request(server.app).get('/api/demos/foam/records').expect(200);
  return (answer.body as MethodRecord[])[0]?.readings ?? [];
};

test('is put in, put right with the first kept, taken out and brought back', async () => {
  await put('r1').expect(200);
  const right = (await put('r1', { value: 42 }).expect(200)).body as BenchReading;
  expect(right).toMatchObject({ id: 'r1', demoId: 'foam', value: 42, first: 44 });
  expect(await told()).toEqual([
    {
      id: 'r1',
      result: 'high',
      value: 42,
      first: 44,
      go: 1,
      at: READING.at,
      of: 'in the yard',
      kind: 'bench',
      conditions: { temperature: 18 },
    },
  ]);
  await request(server.app).delete('/api/demos/foam/readings/r1').expect(204);
  expect(await told()).toEqual([]);
  await request(server.app).post('/api/demos/foam/readings/r1/restore').expect(204);
  expect(await told()).toHaveLength(1);
  await request(server.app).delete('/api/demos/foam/readings/none').expect(404);
});

test('what can’t be is said at its field, and others’ readings are not written over', async () => {
  const fields = async (more: object): Promise<string[]> => {
    const answer = await put('r1', more).expect(422);
    const { error } = answer.body as { error: { fields?: { path: string; message: string }[] } };
    return error.fields?.map(({ path, message }) => `${path} ${message}`) ?? [];
  };
  expect(await fields({ value: -1 })).toEqual(['value can’t be less than nothing']);
  expect(await fields({ result: 'wide' })).toEqual(['result is not read of this method']);
  expect(await fields({ methodId: 'other' })).toEqual(['result is not read of this method']);
  expect((await fields({ value: 'high' }))[0]).toMatch(/^value/);
  const twice = [...READING.conditions, ...READING.conditions];
  expect((await fields({ conditions: twice }))[0]).toContain('the same figure twice');
  await put('r1', {}, 'none').expect(404);
  const { version: _version, ...foam } = server.context.demos.get('foam');
  server.context.demos.add({ ...foam, id: 'other' });
  await put('r1').expect(200);
  await put('r1', { value: 3 }, 'other').expect(409);
});

test('tells the other screens', async () => {
  const before = server.context.log.latest();
  await put('r1').expect(200);
  expect(server.context.log.since(before)).toMatchObject([{ kind: 'reading', id: 'foam' }]);
});
