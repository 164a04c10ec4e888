import { describe, expect, test } from '@jest/globals';
import { after, input, slot, task } from '../testing/build';
import { schedule } from './schedule';
import type { LineupInput, Timeline } from './types';
import { verifyTimeline } from './verify';

/** Schedules, and has the independent checker agree unless conflicts are expected. */
function timed(from: LineupInput): Timeline {
  const timeline = schedule(from);
  if (timeline.conflicts.length === 0) expect(verifyTimeline(from, timeline)).toEqual([]);
  return timeline;
}

const startOf = (timeline: Timeline, id: string): number | undefined =>
  timeline.tasks.find((t) => t.task === id)?.start;

describe('blocks follow one another (rule 1)', () => {
  test('slots that need nothing run back to back with no dead air', () => {
    const t = timed(
      input([slot('a', [task('p', 'perform', 120)]), slot('b', [task('q', 'perform', 90)])]),
    );
    expect(t.blocks).toEqual([
      { slot: 'a', start: 0, end: 120 },
      { slot: 'b', start: 120, end: 210 },
    ]);
    expect(t.deadAir).toBe(0);
    expect(t.gaps).toEqual([]);
  });

  test('further goes repeat the steps of a go, not the opening or the closing words', () => {
    const tasks = [
      task('hello', 'perform', 20, { eachGo: false }),
      task('bang', 'perform', 30),
      task('why', 'perform', 40, { eachGo: false }),
    ];
    const t = timed(input([slot('a', tasks, { goes: 3 })]));
    expect(t.tasks.map((p) => `${p.task}${p.go}`)).toEqual([
      'hello1',
      'bang1',
      'bang2',
      'bang3',
      'why1',
    ]);
    expect(t.end).toBe(20 + 3 * 30 + 40);
  });
});

describe('people (rule 2)', () => {
  test('somebody alone clears between two slots; the audience waits and is told why', () => {
    const alone = input(
      [
        slot('a', [task('p', 'perform', 60), task('wipe', 'reset', 30)]),
        slot('b', [task('q', 'perform', 60)]),
      ],
      { crew: [{ id: 'ines', name: 'Ines', competences: [] }] },
    );
    const t = timed(alone);
    expect(t.deadAir).toBe(30);
    expect(t.gaps[0]).toMatchObject({ start: 60, end: 90, seconds: 30, rule: 3, slot: 'b' });
    expect(t.gaps[0]?.reason).toContain('wipe');
  });

  test('the helper clears one position while another slot is on', () => {
    const t = timed(
      input([
        slot('a', [task('p', 'perform', 60), task('wipe', 'reset', 30)]),
        slot('b', [task('q', 'perform', 60)], { positionId: 'bench' }),
        slot('c', [task('r', 'perform', 60)]),
      ]),
    );
    expect(t.deadAir).toBe(0);
    expect(t.tasks.find((p) => p.task === 'wipe')).toMatchObject({ start: 60, people: ['jo'] });
  });

  test('with nobody to spare, clearing waits for the end rather than for the audience', () => {
    const t = timed(
      input(
        [
          slot('a', [task('p', 'perform', 60), task('wipe', 'reset', 30)]),
          slot('b', [task('q', 'perform', 60)], { positionId: 'bench' }),
        ],
        { crew: [{ id: 'ines', name: 'Ines', competences: [] }] },
      ),
    );
    expect(t.deadAir).toBe(0);
    expect(startOf(t, 'wipe')).toBe(120);
  });

  test('competence decides who', () => {
    const pour = task('pour', 'prepare', 60, {
      hands: [{ role: 'anyone', count: 1, competence: 'cryogen' }],
    });
    const t = timed(
      input([slot('a', [pour, task('p', 'perform', 60)])], {
        crew: [
          { id: 'ines', name: 'Ines', competences: ['cryogen'] },
          { id: 'jo', name: 'Jo', competences: [] },
        ],
      }),
    );
    expect(t.tasks.find((p) => p.task === 'pour')?.people).toEqual(['ines']);
  });
});

