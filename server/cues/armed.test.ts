/** What is got ready for the next press goes off as it would have without. */
import { expect, test } from '@jest/globals';
import type { FiredCue } from '../../contract/api';
import type { Output } from '../../contract/cues';
import { randomFrom } from '../../core/chance/random';
import { blankCue, CUE_MOMENTS } from '../../core/repertoire/cues';
import { eventOf } from '../../core/stage/event';
import { fold } from '../../core/stage/fold';
import { Stage, START, threeSlots, withCues } from '../../core/testing/stage';
import type { EventKind, RunEvent } from '../../core/stage/types';
import { CueEngine } from './cueEngine';
import type { Senders } from './senders';

/** Each step has a light at each moment. */
const plan = withCues(threeSlots.plan, ({ task }) =>
  CUE_MOMENTS.map((at) => ({
    ...blankCue(`${task} ${at}`, at, 'light'),
    at,
    seconds: 900,
    output: 'desk',
    send: `/${at}`,
  })),
);

const listed = (address: string): Output[] => [{ id: 'desk', name: 'Desk', kind: 'osc', address }];

/** An engine with a desk that notes where each signal went. */
function engineOf(events: () => readonly RunEvent[]) {
  const sent: string[] = [];
  const told: FiredCue[] = [];
  const house = { outputs: listed('one:1'), now: START };
  const senders = {
    warm: () => undefined,
    prepare: (output: Output | undefined, signal: { send: string }) => () => {
      sent.push(`${output?.address} ${signal.send}`);
      return null;
    },
  } as unknown as Senders;
  const engine = new CueEngine({
    now: () => house.now,
    outputs: () => house.outputs,
    eventsOf: events,
    senders,
    tell: (fired) => told.push(fired),
  });
  return { engine, house, sent, told };
}

const ready = (): Promise<void> => new Promise((done) => setImmediate(done));

const RUN = { id: 'r', plan };

/** Presses one after the other; `prepares` says whether there is time before each to get ready for it. */
async function pressedThrough(presses: readonly RunEvent[], prepares: boolean) {
  const at = engineOf(() => []);
  at.engine.again(RUN);
  for (const event of presses) {
    if (prepares) await ready();
    at.house.now = event.at;
    at.engine.early(RUN.id, null, [event]);
    at.engine.take(RUN, [event]);
  }
  at.engine.close();
  return at;
}

const KINDS: readonly EventKind[] = [
  ...Array<EventKind>(8).fill('done'),
  'sign',
  'sign',
  'back',
  'back',
  'again',
  'failed',
  'skip',
  'hold',
  'resume',
  'goTo',
];

test('200 ways through a show: the same goes off, in the same order, once, with and without time to get ready', async () => {
  for (let seed = 0; seed < 200; seed++) {
    const { next: random } = randomFrom(seed);
    const stage = new Stage(plan).at(0, 'start');
    for (let i = 0, seconds = 0; i < 30; i++) {
      seconds += random() < 0.2 ? 0 : Math.round(random() * 400);
      const kind = KINDS[Math.floor(random() * KINDS.length)] ?? 'done';
      const { lastMove, slot } = stage.live();
      // A press for a step that has been left, now and then.
      const late = random() < 0.1 ? { step: 'gone' } : {};
      const to = plan.slots[Math.floor(random() * plan.slots.length)]?.id ?? null;
      stage.at(seconds, kind, { onMove: lastMove, ...late, slot: kind === 'goTo' ? to : slot });
    }
    const [with_, without] = await Promise.all([
      pressedThrough(stage.events, true),
      pressedThrough(stage.events, false),
    ]);
    expect([seed, with_.sent]).toEqual([seed, without.sent]);
    expect(with_.told.map(({ cue, at }) => [cue, at])).toEqual(
      without.told.map(({ cue, at }) => [cue, at]),
    );
    expect(with_.sent.length).toBeGreaterThan(0);
  }
});

test('it goes where it is to go now, not where it was to go when it was got ready', async () => {
  const { engine, house, sent } = engineOf(() => []);
  engine.again(RUN);
  await ready();
  house.outputs = listed('two:2');
  engine.early(RUN.id, null, [eventOf({ id: 's', at: START, by: null }, 'start')]);
  expect(sent).toEqual(['two:2 /start']);
  engine.close();
});

test('of a press that was not stored, what it set off is ready once more', async () => {
  const stage = new Stage(plan).at(0, 'start');
  const { engine, house, sent } = engineOf(() => stage.events);
  engine.again(RUN);
  await ready();
  house.now = START + 60_000;
  const lost = new Stage(plan);
  lost.events = [...stage.events];
  lost.at(60, 'done');
  engine.early(RUN.id, null, lost.events.slice(-1));
  engine.again(RUN);
  expect(fold(plan, stage.events).step).toBe(0);
  await ready();
  stage.at(61, 'done');
  const again = { ...stage.events.at(-1)!, id: 'once more' };
  stage.events.pop();
  engine.early(RUN.id, null, [again]);
  expect(sent).toEqual(['one:1 /done', 'one:1 /start', 'one:1 /done', 'one:1 /start']);
  engine.close();
});
