/** Trial series over the API: goes are taken, put right and left out, told to others, and read out as a table. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import type { TrialAnswer, TrialSummary } from '../../contract/trials';
import { trialFromTable } from '../../core/trials/fromTable';
import type { TrialGo, TrialSeries } from '../../core/trials/series';
import { foamTrial } from '../../core/testing/trial';
import { csvRows } from '../http/csv';
import { type TestServer, testServer } from '../testing/serve';
import { damage } from '../testing/damage';

let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const made = (more: Partial<TrialSeries> = {}) =>
  request(server.app)
    .post('/api/trials')
    .send({ ...foamTrial, ...more })
    .expect(201);
const GO = { levelId: 'l1', state: 'read', value: 18, reason: '', by: null, conditions: [] };
const put = (go: number | string, more: object = {}) =>
  request(server.app)
    .put(`/api/trials/foam/goes/${go}`)
    .send({ ...GO, ...more });
const all = async (): Promise<TrialAnswer> =>
  (await request(server.app).get('/api/trials/foam/all').expect(200)).body as TrialAnswer;
const faults = (answer: { body: unknown }): string[] =>
  (answer.body as { error: { fields?: { path: string; message: string }[] } }).error.fields?.map(
    ({ path, message }) => `${path} ${message}`,
  ) ?? [];

describe('goes', () => {
  test('a reading that is put right keeps what was read first', async () => {
    await made();
    await put(5, { levelId: 'l6', value: 24 }).expect(200);
    await put(5, { levelId: 'l6', value: 42, reason: 'from the film' }).expect(200);
    await put(5, { levelId: 'l6', value: 43, reason: 'from the film' }).expect(200);
    const { goes } = await all();
    expect(goes).toMatchObject([
      { go: 5, value: 43, first: 24, reason: 'from the film', state: 'read' },
    ]);
  });

  test('sent twice it is one; what was not read can be read later; it can be taken back', async () => {
    await made();
    await put(1, { state: 'notRead', value: null, reason: 'spilled' }).expect(200);
    await put(2).expect(200);
    await put(2).expect(200);
    const late = (await put(1, { value: 20 }).expect(200)).body as TrialGo;
    expect(late).toMatchObject({ value: 20, first: 20 });
    expect((await all()).goes).toHaveLength(2);
    await request(server.app).delete('/api/trials/foam/goes/2').expect(204);
    await request(server.app).delete('/api/trials/foam/goes/2').expect(404);
    expect((await all()).goes.map(({ go }) => go)).toEqual([1]);
  });

  test('what can’t be is said at its field', async () => {
    await made();
    expect(faults(await put(1, { value: null }).expect(422))).toEqual([
      'state needs its reading, a number',
    ]);
    expect(faults(await put(1, { state: 'leftOut' }).expect(422))).toEqual([
      'reason must say why it is left out',
    ]);
    expect(faults(await put(1, { state: 'notRead' }).expect(422))).toEqual([
      'value must be empty where nothing was read',
    ]);
    expect(faults(await put(1, { levelId: 'l9' }).expect(422))).toEqual([
      'levelId is not one of the levels',
    ]);
    for (const go of [0, 1.5, 481, 'x']) await put(go).expect(400);
    await request(server.app).put('/api/trials/none/goes/1').send(GO).expect(404);
    expect((await all()).goes).toEqual([]);
  });

  test('yes and no are 1 and 0, and nothing else', async () => {
    await made({ measure: { ...foamTrial.measure, quantity: 'yesNo', unit: '' } });
    await put(1, { value: 1 }).expect(200);
    expect(faults(await put(2, { value: 0.5 }).expect(422))).toEqual([
      'value must be yes or no (1 or 0)',
    ]);
  });

  test('each is told to the others', async () => {
    await made();
    const before = server.context.log.latest();
    await put(1).expect(200);
    expect(server.context.log.since(before)).toMatchObject([{ kind: 'trial', id: 'foam' }]);
  });
});

describe('series', () => {
  test('the list says how far each is and what it says; one that is damaged takes no other down', async () => {
    await made();
    await made({ id: 'other', name: 'Another' });
    for (const [i, value] of [18, 30, 44].entries())
      for (const round of [0, 1])
        await put(1 + i + round * 6, { levelId: `l${i + 1}`, value: value + round }).expect(200);
    const list = (await request(server.app).get('/api/trials').expect(200)).body as TrialSummary[];
    expect(list.find(({ id }) => id === 'foam')).toMatchObject({
      done: 6,
      planned: 24,
      kind: 'rising',
      claim: 'More is better up to 3 spoons, the most that was tried.',
    });
    damage(server.context.db, "UPDATE trial SET body = '{}' WHERE id = 'foam'");
    const left = (await request(server.app).get('/api/trials').expect(200)).body as TrialSummary[];
    expect(left.map(({ id }) => id)).toContain('other');
    expect(left.map(({ id }) => id)).not.toContain('foam');
    await request(server.app).get('/api/trials/foam/all').expect(503);
  });

  test('what it names must be there; two levels of one amount can’t be told apart', async () => {
    const refused = async (more: Partial<TrialSeries>, status: number): Promise<string[]> =>
      faults(
        await request(server.app)
          .post('/api/trials')
          .send({ ...foamTrial, ...more })
          .expect(status),
      );
    expect(await refused({ demoId: 'none' }, 422)).toEqual(['demoId is not in the repertoire']);
    expect(await refused({ methodId: 'gentle' }, 422)).toEqual([
      'methodId needs its demonstration',
    ]);
    expect(await refused({ demoId: 'foam-fountain', methodId: 'none' }, 422)).toEqual([
      'methodId is not one of the demonstration’s methods',
    ]);
    expect(
      await refused(
        {
          levels: [
            { id: 'a', label: '1', value: 1 },
            { id: 'b', label: '1.0', value: 1 },
          ],
        },
        422,
      ),
    ).toEqual(['levels has the same amount twice']);
    expect(await refused({ referenceId: 'l9' }, 422)).toEqual([
      'referenceId must be one of the levels',
    ]);
    expect(await refused({ measure: { ...foamTrial.measure, better: 'near' } }, 422)).toEqual([
      'measure.better needs a target, near which a reading is best',
    ]);
    expect(
      await refused({ measure: { ...foamTrial.measure, readFrom: 60, readUntil: 50 } }, 422),
    ).toEqual(['measure.readUntil must not be before the time it is read from']);
  });

  test('as a table it is read back the same by the command line', async () => {
    await made({ name: 'A, “b”\nc' });
    await put(1, { levelId: 'l2', value: 30.5, conditions: [{ id: 'room', value: 19 }] }).expect(
      200,
    );
    await put(2, { levelId: 'l1', state: 'notRead', value: null, reason: 'spilled, sorry' }).expect(
      200,
    );
    await put(3, { levelId: 'l3', state: 'leftOut', value: 3, reason: 'a dry lump' }).expect(200);
    const { text } = await request(server.app).get('/api/trials/foam/readings.csv').expect(200);
    const rows = csvRows(text);
    expect(rows[0]?.at(-1)).toBe('Room (°C)');
    const read = trialFromTable(rows, {});
    expect(read).toMatchObject({
      ok: true,
      table: { factor: 'level', response: 'reading', notRead: 2, yesNo: false },
    });
    expect(read.ok && read.table.readings).toEqual([{ level: '2', value: 30.5, go: 1 }]);
  });
});
