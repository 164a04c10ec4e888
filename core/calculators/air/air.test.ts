/** Cold and air, against published figures and a numeric integration. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { chill } from '../cold/chill';
import { closedVessel } from '../cold/closedVessel';
import { gasFrom } from '../cold/gasFrom';
import { inputFaults, usualValues } from '../inputs';
import { coldInRoom } from './coldInRoom';
import { carbonDioxideAfter, oxygenAfter, type Release, type Room } from './overTime';

// The same cases every time.
fc.configureGlobal({ seed: 153 });

// Ideal gas, 806 kg/m³ (NIST Chemistry WebBook, from memory): 680 and 692 times; guidance says 682 to 696.
test('a litre of liquid nitrogen', () => {
  expect(gasFrom('nitrogen', 1, 15)).toBeCloseTo(680, 0);
  expect(gasFrom('nitrogen', 1, 20)).toBeCloseTo(692, 0);
});

// Common practice: 3 mL fill a 2 L bottle.
test('3 mL fill a 2 L bottle', () => {
  expect(Math.abs(gasFrom('nitrogen', 0.003, 20) - 2.08)).toBeLessThan(0.03);
});

// Ideal gas, M = 44.0095: 0.547 m³.
test('a kilogram of dry ice', () => {
  expect(Math.abs(gasFrom('dryIce', 1, 20) / 1000 - 0.547)).toBeLessThan(0.003);
});

// EIGA Doc 44 / BCGA worked form (from memory): 50 L in 60 m³, 683 times, 21 % → 9.0 %.
test('a sudden release', () => {
  const room = { volume: 60, changes: 0 };
  const release = { once: 50 * 0.683, steady: 0 };
  expect(Math.abs((oxygenAfter(room, release, 0) * 21) / 20.95 - 9.0)).toBeLessThan(0.1);
});

const ROOM = fc.record({
  volume: fc.double({ min: 10, max: 2000, noNaN: true }),
  changes: fc.double({ min: 0, max: 10, noNaN: true }),
});
const RELEASE = fc.record({
  once: fc.double({ min: 0, max: 5, noNaN: true }),
  steady: fc.double({ min: 0, max: 20, noNaN: true }),
});

/** The same by small steps, Runge and Kutta's fourth order. */
function integrated(
  room: Room,
  release: Release,
  of: { first: number; fresh: number; released: number },
  hours: number,
): number {
  const fresh = room.changes * room.volume;
  const slope = (c: number): number =>
    (fresh * of.fresh + release.steady * of.released - (fresh + release.steady) * c) / room.volume;
  const pushed = Math.min(1, release.once / room.volume);
  let c = of.first * (1 - pushed) + of.released * pushed;
  const h = hours / 400;
  for (let i = 0; i < 400; i++) {
    const a = slope(c);
    const b = slope(c + (h / 2) * a);
    const d = slope(c + (h / 2) * b);
    const e = slope(c + h * d);
    c += (h / 6) * (a + 2 * b + 2 * d + e);
  }
  return c;
}

test('the closed form agrees with a numeric integration', () => {
  fc.assert(
    fc.property(
      ROOM,
      RELEASE,
      fc.double({ min: 0, max: 8, noNaN: true }),
      (room, release, hours) => {
        expect(oxygenAfter(room, release, hours)).toBeCloseTo(
          integrated(room, release, { first: 20.95, fresh: 20.95, released: 0 }, hours),
          4,
        );
        expect(carbonDioxideAfter(room, release, hours)).toBeCloseTo(
          integrated(room, release, { first: 0.042, fresh: 0.042, released: 100 }, hours),
          4,
        );
      },
    ),
  );
});

test('more air changes never mean less oxygen; a bigger room neither', () => {
  fc.assert(
    fc.property(
      ROOM,
      RELEASE,
      fc.double({ min: 0, max: 8, noNaN: true }),
      fc.double({ min: 0, max: 5, noNaN: true }),
      (room, release, hours, more) => {
        const now = oxygenAfter(room, release, hours);
        expect(
          oxygenAfter({ ...room, changes: room.changes + more }, release, hours),
        ).toBeGreaterThanOrEqual(now - 1e-9);
        expect(
          oxygenAfter({ ...room, volume: room.volume * (1 + more) }, release, hours),
        ).toBeGreaterThanOrEqual(now - 1e-9);
      },
    ),
  );
});

describe('cold in a room', () => {
  const judge = (over: Record<string, number | string> = {}) =>
    coldInRoom.evaluate({ ...usualValues(coldInRoom), ...over });

  test('two litres in a hall fit; in a store room they stop the show', () => {
    expect(judge().level).not.toBe('stop');
    const small = judge({ room: 15, changes: 0, people: 2 });
    expect(small.level).toBe('stop');
    expect(small.remedy).toMatch(/Nobody goes in after.*until it is aired and measured/);
  });

  // NIOSH Pocket Guide: 30,000 ppm for a quarter of an hour.
  test('dry ice: carbon dioxide stops it long before the oxygen does', () => {
    const ice = judge({
      kind: 'dryIce',
      spilled: 0,
      boiling: 10,
      room: 100,
      changes: 0.5,
      people: 0,
      minutes: 120,
    });
    expect(ice.level).toBe('stop');
    expect(Number(/([\d.]+) % oxygen/.exec(ice.figure)?.[1])).toBeGreaterThan(19.5);
  });

  test('a room of no volume, and a negative number of people', () => {
    const faults = (over: Record<string, number>) =>
      inputFaults(coldInRoom, { ...usualValues(coldInRoom), ...over });
    expect(faults({ room: 0 })).toEqual({ room: 'Room must be more than nothing' });
    expect(faults({ people: -3 })).toEqual({ people: 'People in the room must not be negative' });
  });
});

test('a closed vessel is a stop that nothing sets aside, however little is in it', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 1000, noNaN: true }),
      fc.constantFrom('nitrogen', 'dryIce'),
      (amount, kind) => {
        expect(closedVessel.evaluate({ ...usualValues(closedVessel), amount, kind })).toMatchObject(
          {
            level: 'stop',
            final: true,
          },
        );
      },
    ),
  );
});

test('chilling: more than there is must be fixed', () => {
  const judge = (over: Record<string, number | string>) =>
    chill.evaluate({ ...usualValues(chill), ...over });
  expect(judge({ mass: 10 }).level).toBe('ok');
  expect(judge({ mass: 1000 }).level).toBe('fix');
});
