import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import type { RunRecord } from '../contract/stage';
import { eventOf } from '../core/stage/event';
import type { RunEvent } from '../core/stage/types';
import { type TestServer, testServer } from './testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const FESTIVAL = '/api/shows/harbour-light-festival';
const press = (id: string, kind: RunEvent['kind'], more: Partial<RunEvent> = {}): RunEvent =>
  eventOf({ id, at: 1, by: null }, kind, more);

test('a performance is held by its checks; a rehearsal is not', async () => {
  const start = (id: string, kind: string) =>
    request(server.app).post(`${FESTIVAL}/runs`).send({ id, kind });
  const held = await start('r1', 'performance').expect(409);
  expect((held.body as { error: { message: string } }).error.message).toContain(
    'must be done before the start',
  );
  await start('r2', 'rehearsal').expect(201);
  const { checks } = (await request(server.app).get(`${FESTIVAL}/checks`)).body as {
    checks: { key: string; holds: boolean }[];
  };
  for (const check of checks.filter((c) => c.holds))
    await request(server.app)
      .put(`${FESTIVAL}/checks/${check.key}`)
      .send({ state: 'done', reason: '', value: null, by: 'jo' })
      .expect(200);
  const run = (await start('r3', 'performance').expect(201)).body as RunRecord;
  expect(run.plan.slots).toHaveLength(9);
  await start('r3', 'performance').expect(409);
});

describe('events', () => {
  const begin = () =>
    request(server.app).post(`${FESTIVAL}/runs`).send({ id: 'run', kind: 'rehearsal' }).expect(201);
  const send = (events: RunEvent[]) =>
    request(server.app).post('/api/runs/run/events').send({ events });

  test('are kept in the server’s order, and a second delivery changes nothing', async () => {
    await begin();
    await send([press('a', 'start'), press('b', 'hold')]).expect(200);
    await send([press('b', 'hold'), press('c', 'resume')]).expect(200);
    const run = (await request(server.app).get('/api/runs/run').expect(200)).body as RunRecord;
    expect(run.events.map((e) => e.id)).toEqual(['a', 'b', 'c']);
  });

  test('one bad event and none is taken', async () => {
    await begin();
    const bad = { ...press('b', 'hold'), kind: 'dance' } as unknown as RunEvent;
    const answer = await send([press('a', 'start'), bad]).expect(422);
    const fields = (answer.body as { error: { fields: { path: string }[] } }).error.fields;
    expect(fields[0]?.path).toBe('events[1].kind');
    const run = (await request(server.app).get('/api/runs/run')).body as RunRecord;
    expect(run.events).toEqual([]);
  });

  test('the plan of a run stays as it was when the show is changed later', async () => {
    await begin();
    const show = (await request(server.app).get(FESTIVAL)).body as Record<string, unknown>;
    await request(server.app)
      .put(FESTIVAL)
      .send({ ...show, slots: [] })
      .expect(200);
    const run = (await request(server.app).get('/api/runs/run')).body as RunRecord;
    expect(run.plan.slots).toHaveLength(9);
    await request(server.app)
      .post(`${FESTIVAL}/runs`)
      .send({ id: 'empty', kind: 'rehearsal' })
      .expect(422);
  });

  test('a run that is removed counts no more, until it is brought back', async () => {
    const goes = async (): Promise<number> => {
      const records = (await request(server.app).get('/api/records')).body as {
        demoId: string;
        worked: number;
        failed: number;
        partly: number;
      }[];
      const forks = records.find((r) => r.demoId === 'balancing-forks');
      return (forks?.worked ?? 0) + (forks?.partly ?? 0) + (forks?.failed ?? 0);
    };
    const before = await goes();
    await request(server.app).delete('/api/runs/run-vay-open-day').expect(204);
    expect(await goes()).toBe(before - 1);
    await request(server.app).post('/api/runs/run-vay-open-day/restore').expect(200);
    expect(await goes()).toBe(before);
  });
});
