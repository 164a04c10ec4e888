import { expect, test } from '@jest/globals';
import type { MethodStrip, StripPart } from '../../core/lineup/methodStrip';
import { stripScale } from './stripScale';

const part = (from: number, to: number): StripPart => ({
  taskId: 't',
  name: 't',
  phase: 'settle',
  from,
  to,
  row: 0,
  window: null,
});
const strip = (show: number, ...parts: StripPart[]): MethodStrip => ({
  parts,
  handRows: 1,
  rows: 1,
  show,
});

test('two methods share one axis, with whole steps at both ends', () => {
  const scale = stripScale([strip(240, part(-450, 0)), strip(100, part(-60, 0), part(100, 400))]);
  expect(scale).toMatchObject({ from: -480, to: 480, step: 120 });
  expect([-480, 0, 480].map(scale.at)).toEqual([0, 50, 100]);
});

test('a wait of hours is cut at the end: what is shown keeps its width', () => {
  const scale = stripScale([strip(120, part(-43_200, 0), part(120, 90_000))]);
  expect([scale.from, scale.to]).toEqual([-600, 720]);
  expect(scale.at(-43_200)).toBe(0);
  expect(scale.at(90_000)).toBe(100);
});

test('nothing at all has an axis too', () => {
  const { from, to, at } = stripScale([strip(0)]);
  expect([from, to]).toEqual([0, 60]);
  expect(at(30)).toBe(50);
});