describe('positions (rule 3)', () => {
  test('drying holds the table although nobody is at it', () => {
    const t = timed(
      input([
        slot('foam', [
          task('p', 'perform', 60),
          task('wipe', 'reset', 40),
          task('dry', 'settle', 120, { after: [after('wipe')] }),
        ]),
        slot('dome', [task('set', 'prepare', 20), task('q', 'perform', 60)]),
      ]),
    );
    // 60 s performed, 40 s wiped, 120 s dried, 20 s set: the next block can't start before 240.
    expect(t.blocks[1]?.start).toBe(240);
    expect(t.gaps[0]).toMatchObject({ seconds: 180, rule: 3 });
    expect(t.gaps[0]?.reason).toBe('Table is not free for “set”: “dry” from foam comes first');
  });
});

describe('lags (rule 5)', () => {
  const soaked = (least: number, greatest: number | null): LineupInput =>
    input([
      slot('other', [task('p', 'perform', 300)], { positionId: 'bench' }),
      slot('flower', [
        task('dip', 'prepare', 10),
        task('soak', 'settle', 200, { after: [after('dip')] }),
        task('smash', 'perform', 30, { after: [after('soak', least, greatest)] }),
      ]),
    ]);

  test('what soaks is started so that it is ready when it is wanted', () => {
    const t = timed(soaked(0, 60));
    expect(t.deadAir).toBe(0);
    expect(startOf(t, 'soak')).toBe(100);
    expect(startOf(t, 'dip')).toBe(90);
  });

  test('a least lag moves it earlier still', () => {
    expect(startOf(timed(soaked(45, 60)), 'soak')).toBe(55);
  });

  test('a window that nobody can keep is a conflict, and the show is still timed', () => {
    const t = schedule(
      input(
        [
          slot('a', [
            task('one', 'prepare', 120, { place: 'wings' }),
            task('two', 'prepare', 120, { place: 'wings' }),
            task('p', 'perform', 60, { after: [after('one', 0, 30), after('two', 0, 30)] }),
          ]),
        ],
        { crew: [{ id: 'ines', name: 'Ines', competences: [] }] },
      ),
    );
    expect(t.conflicts).toHaveLength(1);
    expect(t.conflicts[0]).toMatchObject({ rule: 5, slot: 'a' });
    expect(t.conflicts[0]?.message).toContain('1:30 too late');
    expect(t.blocks).toHaveLength(1);
  });
});

describe('before the show (rules 7 and 8)', () => {
  test('preparation that does not fit before the start delays it, and says so', () => {
    const t = timed(
      input([slot('a', [task('set', 'prepare', 600), task('p', 'perform', 60)])], {
        arrival: -300,
      }),
    );
    expect(t.blocks[0]?.start).toBe(300);
    expect(t.gaps[0]).toMatchObject({ rule: 7, seconds: 300 });
  });

  test('work is done as late as it can be, with the margin where it costs nothing', () => {
    const roomy = input([slot('a', [task('set', 'prepare', 30), task('p', 'perform', 60)])], {
      margin: 60,
    });
    expect(startOf(timed(roomy), 'set')).toBe(-90);
    // As much of it as there is room for.
    expect(startOf(timed({ ...roomy, arrival: -40 }), 'set')).toBe(-40);
  });
});

