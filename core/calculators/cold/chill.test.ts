/** What chilling takes, and how long, against handbooks and heat balances. */
import { expect, test } from '@jest/globals';
import { usualValues } from '../inputs';
import { chill } from './chill';
import { soakTime, withColdGas } from './soak';

const judge = (over: Record<string, number | string> = {}) =>
  chill.evaluate({ ...usualValues(chill), ...over });

// Latent heat only, 300 K to 77 K: 1.01 L for a kilogram of aluminium (handbooks, from memory), within 10 %.
test('between nothing and all of the cold gas made use of', () => {
  const [least = 0, most = 0] =
    /Takes ([\d.]+) to ([\d.]+)/
      .exec(judge({ material: 'aluminium', mass: 1000, there: 3000 }).message)
      ?.slice(1)
      .map(Number) ?? [];
  expect(Math.abs(most / 1010 - 1)).toBeLessThan(0.1);
  // Latent 199 kJ/kg, and 1.04 kJ/(kg K) × 223 K of the gas.
  expect(least / most).toBeCloseTo(199 / (199 + 1.04 * 222.6), 2);
  expect(withColdGas('dryIce')).toBeGreaterThan(withColdGas('nitrogen'));
});

test('what may not do must be fixed', () => {
  const over = { material: 'aluminium', mass: 1000 };
  expect(judge({ ...over, there: 700 }).message).toContain('may not do');
  expect(judge({ ...over, there: 700 }).level).toBe('fix');
  expect(judge({ ...over, there: 300 }).level).toBe('fix');
  expect(judge({ ...over, there: 3000 }).level).toBe('ok');
});

test('twice as thick takes at least twice as long; metals soak sooner inside than rubber', () => {
  const thin = soakTime('nitrogen', 'rubber', 0.002);
  const thick = soakTime('nitrogen', 'rubber', 0.004);
  expect(thick.least).toBeGreaterThanOrEqual(2 * thin.least);
  expect(thick.most).toBeGreaterThanOrEqual(2 * thin.most);
  expect(soakTime('nitrogen', 'rubber', 0.03).least).toBeGreaterThan(
    soakTime('nitrogen', 'copper', 0.03).least,
  );
  // Common practice: petals some seconds to half a minute, a solid rubber ball many minutes.
  const petal = soakTime('nitrogen', 'watery', 0.001);
  expect(petal.most).toBeLessThan(90);
  expect(soakTime('nitrogen', 'rubber', 0.03).least).toBeGreaterThan(300);
});
