/** Reactions against stoichiometry and the definition of volume strength. */
import { describe, expect, test } from '@jest/globals';
import { molarVolume } from '../air/molarVolume';
import { inputFaults, usualValues } from '../inputs';
import { halfTime } from './catalysis';
import { fizz } from './fizz';
import { columnHeight, foam, heapWidth } from './foam';
import { metalGas } from './metalGas';
import { atomsOf, molarMass } from './molarMass';
import { gramsPerLitre, massShareOf, peroxideHazard } from './peroxide';
import { react } from './react';
import { type Reaction, REACTIONS } from './reactions';
import { dilute } from './dilute';
import { heatIn, heatOfThinning, STRONG } from './strong';
import { temperatureRise } from './temperatureRise';

test.each(Object.entries(REACTIONS) as [string, Reaction][])('%s is balanced', (_id, reaction) => {
  const count = (parts: Reaction['takes']): Record<string, number> => {
    const atoms: Record<string, number> = {};
    for (const part of parts)
      for (const [element, n] of atomsOf(part.formula))
        atoms[element] = (atoms[element] ?? 0) + n * part.moles;
    return atoms;
  };
  expect(count(reaction.gives)).toEqual(count(reaction.takes));
  expect(reaction.gives.some((part) => part.formula === reaction.gas)).toBe(true);
});

// CODATA gas constant: 22.414 L/mol at 0 °C, 24.055 at 20 °C.
test('molar volume', () => {
  expect(Math.abs(molarVolume(0) - 22.414)).toBeLessThan(0.001);
  expect(Math.abs(molarVolume(20) - 24.055)).toBeLessThan(0.001);
  expect(() => molarVolume(-273.15)).toThrow(RangeError);
  expect(() => molarVolume(20, 0)).toThrow(RangeError);
});

test('molar masses, from the standard atomic masses', () => {
  expect(molarMass('C2H4O2')).toBeCloseTo(60.052, 2);
  expect(molarMass('NaHCO3')).toBeCloseTo(84.006, 2);
  expect(() => molarMass('h2o')).toThrow(RangeError);
  expect(() => molarMass('Xx2')).toThrow(RangeError);
});

// Stoichiometry: 237 mL of vinegar 5 % w/v and 16.6 g of hydrogencarbonate give 4.75 L at 20 °C.
test('a cup of vinegar', () => {
  const acid = (237 * 0.05) / molarMass('C2H4O2');
  const made = react(REACTIONS.vinegar, { C2H4O2: acid, NaHCO3: 1 });
  expect(Math.abs(made.gasMoles * molarVolume(20) - 4.75)).toBeLessThan(0.05);
  expect(Math.abs((1 - (made.left.NaHCO3 ?? 0)) * molarMass('NaHCO3') - 16.6)).toBeLessThan(0.1);
  expect(made.limiting).toBe('C2H4O2');
});

// 2 Al → 3 H₂: 1 g gives 1.337 L at 20 °C.
test('a gram of aluminium', () => {
  const { gasMoles } = react(REACTIONS.aluminium, { Al: 1 / molarMass('Al') });
  expect(Math.abs(gasMoles * molarVolume(20) - 1.337)).toBeLessThan(0.005);
  expect(metalGas.evaluate(usualValues(metalGas))).toMatchObject({ level: 'stop', final: true });
});

test('heat: water warms until it boils, and then boils off', () => {
  expect(temperatureRise(4.18, 100, 20).reached).toBeCloseTo(30, 6);
  const hot = temperatureRise(100, 100, 20);
  expect(hot.reached).toBe(100);
  // 100 kJ less the 33.44 kJ to 100 °C, at 2.257 kJ/g.
  expect(hot.boiled).toBeCloseTo((100 - 33.44) / 2.257, 6);
  expect(() => temperatureRise(1, 0, 20)).toThrow(RangeError);
});

