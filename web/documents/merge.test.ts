import { describe, expect, test } from '@jest/globals';
import { changedParts, merge } from './merge';

const base = { title: 'A', audience: 10, slots: [1, 2] };

describe('two changes from the same state', () => {
  test('to different parts are both kept', () => {
    const merged = merge(base, { ...base, title: 'B' }, { ...base, slots: [2, 1] });
    expect(merged).toEqual({
      value: { title: 'B', audience: 10, slots: [2, 1] },
      theirs: ['slots'],
      clashes: [],
    });
  });

  test('to the same part clash, and mine is held until somebody decides', () => {
    const merged = merge(base, { ...base, title: 'B' }, { ...base, title: 'C', audience: 9 });
    expect(merged.value).toEqual({ title: 'B', audience: 9, slots: [1, 2] });
    expect(merged.clashes).toEqual(['title']);
  });

  test('that are alike don’t clash', () => {
    expect(merge(base, { ...base, title: 'B' }, { ...base, title: 'B' }).clashes).toEqual([]);
  });
});

test('undoing gives back only the parts that were changed', () => {
  expect(changedParts(base, { ...base, slots: [2, 1] })).toEqual({ slots: [1, 2] });
});
