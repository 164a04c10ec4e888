/** Who drives, and what becomes of what others pressed. Devices play as they do: each folds what it knows. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { START, threeSlots } from '../testing/stage';
import { needsDriving, settle } from './driving';
import { eventOf } from './event';
import { fold } from './fold';
import { isLastPart, partOnStage } from './steps';
import { EVENT_KINDS, type EventKind, type Live, type RunEvent } from './types';

const { plan } = threeSlots;

/** The server: it numbers what it gets, in the order it gets it. */
class Hall {
  readonly stored: RunEvent[] = [];
  clock = START;

  live = (): Live => fold(plan, this.stored);
  settled = () => settle(this.stored);
  /** What the running order has come to, in a line. */
  where(): string {
    const { slot, step, slots, phase } = this.live();
    const done = Object.entries(slots).filter(([, { status }]) => status !== 'waiting');
    const on = plan.slots.find(({ id }) => id === slot);
    return [
      ...done.map(([id, { status }]) => `${id.replace('slot-', '')} ${status}`),
      on?.steps[step]?.task ?? phase,
    ].join(', ');
  }
}

let pressed = 0;

class Device {
  online = true;
  private known: RunEvent[] = [];
  private kept: RunEvent[] = [];

  constructor(
    readonly hall: Hall,
    readonly id: string,
  ) {}

  private hears(): void {
    if (!this.online) return;
    this.hall.stored.push(...this.kept);
    this.kept = [];
    this.known = [...this.hall.stored];
  }

  press(kind: EventKind, more: Partial<RunEvent> = {}): RunEvent {
    this.hears();
    this.hall.clock += 10_000;
    const live = fold(plan, [...this.known, ...this.kept]);
    const slot = plan.slots.find(({ id }) => id === live.slot);
    const event = eventOf({ id: `e${pressed++}`, at: this.hall.clock, by: this.id }, kind, {
      slot: live.slot,
      step: slot?.steps[live.step]?.task ?? null,
      go: live.go,
      onMove: live.lastMove,
      device: this.id,
      ...more,
    });
    this.kept.push(event);
    this.hears();
    return event;
  }

  onward(): void {
    const live = fold(plan, [...this.known, ...this.kept]);
    const slot = plan.slots.find(({ id }) => id === live.slot);
    if (slot && !isLastPart(slot, live)) this.press('part', { text: partOnStage(slot, live) });
    else this.press('done');
  }

  goesOff(): void {
    this.hears();
    this.online = false;
  }

  comesBack(): void {
    this.online = true;
    this.hears();
  }
}

function hallOf(): { hall: Hall; ines: Device; jo: Device } {
  const hall = new Hall();
  const ines = new Device(hall, 'laptop');
  const jo = new Device(hall, 'phone');
  ines.press('start');
  return { hall, ines, jo };
}

test('who drives wins, whatever a helper pressed while she was cut off; it is kept and told', () => {
  const { hall, ines, jo } = hallOf();
  ines.goesOff();
  const kept = [jo.press('done'), jo.press('skip')];
  ines.onward();
  ines.onward();
  ines.onward();
  expect(hall.where()).toBe('hello');
  ines.comesBack();
  expect(hall.where()).toBe('drum performed, pour');
  expect(hall.stored).toEqual(expect.arrayContaining(kept));
  const { driver, asides } = hall.settled();
  expect(driver).toBe('laptop');
  // Done was pressed by both; only what differs is told.
  expect(asides).toMatchObject([
    { device: 'phone', by: 'phone', events: [{ kind: 'skip' }], canBeTaken: true },
  ]);
});

test('it is taken instead with one press, and that is taken back with another', () => {
  const { hall, ines, jo } = hallOf();
  ines.goesOff();
  jo.press('done');
  const skip = jo.press('skip');
  for (let i = 0; i < 3; i++) ines.onward();
  ines.comesBack();
  ines.press('take', { text: skip.id });
  expect(hall.where()).toBe('drum skipped, pour');
  const [replaced] = hall.settled().asides;
  expect(replaced).toMatchObject({ device: 'laptop', canBeTaken: true });
  expect(replaced?.events.map(({ kind }) => kind)).toEqual(['done', 'done', 'done']);
  ines.press('take', { text: replaced?.id ?? '' });
  expect(hall.where()).toBe('drum performed, pour');
  // From here on she goes on as ever.
  ines.onward();
  expect(hall.where()).toBe('drum performed, foam performed, pump');
});

test('a skip that followed a press of its own is for the slot, whatever the step', () => {
  const { hall, ines, jo } = hallOf();
  const done = jo.press('done');
  jo.press('skip');
  ines.press('failed');
  ines.press('take', { text: done.id });
  expect(hall.where()).toBe('drum skipped, pour');
});

test('a helper who does not drive can’t take', () => {
  const { hall, ines, jo } = hallOf();
  const skip = jo.press('skip');
  ines.onward();
  jo.press('take', { text: skip.id });
  expect(hall.where()).toBe('bang');
  expect(hall.settled().asides).toHaveLength(1);
});

