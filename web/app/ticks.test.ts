/** Ticks on their way to a server that answers, refuses, fails, or is not there. */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { QueryClient } from '@tanstack/react-query';
import { create } from 'zustand';
import type { Mark } from '../../core/ready/go';

const kept = new Map<string, string>();
const localStorage = {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, value: string) => void kept.set(key, value),
  removeItem: (key: string) => void kept.delete(key),
};
Object.assign(globalThis, { window: Object.assign(new EventTarget(), { localStorage }) });
const queryClient = new QueryClient();
const useLine = create<{ up: boolean }>()(() => ({ up: true }));
jest.unstable_mockModule('./data', () => ({ queryClient }));
jest.unstable_mockModule('./live', () => ({ useLine, serverNow: () => 5 }));
const { deliverTicks, keepDelivering, onTickRefused, tick, tickGo, useTicks, withGoes, withTicks } =
  await import('./ticks');

/** What was asked of the server, and what it says to the next: an answer, a status, or nothing. */
const calls: string[] = [];
let says: (call: string) => { status: number; body?: unknown } | null;
const refused: string[] = [];
onTickRefused((message) => refused.push(message));

beforeEach(() => {
  calls.length = 0;
  refused.length = 0;
  says = () => ({ status: 200, body: [] });
  Object.assign(globalThis, {
    fetch: (path: string, { method, body }: { method: string; body?: string }) => {
      const call = [method, path, body].filter(Boolean).join(' ');
      calls.push(call);
      const said = says(call);
      if (!said) return Promise.reject(new TypeError('no network'));
      return Promise.resolve(
        new Response(JSON.stringify(said.body ?? null), { status: said.status }),
      );
    },
  });
  useTicks.setState({ waiting: [] });
});
afterEach(() => {
  queryClient.clear();
});

const mark = (key: string, state: Mark['state'] = 'done'): Mark => ({
  key,
  state,
  reason: '',
  value: null,
  by: 'jo',
  at: 1,
});
const check = (key: string): void => tick('s', { list: 'marks', key, mark: mark(key) });
const waiting = (): string[] =>
  useTicks.getState().waiting.map((one) => (one.list === 'goes' ? `${one.go}` : one.key));
async function quiet(): Promise<void> {
  for (let i = 0; i < 40; i++) await new Promise(setImmediate);
}

test('in the order they were made, one after the other, each once', async () => {
  check('rod');
  check('a/b c');
  tick('s', { list: 'packing', key: 'magnet', kind: 'packed', mark: null });
  tick('s', {
    list: 'packing',
    key: 'magnet',
    kind: 'packed',
    mark: { key: 'magnet', kind: 'packed', by: 'jo', at: 2, amount: 1, of: 4 },
  });
  await quiet();
  expect(calls).toEqual([
    'PUT /api/shows/s/checks/rod {"state":"done","reason":"","value":null,"by":"jo"}',
    'PUT /api/shows/s/checks/a%2Fb%20c {"state":"done","reason":"","value":null,"by":"jo"}',
    'DELETE /api/shows/s/packing/packed/magnet',
    'PUT /api/shows/s/packing/packed/magnet {"by":"jo","amount":1,"of":4}',
  ]);
  expect(waiting()).toEqual([]);
});

test('what the server has then is shown, and nothing that was on its way before takes it back', async () => {
  queryClient.setQueryData(['/shows', 's', 'all'], { marks: [], packing: [] });
  says = () => ({ status: 200, body: [mark('rod'), mark('mine')] });
  check('rod');
  await quiet();
  expect(queryClient.getQueryData(['/shows', 's', 'all'])).toMatchObject({
    marks: [{ key: 'rod' }, { key: 'mine' }],
  });
});

test.each([
  ['the server is not there', null],
  ['it fails', { status: 503 }],
  ['this device is not let in for now', { status: 401 }],
])('kept while %s, on the disk too, and sent in order afterwards', async (_why, said) => {
  says = () => said;
  check('first');
  check('second');
  await quiet();
  expect(waiting()).toEqual(['first', 'second']);
  expect(kept.get('hearty-stage-ticks')).toMatch(/first.*second/);
  expect(refused).toEqual([]);
  calls.length = 0;
  says = () => ({ status: 200, body: [] });
  await deliverTicks();
  expect(calls.map((call) => /checks\/(\w+)/.exec(call)?.[1])).toEqual(['first', 'second']);
  expect(waiting()).toEqual([]);
});

