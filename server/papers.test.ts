/**
 * The papers of a show, each read back by a reader that is not ours (PDF.js): what the pages say stands on them, and
 * what does not belong there does not. Of the demo season.
 */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import request from 'supertest';
import { extractText, getDocumentProxy } from 'unpdf';
import { handOutOf, mayBeTried } from '../core/ready/atHome/sheet';
import { classSheets } from '../core/ready/atHome/classSheet';
import { thingWords } from '../core/ready/atHome/words';
import { cardsOf } from '../core/ready/script/cards';
import { scriptOf } from '../core/ready/script/script';
import { shotsOf } from '../core/ready/shots/shots';
import { hostQuestions } from '../core/ready/ask/questions';
import { kitList } from '../core/kit/kit';
import { packingOf } from '../core/kit/packing';
import { timelineOf } from '../core/lineup/timelineOf';
import type { Show, ShowBundle } from '../core/brief/types';
import { recordsFor } from './after/records';
import { type TestServer, testServer } from './testing/serve';

const FESTIVAL = 'harbour-light-festival';
const CLASS = 'hollin-science-day';
let server: TestServer;
beforeAll(() => {
  server = testServer();
});
afterAll(() => server.close());

const bundleOf = (id: string): ShowBundle => server.context.bundles.whole(id);

interface Paper {
  /** Of each page, on one line: where lines break is the paper’s own. */
  pages: string[];
  all: string;
  /** Points: [left, bottom, right, top] of the first page. */
  size: number[];
  title: unknown;
}

const oneLine = (text: string): string => text.replace(/\s+/g, ' ').trim();

/** Numbers of steps stand where their line ends. */
const unnumbered = (text: string): string => text.replace(/(?<=\S)[1-9]\.(?= |$)/g, '');

async function paper(path: string): Promise<Paper> {
  const answer = await request(server.app)
    .get(`/api/shows/${path}`)
    .buffer(true)
    .parse((res, done) => {
      const parts: Buffer[] = [];
      res.on('data', (part: Buffer) => parts.push(part));
      res.on('end', () => done(null, Buffer.concat(parts)));
    })
    .expect(200)
    .expect('content-type', /application\/pdf/);
  const pdf = await getDocumentProxy(new Uint8Array(answer.body as Buffer));
  const { text } = await extractText(pdf, { mergePages: false });
  const { info } = await pdf.getMetadata();
  const pages = text.map(oneLine);
  return {
    pages,
    all: pages.join(' '),
    size: (await pdf.getPage(1)).view.map(Math.round),
    title: (info as { Title?: unknown }).Title,
  };
}

/** The show as it is, with something of it changed. */
async function change(id: string, to: (show: Show) => Show): Promise<void> {
  const kept = await request(server.app).get(`/api/shows/${id}`).expect(200);
  await request(server.app)
    .put(`/api/shows/${id}`)
    .send(to(kept.body as Show))
    .expect(200);
}

const A4 = [0, 0, 595, 842];

describe('the brief', () => {
  test('says when, where, for whom, who comes, and asks what is not known, each with why', async () => {
    const { all, pages, size, title } = await paper(`${FESTIVAL}/brief.pdf`);
    const bundle = bundleOf(FESTIVAL);
    expect(size).toEqual(A4);
    expect(title).toBe('Harbour Light Festival: brief');
    expect(all).toContain('Sunday, 30 May 2027');
    expect(all).toContain('Boat Shed');
    expect(all).toContain('120 people');
    for (const at of [
      bundle.show.arrival,
      bundle.show.doors,
      bundle.show.start,
      bundle.show.hardFinish,
    ])
      expect(all).toContain(at);
    const asked = hostQuestions(bundle, timelineOf(bundle), 0);
    expect(asked.length).toBeGreaterThan(10);
    for (const { ask, why, answer } of asked.filter((one) => one.answer === null)) {
      expect(answer).toBe(null);
      expect(all).toContain(oneLine(ask));
      expect(all).toContain(oneLine(why));
    }
    expect(pages.length).toBeLessThanOrEqual(2);
  });

  test('what is the crew’s own is not sent: heart devices, notes of people, training', async () => {
    const { all } = await paper(`${FESTIVAL}/brief.pdf`);
    const { people } = bundleOf(FESTIVAL);
    for (const { note } of people) if (note !== '') expect(all).not.toContain(oneLine(note));
    expect(all).not.toMatch(/heart device|implant|waive/i);
  });

  test('a question of one’s own is asked until it has an answer', async () => {
    const ask = 'May we hang a banner over the door?';
    await change(CLASS, (show) => ({ ...show, questions: [{ id: 'own', ask, answer: '' }] }));
    expect((await paper(`${CLASS}/brief.pdf`)).all).toContain(ask);
    await change(CLASS, (show) => ({
      ...show,
      questions: [{ id: 'own', ask, answer: 'Yes, from the hooks' }],
    }));
    expect((await paper(`${CLASS}/brief.pdf`)).all).toContain('Yes, from the hooks');
  });
});

