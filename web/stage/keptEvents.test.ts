/** Presses on a device whose browser keeps them, keeps something else, or keeps nothing. */
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { eventOf } from '../../core/stage/event';
import { keepEvents, keptEvents } from './keptEvents';

const press = (id: string) => eventOf({ id, at: 1, by: null }, 'done');

class Kept {
  readonly values = new Map<string, string>();
  full = false;
  getItem = (key: string): string | null => this.values.get(key) ?? null;
  setItem = (key: string, value: string): void => {
    if (this.full) throw new Error('QuotaExceededError');
    this.values.set(key, value);
  };
  removeItem = (key: string): void => void this.values.delete(key);
}

let kept: Kept;
beforeEach(() => {
  kept = new Kept();
  Object.assign(globalThis, { localStorage: kept });
});
afterEach(() => {
  keepEvents('r', []);
  Reflect.deleteProperty(globalThis, 'localStorage');
});

test('in order, until they are stored', () => {
  keepEvents('r', [press('a'), press('b')]);
  expect(keptEvents('r').map(({ id }) => id)).toEqual(['a', 'b']);
  expect(keptEvents('other')).toEqual([]);
  keepEvents('r', []);
  expect(kept.values.size).toBe(0);
});

test('what is there and is none of ours is no press', () => {
  for (const text of ['{', 'null', '{"a":1}', '7']) {
    kept.values.set('hearty-stage-run-r', text);
    expect(keptEvents('r')).toEqual([]);
  }
});

test('a browser that is full loses none of them', () => {
  keepEvents('r', [press('a')]);
  kept.full = true;
  keepEvents('r', [...keptEvents('r'), press('b')]);
  expect(keptEvents('r').map(({ id }) => id)).toEqual(['a', 'b']);
  kept.full = false;
  keepEvents('r', [...keptEvents('r'), press('c')]);
  expect(keptEvents('r').map(({ id }) => id)).toEqual(['a', 'b', 'c']);
  expect(JSON.parse(kept.values.get('hearty-stage-run-r') ?? '')).toHaveLength(3);
});
