import { choice, number, type Reckoned, step, sum, three } from '../sum';
import { inTheAir, pushed, reach, rise } from './thrown';

interface Launch {
  known: 'speed' | 'thrust';
  speed: number;
  thrust: number;
  burns: number;
  mass: number;
  height: number;
  wind: number;
  clear: number;
}

function zoneOf(v: Launch): { speed: number; radius: number; up: number } {
  const push =
    v.known === 'thrust' ? pushed(v.thrust, v.mass / 1000, v.burns) : { speed: v.speed, way: 0 };
  // Whichever way it was pushed: no farther off when the push ends, and no higher.
  const from = v.height + push.way;
  // The wind carries it for as long as it can be in the air at the most.
  const flight = inTheAir(push.speed, from) + (v.known === 'thrust' ? v.burns : 0);
  return {
    speed: push.speed,
    radius: reach(push.speed, from) + push.way + v.wind * flight,
    up: rise(push.speed) + push.way,
  };
}

function judge(v: Launch): Reckoned {
  const { speed, radius, up } = zoneOf(v);
  const fits = radius <= v.clear;
  return {
    level: fits ? (radius > v.clear * 0.9 ? 'watch' : 'fits') : 'fix',
    final: false,
    says: fits
      ? `Lands within ${three(radius)} m; ${three(v.clear)} m are clear.`
      : `May land ${three(radius)} m away, and only ${three(v.clear)} m are clear.`,
    figure: `${three(radius)} m`,
    limit: `${three(v.clear)} m clear`,
    source: 'mechanics, without drag, at the angle that carries it farthest',
    todo: fits
      ? 'Line of fire clear and said aloud before each go; nothing costly in it.'
      : `Move people back to ${Math.ceil(radius)} m, slow it down, tether it, or catch it in a net.`,
    steps: [
      step(
        'Speed',
        `${three(speed)} m/s`,
        v.known === 'thrust' ? 'thrust / mass × time' : 'as given',
      ),
      step(
        'Farthest',
        `${three(radius)} m`,
        'v/g·√(v² + 2gh) + s + wind × time in the air; h is let go at + s, the way while pushed',
        'mechanics',
      ),
      step('Highest', `${three(up)} m`, 'v² / 2g + way while pushed', 'mechanics'),
    ],
  };
}

/** How far must people be from something that is thrown or launched? */
export const clearZone = sum({
  id: 'clear-zone',
  family: 'motion',
  title: 'How far must people be?',
  question: 'Something is thrown or launched: how far may it land, and is that much clear?',
  inputs: {
    known: choice('Known is', { speed: 'its speed', thrust: 'its thrust and burn time' }, 'speed'),
    speed: number({ label: 'Speed', unit: 'mps', least: 0, most: 340, usual: 8, slide: [0, 40] }),
    thrust: number({
      label: 'Thrust',
      unit: 'N',
      least: 0,
      most: 1000,
      usual: 5.9,
      slide: [0, 50],
    }),
    burns: number({ label: 'Burns for', unit: 's', least: 0, most: 60, usual: 0.3, slide: [0, 3] }),
    mass: number({
      label: 'Weight',
      unit: 'g',
      least: 0.001,
      most: 100_000,
      usual: 100,
      slide: [1, 1000],
    }),
    height: number({ label: 'Let go at', unit: 'm', least: 0, most: 100, usual: 1, slide: [0, 5] }),
    wind: number({
      label: 'Wind',
      unit: 'mps',
      least: 0,
      most: 60,
      usual: 0,
      slide: [0, 15],
      fact: 'wind',
    }),
    clear: number({
      label: 'Clear distance',
      unit: 'm',
      least: 0,
      most: 1000,
      usual: 5,
      slide: [0, 50],
      fact: 'frontRow',
    }),
  },
  reckon: judge,
  curve: {
    label: 'Lands within',
    unit: 'm',
    at: (v) => zoneOf(v).radius,
    limits: (v) => [{ label: 'clear', value: v.clear }],
  },
});
