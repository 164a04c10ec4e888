/** A series in a show: read on stage, kept with it round by round; what it found, put into the show as it goes on. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import type { ShowAnswer } from '../../contract/api';
import type { EventsAnswer, StoredRun } from '../../contract/stage';
import type { ShowFile } from '../../contract/showFile';
import type { TableAnswer, TrialAnswer } from '../../contract/trials';
import type { Slot } from '../../core/brief/types';
import { eventOf } from '../../core/stage/event';
import type { PublicScreen } from '../../core/stage/screen';
import type { RunEvent } from '../../core/stage/types';
import { bookedSlot } from '../../core/testing/bundle';
import { foamTrial } from '../../core/testing/trial';
import { besideSlot, finaleInShow, seriesInShow } from '../../core/trials/intoShow';
import type { TrialSeries } from '../../core/trials/series';
import { damage } from '../testing/damage';
import { type TestServer, testServer } from '../testing/serve';

const FESTIVAL = '/api/shows/harbour-light-festival';
const trial: TrialSeries = {
  ...foamTrial,
  levels: foamTrial.levels.slice(0, 3),
  rounds: 2,
  demoId: 'foam-fountain',
  methodId: 'gentle',
  kit: [{ id: 'k', itemId: 'yeast', unit: 'tsp', perGo: 0, perAmount: 1 }],
};
const booked = (id: string): Slot =>
  bookedSlot('foam-fountain', { id, methodId: 'gentle', performerId: null, positionId: null });
const FIRST: Slot = besideSlot(booked('tried'), seriesInShow(trial));
const FINALE: Slot = besideSlot(
  booked('finale'),
  finaleInShow(trial, { id: 'l3', label: '3', value: 3 }, { stations: 4, spares: 1 }),
);

let server: TestServer;
let pressed = 0;
beforeEach(async () => {
  server = testServer();
  pressed = 0;
  await request(server.app).post('/api/trials').send(trial).expect(201);
});
afterEach(() => server.close());

const put = async (...slots: Slot[]): Promise<void> => {
  const answer = await request(server.app).get(FESTIVAL).expect(200);
  const show = answer.body as ShowAnswer['show'];
  await request(server.app)
    .put(FESTIVAL)
    .send({ ...show, slots: [...show.slots, ...slots] })
    .expect(200);
};
const begin = async (id = 'run'): Promise<StoredRun> =>
  (await request(server.app).post(`${FESTIVAL}/runs`).send({ id, kind: 'rehearsal' }).expect(201))
    .body as StoredRun;
const send = async (
  run: string,
  ...presses: [RunEvent['kind'], Partial<RunEvent>][]
): Promise<EventsAnswer> =>
  (
    await request(server.app)
      .post(`/api/runs/${run}/events`)
      .send({
        events: presses.map(([kind, more]) =>
          eventOf({ id: `e${++pressed}`, at: pressed, by: null }, kind, more),
        ),
        sentAt: pressed,
        known: 0,
      })
      .expect(200)
  ).body as EventsAnswer;
const reading = (level: number, value: number | null, go = 1): ['reading', Partial<RunEvent>] => [
  'reading',
  { slot: 'tried', go, text: `station-l${level}`, value },
];
const told = async (): Promise<TrialAnswer> =>
  (await request(server.app).get('/api/trials/foam/all').expect(200)).body as TrialAnswer;
const read = async () =>
  (await told()).goes.map(({ go, levelId, value, first, state }) => ({
    round: Math.ceil(go / 3),
    levelId,
    value,
    first,
    state,
  }));

describe('read on stage', () => {
  beforeEach(async () => {
    await put(FIRST);
    await begin();
    await send('run', ['start', {}]);
  });

  test('every station is a go of its level, in the first round of which nothing is read', async () => {
    const bench = { levelId: 'l2', state: 'read', value: 30, reason: '', by: null, conditions: [] };
    await request(server.app).put('/api/trials/foam/goes/2').send(bench).expect(200);
    const { refused } = await send('run', reading(1, 18), reading(3, null));
    expect(refused).toEqual([]);
    expect(await read()).toEqual(
      expect.arrayContaining([
        { round: 1, levelId: 'l2', value: 30, first: 30, state: 'read' },
        { round: 2, levelId: 'l1', value: 18, first: 18, state: 'read' },
        { round: 2, levelId: 'l3', value: null, first: null, state: 'notRead' },
      ]),
    );
  });

  test('each go of the run is a round; where all have something, the series grows by one', async () => {
    await send('run', reading(1, 18), reading(2, 30), reading(3, 42));
    await send('run', reading(1, 19, 2));
    expect((await told()).trial.rounds).toBe(2);
    await send('run', reading(1, 17, 3));
    const { trial: now, goes } = await told();
    expect(now.rounds).toBe(3);
    expect(goes.map(({ levelId }) => levelId).sort()).toEqual(['l1', 'l1', 'l1', 'l2', 'l3']);
    expect(new Set(goes.map(({ go }) => go)).size).toBe(5);
  });

  test('put right on stage, it keeps what was said first; put right on the Bench, it stays so', async () => {
    await send('run', reading(1, 81));
    await send('run', reading(1, 18));
    expect(await read()).toMatchObject([{ value: 18, first: 81 }]);
    const [go] = (await told()).goes;
    const { levelId, by, conditions } = go ?? {};
    await request(server.app)
      .put(`/api/trials/foam/goes/${go?.go}`)
      .send({ levelId, by, conditions, state: 'leftOut', value: 18, reason: 'knocked' })
      .expect(200);
    // Something else is pressed: the run is looked at again, and says of this what it said.
    await send('run', ['note', { text: 'dark' }]);
    expect(await read()).toMatchObject([{ state: 'leftOut', value: 18, first: 81 }]);
    await send('run', reading(1, 20));
    expect(await read()).toMatchObject([{ state: 'leftOut', value: 20, first: 81 }]);
  });

  test('goes with its run, and comes back with it', async () => {
    await send('run', reading(1, 18));
    await request(server.app).delete('/api/runs/run').expect(204);
    expect(await read()).toEqual([]);
    await request(server.app).post('/api/runs/run/restore').expect(200);
    expect(await read()).toMatchObject([{ levelId: 'l1', value: 18 }]);
  });

  test('is not taken back on the Bench while its run stands', async () => {
    await send('run', reading(1, 18));
    const [go] = (await told()).goes;
    const answer = await request(server.app).delete(`/api/trials/foam/goes/${go?.go}`).expect(409);
    expect((answer.body as { error: { message: string } }).error.message).toContain('on stage');
  });

  test('of a level that is gone, or a series that is removed or damaged, it holds nobody up', async () => {
    const { trial: now } = await told();
    const changed = { ...now, levels: now.levels.slice(0, 2) };
    await request(server.app).put('/api/trials/foam').send(changed).expect(200);
    await send('run', reading(3, 42), reading(1, 18));
    expect(await read()).toMatchObject([{ levelId: 'l1', value: 18 }]);
    damage(server.context.db, "UPDATE trial SET body = '{' WHERE id = 'foam'");
    await send('run', reading(2, 30));
    await request(server.app).get(`${FESTIVAL}/runs`).expect(200);
    await request(server.app).get('/api/trials').expect(200);
  });

  test('travels in the show file with its run, and is there once', async () => {
    await send('run', reading(1, 18), reading(2, 30));
    const file = (await request(server.app).get(`${FESTIVAL}/file`).expect(200)).body as ShowFile;
    const own = file.trials.find((one) => one.trial.id === 'foam');
    expect(own?.goes.map(({ source }) => source)).toEqual(['run/tried/1', 'run/tried/1']);
    const other = testServer(false);
    try {
      await request(other.app).post('/api/shows/file').send(file).expect(201);
      const answer = await request(other.app).get('/api/trials/foam/all').expect(200);
      expect((answer.body as TrialAnswer).goes.map(({ value }) => value).sort()).toEqual([18, 30]);
    } finally {
      other.close();
    }
  });
});

test('what is tried in a run is told in it, pinned or not, once it says something', async () => {
  await put(FIRST);
  const before = await begin();
  const claims = (run: StoredRun): string[] =>
    run.plan.slots.find(({ id }) => id === 'tried')?.claims.map(({ trialId }) => trialId) ?? [];
  expect(claims(before)).not.toContain('foam');
  await send('run', ['start', {}]);
  for (const go of [1, 2])
    await send('run', reading(1, 18 + go, go), reading(2, 30 + go, go), reading(3, 42 + go, go));
  const ask = async (): Promise<StoredRun> =>
    (await request(server.app).post('/api/runs/run/claims').expect(200)).body as StoredRun;
  const now = await ask();
  expect(claims(now)).toContain('foam');
  const from = server.context.log.latest();
  await ask();
  // Asked again, nothing has changed: nobody is told of anything.
  expect(server.context.log.latest()).toBe(from);
  const told = await send('run', ['screen', { text: 'claim/foam' }]);
  expect(told.refused).toEqual([]);
  const screen = await request(server.app).get('/api/screens/harbour-light-festival').expect(200);
  expect((screen.body as PublicScreen).says).toMatchObject({ kind: 'claim' });
  const odd = await send('run', ['screen', { text: 'claim' }]);
  expect(odd.refused).toHaveLength(1);
});

describe('put into a show that goes on', () => {
  const add = (slotId: string, run = 'run') =>
    request(server.app).post(`/api/runs/${run}/slots`).send({ slotId });

  test('it comes last, those who look on are told, and twice is once', async () => {
    const before = await begin();
    await put(FINALE);
    const from = server.context.log.latest();
    const { plan } = (await add('finale').expect(200)).body as StoredRun;
    expect(plan.slots.map(({ id }) => id)).toEqual([
      ...before.plan.slots.map(({ id }) => id),
      'finale',
    ]);
    expect(server.context.log.since(from)).toContainEqual(
      expect.objectContaining({ kind: 'run', id: 'run' }),
    );
    const again = (await add('finale').expect(200)).body as StoredRun;
    expect(again.plan).toEqual(plan);
    const { refused } = await send('run', ['goTo', { slot: 'finale' }]);
    expect(refused).toEqual([]);
  });

  test('not what the show does not have, nor into a run that is over', async () => {
    await begin();
    await add('finale').expect(409);
    await put(FINALE);
    await send('run', ['start', {}], ['finish', {}]);
    const answer = await add('finale').expect(409);
    expect((answer.body as { error: { message: string } }).error.message).toContain('over');
    await add('finale', 'none').expect(404);
    await request(server.app).post('/api/runs/run/slots').send({ slotId: 3 }).expect(422);
  });
});

test('what it uses up is in the kit of the show, with what of it lies in the store', async () => {
  await put(FINALE);
  const { items } = (await request(server.app).get(`${FESTIVAL}/all`).expect(200))
    .body as ShowAnswer;
  expect(items.map(({ id }) => id)).toContain('yeast');
  const { items: named, lots } = await told();
  expect(named.map(({ id }) => id)).toEqual(['yeast']);
  expect(lots.length).toBeGreaterThan(0);
});

test('an item that is not there is refused at its place', async () => {
  const show = (await request(server.app).get(FESTIVAL).expect(200)).body as ShowAnswer['show'];
  const odd: Slot = {
    ...FINALE,
    sideBySide: FINALE.sideBySide && {
      ...FINALE.sideBySide,
      stations: [
        {
          id: 's',
          label: '3',
          levelId: null,
          amounts: [{ itemId: 'nothing', unit: 'g', amount: 1 }],
        },
      ],
    },
  };
  const answer = await request(server.app)
    .put(FESTIVAL)
    .send({ ...show, slots: [...show.slots, odd] })
    .expect(422);
  expect(JSON.stringify(answer.body)).toContain('sideBySide.stations[0].amounts[0].itemId');
});

test('a pinned claim goes with the run as it stood, once it has something to say', async () => {
  const pin = async (on: boolean): Promise<void> => {
    const { trial: now } = await told();
    const changed = { ...now, pinned: on, evidence: '', reasoning: 'It runs out.' };
    await request(server.app).put('/api/trials/foam').send(changed).expect(200);
  };
  const claims = async (run: string) =>
    (await begin(run)).plan.slots
      .filter(({ demoId }) => demoId === 'foam-fountain')
      .flatMap((slot) => slot.claims.map(({ trialId }) => trialId));
  await put({ ...FIRST, sideBySide: null });
  await pin(true);
  expect(await claims('r1')).not.toContain('foam');
  const values = [18, 30, 44, 19, 31, 45];
  for (const [i, value] of values.entries()) {
    const levelId = `l${(i % 3) + 1}`;
    await request(server.app)
      .put(`/api/trials/foam/goes/${i + 1}`)
      .send({ levelId, state: 'read', value, reason: '', by: null, conditions: [] })
      .expect(200);
  }
  expect(await claims('r2')).toContain('foam');
  await pin(false);
  expect(await claims('r3')).not.toContain('foam');
});

describe('in one press', () => {
  const press = (body: object) => request(server.app).post('/api/trials/foam/slots').send(body);
  const size = { levelId: 'l3', stations: 4, spares: 1 };
  const showId = 'harbour-light-festival';

  test('a finale, or the series itself, is the last of a show; it is known where it is', async () => {
    const slot = (await press({ showId, size }).expect(201)).body as Slot;
    expect(slot.sideBySide).toMatchObject({ kind: 'finale', trialId: 'foam', spares: 1 });
    expect(slot.methodId).toBe('gentle');
    await press({ showId, size: null }).expect(201);
    const { shows } = await told();
    expect(shows.map(({ kind }) => kind)).toEqual(['finale', 'series']);
    const all = (await request(server.app).get(`${FESTIVAL}/all`).expect(200)).body as ShowAnswer;
    expect(all.show.slots.at(-2)?.id).toBe(slot.id);
  });

  test('what can’t be put there is said', async () => {
    await press({ showId: 'none', size }).expect(404);
    await press({ showId, size: { ...size, levelId: 'l9' } }).expect(422);
    await press({ showId, size: { ...size, stations: 0 } }).expect(422);
    await press({ showId, size: { ...size, stations: 41 } }).expect(422);
    const { trial: now } = await told();
    await request(server.app)
      .put('/api/trials/foam')
      .send({ ...now, demoId: null, methodId: null })
      .expect(200);
    const answer = await press({ showId, size }).expect(422);
    expect((answer.body as { error: { message: string } }).error.message).toContain(
      'of which demonstration',
    );
  });
});

describe('a table', () => {
  const bring = (body: object) =>
    request(server.app)
      .post('/api/trials/table')
      .send({ name: 'Table', factor: null, response: null, save: true, csv: '', ...body });
  const rows = ['spoons;height', '1;18', '1;19', '2;30', '2;not read', '3;40,5', '3;41'].join('\n');

  test('is looked at first, and then a series with a go for each reading', async () => {
    const looked = (await bring({ csv: rows, save: false }).expect(200)).body as TableAnswer;
    expect(looked).toMatchObject({
      columns: ['spoons', 'height'],
      words: '3 levels, 5 readings, 1 not read',
      faults: [],
      id: null,
    });
    const { id } = (await bring({ csv: rows }).expect(201)).body as TableAnswer;
    const answer = (await request(server.app).get(`/api/trials/${id}/all`).expect(200))
      .body as TrialAnswer;
    expect(answer.trial).toMatchObject({ name: 'Table', rounds: 2, order: 'asListed' });
    expect(answer.goes.map(({ go, value }) => [go, value])).toEqual([
      [1, 18],
      [2, 30],
      [3, 40.5],
      [4, 19],
      [6, 41],
    ]);
  });

  test('with what is wrong, row by row; nothing is kept', async () => {
    const odd = `${rows}\n4;high`;
    const looked = (await bring({ csv: odd, save: false }).expect(200)).body as TableAnswer;
    expect(looked.faults).toEqual(['Row 8: “high” is no number.']);
    await bring({ csv: odd }).expect(422);
    await bring({ csv: 'one' }).expect(422);
    await bring({ csv: rows, factor: 'cups' }).expect(422);
    const many = ['level,reading', ...Array.from({ length: 13 }, (_, i) => `${i},1`)].join('\n');
    const told13 = (await bring({ csv: many, save: false }).expect(200)).body as TableAnswer;
    expect(told13.faults[0]).toMatch(/^13 levels/);
    const list = (await request(server.app).get('/api/trials').expect(200)).body as {
      id: string;
    }[];
    expect(list.filter(({ id }) => id !== 'foam')).toHaveLength(5);
  });

  test('of yes and no is a series of yes and no', async () => {
    const csv = 'wick,lit\nlong,yes\nshort,no\nlong,yes\nshort,yes';
    const { id } = (await bring({ csv }).expect(201)).body as TableAnswer;
    const answer = (await request(server.app).get(`/api/trials/${id}/all`).expect(200))
      .body as TrialAnswer;
    expect(answer.trial.measure.quantity).toBe('yesNo');
    expect(answer.trial.levels.map(({ value }) => value)).toEqual([null, null]);
  });
});
