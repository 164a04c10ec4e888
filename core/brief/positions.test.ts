import { describe, expect, test } from '@jest/globals';
import { usualPositions } from './blank';
import { freshSlot } from './freshSlot';
import { freshPosition, MOST_POSITIONS, positionsWanted, withPositionFor } from './positions';
import type { Position, Slot } from './types';

const demo = (id: string, usualPosition: string) => ({
  id,
  usualPosition,
  methods: [{ id: 'm', oneShot: false }],
});
const DEMOS = [
  demo('foam', 'Sink'),
  demo('can', 'sink '),
  demo('dome', 'Floor'),
  demo('gas', 'By the door'),
  demo('any', ''),
];
const POSITIONS = usualPositions();
const slots = DEMOS.map((one) =>
  freshSlot({ positions: POSITIONS, crew: [] }, one, `s-${one.id}`),
).filter((slot): slot is Slot => slot !== null);
const SHOW = { positions: POSITIONS, slots };

test('what demonstrations are usually done at and the show lacks, each once with its slots', () => {
  // In silence they all fall onto the first one.
  expect(slots.filter(({ positionId }) => positionId === 'centre').map(({ id }) => id)).toEqual([
    's-foam',
    's-can',
    's-gas',
    's-any',
  ]);
  expect(positionsWanted(SHOW, DEMOS)).toEqual([
    { name: 'Sink', slotIds: ['s-foam', 's-can'] },
    { name: 'By the door', slotIds: ['s-gas'] },
  ]);
});

test('made, they are at it, and nothing is wanted any more', () => {
  const [sink] = positionsWanted(SHOW, DEMOS);
  if (!sink) throw new Error('none');
  const made = withPositionFor(SHOW, sink, 'new');
  expect(made.positions.at(-1)).toEqual({
    id: 'new',
    name: 'Sink',
    // The first that no other has.
    mark: 'chevron',
    at: null,
    circuitId: null,
  });
  expect(made.slots.map(({ positionId }) => positionId)).toEqual([
    'new',
    'new',
    'floor',
    'centre',
    'centre',
  ]);
  expect(positionsWanted(made, DEMOS).map(({ name }) => name)).toEqual(['By the door']);
  expect(withPositionFor(made, { name: 'SINK', slotIds: ['s-any'] }, 'x').positions).toHaveLength(
    5,
  );
});

describe('a position by its name', () => {
  test('stands where it usually is, with its usual mark', () => {
    expect(freshPosition([], 'rear', 'r')).toMatchObject({ mark: 'bars', at: { x: 0, y: 3 } });
    const taken: Position[] = [{ id: 'a', name: 'A', mark: 'bars', at: null, circuitId: null }];
    expect(freshPosition(taken, 'Rear', 'r').mark).toBe('cross');
  });

  test('with all of them there, there is no room for one more', () => {
    const full = Array.from({ length: MOST_POSITIONS }, (_, i) =>
      freshPosition([], `P${i}`, `p${i}`),
    );
    const show = { positions: full, slots };
    expect(withPositionFor(show, { name: 'Sink', slotIds: ['s-foam'] }, 'x')).toBe(show);
  });
});
