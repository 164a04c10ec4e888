/** Cues of a run, at a desk that is there, is quiet, or is gone. The desk here is a bare UDP socket. */
import { createSocket, type Socket } from 'node:dgram';
import { once } from 'node:events';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { decode, encode, Message } from 'node-osc';
import type { FiredCue, LiveMessage, OutputTold, Versioned } from '../../contract/api';
import type { Settings } from '../../contract/inventory';
import type { EventsAnswer, StoredRun } from '../../contract/stage';
import { blankCue, type StepCue } from '../../core/repertoire/cues';
import type { Demo } from '../../core/repertoire/types';
import { eventOf } from '../../core/stage/event';
import type { EventKind, RunEvent } from '../../core/stage/types';
import { Hall } from '../testing/hall';
import { kindOfBytes } from './mediaStore';
import { oscBytes } from './senders';

const FESTIVAL = 'harbour-light-festival';

let hall: Hall;
let desk: Socket;
let answers = true;
const got: string[] = [];

beforeEach(async () => {
  hall = await Hall.open();
  answers = true;
  got.length = 0;
  desk = createSocket('udp4');
  desk.on('message', (bytes, from) => {
    const { address, args } = decode(bytes) as { address: string; args: { value: unknown }[] };
    got.push([address, ...args.map(({ value }) => String(value))].join(' '));
    desk.emit('got');
    if (answers) desk.send(encode(new Message('/got')), from.port, from.address);
  });
  desk.bind(0, '127.0.0.1');
  await once(desk, 'listening');
});
afterEach(async () => {
  desk.close();
  await hall.close();
});

async function changed<T extends object>(path: string, change: (value: T) => T): Promise<void> {
  const { body } = await hall.laptop.call<Versioned<T>>('GET', path);
  const answer = await hall.laptop.call('PUT', path, change(body));
  expect([path, answer.status, answer.body]).toMatchObject([path, 200, {}]);
}

const light = (id: string, change: Partial<StepCue> = {}): StepCue => ({
  ...blankCue(id, id, 'light'),
  output: 'desk',
  send: `/lights/${id}`,
  args: '0.5 blue',
  ...change,
});

/** The desk is listed, and the first two steps of the first demo have these cues; a run of it is begun. */
async function begun(first: StepCue[], second: StepCue[] = []): Promise<void> {
  const address = `127.0.0.1:${desk.address().port}`;
  await changed<Settings>('/settings/own', (settings) => ({
    ...settings,
    outputs: [{ id: 'desk', name: 'Desk', kind: 'osc', address }],
    stageSignals: {
      ...settings.stageSignals,
      blackout: { output: 'desk', send: '/blackout', args: '' },
    },
  }));
  const bundle = hall.server.context.bundles.of(FESTIVAL);
  const { demoId, methodId } = bundle.show.slots[0] ?? {};
  await changed<Demo>(`/demos/${demoId}`, (demo) => ({
    ...demo,
    methods: demo.methods.map((method) => {
      const [one, two] = method.tasks.filter(({ phase }) => phase === 'perform');
      return method.id === methodId
        ? {
            ...method,
            tasks: method.tasks.map((task) => ({
              ...task,
              cues: task === one ? first : task === two ? second : [],
            })),
          }
        : method;
    }),
  }));
  await hall.laptop.call('POST', `/shows/${FESTIVAL}/runs`, { id: 'r', kind: 'rehearsal' });
}

let count = 0;
async function press(
  kind: EventKind,
  visitor = hall.laptop,
  more: Partial<RunEvent> = {},
): Promise<RunEvent> {
  const run = (await visitor.call<StoredRun>('GET', '/runs/r')).body;
  const { fold } = await import('../../core/stage/fold');
  const live = fold(run.plan, run.events);
  const slot = run.plan.slots.find(({ id }) => id === live.slot);
  const event = eventOf({ id: `c${count++}`, at: Date.now(), by: null }, kind, {
    slot: live.slot,
    step: slot?.steps[live.step]?.task ?? null,
    go: live.go,
    onMove: live.lastMove,
    ...more,
  });
  const sent = { events: [event], sentAt: Date.now(), known: 0 };
  await visitor.call<EventsAnswer>('POST', '/runs/r/events', sent);
  return event;
}

async function until(is: () => boolean): Promise<void> {
  while (!is()) await new Promise(setImmediate);
}

