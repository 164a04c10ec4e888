/** A document on the page against a server that is played here: saving, undo, conflicts, breaks, drafts. */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { FIRST, playedDevice, PlayedServer, PlayedTransport, type Thing } from './playedServer';
import { DocumentStore } from './store';

let server: PlayedServer;
let device: ReturnType<typeof playedDevice>;
let line: PlayedTransport;
let store: DocumentStore<Thing>;
const now = () => store.state.getState();
const settled = async (): Promise<void> => {
  await jest.advanceTimersByTimeAsync(8000);
};

function open(tab = 'tab'): DocumentStore<Thing> {
  line = new PlayedTransport(server);
  return new DocumentStore<Thing>('/things', 'a', {
    transport: line,
    device,
    page: `page-${Math.random()}`,
    tab,
  });
}
async function loaded(tab = 'tab'): Promise<DocumentStore<Thing>> {
  const opened = open(tab);
  void opened.load();
  await jest.advanceTimersByTimeAsync(100);
  return opened;
}
const set = (change: Partial<Thing>): void => store.change((thing) => ({ ...thing, ...change }));
const resize = (id: string, size: number): void =>
  store.change((thing) => ({
    ...thing,
    parts: thing.parts.map((part) => (part.id === id ? { ...part, size } : part)),
  }));

beforeEach(async () => {
  jest.useFakeTimers();
  server = new PlayedServer();
  device = playedDevice();
  store = await loaded();
});
afterEach(() => {
  jest.useRealTimers();
});

describe('saving', () => {
  test('an answer with its properties in another order is the same thing, and sent once', async () => {
    resize('p1', 3);
    await settled();
    expect(now().save.is).toBe('saved');
    expect(server.writes).toBe(1);
    await Promise.all([store.load(), settled()]);
    expect(now().history.past).toHaveLength(1);
  });

  test('what is typed shows at once and is stored soon, several strokes in one', async () => {
    set({ title: 'S' });
    set({ title: 'Second' });
    expect(now().value?.title).toBe('Second');
    expect(now().save.is).toBe('waiting');
    await settled();
    expect(now().save.is).toBe('saved');
    expect(server.stored).toMatchObject({ title: 'Second', version: 2 });
    expect(server.writes).toBe(1);
  });

  test.each([
    ['down', null],
    ['trouble', 'The disk is full.'],
    ['answersLost', null],
  ] as const)('with the line %s it is kept, and stored when it is up', async (state, message) => {
    line.line = state;
    set({ title: 'Kept' });
    await jest.advanceTimersByTimeAsync(450);
    expect(now().save).toEqual({ is: 'offline', message });
    line.line = 'up';
    await settled();
    expect(now().save.is).toBe('saved');
    expect(server.stored.title).toBe('Kept');
    expect(now().conflict).toBeNull();
  });

  test('when reading what others stored fails, it is tried again', async () => {
    server.elsewhere({ audience: 99 });
    line.readsFail = true;
    set({ title: 'Mine' });
    await jest.advanceTimersByTimeAsync(600);
    expect(now().save).toEqual({ is: 'offline', message: 'not now' });
    line.readsFail = false;
    await settled();
    expect(now().save.is).toBe('saved');
    expect(server.stored).toMatchObject({ title: 'Mine', audience: 99 });
  });

  test('what the server refuses stays on the page, and goes with the next change that mends it', async () => {
    set({ audience: -1 });
    await settled();
    expect(now().save).toMatchObject({ is: 'refused', faults: [{ path: 'audience' }] });
    expect(now().value?.audience).toBe(-1);
    expect(store.stuck).toBe(true);
    server.elsewhere({ title: 'Theirs' });
    void store.load();
    await settled();
    expect(now().value).toMatchObject({ title: 'Theirs', audience: -1 });
    set({ audience: 5 });
    await settled();
    expect(now().save.is).toBe('saved');
    expect(server.stored).toMatchObject({ title: 'Theirs', audience: 5 });
  });

  test('what was stored elsewhere while this page was sending is not missed', async () => {
    set({ title: 'Mine' });
    await jest.advanceTimersByTimeAsync(375);
    // Stored here; its answer is still on its way when the other’s change is told.
    server.elsewhere({ audience: 99 });
    void store.load();
    await settled();
    expect(now().value).toMatchObject({ title: 'Mine', audience: 99 });
  });
});

describe('undo and redo', () => {
  test('go back and forth, and are stored too', async () => {
    set({ title: 'Second' });
    set({ audience: 20 });
    store.undo();
    expect(now().value).toMatchObject({ title: 'Second', audience: 10 });
    store.undo();
    expect(now().value?.title).toBe('First');
    store.redo();
    await settled();
    expect(server.stored).toMatchObject({ title: 'Second', audience: 10 });
    for (let i = 0; i < 3; i++) store.undo();
    expect(now().value?.title).toBe('First');
  });

  test('leave alone another entry of the same list that somebody else has changed since', async () => {
    resize('p1', 7);
    await settled();
    server.elsewhere({
      parts: [
        { id: 'p1', name: 'leg', size: 7 },
        { id: 'p2', name: 'arm', size: 99 },
      ],
    });
    void store.load();
    await settled();
    store.undo();
    await settled();
    expect(server.stored.parts).toEqual([
      { id: 'p1', name: 'leg', size: 1 },
      { id: 'p2', name: 'arm', size: 99 },
    ]);
    expect(now().notUndone).toEqual([]);
  });

  test('say so when what was changed here is no longer as it was left', async () => {
    resize('p1', 7);
    await settled();
    server.elsewhere({ parts: [{ id: 'p1', name: 'leg', size: 50 }] });
    void store.load();
    await settled();
    store.undo();
    await settled();
    expect(now().notUndone).toEqual([['parts', 'p1', 'size']]);
    expect(server.stored.parts).toEqual([{ id: 'p1', name: 'leg', size: 50 }]);
  });

  test('a removed entry comes back where it was, between what others have added', async () => {
    store.change((thing) => ({ ...thing, parts: thing.parts.filter((p) => p.id !== 'p1') }));
    await settled();
    server.elsewhere({ parts: [...server.stored.parts, { id: 'p3', name: 'ear', size: 3 }] });
    void store.load();
    await settled();
    store.undo();
    await settled();
    expect(server.stored.parts.map((part) => part.id)).toEqual(['p1', 'p2', 'p3']);
  });
});

