import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { apply, changesBetween, reversed } from './changes';
import { fromKeyed, type Json, toKeyed } from './keyed';
import { merge, mergeTakingTheirs } from './merge';

const slot = (id: string, goes = 1): Slot => ({ id, goes, leads: [] });
interface Slot {
  id: string;
  goes: number;
  leads: { task: string; seconds: number }[];
}
interface Show {
  title: string;
  audience: number;
  words: string[];
  slots: Slot[];
}
const base: Show = {
  title: 'A',
  audience: 10,
  words: ['x'],
  slots: [slot('s1'), slot('s2'), slot('s3')],
};
const ids = (show: Show): string => show.slots.map((one) => one.id).join(' ');
const withSlot = (show: Show, id: string, change: Partial<Slot>): Show => ({
  ...show,
  slots: show.slots.map((one) => (one.id === id ? { ...one, ...change } : one)),
});

describe('two changes from the same state', () => {
  test('to different fields are both kept', () => {
    const merged = merge(base, { ...base, title: 'B' }, { ...base, audience: 9 });
    expect(merged).toEqual({
      value: { ...base, title: 'B', audience: 9 },
      theirs: [['audience']],
      conflicts: [],
    });
  });

  test('to different entries of one list, and different fields of one entry, are both kept', () => {
    const mine = withSlot(base, 's1', { goes: 2 });
    const theirs = withSlot(withSlot(base, 's2', { goes: 3 }), 's1', {
      leads: [{ task: 't', seconds: 60 }],
    });
    const merged = merge(base, mine, theirs);
    expect(merged.conflicts).toEqual([]);
    expect(merged.value.slots).toEqual([
      { id: 's1', goes: 2, leads: [{ task: 't', seconds: 60 }] },
      slot('s2', 3),
      slot('s3'),
    ]);
    expect(merged.theirs).toEqual([
      ['slots', 's1', 'leads'],
      ['slots', 's2'],
    ]);
  });

  test('of which one moves entries and the other adds one: moved, and added behind its neighbour', () => {
    const mine = { ...base, slots: [slot('s3'), slot('s1'), slot('s2')] };
    const theirs = { ...base, slots: [slot('s1'), slot('new'), slot('s2'), slot('s3')] };
    const merged = merge(base, mine, theirs);
    expect(merged.conflicts).toEqual([]);
    expect(ids(merged.value)).toBe('s3 s1 new s2');
  });

  test('of which one removes an entry and the other changes another', () => {
    const mine = { ...base, slots: [slot('s1'), slot('s3')] };
    const merged = merge(base, mine, withSlot(base, 's3', { goes: 4 }));
    expect(merged.value.slots).toEqual([slot('s1'), slot('s3', 4)]);
    expect(merged.conflicts).toEqual([]);
  });

  test('to the same field conflict, and mine is held until somebody decides', () => {
    const mine = withSlot(base, 's2', { goes: 2 });
    const theirs = withSlot({ ...base, title: 'C' }, 's2', { goes: 5 });
    const merged = merge(base, mine, theirs);
    expect(merged.conflicts).toEqual([['slots', 's2', 'goes']]);
    expect(merged.value).toEqual({ ...mine, title: 'C' });
    expect(mergeTakingTheirs(base, mine, theirs)).toEqual(theirs);
  });

  test('one removing what the other changes conflict, and either can be chosen', () => {
    const mine = { ...base, slots: [slot('s1'), slot('s3')] };
    const theirs = withSlot(base, 's2', { goes: 5 });
    const merged = merge(base, mine, theirs);
    expect(merged.conflicts).toEqual([['slots', 's2']]);
    expect(ids(merged.value)).toBe('s1 s3');
    expect(mergeTakingTheirs(base, mine, theirs).slots).toEqual(theirs.slots);
  });

  test('that are alike don’t conflict', () => {
    expect(merge(base, { ...base, title: 'B' }, { ...base, title: 'B' }).conflicts).toEqual([]);
  });
});

const ID = fc.constantFrom('s1', 's2', 's3', 's4', 's5');
const SHOW = fc.record({
  title: fc.constantFrom('A', 'B', 'C'),
  audience: fc.nat(3),
  words: fc.uniqueArray(fc.constantFrom('x', 'y'), { maxLength: 2 }),
  slots: fc.uniqueArray(
    fc.record({
      id: ID,
      goes: fc.nat(2),
      leads: fc.uniqueArray(fc.record({ task: fc.constantFrom('t', 'u'), seconds: fc.nat(2) }), {
        selector: (lead) => lead.task,
        maxLength: 2,
      }),
    }),
    { selector: (one) => one.id, maxLength: 5 },
  ),
});

describe('laws', () => {
  test('the keyed form holds the same', () =>
    fc.assert(
      fc.property(SHOW, (show) => {
        expect(fromKeyed(toKeyed(show as unknown as Json))).toEqual(show);
      }),
      { seed: 1101 },
    ));

  test('what one leaves alone is as the other has it; with nobody’s change nothing changes', () =>
    fc.assert(
      fc.property(SHOW, SHOW, (one, other) => {
        expect(merge(one, one, other).value).toEqual(other);
        expect(merge(one, other, one).value).toEqual(other);
        expect(merge(one, other, other)).toMatchObject({ value: other, conflicts: [] });
      }),
      { seed: 1102 },
    ));

  test('without a conflict it does not matter who was first, but for where additions stand', () =>
    fc.assert(
      fc.property(SHOW, SHOW, SHOW, (was, mine, theirs) => {
        const here = merge(was, mine, theirs);
        const there = merge(was, theirs, mine);
        expect(there.conflicts.length).toBe(here.conflicts.length);
        fc.pre(here.conflicts.length === 0);
        const sorted = (show: Show): Show => ({
          ...show,
          slots: [...show.slots].sort((a, b) => a.id.localeCompare(b.id)),
        });
        const anyOrder = (show: Show): unknown =>
          JSON.parse(
            JSON.stringify(sorted(show), (_key, value: unknown) =>
              Array.isArray(value)
                ? [...(value as unknown[])].map((v) => JSON.stringify(v)).sort()
                : value,
            ),
          );
        expect(anyOrder(there.value)).toEqual(anyOrder(here.value));
      }),
      { seed: 1103 },
    ));

  test('changes lead from one to the other, and back', () =>
    fc.assert(
      fc.property(SHOW, SHOW, (one, other) => {
        const changes = changesBetween(one, other);
        expect(apply(one, changes)).toEqual({ value: other, skipped: [] });
        expect(apply(other, reversed(changes))).toEqual({ value: one, skipped: [] });
      }),
      { seed: 1104 },
    ));
});
