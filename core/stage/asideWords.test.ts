/** What was pressed and moved nothing, in one line. */
import { expect, test } from '@jest/globals';
import { Stage, threeSlots } from '../testing/stage';
import { asideWords } from './asideWords';
import { settle } from './driving';
import type { EventKind } from './types';

/** The driver starts it and is done with the first step; another presses these meanwhile. */
function beside(...pressed: EventKind[]): string[] {
  const stage = new Stage();
  stage.at(0, 'start', { device: 'laptop' });
  const from = stage.live();
  stage.at(60, 'done', { device: 'laptop' });
  pressed.forEach((kind, i) =>
    stage.at(70 + i, kind, { device: 'phone', step: 'hello', onMove: from.lastMove }),
  );
  const { asides } = settle(stage.events);
  return asides.map((aside) => asideWords(aside, threeSlots.plan, 'Jo'));
}

test('how often, and at what', () => {
  expect(beside('skip')).toEqual(['Jo pressed Skip at drum.']);
  expect(beside('skip', 'again')).toEqual(['Jo pressed Skip and Again at drum.']);
  expect(beside('failed', 'failed', 'failed', 'skip')).toEqual([
    'Jo pressed Didn’t work 3 times and Skip at drum.',
  ]);
  expect(beside('again', 'again')).toEqual(['Jo pressed Again twice at drum.']);
});

test('what both pressed alike is nothing to be told', () => {
  expect(beside('done')).toEqual([]);
});