test('one that is refused is told, dropped, and holds up none after it', async () => {
  const error = { code: 'invalid', message: 'Say first who you are.' };
  says = (call) =>
    call.includes('bad') ? { status: 422, body: { error } } : { status: 200, body: [] };
  check('bad');
  check('good');
  await quiet();
  expect(refused).toEqual(['Say first who you are.']);
  expect(waiting()).toEqual([]);
  expect(calls).toHaveLength(2);
});

test('two that deliver at once send nothing twice', async () => {
  says = () => null;
  check('rod');
  await quiet();
  calls.length = 0;
  says = () => ({ status: 200, body: [] });
  await Promise.all([deliverTicks(), deliverTicks(), deliverTicks()]);
  expect(calls).toHaveLength(1);
});

test('sent by itself once the line is up again', async () => {
  says = () => null;
  check('rod');
  await quiet();
  const stop = keepDelivering();
  await quiet();
  expect(waiting()).toEqual(['rod']);
  says = () => ({ status: 200, body: [] });
  useLine.setState({ up: false });
  useLine.setState({ up: true });
  await quiet();
  expect(waiting()).toEqual([]);
  stop();
});

test('what is shown is what is stored with what was ticked here, the last one last, of this show alone', () => {
  const stored = { marks: [mark('rod'), mark('old')], packing: [] };
  const own = (key: string, to: Mark | null, showId = 's') => ({
    id: key,
    showId,
    list: 'marks' as const,
    key,
    mark: to,
  });
  const shown = withTicks(
    stored,
    [
      own('rod', null),
      own('new', mark('new')),
      own('rod', mark('rod', 'waived')),
      own('old', null),
      own('far', mark('far'), 'other'),
    ],
    's',
  );
  expect(shown.marks.map(({ key, state }) => [key, state])).toEqual([
    ['new', 'done'],
    ['rod', 'waived'],
  ]);
  expect(withTicks(stored, [own('far', mark('far'), 'other')], 's')).toBe(stored);
});

const go = (value: number | null) => ({
  levelId: 'l1',
  state: value === null ? ('notRead' as const) : ('read' as const),
  value,
  reason: '',
  by: null,
  conditions: [],
});

test('a reading of a trial is seen at once, sent when it can be, and kept as the server has it', async () => {
  const stored = { ...go(44), go: 2, first: 40, at: 9, source: null };
  queryClient.setQueryData(['/trials', 't', 'all'], { trial: { id: 't' }, goes: [stored] });
  says = () => null;
  tickGo('t', 2, go(45));
  tickGo('t', 3, go(null));
  await quiet();
  const { waiting: kept } = useTicks.getState();
  expect(withGoes([stored], kept, 't')).toMatchObject([
    // What was read first stays what it was.
    { go: 2, value: 45, first: 40 },
    { go: 3, value: null, state: 'notRead' },
  ]);
  expect(withGoes([stored], kept, 'another')).toEqual([stored]);
  says = (call) => ({
    status: 200,
    body: { ...go(45), go: Number(/goes\/(\d+)/.exec(call)?.[1]), first: 40, at: 10 },
  });
  await deliverTicks();
  expect(waiting()).toEqual([]);
  expect(calls.at(-1)).toMatch(/^PUT .*\/trials\/t\/goes\/3 /);
  expect(queryClient.getQueryData(['/trials', 't', 'all'])).toMatchObject({
    goes: [
      { go: 2, value: 45 },
      { go: 3, at: 10 },
    ],
  });
});

test('a reading that is taken back is deleted; one the server won’t have is told, and holds up none after it', async () => {
  says = (call) =>
    call.startsWith('DELETE')
      ? { status: 200, body: null }
      : { status: 422, body: { error: { code: 'invalid', message: 'No such level.' } } };
  tickGo('t', 1, go(4));
  tickGo('t', 2, null);
  await quiet();
  expect(refused).toEqual(['No such level.']);
  expect(waiting()).toEqual([]);
  expect(calls.at(-1)).toMatch(/^DELETE .*\/trials\/t\/goes\/2/);
});
