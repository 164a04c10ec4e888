/** What has happened goes through the same engine as the plan: what follows is what the rules say. */
import { describe, expect, test } from '@jest/globals';
import { liveShow, Night } from '../../testing/live';
import { after, input, slot, task } from '../../testing/build';
import { START } from '../../testing/stage';
import { readinessOf } from './readiness';

/** Foam wets the table, which Jo wipes and which then dries; the dome on the same table must be dry. */
const wet = input(
  [
    slot('drum', [task('beat', 'perform', 100)], { positionId: 'bench' }),
    slot(
      'foam',
      [
        task('stir', 'prepare', 30, {
          place: 'wings',
          hands: [{ role: 'helper', count: 1, competence: null }],
        }),
        task('soak', 'settle', 60, { place: 'wings', after: [after('stir')] }),
        task('pour', 'perform', 120, { after: [after('soak', 0, 600)] }),
        task('wipe', 'reset', 40, {
          eachGo: false,
          hands: [{ role: 'helper', count: 1, competence: null }],
        }),
        task('dry', 'settle', 80, { after: [after('wipe')] }),
      ],
      { leaves: [{ kind: 'water', where: 'position', task: 'dry', seconds: 80 }] },
    ),
    slot('rings', [task('blow', 'perform', 60)], { positionId: 'bench' }),
    slot('dome', [task('charge', 'perform', 90)], { forbids: ['water'] }),
  ],
  { hardFinish: 600 },
);
const wetShow = liveShow(wet);

describe('on its plan', () => {
  test('every press on time leaves the end, the dead air and the pace as they were written', () => {
    const night = new Night(wetShow).at(0, 'start');
    expect(wetShow.written.end).toBe(100 + 120 + 60 + 60 + 90);
    for (const { slot: id, end } of wetShow.written.blocks) {
      expect(night.call(end - 5)).toMatchObject({ behind: 0, found: { plan: { end: 430 } } });
      night.at(end, 'done');
      if (id === 'dome') continue;
      const { behind, found } = night.call(end);
      expect([behind, found.plan.end]).toEqual([0, 430]);
    }
  });

  test('dead air that was planned is told, with its reason, and is not being ahead', () => {
    const night = new Night(wetShow).at(0, 'start').at(100, 'done').at(220, 'done');
    night.at(280, 'done');
    const { behind, found } = night.call(290);
    expect(behind).toBe(0);
    expect(found.plan.gaps).toEqual([
      expect.objectContaining({ slot: 'dome', start: 290, end: 340, seconds: 50 }),
    ]);
    expect(found.plan.gaps[0]?.reason).toContain('“dry” from foam');
    expect(found.plan.blocks.at(-1)).toMatchObject({ kind: 'toCome', start: 340 });
  });

  test('once the wait is over the slot is on, though nobody said so', () => {
    const night = new Night(wetShow).at(0, 'start').at(100, 'done').at(220, 'done');
    const { found } = night.at(280, 'done').call(360);
    expect(found.plan.blocks.at(-1)).toMatchObject({ kind: 'on', start: 340, end: 430 });
    // Begun sooner, because somebody said so.
    const sooner = new Night(wetShow).at(0, 'start').at(100, 'done').at(220, 'done');
    sooner.at(280, 'done').at(300, 'commence');
    expect(sooner.call(310).found.plan.blocks.at(-1)).toMatchObject({ kind: 'on', start: 300 });
  });
});