describe('foam', () => {
  const judge = (over: Record<string, number | string> = {}) =>
    foam.evaluate({ ...usualValues(foam), ...over });
  const litres = (of: Record<string, number | string>) =>
    Number(/^([\d.]+) L/.exec(judge(of).message)?.[1]);

  // 3 % w/v is 9.9 volume; 30 % w/w of 1.108 g/mL is 109.5 volume (definition of volume strength).
  test.each([
    [3, 'massPerVolume', 9.9, 0.1],
    [30, 'massShare', 109.5, 1],
  ])('%d %s gives as much oxygen as %d volume', (strength, kind, volumes, tolerance) => {
    const at = (of: Record<string, number | string>) =>
      litres({ amount: 1000, temperature: 0, ...of });
    expect(Math.abs(at({ strength, kind }) - volumes)).toBeLessThan(tolerance);
    expect(Math.abs(at({ strength: volumes, kind: 'volumes' }) - volumes)).toBeLessThan(0.6);
  });

  // Half a US cup of 3 % peroxide: 1.25 L of oxygen at 20 °C, 2 %.
  test('half a cup of shop peroxide', () => {
    const given = { amount: 118.3, strength: 3, kind: 'massPerVolume' };
    expect(Math.abs(litres(given) / 1.25 - 1)).toBeLessThan(0.02);
  });

  // Enthalpies of formation −187.8 and −285.8 kJ/mol: a 3 % solution warms by about 21 °C.
  test('a weak solution warms by 21 °C', () => {
    const reached = Number(
      /reaches ([\d.]+)/.exec(judge({ strength: 3, water: 0, amount: 100 }).message)?.[1],
    );
    expect(Math.abs(reached - 20 - 21)).toBeLessThan(1.5);
  });

  // Geometry: 5.88 L in a bore of 6 cm stand 2.08 m high.
  test('the height it promises is given: a column in a cylinder, a heap outside', () => {
    expect(Math.abs(columnHeight(5.88, 6) - 2.08)).toBeLessThan(0.01);
    // Half a ball of two thirds π litres is two decimetres wide.
    expect(heapWidth((2 * Math.PI) / 3)).toBeCloseTo(0.2, 9);
    const found = judge({ amount: 60, strength: 9, vessel: 0.5 });
    expect(found.message).toMatch(/L come out, a heap [\d.]+ cm wide/);
    expect(found.steps.map((step) => step.label)).toContain('Height');
    expect(judge({ vessel: 50 }).message).toContain('none comes out');
  });

  test('hot foam says so in words: steam, scald, splash', () => {
    const hot = judge({ strength: 9, amount: 60, water: 5 });
    expect(hot.level).toBe('watch');
    expect(hot.remedy).toMatch(/Steam and scalding foam.*splash/);
    expect(judge({ strength: 30, water: 0 })).toMatchObject({ level: 'fix' });
    expect(judge({ strength: 30, water: 0 }).message).toContain('boils');
  });

  // Regulation (EC) 1272/2008, Annex VI (from memory): by mass 5, 8, 35, 50 %; sale above 12 % (EU) 2019/1148.
  test.each([
    [4.9, ''],
    [5, 'irritates eyes from 5 %'],
    [8, 'damages eyes from 8 %'],
    [12.5, 'public may not buy'],
    [35, 'irritates the skin from 35 %'],
    [50, 'burns the skin'],
  ])('%d %% by mass: “%s”', (share, words) => {
    const { words: said, gear } = peroxideHazard(share);
    if (words === '') expect(said).toBe('');
    else expect(`${said} ${gear}`).toContain(words);
  });

  test('grams in 100 mL are not per cent by mass', () => {
    // 30 % by mass of 1.108 g/mL is 33.2 g in 100 mL.
    expect(gramsPerLitre(30, 'massShare') / 10).toBeCloseTo(33.24, 2);
    expect(massShareOf(332.4)).toBeCloseTo(30, 6);
    const found = judge({ strength: 33.24, kind: 'massPerVolume' });
    expect(found.steps[0]?.value).toBe('30 % by mass, 33.2 g in 100 mL');
  });

  test('more iodide is faster; little of it in weak peroxide is slow', () => {
    expect(halfTime(0.1, 20, 20)).toBeLessThan(halfTime(0.05, 20, 20));
    expect(halfTime(0.1, 70, 20)).toBeLessThan(halfTime(0.1, 0, 20));
    // Without warming it is ln 2 / k.
    expect(halfTime(0.1, 0, 25)).toBeCloseTo(Math.log(2) / (0.0137 * 0.1), -1);
    expect(halfTime(0, 20, 20)).toBe(3600);
    expect(judge({ catalyst: 'iodide', dose: 0.1 }).remedy).toContain('Slow');
  });

  test('stronger than any stage is refused at the field', () => {
    expect(inputFaults(foam, { ...usualValues(foam), strength: 90 })).toHaveProperty('strength');
    expect(judge({ strength: 55 }).level).toBe('stop');
  });
});

