/** Back says what it takes back, so that two people who press it for the same move do so once. */
import { expect, test } from '@jest/globals';
import { START, threeSlots } from '../testing/stage';
import { eventOf } from './event';
import { fold } from './fold';
import type { RunEvent } from './types';

const { plan } = threeSlots;
const first = plan.slots[0]!;
const at = { slot: first.id, go: 1 };

function events(...backs: (string | null)[]): RunEvent[] {
  const made: RunEvent[] = [];
  const press = (id: string, kind: RunEvent['kind'], more: Partial<RunEvent> = {}): void => {
    made.push(eventOf({ id, at: START + made.length * 1000, by: null }, kind, more));
  };
  press('s', 'start');
  press('m1', 'done', { ...at, step: first.steps[0]!.task });
  press('m2', 'skip', { ...at, step: first.steps[1]?.task ?? null });
  backs.forEach((onMove, i) => press(`b${i}`, 'back', { onMove }));
  return made;
}
const stepAfter = (...backs: (string | null)[]): [string | null, number] => {
  const live = fold(plan, events(...backs));
  return [live.slot, live.step];
};

test('two people press Back for the same move: once', () => {
  expect(stepAfter('m2', 'm2')).toEqual(stepAfter('m2'));
  expect(stepAfter('m2')).toEqual([first.id, 1]);
});

test('one person presses it twice: twice', () => {
  expect(stepAfter('m2', 'm1')).toEqual([first.id, 0]);
});

test('in runs from before, where it did not say, each goes back one', () => {
  expect(stepAfter(null, null)).toEqual([first.id, 0]);
});

test('a name that every object has is no slot of the run', () => {
  const live = fold(plan, [
    ...events(),
    eventOf({ id: 'x', at: START, by: null }, 'judge', {
      slot: 'constructor',
      go: 1,
      outcome: 'worked',
    }),
    eventOf({ id: 'y', at: START, by: null }, 'goTo', { slot: 'toString' }),
  ]);
  expect(Object.keys(live.slots)).toEqual(plan.slots.map((slot) => slot.id));
  expect(live.slot).toBe(plan.slots[1]!.id);
});
