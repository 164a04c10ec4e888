/** Sound, charge, motion and chance; and what holds for every calculator. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { betaBelow, jeffreys } from '../chance/jeffreys';
import { CALCULATORS } from './catalogue';
import { capacitance, energy, topVoltage } from './charge/sphere';
import { dome } from './charge/dome';
import { enoughGoes } from './chance/enoughGoes';
import { inputFaults, usualValues } from './inputs';
import { clearZone } from './motion/clearZone';
import { slidingMagnet, slowestFirst } from './motion/slidingMagnet';
import { afterThrust, maximumRange, maximumHeight } from './motion/projectile';
import { speedAfterDrawingIn, turning } from './motion/turning';
import { bang } from './sound/bang';
import { noiseDose, hoursAllowed, levelAt } from './sound/level';
import { LEVELS, type Calculator, type Values } from './calculator';

// The same cases every time.
fc.configureGlobal({ seed: 151 });

const distance = fc.double({ min: 0.1, max: 200, noNaN: true });

describe('sound', () => {
  // Inverse-square law: 6.02 dB less at twice the distance.
  test('twice the distance is 6.02 dB less', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 170, noNaN: true }),
        distance,
        distance,
        (level, from, to) => {
          expect(levelAt(level, from, to) - levelAt(level, from, to * 2)).toBeCloseTo(6.0206, 4);
        },
      ),
    );
    expect(() => levelAt(100, 0, 1)).toThrow(RangeError);
  });

  // NIOSH REL: 85 dBA for 8 h, halved every 3 dB.
  test.each([
    [85, 8],
    [88, 4],
    [91, 2],
    [94, 1],
    [100, 0.25],
  ])('%d dBA may last %d h', (level, hours) => {
    expect(hoursAllowed(level)).toBe(hours);
    expect(noiseDose(level, hours * 3600)).toBe(100);
  });

  // EU Directive 2003/10/EC: 135 and 137 dB(C), limit 140.
  test('the front row must be fixed at 135, and the show stops at 140', () => {
    const judge = (peak: number, over = {}) =>
      bang.evaluate({ ...usualValues(bang), peak, at: 3, front: 3, crew: 3, level: 90, ...over })
        .level;
    expect([110, 125, 136, 141].map((peak) => judge(peak))).toEqual(['ok', 'watch', 'fix', 'stop']);
  });

  test('busy hands need plugs in before', () => {
    const judge = (hands: string) =>
      bang.evaluate({ ...usualValues(bang), peak: 140, at: 1, front: 20, crew: 1, hands });
    expect(judge('busy').remedy).toContain('plugs in before');
    expect(judge('free').remedy).not.toContain('plugs in before');
  });
});

describe('charge', () => {
  // Sphere of 0.10 m: C = 4πε₀r; breakdown of dry air 3 MV/m.
  test('a sphere of 0.10 m: 11.13 pF, 300 kV, 0.50 J', () => {
    expect(capacitance(0.1) * 1e12).toBeCloseTo(11.13, 2);
    expect(topVoltage(0.1)).toBe(300_000);
    expect(energy(capacitance(0.1), topVoltage(0.1))).toBeCloseTo(0.5, 2);
  });

  test('damp air is no pass; who must not take part is always said', () => {
    const judge = (humidity: number) => dome.evaluate({ ...usualValues(dome), humidity });
    expect([30, 50, 80].map((h) => judge(h).level)).toEqual(['ok', 'watch', 'fix']);
    expect(judge(30).remedy).toContain('pacemaker');
    expect(inputFaults(dome, { ...usualValues(dome), humidity: 140 })).toEqual({
      humidity: 'Humidity must be between 0 and 100 %',
    });
  });

  test('a large dome is a stop', () => {
    expect(dome.evaluate({ radius: 40, reached: 100, humidity: 30 }).level).toBe('stop');
  });
});

describe('motion', () => {
  test('no angle carries it farther than the reach', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.double({ min: -1.5, max: 1.5, noNaN: true }),
        (speed, height, angle) => {
          const up = speed * Math.sin(angle);
          const flight = (up + Math.sqrt(up ** 2 + 2 * 9.80665 * height)) / 9.80665;
          expect(speed * Math.cos(angle) * flight).toBeLessThanOrEqual(
            maximumRange(speed, height) + 1e-9,
          );
        },
      ),
    );
    expect(maximumHeight(9.80665)).toBeCloseTo(9.80665 / 2, 9);
  });

  // g = 9.80665: 600 g-force is 5.9 N.
  test('thrust and burn time', () => {
    expect(0.6 * 9.80665).toBeCloseTo(5.9, 1);
    expect(afterThrust(5.9, 0.1, 0.5)).toEqual({ speed: 29.5, way: 7.375 });
    const zone = clearZone.evaluate({
      ...usualValues(clearZone),
      known: 'thrust',
      thrust: 5.9,
      mass: 100,
      burns: 0.5,
    });
    expect(zone.level).toBe('fix');
    expect(zone.remedy).toMatch(/Move people back to \d+ m/);
  });

  /** Where a launch lands, stepped by hand: pushed at an angle, then flying, carried by the wind. */
  const lands = (
    of: { thrust: number; mass: number; burns: number; height: number; wind: number },
    angle: number,
  ): number => {
    const push = of.thrust / (of.mass / 1000);
    const dt = 0.002;
    let [x, y, vx, vy] = [0, of.height, 0, 0];
    for (let t = 0; y >= 0 && t < 400; t += dt) {
      const a = t < of.burns ? push : 0;
      vx += a * Math.cos(angle) * dt;
      vy += (a * Math.sin(angle) - 9.80665) * dt;
      x += (vx + of.wind) * dt;
      y += vy * dt;
    }
    return x;
  };

  test('no launch lands outside the zone, at whatever angle and with the wind behind it', () => {
    const launch = fc.record({
      thrust: fc.double({ min: 1, max: 30, noNaN: true }),
      mass: fc.double({ min: 50, max: 500, noNaN: true }),
      burns: fc.double({ min: 0.05, max: 1, noNaN: true }),
      height: fc.double({ min: 0, max: 3, noNaN: true }),
      wind: fc.double({ min: 0, max: 8, noNaN: true }),
    });
    const steep = fc.double({ min: 0, max: Math.PI / 2, noNaN: true });
    fc.assert(
      fc.property(launch, steep, (of, angle) => {
        const zone = clearZone.curve?.at({ ...usualValues(clearZone), known: 'thrust', ...of });
        // A step of the calculation by hand is as long as it may be off.
        expect(lands(of, angle)).toBeLessThanOrEqual((zone ?? 0) * 1.01 + 0.2);
      }),
      { numRuns: 60 },
    );
  });

  test('wind carries it on', () => {
    const radius = (wind: number) => clearZone.curve?.at({ ...usualValues(clearZone), wind }) ?? 0;
    expect(radius(5)).toBeGreaterThan(radius(0));
  });

  // I₁ω₁ = I₂ω₂.
  test('arms in: the speeds are as the moments of inertia', () => {
    expect(speedAfterDrawingIn(15, 3, 1.5)).toBe(30);
    const begin = (over: Record<string, number>) => {
      const found = turning.evaluate({ ...usualValues(turning), ...over });
      return Number(/Start at ([\d.]+)/.exec(found.remedy)?.[1]);
    };
    const most = begin({});
    expect(turning.evaluate({ ...usualValues(turning), start: most * 0.999 }).level).toBe('watch');
    expect(turning.evaluate({ ...usualValues(turning), start: most * 1.01 }).level).toBe('fix');
    expect(inputFaults(turning, { ...usualValues(turning), into: 90 })).toHaveProperty('into');
  });

  // Common practice, and resistivities of the CRC Handbook (from memory).
  test('the magnet slides slowest down copper, then aluminium, brass, lead', () => {
    expect(slowestFirst(['lead', 'brass', 'copper', 'aluminium'])).toEqual([
      'copper',
      'aluminium',
      'brass',
      'lead',
    ]);
    expect(
      slidingMagnet.evaluate({ ...usualValues(slidingMagnet), one: 'lead' }).message,
    ).toContain('Slower down the aluminium');
    expect(slidingMagnet.evaluate({ ...usualValues(slidingMagnet), other: 'copper' }).level).toBe(
      'watch',
    );
  });
});

