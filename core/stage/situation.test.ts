/** What the main key does: never past a closed gate, never before it is known whether a slot may begin. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { after, input, slot, task } from '../testing/build';
import { liveShow, Night } from '../testing/live';
import { START } from '../testing/stage';
import { liveJobs } from './replan/jobs';
import { liveShowOf } from './replan/liveShow';
import { tell, type Telling } from './replan/tell';
import { showTime } from './showTime';
import { isLastMinute, situationOf } from './situation';

const helper = [{ role: 'helper' as const, count: 1, competence: null }];
const performer = [{ role: 'performer' as const, count: 1, competence: null }];
const show = liveShow(
  input([
    slot(
      'foam',
      [
        task('stir', 'prepare', 20, { place: 'wings', hands: helper }),
        task('soak', 'settle', 60, { place: 'wings', after: [after('stir')] }),
        task('pour', 'perform', 100, { after: [after('soak', 0, 300)] }),
        task('wipe', 'reset', 40, { eachGo: false, hands: performer }),
      ],
      { leaves: [{ kind: 'water', where: 'position', task: 'wipe', seconds: 40 }] },
    ),
    slot('dome', [task('charge', 'perform', 90)], { forbids: ['water'] }),
    slot('rings', [task('blow', 'perform', 60)], { positionId: 'bench' }),
    slot('forks', [task('hang', 'perform', 60)], { positionId: 'bench' }),
    slot('drum', [task('beat', 'perform', 60)], { positionId: 'bench' }),
  ]),
  {
    slots: Object.fromEntries(
      ['foam', 'dome', 'rings', 'forks', 'drum'].map((id) => [id, { performer: 'Ines' }]),
    ),
  },
);
/** The same, with the soaked one second. */
const [foam, , rings] = show.input.slots;
const later = liveShow({ ...show.input, slots: [rings, foam].flatMap((one) => one ?? []) });
const soaked = (): Night =>
  new Night(later).at(0, 'start').at(10, 'ready', { slot: 'foam', step: 'soak', go: null });

const told = (night: Night, seconds: number): Telling =>
  tell(night.caller, night.call(seconds), night.events.length);
const at = (night: Night, seconds: number, fresh = true) =>
  situationOf(show.plan, night.live(), told(night, seconds), fresh, START + seconds * 1000);

describe('the main key', () => {
  test('on a wet table: first what the presenter has to do herself, then the gate is open', () => {
    const night = new Night(show).at(0, 'start').at(100, 'done');
    const waiting = at(night, 100);
    expect(waiting).toMatchObject({
      kind: 'waiting',
      own: { task: 'wipe', name: 'wipe' },
      gates: [{ words: 'water from foam', gate: true }],
    });
    night.at(130, 'ready', { slot: 'foam', step: 'wipe', go: null });
    expect(at(night, 130)).toMatchObject({ kind: 'on', unsure: false, ends: true });
  });

  test('what she might do meanwhile for another slot is no step of hers now', () => {
    const [wetFoam, dome, ...others] = show.input.slots;
    const laid = slot('crown', [
      task('set', 'prepare', 10, { hands: performer }),
      task('hang', 'perform', 60),
    ]);
    const busy = liveShow(
      { ...show.input, slots: [wetFoam, dome, laid, ...others].flatMap((one) => one ?? []) },
      { slots: { foam: { performer: 'Ines' }, dome: { performer: 'Ines' } } },
    );
    const night = new Night(busy).at(0, 'start').at(100, 'done');
    night
      .at(110, 'ready', { slot: 'foam', step: 'wipe', go: null })
      .at(110, 'goTo', { slot: 'dome' });
    const now = situationOf(busy.plan, night.live(), told(night, 110), true, START + 110_000);
    expect(now.kind === 'waiting' ? now.own : null).toBeNull();
  });

  test('a gate that somebody went past with a name is open for this time, not for the next', () => {
    const night = new Night(show).at(0, 'start').at(100, 'done');
    night.at(101, 'pass', { slot: 'dome', step: null, go: null, text: 'water from foam' });
    expect(at(night, 102)).toMatchObject({ kind: 'waiting', gates: [] });
    night.at(103, 'goTo', { slot: 'rings' }).at(104, 'goTo', { slot: 'dome' });
    expect(at(night, 104)).toMatchObject({ gates: [{ words: 'water from foam' }] });
  });

  test('until the show caller has answered it is not known whether a slot may begin', () => {
    const night = new Night(show).at(0, 'start').at(100, 'done');
    expect(at(night, 100, false)).toMatchObject({ kind: 'on', unsure: true });
    const before = situationOf(show.plan, night.live(), null, false, START + 100_000);
    expect(before).toMatchObject({ kind: 'on', unsure: true });
    // What has begun goes on without it.
    const acted = new Night(show).at(0, 'start').at(5, 'commence');
    expect(at(acted, 10, false)).toMatchObject({ kind: 'on', unsure: false });
  });

  test('before, held, failed, at the curtain', () => {
    const night = new Night(show);
    const kind = (): string => situationOf(show.plan, night.live(), null, false, START).kind;
    expect(kind()).toBe('before');
    night.at(0, 'start').at(10, 'hold');
    expect(kind()).toBe('held');
    night.at(20, 'resume').at(50, 'failed');
    expect(kind()).toBe('failed');
    night.at(60, 'done');
    for (let t = 70; night.live().slot !== null; t += 10) night.at(t, 'skip');
    expect(kind()).toBe('curtain');
  });

  test('the last minute is one with little time and many to go', () => {
    const night = new Night(show).at(0, 'start');
    const isLast = (seconds: number): boolean =>
      isLastMinute(show.plan, night.live(), told(night, seconds), START + seconds * 1000);
    expect(isLast(100)).toBe(false);
    expect(isLast(2250)).toBe(true);
    night.at(2260, 'skip').at(2270, 'skip');
    expect(isLast(2280)).toBe(false);
  });
});

