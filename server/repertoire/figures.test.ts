/** Figures taken from the record over the API: together or not at all, and back again. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import { timelineOf } from '../../core/lineup/timelineOf';
import type { FigureDecisionsAnswer } from '../../contract/figures';
import { type TestServer, testServer } from '../testing/serve';

let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const figure = (task: string, likely = 95) => ({
  id: `f-${task}`,
  task,
  performerId: null,
  use: 'taken',
  frozen: false,
  time: { shortest: likely - 10, likely, longest: likely + 10 },
  from: 7,
  at: 1,
});
const decision = (task: string, likely?: number) => ({
  demoId: 'smoke-ring-drum',
  methodId: 'big-drum',
  task,
  performerId: null,
  figure: figure(task, likely),
});
const post = (decisions: unknown[], chances: unknown[] = []) =>
  request(server.app).post('/api/figures').send({ decisions, chances });
const figures = () => server.context.demos.get('smoke-ring-drum').methods[0]?.figures;
const planned = (): number =>
  timelineOf(server.context.bundles.readable('harbour-light-festival')).end;

test('two are taken at once, and what comes back takes them back', async () => {
  const answer = await post([decision('rings'), decision('why')]).expect(200);
  expect(figures()).toEqual([figure('rings'), figure('why')]);
  await post([decision('rings', 120)]).expect(200);
  expect(figures()?.find(({ task }) => task === 'rings')?.time.likely).toBe(120);
  const { decisions } = answer.body as FigureDecisionsAnswer;
  expect(decisions.map(({ task }) => task)).toEqual(['why', 'rings']);
  await post(decisions).expect(200);
  expect(figures()).toEqual([]);
});

test('one that can’t be keeps the others from being taken', async () => {
  await post([decision('rings'), decision('gone')]).expect(409);
  expect(figures()).toEqual([]);
  await post([decision('rings'), { ...decision('why'), demoId: 'none' }]).expect(404);
  expect(figures()).toEqual([]);
  const long = { ...decision('rings'), figure: { ...figure('rings'), time: { shortest: 9 } } };
  await post([long]).expect(422);
});

test('the show is planned by what was taken', async () => {
  const before = planned();
  const rings = server.context.demos
    .get('smoke-ring-drum')
    .methods[0]?.tasks.find(({ id }) => id === 'rings');
  await post([decision('rings', (rings?.time.likely ?? 0) + 120)]).expect(200);
  expect(planned() - before).toBe(120);
});

describe('a chance', () => {
  const of = { demoId: 'smoke-ring-drum', methodId: 'big-drum' };
  const kept = () => server.context.demos.get('smoke-ring-drum').methods[0]?.chance;
  const chance = { worked: 1, failed: 3, at: 5 };

  test('is kept to, and comes back as it was', async () => {
    const first = await post([], [{ ...of, chance }]).expect(200);
    expect(kept()).toEqual(chance);
    const { chances } = first.body as FigureDecisionsAnswer;
    expect(chances).toEqual([{ ...of, chance: null }]);
    await post([], chances).expect(200);
    expect(kept()).toBeNull();
  });

  test('of a method that is gone, or that can’t be, keeps the others from being taken', async () => {
    await post([decision('rings')], [{ ...of, methodId: 'gone', chance }]).expect(409);
    expect(figures()).toEqual([]);
    await post([], [{ ...of, chance: { ...chance, worked: -1 } }]).expect(422);
    expect(kept()).toBeNull();
  });
});
