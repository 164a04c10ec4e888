/**
 * From a press to its being told to 50 devices that were let in, at the 99th percentile, over a durable insert into
 * a bare table and a round trip on the loopback, measured beside it.
 */
import { once } from 'node:events';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { WebSocket } from 'ws';
import type { LiveMessage } from '../contract/api';
import type { EventsAnswer } from '../contract/stage';
import { eventOf } from '../core/stage/event';
import { Visitor } from '../server/testing/hall';
import { FESTIVAL, grown, json, quantile, round, timed } from './growing';

const PAGES = 50;
const ROUNDS = 200;

export async function pressVsInsert(): Promise<object> {
  const { url, file, shared, close } = await grown();
  const { origin, code } = await shared();
  await json(`${url}/api/shows/${FESTIVAL}/runs`, { id: 'run', kind: 'rehearsal' });
  const bare = new Database(join(file, '..', 'bare.sqlite'));
  bare.pragma('journal_mode = WAL');
  bare.pragma('synchronous = FULL');
  bare.exec('CREATE TABLE bare (id INTEGER PRIMARY KEY, text TEXT)');
  const insert = bare.prepare('INSERT INTO bare (text) VALUES (?)');

  const shown = new Map<string, { left: number; done: () => void }>();
  const pages = await Promise.all(
    Array.from({ length: PAGES }, async () => {
      const device = new Visitor(origin);
      await device.join(code);
      const page = new WebSocket(`${origin.replace('http', 'ws')}/api/live`, {
        headers: { cookie: device.cookie },
      });
      page.on('message', (data: Buffer) => {
        const message = JSON.parse(data.toString()) as LiveMessage;
        for (const { event } of 'changes' in message ? message.changes : []) {
          const waiting = event && shown.get(event.id);
          if (waiting && --waiting.left === 0) waiting.done();
        }
      });
      await once(page, 'message');
      return page;
    }),
  );
  let known = 0;
  const press = async (i: number): Promise<void> => {
    const event = eventOf({ id: `p${i}`, at: Date.now(), by: null }, 'note', { text: 'x' });
    const everywhere = new Promise<void>((done) => shown.set(event.id, { left: PAGES, done }));
    const body = { events: [event], sentAt: Date.now(), known };
    const answer = json<EventsAnswer>(`${url}/api/runs/run/events`, body);
    await everywhere;
    known = (await answer).seq;
  };
  const raw = async (): Promise<void> => {
    insert.run('x');
    await json(`${url}/api/health`);
  };
  const times = { press: [] as number[], raw: [] as number[] };
  for (let i = 0; i < ROUNDS; i++) {
    times.press.push(await timed(() => press(i)));
    times.raw.push(await timed(raw));
  }
  for (const page of pages) page.terminate();
  bare.close();
  await close();
  const [p, r] = [quantile(times.press, 0.99), quantile(times.raw, 0.99)];
  return { ratio: round(p / r), press: round(p), raw: round(r) };
}
