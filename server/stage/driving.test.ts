/** Driving, between devices that really ask: handed over, asked for, taken when its device has gone. */
import { once } from 'node:events';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import type { EventsAnswer, StoredRun } from '../../contract/stage';
import { eventOf } from '../../core/stage/event';
import { settle } from '../../core/stage/driving';
import { fold } from '../../core/stage/fold';
import type { EventKind, RunEvent } from '../../core/stage/types';
import { Hall, type Visitor } from '../testing/hall';

const FESTIVAL = 'harbour-light-festival';

let hall: Hall;
let count = 0;
beforeEach(async () => {
  hall = await Hall.open();
  await hall.laptop.call('POST', `/shows/${FESTIVAL}/runs`, { id: 'r', kind: 'rehearsal' });
});
afterEach(() => hall.close());

async function runOf(visitor = hall.laptop): Promise<StoredRun> {
  return (await visitor.call<StoredRun>('GET', '/runs/r')).body;
}

/** What the screen of a device would send for what it sees. */
async function seen(
  visitor: Visitor,
  kind: EventKind,
  more: Partial<RunEvent> = {},
): Promise<RunEvent> {
  const run = await runOf(visitor);
  const live = fold(run.plan, run.events);
  const slot = run.plan.slots.find(({ id }) => id === live.slot);
  return eventOf({ id: `p${count++}`, at: Date.now(), by: null }, kind, {
    slot: live.slot,
    step: slot?.steps[live.step]?.task ?? null,
    go: live.go,
    onMove: live.lastMove,
    device: visitor.device,
    ...more,
  });
}

const deliver = (visitor: Visitor, events: RunEvent[]) =>
  visitor.call<EventsAnswer>('POST', '/runs/r/events', { events, sentAt: Date.now(), known: 0 });

async function press(
  visitor: Visitor,
  kind: EventKind,
  more: Partial<RunEvent> = {},
): Promise<EventsAnswer> {
  return (await deliver(visitor, [await seen(visitor, kind, more)])).body;
}

const drive = (visitor: Visitor, device: string) =>
  visitor.call<EventsAnswer>('POST', '/runs/r/drive', { device });

async function standing(): Promise<{ driver: string | null; slot: string | null; asides: number }> {
  const run = await runOf();
  const { driver, asides } = settle(run.events);
  return { driver, slot: fold(run.plan, run.events).slot, asides: asides.length };
}

test('whose device a press came from is the server’s word, not the device’s', async () => {
  const mara = await hall.device('presenter', 'mara');
  await press(hall.laptop, 'start');
  const forged = await seen(mara, 'skip', { device: hall.laptop.device, by: 'ines' });
  const { body } = await deliver(mara, [forged]);
  expect(body.events.at(-1)).toMatchObject({ device: mara.device, by: 'mara' });
  expect((await standing()).asides).toBe(1);
});

test('the presenter cut off presses Done three times, another Done and Skip: the one who drives wins', async () => {
  const mara = await hall.device('presenter', 'mara');
  await press(hall.laptop, 'start');
  const run = await runOf();
  const first = run.plan.slots[0];
  // Pressed on the laptop while it hears nothing: a move after the other.
  const kept: RunEvent[] = [];
  for (let i = 0; i < 3; i++) {
    const live = fold(run.plan, [...run.events, ...kept]);
    const slot = run.plan.slots.find(({ id }) => id === live.slot);
    kept.push(
      eventOf({ id: `k${i}`, at: Date.now() + i, by: 'ines' }, 'done', {
        slot: live.slot,
        step: slot?.steps[live.step]?.task ?? null,
        go: live.go,
        onMove: live.lastMove,
        device: hall.laptop.device,
      }),
    );
  }
  const expected = fold(run.plan, [...run.events, ...kept]);
  await press(mara, 'done');
  await press(mara, 'skip');
  expect((await standing()).slot).toBe(first?.id);
  await deliver(hall.laptop, kept);
  const after = await runOf();
  const live = fold(after.plan, after.events);
  expect([live.slot, live.step]).toEqual([expected.slot, expected.step]);
  expect(live.slots[first?.id ?? '']?.status).not.toBe('skipped');
  const { asides, driver } = settle(after.events);
  expect(driver).toBe(hall.laptop.device);
  expect(asides).toMatchObject([{ device: mara.device, by: 'mara', canBeTaken: true }]);
  expect(asides[0]?.events.at(-1)?.kind).toBe('skip');
  // One press, and it is as Mara had it.
  await press(hall.laptop, 'take', { text: asides[0]?.id ?? '' });
  const taken = await runOf();
  expect(fold(taken.plan, taken.events).slots[first?.id ?? '']?.status).toBe('skipped');
  // Nothing was lost on the way.
  expect(after.events).toHaveLength(1 + 3 + 2);
});

