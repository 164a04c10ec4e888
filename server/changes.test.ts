/** What open pages are told: in order, by number, and what they missed when they come back. */
import { once } from 'node:events';
import { createServer, type IncomingMessage, type Server } from 'node:http';
import type { Duplex } from 'node:stream';
import type { AddressInfo } from 'node:net';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { WebSocket } from 'ws';
import type { Change, LiveMessage } from '../contract/api';
import type { EventsAnswer, StoredRun } from '../contract/stage';
import { eventOf } from '../core/stage/event';
import { Live } from './live/live';
import { type TestServer, testServer } from './testing/serve';

let served: TestServer;
let http: Server;
let url: string;

beforeEach(async () => {
  served = testServer();
  http = served.app;
  await once(http, 'listening');
  url = `127.0.0.1:${(http.address() as AddressInfo).port}`;
});
afterEach(async () => {
  const closed = once(http, 'close');
  served.close();
  await closed;
});

async function send<T>(method: string, path: string, body?: object): Promise<T> {
  const answer = await fetch(`http://${url}/api${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  expect(answer.ok).toBe(true);
  return (answer.status === 204 ? null : await answer.json()) as T;
}

/** A page that listens. */
class Page {
  readonly told: LiveMessage[] = [];
  private constructor(readonly socket: WebSocket) {
    socket.on('message', (data: Buffer) => {
      this.told.push(JSON.parse(data.toString()) as LiveMessage);
      socket.emit('told');
    });
  }

  static async open(
    since = served.context.log.latest(),
    epoch = served.context.log.epoch,
  ): Promise<Page> {
    const page = new Page(new WebSocket(`ws://${url}/api/live?since=${since}&epoch=${epoch}`));
    await page.until(() => page.told.length > 0);
    return page;
  }

  get hello(): number {
    const [first] = this.told;
    return first && 'hello' in first ? first.hello : -1;
  }

  get changes(): Change[] {
    return this.told.flatMap((message) => ('changes' in message ? message.changes : []));
  }

  async until(done: () => boolean): Promise<void> {
    while (!done()) await once(this.socket, 'told');
  }
}

const named = (changes: readonly Change[]): string[] =>
  changes.map(({ kind, id, event }) => `${kind} ${id}${event ? ` ${event.kind}` : ''}`);
const press = (id: string, kind: 'start' | 'hold' | 'resume') =>
  eventOf({ id, at: Date.now(), by: null }, kind);
const RUNS = '/shows/harbour-light-festival/runs';

test('what is stored is told once each, numbered, and presses with what was pressed', async () => {
  const page = await Page.open();
  await send('DELETE', '/venues/boat-shed?version=1');
  await send('POST', '/venues/boat-shed/restore');
  await send('PUT', '/shows/harbour-light-festival/checks/test:dome', {
    state: 'done',
    value: null,
    reason: '',
    by: null,
  });
  await send('POST', RUNS, { id: 'r', kind: 'rehearsal' });
  await send('POST', '/runs/r/events', {
    events: [press('a', 'start'), press('b', 'hold')],
    sentAt: Date.now(),
    known: 0,
  });
  await page.until(() => page.changes.length >= 6);
  expect(named(page.changes)).toEqual([
    'venue boat-shed',
    'venue boat-shed',
    'mark harbour-light-festival',
    'run r',
    'run r start',
    'run r hold',
  ]);
  const numbers = page.changes.map((change) => change.n);
  expect(numbers).toEqual([...numbers].sort((a, b) => a - b));
  expect(page.changes.at(-1)?.event).toMatchObject({ id: 'b', seq: 2 });
});

test('a page that was cut off is told what it missed, and a page that knows all is told nothing', async () => {
  const page = await Page.open();
  const known = page.hello;
  page.socket.close();
  await send('POST', RUNS, { id: 'r', kind: 'rehearsal' });
  await send('POST', '/runs/r/events', {
    events: [press('a', 'start')],
    sentAt: Date.now(),
    known: 0,
  });
  const back = await Page.open(known);
  await back.until(() => back.changes.length >= 2);
  expect(named(back.changes)).toEqual(['run r', 'run r start']);
  const again = await Page.open(back.hello);
  expect(again.told).toMatchObject([{ hello: back.hello, reset: false }]);
  const restored = await Page.open(back.hello, 'of-other-data');
  expect(restored.told).toMatchObject([{ reset: true }]);
});

