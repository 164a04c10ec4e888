/** The line to the server, over a socket that does what the test says. */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import type { Change, FiredCue, LiveMessage } from '../../contract/api';

const asked = jest.fn(() => Promise.resolve());
jest.unstable_mockModule('./me', () => ({ wasAsked: Promise.resolve(), askWhoIAm: asked }));

class Line extends EventTarget {
  static readonly OPEN = 1;
  static all: Line[] = [];
  readyState = 0;
  sent: string[] = [];
  onopen = (): void => undefined;
  onclose = (): void => undefined;
  onmessage: (message: { data: string }) => void = () => undefined;

  constructor(readonly url: string) {
    super();
    Line.all.push(this);
  }

  send(text: string): void {
    this.sent.push(text);
  }

  close(): void {
    this.readyState = 3;
  }

  opens(): void {
    this.readyState = Line.OPEN;
    this.onopen();
  }

  hears(message: LiveMessage): void {
    this.onmessage({ data: JSON.stringify(message) });
  }

  breaks(): void {
    this.readyState = 3;
    this.onclose();
  }

  /** Presses that went over it, as they were sent. */
  get presses(): { run: string; ref: string; events: unknown[] }[] {
    return this.sent
      .filter((text) => text.startsWith('{'))
      .map((text) => JSON.parse(text) as { run: string; ref: string; events: unknown[] });
  }
}

const page = Object.assign(new EventTarget(), {
  location: { protocol: 'http:', host: 'stage.test:4480' },
});
Object.assign(globalThis, {
  window: page,
  WebSocket: Line,
  fetch: () =>
    Promise.resolve(new Response('{}', { status: 200, headers: { 'Hearty-Change': 'e1:7' } })),
});
const { LiveLine, clockOffset, deliverOver, holdLine, useFired, useLine } = await import('./live');
const { ApiError, send } = await import('./api');
// Where this page begins: with the number of the first answer.
await send('GET', '/health');

const changes: Change[][] = [];
const resets = jest.fn();
let line: InstanceType<typeof LiveLine>;
const last = (): Line => Line.all.at(-1)!;
const settle = async (): Promise<void> => {
  for (let i = 0; i < 10; i++) await Promise.resolve();
};
const hello = (n = 7, more: Partial<{ epoch: string; reset: boolean }> = {}): LiveMessage => ({
  hello: n,
  epoch: 'e1',
  reset: false,
  ...more,
});
const change = (n: number): Change => ({ n, kind: 'show', id: 'x' });

beforeEach(async () => {
  jest.useFakeTimers();
  Line.all = [];
  changes.length = 0;
  resets.mockClear();
  asked.mockClear();
  useLine.setState({ up: true });
  useFired.setState({ fired: [] });
  line = new LiveLine({ onChanges: (told) => changes.push([...told]), onReset: resets });
  holdLine(line);
  await settle();
});
afterEach(() => {
  line.close();
  holdLine(null);
  jest.useRealTimers();
});

test('it listens from what the page has read on, and after a break from what it was told last', () => {
  expect(last().url).toBe('ws://stage.test:4480/api/live?since=7&epoch=e1');
  last().opens();
  last().hears(hello());
  last().hears({ changes: [change(8), change(9)] });
  expect(changes).toEqual([[change(8), change(9)]]);
  last().breaks();
  jest.advanceTimersByTime(250);
  expect(last().url).toBe('ws://stage.test:4480/api/live?since=9&epoch=e1');
});

test('a break is told, and tried anew soon at first, then less often; back, it is told as well', () => {
  last().opens();
  last().hears(hello());
  last().breaks();
  expect(useLine.getState().up).toBe(false);
  const waits: number[] = [];
  for (let i = 0; i < 6; i++) {
    const before = Line.all.length;
    let waited = 0;
    while (Line.all.length === before) {
      jest.advanceTimersByTime(50);
      waited += 50;
    }
    waits.push(waited);
    last().breaks();
  }
  expect(waits).toEqual([250, 500, 1000, 2000, 4000, 4000]);
  // That it is refused is told to requests only.
  expect(asked).toHaveBeenCalledTimes(1);
  jest.advanceTimersByTime(4000);
  last().opens();
  // Open, and not heard of yet.
  expect(deliverOver('r', { events: [], sentAt: 1, known: 0 })).toBeNull();
  last().hears(hello());
  expect(useLine.getState().up).toBe(true);
  expect(asked).toHaveBeenCalledTimes(2);
});

