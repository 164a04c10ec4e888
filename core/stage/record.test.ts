/** What happened is in the record as it happened, and can be put right afterwards. */
import { describe, expect, test } from '@jest/globals';
import { methodRunsOf } from '../after/review';
import { after, task } from '../testing/build';
import { bundle } from '../testing/bundle';
import { START, Stage, threeSlots } from '../testing/stage';
import { timelineOf } from '../lineup/timelineOf';
import { runPlanOf } from './plan';
import { showTime } from './showTime';

const { plan, show } = threeSlots;
const goesOf = (stage: Stage, slot: string) => stage.live().slots[slot]?.goes;

describe('a go that was begun', () => {
  test('and left for another demo is in the record, with its time', () => {
    const stage = new Stage().at(0, 'start').at(60, 'done').at(100, 'goTo', { slot: 'slot-cloud' });
    expect(goesOf(stage, 'slot-drum')).toEqual([
      { go: 1, outcome: 'partly', cause: 'left unfinished' },
    ]);
    const runs = methodRunsOf({ kind: 'performance', plan, events: stage.events });
    expect(runs.find(({ slotId }) => slotId === 'slot-drum')).toMatchObject({
      times: { hello: [60] },
    });
    expect(stage.live().visits[0]).toMatchObject({ slot: 'slot-drum', acted: true });
  });

  test('of one step only, once a good part of it has gone', () => {
    const long = new Stage().at(0, 'start').at(10, 'goTo', { slot: 'slot-cloud' });
    expect(goesOf(long.at(210, 'goTo', { slot: 'slot-foam' }), 'slot-cloud')).toHaveLength(1);
    const short = new Stage().at(0, 'start').at(10, 'goTo', { slot: 'slot-cloud' });
    expect(goesOf(short.at(14, 'goTo', { slot: 'slot-foam' }), 'slot-cloud')).toEqual([]);
  });

  test('and skipped counts; one that was skipped at once does not', () => {
    const begun = new Stage().at(0, 'start').at(60, 'done').at(80, 'skip');
    expect(goesOf(begun, 'slot-drum')).toHaveLength(1);
    expect(goesOf(new Stage().at(0, 'start').at(3, 'skip'), 'slot-drum')).toEqual([]);
  });

  test('after its effect it worked, however it was left', () => {
    const stage = new Stage().at(0, 'start').at(60, 'done').at(120, 'done').at(130, 'skip');
    expect(goesOf(stage, 'slot-drum')).toEqual([{ go: 1, outcome: 'worked', cause: null }]);
  });
});

describe('a time that can’t be right', () => {
  const forgot = (): Stage => new Stage().at(0, 'start').at(961, 'done');
  const timesOf = (stage: Stage) =>
    methodRunsOf({ kind: 'performance', plan, events: stage.events })[0]?.times;

  test('is put right afterwards; what was pressed stays', () => {
    const stage = forgot().at(2000, 'correct', { slot: 'slot-drum', step: 'hello', value: 31 });
    expect(stage.live().slots['slot-drum']?.steps).toEqual([
      { task: 'hello', go: 1, seconds: 31, measured: 961, doubtful: false, trusted: false },
    ]);
    expect(timesOf(stage)).toEqual({ hello: [31] });
    expect(stage.events.filter(({ kind }) => kind === 'done')).toHaveLength(1);
    expect(timesOf(stage.at(2010, 'trust', { slot: 'slot-drum', step: 'hello' }))).toEqual({
      hello: [961],
    });
  });

  test('is marked doubtful, and nothing is learned from it', () => {
    const stage = forgot().at(2000, 'doubt', { slot: 'slot-drum', step: 'hello' });
    expect(stage.live().slots['slot-drum']?.steps[0]).toMatchObject({ doubtful: true });
    expect(timesOf(stage)).toEqual({});
  });
});

describe('dead air that was planned', () => {
  const waits = bundle([
    { id: 'a', tasks: [task('p', 'perform', 60)] },
    {
      id: 'b',
      tasks: [
        task('set', 'prepare', 40, { hands: [{ role: 'helper', count: 1, competence: null }] }),
        task('q', 'perform', 50, { after: [after('set')] }),
      ],
    },
  ]);
  const run = runPlanOf(waits, timelineOf(waits), START);

  test('is before the first step, and not in its time', () => {
    const stage = new Stage(run).at(0, 'start').at(60, 'done');
    expect(stage.live()).toMatchObject({ slot: 'slot-b', stepAt: 100 });
    stage.at(150, 'done');
    expect(stage.live().slots['slot-b']).toMatchObject({
      startedAt: 100,
      endedAt: 150,
      steps: [{ task: 'q', seconds: 50 }],
    });
  });

  test('is shorter where somebody begins, or has begun, sooner', () => {
    const said = new Stage(run).at(0, 'start').at(60, 'done').at(80, 'commence').at(130, 'done');
    expect(said.live().slots['slot-b']?.steps[0]?.seconds).toBe(50);
    expect(said.live().slots['slot-b']?.startedAt).toBe(80);
    const done = new Stage(run).at(0, 'start').at(60, 'done').at(95, 'done');
    // It took its usual time at the most, and was not begun before the slot was entered.
    expect(done.live().slots['slot-b']).toMatchObject({ startedAt: 60, endedAt: 95 });
  });

  test('is none where the slot comes out of its turn', () => {
    const stage = new Stage(run).at(0, 'start').at(10, 'leaveOut', { slot: 'slot-b' });
    stage.at(60, 'done').at(70, 'bringBack', { slot: 'slot-b' });
    expect(stage.live().stepAt).toBe(70);
  });
});

