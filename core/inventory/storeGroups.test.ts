import { expect, test } from '@jest/globals';
import { item } from '../testing/bundle';
import { grouped, storeGroupOf } from './storeGroups';

const danger = { signal: 'danger' as const, hazards: ['H314'], precautions: [] };
const line = (id: string, over: Parameters<typeof item>[2] = {}, warnings: string[] = []) => ({
  item: item(id, 'equipment', over),
  warnings,
});

test('a thing stands once, under what matters most of it', () => {
  expect(storeGroupOf(line('a', { label: danger, gramsEach: 9000 }, ['none left']))).toBe('watch');
  expect(storeGroupOf(line('a', { label: danger, gramsEach: 9000 }))).toBe('dangerous');
  expect(storeGroupOf(line('a', { cold: 'dryIce' }))).toBe('dangerous');
  expect(storeGroupOf(line('a', { gramsEach: 5000 }))).toBe('heavy');
  expect(storeGroupOf(line('a', { gramsEach: 4999 }))).toBe('equipment');
});

test('groups follow each other without a gap, none is empty, and all are in one', () => {
  const all = [
    line('plain'),
    line('acid', { label: danger }),
    line('second'),
    line('due', {}, ['test is due']),
  ];
  const { lines, groups } = grouped(all);
  expect(lines.map((one) => one.item.id)).toEqual(['due', 'acid', 'plain', 'second']);
  expect(groups).toEqual([
    { group: 'watch', from: 0, count: 1 },
    { group: 'dangerous', from: 1, count: 1 },
    { group: 'equipment', from: 2, count: 2 },
  ]);
  expect(grouped([])).toEqual({ lines: [], groups: [] });
});
