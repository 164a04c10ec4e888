/** Checks, verdicts, waivers and the risk assessment over the wire. */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import type { Mark } from '../../core/ready/go';
import type { Verdict } from '../../core/ready/verdict';
import type { SignedAssessment } from '../../contract/day';
import type { Settings } from '../../contract/inventory';
import type { Show, Venue } from '../../core/brief/types';
import { changedParts } from '../../core/ready/assessment/markdown';
import { testServer, type TestServer } from '../testing/serve';

const EVENING = '/api/shows/little-hollin-evening';
let server: TestServer;
beforeEach(() => {
  server = testServer();
});
afterEach(() => server.close());

const api = () => request(server.app);

const get = async <T>(path: string): Promise<T> => (await api().get(path).expect(200)).body as T;

const verdicts = async (): Promise<Verdict[]> =>
  (await get<{ verdicts: Verdict[] }>(`${EVENING}/checks`)).verdicts;

const say = (key: string, body: Partial<Mark>) =>
  api()
    .put(`${EVENING}/checks/${encodeURIComponent(key)}`)
    .send({ state: 'waived', reason: 'Seen to', value: null, by: 'mara', ...body });

async function keyOf(level: Verdict['level']): Promise<string> {
  const found = (await verdicts()).find((one) => one.level === level);
  if (!found) throw new Error(`no ${level}`);
  return found.key;
}

test('measured figures change the verdicts', async () => {
  expect((await verdicts()).map((one) => one.level)).toContain('unknown');
  const show = await get<Show>(EVENING);
  const figures = { temperature: 20, humidity: 35, pressure: 1008 };
  await api()
    .put(EVENING)
    .send({ ...show, conditions: { ...show.conditions, ...figures } })
    .expect(200);
  // Put in before the day, they are expected; measured, they are known.
  expect((await verdicts()).filter((one) => one.level === 'unknown').length).toBeGreaterThan(0);
  const now = await get<Show>(EVENING);
  const measured = ['temperature', 'humidity', 'pressure'];
  await api()
    .put(EVENING)
    .send({ ...now, conditions: { ...now.conditions, measured, takenAt: '17:10' } })
    .expect(200);
  expect((await verdicts()).filter((one) => one.level === 'unknown')).toEqual([]);
});

test.each([
  [{ humidity: 140 }, 'conditions.humidity', 'must be between 0 and 100 %'],
  [{ temperature: -300 }, 'conditions.temperature', 'must be above absolute zero, −273.15 °C'],
  [{ people: -1 }, 'conditions.people', 'must not be negative'],
  [{ takenAt: 'noon' }, 'conditions.takenAt', 'must be a time such as 14:05'],
])('%j is told at its field', async (wrong, path, message) => {
  const show = await get<Show>(EVENING);
  const answer = await api()
    .put(EVENING)
    .send({ ...show, conditions: { ...show.conditions, ...wrong } })
    .expect(422);
  expect((answer.body as { error: { fields: unknown[] } }).error.fields).toContainEqual({
    path,
    message,
  });
});

describe('passing over', () => {
  test('with a reason, by one who may', async () => {
    const key = await keyOf('fix');
    await say(key, {}).expect(200);
    await say(key, { reason: ' ' }).expect(422);
    await say(key, { by: null }).expect(422);
    const refused = await say(key, { by: 'jo' }).expect(403);
    expect((refused.body as { error: { message: string } }).error.message).toContain(
      'Jo may not waive a check',
    );
  });

  test('a verdict is not ticked', async () => {
    await say(await keyOf('fix'), { state: 'done', reason: '' }).expect(422);
  });

  test('nothing sets a final stop aside, and the show does not begin', async () => {
    const demo = await get<{ methods: { care: object }[] }>('/api/demos/crushed-can');
    const methods = demo.methods.map((method) => ({
      ...method,
      care: { ...method.care, never: ['closedCryogen'] },
    }));
    await api()
      .put('/api/demos/crushed-can')
      .send({ ...demo, methods })
      .expect(200);
    const key = await keyOf('stop');
    await say(key, {}).expect(409);
    const begun = await api()
      .post(`${EVENING}/runs`)
      .send({ id: 'run-x', kind: 'performance' })
      .expect(409);
    expect((begun.body as { error: { message: string } }).error.message).toContain(
      'Cold liquid or dry ice in a closed vessel',
    );
  });

  test('what is not there can’t be passed over', async () => {
    await say('calculator:nothing', {}).expect(404);
  });
});