describe('off its plan', () => {
  test('a step that overruns puts it behind by what it overran; a quick one ahead', () => {
    const night = new Night(wetShow).at(0, 'start');
    expect(night.call(150)).toMatchObject({ behind: 50, found: { plan: { end: 480 } } });
    const quick = new Night(wetShow).at(0, 'start').at(100, 'done').at(190, 'done');
    // Thirty seconds sooner done is thirty sooner wiped and dry.
    expect(quick.call(190)).toMatchObject({ behind: -30, found: { plan: { end: 400 } } });
  });

  test('what is not ready yet keeps who is quick waiting: that is not being ahead', () => {
    const night = new Night(wetShow).at(0, 'start').at(70, 'done');
    expect(night.call(70)).toMatchObject({ behind: 0, found: { plan: { end: 430 } } });
    expect(readinessOf(wetShow, night.call(70).found, 'foam')?.missing).toEqual([
      expect.objectContaining({ kind: 'work', words: 'soak', until: 100 }),
    ]);
  });

  test('what is left out is not being ahead, and its dead air goes with it', () => {
    const night = new Night(wetShow).at(0, 'start').at(10, 'leaveOut', { slot: 'foam' });
    const { behind, found } = night.call(20);
    expect([behind, found.plan.end]).toEqual([0, 250]);
  });

  test('straight from the foam to the dome on the same table: wiped and dried first', () => {
    const night = new Night(wetShow).at(0, 'start').at(100, 'done');
    night.at(160, 'goTo', { slot: 'dome' });
    const { found } = night.call(160);
    // 40 s to wipe and 80 s to dry: nobody knew of it before.
    expect(
      found.plan.blocks.find(({ slot: id, kind }) => id === 'dome' && kind === 'toCome'),
    ).toMatchObject({
      start: 160 + 40 + 80,
    });
    const ready = readinessOf(wetShow, found, 'dome');
    expect(ready?.missing.filter(({ gate }) => gate)).toEqual([
      expect.objectContaining({ words: 'water from foam', until: 280 }),
    ]);
    // Waiting there does not dry the table before it was wiped.
    expect(readinessOf(wetShow, night.call(230).found, 'dome')?.missing).not.toEqual([]);
    expect(readinessOf(wetShow, night.call(279).found, 'dome')?.missing).not.toEqual([]);
    expect(
      night
        .call(285)
        .found.plan.blocks.some(({ slot: id, kind }) => id === 'dome' && kind === 'on'),
    ).toBe(true);
  });

  test('what was made ready and left out is cleared away, and nothing else of it', () => {
    const ready = liveShow(
      input([
        slot('a', [task('p', 'perform', 100)], { positionId: 'bench' }),
        slot('b', [
          task('set', 'prepare', 20, { hands: [{ role: 'helper', count: 1, competence: null }] }),
          task('q', 'perform', 100),
          task('clear', 'reset', 50, {
            eachGo: false,
            hands: [{ role: 'helper', count: 1, competence: null }],
          }),
        ]),
        slot('c', [
          task('lay', 'prepare', 30, { hands: [{ role: 'helper', count: 1, competence: null }] }),
          task('r', 'perform', 100),
        ]),
      ]),
    );
    const untouched = new Night(ready).at(0, 'start').at(0, 'leaveOut', { slot: 'b' });
    expect(untouched.call(50).found.plan.tasks.map(({ task: id }) => id)).not.toContain('clear');
    const setUp = new Night(ready).at(0, 'start').at(90, 'begin', { slot: 'b', step: 'set' });
    setUp.at(100, 'ready', { slot: 'b', step: 'set' }).at(100, 'leaveOut', { slot: 'b' });
    const { plan } = setUp.at(100, 'done').call(100).found;
    expect(plan.tasks.find(({ task: id }) => id === 'clear')).toMatchObject({
      start: 100,
      end: 150,
    });
    // The table is free once it is cleared, and c is laid on it after that.
    expect(plan.end).toBe(100 + 50 + 30 + 100);
  });

  test('a skipped demo is cleared as one that was done', () => {
    const night = new Night(wetShow).at(0, 'start').at(100, 'done').at(180, 'skip');
    const tasks = night.call(180).found.plan.tasks.filter(({ slot: id }) => id === 'foam');
    expect(tasks.filter(({ state }) => state === 'toCome').map(({ task: id }) => id)).toEqual([
      'wipe',
      'dry',
    ]);
  });
});

