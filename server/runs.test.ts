import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import request from 'supertest';
import type { DemoSummary } from '../contract/api';
import type { EventsAnswer, RunRecord, StoredRun } from '../contract/stage';
import { type MethodRecord, recordsOf } from '../core/after/review';
import { eventOf } from '../core/stage/event';
import type { RunEvent } from '../core/stage/types';
import { damage } from './testing/damage';
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
    checks: { key: string; holds: boolean; measures: { least: number | null } | null }[];
  };
  for (const check of checks.filter((c) => c.holds))
    await request(server.app)
      .put(`${FESTIVAL}/checks/${check.key}`)
      .send({ state: 'done', reason: '', value: check.measures?.least ?? null, by: 'jo' })
      .expect(200);
  const run = (await start('r3', 'performance').expect(201)).body as RunRecord;
  expect(run.plan.slots).toHaveLength(9);
  await start('r3', 'performance').expect(409);
});

describe('events', () => {
  const begin = () =>
    request(server.app).post(`${FESTIVAL}/runs`).send({ id: 'run', kind: 'rehearsal' }).expect(201);
  const send = (events: RunEvent[]) =>
    request(server.app).post('/api/runs/run/events').send({ events, sentAt: 1, known: 0 });

  test('are kept in the server’s order, and a second delivery changes nothing', async () => {
    await begin();
    await send([press('a', 'start'), press('b', 'hold')]).expect(200);
    await send([press('b', 'hold'), press('c', 'resume')]).expect(200);
    const run = (await request(server.app).get('/api/runs/run').expect(200)).body as RunRecord;
    expect(run.events.map((e) => e.id)).toEqual(['a', 'b', 'c']);
  });

  test('a press finds its statements prepared: none is left behind to be taken down at the next', async () => {
    await begin();
    await send([press('a', 'start')]).expect(200);
    const prepare = jest.spyOn(server.context.db, 'prepare');
    await send([press('b', 'hold'), press('c', 'resume')]).expect(200);
    const asked = prepare.mock.calls.map(([sql]) => sql);
    prepare.mockRestore();
    expect(asked).toEqual([]);
  });

  test('a device’s clock is read by how it stood when it sent, and bounded', async () => {
    await begin();
    server.context.db.prepare('UPDATE run SET created_at = created_at - 60000').run();
    const fast = Date.now() + 180_000;
    const answer = await request(server.app)
      .post('/api/runs/run/events')
      .send({
        events: [
          { ...press('a', 'start'), at: fast - 5000 },
          { ...press('b', 'hold'), at: fast - 2000 },
          { ...press('c', 'resume'), at: fast + 900_000 },
          { ...press('d', 'hold'), at: 0 },
        ],
        sentAt: fast,
        known: 0,
      })
      .expect(200);
    const [a, b, c, d] = (answer.body as EventsAnswer).events;
    expect((b?.at ?? 0) - (a?.at ?? 0)).toBe(3000);
    expect(Math.abs((a?.at ?? 0) - (a?.receivedAt ?? 0))).toBeLessThanOrEqual(5000);
    expect(c?.at).toBe(c?.receivedAt);
    const run = (await request(server.app).get('/api/runs/run')).body as StoredRun;
    expect(d?.at).toBe(Math.min(run.createdAt, d?.receivedAt ?? 0));
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
      const demos = (await request(server.app).get('/api/demos')).body as DemoSummary[];
      const forks = demos.find(({ id }) => id === 'balancing-forks')?.record;
      return (forks?.worked ?? 0) + (forks?.partly ?? 0) + (forks?.failed ?? 0);
    };
    const before = await goes();
    await request(server.app).delete('/api/runs/run-vay-open-day').expect(204);
    expect(await goes()).toBe(before - 1);
    await request(server.app).post('/api/runs/run-vay-open-day/restore').expect(200);
    expect(await goes()).toBe(before);
  });
});

describe('one bad run', () => {
  const RUN = 'run-vay-open-day';
  const EVERY = [
    '/api/shows',
    '/api/demos',
    '/api/demos/balancing-forks/records',
    '/api/shopping',
    `${FESTIVAL}/all`,
    `${FESTIVAL}/checks`,
    `${FESTIVAL}/stock`,
    '/api/shows/vay-open-day/all',
    '/api/shows/vay-open-day/runs',
    '/api/shows/vay-open-day/used',
    '/api/shows/vay-open-day/file',
  ];

  test.each([
    ['a plan that is no JSON', `UPDATE run SET plan = '{' WHERE id = '${RUN}'`],
    ['a plan without slots', `UPDATE run SET plan = '{}' WHERE id = '${RUN}'`],
    [
      'a plan with nothing for a slot',
      `UPDATE run SET plan = '{"slots":[null],"jobs":[]}' WHERE id = '${RUN}'`,
    ],
    [
      'an event for what every object has',
      `UPDATE run_event SET slot = 'constructor', kind = 'judge', go = 1, outcome = 'worked' WHERE run_id = '${RUN}'`,
    ],
  ])('%s takes no other down, is named, and can be removed', async (_what, sql) => {
    damage(server.context.db, sql);
    for (const path of EVERY)
      expect([path, (await request(server.app).get(path)).status]).toEqual([path, 200]);
    const [listed] = (await request(server.app).get('/api/shows/vay-open-day/runs')).body as {
      trouble: string | null;
    }[];
    if (!sql.includes('run_event')) {
      expect(listed?.trouble).not.toBeNull();
      const alone = await request(server.app).get(`/api/runs/${RUN}`);
      expect([200, 422]).toContain(alone.status);
    }
    await request(server.app).delete(`/api/runs/${RUN}`).expect(204);
    expect((await request(server.app).get('/api/shows/vay-open-day/runs')).body).toEqual([]);
  });
});

test('what was kept of the runs is what they come to when folded anew', async () => {
  const { context } = server;
  const demos = context.demos.list();
  /** Readings on the Bench, the day’s figures, and what others of a family came to, are no part of a run. */
  const ofRuns = (records: MethodRecord[]) =>
    records.map(({ readings, byDay: _byDay, family: _family, ...record }) => ({
      ...record,
      read: readings.flatMap(({ id, value, at }) => (id === null ? [[at, value]] : [])),
    }));
  const kept = () => ofRuns(context.outcomes.records(demos));
  const anew = () =>
    ofRuns(
      recordsOf(
        demos,
        context.shows
          .list()
          .flatMap((show) => context.runs.idsOf(show.id).map((id) => context.runs.get(id))),
      ),
    );
  expect(kept()).toEqual(anew());
  await request(server.app).post(`${FESTIVAL}/runs`).send({ id: 'run', kind: 'rehearsal' });
  const { plan } = context.runs.get('run');
  const slot = plan.slots[0]!;
  const at = { slot: slot.id, step: slot.steps[0]?.task ?? null, go: 1 };
  await request(server.app)
    .post('/api/runs/run/events')
    .send({
      events: [
        press('a', 'start'),
        press('b', 'done', at),
        press('c', 'failed', { ...at, step: slot.steps[1]?.task ?? null, cause: 'Damp' }),
      ],
      sentAt: 1,
      known: 0,
    })
    .expect(200);
  expect(kept()).toEqual(anew());
  await request(server.app).delete('/api/runs/run').expect(204);
  expect(kept()).toEqual(anew());
  await request(server.app).post('/api/runs/run/restore').expect(200);
  expect(kept()).toEqual(anew());
});