describe('demands that cannot be met', () => {
  const one = (tasks: Parameters<typeof slot>[1], over: Partial<LineupInput> = {}): Timeline =>
    schedule(input([slot('a', tasks)], over));

  test.each([
    [
      'a circle of tasks',
      one([
        task('x', 'prepare', 5, { after: [after('y')] }),
        task('y', 'prepare', 5, { after: [after('x')] }),
        task('p', 'perform', 5),
      ]),
      'each wait for the other',
    ],
    [
      'a longest wait shorter than the shortest',
      one([task('x', 'prepare', 5), task('p', 'perform', 5, { after: [after('x', 60, 30)] })]),
      'must wait 1:00',
    ],
    [
      'a competence nobody has',
      one([
        task('x', 'prepare', 5, { hands: [{ role: 'anyone', count: 1, competence: 'flame' }] }),
        task('p', 'perform', 5),
      ]),
      'nobody is there with the flame competence',
    ],
    ['a crew of nobody', one([task('p', 'perform', 5)], { crew: [] }), 'nobody is named'],
    [
      'more hands at once than people',
      one([
        task('lift', 'prepare', 5, {
          hands: [
            { role: 'helper', count: 1, competence: null },
            { role: 'anyone', count: 2, competence: null },
          ],
        }),
        task('p', 'perform', 5),
      ]),
      'needs more people at once',
    ],
    ['nothing to watch', one([task('x', 'prepare', 5)]), 'nothing for the audience to watch'],
    [
      'a wait in front of the audience',
      one([
        task('p', 'perform', 10),
        task('steep', 'settle', 60, { after: [after('p')] }),
        task('q', 'perform', 10, { after: [after('steep')] }),
      ]),
      'the audience would wait 1:00',
    ],
    [
      'preparation after the performance',
      one([task('p', 'perform', 10), task('x', 'prepare', 5, { after: [after('p')] })]),
      'written as preparation',
    ],
    [
      'no position',
      schedule(input([slot('a', [task('p', 'perform', 5)], { positionId: null })])),
      'no stage position',
    ],
  ])('%s is a named conflict', (_name, timeline, words) => {
    expect(timeline.conflicts.map((c) => c.message).join('\n')).toContain(words);
    expect(timeline.conflicts.every((c) => c.advice.length > 0)).toBe(true);
    for (const t of timeline.tasks) expect(Number.isFinite(t.start + t.end)).toBe(true);
  });

  test('an empty show is an empty timeline', () => {
    expect(schedule(input([]))).toMatchObject({ end: 0, deadAir: 0, blocks: [], conflicts: [] });
  });
});

describe('many hands at once', () => {
  const hands = (count: number, role: 'anyone' | 'helper' | 'performer' = 'anyone') => ({
    role,
    count,
    competence: null,
  });
  const crew = ['ines', 'jo', 'mara'].map((id) => ({ id, name: id, competences: [] }));

  test('a task that takes everybody waits for whoever is busy, and not for its own hands', () => {
    const t = timed(
      input(
        [
          slot('a', [
            task('set', 'prepare', 100, { hands: [hands(1, 'performer')] }),
            task('lift', 'prepare', 60, { hands: [hands(2), hands(1, 'helper')] }),
            task('p', 'perform', 30),
          ]),
        ],
        { crew, arrival: 0 },
      ),
    );
    expect(t.end).toBe(100 + 60 + 30);
    expect(t.proven).toBe(true);
    expect(
      t.tasks
        .find((p) => p.task === 'lift')
        ?.people.slice()
        .sort(),
    ).toEqual(['ines', 'jo', 'mara']);
  });

  test('preparation that waits for drying after the show is named, and the rest is timed', () => {
    const t = schedule(
      input([
        slot('a', [
          task('p', 'perform', 30),
          task('dry', 'settle', 50, { after: [after('p')] }),
          task('set', 'prepare', 20, { after: [after('dry')] }),
        ]),
      ]),
    );
    expect(t.conflicts.map((c) => c.message)).toEqual([
      'a: “set” is written as preparation but comes after “dry”',
    ]);
    expect(t.end).toBe(30);
  });

  test('lags that contradict one another in a circle are a conflict, not a hang', () => {
    const t = schedule(
      input([
        slot('a', [
          task('warm', 'prepare', 10),
          task('cool', 'settle', 100, { after: [after('warm')] }),
          // Must be used within 20 s of warming, and only after 100 s of cooling.
          task('p', 'perform', 10, { after: [after('warm', 0, 20), after('cool')] }),
        ]),
      ]),
    );
    expect(t.conflicts[0]?.message).toBe('a: “p” comes 1:20 too late after “warm”');
    expect(t.proven).toBe(false);
    expect(t.end).toBe(10);
  });
});
