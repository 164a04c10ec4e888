/** The sequence of goes: the timeline, the stage and the forecast agree, whatever a method is made of. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { policiesOf } from '../lineup/forecast/fromBundle';
import { forecastShow } from '../lineup/forecast/forecast';
import { lineupInput } from '../lineup/fromBundle';
import { timelineOf } from '../lineup/timelineOf';
import type { Task } from '../repertoire/types';
import type { ShowBundle } from '../brief/types';
import { task } from '../testing/build';
import { bundle } from '../testing/bundle';
import { START, Stage } from '../testing/stage';
import { runPlanOf } from './plan';

const methods = fc
  .array(
    fc.record({
      phase: fc.constantFrom(
        'perform' as const,
        'perform' as const,
        'reset' as const,
        'prepare' as const,
      ),
      eachGo: fc.boolean(),
      seconds: fc.integer({ min: 1, max: 90 }),
    }),
    { minLength: 1, maxLength: 7 },
  )
  .filter((parts) => parts.some(({ phase }) => phase === 'perform'))
  .map((parts): Task[] =>
    parts.map(({ phase, eachGo, seconds }, i) => task(`t${i}`, phase, seconds, { eachGo })),
  );

const showOf = (tasks: Task[], goes: number, again = 0): ShowBundle =>
  bundle([
    {
      id: 'd',
      tasks,
      over: { goesAllowed: 20, priorWorked: 0, priorFailed: 100_000 },
      slot: { goes, again },
    },
  ]);

/** What the audience watches by the timeline, one after another. */
const byTimeline = (show: ShowBundle): string[] => {
  const { tasks, blocks } = timelineOf(show);
  const block = blocks[0] ?? { start: 0, end: 0 };
  return tasks
    .filter(({ phase, start }) => phase === 'perform' && start >= block.start)
    .sort((a, b) => a.start - b.start)
    .map((placed) => placed.task);
};

/** What comes on stage when Done is pressed for every step, with so many presses of Again at the end of a go. */
function byStage(show: ShowBundle, more = 0): string[] {
  const plan = runPlanOf(show, timelineOf(show), START);
  const stage = new Stage(plan).at(0, 'start');
  const seen: string[] = [];
  let left = more;
  for (let i = 1; stage.live().phase === 'running'; i++) {
    const { slot, step, go } = stage.live();
    const steps = plan.slots.find((one) => one.id === slot)?.steps ?? [];
    const now = steps[step];
    seen.push(now?.task ?? '');
    const repeats = steps.some((one) => one.eachGo);
    const ofGo = steps.filter((one) => !one.between && (one.eachGo || !repeats));
    const planned = repeats ? (plan.slots[0]?.goes ?? 1) : 1;
    if (left > 0 && now === ofGo.at(-1) && go === planned + more - left) {
      left--;
      stage.at(i, 'again');
    } else stage.at(i, 'done');
  }
  return seen;
}

describe('the sequence of goes', () => {
  test('is the same on the timeline and on stage, for any method and number of goes', () => {
    fc.assert(
      fc.property(methods, fc.integer({ min: 1, max: 4 }), (tasks, goes) => {
        const show = showOf(tasks, goes);
        expect(byStage(show)).toEqual(byTimeline(show));
      }),
      { numRuns: 400, seed: 21 },
    );
  });

  test('every planned go comes on stage, and is counted', () => {
    fc.assert(
      fc.property(methods, fc.integer({ min: 1, max: 4 }), (tasks, goes) => {
        const repeats = tasks.some(({ phase, eachGo }) => phase === 'perform' && eachGo);
        const show = showOf(tasks, goes);
        const plan = runPlanOf(show, timelineOf(show), START);
        const stage = new Stage(plan).at(0, 'start');
        for (let i = 1; stage.live().phase === 'running'; i++) stage.at(i, 'done');
        const counted = stage.live().slots['slot-d']?.goes ?? [];
        expect(counted.map(({ go }) => go)).toEqual(
          Array.from({ length: repeats ? goes : 1 }, (_, i) => i + 1),
        );
      }),
      { numRuns: 200, seed: 22 },
    );
  });

  test('one more by Again is what one more planned go is', () => {
    fc.assert(
      fc.property(methods, fc.integer({ min: 1, max: 3 }), (tasks, goes) => {
        if (!tasks.some(({ phase, eachGo }) => phase === 'perform' && eachGo)) return;
        expect(byStage(showOf(tasks, goes), 1)).toEqual(byTimeline(showOf(tasks, goes + 1)));
      }),
      { numRuns: 200, seed: 23 },
    );
  });

  test('one more after a failure takes the forecast as long as it takes the stage', () => {
    fc.assert(
      fc.property(methods, fc.integer({ min: 1, max: 3 }), (tasks, goes) => {
        const show = showOf(tasks, goes, 1);
        const timeline = timelineOf(show);
        const size = { runs: 20, seed: 1, share: 0.9 };
        const forecast = forecastShow(lineupInput(show), timeline, policiesOf(show, []), size);
        const seconds = new Map(tasks.map(({ id, time }) => [id, time.likely]));
        // Every go fails, so that the one more is always made.
        const onStage = byStage(show, 1).reduce((sum, id) => sum + (seconds.get(id) ?? 0), 0);
        expect(forecast.end.mean - (timeline.blocks[0]?.start ?? 0)).toBeCloseTo(onStage, 3);
      }),
      { numRuns: 100, seed: 24 },
    );
  });
});
