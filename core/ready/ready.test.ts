import { describe, expect, test } from '@jest/globals';
import type { ShowBundle } from '../brief/types';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { blankHazard } from '../repertoire/blank';
import { bundle, item, line } from '../testing/bundle';
import { type Check, dayChecks } from './checks';
import { goNoGo } from './go';

const sample = (over: Parameters<typeof bundle>[2] = {}): ShowBundle =>
  bundle(
    [
      {
        id: 'can',
        tasks: [task('set', 'prepare', 60), task('p', 'perform', 60, { gearOn: ['Goggles'] })],
        over: {
          warning: 'A bang.',
          volunteers: 1,
          hazards: [blankHazard('loud')],
          kit: [line('plate', 1, 'piece'), line('water', 15, 'mL', 'perGo')],
        },
      },
      {
        id: 'forks',
        tasks: [task('p', 'perform', 60)],
        over: { kit: [line('plate', 1, 'piece')] },
      },
    ],
    [
      item('plate', 'equipment', { functionTest: 'warms up', testHolds: true }),
      item('water', 'consumable'),
    ],
    over,
  );

const checks = (from: ShowBundle): Check[] => dayChecks(from, timelineOf(from)).checks;
const byKey = (from: ShowBundle, key: string): Check | undefined =>
  checks(from).find((check) => check.key === key);

describe('checks follow from the line-up', () => {
  test('each kind, once where it belongs', () => {
    expect(
      checks(sample())
        .map((c) => c.key)
        .sort(),
    ).toEqual([
      'fill:slot-can',
      'gear:slot-can:ines',
      'place:slot-can',
      'place:slot-forks',
      'test:plate',
      'volunteer:slot-can',
    ]);
    expect(byKey(sample(), 'test:plate')?.slotIds).toEqual(['slot-can', 'slot-forks']);
  });

  test('a second slot at the same position is laid ready in the wings', () => {
    expect(byKey(sample(), 'place:slot-can')?.title).toBe('can set out at Table');
    expect(byKey(sample(), 'place:slot-forks')?.title).toBe(
      'forks laid ready in the wings for Table',
    );
  });

  test('setting out ends by the doors; what is said to the room comes after them', () => {
    for (const check of checks(sample())) {
      const doors = -15 * 60;
      if (check.kind === 'volunteer') expect(check.due).toBeGreaterThan(doors);
      else expect(check.due).toBeLessThanOrEqual(doors);
    }
  });

  test('nobody has two checks at the same time', () => {
    const set = checks(sample()).filter((c) => c.kind !== 'volunteer');
    for (const person of ['ines', 'jo']) {
      const dues = set.filter((c) => c.personId === person).map((c) => c.due);
      expect(new Set(dues).size).toBe(dues.length);
    }
  });

  test('too little time between arrival and doors is told in seconds', () => {
    const rushed = sample({ arrival: '13:43' });
    expect(dayChecks(rushed, timelineOf(rushed)).shortBy).toBeGreaterThan(0);
    expect(dayChecks(sample(), timelineOf(sample())).shortBy).toBe(0);
  });

  test('a hazard makes gear hold; a test holds when its item says so', () => {
    expect(byKey(sample(), 'gear:slot-can:ines')?.holds).toBe(true);
    expect(byKey(sample(), 'test:plate')?.holds).toBe(true);
    expect(byKey(sample(), 'place:slot-can')?.holds).toBe(false);
  });
});

describe('go or no-go', () => {
  const mark = (key: string, state: 'done' | 'waived' = 'done') => ({
    key,
    state,
    reason: state === 'waived' ? 'spare in the van' : '',
    value: null,
    by: 'jo',
    at: 1,
  });

  test('held until the holding checks are done or waived', () => {
    const all = checks(sample());
    const holding = all.filter((c) => c.holds);
    expect(goNoGo(all, []).words).toBe('3 checks must be done before the start');
    const allButOne = holding.slice(1).map((c) => mark(c.key));
    expect(goNoGo(all, allButOne)).toMatchObject({
      go: false,
      words: '1 check must be done before the start',
    });
    const waived = [...allButOne, mark(holding[0]?.key ?? '', 'waived')];
    expect(goNoGo(all, waived)).toMatchObject({ go: true, words: 'Go, with 3 checks still open' });
    expect(
      goNoGo(
        all,
        all.map((c) => mark(c.key)),
      ).words,
    ).toBe('Go: every check is done');
  });

  test('a mark for a check that is gone counts for nothing', () => {
    expect(goNoGo(checks(sample()), [mark('test:gone')]).done).toBe(0);
  });
});