describe('chance', () => {
  // Beta(2, 2) has the cumulative function 3x² − 2x³; Beta(½, ½) is the arcsine law.
  test('the beta distribution', () => {
    for (const x of [0.1, 0.35, 0.5, 0.9]) {
      expect(betaBelow(x, 2, 2)).toBeCloseTo(3 * x * x - 2 * x ** 3, 9);
      expect(betaBelow(x, 0.5, 0.5)).toBeCloseTo((2 / Math.PI) * Math.asin(Math.sqrt(x)), 9);
    }
    expect([betaBelow(-1, 2, 2), betaBelow(2, 2, 2)]).toEqual([0, 1]);
  });

  // Brown, Cai and DasGupta 2001 give the interval's ends for 0 and n; halves lie evenly by symmetry.
  test('Jeffreys interval', () => {
    expect(jeffreys(0, 10).low).toBe(0);
    expect(jeffreys(10, 10).high).toBe(1);
    const { low, high } = jeffreys(5, 10);
    expect(low + high).toBeCloseTo(1, 9);
    expect(betaBelow(low, 5.5, 5.5)).toBeCloseTo(0.025, 9);
  });

  test('goes for the wanted chance', () => {
    const found = enoughGoes.evaluate({ ...usualValues(enoughGoes), goes: 1 });
    expect(found.level).toBe('fix');
    const needed = Number(/Plan for (\d+) goes/.exec(found.remedy)?.[1]);
    expect(enoughGoes.evaluate({ ...usualValues(enoughGoes), goes: needed }).level).toBe('ok');
  });
});

