/** Heat against balances and facts of the trade. */
import { describe, expect, test } from '@jest/globals';
import { usualValues } from '../inputs';
import { candle } from './candle';
import { coldInWater, waterAfter } from './coldInWater';
import { airAfter, boilingOf, steamCan } from './steamCan';

describe('a can on the plate', () => {
  const can = { power: 50, water: 15, holds: 330, metal: 13, temperature: 20 };

  test('the heat goes into water and metal, and then into steam', () => {
    const { boils, until } = boilingOf(can);
    expect(boils).toBeCloseTo((80 * (15 * 4.18 + 13 * 0.9)) / 50, 6);
    expect(until).toBeCloseTo((0.6 * 15 * 2257) / 50, 6);
    expect(() => boilingOf({ ...can, power: 0 })).toThrow(RangeError);
  });

  // Common practice: 15 mL of water, 75 to 90 s after the first steam.
  test('on a plate that brings 30 to 60 W into it, 75 to 90 s drive the air out and leave water', () => {
    for (const power of [30, 45, 60])
      for (const seconds of [75, 90]) {
        const of = { ...can, power };
        expect(airAfter(of, seconds)).toBeLessThan(0.012);
        expect(seconds).toBeLessThan(boilingOf(of).until);
      }
  });

  test('too early, too late, and too little water', () => {
    const judge = (over: Record<string, number>) =>
      steamCan.evaluate({ ...usualValues(steamCan), ...over });
    expect(judge({}).level).toBe('ok');
    expect(judge({ waited: 10 }).message).toContain('Too early');
    expect(judge({ waited: 900 }).message).toContain('Too late');
    expect(judge({ water: 1, waited: 30 })).toMatchObject({ level: 'fix' });
    expect(judge({ waited: 900 }).remedy).toContain('never boil it dry');
  });
});

describe('a candle', () => {
  // Common practice: 5 to 8 g an hour, 60 to 90 W.
  test('6 g in an hour are some 70 W', () => {
    const found = candle.evaluate({ ...usualValues(candle), first: 48, later: 42, minutes: 60 });
    const watts = Number(/([\d.]+) W/.exec(found.message)?.[1]);
    expect(watts).toBeGreaterThan(60);
    expect(watts).toBeLessThan(90);
  });

  test('the nearer the needle to the middle, the sooner it leans and the slower it swings', () => {
    const leans = (below: number) => candle.curve?.at({ ...usualValues(candle), below }) ?? 0;
    expect(leans(1)).toBeLessThan(leans(5));
    expect(candle.evaluate({ ...usualValues(candle), below: 90 }).level).toBe('watch');
  });
});

describe('cold in water', () => {
  // Heat balance: 571 kJ/kg of dry ice against 4.18 J/(g K).
  test('100 g of dry ice cool two litres by 6.8 °C', () => {
    const { celsius } = waterAfter({ kind: 'dryIce', cold: 100, water: 2000, from: 45 });
    expect(45 - celsius).toBeCloseTo((0.1 * 571_000) / (2000 * 4.18), 6);
  });

  test('much of it freezes the water', () => {
    const { celsius, ice } = waterAfter({ kind: 'nitrogen', cold: 2000, water: 500, from: 20 });
    expect(celsius).toBe(0);
    expect(ice).toBe(500);
    const found = coldInWater.evaluate({ ...usualValues(coldInWater), goes: 10 });
    expect(found.level).toBe('watch');
  });
});