describe('work in the background', () => {
  const soaked = (): Night => new Night(wetShow).at(0, 'start');
  const of = (night: Night, seconds: number, id: string) =>
    night.call(seconds).found.plan.tasks.find((one) => one.task === id);

  test('what nobody speaks of goes by the plan, and is said to', () => {
    const night = soaked();
    // Ready for 100 with what may be to spare.
    expect(of(night, 5, 'stir')).toMatchObject({ said: false });
    expect(of(night, 100, 'soak')).toMatchObject({ state: 'done', said: false });
    expect(readinessOf(wetShow, night.call(100).found, 'foam')).toMatchObject({
      missing: [],
      said: false,
    });
  });

  test('begun late it is ready late, and the show waits', () => {
    const night = soaked().at(5, 'late', { slot: 'foam', step: 'stir', go: null });
    night.at(60, 'begin', { slot: 'foam', step: 'stir', go: null });
    expect(of(night, 61, 'stir')).toMatchObject({
      start: 60,
      end: 90,
      state: 'underWay',
      said: true,
    });
    expect(night.call(61).found.plan.end).toBe(430 + 50);
    expect(readinessOf(wetShow, night.call(100).found, 'foam')?.missing).toEqual([
      expect.objectContaining({ kind: 'work', words: 'soak', until: 150, gate: false }),
    ]);
  });

  test('not begun, it is not taken to be: the show waits for as long as it is late', () => {
    const night = soaked().at(0, 'late', { slot: 'foam', step: 'stir', go: null });
    night.at(90, 'late', { slot: 'foam', step: 'stir', go: null });
    expect(night.call(90).found.plan.end).toBe(430 + 80);
  });

  test('spoiled, it is done again, with all that builds on it', () => {
    const night = soaked().at(90, 'spoiled', { slot: 'foam', step: 'stir', go: null });
    expect(of(night, 90, 'stir')).toMatchObject({ state: 'toCome', start: 90 });
    expect(of(night, 90, 'soak')).toMatchObject({ state: 'toCome', start: 120 });
  });

  test('blocked, it is never ready, and says so', () => {
    const night = soaked().at(20, 'blocked', { slot: 'foam', step: 'stir', go: null });
    const { found } = night.call(99);
    expect(found.plan.conflicts.map(({ message }) => message)).toEqual([
      'foam: “stir” can’t be done now',
    ]);
    expect(readinessOf(wetShow, found, 'foam')?.missing[0]).toMatchObject({ kind: 'blocked' });
    night.at(100, 'ready', { slot: 'foam', step: 'stir', go: null });
    expect(night.call(100).found.plan.conflicts).toEqual([]);
  });

  test('what was said can be taken back', () => {
    const night = soaked().at(20, 'begin', { slot: 'foam', step: 'stir', go: null });
    const before = of(soaked(), 30, 'stir');
    expect(of(night, 30, 'stir')?.said).toBe(true);
    expect(of(night.at(25, 'unmark', { slot: 'foam', step: 'stir' }), 30, 'stir')).toEqual(before);
  });
});

test('a press that is taken back has used nothing up', () => {
  const night = new Night(wetShow).at(0, 'start').at(100, 'done').at(110, 'done');
  const gone = night.call(110).found.plan;
  expect(gone.blocks.find(({ slot: id, kind }) => id === 'rings' && kind === 'on')).toBeDefined();
  const { found, behind } = night.at(112, 'back').call(112);
  // The soaked one is there as it was, and the pouring goes on.
  expect(found.plan.blocks.find(({ slot: id }) => id === 'foam')).toMatchObject({
    kind: 'on',
    start: 100,
  });
  expect([behind, found.plan.end]).toEqual([0, 430]);
  const used = liveShow(wet, { slots: { foam: { oneShot: true } } });
  const again = new Night(used).at(0, 'start').at(100, 'done').at(210, 'failed').at(212, 'again');
  expect(
    again
      .call(212)
      .found.plan.tasks.some(({ task: id, state }) => id === 'stir' && state === 'toCome'),
  ).toBe(true);
  again.at(214, 'back');
  expect(again.call(214, [{ kind: 'done' }]).found.plan.end).toBeLessThanOrEqual(430);
});

