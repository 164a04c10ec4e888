/** The room sensor stand-in as a process, and the server that reads it. */
import { afterEach, expect, test } from '@jest/globals';
import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { RoomSensor } from './sensor';

const ROOT = join(import.meta.dirname, '..', '..');
let child: ChildProcess | null = null;
let fake: Server | null = null;
afterEach(() => {
  child?.kill('SIGKILL');
  fake?.close();
  child = null;
  fake = null;
});

/** A clock that a test moves on by itself. */
const clock = (): { now: () => number; pass: () => void } => {
  let at = 0;
  return { now: () => at, pass: () => (at += 10_000) };
};

function standIn(): Promise<string> {
  const started = spawn(process.execPath, ['test-results/programs/room-sensor.js'], {
    cwd: ROOT,
    env: { ...process.env, NODE_OPTIONS: '', PORT: '0', SEED: '7' },
  });
  child = started;
  return new Promise((resolve, reject) => {
    started.stdout.on('data', (chunk) => {
      const found = /http:\S+/.exec(String(chunk));
      if (found) resolve(found[0]);
    });
    started.on('exit', () => reject(new Error('The sensor did not start')));
  });
}

async function answering(body: string, status = 200): Promise<string> {
  const server = createServer((_request, response) => {
    response.writeHead(status).end(body);
  });
  fake = server;
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}/`;
}

test('read while it speaks, told when it has gone quiet, its last words kept', async () => {
  const { now, pass } = clock();
  const sensor = new RoomSensor(await standIn(), now);
  const live = await sensor.answer();
  expect(live.state).toBe('live');
  expect(live.reading?.temperature).toBeGreaterThan(10);
  expect(live.reading?.humidity).toBeGreaterThan(20);
  expect(live.reading?.sound).toBeGreaterThan(20);
  const gone = child && once(child, 'exit');
  child?.kill('SIGTERM');
  await gone;
  pass();
  const quiet = await sensor.answer();
  expect(quiet).toMatchObject({ state: 'quiet', reading: live.reading, seenAt: live.seenAt });
});

test('with no sensor nothing is missed', async () => {
  const sensor = new RoomSensor('http://127.0.0.1:1/senml');
  expect(await sensor.answer()).toMatchObject({ state: 'never', reading: null, seenAt: null });
});

test.each([
  ['{"not": "senml"}', 200],
  ['<html>', 200],
  ['[]', 500],
])('what answers “%s” with %d is no sensor', async (body, status) => {
  const sensor = new RoomSensor(await answering(body, status));
  expect((await sensor.answer()).state).toBe('never');
});

test('several who look at once ask it only once', async () => {
  let asked = 0;
  const server = createServer((_request, response) => {
    asked += 1;
    response.end('[{"n":"temperature","u":"Cel","v":20}]');
  });
  fake = server;
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { now } = clock();
  const sensor = new RoomSensor(`http://127.0.0.1:${(server.address() as AddressInfo).port}/`, now);
  await sensor.answer();
  await sensor.answer();
  expect(asked).toBe(1);
});