/** Any values that a calculator's fields would let through. */
const anyValues = (calculator: Calculator): fc.Arbitrary<Values> =>
  fc.record(
    Object.fromEntries(
      Object.entries(calculator.inputs).map(([id, input]) => [
        id,
        input.kind === 'choice'
          ? fc.constantFrom(...Object.keys(input.options))
          : fc.double({ min: input.least, max: input.most, noNaN: true }),
      ]),
    ),
  );

describe.each(CALCULATORS.map((calculator) => [calculator.id, calculator] as const))(
  '%s',
  (_id, calculator) => {
    test('begins with values that can be calculated', () => {
      expect(inputFaults(calculator, usualValues(calculator))).toEqual({});
      for (const input of Object.values(calculator.inputs))
        if (input.kind === 'number') {
          expect(input.slide[0]).toBeLessThan(input.slide[1]);
          expect(input.slide[0]).toBeGreaterThanOrEqual(input.least);
          expect(input.slide[1]).toBeLessThanOrEqual(input.most);
        }
    });

    test('gives a verdict with figure, limit, source and working, whatever goes in', () => {
      fc.assert(
        fc.property(anyValues(calculator), (values) => {
          if (Object.keys(inputFaults(calculator, values)).length > 0) return;
          const found = calculator.evaluate(values);
          expect(LEVELS).toContain(found.level);
          for (const text of [found.message, found.figure, found.limit, found.source]) {
            expect(text).not.toBe('');
            expect(text).not.toMatch(/NaN|undefined|\bsafe\b/i);
          }
          expect(found.steps.length).toBeGreaterThan(0);
          if (found.level === 'stop' || found.level === 'fix') expect(found.remedy).not.toBe('');
          expect(Number.isNaN(calculator.curve?.at(values) ?? 0)).toBe(false);
        }),
        { numRuns: 200 },
      );
    });
  },
);
