import { expect, test } from '@jest/globals';
import { randomFrom } from '../chance/random';
import { foamTrial } from '../testing/trial';
import { normalFrom } from '../testing/normal';
import { questionOf } from './design';
import { evenedBy } from './evened';
import type { TrialGo } from './series';

/** Each level once a round, the room warming from go to go; what is read of it is `of` level and room. */
const goes = (of: (level: number, room: number) => number): TrialGo[] =>
  Array.from({ length: 24 }, (_, i): TrialGo => {
    const level = ((i * 5) % 6) + 1;
    const room = 18 + i / 8;
    const value = of(level, room);
    return {
      go: i + 1,
      levelId: `l${level}`,
      state: 'read',
      value,
      first: value,
      reason: '',
      by: null,
      at: i,
      source: null,
      conditions: [{ id: 'room', value: room }],
    };
  });
const QUESTION = questionOf({
  ...foamTrial,
  measure: { ...foamTrial.measure, resolution: null },
});

test('what depends on it exactly is taken out exactly', () => {
  const found = evenedBy(
    QUESTION,
    goes((level, room) => 10 * level + 2 * room),
    'room',
  );
  expect(found?.slope).toBeCloseTo(2, 9);
  expect(found?.worth.high).toBeCloseTo(2 * (23 / 8), 6);
  const means = found?.analysis.levels.map(({ mean }) => mean) ?? [];
  means.slice(1).forEach((mean, i) => expect(mean - (means[i] ?? 0)).toBeCloseTo(10, 9));
});

test('its interval holds the truth about 95 of 100 times', () => {
  const normal = normalFrom(randomFrom(6));
  let held = 0;
  for (let i = 0; i < 400; i++) {
    const found = evenedBy(
      QUESTION,
      goes((level, room) => level + 0.5 * room + normal()),
      'room',
    );
    if (found && found.low <= 0.5 && 0.5 <= found.high) held++;
  }
  expect(Math.abs(held / 400 - 0.95)).toBeLessThan(0.035);
});

test('nothing is evened that did not change, was not taken down, or is yes and no', () => {
  const flat = goes((level) => level).map((go) => ({
    ...go,
    conditions: [{ id: 'room', value: 19 }],
  }));
  expect(evenedBy(QUESTION, flat, 'room')).toBeNull();
  expect(evenedBy(QUESTION, flat, 'none')).toBeNull();
  expect(evenedBy(QUESTION, goes((level) => level).slice(0, 6), 'room')).toBeNull();
  expect(
    evenedBy(
      { ...QUESTION, yesNo: true },
      goes((level) => level % 2),
      'room',
    ),
  ).toBeNull();
});