describe('what protects, briefs and lets go', () => {
  const launch = bundle([
    {
      id: 'rocket',
      over: {
        warning: 'There will be a bang.',
        volunteers: 1,
        hazards: [
          {
            kind: 'projectile',
            control: 'Screen',
            atRisk: ['audience'],
            firstAid: '',
            figure: null,
            before: null,
            after: null,
          },
        ],
        volunteerCard: {
          suits: 'Steady',
          mustNot: [],
          ask: 'Who helps?',
          letGo: '',
          gear: ['goggles'],
          steps: ['Pull the cord.'],
          wayOff: 'Down the left steps.',
          fetchedIn: 'fetch',
        },
      },
      tasks: [
        task('fetch', 'perform', 40, { eachGo: false }),
        task('fire', 'perform', 30, {
          gearOn: ['Goggles'],
          gearOff: ['Goggles'],
          hazards: ['projectile'],
        }),
        task('why', 'perform', 30, { eachGo: false }),
      ],
    },
  ]);
  const run = runPlanOf(launch, timelineOf(launch), START);

  test('are parts of the steps where they happen, each a press of its own', () => {
    const stage = new Stage(run).at(0, 'start');
    const seen: string[] = [];
    for (let t = 5; stage.live().phase === 'running'; t += 5) {
      seen.push(stage.part());
      stage.forward(t);
    }
    expect(seen).toEqual([
      'fetch warn',
      'fetch brief',
      'fetch do',
      'fire clear',
      'fire gear',
      'fire do',
      'fire off',
      'why do',
      'why letGo',
    ]);
    // The time of a step is that of all its parts.
    expect(stage.live().slots['slot-rocket']?.steps.map(({ seconds }) => seconds)).toEqual([
      15, 20, 10,
    ]);
    const lines = run.slots[0]?.steps.at(-1)?.letGo;
    expect(lines).toEqual([
      'Let the volunteer go, with thanks',
      'goggles off',
      'Down the left steps.',
    ]);
  });

  test('a press for the whole step does them all; two presses for one part do it once; Back takes one back', () => {
    const stage = new Stage(run).at(0, 'start').at(5, 'part', { text: 'warn' });
    stage.at(6, 'part', { text: 'warn' });
    expect(stage.part()).toBe('fetch brief');
    expect(stage.at(7, 'back').part()).toBe('fetch warn');
    expect(stage.at(40, 'done').part()).toBe('fire clear');
  });
});

describe('after the end', () => {
  test('Finish can be taken back, with what was said since', () => {
    const stage = new Stage().at(0, 'start').at(100, 'done').at(120, 'finish');
    stage.at(130, 'note', { slot: null, text: 'too soon' }).at(140, 'unfinish');
    expect(stage.where()).toBe('drum bang 1');
    expect(stage.live()).toMatchObject({ phase: 'running', finishedAt: null });
    expect(stage.live().notes).toHaveLength(1);
    expect(showTime(stage.live(), START + 150_000)).toBe(150);
    expect(stage.at(160, 'done').where()).toBe('drum why 1');
  });

  test('and of a held show it is held again', () => {
    const stage = new Stage().at(0, 'start').at(50, 'hold').at(60, 'finish').at(70, 'unfinish');
    expect(stage.live()).toMatchObject({ phase: 'held', heldFrom: START + 50_000 });
  });
});

test('why it failed is said after it, and one Back takes both back', () => {
  const stage = new Stage().at(0, 'start').at(10, 'failed').at(20, 'failed', { cause: 'damp' });
  expect(goesOf(stage, 'slot-drum')).toEqual([{ go: 1, outcome: 'failed', cause: 'damp' }]);
  stage.at(30, 'back');
  expect(stage.live()).toMatchObject({ failed: false, slot: 'slot-drum' });
  expect(goesOf(stage, 'slot-drum')).toEqual([]);
});

test('the time from a sign to the act is kept, and a hold does not stop it', () => {
  const stage = new Stage().at(0, 'start').at(10, 'sign').at(20, 'hold').at(50, 'resume');
  stage.at(90, 'done');
  expect(stage.live().slots['slot-drum']?.signs).toEqual([{ task: 'hello', go: 1, seconds: 80 }]);
  expect(stage.live().slots['slot-drum']?.steps[0]?.seconds).toBe(60);
});

test('what was said of jobs, gates and the hard finish is not taken back with a move', () => {
  const stage = new Stage().at(0, 'start').at(10, 'done');
  stage.at(20, 'begin', { slot: 'slot-foam', step: 'soak', go: null });
  stage.at(21, 'pass', { slot: 'slot-foam', text: 'water from drum', step: null });
  stage.at(22, 'moveFinish', { value: START + 3e6, slot: null, step: null });
  const { jobs, passed, finishMoved } = stage.at(30, 'back').live();
  expect(Object.values(jobs)).toEqual([
    { begun: START + 20_000, ended: null, trouble: null, at: START + 20_000, by: 'ines' },
  ]);
  expect(passed).toEqual([
    { slot: 'slot-foam', rule: 'water from drum', at: START + 21_000, by: 'ines' },
  ]);
  expect(finishMoved).toBe(START + 3e6);
});

test('show time at any moment of a run that was held more than once', () => {
  const stage = new Stage().at(0, 'start').at(10, 'hold').at(30, 'resume').at(50, 'hold');
  const live = stage.at(80, 'resume').live();
  const at = [5, 10, 20, 30, 40, 50, 70, 80, 100].map((s) => showTime(live, START + s * 1000));
  expect(at).toEqual([5, 10, 10, 10, 20, 30, 30, 30, 50]);
  expect(show.demos).toHaveLength(3);
});
