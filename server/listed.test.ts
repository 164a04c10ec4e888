/** What the list of shows tells of each: who is in it, what they said, and by whom its slots are. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import type { ShowSummary } from '../contract/api';
import { bookingsOf } from '../core/brief/bookings';
import type { Show } from '../core/brief/types';
import { type TestServer, testServer } from './testing/serve';

let server: TestServer;
beforeAll(() => {
  server = testServer();
});
afterAll(() => server.close());

const list = async (): Promise<ShowSummary[]> =>
  (await request(server.app).get('/api/shows').expect(200)).body as ShowSummary[];
const listed = async (id: string): Promise<ShowSummary> => {
  const found = (await list()).find((show) => show.id === id);
  if (!found) throw new Error(`${id} is not listed`);
  return found;
};
const show = async (id: string): Promise<Show> =>
  (await request(server.app).get(`/api/shows/${id}`).expect(200)).body as Show;

describe('the list of shows', () => {
  test('tells crew, answers and performers as the shows themselves do, in their order', async () => {
    const all = await list();
    expect(all.length).toBeGreaterThan(3);
    for (const summary of all) {
      const whole = await show(summary.id);
      expect(summary.crew).toEqual(whole.crew);
      expect(summary.answers).toEqual(whole.answers);
      expect(summary.order.map(({ demoId, performerId }) => [demoId, performerId])).toEqual(
        whole.slots.map(({ demoId, performerId }) => [demoId, performerId]),
      );
    }
  });

  test('an answer is in it as soon as it is given', async () => {
    const { version, ...whole } = (await show('hollin-science-day')) as Show & { version: number };
    await request(server.app)
      .put('/api/shows/hollin-science-day')
      .send({ ...whole, version, answers: [{ personId: 'jo', said: 'no' }] })
      .expect(200);
    const { answers } = await listed('hollin-science-day');
    expect(answers).toEqual([{ personId: 'jo', said: 'no' }]);
    const [mine] = bookingsOf('jo', [await listed('hollin-science-day')]);
    expect(mine).toMatchObject({ said: 'no', performs: 0, atOnce: [] });
  });

  test('answers that are damaged take neither the list nor the other answers down', async () => {
    const keep = (text: string): void =>
      void server.context.db
        .prepare('UPDATE show SET answers = ? WHERE id = ?')
        .run(text, 'vay-open-day');
    for (const [kept, told] of [
      ['{"personId":"ines"}', []],
      ['"yes"', []],
      ['[null, 3, "x", [], {}]', []],
      [
        '[{"personId":"ines","said":"maybe"},{"personId":"jo","said":"yes"}]',
        [{ personId: 'jo', said: 'yes' }],
      ],
      ['[{"personId":7,"said":"yes"},{"personId":"jo","said":"yes","more":1}]', []],
    ] as const) {
      keep(kept);
      expect((await listed('vay-open-day')).answers).toEqual(told);
      expect(await list()).toHaveLength(5);
    }
  });

  test('who is removed stays in the crew of shows they were planned with', async () => {
    const piet = (await request(server.app).get('/api/people/piet')).body as { version: number };
    await request(server.app).delete(`/api/people/piet?version=${piet.version}`).expect(204);
    expect((await listed('little-hollin-evening')).crew).toContain('piet');
    await request(server.app).post('/api/people/piet/restore').expect(200);
  });
});
