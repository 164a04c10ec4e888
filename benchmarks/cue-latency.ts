/**
 * From a press to its cue at the desk, over a raw UDP send to the same desk, and over a relay that does nothing but
 * pass a page's message on to it: at the 99th percentile and in the median. The press goes the way a page's does,
 * over the socket that it holds; page, server and desk have a thread each.
 */
import { createSocket } from 'node:dgram';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { MessageChannel, Worker } from 'node:worker_threads';
import { WebSocketServer } from 'ws';
import type { StoredRun } from '../contract/stage';
import { blankCue } from '../core/repertoire/cues';
import { bundlePrograms } from '../scripts/build.mjs';
import type { Rounds, Times } from './cuePage';
import { FESTIVAL, grown, json, quantile, round } from './growing';

const ROUNDS = 1200;
/** At first everything is compiled; that is left out. */
const WARM = 200;

export async function cueLatency(): Promise<object> {
  const programs = join(process.cwd(), 'test-results', 'bench');
  await bundlePrograms(programs, ['benchmarks/cueDesk.ts', 'benchmarks/cuePage.ts']);
  const [desk, page] = ['cueDesk.js', 'cuePage.js'].map(
    (name) => new Worker(join(programs, name), { execArgv: [] }),
  ) as [Worker, Worker];
  const [{ port }] = (await once(desk, 'message')) as [{ port: number }];
  const { url, context, close } = await grown();
  const { version: at, ...settings } = context.settings.get('own');
  context.settings.change(
    {
      ...settings,
      outputs: [{ id: 'desk', name: 'Desk', kind: 'osc', address: `127.0.0.1:${port}` }],
    },
    at,
  );
  // Every step of the first demo sets one off when it is done.
  const { demoId } = context.shows.get(FESTIVAL).slots[0] ?? {};
  const { version, ...demo } = context.demos.get(demoId ?? '');
  const cue = { ...blankCue('c', 'c', 'light'), at: 'done' as const, output: 'desk', send: '/go' };
  context.demos.change(
    {
      ...demo,
      methods: demo.methods.map((method) => ({
        ...method,
        tasks: method.tasks.map((task) => ({
          ...task,
          cues: task.phase === 'perform' ? [cue] : [],
        })),
      })),
    },
    version,
  );
  await json(`${url}/api/shows/${FESTIVAL}/runs`, { id: 'run', kind: 'rehearsal' });
  const { plan } = await json<StoredRun>(`${url}/api/runs/run`);
  const [slot] = plan.slots;
  const bare = createSocket('udp4');
  bare.connect(port, '127.0.0.1');
  await once(bare, 'connect');
  const relay = new WebSocketServer({ host: '127.0.0.1', port: 0 });
  relay.on('connection', (from) => from.on('message', () => bare.send('/raw')));
  await once(relay, 'listening');
  const { port1, port2 } = new MessageChannel();
  const asked: Rounds = {
    url,
    relay: `ws://127.0.0.1:${(relay.address() as AddressInfo).port}`,
    slot: slot?.id ?? '',
    step: slot?.steps[0]?.task ?? '',
    rounds: ROUNDS,
    port,
    desk: port2,
  };
  desk.postMessage({ page: port1 }, [port1]);
  page.postMessage(asked, [port2]);
  const [{ times }] = (await once(page, 'message')) as [{ times: Times }];
  await page.terminate();
  await desk.terminate();
  relay.close();
  bare.close();
  await close();
  const of = (all: number[], share: number): number => quantile(all.slice(WARM), share);
  const over = (raw: number[], share: number): number =>
    round(of(times.press, share) / of(raw, share));
  return {
    ratio: over(times.raw, 0.99),
    median: over(times.raw, 0.5),
    overRelay: over(times.relay, 0.99),
    medianOverRelay: over(times.relay, 0.5),
    press: round(of(times.press, 0.99)),
    relay: round(of(times.relay, 0.99)),
    raw: round(of(times.raw, 0.99)),
  };
}
