/** A method as it is read, worked by hand. */
import { describe, expect, test } from '@jest/globals';
import { after, task } from '../testing/build';
import type { Hand, Task } from '../repertoire/types';
import { methodFactsOf, goesInWords, handsInWords, recipeOf } from './recipe';

const helper: Hand = { role: 'helper', count: 1, competence: null };
const performer: Hand = { role: 'performer', count: 1, competence: null };

const can: Task[] = [
  task('fill', 'prepare', 60),
  task('switch', 'prepare', 10),
  task('warm', 'settle', 180, { after: [after('switch')] }),
  task('place', 'prepare', 20, { after: [after('warm', 0, 600), after('fill')] }),
  task('talk', 'perform', 50, { eachGo: false }),
  task('flip', 'perform', 15, { hands: [performer, helper, helper] }),
  task('empty', 'reset', 40),
  task('cool', 'settle', 300, { after: [after('empty', 30)] }),
];

describe('how long', () => {
  test('lead, work, show and clearing', () => {
    expect(methodFactsOf({ tasks: can, figures: [] })).toEqual({
      show: 65,
      // switch 10, warm 180, place 20; filling runs beside it.
      lead: 210,
      work: 90,
      clear: 40 + 30 + 300,
      people: 3,
    });
  });

  test('a method with nothing but what is watched', () => {
    expect(methodFactsOf({ tasks: [task('p', 'perform', 30)], figures: [] })).toEqual({
      show: 30,
      lead: 0,
      work: 0,
      clear: 0,
      people: 1,
    });
    expect(methodFactsOf({ tasks: [], figures: [] })).toMatchObject({ show: 0, people: 0 });
  });

  test('tasks that wait for each other still give a figure', () => {
    const circle = [
      task('a', 'prepare', 10, { after: [after('b')] }),
      task('b', 'prepare', 20, { after: [after('a')] }),
    ];
    expect(methodFactsOf({ tasks: circle, figures: [] }).lead).toBeLessThanOrEqual(40);
  });
});

describe('in what order', () => {
  const recipe = recipeOf({ tasks: can, figures: [] });

  test('beforehand, before the audience, afterwards; each with its place in the list', () => {
    const names = (steps: typeof recipe.onStage): string[] =>
      steps.map(({ task: t, index }) => `${index} ${t.name}`);
    expect(names(recipe.beforehand)).toEqual(['0 fill', '1 switch', '2 warm', '3 place']);
    expect(names(recipe.onStage)).toEqual(['4 talk', '5 flip']);
    expect(names(recipe.afterwards)).toEqual(['6 empty', '7 cool']);
  });

  test('waits in words', () => {
    const waits = (name: string): string[] | undefined =>
      [...recipe.beforehand, ...recipe.afterwards].find((s) => s.task.name === name)?.waits;
    expect(waits('fill')).toEqual([]);
    expect(waits('place')).toEqual(['within 10:00 after “warm”', 'after “fill”']);
    expect(waits('cool')).toEqual(['at least 0:30 after “empty”']);
    const both = recipeOf({
      tasks: [
        task('a', 'prepare', 5),
        task('b', 'prepare', 5, { after: [after('a', 60, 90)] }),
        task('c', 'prepare', 5, { after: [after('b', 0, 0)] }),
      ],
      figures: [],
    });
    expect(both.beforehand.flatMap((s) => s.waits)).toEqual([
      '1:00 to 1:30 after “a”',
      'straight after “b”',
    ]);
  });
});

test('hands and goes in words', () => {
  expect(handsInWords([])).toBe('');
  expect(handsInWords([performer])).toBe('the performer');
  expect(handsInWords([performer, { ...helper, count: 2 }])).toBe('the performer and 2 helpers');
  expect(handsInWords([{ role: 'anyone', count: 3, competence: null }])).toBe('3 people');
  expect(goesInWords({ oneShot: false, goesAllowed: 1 })).toBe('1 go');
  expect(goesInWords({ oneShot: true, goesAllowed: 2 })).toBe('2 goes, a fresh set for each');
});

test('what was taken from the record is told, and the guess left in its task', () => {
  const tasks = [task('p', 'perform', 30), task('q', 'perform', 60)];
  const time = { shortest: 40, likely: 45, longest: 50 };
  const figure = { id: 'f', task: 'p', performerId: null, frozen: false, time, from: 6, at: 1 };
  const told = (use: 'taken' | 'mine') => {
    const method = { tasks, figures: [{ ...figure, use }] };
    return [methodFactsOf(method).show, recipeOf(method).onStage.map(({ seconds }) => seconds)];
  };
  expect(told('taken')).toEqual([105, [45, 60]]);
  expect(told('mine')).toEqual([90, [30, 60]]);
  expect(tasks[0]?.time.likely).toBe(30);
});
