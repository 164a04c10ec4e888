import { GRAVITY } from '../constants';
import { requireAtLeast } from '../require';
import { calculator, choice, number, toThreeFigures, workingStep } from '../calculator';
import { type Metal, METAL_WORDS, METALS, RESISTIVITY } from './metals';

/** T m/A; CODATA. */
const MAGNETIC = 1.25663706212e-6;
/** kg/m³ of neodymium magnets (makers' tables, from memory). */
const MAGNET_DENSITY = 7500;

export interface Falling {
  metal: Metal;
  /** mm. */
  inner: number;
  wall: number;
  magnetWide: number;
  magnetLong: number;
  /** T: what the magnet keeps by itself. */
  remanence: number;
}

/** A·m² of a magnet from its size and what it keeps: B·V/µ₀. */
export const momentOf = (of: Pick<Falling, 'magnetWide' | 'magnetLong' | 'remanence'>): number =>
  (of.remanence * (Math.PI / 4) * of.magnetWide ** 2 * of.magnetLong * 1e-9) / MAGNETIC;

/**
 * Steady speed at which a magnet falls through a pipe: what holds it back is k·v,
 * k = (45/1024)·µ0²·m²·σ·∫da/a⁴ over the wall, and v = M·g/k.
 *
 * @returns m/s
 * @throws RangeError without magnet, wall or bore
 * Source: dipole in a thin pipe, summed over the wall (Donoso, Ladera and Martín 2009, from memory).
 */
export function terminalSpeed(of: Falling): number {
  requireAtLeast('bore', of.inner, 0, true);
  requireAtLeast('wall', of.wall, 0, true);
  requireAtLeast('magnet', of.magnetWide * of.magnetLong * of.remanence, 0, true);
  const [from, to] = [of.inner / 2000, of.inner / 2000 + of.wall / 1000];
  const conductivity = 1e8 / RESISTIVITY[of.metal];
  const wall = (from ** -3 - to ** -3) / 3;
  const hold = (45 / 1024) * MAGNETIC ** 2 * momentOf(of) ** 2 * conductivity * wall;
  const mass = (MAGNET_DENSITY * (Math.PI / 4) * of.magnetWide ** 2 * of.magnetLong) / 1e9;
  return (mass * GRAVITY) / hold;
}

/** s through a pipe of `metres`, from rest to the steady speed: x = v·t − v·τ·(1 − e^(−t/τ)), τ = v/g. */
export function timeThrough(speed: number, metres: number): number {
  requireAtLeast('speed', speed, 0, true);
  requireAtLeast('length', metres, 0);
  const tau = speed / GRAVITY;
  let [low, high] = [0, metres / speed + 2 * tau + Math.sqrt((2 * metres) / GRAVITY)];
  for (let i = 0; i < 60; i++) {
    const t = (low + high) / 2;
    if (speed * (t - tau * (1 - Math.exp(-t / tau))) < metres) low = t;
    else high = t;
  }
  return (low + high) / 2;
}

const options = Object.fromEntries(METALS.map((metal) => [metal, METAL_WORDS[metal]])) as Record<
  Metal,
  string
>;

const millimetres = (label: string, usual: number, slide: [number, number]) =>
  number({ label, unit: 'mm', least: 0.01, most: 200, usual, slide });

interface Fall extends Falling {
  long: number;
}

const seconds = (v: Fall): number => timeThrough(terminalSpeed(v), v.long);

/** How long does a magnet take to fall through a pipe? */
export const magnetPipe = calculator({
  id: 'magnet-pipe',
  family: 'motion',
  title: 'How slowly does the magnet fall through the pipe?',
  question: 'A strong magnet is dropped through a metal pipe: how long does it take?',
  inputs: {
    metal: choice('Pipe of', options, 'copper'),
    inner: millimetres('Bore', 16, [6, 40]),
    wall: millimetres('Wall', 1, [0.5, 5]),
    long: number({ label: 'Long', unit: 'm', least: 0.01, most: 10, usual: 1, slide: [0.2, 2] }),
    magnetWide: millimetres('Magnet is wide', 12, [4, 30]),
    magnetLong: millimetres('Magnet is long', 12, [4, 40]),
    remanence: number({
      label: 'Magnet keeps',
      unit: 'T',
      least: 0.001,
      most: 1.6,
      usual: 1.2,
      slide: [0.2, 1.5],
    }),
  },
  faults: (v) => ({
    magnetWide: v.magnetWide >= v.inner ? 'The magnet must go through the bore' : undefined,
  }),
  grounds: {
    formula: 'v = M·g / ((45/1024)·µ₀²·m²·σ·∫da/a⁴)',
    validity:
      'A magnet small against the bore, upright, at room temperature. One that nearly fills the bore is no dipole any more: up to twice as fast or slow. Nothing for steel.',
    source:
      'dipole falling in a pipe (Donoso, Ladera and Martín 2009; source not checked); CRC Handbook',
    check:
      'A metre of copper takes some seconds, free fall half a second, common practice; v as the resistivity and as 1/thickness of a thin wall',
  },
  evaluate: (v) => {
    const speed = terminalSpeed(v);
    const time = seconds(v);
    const free = Math.sqrt((2 * v.long) / GRAVITY);
    const seen = time > 2 * free;
    const nearly = v.magnetWide > 0.85 * v.inner;
    return {
      level: seen && !nearly ? 'ok' : 'watch',
      final: false,
      message: seen
        ? `About ${toThreeFigures(time)} s through the pipe; free fall takes ${toThreeFigures(free)} s.`
        : `Hardly slower than free fall: ${toThreeFigures(time)} s against ${toThreeFigures(free)} s.`,
      figure: `${toThreeFigures(time)} s`,
      limit: `${toThreeFigures(2 * free)} s, twice free fall, to be seen`,
      source: 'dipole falling in a pipe; resistivity CRC Handbook (sources not checked)',
      remedy: [
        nearly ? 'The magnet nearly fills the bore: time it once, this is rough then.' : '',
        seen ? '' : 'Take copper, a thicker wall, a narrower bore or a stronger magnet.',
        'Something soft to catch it; it breaks. Heart devices: not near.',
      ]
        .filter(Boolean)
        .join(' '),
      steps: [
        workingStep('Magnet', `${toThreeFigures(momentOf(v))} A m²`, 'B·V/µ₀'),
        workingStep(
          'Steady speed',
          `${toThreeFigures(speed)} m/s`,
          'M·g / ((45/1024)·µ₀²·m²·σ·∫da/a⁴)',
          'dipole in a pipe',
        ),
        workingStep('Time', `${toThreeFigures(time)} s`, 'x = v·t − v·τ·(1 − e^(−t/τ)), τ = v/g'),
      ],
    };
  },
  curve: {
    label: 'Time in the pipe',
    unit: 's',
    at: seconds,
    limits: (v) => [{ label: 'free fall', value: Math.sqrt((2 * v.long) / GRAVITY) }],
  },
});
