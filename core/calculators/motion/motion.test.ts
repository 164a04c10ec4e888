/** Motion against mechanics, published anthropometry and an integration made elsewhere. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { inputFaults, usualValues } from '../inputs';
import { PEOPLE, inertiaOf } from './body';
import { clearZone } from './clearZone';
import { AIR_DENSITY, farthestWithDrag, hops, landingAt } from './flight';
import { magnetPipe, terminalSpeed, timeThrough } from './magnetPipe';
import { RESISTIVITY, slowestFirst } from './metals';
import { popOff } from './popOff';
import { afterThrust, maximumRange, maximumHeight } from './projectile';
import { slidingMagnet } from './slidingMagnet';
import { heightFromFlight, newtonsOf, thrust } from './thrust';
import { speedAfterDrawingIn, turning } from './turning';
import { vacuumSpeed } from './vacuumLauncher';
import { waterRocket } from './waterRocket';
import { waterThrust } from './waterThrust';

fc.configureGlobal({ seed: 154 });

describe('throwing', () => {
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

  // v²/g at 45°: 118 m at 34 m/s and 225 m at 47 m/s.
  test.each([
    [34, 118],
    [47, 225],
  ])('at %d m/s without drag it goes %d m', (speed, metres) => {
    expect(Math.abs(maximumRange(speed, 0) - metres)).toBeLessThan(1);
    const free = farthestWithDrag({ mass: 1, diameter: 0, drag: 0.4 }, speed, 0);
    // Stepped in four hundred parts.
    expect(Math.abs(free.way - metres)).toBeLessThan(2);
  });

  // Terminal speed of a ball: √(2·m·g / (ρ·c·A)).
  test('drag never carries it farther, and a long fall ends at the terminal speed', () => {
    const ball = { mass: 0.05, diameter: 0.08, drag: 0.4 };
    const area = (Math.PI / 4) * ball.diameter ** 2;
    const terminal = Math.sqrt((2 * ball.mass * 9.80665) / (AIR_DENSITY * ball.drag * area));
    expect(landingAt(ball, 0, 0, 400).down).toBeCloseTo(terminal, 1);
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (speed, height) => {
          expect(farthestWithDrag(ball, speed, height).way).toBeLessThanOrEqual(
            maximumRange(speed, height) * 1.01,
          );
        },
      ),
      { numRuns: 30 },
    );
  });

  test('hard ground lets it hop on, soft ground does not', () => {
    expect(hops({ along: 10, down: 5 })).toBeGreaterThan(3);
    const at = (ground: string) => clearZone.curve?.at({ ...usualValues(clearZone), ground }) ?? 0;
    expect(at('hard')).toBeGreaterThan(at('soft'));
  });

  test('beyond the bound it fits; between estimate and bound it is watched; nearer it must be fixed', () => {
    const judge = (clear: number) =>
      clearZone.evaluate({
        ...usualValues(clearZone),
        speed: 25,
        mass: 50,
        width: 8,
        ground: 'soft',
        clear,
      }).level;
    expect([80, 60, 20].map(judge)).toEqual(['ok', 'watch', 'fix']);
  });
});

describe('pushed', () => {
  test('thrust and burn time', () => {
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

  // Rocket equation: F/µ·ln(m₀/m₁).
  test('what gets lighter under thrust gets faster', () => {
    const lost = afterThrust(6, 0.2, 0.5, 0.1);
    expect(lost.speed).toBeCloseTo((6 / 0.2) * Math.log(2), 9);
    let [v, x] = [0, 0];
    const dt = 1e-5;
    for (let t = 0; t < 0.5; t += dt) {
      v += (6 / (0.2 - 0.2 * t)) * dt;
      x += v * dt;
    }
    expect(lost.speed).toBeCloseTo(v, 2);
    expect(lost.way).toBeCloseTo(x, 2);
    expect(afterThrust(6, 0.2, 0.5, 0).speed).toBeLessThan(lost.speed);
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
        const zone = clearZone.curve?.at({
          ...usualValues(clearZone),
          known: 'thrust',
          ground: 'soft',
          ...of,
        });
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
});

describe('water rocket', () => {
  const bottle = { volume: 1, water: 0.25, neck: 21.7, mass: 45, celsius: 20 };

  // An independent quasi-steady integration: 38.1 and 47.4 m/s at 300 kPa, 30.2 and 34.8 at 200 kPa, within 5 %.
  test.each([
    [300, 38.1, 47.4],
    [200, 30.2, 34.8],
  ])('at %d kPa: %d m/s at the end of the water, %d in all', (gauge, water, all) => {
    const push = waterThrust({ ...bottle, gauge });
    expect(Math.abs(push.afterWater / water - 1)).toBeLessThan(0.05);
    expect(Math.abs(push.inAll / all - 1)).toBeLessThan(0.05);
    // 2·Δp·A of a jet of water.
    expect(push.greatest).toBeCloseTo(2 * gauge * 1000 * (Math.PI / 4) * 0.0217 ** 2, 3);
  });

  test('a front row at 40 m, or 15 m kept clear, is too near for it', () => {
    const judge = (clear: number) =>
      waterRocket.evaluate({ ...usualValues(waterRocket), width: 8.2, gauge: 300, clear });
    for (const clear of [15, 40]) expect(judge(clear).level).toBe('fix');
    expect(judge(100).level).toBe('watch');
    expect(judge(100).message).toContain('if the air held nothing back');
    expect(judge(400).level).toBe('ok');
  });

  test('more than the bottle is pumped to must be fixed, whatever is clear', () => {
    const hard = waterRocket.evaluate({ ...usualValues(waterRocket), gauge: 700, clear: 1000 });
    expect(hard.level).toBe('fix');
    expect(inputFaults(waterRocket, { ...usualValues(waterRocket), water: 990 })).toHaveProperty(
      'water',
    );
  });

  test('without water the air alone pushes', () => {
    const dry = waterThrust({ ...bottle, water: 0, gauge: 200 });
    expect(dry.afterWater).toBe(0);
    expect(dry.inAll).toBeGreaterThan(5);
    expect(dry.inAll).toBeLessThan(waterThrust({ ...bottle, gauge: 200 }).inAll);
    expect(() => waterThrust({ ...bottle, water: 1, gauge: 200 })).toThrow(RangeError);
  });
});

describe('turning', () => {
  // I₁ω₁ = I₂ω₂.
  test('the speeds are as the moments of inertia', () => {
    expect(speedAfterDrawingIn(15, 3, 1.5)).toBe(30);
    const found = turning.evaluate(usualValues(turning));
    const most = Number(/Start at ([\d.]+)/.exec(found.remedy)?.[1]);
    expect(turning.evaluate({ ...usualValues(turning), start: most * 0.99 }).level).toBe('watch');
    expect(turning.evaluate({ ...usualValues(turning), start: most * 1.01 }).level).toBe('fix');
  });

  // Winter (from memory): an arm is 0.050 of the body, 0.530 and 0.645 of its length from the shoulder.
  test('about twice as fast with empty hands or small weights, for child and adult: common practice 1.5 to 3', () => {
    for (const person of Object.values(PEOPLE))
      for (const weight of [0, 0.5]) {
        const { out, into } = inertiaOf({ ...person, weight, stool: 0.05 });
        expect(out / into).toBeGreaterThan(1.5);
        expect(out / into).toBeLessThan(3);
      }
  });

  test('more in the hands makes it faster, and a heavier seat slower', () => {
    const ratio = (weight: number, stool: number) => {
      const { out, into } = inertiaOf({ ...PEOPLE.adult, weight, stool });
      return out / into;
    };
    expect(ratio(2, 0.05)).toBeGreaterThan(ratio(0, 0.05));
    expect(ratio(1, 2)).toBeLessThan(ratio(1, 0));
  });
});

describe('magnets', () => {
  // Common practice, and resistivities of the CRC Handbook (from memory).
  test('slowest down copper, then aluminium, brass, lead', () => {
    expect(slowestFirst(['lead', 'brass', 'copper', 'aluminium'])).toEqual([
      'copper',
      'aluminium',
      'brass',
      'lead',
    ]);
    // Copper against aluminium, conductivity: 1.58.
    expect(RESISTIVITY.aluminium / RESISTIVITY.copper).toBeCloseTo(1.58, 1);
    const judge = (over: Record<string, number | string>) =>
      slidingMagnet.evaluate({ ...usualValues(slidingMagnet), ...over });
    expect(judge({ one: 'lead' }).message).toContain('Slower down the aluminium');
    expect(judge({ other: 'copper' }).level).toBe('watch');
  });

  test('of several sheets the order is told, and the two that show it best', () => {
    const found = slidingMagnet.evaluate({
      ...usualValues(slidingMagnet),
      one: 'brass',
      other: 'copper',
      third: 'lead',
      fourth: 'aluminium',
    });
    expect(found.message).toContain('Slower down the copper 3 mm: the lead 3 mm is 12.5 times');
    expect(found.message).toContain('show it best');
    expect(found.steps[0]?.value).toBe('copper 3 mm, aluminium 3 mm, brass 3 mm, lead 3 mm');
    const alike = slidingMagnet.evaluate({ ...usualValues(slidingMagnet), third: 'copper' });
    expect(alike).toMatchObject({ level: 'watch' });
    expect(alike.remedy).toContain('Nobody will tell');
  });

  const fall = {
    metal: 'copper' as const,
    inner: 16,
    wall: 1,
    magnetWide: 12,
    magnetLong: 12,
    remanence: 1.2,
  };

  // The dipole's steady speed is as the resistivity, and for a thin wall as one over its thickness.
  test('through a pipe: some seconds for a metre of copper, and as the resistivity', () => {
    const speed = terminalSpeed(fall);
    expect(timeThrough(speed, 1)).toBeGreaterThan(4);
    expect(timeThrough(speed, 1)).toBeLessThan(40);
    expect(terminalSpeed({ ...fall, metal: 'aluminium' }) / speed).toBeCloseTo(2.65 / 1.68, 6);
    expect(
      terminalSpeed({ ...fall, wall: 0.01 }) / terminalSpeed({ ...fall, wall: 0.02 }),
    ).toBeCloseTo(2, 1);
    expect(
      magnetPipe.evaluate({ ...usualValues(magnetPipe), metal: 'stainless', wall: 0.5 }).level,
    ).toBe('watch');
    expect(inputFaults(magnetPipe, { ...usualValues(magnetPipe), magnetWide: 20 })).toHaveProperty(
      'magnetWide',
    );
  });

  test('a magnet that nothing holds falls freely', () => {
    expect(timeThrough(1e6, 1)).toBeCloseTo(Math.sqrt(2 / 9.80665), 4);
  });
});

describe('launchers and lids', () => {
  const tube = { bore: 42, long: 1.5, mass: 2.7, difference: 101.325, friction: 0, density: 1.204 };

  // Mechanics: √(p/ρ) at the most; a heavy thing takes all of the work p·A·x.
  test('a vacuum launcher never passes √(p/ρ), and a heavy ball takes all the work', () => {
    expect(vacuumSpeed({ ...tube, long: 1000 })).toBeCloseTo(Math.sqrt(101_325 / 1.204), 0);
    const area = (Math.PI / 4) * 0.042 ** 2;
    const heavy = vacuumSpeed({ ...tube, mass: 5000 });
    expect(0.5 * 5 * heavy ** 2).toBeCloseTo(101_325 * area * 1.5, -1);
    expect(vacuumSpeed({ ...tube, friction: 20 })).toBeLessThan(vacuumSpeed(tube));
    expect(vacuumSpeed({ ...tube, friction: 1000 })).toBe(0);
  });

  test('a lid’s energy is the work of the pressure over its way', () => {
    const lid = popOff({ lets: 150, across: 30, grip: 3, mass: 8 });
    const area = (Math.PI / 4) * 0.03 ** 2;
    expect(0.5 * 0.008 * lid.least ** 2).toBeCloseTo(150_000 * area * 0.003, 9);
    expect(0.5 * 0.008 * lid.most ** 2).toBeCloseTo(150_000 * area * 0.018, 9);
    // Common practice: a film can rises some metres.
    expect(lid.least ** 2 / (2 * 9.80665)).toBeGreaterThan(2);
  });
});

// 600 g on a balance are 5.88 N; 2.0 s in the air, up and down, are 4.9 m.
test('thrust from a balance, height from a flight time', () => {
  expect(newtonsOf(600)).toBeCloseTo(5.88, 2);
  expect(Math.abs(heightFromFlight(2) - 4.9)).toBeLessThan(0.05);
  const heavy = thrust.evaluate({ ...usualValues(thrust), mass: 700 });
  expect(heavy.level).toBe('watch');
  expect(heavy.message).toContain('do not lift it');
});