test('it is handed over by who drives, and by nobody else while that device is here', async () => {
  const mara = await hall.device('presenter', 'mara');
  await press(hall.laptop, 'start');
  const page = await hall.laptop.listen();
  expect((await drive(mara, mara.device)).status).toBe(409);
  expect((await mara.call('POST', '/runs/r/ask')).status).toBe(204);
  const asks = (): boolean =>
    page.told.some(
      (one) => 'present' in one && one.asking.some(({ device }) => device === mara.device),
    );
  while (!asks()) await once(page.socket, 'told');
  expect((await drive(hall.laptop, mara.device)).status).toBe(200);
  expect(await standing()).toMatchObject({ driver: mara.device });
  const given = (): boolean => {
    const last = page.told.findLast((one) => 'present' in one);
    return last !== undefined && 'present' in last && last.asking.length === 0;
  };
  while (!given()) await once(page.socket, 'told');
  // The laptop presses no more for the order.
  const slot = (await standing()).slot;
  await press(hall.laptop, 'skip');
  expect(await standing()).toMatchObject({ slot, asides: 1 });
  expect((await drive(hall.laptop, hall.laptop.device)).status).toBe(409);
  page.socket.close();
});

test('it is taken when its device has been gone for the time that was set, and not before', async () => {
  const mara = await hall.device('presenter', 'mara');
  await hall.set({ goneAfter: 30 });
  await press(hall.laptop, 'start');
  const page = await hall.laptop.listen();
  const { presence } = hall.server.share;
  expect(presence.goneFor(hall.laptop.device)).toBe(0);
  page.socket.close();
  while (presence.of(hall.laptop.device).connected) await new Promise(setImmediate);
  expect((await drive(mara, mara.device)).status).toBe(409);
  hall.turn(31_000);
  expect((await drive(mara, mara.device)).status).toBe(200);
  expect(await standing()).toMatchObject({ driver: mara.device });
  // Thrown out, it is gone at once.
  await hall.laptop.call('DELETE', `/devices/${mara.device}`);
  expect((await drive(hall.laptop, hall.laptop.device)).status).toBe(200);
});

test('a helper says what of their work is; the order is not theirs, unless they drive', async () => {
  const jo = await hall.device('crew', 'jo');
  await press(hall.laptop, 'start');
  const { plan } = await runOf();
  const job = plan.jobs[0];
  const said = await press(jo, 'begin', { slot: job?.slot ?? '', step: job?.task ?? '', go: null });
  expect(said.refused).toEqual([]);
  expect(said.events.at(-1)).toMatchObject({ kind: 'begin', by: 'jo' });
  for (const kind of ['done', 'skip', 'hold', 'take', 'judge', 'moveFinish', 'drive'] as const) {
    const answer = await press(jo, kind, { text: 'x', value: 1, outcome: 'worked' });
    expect([kind, answer.refused.length]).toEqual([kind, 1]);
  }
  expect((await drive(jo, jo.device)).status).toBe(409);
  expect((await jo.call('POST', '/runs/r/ask')).status).toBe(403);
  expect((await drive(hall.laptop, jo.device)).status).toBe(200);
  const { slot } = await standing();
  const moved = await press(jo, 'skip');
  expect(moved.refused).toEqual([]);
  expect((await standing()).slot).not.toBe(slot);
  // What was pressed while it was theirs is kept, though it comes in late.
  const late = await seen(jo, 'skip');
  expect((await drive(jo, hall.laptop.device)).status).toBe(200);
  expect((await deliver(jo, [late])).body.refused).toEqual([]);
  expect(await standing()).toMatchObject({ asides: 1 });
});

test('driving is given to nobody who only looks on, and to no device that there is not', async () => {
  const screen = await hall.device('screen');
  await press(hall.laptop, 'start');
  expect((await drive(hall.laptop, screen.device)).status).toBe(409);
  expect((await drive(hall.laptop, 'none')).status).toBe(404);
  expect((await screen.call('POST', '/runs/r/drive', { device: screen.device })).status).toBe(403);
});
