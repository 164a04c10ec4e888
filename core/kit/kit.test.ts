import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { ShowBundle } from '../brief/types';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { type KitEntry, kitList } from './kit';

const watch = [task('p', 'perform', 120)];
const listOf = (from: ShowBundle): KitEntry[] => kitList(from, timelineOf(from));
const entry = (from: ShowBundle, id: string): KitEntry | undefined =>
  listOf(from).find((e) => e.itemId === id);

describe('consumables', () => {
  test('count by goes, volunteers, heads, or once', () => {
    const from = bundle(
      [
        {
          id: 'foam',
          tasks: watch,
          slot: { goes: 3 },
          over: {
            volunteers: 2,
            kit: [
              line('peroxide', 120, 'mL', 'perGo'),
              line('apron', 1, 'piece', 'perVolunteer'),
              line('sweet', 1, 'piece', 'perHead'),
              line('cloth', 4, 'piece'),
            ],
          },
        },
      ],
      ['peroxide', 'apron', 'sweet', 'cloth'].map((id) => item(id, 'consumable')),
    );
    expect(entry(from, 'peroxide')).toMatchObject({ total: 360, text: '360 mL' });
    expect(entry(from, 'peroxide')?.how).toBe('120 mL per go × 3 goes = 360 mL');
    expect(entry(from, 'apron')?.total).toBe(2);
    expect(entry(from, 'sweet')).toMatchObject({ total: 120, how: '1 each × 120 heads = 120' });
    expect(entry(from, 'cloth')).toMatchObject({ total: 4, how: '4 for the show' });
  });

  test('each part tells its own amount, as it was written', () => {
    const from = bundle(
      [
        {
          id: 'a',
          tasks: watch,
          slot: { goes: 2 },
          over: { goesAllowed: 2, kit: [line('water', 1, 'cup', 'perGo')] },
        },
      ],
      [item('water', 'consumable')],
    );
    expect(entry(from, 'water')?.parts[0]).toMatchObject({
      text: '2 cups (473 mL)',
      sum: '1 cup per go × 2 goes = 2 cups (473 mL)',
    });
  });

  test('merge over demos, whatever units they are written in', () => {
    const from = bundle(
      [
        { id: 'a', tasks: watch, over: { kit: [line('water', 1, 'cup')] } },
        { id: 'b', tasks: watch, over: { kit: [line('water', 0.5, 'L')] } },
      ],
      [item('water', 'consumable')],
    );
    expect(entry(from, 'water')?.total).toBeCloseTo(736.588, 3);
    expect(entry(from, 'water')?.how).toBe('1 cup (237 mL) a + 500 mL b = 737 mL');
  });

  test('millilitres and pieces of the same thing are told apart, not added', () => {
    const from = bundle(
      [
        { id: 'a', tasks: watch, over: { kit: [line('oil', 10, 'mL')] } },
        { id: 'b', tasks: watch, over: { kit: [line('oil', 2, 'piece')] } },
      ],
      [item('oil', 'consumable')],
    );
    const entries = listOf(from);
    expect(entries).toHaveLength(2);
    expect(entries.every((e) => e.clash?.includes("can't be added"))).toBe(true);
  });

  test('what has no fixed size is marked approximate', () => {
    const from = bundle(
      [{ id: 'a', tasks: watch, over: { kit: [line('soap', 1, 'squirt', 'perGo')] } }],
      [item('soap', 'consumable')],
    );
    expect(entry(from, 'soap')?.approximate).toBe(true);
  });
});

describe('equipment', () => {
  const twoTrays = (bResetOnlyLater: number): ShowBundle =>
    bundle(
      [
        {
          id: 'a',
          tasks: [task('p', 'perform', 60), task('wash', 'reset', bResetOnlyLater)],
          over: { kit: [line('tray', 1, 'piece')] },
        },
        {
          id: 'b',
          tasks: watch,
          slot: { positionId: 'bench' },
          over: { kit: [line('tray', 1, 'piece')] },
        },
      ],
      [item('tray', 'equipment')],
    );

  test('one that is handed on is one', () => {
    const one = bundle(
      [
        { id: 'a', tasks: watch, over: { kit: [line('tray', 1, 'piece')] } },
        {
          id: 'b',
          tasks: watch,
          slot: { positionId: 'bench' },
          over: { kit: [line('tray', 1, 'piece')] },
        },
      ],
      [item('tray', 'equipment')],
    );
    expect(entry(one, 'tray')?.total).toBe(1);
    expect(entry(one, 'tray')?.how).toContain('the others use the same one');
  });

  test('a second slot of the same demo takes its turn with the same one, but not while it is in use', () => {
    const twice = (positionId: string): ShowBundle => {
      const from = bundle(
        [
          {
            id: 'a',
            tasks: [task('p', 'perform', 60), task('wash', 'reset', 90)],
            over: { kit: [line('tray', 1, 'piece'), line('soap', 2, 'piece')] },
          },
        ],
        [item('tray', 'equipment'), item('soap', 'consumable')],
      );
      const [first] = from.show.slots;
      if (!first) throw new Error('no slot');
      from.show.slots.push({ ...first, id: 'again', positionId, performerId: 'jo' });
      return from;
    };
    // At the same position the first is washed before the second begins.
    expect(entry(twice('table'), 'tray')?.total).toBe(1);
    expect(entry(twice('bench'), 'tray')?.total).toBe(2);
    expect(entry(twice('bench'), 'soap')?.total).toBe(2);
    expect(entry(twice('bench'), 'tray')?.parts.map((part) => part.slotId)).toEqual([
      'slot-a',
      'again',
    ]);
  });

  test('one that is still being washed is wanted twice', () => {
    const two = entry(twoTrays(30), 'tray');
    expect(two).toMatchObject({ total: 2, atOnce: ['a', 'b'] });
    expect(two?.how).toBe('In use at once: 1 a + 1 b');
  });

  test('never more than the sum, never less than the largest line (property)', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ n: fc.integer({ min: 1, max: 5 }), reset: fc.integer({ min: 1, max: 300 }) }),
          { minLength: 1, maxLength: 5 },
        ),
        (uses) => {
          const from = bundle(
            uses.map((use, i) => ({
              id: `d${i}`,
              tasks: [task('p', 'perform', 60), task('r', 'reset', use.reset)],
              slot: { positionId: i % 2 ? 'bench' : 'table' },
              over: { kit: [line('tray', use.n, 'piece' as const)] },
            })),
            [item('tray', 'equipment')],
          );
          const total = entry(from, 'tray')?.total ?? 0;
          expect(total).toBeLessThanOrEqual(uses.reduce((sum, use) => sum + use.n, 0));
          expect(total).toBeGreaterThanOrEqual(Math.max(...uses.map((use) => use.n)));
        },
      ),
      { numRuns: 60, seed: 3 },
    );
  });
});
