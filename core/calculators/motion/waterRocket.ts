import { number, temperatureInput, workingStep, calculator, toThreeFigures } from '../calculator';
import { type Bottle, waterThrust } from './waterThrust';
import { type Ground, judgeZone, type Thrown, ZONE_SOURCE, zoneInputs, zoneOf } from './zone';

/** Drag coefficient of a bottle that flies bottom first; one that turns over meets more. */
const BOTTLE = 0.3;

/** kPa above the air's that drink bottles are pumped up to at the most; common practice. */
const PUMPED = 500;

interface Launch {
  volume: number;
  water: number;
  gauge: number;
  neck: number;
  mass: number;
  temperature: number;
  height: number;
  width: number;
  ground: Ground;
  wind: number;
  clear: number;
}

const bottleOf = (v: Launch): Bottle => ({
  volume: v.volume,
  water: v.water / 1000,
  gauge: v.gauge,
  neck: v.neck,
  mass: v.mass,
  celsius: v.temperature,
});

function thrown(v: Launch): Thrown {
  const push = waterThrust(bottleOf(v));
  return {
    speed: push.inAll,
    way: push.way,
    pushed: push.time,
    height: v.height,
    mass: v.mass / 1000,
    width: v.width / 100,
    drag: BOTTLE,
    wind: v.wind,
    ground: v.ground,
  };
}

/** A bottle driven by water and air: how fast, and how far must people be? */
export const waterRocket = calculator({
  id: 'water-rocket',
  family: 'motion',
  title: 'How fast is the water rocket, and how far must people be?',
  question:
    'A bottle is part filled with water and pumped up: its speed, how far it may land, and is that much clear?',
  inputs: {
    volume: number({
      label: 'Bottle',
      unit: 'L',
      least: 0.05,
      most: 10,
      usual: 1,
      slide: [0.3, 3],
    }),
    water: number({
      label: 'Water',
      unit: 'mL',
      least: 0,
      most: 9000,
      usual: 250,
      slide: [0, 1000],
      change: 10,
    }),
    gauge: number({
      label: 'Pumped to, on the gauge',
      unit: 'kPa',
      least: 1,
      most: 1500,
      usual: 200,
      slide: [50, 600],
      change: 10,
    }),
    neck: number({
      label: 'Neck, inside',
      unit: 'mm',
      least: 1,
      most: 100,
      usual: 21.7,
      slide: [5, 40],
    }),
    mass: number({
      label: 'Weight when empty',
      unit: 'g',
      least: 1,
      most: 5000,
      usual: 45,
      slide: [20, 500],
    }),
    temperature: temperatureInput,
    height: number({
      label: 'Let go at',
      unit: 'm',
      least: 0,
      most: 100,
      usual: 0.5,
      slide: [0, 3],
    }),
    ...zoneInputs,
  },
  faults: (v) => ({
    water:
      v.water >= v.volume * 950
        ? 'Water must leave room for air: at most nineteen in twenty of the bottle'
        : undefined,
  }),
  grounds: {
    formula:
      'water leaves at √(2·(p − p₀)/ρ), the air behind it p·V^1.4 even; then the air as through a nozzle; thrust over mass, stepped',
    validity:
      'A plain neck, no launch tube, 50 to 600 kPa on the gauge. Its own weight and the air’s drag are left out while it is pushed, which is on the fast side.',
    source: 'mechanics; isentropic flow of an ideal gas',
    check:
      '1 L, 0.25 L of water, 45 g, 21.7 mm: 38 and 47 m/s at 300 kPa, 30 and 35 at 200 kPa, from an independent integration, within 5 %',
  },
  evaluate: (v) => {
    const push = waterThrust(bottleOf(v));
    const zone = judgeZone(
      zoneOf(thrown(v)),
      v.clear,
      'pump it less, take more weight, or run it along a line.',
    );
    const strained = v.gauge > PUMPED;
    return {
      ...zone,
      level: strained && zone.level !== 'stop' ? 'fix' : zone.level,
      message: strained
        ? `${toThreeFigures(v.gauge)} kPa is more than a drink bottle is pumped to. ${zone.message}`
        : `${toThreeFigures(push.inAll)} m/s. ${zone.message}`,
      remedy: `${strained ? `At most ${PUMPED} kPa, and less with a scratched or sunned bottle. ` : ''}${zone.remedy} No release: open the vent, wait, and nobody bends over it.`,
      final: false,
      source: `mechanics; isentropic flow; ${ZONE_SOURCE}`,
      steps: [
        workingStep(
          'End of the water',
          `${toThreeFigures(push.afterWater)} m/s`,
          '√(2·(p − p₀)/ρ) as jet, p·V^1.4 even',
          'mechanics',
        ),
        workingStep(
          'In all',
          `${toThreeFigures(push.inAll)} m/s after ${toThreeFigures(push.time)} s, ${toThreeFigures(push.way)} m`,
          'the air after it, as through a nozzle',
          'isentropic flow of an ideal gas',
        ),
        workingStep('Thrust at first', `${toThreeFigures(push.greatest)} N`, '2·(p − p₀)·A'),
        ...zone.steps,
      ],
    };
  },
  curve: {
    label: 'Speed in all',
    unit: 'm/s',
    at: (v) => waterThrust(bottleOf(v)).inAll,
    limits: () => [],
  },
});
