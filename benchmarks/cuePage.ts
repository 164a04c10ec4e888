/** A page that presses, in a thread of its own: the server and the desk have none of its time. */
import { createSocket } from 'node:dgram';
import { once } from 'node:events';
import { setTimeout as pause } from 'node:timers/promises';
import { parentPort, type MessagePort } from 'node:worker_threads';
import { WebSocket } from 'ws';
import { eventOf } from '../core/stage/event';
import { clock } from './clock';

/** What the page is told before it begins. */
export interface Rounds {
  url: string;
  /** A bare server in the same thread: what it hears goes to the desk as it is. */
  relay: string;
  slot: string;
  step: string;
  rounds: number;
  /** Where the desk listens, and tells of what it got. */
  port: number;
  desk: MessagePort;
}

/** Between presses, in ms: nobody presses in the moment of an answer. */
const HAND = 5;

/** From sent to there, in ms. */
export interface Times {
  press: number[];
  raw: number[];
  /** Over a socket to a server that does nothing but pass it on. */
  relay: number[];
}

async function measured({ url, relay, slot, step, rounds, port, desk }: Rounds): Promise<Times> {
  const page = new WebSocket(`${url.replace('http', 'ws')}/api/live`);
  await once(page, 'message');
  const bare = new WebSocket(relay);
  await once(bare, 'open');
  const raw = createSocket('udp4');
  raw.connect(port, '127.0.0.1');
  await once(raw, 'connect');
  let answered = (): void => undefined;
  page.on('message', (data: Buffer) => {
    if (data.toString().includes('"stored"')) answered();
  });
  const stored = (): Promise<void> => new Promise((done) => (answered = done));
  let count = 0;
  const press = (kind: 'start' | 'done' | 'back', onMove: string | null, to = page): string => {
    const id = `p${count++}`;
    const at = kind === 'start' ? {} : { slot, step, go: 1 };
    const event = eventOf({ id, at: Date.now(), by: null }, kind, { ...at, onMove });
    const body = { run: 'run', ref: id, events: [event], sentAt: Date.now(), known: count };
    to.send(JSON.stringify(body));
    return id;
  };
  const arrival = async (): Promise<number> => ((await once(desk, 'message')) as [number])[0];
  /** From a send to its being at the desk. */
  const trip = async <T>(send: () => T): Promise<[number, T]> => {
    const there = arrival();
    const from = clock();
    const sent = send();
    return [(await there) - from, sent];
  };
  const taken = async <T>(work: () => Promise<T>): Promise<T> => {
    const answer = stored();
    const value = await work();
    await answer;
    await pause(HAND);
    return value;
  };
  const toDesk = (): void => raw.send('/raw');
  await taken(() => Promise.resolve(press('start', null)));
  const times: Times = { press: [], raw: [], relay: [] };
  for (let i = 0; i < rounds; i++) {
    const [pressed, done] = await taken(() => trip(() => press('done', null)));
    times.press.push(pressed);
    times.raw.push((await trip(toDesk))[0]);
    await pause(HAND);
    times.relay.push((await trip(() => press('done', null, bare)))[0]);
    await taken(() => Promise.resolve(press('back', done)));
  }
  page.terminate();
  bare.terminate();
  raw.close();
  desk.close();
  return times;
}

parentPort?.once('message', (asked: Rounds) => {
  void measured(asked).then((times) => parentPort?.postMessage({ times }));
});
