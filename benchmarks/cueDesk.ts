/** A page that presses, and a desk, in a thread of their own: the server has none of their time. */
import { createSocket } from 'node:dgram';
import { once } from 'node:events';
import { parentPort } from 'node:worker_threads';
import { WebSocket } from 'ws';
import { eventOf } from '../core/stage/event';

/** What the page is told before it begins. */
export interface Rounds {
  url: string;
  slot: string;
  step: string;
  rounds: number;
}

export interface Times {
  press: number[];
  raw: number[];
}

async function timed(work: () => Promise<unknown>): Promise<number> {
  const from = performance.now();
  await work();
  return performance.now() - from;
}

const desk = createSocket('udp4');
desk.bind(0, '127.0.0.1');
await once(desk, 'listening');
const { port } = desk.address();
parentPort?.postMessage({ port });

async function measured({ url, slot, step, rounds }: Rounds): Promise<Times> {
  const page = new WebSocket(`${url.replace('http', 'ws')}/api/live`);
  await once(page, 'message');
  const raw = createSocket('udp4');
  raw.connect(port, '127.0.0.1');
  await once(raw, 'connect');
  let answered = (): void => undefined;
  page.on('message', (data: Buffer) => {
    if (data.toString().includes('"stored"')) answered();
  });
  const stored = (): Promise<void> => new Promise((done) => (answered = done));
  const arrived = (): Promise<void> => new Promise((done) => desk.once('message', () => done()));
  let count = 0;
  const press = (kind: 'start' | 'done' | 'back', onMove: string | null): string => {
    const id = `p${count++}`;
    const at = kind === 'start' ? {} : { slot, step, go: 1 };
    const event = eventOf({ id, at: Date.now(), by: null }, kind, { ...at, onMove });
    const body = { run: 'run', ref: id, events: [event], sentAt: Date.now(), known: count };
    page.send(JSON.stringify(body));
    return id;
  };
  let waiting = stored();
  press('start', null);
  await waiting;
  const times: Times = { press: [], raw: [] };
  for (let i = 0; i < rounds; i++) {
    waiting = stored();
    let done = '';
    times.press.push(
      await timed(() => {
        const there = arrived();
        done = press('done', null);
        return there;
      }),
    );
    await waiting;
    times.raw.push(
      await timed(() => {
        const there = arrived();
        raw.send('/raw');
        return there;
      }),
    );
    waiting = stored();
    press('back', done);
    await waiting;
  }
  page.terminate();
  raw.close();
  desk.close();
  return times;
}

parentPort?.once('message', (asked: Rounds) => {
  void measured(asked).then((times) => parentPort?.postMessage({ times }));
});
