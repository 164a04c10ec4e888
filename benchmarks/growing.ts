/** A server over a data file that has grown: runs by the thousand, a store of ten thousand items. */
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { eventOf } from '../core/stage/event';
import type { RunEvent, RunPlan } from '../core/stage/types';
import { bundlePrograms } from '../scripts/build.mjs';
import type { AppContext } from '../server/context';
import { House } from '../server/house/house';
import { RoomSensor } from '../server/ready/sensor';
import { loadSeason } from '../server/season';
import { Share } from '../server/share/share';

export const TODAY = '2027-05-30';
export const FESTIVAL = 'harbour-light-festival';

export interface Grown {
  context: AppContext;
  url: string;
  file: string;
  /** Lets devices in: where, and by which code. */
  shared: () => Promise<{ origin: string; code: string }>;
  close: () => Promise<void>;
}

/** Stands for the machine’s address on a hall’s network. */
const HALL_ADDRESS = '127.0.0.5';

/** The demo season, behind a real server with its own thread for what takes long. */
export async function grown(fill: (context: AppContext) => void = () => undefined): Promise<Grown> {
  const folder = mkdtempSync(join(tmpdir(), 'hearty-bench-'));
  const file = join(folder, 'data.sqlite');
  const programs = join(process.cwd(), 'test-results', 'bench');
  await bundlePrograms(programs, ['server/heavy/heavyWorker.ts']);
  const share = new Share({ file: ':memory:', addresses: () => [HALL_ADDRESS], names: () => [] });
  const house = new House({
    file,
    pages: null,
    demo: true,
    sensor: new RoomSensor('http://127.0.0.1:1/'),
    share,
    worker: join(programs, 'heavyWorker.js'),
    fill: (context) => {
      loadSeason(context, TODAY, 'Etc/UTC');
      fill(context);
    },
  });
  const server: Server = createServer(house.answerOwn);
  house.attach(server);
  // What fills the file takes longer than a connection is kept otherwise.
  server.keepAliveTimeout = 600_000;
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  return {
    context: house.context,
    file,
    url: `http://127.0.0.1:${port}`,
    shared: async () => {
      await share.standBehind({ answer: house.answer, upgrade: house.upgrade }, port, port);
      await share.turn(true);
      return { origin: `http://${HALL_ADDRESS}:${port}`, code: share.answer().code };
    },
    close: async () => {
      await share.close();
      server.closeAllConnections();
      server.close();
      await house.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Presses through a plan again and again, until there are as many events as wanted. */
export function pressed(runId: string, plan: RunPlan, count: number): RunEvent[] {
  const events: RunEvent[] = [];
  const at = Date.parse(`${TODAY}T12:00:00Z`);
  const press = (kind: RunEvent['kind'], more: Partial<RunEvent> = {}): void => {
    const id = `${runId}-${events.length}`;
    events.push(eventOf({ id, at: at + events.length * 1000, by: null }, kind, more));
  };
  press('start');
  while (events.length < count - 1)
    for (const slot of plan.slots)
      for (const step of slot.steps)
        if (events.length < count - 1) press('done', { slot: slot.id, step: step.task, go: 1 });
  press('finish');
  return events;
}

/** Runs that are over, of a show of the season. */
export function addRuns({ runs }: AppContext, plan: RunPlan, count: number, events: number): void {
  for (let i = 0; i < count; i++) {
    const id = `grown-${count}-${i}`;
    runs.create({ id, showId: FESTIVAL, kind: 'rehearsal', createdAt: i, plan });
    runs.append(
      id,
      pressed(id, plan, events).map((event) => ({ event, deviceAt: null, receivedAt: null })),
    );
  }
}

export const median = (all: readonly number[]): number =>
  [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? Number.NaN;

export const quantile = (all: readonly number[], share: number): number =>
  [...all].sort((a, b) => a - b)[Math.min(all.length - 1, Math.floor(all.length * share))] ??
  Number.NaN;

export async function timed(work: () => Promise<unknown>): Promise<number> {
  const from = performance.now();
  await work();
  return performance.now() - from;
}

export async function json<T>(url: string, body?: unknown): Promise<T> {
  const answer = await fetch(url, {
    ...(body === undefined
      ? {}
      : {
          method: 'POST',
          body: JSON.stringify(body),
          headers: { 'Content-Type': 'application/json' },
        }),
  });
  if (!answer.ok) throw new Error(`${url}: ${answer.status} ${await answer.text()}`);
  return (await answer.json()) as T;
}

export const round = (n: number): number => Math.round(n * 100) / 100;