test('the network gone is a break at once; there again, it is not waited for', () => {
  last().opens();
  last().hears(hello());
  page.dispatchEvent(new Event('offline'));
  expect(useLine.getState().up).toBe(false);
  const before = Line.all.length;
  page.dispatchEvent(new Event('online'));
  expect(Line.all).toHaveLength(before + 1);
});

test('a line on which no answer comes in time is dead, whatever the socket says', () => {
  last().opens();
  last().hears(hello());
  last().hears({ sent: Date.now(), at: Date.now() });
  jest.advanceTimersByTime(10_000);
  expect(useLine.getState().up).toBe(true);
  jest.advanceTimersByTime(5000);
  expect(useLine.getState().up).toBe(false);
});

test('so much was missed that all is read anew, and listened on from there', () => {
  last().opens();
  last().hears(hello(40, { epoch: 'e2', reset: true }));
  expect(resets).toHaveBeenCalledTimes(1);
  last().breaks();
  jest.advanceTimersByTime(250);
  expect(last().url).toMatch(/since=40&epoch=e2$/);
});

test('presses go over it only while it is heard, and have their answer by name', async () => {
  const body = { events: [{ id: 'a' }], sentAt: 1, known: 0 };
  expect(deliverOver('r', body)).toBeNull();
  last().opens();
  last().hears(hello());
  const first = deliverOver('r', body);
  const second = deliverOver('r', body);
  const [one, two] = last().presses;
  expect(one).toMatchObject({ run: 'r', events: [{ id: 'a' }] });
  const stored = { events: [], seq: 3, refused: [] };
  last().hears({ ref: two?.ref ?? '', stored: { ...stored, seq: 4 } });
  last().hears({ ref: one?.ref ?? '', stored });
  last().hears({ ref: 'nobody’s', stored });
  expect(await first).toEqual(stored);
  expect(await second).toMatchObject({ seq: 4 });
});

test('what the server says no to is refused; what has no answer, or a broken line, is as offline', async () => {
  const body = { events: [], sentAt: 1, known: 0 };
  last().opens();
  last().hears(hello());
  const refused = deliverOver('r', body);
  const error = { status: 403, code: 'role', message: 'Only a presenter.' };
  last().hears({ ref: last().presses[0]?.ref ?? '', error });
  await expect(refused).rejects.toMatchObject({ status: 403, code: 'role', fields: [] });
  const late = deliverOver('r', body);
  jest.advanceTimersByTime(4000);
  await expect(late).rejects.toEqual(expect.any(ApiError));
  await expect(late).rejects.toMatchObject({ status: 0 });
  const cut = deliverOver('r', body);
  last().breaks();
  await expect(cut).rejects.toMatchObject({ status: 0 });
  expect(deliverOver('r', body)).toBeNull();
});

test('cues of one moment are all there, in order, no more than are of use; stopped, none', () => {
  last().opens();
  const cue = (i: number): FiredCue => ({
    runId: 'r',
    slot: null,
    task: null,
    cue: `${i}`,
    name: '',
    kind: 'light',
    media: null,
    to: null,
    words: '',
    fault: null,
    at: i,
  });
  for (let i = 0; i < 60; i++) last().hears({ fired: cue(i) });
  expect(useFired.getState().fired.map(({ at }) => at)).toEqual(
    Array.from({ length: 50 }, (_, i) => i + 10),
  );
  last().hears({ fired: null });
  expect(useFired.getState().fired).toEqual([]);
});

test('the server’s clock is read by the answer that came back soonest', () => {
  last().opens();
  last().hears(hello());
  const told = (trip: number, ahead: number): void => {
    const sent = Date.now();
    jest.advanceTimersByTime(trip);
    last().hears({ sent, at: sent + trip / 2 + ahead });
  };
  // A clock that was put right since is not believed for ever: the last six count.
  for (const [trip, ahead] of [
    [10, 9000],
    [900, 4000],
    [700, 5100],
    [20, 5000],
    [400, 5300],
    [300, 5200],
    [800, 4100],
  ] as const)
    told(trip, ahead);
  expect(clockOffset()).toBe(5000);
});

test('closed, it comes back no more', () => {
  last().opens();
  line.close();
  const before = Line.all.length;
  last().breaks();
  page.dispatchEvent(new Event('online'));
  jest.advanceTimersByTime(60_000);
  expect(Line.all).toHaveLength(before);
});
