/** The plan goes by the guess, until somebody takes a learned time in its place. */
import { describe, expect, test } from '@jest/globals';
import { lineupInput } from '../lineup/fromBundle';
import { policiesOf, type TriedMethod } from '../lineup/forecast/fromBundle';
import { timelineOf } from '../lineup/timelineOf';
import { blankMethod } from '../repertoire/blank';
import type { TimeFigure } from '../repertoire/types';
import { runPlanOf } from '../stage/plan';
import { task } from '../testing/build';
import { bundle } from '../testing/bundle';
import { figureFor, plannedTime, withFigures } from './figures';
import { learnedTime } from './time';

const step = task('p', 'perform', 60);
const figure = (more: Partial<TimeFigure> = {}): TimeFigure => ({
  id: 'f',
  task: 'p',
  performerId: null,
  use: 'taken',
  frozen: false,
  time: { shortest: 80, likely: 90, longest: 100 },
  from: 7,
  at: 1,
  ...more,
});
const method = (...figures: TimeFigure[]) => ({ ...blankMethod('m', 'm'), tasks: [step], figures });
const likely = (figures: TimeFigure[], performerId: string | null = null): number =>
  plannedTime(method(...figures), step, performerId).likely;

describe('which time counts', () => {
  test('the guess, while nothing was decided, and where it was kept', () => {
    expect(likely([])).toBe(60);
    expect(likely([figure({ use: 'mine' })])).toBe(60);
    expect(likely([figure({ task: 'other' })])).toBe(60);
  });

  test('what was taken; for a performer before for anybody', () => {
    const both = [
      figure(),
      figure({ id: 'g', performerId: 'mara', time: { shortest: 100, likely: 120, longest: 150 } }),
    ];
    expect([likely(both), likely(both, 'ines'), likely(both, 'mara')]).toEqual([90, 90, 120]);
    expect(figureFor(method(...both), 'p', 'mara')?.id).toBe('g');
  });

  test('a method without decisions is itself', () => {
    const plain = method();
    expect(withFigures(plain, 'ines')).toBe(plain);
    const kept = method(figure({ use: 'mine' }));
    expect(withFigures(kept, 'ines')).toBe(kept);
    expect(withFigures(method(figure()), null).tasks[0]?.time.likely).toBe(90);
    expect(step.time.likely).toBe(60);
  });
});

describe('clock, line-up, windows and stage go by it', () => {
  const shown = (figures: TimeFigure[]) => {
    const made = bundle([
      { id: 'foam', tasks: [step, task('soak', 'settle', 300, { place: 'wings' })] },
    ]);
    const demos = made.demos.map((demo) => ({
      ...demo,
      methods: demo.methods.map((one) => ({ ...one, figures })),
    }));
    return { ...made, demos };
  };

  test('the block is as long as what was taken, and so is the step on stage', () => {
    const before = timelineOf(shown([]));
    const after = timelineOf(shown([figure()]));
    expect(after.end - before.end).toBe(30);
    const plan = runPlanOf(shown([figure()]), after, 0);
    expect(plan.slots[0]?.steps[0]?.seconds).toBe(90);
    expect(lineupInput(shown([figure()])).slots[0]?.tasks[0]?.time.likely).toBe(90);
  });

  const tried = (show: ReturnType<typeof shown>): TriedMethod => ({
    demoId: 'foam',
    methodId: show.demos[0]?.methods[0]?.id ?? '',
    worked: 7,
    partly: 0,
    failed: 0,
    times: {
      p: [82, 95, 88, 92, 90, 86, 97].map((seconds, at) => ({
        seconds,
        performerId: 'ines',
        rehearsed: false,
        at,
      })),
    },
  });
  const expected = (...figures: TimeFigure[]) => {
    const show = shown(figures);
    return policiesOf(show, [tried(show)])
      .get('slot-foam')
      ?.times.get('p');
  };

  test('the forecast learns from guess and record, taken or not, and counts no go twice', () => {
    const learned = learnedTime(step.time, tried(shown([])).times.p ?? [], 'ines');
    expect(expected()).toEqual(learned);
    expect(expected(figure())).toEqual(learned);
  });

  test('a frozen figure stands still, and the guess that was kept is the forecast’s too', () => {
    expect(expected(figure({ frozen: true }))).toMatchObject({ mean: 90, low: 80, high: 100 });
    expect(expected(figure({ use: 'mine' }))).toBeUndefined();
  });
});
