/** How much of another thing a show takes, and what is said of it on stage. */
import { describe, expect, test } from '@jest/globals';
import { timelineOf } from '../lineup/timelineOf';
import { task } from '../testing/build';
import { bundle, item, line } from '../testing/bundle';
import { insteadOnStage } from './instead';
import { kitList } from './kit';

const items = [
  item('juice', 'consumable', { name: 'Lemon juice', unit: 'mL' }),
  item('citric', 'consumable', { name: 'Citric acid', unit: 'g' }),
  item('pump', 'equipment', { name: 'Foot pump' }),
  item('bicycle', 'equipment', { name: 'Bicycle pump' }),
  item('jug', 'equipment', { name: 'Jug' }),
];
const tasks = [task('p', 'perform', 60)];
const juice = line('juice', 60, 'mL', 'perGo', {
  instead: [{ itemId: 'citric', times: 0.05, unit: 'g', figures: [] }],
});
const pump = line('pump', 1, 'piece', 'perShow', {
  instead: [
    { itemId: 'bicycle', times: 2, unit: 'piece', figures: [] },
    { itemId: 'gone', times: 1, unit: 'piece', figures: [] },
  ],
});
const demos = (second: typeof juice) => [
  { id: 'fizz', tasks, over: { goesAllowed: 1, kit: [juice, pump] } },
  { id: 'rocket', tasks, over: { goesAllowed: 1, kit: [second, pump] } },
];
const insteadIn = (second: typeof juice) => {
  const show = bundle(demos(second), items);
  return kitList(show, timelineOf(show)).flatMap(({ name, instead }) =>
    instead.map(
      ({ words, demos: only }) => `${name}: ${words}${only.length ? ` (${only.join()})` : ''}`,
    ),
  );
};

describe('instead of a thing of the kit', () => {
  test('all that is used up is made up for, and of what is used again as much as is in use at once', () => {
    expect(insteadIn(juice)).toEqual([
      'Foot pump: 2 × bicycle pump',
      'Lemon juice: 6 g citric acid',
    ]);
  });

  test('only for the demos that let it', () => {
    expect(insteadIn({ ...juice, instead: [] })).toEqual([
      'Foot pump: 2 × bicycle pump',
      'Lemon juice: 3 g citric acid (fizz)',
    ]);
  });

  test('on stage, for one go', () => {
    const show = bundle(demos(juice), items);
    const [first] = show.show.slots;
    expect(insteadOnStage(show, first?.id ?? '', 'metric')).toEqual([
      { of: 'lemon juice', words: '3 g citric acid' },
      { of: 'foot pump', words: '2 × bicycle pump' },
    ]);
    expect(insteadOnStage(show, 'no-slot', 'metric')).toEqual([]);
  });
});
