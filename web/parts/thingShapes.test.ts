import { expect, test } from '@jest/globals';
import { ALL_ITEMS } from '../../season/repertoire';
import { shapeSeen, thingShape } from './thingShapes';

test('the last noun says what it is, the longer of two that end together, and “of” begins the rest', () => {
  const same = (a: string, b: string) => expect(thingShape(a)).toBe(thingShape(b));
  same('Bottle of water', 'bottle');
  same('Water bottle', 'bottle');
  same('Vented cold flask', 'dewar');
  same('Long tongs', 'tongs');
  same('Tall measuring cylinder', 'beaker');
  expect(thingShape('Bottle warmer')).not.toBe(thingShape('bottle'));
  same('Something nobody has heard of', 'thing');
});

test('of what a camera sees the last noun of all, whatever part of it is seen', () => {
  expect(shapeSeen('the rim of the cylinder')).toBe(thingShape('cylinder'));
  expect(shapeSeen('the can as it goes in')).toBe(thingShape('can'));
  expect(shapeSeen('')).toBe(thingShape('thing'));
});

test('most of what a season takes along is more than a plain block', () => {
  const plain = ALL_ITEMS.filter(({ name }) => thingShape(name) === thingShape('thing'));
  expect(plain.length).toBeLessThan(ALL_ITEMS.length / 3);
});
