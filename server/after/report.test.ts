/** One page for the venue: of the runs of the demo season, as text and to print. */
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import request from 'supertest';
import { type TestServer, testServer } from '../testing/serve';

const RUN = '/api/runs/run-hollin-school-morning';
let server: TestServer;
beforeAll(() => {
  server = testServer();
});
afterAll(() => server.close());
const get = (path: string) => request(server.app).get(path);

const markdown = async (): Promise<string> => (await get(`${RUN}/report.md`).expect(200)).text;

test('says when, who, what was shown and read, what the house should know, and what is still to do', async () => {
  const text = await markdown();
  expect(text).toMatch(/^# Hollin School morning\n\nHollin Primary School, /);
  expect(text).toMatch(/- Began 10:15; ended 10:\d\d, .+ before the finish at 10:45\./);
  expect(text).toContain('- Held for 40 s.');
  expect(text).toMatch(/- 10:\d\d: a child past the tape\./);
  expect(text).toContain('About 84 people were expected.');
  expect(text).toMatch(/\| 10:\d\d \| Smoke-ring drum \| \d:\d\d \| worked; taken loudly \|/);
  expect(text).toMatch(/\| Balancing forks \| \d:\d\d \| worked at go 2 \|/);
  expect(text).toContain('Foam fountain: height of the foam 62 cm');
  expect(text).toMatch(/## For the house[\s\S]*Smoke-ring drum: used stage smoke/);
  expect(text).toContain('Caretaker very helpful');
  // What is noted of a demonstration is the crew’s own.
  expect(text).not.toContain('Nobody past row four');
  expect(text).toMatch(/## Still to do[\s\S]*Ask the hall for a camera.*: Mara, by /);
});

test('nothing in it is taken for markup', async () => {
  const text = '*loud* <b>|</b>\n# no';
  const id = 'note-markup';
  const event = { id, at: Date.now(), kind: 'note', by: null, slot: null, step: null, go: null };
  const rest = { cause: null, outcome: null, text, value: null, onMove: null, device: null };
  await request(server.app)
    .post(`${RUN}/events`)
    .send({ events: [{ ...event, ...rest }], sentAt: Date.now(), known: 0 })
    .expect(200);
  const told = await markdown();
  expect(told).toContain('\\*loud\\* &lt;b&gt;\\|&lt;/b&gt; # no');
});

test('to print it is one page', async () => {
  const pdf = await get(`${RUN}/report.pdf`).buffer(true).expect(200);
  const bytes = (pdf.body as Buffer).toString('latin1');
  expect(pdf.type).toBe('application/pdf');
  expect(bytes.startsWith('%PDF')).toBe(true);
  expect(bytes.match(/\/Type \/Page\b(?!s)/g)).toHaveLength(1);
});

test('of a run that never began it says so, and one that is not there is not found', async () => {
  await request(server.app)
    .post('/api/shows/harbour-light-festival/runs')
    .send({ id: 'fresh', kind: 'rehearsal' })
    .expect(201);
  const { text } = await get('/api/runs/fresh/report.md').expect(200);
  expect(text).toContain('Nothing was performed.');
  await get('/api/runs/none/report.md').expect(404);
});

test('chapters of the recording: in its own time, and a wrong offset is told', async () => {
  const { text } = await get(`${RUN}/chapters.vtt?before=30`).expect(200);
  expect(text.startsWith('WEBVTT\n\n1\n00:00:')).toBe(true);
  const { text: late } = await get(`${RUN}/chapters.vtt?before=-30`).expect(200);
  expect(late).not.toBe(text);
  await get(`${RUN}/chapters.vtt?before=soon`).expect(422);
  await get('/api/runs/none/chapters.vtt').expect(404);
});