test('one that missed more than can be told, or knows a number that never was, reads all again', async () => {
  const { db } = served.context;
  const person = db.prepare("UPDATE person SET note = 'x' WHERE id = 'jo'");
  const page = await Page.open();
  for (let i = 0; i < 600; i++) person.run();
  const back = await Page.open(page.hello);
  expect(back.told[0]).toMatchObject({ reset: true });
  const stranger = await Page.open(back.hello + 1000);
  expect(stranger.told[0]).toMatchObject({ reset: true });
});

test('whatever stores it, it is told: also what no route has told of', async () => {
  const page = await Page.open();
  served.context.db.prepare("UPDATE item SET note = 'by hand' WHERE id = 'dome'").run();
  served.context.live.publish();
  await page.until(() => page.changes.length > 0);
  expect(page.changes.every((change) => change.kind === 'item')).toBe(true);
});

test('a page that asks is told the time', async () => {
  const page = await Page.open();
  page.socket.send('1234');
  await page.until(() => page.told.length > 1);
  expect(page.told[1]).toMatchObject({ sent: 1234 });
  page.socket.send('nonsense');
  page.socket.send('5678');
  await page.until(() => page.told.length > 2);
  expect(page.told[2]).toMatchObject({ sent: 5678 });
});

describe('who may listen', () => {
  const status = (headers: Record<string, string>, path = '/api/live'): Promise<number> =>
    new Promise((resolve) => {
      const socket = new WebSocket(`ws://${url}${path}`, { headers });
      socket.on('unexpected-response', (_request, response) => resolve(response.statusCode ?? 0));
      socket.on('open', () => resolve(101));
      socket.on('error', () => undefined);
    });

  test('our own pages; no page of another site, and nothing elsewhere', async () => {
    expect(await status({ Origin: `http://${url}` })).toBe(101);
    expect(await status({ Origin: 'http://elsewhere.example' })).toBe(403);
    expect(await status({ Host: 'elsewhere.example' })).toBe(403);
    expect(await status({}, '/api/other')).toBe(404);
  });

  test('as many as there is room for', async () => {
    const live = new Live(served.context.log, { most: 2 });
    const small = createServer().listen(0, '127.0.0.1');
    small.on('upgrade', (request: IncomingMessage, socket: Duplex, head: Buffer) =>
      live.upgrade(request, socket, head, {
        names: new Set(['127.0.0.1']),
        caller: { role: 'owner', device: null },
      }),
    );
    await once(small, 'listening');
    url = `127.0.0.1:${(small.address() as AddressInfo).port}`;
    expect(await status({})).toBe(101);
    expect(await status({})).toBe(101);
    expect(await status({})).toBe(503);
    live.close();
    small.close();
  });
});

describe('an answer to presses', () => {
  test('holds what is new since the number the device knows, others’ presses with it', async () => {
    await send('POST', RUNS, { id: 'r', kind: 'rehearsal' });
    const post = (known: number, ...events: object[]): Promise<EventsAnswer> =>
      send('POST', '/runs/r/events', { events, sentAt: Date.now(), known });
    await post(0, press('a', 'start'));
    await post(0, press('b', 'hold'));
    const answer = await post(1, press('c', 'resume'));
    expect(answer.events.map((event) => event.id)).toEqual(['b', 'c']);
    expect(answer).toMatchObject({ seq: 3, refused: [] });
    const missed = await send<EventsAnswer>('GET', '/runs/r/events?after=2');
    expect(missed.events.map((event) => event.id)).toEqual(['c']);
  });

  test('tells what is wrong with one, and stores the others', async () => {
    await send('POST', RUNS, { id: 'r', kind: 'rehearsal' });
    const answer = await send<EventsAnswer>('POST', '/runs/r/events', {
      events: [
        press('a', 'start'),
        { ...press('bad', 'hold'), kind: 'dance' },
        { ...press('own', 'hold'), kind: 'judge', slot: 'constructor', go: 1, outcome: 'worked' },
        { ...press('proto', 'hold'), kind: 'goTo', slot: 'toString' },
        { ...press('gone', 'hold'), kind: 'goTo', slot: 'no-such-slot' },
        null,
        press('b', 'hold'),
      ],
      sentAt: Date.now(),
      known: 0,
    });
    expect(answer.events.map((event) => event.id)).toEqual(['a', 'b']);
    expect(answer.refused.map((one) => one.id)).toEqual(['bad', 'own', 'proto', 'gone', '']);
    const run = await send<StoredRun>('GET', '/runs/r');
    expect(run.events).toHaveLength(2);
  });
});