test('at its start and at Done; sent once, whatever is delivered twice', async () => {
  await begun([light('one'), light('end', { at: 'done', args: '' })], [light('two')]);
  await press('start');
  await until(() => got.length === 1);
  const done = await press('done');
  await until(() => got.length === 3);
  expect(got).toEqual(['/lights/one 0.5 blue', '/lights/end', '/lights/two 0.5 blue']);
  const sent = { events: [done], sentAt: Date.now(), known: 0 };
  await hall.laptop.call('POST', '/runs/r/events', sent);
  // Back, and done once more: the step that one goes back to is not lit anew, the next one is.
  await press('back');
  await press('done');
  await until(() => got.length >= 5);
  expect(got.slice(3)).toEqual(['/lights/end', '/lights/two 0.5 blue']);
});

test('so many seconds in, unless the step is left before; at the sign', async () => {
  await begun([light('soon', { at: 'after', seconds: 1 }), light('seen', { at: 'sign' })]);
  await press('start');
  await press('sign');
  await until(() => got.length === 2);
  expect(got).toEqual(['/lights/seen 0.5 blue', '/lights/soon 0.5 blue']);
});

test('fired by hand in a run as the run has it, whatever was written since; what is none is not found', async () => {
  await begun([light('one', { at: 'sign' })], [light('two')]);
  await press('start');
  const run = (await hall.laptop.call<StoredRun>('GET', '/runs/r')).body;
  const [slot] = run.plan.slots;
  const fired = { slot: slot?.id, task: slot?.steps[0]?.task, cue: 'one' };
  await changed<Demo>(`/demos/${slot?.demoId}`, (demo) => ({
    ...demo,
    methods: demo.methods.map((method) => ({
      ...method,
      tasks: method.tasks.map((task) => ({ ...task, cues: [] })),
    })),
  }));
  const fire = (about: object) => hall.laptop.call('POST', '/runs/r/cues/fire', about);
  expect((await fire(fired)).status).toBe(204);
  await until(() => got.length === 1);
  expect(got).toEqual(['/lights/one 0.5 blue']);
  expect((await fire({ ...fired, cue: 'two' })).status).toBe(404);
  expect((await fire({})).status).toBe(422);
  expect((await hall.laptop.call('POST', '/runs/none/cues/fire', fired)).status).toBe(404);
  expect((await hall.laptop.call('POST', `/shows/${FESTIVAL}/cues/fire`, fired)).status).toBe(404);
  const helper = await hall.device('crew', 'jo');
  expect((await helper.call('POST', '/runs/r/cues/fire', fired)).status).toBe(403);
  // By hand or not, it still goes off at its sign.
  await press('sign');
  await until(() => got.length === 2);
});

test('what another presses than who drives sets nothing off; handed over, it does', async () => {
  await begun([], [light('two')]);
  const mara = await hall.device('presenter', 'mara');
  await press('start');
  await press('done', mara);
  await hall.laptop.call('POST', '/runs/r/drive', { device: mara.device });
  expect(got).toEqual([]);
  await press('done', mara);
  await until(() => got.length === 1);
  expect(got).toEqual(['/lights/two 0.5 blue']);
});

test('a desk that went quiet is told of, and nothing waits for it; gone, it is as well', async () => {
  await begun([light('one')], [light('two')]);
  const { told, socket } = await hall.laptop.listen();
  const state = (): OutputTold['state'] | undefined => {
    const last = told.findLast((message) => 'outputs' in message);
    return last && 'outputs' in last ? last.outputs[0]?.state : undefined;
  };
  await press('start');
  while (state() !== 'answers') await once(socket, 'told');
  answers = false;
  await press('done');
  while (state() !== 'quiet') await once(socket, 'told');
  answers = true;
  expect((await hall.laptop.call('POST', '/signals/blackout/fire')).status).toBe(204);
  while (state() !== 'answers') await once(socket, 'told');
  expect(got.at(-1)).toBe('/blackout');
  socket.close();
});

