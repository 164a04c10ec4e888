/** A method on its own time axis, worked by hand; and laws that hold for all of the library. */
import { describe, expect, test } from '@jest/globals';
import { LIBRARY_DEMOS } from '../../library/demos';
import { after, task } from '../testing/build';
import type { Task } from '../repertoire/types';
import { methodStrip } from './methodStrip';
import { methodFactsOf } from './recipe';

const can: Task[] = [
  task('fill', 'prepare', 60),
  task('switch', 'prepare', 10),
  task('warm', 'settle', 180, { after: [after('switch')] }),
  task('place', 'prepare', 20, { after: [after('warm', 0, 600), after('fill')] }),
  task('talk', 'perform', 50, { eachGo: false }),
  task('flip', 'perform', 15, { after: [after('warm', 0, 900)] }),
  task('empty', 'reset', 40),
  task('cool', 'settle', 300, { after: [after('empty', 30)] }),
];

const placed = (tasks: Task[]) =>
  Object.fromEntries(
    methodStrip({ tasks, figures: [] }).parts.map(({ taskId, from, to, row }) => [
      taskId,
      [from, to, row],
    ]),
  );

test('what comes before as late as it can, what follows as early as it may', () => {
  expect(placed(can)).toEqual({
    // Places the can from −20; the plate is warm by then.
    place: [-20, 0, 0],
    fill: [-80, -20, 0],
    switch: [-210, -200, 0],
    warm: [-200, -20, 1],
    talk: [0, 50, 0],
    flip: [50, 65, 0],
    empty: [65, 105, 0],
    cool: [135, 435, 2],
  });
});

test('how long it keeps stands where it is used', () => {
  const { parts, handRows, rows, show } = methodStrip({ tasks: can, figures: [] });
  expect(parts.find(({ taskId }) => taskId === 'warm')?.window).toEqual({
    from: -20,
    to: 880,
    within: 900,
  });
  expect([handRows, rows, show]).toEqual([1, 3, 65]);
});

test('something soaks into the step that needs it; something dries from the step that wets it', () => {
  expect(
    placed([
      task('soak', 'settle', 100),
      task('talk', 'perform', 60, { eachGo: false }),
      task('pour', 'perform', 20, { after: [after('soak', 10)] }),
      task('dry', 'settle', 30, { after: [after('talk')] }),
    ]),
  ).toEqual({ soak: [-50, 50, 1], talk: [0, 60, 0], pour: [60, 80, 0], dry: [60, 90, 1] });
});

test('how long it keeps counts from its own end, wherever that is', () => {
  const { parts } = methodStrip({
    tasks: [
      task('soak', 'settle', 100),
      task('talk', 'perform', 60, { eachGo: false }),
      task('pour', 'perform', 20, { after: [after('soak', 10, 300)] }),
    ],
    figures: [],
  });
  // It has soaked at 0:50, of a show that began at 0:00.
  expect(parts.find(({ taskId }) => taskId === 'soak')?.window).toEqual({
    from: 60,
    to: 350,
    within: 300,
  });
});

test('tasks that wait for each other, and none at all', () => {
  const circle = [
    task('a', 'prepare', 10, { after: [after('b')] }),
    task('b', 'prepare', 20, { after: [after('a')] }),
  ];
  expect(methodStrip({ tasks: circle, figures: [] }).parts).toHaveLength(2);
  expect(methodStrip({ tasks: [], figures: [] })).toEqual({
    parts: [],
    handRows: 0,
    rows: 0,
    show: 0,
  });
});

describe.each(LIBRARY_DEMOS.flatMap(({ name, methods }) => methods.map((m) => [name, m] as const)))(
  '%s',
  (_name, method) => {
    const strip = methodStrip(method);

    test('every task has one place, and none covers another', () => {
      expect(strip.parts.map(({ taskId }) => taskId).sort()).toEqual(
        method.tasks.map(({ id }) => id).sort(),
      );
      for (const a of strip.parts)
        for (const b of strip.parts)
          if (a !== b && a.row === b.row) expect(a.to <= b.from || b.to <= a.from).toBe(true);
    });

    test('it begins no later than the facts say, and shows as long', () => {
      const { show, lead } = methodFactsOf(method);
      expect(strip.show).toBe(show);
      const first = Math.min(0, ...strip.parts.map(({ from }) => from));
      expect(-first).toBeLessThanOrEqual(lead);
      for (const { phase, to } of strip.parts)
        if (phase === 'prepare') expect(to).toBeLessThanOrEqual(0);
    });
  },
);
