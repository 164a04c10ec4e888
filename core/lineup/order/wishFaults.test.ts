/** Wishes that contradict themselves, in words, and only those. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NO_WISHES, type SlotPair, WEIGHTS, type Wishes } from '../../brief/wishes';
import { wishFaults } from './wishFaults';

const NAMES = ['Can', 'Foam', 'Dome', 'Forks', 'Stool'];
const slots = (pinned: readonly number[] = [], n = NAMES.length) =>
  NAMES.slice(0, n).map((name, i) => ({ id: name, name, pinned: pinned.includes(i) }));
const pair = (first: string, second: string): SlotPair => ({ first, second });
const wishes = (over: Partial<Wishes>): Wishes => ({ ...NO_WISHES, ...over });

test.each<[string, string[], ReturnType<typeof slots>, Wishes]>([
  ['none', [], slots(), NO_WISHES],
  ['one', [], slots(), wishes({ before: [pair('Can', 'Foam')], apart: [pair('Can', 'Foam')] })],
  [
    'each before the other',
    ['Can before Foam and Foam before Can can’t all be kept'],
    slots(),
    wishes({ before: [pair('Can', 'Foam'), pair('Foam', 'Can')] }),
  ],
  [
    'a circle of three',
    ['Can before Foam, Foam before Dome and Dome before Can can’t all be kept'],
    slots(),
    wishes({ before: [pair('Can', 'Foam'), pair('Foam', 'Dome'), pair('Dome', 'Can')] }),
  ],
  [
    'against the pins',
    ['Dome before Foam and Dome pinned after Foam can’t all be kept'],
    slots([1, 2]),
    wishes({ before: [pair('Dome', 'Foam')] }),
  ],
  [
    'against the pins by way of a third',
    ['Dome before Can, Can before Foam and Dome pinned after Foam can’t all be kept'],
    slots([1, 2]),
    wishes({ before: [pair('Dome', 'Can'), pair('Can', 'Foam')] }),
  ],
  [
    'before the one that is pinned first',
    ['Foam before Can and Can pinned first can’t all be kept'],
    slots([0]),
    wishes({ before: [pair('Foam', 'Can')] }),
  ],
  [
    'after the one that is pinned last',
    ['Stool before Foam and Stool pinned last can’t all be kept'],
    slots([4]),
    wishes({ before: [pair('Stool', 'Foam')] }),
  ],
  [
    'before itself',
    ['Can before Can can’t all be kept'],
    slots(),
    wishes({ before: [pair('Can', 'Can')] }),
  ],
  [
    'pinned side by side and wanted apart',
    ['Foam and Can are pinned side by side and wanted apart'],
    slots([0, 1]),
    wishes({ apart: [pair('Foam', 'Can')] }),
  ],
  [
    'two slots, apart',
    ['Can and Foam are all there is: they can’t be kept apart'],
    slots([], 2),
    wishes({ apart: [pair('Can', 'Foam')] }),
  ],
  [
    'a slot that is gone',
    [],
    slots(),
    wishes({ before: [pair('Can', 'Gone'), pair('Gone', 'Can')], apart: [pair('Gone', 'Gone')] }),
  ],
  [
    'a weight that is none',
    ['What a part weighs must be a number, and not less than nothing'],
    slots(),
    wishes({ weights: { ...WEIGHTS, arc: NaN } }),
  ],
])('%s', (_what, words, some, asked) => expect(wishFaults(some, asked)).toEqual(words));

function* ordersOf(all: readonly string[]): Generator<string[]> {
  if (all.length === 0) yield [];
  for (const first of all)
    for (const rest of ordersOf(all.filter((other) => other !== first))) yield [first, ...rest];
}

test('“before” wishes are refused exactly when no order with these pins keeps them', () => {
  let refused = 0;
  const name = fc.constantFrom(...NAMES);
  fc.assert(
    fc.property(
      fc.array(fc.record({ first: name, second: name }), { maxLength: 5 }),
      fc.subarray([0, 4]),
      (before, pinned) => {
        const some = slots(pinned);
        const kept = [...ordersOf(NAMES)].some(
          (order) =>
            pinned.every((i) => order[i] === NAMES[i]) &&
            before.every(({ first, second }) => order.indexOf(first) < order.indexOf(second)),
        );
        const faults = wishFaults(some, wishes({ before }));
        expect(kept).toBe(faults.length === 0);
        if (!kept) refused++;
      },
    ),
    { numRuns: 300, seed: 151 },
  );
  expect(refused).toBeGreaterThan(50);
});
