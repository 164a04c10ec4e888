/** What one of the crew sees of a show, against what the show caller says and what was pressed. */
import { describe, expect, test } from '@jest/globals';
import { lineupInput } from '../lineup/fromBundle';
import { timelineOf } from '../lineup/timelineOf';
import { after, task } from '../testing/build';
import { bundle } from '../testing/bundle';
import { Stage, START } from '../testing/stage';
import {
  crewView,
  type CrewView,
  type Duty,
  dutiesOf,
  GET_READY,
  isMissed,
  plannedTelling,
  urgencyOf,
  whoHasWhat,
} from './crew';
import { runPlanOf } from './plan';
import { Caller } from './replan/caller';
import { liveShowOf } from './replan/liveShow';
import { tell } from './replan/tell';

const HELPER = { role: 'helper' as const, count: 1, competence: null };

/** Two helpers’ work behind one presenter: stir, which soaks by itself and keeps ten minutes; and wipe. */
const show = bundle([
  { id: 'drum', tasks: [task('bang', 'perform', 300)] },
  {
    id: 'foam',
    slot: { positionId: 'bench' },
    tasks: [
      task('stir', 'prepare', 60, { hands: [HELPER] }),
      task('soak', 'settle', 120, { place: 'wings', after: [after('stir', 0)] }),
      task('pour', 'perform', 240, { after: [after('soak', 0, 600)] }),
      task('wipe', 'reset', 90, { hands: [HELPER], after: [after('pour', 0)] }),
    ],
  },
]);
const plan = runPlanOf(show, timelineOf(show), START);
const input = lineupInput(show);
const [ines, jo] = ['ines', 'jo'];
const presents = input.slots.map(({ id, name, performerId }) => ({ slot: id, name, performerId }));

function seenBy(person: string, stage: Stage, seconds: number): CrewView {
  const caller = new Caller(liveShowOf(show, plan, []), 'performance', {
    runs: 50,
    seed: 1,
    share: 0.9,
  });
  caller.hear(stage.events);
  const now = START + seconds * 1000;
  const telling = tell(caller, caller.at(now), stage.events.length);
  return crewView(telling, presents, stage.live(), person, now);
}

const helperOf = (): string => {
  const stir = timelineOf(show).tasks.find(({ task: id }) => id === 'stir');
  return stir?.people[0] ?? '';
};

test('the helper’s next, what comes after it, and its countdown', () => {
  const helper = helperOf();
  expect(helper).not.toBe('');
  const stage = new Stage(plan).at(0, 'start');
  const written = timelineOf(show).tasks.find(({ task: id }) => id === 'stir');
  const { duty, then } = seenBy(helper, stage, 0);
  // The plan has begun it already, or will: either way it is what there is to do.
  expect(duty).toMatchObject({ kind: 'task', task: 'stir', of: expect.stringMatching(/foam/i) });
  expect(duty && Math.abs((duty.from - START) / 1000 - (written?.start ?? NaN))).toBeLessThan(61);
  expect(then?.task).toBe('wipe');
});

test('started, it is under way; finished, what it became is in the background with its window', () => {
  const helper = helperOf();
  const about = { slot: 'slot-foam', step: 'stir', go: null };
  const stage = new Stage(plan).at(0, 'start').at(1, 'late', about).at(100, 'begin', about);
  expect(seenBy(helper, stage, 110).duty).toMatchObject({ state: 'underWay', said: true });
  stage.at(160, 'ready', about);
  const { duty, background } = seenBy(helper, stage, 290);
  expect(duty?.task).toBe('wipe');
  const [soak] = background;
  expect(soak?.isReady).toBe(true);
  // It soaks from 160 to 280, and keeps ten minutes from then.
  expect(soak && (soak.until - START) / 1000).toBeCloseTo(880, 0);
});

test('whoever presents has their slots among their work', () => {
  const stage = new Stage(plan).at(0, 'start');
  const { duty } = seenBy(ines, stage, 10);
  expect(duty).toMatchObject({ kind: 'present', slot: 'slot-drum', state: 'underWay' });
});

test('a call is told to who has the work, until it is begun', () => {
  const helper = helperOf();
  const about = { slot: 'slot-foam', step: 'stir', go: null };
  const stage = new Stage(plan).at(0, 'start').at(1, 'late', about).at(30, 'call', about);
  expect(seenBy(helper, stage, 31).called).toMatchObject({ by: 'ines', duty: { task: 'stir' } });
  const other = [ines, jo].find((id) => id !== helper) ?? '';
  expect(seenBy(other, stage, 31).called).toBeNull();
  stage.at(40, 'begin', about);
  expect(seenBy(helper, stage, 41).called).toBeNull();
});

