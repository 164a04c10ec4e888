import {
  choice,
  number,
  type Assessment,
  workingStep,
  calculator,
  toThreeFigures,
} from '../calculator';
import { flightTime, afterThrust, maximumRange, maximumHeight } from './projectile';

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
    v.known === 'thrust'
      ? afterThrust(v.thrust, v.mass / 1000, v.burns)
      : { speed: v.speed, way: 0 };
  // Whichever way it was pushed: no farther off when the push ends, and no higher.
  const from = v.height + push.way;
  // The wind carries it for as long as it can be in the air at the most.
  const flight = flightTime(push.speed, from) + (v.known === 'thrust' ? v.burns : 0);
  return {
    speed: push.speed,
    radius: maximumRange(push.speed, from) + push.way + v.wind * flight,
    up: maximumHeight(push.speed) + push.way,
  };
}

function judge(v: Launch): Assessment {
  const { speed, radius, up } = zoneOf(v);
  const fits = radius <= v.clear;
  return {
    level: fits ? (radius > v.clear * 0.9 ? 'watch' : 'ok') : 'fix',
    final: false,
    message: fits
      ? `Lands within ${toThreeFigures(radius)} m; ${toThreeFigures(v.clear)} m are clear.`
      : `May land ${toThreeFigures(radius)} m away, and only ${toThreeFigures(v.clear)} m are clear.`,
    figure: `${toThreeFigures(radius)} m`,
    limit: `${toThreeFigures(v.clear)} m clear`,
    source: 'mechanics, without drag, at the angle that carries it farthest',
    remedy: fits
      ? 'Line of fire clear and said aloud before each go; nothing costly in it.'
      : `Move people back to ${Math.ceil(radius)} m, slow it down, tether it, or catch it in a net.`,
    steps: [
      workingStep(
        'Speed',
        `${toThreeFigures(speed)} m/s`,
        v.known === 'thrust' ? 'thrust / mass × time' : 'as given',
      ),
      workingStep(
        'Farthest',
        `${toThreeFigures(radius)} m`,
        'v/g·√(v² + 2gh) + s + wind × time in the air; h is let go at + s, the way while pushed',
        'mechanics',
      ),
      workingStep('Highest', `${toThreeFigures(up)} m`, 'v² / 2g + way while pushed', 'mechanics'),
    ],
  };
}

/** How far must people be from something that is thrown or launched? */
export const clearZone = calculator({
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
  evaluate: judge,
  curve: {
    label: 'Lands within',
    unit: 'm',
    at: (v) => zoneOf(v).radius,
    limits: (v) => [{ label: 'clear', value: v.clear }],
  },
});