describe('two clocks', () => {
  test('soaking, drying and windows go on while the show is held', () => {
    const night = new Night(wetShow).at(0, 'start').at(99, 'hold');
    const before = night.call(99).found.plan.windows.find(({ after: id }) => id === 'soak');
    const { found, live } = night.call(99 + 700);
    const window = found.plan.windows.find(({ after: id }) => id === 'soak');
    // It closes at the same moment of real time, and that is past.
    expect(window?.until).toBe(before?.until);
    expect(window).toMatchObject({ kept: false });
    expect(found.plan.conflicts[0]?.message).toContain('too late after “soak”');
    expect(live.slot).toBe('drum');
  });

  test('a wait for drying is no longer for having been held', () => {
    const night = new Night(wetShow).at(0, 'start').at(100, 'done').at(220, 'done');
    night.at(280, 'done').at(290, 'hold').at(330, 'resume');
    expect(night.call(330).found.plan.blocks.at(-1)).toMatchObject({ start: 340 });
    // Held while the audience waited anyway, it ends no later.
    expect(night.call(330).found.plan.end).toBe(430);
  });

  test('held in a step, the end moves with the clock and the pace does not', () => {
    const night = new Night(wetShow).at(0, 'start').at(10, 'hold');
    expect(night.call(70)).toMatchObject({ behind: 0, found: { plan: { end: 490 } } });
  });
});

describe('a fresh set', () => {
  const rocket = liveShow(
    input([
      slot(
        'rocket',
        [
          task('fill', 'prepare', 40, {
            place: 'wings',
            hands: [{ role: 'helper', count: 1, competence: null }],
          }),
          task('fire', 'perform', 30),
          task('wipe', 'reset', 20, {
            eachGo: false,
            hands: [{ role: 'helper', count: 1, competence: null }],
          }),
        ],
        { positionId: 'table' },
      ),
      slot('talk', [task('words', 'perform', 60)], { positionId: 'bench' }),
    ]),
    { slots: { rocket: { oneShot: true } } },
  );

  test('another go of what does for one only waits for it to be made', () => {
    const night = new Night(rocket).at(0, 'start').at(30, 'failed');
    const again = night.call(30, [{ kind: 'again' }]).found.plan;
    const on = night.call(30, [{ kind: 'done' }]).found.plan;
    expect(on.end).toBe(90);
    // Filled at once; the table is wiped meanwhile by whoever is free, or after it.
    const fire = again.blocks.find(({ slot: id, kind }) => id === 'rocket' && kind === 'toCome');
    expect(fire?.start).toBeGreaterThanOrEqual(30 + 40);
    expect(again.end).toBe((fire?.start ?? 0) + 30 + 60);
  });

  test('and where a set does for many, it begins at once', () => {
    const many = liveShow(rocket.input);
    const night = new Night(many).at(0, 'start').at(30, 'failed');
    expect(night.call(30, [{ kind: 'again' }]).found.plan.end).toBe(30 + 30 + 60);
  });
});

test('at the curtain it has ended, and nothing is to come', () => {
  const night = new Night(wetShow).at(0, 'start');
  for (const { end } of wetShow.written.blocks) night.at(end, 'done');
  const { found, behind, forecast } = night.call(430);
  expect(found.plan.blocks.every(({ kind }) => kind === 'over')).toBe(true);
  expect([behind, found.plan.end, forecast.chance]).toEqual([0, 430, 1]);
  expect(night.live().startedAt).toBe(START);
});
