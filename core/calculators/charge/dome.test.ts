/** A dome against electrostatics, and a person on it against published limits. */
import { expect, test } from '@jest/globals';
import { inputFaults, usualValues } from '../inputs';
import { dome, keptInDamp } from './dome';
import { capacitance, energy, topVoltage } from './sphere';

const judge = (over: Record<string, number | string> = {}) =>
  dome.evaluate({ ...usualValues(dome), ...over });
const joules = (over: Record<string, number | string>) =>
  dome.curve?.at({ ...usualValues(dome), ...over }) ?? NaN;

// Sphere of 0.10 m: C = 4πε₀r; breakdown of dry air 3 MV/m.
test('a sphere of 0.10 m: 11.13 pF, 300 kV, 0.50 J', () => {
  expect(capacitance(0.1) * 1e12).toBeCloseTo(11.13, 2);
  expect(topVoltage(0.1)).toBe(300_000);
  expect(energy(capacitance(0.1), topVoltage(0.1))).toBeCloseTo(0.5, 2);
  expect(joules({ radius: 10, reached: 100 })).toBeCloseTo(0.5, 2);
});

// A person on an insulating stool: 100 to 150 pF, human-body model (from memory); EN 61010-1: 350 mJ (from memory).
test('a person on the crate holds far more than the dome', () => {
  const alone = { radius: 10, reached: 60 };
  // 161 pF at 180 kV.
  expect(joules({ ...alone, person: 'crate' })).toBeCloseTo(0.5 * 161.13e-12 * 180_000 ** 2, 2);
  expect(judge(alone).level).toBe('ok');
  expect(judge({ ...alone, person: 'crate', earthed: 'no' }).level).toBe('fix');
  expect(judge({ ...alone, person: 'crate', earthed: 'unsaid' }).level).toBe('unknown');
  const held = judge({ ...alone, person: 'crate', earthed: 'yes' });
  expect(held.level).toBe('watch');
  expect(held.remedy).toContain('earthed wand');
});

// IEC TS 60079-32-1 (from memory): some 10 J may be lethal.
test('ten joules are a stop, of a dome alone or of dome and person', () => {
  expect(judge({ radius: 40, reached: 100 }).level).toBe('stop');
  expect(judge({ radius: 20, reached: 60, person: 'crate' }).level).toBe('stop');
});

test('volts follow the humidity, and what is too damp must be fixed', () => {
  expect([30, 45, 55, 65, 90].map(keptInDamp)).toEqual([1, 1, 0.6, 0.2, 0.2]);
  const levels = [30, 50, 80].map((humidity) => judge({ radius: 6, humidity }).level);
  expect(levels).toEqual(['ok', 'watch', 'fix']);
  expect(joules({ humidity: 60 })).toBeLessThan(joules({ humidity: 40 }));
  expect(inputFaults(dome, { ...usualValues(dome), humidity: 140 })).toEqual({
    humidity: 'Humidity must be between 0 and 100 %',
  });
});

test('crew and nearest rows are asked about heart devices, or it is not known', () => {
  expect(judge({ asked: 'unsaid' })).toMatchObject({ level: 'unknown' });
  expect(judge().remedy).toMatch(/crew, volunteers and those rows/);
});
