/** Who is here, by their open pages. */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { Presence } from './presence';

let now = 0;
let presence: Presence;
const told = jest.fn();
beforeEach(() => {
  jest.useFakeTimers();
  now = 1000;
  told.mockClear();
  presence = new Presence(() => now);
  presence.onChange(told);
});
afterEach(() => {
  presence.close();
  jest.useRealTimers();
});

test('here as long as one of its pages is open, gone from when the last one closed', () => {
  presence.enter('jo');
  presence.enter('jo');
  expect(presence.of('jo').connected).toBe(true);
  presence.leave('jo');
  now = 5000;
  expect(presence.goneFor('jo')).toBe(0);
  presence.leave('jo');
  now = 9000;
  expect(presence.of('jo')).toMatchObject({ connected: false, heardAt: 5000 });
  expect(presence.goneFor('jo')).toBe(4000);
  // A page that closes twice is not missed by one that opens.
  presence.leave('jo');
  presence.enter('jo');
  expect(presence.here()).toEqual(['jo']);
});

test('one that was never here has been gone since the server began', () => {
  now = 61_000;
  expect(presence.goneFor('nobody')).toBe(60_000);
  expect(presence.of('nobody')).toEqual({ connected: false, heardAt: null, trip: null });
});

test('how long its last answer took is known, of those that were here', () => {
  presence.enter('jo');
  now = 3000;
  presence.heard('jo', 12);
  presence.heard('nobody', 5);
  expect(presence.of('jo')).toMatchObject({ heardAt: 3000, trip: 12 });
  expect(presence.of('nobody').trip).toBeNull();
});

test('many that come at once are told of once, and one that was forgotten as well', () => {
  for (const id of ['a', 'b', 'c']) presence.enter(id);
  expect(told).not.toHaveBeenCalled();
  jest.advanceTimersByTime(1000);
  expect(told).toHaveBeenCalledTimes(1);
  presence.forget('a');
  presence.forget('a');
  jest.advanceTimersByTime(1000);
  expect(told).toHaveBeenCalledTimes(2);
  expect(presence.here()).toEqual(['b', 'c']);
  presence.enter('d');
  presence.close();
  jest.advanceTimersByTime(1000);
  expect(told).toHaveBeenCalledTimes(2);
});