test('the risk assessment as Markdown and as PDF', async () => {
  const { text } = await api().get(`${EVENING}/risks.md`).expect(200);
  expect(text).toContain('# Risk assessment: Little Hollin evening');
  expect(text).toContain('High voltage');
  expect(text).toContain('Mara');
  const pdf = await api().get(`${EVENING}/risks.pdf`).expect(200);
  expect((pdf.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
});

test('without a sensor the answer says so', async () => {
  expect(await get<object>('/api/sensor')).toMatchObject({ state: 'never', reading: null });
});

test('an unknown calculator, a stray setting and a figure out of bounds are told where they stand', async () => {
  const demo = await get<{ methods: object[] }>('/api/demos/static-dome');
  const put = (calculators: unknown) =>
    api()
      .put('/api/demos/static-dome')
      .send({ ...demo, methods: [{ ...demo.methods[0], calculators }] });
  const bound = (more: object) => [
    {
      id: 's',
      calculator: 'dome',
      inputs: [{ input: 'humidity', from: 'fixed', ref: '', value: 50, ...more }],
    },
  ];
  await put([{ id: 's', calculator: 'magic', inputs: [] }]).expect(422);
  await put(bound({ value: 140 })).expect(422);
  await put(bound({ from: 'setting', ref: 'gone', value: null })).expect(422);
  await put(bound({ from: 'setting', ref: 'voltage', value: null })).expect(422);
  // A fact of another kind would be taken in the wrong unit.
  await put(bound({ from: 'day', ref: 'temperature', value: null })).expect(422);
  await put(bound({})).expect(200);
});

describe('signing the risk assessment', () => {
  const RISKS = `${EVENING}/risks`;
  const sign = (name: string, role = '') => api().post(`${RISKS}/signed`).send({ name, role });
  const signed = async (): Promise<SignedAssessment[]> =>
    (await get<{ signed: SignedAssessment[] }>(`${EVENING}/all`)).signed;

  /** Everything that can be settled at a desk: waived where it is judged, and measured. */
  async function settle(): Promise<void> {
    for (const { key, level } of await verdicts())
      if (level !== 'ok' && level !== 'watch') await say(key, {}).expect(200);
    const { venueId } = await get<Show>(EVENING);
    const venue = await get<Venue>(`/api/venues/${venueId}`);
    await api()
      .put(`/api/venues/${venueId}`)
      .send({ ...venue, emergencyNumber: '112' });
  }

  test('is refused while the desk has a question, and says which', async () => {
    const refused = await sign('Mara').expect(409);
    expect((refused.body as { error: { message: string } }).error.message).toContain(
      'must be answered before anybody signs',
    );
    expect(await signed()).toEqual([]);
  });

  test.each([{ name: ' ', role: '' }, { name: 'Mara' }, { name: 'x'.repeat(81), role: '' }])(
    '%j is no signature',
    async (wrong) => {
      await api().post(`${RISKS}/signed`).send(wrong).expect(422);
    },
  );

  test('keeps it word for word; under the same text signatures gather, and none is doubled', async () => {
    await settle();
    await sign('Mara', 'presents').expect(201);
    await sign('Mara').expect(409);
    await sign('The warden', 'for the hall').expect(201);
    const [second, first] = await signed();
    expect(first).toMatchObject({ number: 1, signatures: [{ name: 'Mara' }], draft: true });
    expect(second?.signatures.map(({ name }) => name)).toEqual(['Mara', 'The warden']);
    const kept = (await api().get(`${RISKS}/signed/1.md`).expect(200)).text;
    expect(kept).toContain('- Mara, presents: signed');
    // What is only for the day to answer is listed in it, and it says that it is a draft.
    expect(kept).toContain('**DRAFT');

    const show = await get<Show>(EVENING);
    await api()
      .put(EVENING)
      .send({ ...show, audienceNote: 'with their grandparents' })
      .expect(200);
    expect((await api().get(`${RISKS}/signed/1.md`).expect(200)).text).toBe(kept);
    const now = (await api().get(`${RISKS}.md`).expect(200)).text;
    expect(now).toContain('with their grandparents');
    expect(now).not.toContain('presents: signed');
    const { body } = await get<{ body: string }>(`${RISKS}/signed/2`);
    expect(changedParts(body, now)).toContain('Show, crew and audience');
    const pdf = await api().get(`${RISKS}/signed/2.pdf`).expect(200);
    expect((pdf.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  });

  test.each(['7', '0', 'x', '7.pdf', 'x.md'])('there is no version %s', async (name) => {
    await api().get(`${RISKS}/signed/${name}`).expect(404);
  });

  test('a signature that can’t be read takes neither the show nor its sheet along', async () => {
    await settle();
    await sign('Mara').expect(201);
    server.context.db.prepare(`UPDATE signed_assessment SET signatures = '{"a":1}'`).run();
    expect(await signed()).toMatchObject([{ number: 1, signatures: [] }]);
    await api().get(`${RISKS}.md`).expect(200);
  });
});

test('a house’s own steps of risk count in every verdict', async () => {
  const settings = await get<Settings>('/api/settings/own');
  const save = (riskMatrix: object) =>
    api()
      .put('/api/settings/own')
      .send({ ...settings, riskMatrix });
  expect((await verdicts()).some(({ message }) => message.includes('rated high'))).toBe(false);
  await save({ medium: 6, high: 5, extreme: 20 }).expect(422);
  await save({ medium: 2, high: 3, extreme: 25 }).expect(200);
  expect((await verdicts()).some(({ message }) => message.includes('rated high'))).toBe(true);
  expect((await api().get(`${EVENING}/risks.md`)).text).toContain('medium from 2, high from 3');
});
