/** A document on the page against a server that is played here: saving, undo, clashes, breaks. */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import type { Versioned } from '../../contract/api';
import { DocumentStore } from './store';

interface Thing {
  id: string;
  title: string;
  audience: number;
  parts: { name: string; size: number }[];
}

/** One stored thing, and whether it can be reached. */
class PlayedServer {
  stored: Versioned<Thing> = { id: 'a', title: 'First', audience: 10, parts: [], version: 1 };
  offline = false;
  removed = false;
  puts = 0;

  readonly fetch = (url: string | URL | Request, init?: RequestInit): Promise<Response> => {
    if (this.offline) return Promise.reject(new TypeError('no connection'));
    const answer = (status: number, body: unknown): Promise<Response> => {
      const text = JSON.stringify(body);
      const response = new Response(text, { status });
      // Parsed here: objects of Node's own realm are never equal to this one's.
      response.json = () => Promise.resolve(JSON.parse(text));
      return Promise.resolve(response);
    };
    const refuse = (status: number, code: string): Promise<Response> =>
      answer(status, { error: { code, message: code, fields: [] } });
    if ((url as string).endsWith('/restore')) this.removed = false;
    else if (this.removed) return refuse(410, 'removed');
    else if (init?.method === 'PUT') {
      this.puts++;
      const sent = JSON.parse(init.body as string) as Versioned<Thing>;
      if (sent.version !== this.stored.version) return refuse(409, 'changed_elsewhere');
      if (sent.audience < 0) return refuse(422, 'invalid');
      // As from a table: the columns come in the table's order, not in the sender's.
      const parts = sent.parts.map(({ name, size }) => ({ size, name }));
      this.stored = { ...sent, parts, version: sent.version + 1 };
    }
    return answer(200, this.stored);
  };

  elsewhere(change: Partial<Thing>): void {
    this.stored = { ...this.stored, ...change, version: this.stored.version + 1 };
  }
}

let server: PlayedServer;
let store: DocumentStore<Thing>;
const realFetch = globalThis.fetch;
const now = () => store.state.getState();
const settled = async (): Promise<void> => {
  await jest.advanceTimersByTimeAsync(5000);
};

beforeEach(async () => {
  jest.useFakeTimers();
  server = new PlayedServer();
  globalThis.fetch = server.fetch;
  store = new DocumentStore<Thing>('/things', 'a');
  await store.load();
});
afterEach(() => {
  jest.useRealTimers();
  globalThis.fetch = realFetch;
});

describe('saving', () => {
  test('an answer with its properties in another order is the same thing, and sent once', async () => {
    store.change((thing) => ({ ...thing, parts: [{ name: 'leg', size: 2 }] }));
    await settled();
    expect(now().save.is).toBe('saved');
    expect(server.puts).toBe(1);
    await store.load();
    expect(now().past).toHaveLength(1);
  });

  test('what can’t be kept yet is remembered and not sent', async () => {
    store.setDraft({ audience: 'many' as unknown as number });
    await settled();
    expect(server.puts).toBe(0);
    expect(now().draft).toEqual({ audience: 'many' });
    store.change((thing) => ({ ...thing, title: 'Other' }));
    await settled();
    expect(server.stored).toMatchObject({ title: 'Other', audience: 10 });
    expect(now().draft).toEqual({ audience: 'many' });
    store.setDraft({});
    expect(now().draft).toEqual({});
  });

  test('what is typed shows at once and is stored soon, several strokes in one', async () => {
    store.change((thing) => ({ ...thing, title: 'S' }));
    store.change((thing) => ({ ...thing, title: 'Second' }));
    expect(now().value?.title).toBe('Second');
    expect(now().save.is).toBe('saving');
    await settled();
    expect(now().save.is).toBe('saved');
    expect(server.stored).toMatchObject({ title: 'Second', version: 2 });
    expect(server.puts).toBe(1);
  });

  test('without a connection it is kept, and stored when there is one', async () => {
    server.offline = true;
    store.change((thing) => ({ ...thing, title: 'Kept' }));
    await jest.advanceTimersByTimeAsync(400);
    expect(now().save.is).toBe('offline');
    server.offline = false;
    await settled();
    expect(now().save.is).toBe('saved');
    expect(server.stored.title).toBe('Kept');
  });

  test('what the server refuses stays on the page', async () => {
    store.change((thing) => ({ ...thing, audience: -1 }));
    await settled();
    expect(now().save.is).toBe('refused');
    expect(now().value?.audience).toBe(-1);
    expect(server.stored.audience).toBe(10);
    store.change((thing) => ({ ...thing, audience: 5 }));
    await settled();
    expect(now().save.is).toBe('saved');
  });
});

describe('undo and redo', () => {
  test('go back and forth, and are stored too', async () => {
    store.change((thing) => ({ ...thing, title: 'Second' }));
    store.change((thing) => ({ ...thing, audience: 20 }));
    store.undo();
    expect(now().value).toMatchObject({ title: 'Second', audience: 10 });
    store.undo();
    expect(now().value?.title).toBe('First');
    store.redo();
    await settled();
    expect(server.stored).toMatchObject({ title: 'Second', audience: 10 });
    store.undo();
    store.undo();
    store.undo();
    expect(now().value?.title).toBe('First');
  });

  test('leave alone what somebody else has changed since', async () => {
    store.change((thing) => ({ ...thing, title: 'Second' }));
    await settled();
    server.elsewhere({ audience: 99 });
    await store.load();
    store.undo();
    await settled();
    expect(server.stored).toMatchObject({ title: 'First', audience: 99 });
  });
});

describe('somebody else', () => {
  test('changed another part: both are kept, and it is said', async () => {
    server.elsewhere({ audience: 99 });
    store.change((thing) => ({ ...thing, title: 'Mine' }));
    await settled();
    expect(server.stored).toMatchObject({ title: 'Mine', audience: 99 });
    expect(now().takenIn).toEqual(['audience']);
  });

  test.each([
    ['mine', 'Mine', 'Theirs'],
    ['theirs', 'Theirs', 'Mine'],
  ] as const)(
    'changed the same part: %s is chosen, and undo gives the other',
    async (choice, first, other) => {
      server.elsewhere({ title: 'Theirs' });
      store.change((thing) => ({ ...thing, title: 'Mine' }));
      await settled();
      expect(now().clash?.keys).toEqual(['title']);
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
    store.change((thing) => ({ ...thing, title: 'Mine' }));
    await settled();
    expect(now().save.is).toBe('removed');
    await store.bringBack();
    await settled();
    expect(server.stored.title).toBe('Mine');
  });

  test('changed it while nothing is typed here: the page follows', async () => {
    server.elsewhere({ title: 'Theirs' });
    await store.load();
    expect(now().value?.title).toBe('Theirs');
    expect(now().past).toEqual([]);
  });
});