describe('somebody else', () => {
  test('changed another part: both are kept, and it is said', async () => {
    server.elsewhere({ audience: 99 });
    set({ title: 'Mine' });
    await settled();
    expect(server.stored).toMatchObject({ title: 'Mine', audience: 99 });
    expect(now().takenIn).toEqual([['audience']]);
  });

  test('changed another entry of the same list: nobody is asked, both are kept', async () => {
    server.elsewhere({ parts: FIRST.parts.map((p) => (p.id === 'p2' ? { ...p, size: 99 } : p)) });
    resize('p1', 7);
    await settled();
    expect(now().conflict).toBeNull();
    expect(server.stored.parts.map((part) => part.size)).toEqual([7, 99]);
  });

  test.each([
    ['mine', 'Mine', 'Theirs'],
    ['theirs', 'Theirs', 'Mine'],
  ] as const)(
    'changed the same field: %s is chosen, and undo gives the other',
    async (choice, first, other) => {
      server.elsewhere({ title: 'Theirs' });
      set({ title: 'Mine' });
      await settled();
      expect(now().conflict?.paths).toEqual([['title']]);
      expect(server.stored.title).toBe('Theirs');
      store.settle(choice);
      await settled();
      expect(server.stored.title).toBe(first);
      store.undo();
      await settled();
      expect(server.stored.title).toBe(other);
    },
  );

  test('removed it: told, nothing lost, and it can be brought back', async () => {
    server.removed = true;
    set({ title: 'Mine' });
    await settled();
    expect(now().save.is).toBe('removed');
    void store.bringBack();
    await settled();
    expect(server.stored.title).toBe('Mine');
    expect(now().save.is).toBe('saved');
  });

  test('changed it while nothing is typed here: the page follows', async () => {
    server.elsewhere({ title: 'Theirs' });
    void store.load();
    await settled();
    expect(now().value?.title).toBe('Theirs');
    expect(now().history.past).toEqual([]);
  });
});

describe('drafts on the device', () => {
  test('are gone once everything is stored', async () => {
    set({ title: 'Mine' });
    expect(device.size()).toBe(1);
    await settled();
    expect(device.size()).toBe(0);
  });

  test('typed without a connection, and the page left: offered again, and taken up', async () => {
    line.line = 'down';
    set({ title: 'Mine' });
    await settled();
    server.elsewhere({ audience: 99 });
    store = await loaded();
    expect(now().value?.title).toBe('First');
    expect(now().leftBehind?.value.title).toBe('Mine');
    store.takeUpDraft();
    await settled();
    expect(server.stored).toMatchObject({ title: 'Mine', audience: 99 });
    expect(now().leftBehind).toBeNull();
    store.undo();
    await settled();
    expect(server.stored.title).toBe('First');
  });

  test('where somebody else changed the same, taking it up asks', async () => {
    line.line = 'down';
    set({ title: 'Mine' });
    await settled();
    server.elsewhere({ title: 'Theirs' });
    store = await loaded();
    store.takeUpDraft();
    expect(now().conflict?.paths).toEqual([['title']]);
  });

  test('discarded, it is offered no more', async () => {
    line.line = 'down';
    set({ title: 'Mine' });
    await settled();
    store = await loaded();
    store.letDraftGo();
    expect(now().leftBehind).toBeNull();
    store = await loaded();
    expect(now().leftBehind).toBeNull();
  });

  test('opened again with the server still down, it is gone on with', async () => {
    line.line = 'down';
    set({ title: 'Mine' });
    await settled();
    store = open();
    line.line = 'down';
    void store.load();
    await settled();
    expect(now().value?.title).toBe('Mine');
    expect(now().save.is).toBe('offline');
    line.line = 'up';
    await settled();
    expect(server.stored.title).toBe('Mine');
  });

  test('of another tab that is still open are left alone; of a closed one they are offered', async () => {
    line.line = 'down';
    set({ title: 'Mine' });
    const first = store;
    const other = await loaded('another');
    expect(other.state.getState().leftBehind).toBeNull();
    first.flush();
    jest.clearAllTimers();
    jest.setSystemTime(Date.now() + 60_000);
    store = await loaded('third');
    expect(now().leftBehind?.value.title).toBe('Mine');
  });

  test('fields that can’t be saved yet are kept with it', async () => {
    store.type(FIRST, { ...FIRST, audience: 'many' as unknown as number }, [['audience']]);
    await settled();
    expect(server.writes).toBe(0);
    expect(store.stuck).toBe(true);
    set({ title: 'Other' });
    await settled();
    expect(server.stored).toMatchObject({ title: 'Other', audience: 10 });
    // The fields show what is changed beside them.
    expect(now().typed).toMatchObject({ audience: 'many', title: 'Other' });
    store = await loaded();
    store.takeUpDraft();
    expect(now().typed?.audience).toBe('many');
  });

  test('one that can’t be read is let go', async () => {
    device.setItem('hearty-stage-draft:/things/a broken', '{');
    store = await loaded();
    expect(now().leftBehind).toBeNull();
    expect(device.size()).toBe(0);
  });
});
