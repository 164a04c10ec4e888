/** A server with one document, played in the tests: it can be cut off, be in trouble, and lose answers. */
import { ApiError } from '../app/api';
import type { Versioned } from '../../contract/api';
import type { Device } from './drafts';
import type { Answer, Transport } from './transport';

export interface Part {
  id: string;
  name: string;
  size: number;
}

export interface Thing {
  id: string;
  title: string;
  audience: number;
  words: string[];
  parts: Part[];
}

export const FIRST: Thing = {
  id: 'a',
  title: 'First',
  audience: 10,
  words: [],
  parts: [
    { id: 'p1', name: 'leg', size: 1 },
    { id: 'p2', name: 'arm', size: 2 },
  ],
};

const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** As from a table: the columns come in the table's order, not in the sender's. */
const fromTable = (thing: Versioned<Thing>): Versioned<Thing> => ({
  ...thing,
  parts: thing.parts.map(({ size, name, id }) => ({ size, name, id })),
});

export class PlayedServer {
  stored: Versioned<Thing> = { ...copy(FIRST), version: 1 };
  removed = false;
  writes = 0;

  read(): Answer<Thing> {
    return this.removed
      ? { ok: false, failure: { why: 'removed' } }
      : { ok: true, stored: copy(fromTable(this.stored)) };
  }

  write(value: Thing, version: number): Answer<Thing> {
    this.writes++;
    if (this.removed) return { ok: false, failure: { why: 'removed' } };
    if (version !== this.stored.version) return { ok: false, failure: { why: 'outdated' } };
    if (value.audience < 0) {
      const fields = [{ path: 'audience', message: 'must be 0 or more' }];
      const error = new ApiError(422, 'invalid', 'One entry needs another look.', fields);
      return { ok: false, failure: { why: 'refused', error } };
    }
    this.stored = { ...copy(value), version: version + 1 };
    return { ok: true, stored: copy(fromTable(this.stored)) };
  }

  restore(): Answer<Thing> {
    if (this.removed) this.stored = { ...this.stored, version: this.stored.version + 1 };
    this.removed = false;
    return this.read();
  }

  /** It is stored from outside of the test's pages. */
  elsewhere(change: Partial<Thing>): void {
    this.stored = { ...this.stored, ...copy(change), version: this.stored.version + 1 };
  }
}

export type Line = 'up' | 'down' | 'trouble' | 'answersLost';

/** The way from one page to the server. Every answer takes a moment. */
export class PlayedTransport implements Transport<Thing> {
  line: Line = 'up';
  /** Reads fail while this is set, whatever the line is. */
  readsFail = false;

  constructor(
    private readonly server: PlayedServer,
    private readonly delay = 20,
  ) {}

  private async over(ask: () => Answer<Thing>): Promise<Answer<Thing>> {
    const wait = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, this.delay));
    await wait();
    if (this.line === 'down') return { ok: false, failure: { why: 'unreached' } };
    if (this.line === 'trouble')
      return { ok: false, failure: { why: 'trouble', message: 'The disk is full.' } };
    const answer = ask();
    await wait();
    return this.line === 'answersLost' ? { ok: false, failure: { why: 'unreached' } } : answer;
  }

  read(): Promise<Answer<Thing>> {
    if (this.readsFail)
      return this.over(() => ({ ok: false, failure: { why: 'trouble', message: 'not now' } }));
    return this.over(() => this.server.read());
  }

  write(value: Thing, version: number): Promise<Answer<Thing>> {
    return this.over(() => this.server.write(copy(value), version));
  }

  restore(): Promise<Answer<Thing>> {
    return this.over(() => this.server.restore());
  }
}

/** The device's store, in memory. */
export function playedDevice(): Device & { size: () => number } {
  const kept = new Map<string, string>();
  return {
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
    keys: () => [...kept.keys()],
    size: () => kept.size,
  };
}
