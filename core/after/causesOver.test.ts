import { expect, test } from '@jest/globals';
import { causesOver } from './causesOver';
import { afterKey, isAfterKey } from './photoKey';

const none = { worked: 0, partly: 0, failed: 0 };
const row = (demoId: string | null, methodId = 'm') => ({
  demoId,
  methodId: demoId === null ? null : methodId,
  name: demoId ?? 'Welcome',
  methodName: methodId,
});
const record = (demoId: string, causes: Record<string, number>, methodId = 'm') => ({
  demoId,
  methodId,
  worked: 6,
  partly: 1,
  failed: 2,
  rehearsed: { ...none, worked: 3 },
  causes: Object.entries(causes).map(([cause, count]) => ({ cause, count })),
});

test('the most often first, each method once, and nothing of what never failed', () => {
  const found = causesOver(
    [row(null), row('can'), row('forks'), row('can'), row('drum')],
    [
      record('can', { 'Too cold': 1 }),
      record('forks', { Hands: 1, Draught: 3 }),
      record('drum', {}),
    ],
  );
  expect(found).toEqual([
    {
      name: 'forks',
      causes: [
        { cause: 'Draught', count: 3 },
        { cause: 'Hands', count: 1 },
      ],
      goes: 12,
    },
    { name: 'can', causes: [{ cause: 'Too cold', count: 1 }], goes: 12 },
  ]);
});

test('two methods of one demonstration are told apart', () => {
  const rows = [row('foam', 'gentle'), row('foam', 'lively')];
  const records = [record('foam', { Cold: 1 }, 'gentle'), record('foam', { Wet: 2 }, 'lively')];
  expect(causesOver(rows, records).map(({ name }) => name)).toEqual([
    'foam, lively',
    'foam, gentle',
  ]);
});

test('a photo is of the show, or of one of its slots', () => {
  const slots = [{ id: 'a' }];
  expect(isAfterKey(afterKey(null), slots)).toBe(true);
  expect(isAfterKey(afterKey('a'), slots)).toBe(true);
  expect(isAfterKey(afterKey('b'), slots)).toBe(false);
  expect(isAfterKey('tongs', slots)).toBe(false);
});