describe('what is told', () => {
  test('the booking, the pace, and who has what, the most urgent first', () => {
    const night = new Night(show).at(120, 'start');
    expect(told(night, 125)).toMatchObject({ late: 120, paceWords: 'on time' });
    const jobs = liveJobs(told(night, 220), START + 220_000);
    expect(jobs.map(({ name, state, people }) => [name, state, people])).toEqual([
      ['wipe', 'due', ['Ines']],
    ]);
    const held = soaked().at(11, 'hold');
    const soak = (seconds: number) =>
      liveJobs(told(held, seconds), START + seconds * 1000).find(({ name }) => name === 'soak');
    expect(soak(30)).toMatchObject({ name: 'soak', state: 'ready', said: true });
    expect(soak(400)).toMatchObject({ name: 'soak', state: 'spent' });
    expect(told(held, 400).conflicts[0]?.words).toBe(
      'foam: “soak” won’t keep so long. Do it again, or leave the slot out',
    );
  });
});

test('show time and what was held make up real time, and a window never moves for it (property)', () => {
  const hold = fc.record({
    after: fc.integer({ min: 1, max: 40 }),
    long: fc.integer({ min: 1, max: 60 }),
  });
  fc.assert(
    fc.property(fc.array(hold, { maxLength: 5 }), (holds) => {
      const night = soaked();
      let clock = 10;
      let held = 0;
      for (const one of holds) {
        night.at(clock + one.after, 'hold').at(clock + one.after + one.long, 'resume');
        clock += one.after + one.long;
        held += one.long;
        expect(showTime(night.live(), START + clock * 1000) + held).toBe(clock);
        const window = told(night, clock).windows.find(({ name }) => name === 'soak');
        expect(window).toMatchObject({ until: START + 310_000, kept: clock < 310 });
      }
    }),
    { numRuns: 40, seed: 1405 },
  );
});

test('of a show that can’t be read any more the steps are timed, and nothing is called ready', () => {
  const plain = liveShowOf(null, show.plan, []);
  const night = new Night(plain).at(0, 'start').at(100, 'done');
  const now = told(night, 110);
  expect(now.known).toBe(false);
  expect(now.blocks.filter(({ kind }) => kind !== 'over').map(({ slot: id }) => id)).toEqual([
    'dome',
    'rings',
    'forks',
    'drum',
  ]);
  expect(now.end.written).toBe(START + (100 + 90 + 60 + 60 + 60) * 1000);
});
