/** Every demonstration of the library has a face of its own, and every vessel and happening can be drawn. */
import { expect, test } from '@jest/globals';
import { guessFace, HAPPENINGS, VESSELS } from '../../core/repertoire/face';
import { LIBRARY_DEMOS } from '../../library/demos';
import { composed, HAPPENING_SHAPES, VESSEL_SHAPES } from './composed';
import { FIGURES } from './figures';
import { MORE_FIGURES } from './moreFigures';

const ALL = { ...FIGURES, ...MORE_FIGURES };

test('one for each of the library, each another, none left over', () => {
  expect(Object.keys(ALL).sort()).toEqual(LIBRARY_DEMOS.map(({ id }) => id).sort());
  expect(new Set(Object.values(ALL)).size).toBe(Object.keys(ALL).length);
});

test.each(Object.entries(ALL))(
  '%s: ink, and ember for one moment; figures that can be drawn',
  (_id, drawn) => {
    expect(drawn).toContain('currentColor');
    expect(drawn).toContain('--face-ember');
    expect(drawn).not.toMatch(/NaN|undefined|Infinity/);
  },
);

test('vessels and what happens to them go together in any pair', () => {
  const pairs = VESSELS.flatMap((vessel) =>
    HAPPENINGS.map((happening) => composed(vessel, happening)),
  );
  expect(new Set(pairs).size).toBe(VESSELS.length * HAPPENINGS.length);
  for (const drawn of pairs) expect(drawn).not.toMatch(/NaN|undefined|Infinity/);
  expect(Object.keys(VESSEL_SHAPES).sort()).toEqual([...VESSELS].sort());
  expect(Object.keys(HAPPENING_SHAPES).sort()).toEqual([...HAPPENINGS].sort());
});

test.each([
  ['Crushed can: a bang', 'can', 'bursts'],
  ['Balloon that freezes', 'balloon', 'freezes'],
  ['A volunteer’s hair stands up by static', 'person', 'sparks'],
  ['Something', 'table', 'shines'],
])('“%s” looks like a %s that %s', (words, vessel, happening) => {
  expect(guessFace(words)).toEqual({ figure: null, vessel, happening });
});
