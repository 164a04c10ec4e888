/** Demands that nothing can meet: each is named with what would fix it, and the rest is still timed. */
import { describe, expect, test } from '@jest/globals';
import { after, input, slot, task } from '../testing/build';
import { schedule } from './schedule';
import type { Conflict, LineupInput } from './types';

const conflicts = (from: LineupInput): Conflict[] => schedule(from).conflicts;
const words = (from: LineupInput): string[] => conflicts(from).map((c) => c.message);
const fixes = (from: LineupInput): string[] => conflicts(from).map((c) => c.advice);
const one = (tasks: Parameters<typeof slot>[1], over: Parameters<typeof slot>[2] = {}) =>
  input([slot('Dome', tasks, over)]);

describe('order', () => {
  test('a task after one that is not there', () => {
    const from = one([task('p', 'perform', 10, { after: [after('gone')] })]);
    expect(words(from)).toEqual(['Dome: “p” comes after a task that is not there']);
  });

  test('a least wait longer than the greatest', () => {
    const from = one([
      task('warm', 'prepare', 10),
      task('p', 'perform', 10, { after: [after('warm', 90, 60)] }),
    ]);
    expect(words(from)).toEqual(['Dome: “p” must wait 1:30 after “warm” but start within 1:00']);
    expect(fixes(from)[0]).toContain('at least as long');
  });

  test('two tasks that wait for each other, and one that waits for itself', () => {
    const both = one([
      task('a', 'prepare', 10, { after: [after('b')] }),
      task('b', 'prepare', 10, { after: [after('a')] }),
      task('p', 'perform', 10),
    ]);
    expect(words(both)).toEqual(['Dome: “b” and “a” each wait for the other']);
    const self = one([task('p', 'perform', 10, { after: [after('p')] })]);
    expect(conflicts(self)).toHaveLength(1);
    expect(schedule(self).end).toBe(10);
  });

  test('preparation that comes after the performance', () => {
    const from = one([
      task('p', 'perform', 10),
      task('set', 'prepare', 10, { after: [after('p')] }),
    ]);
    expect(words(from)).toEqual(['Dome: “set” is written as preparation but comes after “p”']);
  });

  test('a step that waits for what settles only once it is cleared: no time is told that there is not', () => {
    const from = one([
      task('wipe', 'reset', 60),
      task('dry', 'settle', 90, { after: [after('wipe')] }),
      task('q', 'perform', 30, { after: [after('dry')] }),
    ]);
    expect(words(from)).toContain('Dome: “q” waits for “dry”, which comes after the performance');
  });

  test('a step that waits for the clearing', () => {
    const from = one([
      task('wipe', 'reset', 10),
      task('p', 'perform', 10, { after: [after('wipe')] }),
    ]);
    expect(words(from)).toEqual(['Dome: “p” waits for “wipe”, which comes after the performance']);
  });

  test('a wait within the block, in front of everybody', () => {
    const from = one([
      task('pour', 'perform', 10),
      task('p', 'perform', 10, { after: [after('pour', 30)] }),
    ]);
    expect(words(from)).toEqual(['Dome: the audience would wait 0:30 for “p” after “pour”']);
  });

  test('a step that comes too long after another of its block', () => {
    const from = one([
      task('pour', 'perform', 10),
      task('talk', 'perform', 60),
      task('p', 'perform', 10, { after: [after('pour', 0, 20)] }),
    ]);
    expect(words(from)).toEqual(['Dome: “p” comes 0:40 too late after “pour”']);
  });

  test('nothing to watch', () => {
    const from = one([task('set', 'prepare', 10)]);
    expect(words(from)).toEqual(['Dome: there is nothing for the audience to watch']);
  });
});

describe('people', () => {
  const flame = [{ role: 'performer' as const, count: 1, competence: 'flame' as const }];

  test('nobody is named to perform', () => {
    const from = one([task('p', 'perform', 10)], { performerId: null });
    expect(words(from)).toEqual(['Dome: nobody is named to perform it']);
    expect(fixes(from)).toEqual(['Choose who performs it']);
    expect(fixes({ ...from, crew: [] })).toEqual(['Add somebody to the crew']);
  });

  test('the performer may not, and who may instead', () => {
    const from = one([task('p', 'perform', 10, { hands: flame })]);
    expect(words(from)).toEqual(['Dome: Ines lacks the flame competence for “p”']);
    expect(fixes(from)[0]).toContain('Add somebody with the flame competence');
    const withMara = {
      ...from,
      crew: [...from.crew, { id: 'mara', name: 'Mara', competences: ['flame' as const] }],
    };
    expect(fixes(withMara)).toEqual(['Let Mara perform it']);
  });

  test('nobody who may help', () => {
    const help = [{ role: 'helper' as const, count: 1, competence: null }];
    const from = one([task('p', 'perform', 10, { hands: help })]);
    const alone = { ...from, crew: from.crew.slice(0, 1) };
    expect(words(alone)).toEqual(['Dome: nobody but the performer is there for “p”']);
  });

  test('more hands than people, and more performers than a slot has', () => {
    const three = [{ role: 'helper' as const, count: 3, competence: null }];
    expect(words(one([task('p', 'perform', 10, { hands: three })]))).toEqual([
      'Dome: “p” needs 3 people and there is 1',
    ]);
    const two = [{ role: 'performer' as const, count: 2, competence: null }];
    expect(words(one([task('p', 'perform', 10, { hands: two })]))).toEqual([
      'Dome: “p” asks for 2 performers; a slot has one',
    ]);
  });

  test('hands that could each be lent, but not all at once', () => {
    const hands = [
      { role: 'anyone' as const, count: 2, competence: null },
      { role: 'helper' as const, count: 1, competence: null },
    ];
    const from = one([task('p', 'perform', 10, { hands })]);
    expect(words(from)).toEqual(['Dome: “p” needs more people at once than there are']);
  });

  test('the same trouble in two tasks of one kind is told for each task', () => {
    const from = one([
      task('a', 'perform', 10, { hands: flame }),
      task('b', 'perform', 10, { hands: flame }),
    ]);
    expect(words(from)).toHaveLength(2);
  });
});

test('no position chosen, or one the show does not have', () => {
  for (const positionId of [null, 'roof'])
    expect(words(one([task('p', 'perform', 10)], { positionId }))).toEqual([
      'Dome: no stage position is chosen',
    ]);
});

test('whatever is impossible in one slot, the others keep their time', () => {
  const from = input([
    slot('a', [task('p', 'perform', 60, { after: [after('gone')] })], { performerId: null }),
    slot('b', [task('q', 'perform', 30)], { positionId: 'bench' }),
  ]);
  const timeline = schedule(from);
  expect(timeline.blocks).toEqual([
    { slot: 'a', start: 0, end: 60 },
    { slot: 'b', start: 60, end: 90 },
  ]);
  expect(timeline.conflicts.every((c) => c.slot === 'a' && c.advice !== '')).toBe(true);
});