test('driving was taken meanwhile: what was pressed offline is set aside, wholly', () => {
  const { hall, ines, jo } = hallOf();
  ines.onward();
  ines.goesOff();
  ines.onward();
  ines.onward();
  jo.press('drive', { text: 'phone' });
  jo.press('skip');
  ines.comesBack();
  expect(hall.where()).toBe('drum skipped, pour');
  const { driver, stints, asides } = hall.settled();
  expect(driver).toBe('phone');
  expect(stints.map(({ device }) => device)).toEqual(['laptop', 'phone']);
  expect(asides[0]?.events.map(({ kind }) => kind)).toEqual(['done', 'done']);
  jo.press('take', { text: asides[0]?.id ?? '' });
  expect(hall.where()).toBe('drum performed, pour');
});

test('what is said beside the running order counts from whoever says it, and stays when the order is exchanged', () => {
  const { hall, ines, jo } = hallOf();
  jo.press('begin', { slot: 'slot-foam', step: 'soak', go: null });
  const skip = jo.press('skip');
  ines.onward();
  jo.press('note', { text: 'cold hall' });
  ines.press('take', { text: skip.id });
  expect(hall.where()).toBe('drum skipped, pour');
  expect(hall.live().notes.map(({ text }) => text)).toEqual(['cold hall']);
  expect(Object.keys(hall.live().jobs)).toHaveLength(1);
});

test('taken after its base was taken back, it goes back to that', () => {
  const { hall, ines, jo } = hallOf();
  ines.onward();
  const skip = jo.press('skip');
  ines.press('back');
  ines.press('goTo', { slot: 'slot-cloud' });
  const [aside] = hall.settled().asides;
  // Its base was taken back, but is still in the list: taking it goes back to there.
  expect(aside?.canBeTaken).toBe(true);
  ines.press('take', { text: skip.id });
  expect(hall.where()).toBe('drum skipped, pour');
});

test('after the end nobody drives: only who opens it again does', () => {
  const { hall, ines, jo } = hallOf();
  jo.goesOff();
  ines.press('finish');
  jo.press('done');
  jo.comesBack();
  expect(hall.settled().driver).toBeNull();
  expect(hall.live().phase).toBe('finished');
  expect(hall.settled().asides).toHaveLength(1);
  jo.press('unfinish');
  expect(hall.live().phase).toBe('running');
  expect(hall.settled().driver).toBe('phone');
});

test('before devices had names everything counts', () => {
  const events = ['start', 'done', 'skip'].map((kind, i) =>
    eventOf({ id: `o${i}`, at: START + i, by: null }, kind as EventKind, { slot: 'drum' }),
  );
  expect(settle(events)).toEqual({ events, driver: null, stints: [], asides: [] });
});

/** Any events at all, of any devices, naming each other at random. */
const anyEvents = fc.array(
  fc.record({
    kind: fc.constantFrom(...EVENT_KINDS),
    device: fc.constantFrom('a', 'b', 'c', null),
    slot: fc.constantFrom('drum', 'foam', 'cloud', null),
    step: fc.constantFrom('hello', 'bang', 'soak', null),
    at: fc.integer({ min: -5000, max: 5_000_000 }),
    names: fc.option(fc.nat(30)),
    before: fc.option(fc.nat(30)),
  }),
  { maxLength: 30 },
);

test('any events in any order settle: nothing is thrown, doubled, or lost', () => {
  fc.assert(
    fc.property(anyEvents, (drawn) => {
      const events = drawn.map(({ kind, device, slot, step, at, names, before }, i) =>
        eventOf({ id: `x${i}`, at: START + at, by: null }, kind, {
          device,
          slot,
          step,
          go: 1,
          text: kind === 'drive' ? 'b' : names === null ? null : `x${names}`,
          onMove: before === null ? null : `x${before}`,
        }),
      );
      const { events: counting, asides, driver } = settle(events);
      const ids = counting.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      const set = asides.flatMap((one) => one.events.map(({ id }) => id));
      expect(new Set([...ids, ...set]).size).toBe(ids.length + set.length);
      // What is said beside the order always counts.
      for (const event of events)
        if (!needsDriving(event) && event.kind !== 'drive' && event.kind !== 'take')
          expect(ids).toContain(event.id);
      if (driver !== null) expect(['a', 'b', 'c']).toContain(driver);
      fold(plan, events);
    }),
    { numRuns: 500, seed: 15 },
  );
});

test('an hour of five devices going off and on: what the driver pressed counts, in her order', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.nat(4), fc.constantFrom('on', 'off', 'press', 'onward')), {
        maxLength: 60,
      }),
      (script) => {
        const hall = new Hall();
        const devices = ['a', 'b', 'c', 'd', 'e'].map((id) => new Device(hall, id));
        const [driver] = devices;
        driver?.press('start');
        for (const [who, does] of script) {
          const device = devices[who];
          if (does === 'on') device?.comesBack();
          else if (does === 'off') device?.goesOff();
          else if (does === 'press') device?.press('done');
          else device?.onward();
        }
        for (const device of devices) device.comesBack();
        const own = hall.stored.filter(({ device }) => device === 'a').map(({ id }) => id);
        const counts = settle(hall.stored).events.map(({ id }) => id);
        expect(counts).toEqual(own);
      },
    ),
    { numRuns: 200, seed: 16 },
  );
});