describe('thinning', () => {
  const judge = (over: Record<string, number | string> = {}) =>
    dilute.evaluate({ ...usualValues(dilute), ...over });

  // c₁·V₁ = c₂·V₂: 120 mL of 3 % from 9 % takes 40 mL.
  test('a third of the strength takes a third of the bottle', () => {
    expect(judge().message).toBe('40 mL from the bottle, filled up with water to 120 mL.');
  });

  test('stronger than the bottle can’t be had; concentrated acid is not thinned', () => {
    expect(judge({ wanted: 12 }).level).toBe('fix');
    expect(judge({ what: 'concentratedAcid' }).level).toBe('stop');
  });

  test.each([
    ['hydrochloricAcid', 30, /goggles.*Acid into water/],
    ['aceticAcid', 80, /goggles.*Acid into water/],
    ['sodiumHydroxide', 10, /goggles.*Into cold water.*No aluminium/],
    ['ammonia', 25, /goggles.*Never near bleach/],
    ['peroxide', 30, /goggles.*Peroxide into water/],
  ])('strong %s asks for its gear and says the order', (what, stock, words) => {
    const found = judge({ what, stock, wanted: 3, amount: 500 });
    expect(found.level).toBe('watch');
    expect(found.remedy).toMatch(words);
  });

  // Heats of solution, CRC Handbook (from memory): sodium hydroxide in much water gives 44.5 kJ/mol.
  test('heat: a mole of sodium hydroxide in much water, and a strong one made at once is too hot', () => {
    expect(heatOfThinning(STRONG.sodiumHydroxide, 39.997, 0, 3603)).toBeCloseTo(44.5, 1);
    expect(judge({ what: 'sodiumHydroxide', stock: 100, wanted: 20, amount: 500 }).level).not.toBe(
      'ok',
    );
    expect(judge({ what: 'hydrochloricAcid', stock: 37, wanted: 20 }).message).toMatch(/warms to/);
    expect(heatIn(STRONG.hydrochloricAcid, 3.5)).toBeCloseTo((56.9 + 61.2) / 2, 9);
  });
});

describe('fizz', () => {
  const judge = (over: Record<string, number | string> = {}) =>
    fizz.evaluate({ ...usualValues(fizz), ...over });

  test('says what is left over of which', () => {
    expect(judge({ carbonate: 20 }).message).toContain('g of hydrogencarbonate left over');
    expect(judge({ carbonate: 2 }).message).toContain('g of acid left over');
  });

  test('five litres do not go into half a litre', () => {
    const found = judge({ amount: 5000, holds: 0.5 });
    expect(found.level).toBe('fix');
    expect(found.message).toContain('do not go into');
  });

  test('closed is a stop, with the pressure that would come; a bag that stretches has its limit', () => {
    const closed = judge({ closed: 'closed' });
    expect(closed.level).toBe('stop');
    expect(closed.message).toMatch(/would come to [\d.]+ kPa/);
    expect(judge({ closed: 'stretches', holds: 1 }).level).toBe('fix');
    expect(judge({ closed: 'stretches', holds: 10 }).level).toBe('ok');
  });

  const can = {
    closed: 'lid',
    amount: 15,
    strength: 5,
    carbonate: 2,
    holds: 0.035,
    lasts: 60,
    clear: 400,
  };

  test('a lid pops once the pressure reaches what it holds, later when that is more', () => {
    const after = (lets: number) =>
      Number(/Pops after about ([\d.]+) s/.exec(judge({ ...can, lets }).message)?.[1]);
    expect(after(50)).toBeGreaterThan(0);
    expect(after(300)).toBeGreaterThan(after(50));
    expect(judge({ ...can, lets: 50 }).message).toMatch(/up to [\d.]+ m high/);
    expect(judge({ ...can, carbonate: 0.05 }).message).toContain('The lid stays on');
    expect(judge({ ...can, holds: 1 }).level).toBe('stop');
  });

  test('some of the gas stays in the water, and less when it is warm', () => {
    const kPa = (temperature: number) =>
      Number(
        /would come to ([\d.]+) kPa/.exec(
          judge({ closed: 'closed', amount: 400, holds: 0.5, temperature }).message,
        )?.[1],
      );
    expect(kPa(40)).toBeGreaterThan(kPa(5));
    // Without the water’s share it would be n·R·T/V.
    const moles = (7 / 84.006) * 1;
    expect(kPa(20)).toBeLessThan((moles * 8.314 * 293.15) / 0.1);
  });

  test('glacial acid asks for its gear', () => {
    const glacial = judge({ strength: 99, amount: 10 });
    expect(glacial.level).toBe('fix');
    expect(glacial.remedy).toMatch(/face shield.*gloves/);
    expect(judge({ strength: 30 }).remedy).toContain('face shield');
    expect(judge({ strength: 12 }).remedy).toContain('goggles');
    expect(judge({ strength: 5 }).remedy).toBe('');
  });

  test('three of hydrogencarbonate to one of citric acid', () => {
    const made = react(REACTIONS.citric, { C6H8O7: 1, NaHCO3: 3 });
    expect(made).toMatchObject({ gasMoles: 3, heat: null, left: { C6H8O7: 0, NaHCO3: 0 } });
  });
});