describe('the hand-out', () => {
  test('is one page: what was seen and why of each, household things where it may be tried', async () => {
    const { all, pages, size } = await paper(`${FESTIVAL}/hand-out.pdf`);
    expect([pages.length, size]).toEqual([1, A4]);
    const entries = handOutOf(bundleOf(FESTIVAL));
    expect(entries.length).toBeGreaterThan(4);
    for (const { name, saw, why } of entries)
      for (const text of [name, saw, why]) expect(all).toContain(oneLine(text));
    const tried = entries.filter(({ judged }) => mayBeTried(judged.allowed));
    expect(tried.length).toBeGreaterThan(0);
    for (const { steps, things } of tried) {
      for (const step of steps) expect(unnumbered(all)).toContain(oneLine(step));
      for (const thing of things) expect(all).toContain(thingWords(thing));
    }
    expect(all).toContain('Careful:');
  });

  test('once it may not be tried, no step and no amount of it is handed out, and why not is said', async () => {
    const demo = server.context.demos.get('foam-fountain');
    const [step = ''] = demo.handOut.steps.split('\n');
    expect(step.length).toBeGreaterThan(10);
    expect(unnumbered((await paper(`${FESTIVAL}/hand-out.pdf`)).all)).toContain(oneLine(step));
    const whyNot = 'Our sink was yellow for a week.';
    await request(server.app)
      .put('/api/demos/foam-fountain')
      .send({ ...demo, handOut: { ...demo.handOut, atHome: 'never', whyNot } })
      .expect(200);
    const { all } = await paper(`${FESTIVAL}/hand-out.pdf`);
    expect(unnumbered(all)).not.toContain(oneLine(step));
    expect(all).not.toContain('60 mL');
    expect(all).toContain(whyNot);
  });

  test('what is left off is not on it; what is unknown to it is nothing', async () => {
    const [first, second] = handOutOf(bundleOf(FESTIVAL));
    if (!first || !second) throw new Error('The season hands out more than one');
    const { all } = await paper(`${FESTIVAL}/hand-out.pdf?without=${first.demoId},nothing`);
    expect(all).not.toContain(oneLine(first.saw));
    expect(all).toContain(oneLine(second.saw));
  });
});

describe('observation sheets', () => {
  test('one for every group that may choose it: what it needs, what to do, room to write', async () => {
    const { pages } = await paper(`${CLASS}/observation.pdf`);
    const bundle = bundleOf(CLASS);
    const sheets = classSheets(bundle, recordsFor(server.context, bundle.demos)).filter(
      ({ may }) => may,
    );
    expect(sheets.length).toBeGreaterThan(1);
    for (const { name, sets, steps, things } of sheets) {
      const copies = pages.filter((page) => page.startsWith(name));
      expect(copies).toHaveLength(sets.chosenBy);
      for (const step of steps) expect(unnumbered(copies[0] ?? '')).toContain(oneLine(step));
      for (const thing of things) expect(copies[0]).toContain(thingWords(thing));
      expect(copies[0]).toContain('What will happen? Say it before you begin');
    }
    expect(pages).toHaveLength(sheets.reduce((sum, { sets }) => sum + sets.chosenBy, 0));
  });

  test('a show without a class says so on one page', async () => {
    const { pages, all } = await paper(`${FESTIVAL}/observation.pdf`);
    expect(pages).toHaveLength(1);
    expect(all).toContain('Nothing to choose from yet');
  });
});

