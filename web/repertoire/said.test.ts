/** The sentence of the demonstrations’ page: empty gaps say nothing, slips are told where they stand. */
import { expect, test } from '@jest/globals';
import { blankPerson } from '../../core/brief/blank';
import { NOTHING_SAID } from '../../core/proposal/setting';
import { saidFaults, saidOf, settingSaid } from './said';

const INES = blankPerson('ines', 'Ines');

test('nothing said is empty, and comes to nothing said', () => {
  const said = saidOf(NOTHING_SAID);
  expect(said).toEqual({ length: '', where: null, people: '', youngest: '', crew: '' });
  expect(settingSaid(said, [])).toEqual(NOTHING_SAID);
});

test('a setting is said, and read again', () => {
  const setting = {
    minutes: 45,
    where: 'outdoors' as const,
    audience: 60,
    youngest: 7,
    crew: [INES],
  };
  expect(saidOf(setting)).toEqual({
    length: '45 minutes',
    where: 'outdoors',
    people: '60',
    youngest: '7',
    crew: 'Ines',
  });
  expect(settingSaid(saidOf(setting), [INES])).toEqual(setting);
});

test.each([
  ['length', { length: 'soon' }],
  ['length', { length: '7 h' }],
  ['length', { length: '0' }],
  ['people', { people: 'many' }],
  ['people', { people: '20001' }],
  ['youngest', { youngest: 'four' }],
  ['youngest', { youngest: '-1' }],
  ['crew', { crew: Array.from({ length: 13 }, (_, i) => `P${i}`).join(', ') }],
])('what is wrong with %s is told there: %p', (gap, more) => {
  const said = { ...saidOf(NOTHING_SAID), ...more };
  expect(Object.keys(saidFaults(said))).toEqual([gap]);
  expect(settingSaid(said, [])).toBeNull();
});