describe('how near it is', () => {
  const duty = (change: Partial<Duty>): Duty => ({
    kind: 'task',
    slot: 's',
    task: 't',
    name: 'n',
    of: 'o',
    from: START,
    to: START + 60_000,
    state: 'toCome',
    said: false,
    ...change,
  });
  test.each([
    [-GET_READY - 1000, 'later'],
    [-GET_READY, 'soon'],
    [-6000, 'soon'],
    [-5000, 'now'],
    [0, 'now'],
    [29_000, 'now'],
    [31_000, 'late'],
  ])('%i ms from its time: %s', (past, words) => {
    expect(urgencyOf(duty({}), START + past)).toBe(words);
  });

  test('what is under way is not announced', () => {
    expect(urgencyOf(duty({ state: 'underWay' }), START)).toBe('later');
  });
});

test('past its time and not begun, nothing of the show is over: it can begin now at the earliest', () => {
  const first = { id: 'first', tasks: [task('set', 'prepare', 60), task('bang', 'perform', 300)] };
  const early = bundle([
    first,
    {
      id: 'second',
      slot: { positionId: 'bench' },
      tasks: [
        task('cut', 'prepare', 60, { hands: [HELPER] }),
        task('show', 'perform', 60, { after: [after('cut', 0, 100)] }),
        task('wipe', 'reset', 30, { hands: [HELPER] }),
      ],
    },
  ]);
  const timeline = timelineOf(early);
  const now = START + 75 * 60_000;
  const at = (moment: number) => plannedTelling(lineupInput(early), timeline, START, moment);
  const told = at(now);
  const planned = timeline.tasks.filter(({ phase }) => phase !== 'perform');
  expect(planned.some(({ start }) => start >= 0)).toBe(true);
  expect(planned.some(({ start }) => start < 0)).toBe(true);
  planned.forEach(({ start }, i) => {
    // What was to be done before the start is taken to be.
    if (start < 0) expect(told.tasks[i]?.state).toBe('done');
    else expect(told.tasks[i]?.from).toBe(now + start * 1000);
    if (start >= 0) expect(told.tasks[i]?.state).not.toBe('done');
  });
  expect(told.blocks[0]?.from).toBe(now + (timeline.blocks[0]?.start ?? 0) * 1000);
  // Still so in the evening of an early afternoon’s show.
  const evening = at(START + 9.5 * 3_600_000);
  expect(evening.tasks.some(({ state }) => state === 'toCome')).toBe(true);
  expect(isMissed(START, START + 9.5 * 3_600_000)).toBe(false);
  // On another day it is over, or never was.
  expect(isMissed(START, START + 20 * 3_600_000)).toBe(true);
  const later = at(START + 20 * 3_600_000);
  expect(later.tasks.every(({ state }) => state === 'done')).toBe(true);
});

test('before the show it is the plan, by the clock', () => {
  const timeline = timelineOf(show);
  const first = Math.min(...timeline.tasks.map(({ start }) => start));
  const told = plannedTelling(input, timeline, START, START + (first - 600) * 1000);
  const helper = helperOf();
  const duties = dutiesOf(told, presents, helper);
  const expected = timeline.tasks
    .filter(({ people, phase }) => phase !== 'perform' && people.includes(helper))
    .map(({ task: id }) => id);
  expect(duties.filter(({ kind }) => kind === 'task').map(({ task: id }) => id)).toEqual(expected);
  for (const one of duties) expect(one.state).toBe('toCome');
  const has = whoHasWhat(told, presents, input.crew);
  expect(has.map(({ id }) => id)).toEqual(input.crew.map(({ id }) => id));
  expect(has.find(({ id }) => id === helper)?.duty).toEqual(duties[0]);
});

test('two of the same name who do one thing together are named once in the plan', () => {
  const both = [{ ...HELPER, count: 2 }];
  const twins = bundle([
    {
      id: 'drum',
      tasks: [task('carry', 'prepare', 60, { hands: both }), task('bang', 'perform', 60)],
    },
  ]);
  const people = twins.people.map((person) => ({ ...person, name: 'Sam' }));
  const named = { ...twins, people };
  const { jobs } = runPlanOf(named, timelineOf(named), START);
  expect(jobs.map((job) => job.people)).toEqual([['Sam']]);
});