describe('the script', () => {
  test('every line of everybody, in the order of the show, with what the room does', async () => {
    const { all, size } = await paper(`${FESTIVAL}/script.pdf`);
    expect(size).toEqual(A4);
    const bundle = bundleOf(FESTIVAL);
    const steps = scriptOf(bundle, timelineOf(bundle)).flatMap((slot) => slot.steps);
    const lines = steps.flatMap(({ lines: of }) => of.map(({ text }) => oneLine(text)));
    expect(lines.length).toBeGreaterThan(20);
    let from = 0;
    for (const line of lines) {
      const at = all.indexOf(line.slice(0, 60), from);
      // A line may go over a page’s foot, which stands between its halves.
      expect({ line, at }).not.toEqual({ line, at: -1 });
      from = at;
    }
    for (const { cueToRoom } of steps) expect(all).toContain(oneLine(cueToRoom));
  });

  test('as cards: A6, one a step; of one person only theirs', async () => {
    const bundle = bundleOf(FESTIVAL);
    const script = scriptOf(bundle, timelineOf(bundle));
    const everybody = await paper(`${FESTIVAL}/script.pdf?as=cards`);
    const cards = cardsOf(script, null);
    // ISO 216: A6 is 105 by 148 mm, which are 298 by 420 points.
    expect(everybody.size).toEqual([0, 0, 420, 298]);
    expect(everybody.pages).toHaveLength(cards.length);
    for (const [i, card] of cards.entries()) {
      expect(everybody.pages[i]).toContain(`${card.number} ${card.demo}`);
      expect(everybody.pages[i]).toContain(`${card.card} of ${card.cards}`);
      for (const { text } of card.lines) expect(everybody.pages[i]).toContain(oneLine(text));
      expect(everybody.pages[i]?.includes('learn this one')).toBe(card.byHeart);
    }
    const jo = cardsOf(script, 'jo');
    expect(jo.length).toBeGreaterThan(0);
    expect(jo.length).toBeLessThan(cards.length);
    expect((await paper(`${FESTIVAL}/script.pdf?as=cards&for=jo`)).pages).toHaveLength(jo.length);
    const nobody = await paper(`${FESTIVAL}/script.pdf?as=cards&for=nobody`);
    expect(nobody.all).toBe('Nobody says anything yet.');
  });

  test('words too long for one card go on on the next, none are lost', async () => {
    const demo = server.context.demos.get('foam-fountain');
    const long = Array.from({ length: 180 }, (_, i) => `word${i}`).join(' ');
    const methods = demo.methods.map((method) => ({
      ...method,
      tasks: method.tasks.map((task) => (task.phase === 'perform' ? { ...task, say: long } : task)),
    }));
    await request(server.app)
      .put('/api/demos/foam-fountain')
      .send({ ...demo, methods })
      .expect(200);
    const { all } = await paper(`${FESTIVAL}/script.pdf?as=cards&for=ines`);
    for (const i of [0, 90, 179]) expect(all).toContain(`word${i}`);
  });
});

test('the shot list: each camera with who films, every shot with its time and what it sees', async () => {
  const { all, size } = await paper(`${FESTIVAL}/shots.pdf`);
  expect(size).toEqual(A4);
  const bundle = bundleOf(FESTIVAL);
  const cameras = shotsOf(bundle, timelineOf(bundle));
  expect(cameras.length).toBeGreaterThan(1);
  for (const { shots } of cameras)
    for (const { view, demo, step } of shots) {
      expect(all).toContain(oneLine(view.sees));
      expect(all).toContain(oneLine(`${demo}: ${step}`));
    }
  expect((await paper('vay-open-day/shots.pdf')).all).toContain('Shot list');
});

test('a show that is not there has no papers', async () => {
  for (const one of ['brief', 'hand-out', 'observation', 'script', 'shots'])
    await request(server.app).get(`/api/shows/none/${one}.pdf`).expect(404);
});

describe('the packing list', () => {
  test('one page for every show of the season: each thing with its amount, each test, each box', async () => {
    for (const { id } of server.context.shows.list()) {
      const bundle = bundleOf(id);
      const records = recordsFor(server.context, bundle.demos);
      const entries = kitList(bundle, timelineOf(bundle), { records });
      const packed = packingOf(entries, bundle.items, server.context.boxes.list());
      const { all: text, pages, size, title } = await paper(`${id}/packing.pdf`);
      // A line may end after a hyphen.
      const all = text.replaceAll('- ', '-');
      const has = (words: string): void =>
        expect(all).toContain(oneLine(words).replaceAll('- ', '-'));
      expect([id, pages.length]).toEqual([id, 1]);
      expect(size).toEqual(A4);
      expect(title).toBe(`Packing: ${bundle.show.title}`);
      for (const { box, lines } of packed) {
        if (box) has(`${box.number} ${box.name}`);
        for (const { entry, item } of lines) {
          has(`${entry.text} ${entry.name}`);
          if (item.functionTest !== '') has(`test: ${item.functionTest}`);
        }
      }
    }
  });

  test('what is short says by how much', async () => {
    const { all } = await paper('little-hollin-evening/packing.pdf');
    expect(all).toMatch(/232 mL Hydrogen peroxide 3 % upright [\d.]+ mL short/);
  });
});
