/** What is asked of the show caller, and when: by a worker that answers when it is told to. */
import { expect, jest, test } from '@jest/globals';
import type { AdviceTold, Telling } from '../../core/stage/replan/tell';
import { eventOf } from '../../core/stage/event';
import type { RunEvent } from '../../core/stage/types';
import { type Answer, Asking } from './asking';

const events = (n: number): RunEvent[] =>
  Array.from({ length: n }, (_, i) => eventOf({ id: `e${i}`, at: i, by: null }, 'note', {}));
const ADVICE = { slots: [] } as unknown as AdviceTold;

function house() {
  const asked: string[] = [];
  let answer: Answer | null = null;
  let advised: ((advice: AdviceTold | null | undefined) => void) | null = null;
  const asking = new Asking({
    clock: () => 7,
    told: (change) => (answer = change(answer)),
    work: {
      tell: (of, moment) => {
        asked.push(`tell ${of.length}`);
        return Promise.resolve({ events: of.length, at: moment } as unknown as Telling);
      },
      // As long as it takes: until it is done, or cut short.
      advise: () => {
        asked.push('advise');
        return new Promise((done) => (advised = done));
      },
      interrupt: () => {
        asked.push('interrupt');
        advised?.(undefined);
        return Promise.resolve();
      },
    },
  });
  return {
    asking,
    asked,
    told: () => answer,
    advise: (advice: AdviceTold | null) => advised?.(advice),
  };
}

const quiet = async (): Promise<void> => {
  for (let i = 0; i < 20; i++) await Promise.resolve();
};

test('a press while advice is sought is told of at once: it waits for no advice', async () => {
  const { asking, asked, told } = house();
  asking.hear(events(1));
  asking.open(Promise.resolve());
  await quiet();
  expect(asked).toEqual(['tell 1', 'advise']);
  asking.hear(events(2));
  await quiet();
  expect(asked).toEqual(['tell 1', 'advise', 'interrupt', 'tell 2', 'advise']);
  expect(told()?.telling.events).toBe(2);
});

test('advice that was sought to its end is told; nothing is asked before the show is open', async () => {
  const { asking, asked, told, advise } = house();
  asking.hear(events(1));
  await quiet();
  expect(asked).toEqual([]);
  asking.open(Promise.resolve());
  await quiet();
  advise(ADVICE);
  await quiet();
  expect(told()).toMatchObject({ telling: { events: 1 }, advice: ADVICE });
  asking.hear(events(2));
  await quiet();
  // The advice before stands until there is another.
  expect(told()).toMatchObject({ telling: { events: 2 }, advice: ADVICE });
  expect(asked).toEqual(['tell 1', 'advise', 'tell 2', 'advise']);
});

test('what could not be told is asked for again', async () => {
  const { asking, told } = house();
  asking.hear(events(1));
  const log = jest.spyOn(console, 'error').mockReturnValue(undefined);
  asking.open(Promise.reject(new Error('not opened')));
  await new Promise(setImmediate);
  log.mockRestore();
  expect(told()).toBeNull();
  asking.open(Promise.resolve());
  await quiet();
  expect(told()?.telling.events).toBe(1);
});
