import { describe, expect, test } from '@jest/globals';
import { makeScale, sameStretch, placeLabels, shorten, tickStep } from './stripLayout';

test('preparation and show have scales of their own that meet at the start', () => {
  const scale = makeScale(-2400, 2400, 100, 700);
  expect(scale.x(0)).toBe(scale.zero);
  expect(scale.x(-2400)).toBeCloseTo(100);
  expect(scale.x(2400)).toBeCloseTo(700);
  expect(scale.zero - 100).toBeLessThanOrEqual(150);
});

test('a label goes to the first row with room, or nowhere', () => {
  const labels = [0, 10, 20, 100].map((x) => ({ text: 'ten letters', x }));
  expect(placeLabels(labels, [[], []], 5).map(({ row }) => row)).toEqual([0, 1, -1, 0]);
});

test('a label keeps off what else is drawn in its row: it ends before it, or goes elsewhere', () => {
  const name = [{ text: 'ten letters', x: 100 }];
  // 11 letters of 5 px are 55 px: from 100 on it would reach 155.
  expect(placeLabels(name, [[[140, 200]]], 5)).toEqual([{ row: 0, x: 134, anchor: 'end' }]);
  expect(placeLabels(name, [[[200, 300]]], 5)).toEqual([{ row: 0, x: 100, anchor: 'start' }]);
  // Before it there is no room beneath its own tape.
  expect(placeLabels(name, [[[104, 300]]], 5)[0]?.row).toBe(-1);
  expect(placeLabels(name, [[[104, 300]], []], 5)[0]?.row).toBe(1);
  // Nor does it run into what is before it: hatching, or another label.
  const hatched = [[60, 82] as const, [140, 200] as const];
  expect(placeLabels(name, [hatched], 5)[0]?.row).toBe(-1);
  const two = [
    { text: 'ten letters', x: 40 },
    { text: 'ten letters', x: 100 },
  ];
  expect(placeLabels(two, [[[140, 200]]], 5).map(({ row }) => row)).toEqual([0, -1]);
});

test('pixels lead back to seconds, on both scales', () => {
  const scale = makeScale(-5400, 2490, 132, 900);
  for (const seconds of [-5400, -61, -1, 0, 1, 777, 2490])
    expect(scale.at(scale.x(seconds))).toBeCloseTo(seconds, 6);
});

test('an axis has the finest step whose labels have room', () => {
  const narrow = makeScale(-60, 2400, 100, 500);
  const wide = makeScale(-60, 2400, 100, 5000);
  expect(tickStep(wide, 68)).toBeLessThan(tickStep(narrow, 68));
  for (const scale of [narrow, wide]) {
    const step = tickStep(scale, 68);
    expect(scale.x(step) - scale.x(0)).toBeGreaterThanOrEqual(68);
  }
});

test('words that do not fit are cut with an ellipsis', () => {
  expect(shorten('Smoke hanging in the drum', 60, 6)).toBe('Smoke han…');
  expect(shorten('Jo', 60, 6)).toBe('Jo');
});

describe('the same minutes on both scales', () => {
  test('the shortest that can be seen among the preparation', () => {
    // Forty minutes of preparation on a quarter of 800 px at most: 10 min are as long as a tenth of the show.
    const scale = makeScale(-2400, 2400, 0, 800);
    const stretch = sameStretch(scale) ?? 0;
    expect(scale.zero - scale.x(-stretch)).toBeGreaterThanOrEqual(14);
    expect([60, 120, 300, 600]).toContain(stretch);
    expect(scale.x(stretch) - scale.zero).toBeGreaterThan(scale.zero - scale.x(-stretch));
  });
  test('a day of preparation takes hours; what does not fit beside the show is not drawn', () => {
    expect(sameStretch(makeScale(-6 * 3600, 2400, 0, 800))).toBe(1800);
    expect(sameStretch(makeScale(-24 * 3600, 600, 0, 400))).toBe(null);
  });
});