test('messages, sounds and pictures are told to the pages; what can’t go out says why', async () => {
  await begun([
    { ...blankCue('word', 'Ready with the towel', 'message'), words: 'Towel', to: 'jo' },
    { ...blankCue('roll', 'Roll', 'sound') },
    light('nowhere', { output: null }),
    light('stray', { output: 'gone' }),
    light('odd', { send: 'no address' }),
  ]);
  const { told, socket } = await hall.laptop.listen();
  const fired = (): FiredCue[] =>
    told.flatMap((message: LiveMessage) =>
      'fired' in message && message.fired ? [message.fired] : [],
    );
  await press('start');
  while (fired().length < 5) await once(socket, 'told');
  const faults = Object.fromEntries(fired().map(({ cue, fault }) => [cue, fault]));
  expect(faults.word).toBeNull();
  expect(faults.roll).toMatch(/nothing chosen/);
  expect(faults.nowhere).toMatch(/nowhere/);
  expect(faults.stray).toMatch(/not there any more/);
  expect(faults.odd).toMatch(/slash/);
  expect(fired().find(({ cue }) => cue === 'word')).toMatchObject({ words: 'Towel', to: 'jo' });
  expect(got).toEqual([]);
  socket.close();
});

test('over HTTP to a listed address, and nowhere else', async () => {
  const asked: string[] = [];
  const device = createServer((request, response) => {
    asked.push(`${request.method} ${request.url}`);
    response.end();
    device.emit('asked');
  }).listen(0, '127.0.0.1');
  await once(device, 'listening');
  const address = `http://127.0.0.1:${(device.address() as AddressInfo).port}`;
  await changed<Settings>('/settings/own', (settings) => ({
    ...settings,
    outputs: [{ id: 'box', name: 'Box', kind: 'http', address }],
  }));
  const trying = (send: string) =>
    hall.laptop.call('POST', '/signals/try', { output: 'box', send, args: '' });
  expect((await trying('/relay/1/on')).status).toBe(204);
  while (asked.length < 1) await once(device, 'asked');
  expect(asked).toEqual(['GET /relay/1/on']);
  for (const send of ['@elsewhere.example/', '.elsewhere.example/x'])
    expect((await trying(send)).status).toBe(409);
  expect(
    (await hall.laptop.call('POST', '/signals/try', { output: 'none', send: '/', args: '' }))
      .status,
  ).toBe(409);
  device.close();
  device.closeAllConnections();
});

// OSC 1.0: an address and a type tag string, each ended by nought and filled up to four bytes, big-endian.
test('bytes of a message, by the OSC specification’s example (from memory)', () => {
  expect(oscBytes({ send: '/oscillator/4/frequency', args: '440.0' }).toString('hex')).toBe(
    `${Buffer.from('/oscillator/4/frequency\0').toString('hex')}${Buffer.from(',f\0\0').toString('hex')}43dc0000`,
  );
  expect(
    oscBytes({ send: '/foo', args: '1000 -1 hello 1.234' }).subarray(0, 16).toString('hex'),
  ).toBe(
    `${Buffer.from('/foo\0\0\0\0').toString('hex')}${Buffer.from(',iisf\0\0\0').toString('hex')}`,
  );
});

test('files are what their bytes are: sounds and pictures are kept, all else is refused', async () => {
  const wav = Buffer.concat([Buffer.from('RIFF\0\0\0\0WAVEfmt '), Buffer.alloc(64)]);
  expect(kindOfBytes(wav)).toEqual({ kind: 'sound', type: 'audio/wav' });
  for (const text of ['<svg onload="x">', '<!doctype html>', '', 'GIF', '\x7fELF'])
    expect(kindOfBytes(Buffer.from(text, 'latin1'))).toBeNull();
  const upload = (bytes: Buffer) =>
    fetch(`${hall.laptop.origin}/api/media?name=Roll`, {
      method: 'POST',
      body: new Uint8Array(bytes),
      headers: { 'content-type': 'audio/wav' },
    });
  const { id } = (await (await upload(wav)).json()) as { id: string };
  expect((await upload(Buffer.from('<svg>'))).status).toBe(422);
  const played = await fetch(`${hall.laptop.origin}/api/media/${id}`);
  expect(played.headers.get('content-type')).toBe('audio/wav');
  expect(Buffer.from(await played.arrayBuffer())).toEqual(wav);
  await hall.laptop.call('DELETE', `/media/${id}`);
  expect((await fetch(`${hall.laptop.origin}/api/media/${id}`)).status).toBe(404);
  await hall.laptop.call('POST', `/media/${id}/restore`);
  expect((await hall.laptop.call<unknown[]>('GET', '/media')).body).toHaveLength(1);
});
