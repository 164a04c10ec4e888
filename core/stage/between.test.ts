/** Clearing between two goes, on stage, and talks. */
import { describe, expect, test } from '@jest/globals';
import { timelineOf } from '../lineup/timelineOf';
import { recordsOf } from '../after/review';
import { task } from '../testing/build';
import { bookedSlot, bundle } from '../testing/bundle';
import { START, Stage } from '../testing/stage';
import { runPlanOf } from './plan';

const show = bundle([
  {
    id: 'bang',
    slot: { goes: 2 },
    tasks: [
      task('load', 'perform', 20),
      task('fire', 'perform', 30),
      task('refill', 'reset', 40, { eachGo: true }),
      task('bow', 'perform', 10, { eachGo: false }),
    ],
  },
]);
const plan = runPlanOf(show, timelineOf(show), START);

describe('clearing between goes', () => {
  test('is a step after each go but the last; the outcome is the go’s, not the clearing’s', () => {
    const stage = new Stage(plan).at(0, 'start');
    const seen = [stage.where()];
    for (let t = 10; stage.live().phase === 'running'; t += 10)
      seen.push(stage.at(t, 'done').where());
    expect(seen).toEqual(
      [
        'bang load 1',
        'bang fire 1',
        'bang refill 1',
        'bang load 2',
        'bang fire 2',
        'bang bow 2',
        'curtain  2',
      ].map((words) => (words.startsWith('curtain') ? expect.stringMatching(/^curtain/) : words)),
    );
    expect(stage.live().slots['slot-bang']?.goes.map((g) => g.outcome)).toEqual([
      'worked',
      'worked',
    ]);
  });

  test('Again goes by way of it, and keeps what was said of the go that failed', () => {
    const stage = new Stage(plan).at(0, 'start').at(10, 'done').at(20, 'failed', { cause: 'damp' });
    expect(stage.at(30, 'again').where()).toBe('bang refill 1');
    expect(stage.at(60, 'done').where()).toBe('bang load 2');
    expect(stage.live().slots['slot-bang']?.goes).toEqual([
      { go: 1, outcome: 'failed', cause: 'damp' },
    ]);
  });

  test('the planned length counts it once for two goes', () => {
    const [slot] = plan.slots;
    expect((slot?.end ?? 0) - (slot?.start ?? 0)).toBe(20 + 30 + 40 + 20 + 30 + 10);
  });

  test('how long each step took goes into the record, steps that failed left out', () => {
    const stage = new Stage(plan)
      .at(0, 'start')
      .at(25, 'done')
      .at(60, 'failed')
      .at(61, 'again')
      .at(90, 'done')
      .at(112, 'done');
    const [record] = recordsOf(show.demos, [{ kind: 'performance', plan, events: stage.events }]);
    const seconds = (task: string) => record?.times[task]?.map((one) => one.seconds);
    expect(Object.keys(record?.times ?? {})).toEqual(['load', 'refill']);
    expect([seconds('load'), seconds('refill')]).toEqual([[25, 22], [29]]);
  });
});

test('a talk is a slot of one step, with words, and leaves no record of a demo', () => {
  const talk = {
    title: 'Welcome',
    time: { shortest: 30, likely: 40, longest: 60 },
    say: 'Good evening.',
  };
  const withTalk = {
    ...show,
    show: {
      ...show.show,
      slots: [
        bookedSlot('bang', { id: 'talk', demoId: null, methodId: null, talk, positionId: null }),
        ...show.show.slots,
      ],
    },
  };
  const timeline = timelineOf(withTalk);
  expect(timeline.conflicts).toEqual([]);
  expect(timeline.blocks[0]).toEqual({ slot: 'talk', start: 0, end: 40 });
  const run = runPlanOf(withTalk, timeline, START);
  expect(run.slots[0]).toMatchObject({ name: 'Welcome', demoId: null, methodId: null });
  expect(run.slots[0]?.steps).toEqual([expect.objectContaining({ say: 'Good evening.' })]);
  const stage = new Stage(run).at(0, 'start').at(40, 'done');
  const records = recordsOf(show.demos, [{ kind: 'performance', plan: run, events: stage.events }]);
  expect(records.map((r) => r.demoId)).toEqual(['bang']);
});
