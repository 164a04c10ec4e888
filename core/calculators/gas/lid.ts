/** What a lid that is meant to pop off asks, and what is said of where it goes. */
import { type Assessment, number, toThreeFigures, workingStep } from '../calculator';
import { type Lid, popOff } from '../motion/popOff';
import { judgeZone, zoneOf } from '../motion/zone';

/** kPa above the air's that a snap-on lid of a small can may let go at, the most; more is a bottle that bursts. Our own mark. */
export const LETS_MOST = 400;
/** L: a vessel with a lid that pops is not larger. Our own mark. */
export const HOLDS_MOST = 0.5;

export const lidInputs = {
  lets: number({
    label: 'Lid lets go at',
    unit: 'kPa',
    least: 1,
    most: 2000,
    usual: 150,
    slide: [20, 400],
  }),
  across: number({
    label: 'Lid is across',
    unit: 'mm',
    least: 1,
    most: 500,
    usual: 30,
    slide: [10, 100],
  }),
  grip: number({
    label: 'Lid sits in by',
    unit: 'mm',
    least: 0,
    most: 100,
    usual: 3,
    slide: [0, 20],
  }),
  flies: number({
    label: 'What flies weighs',
    unit: 'g',
    least: 0.1,
    most: 5000,
    usual: 8,
    slide: [1, 100],
  }),
  clear: number({
    label: 'Clear distance',
    unit: 'm',
    least: 0,
    most: 1000,
    usual: 8,
    slide: [0, 30],
    change: 1,
    fact: 'frontRow',
  }),
} as const;

export interface LidValues {
  lets: number;
  across: number;
  grip: number;
  flies: number;
  clear: number;
}

export const lidOf = (v: LidValues): Lid => ({
  lets: v.lets,
  across: v.across,
  grip: v.grip,
  mass: v.flies,
});

export const LID_SOURCE = 'work of the pressure over a short way, our own estimate; mechanics';

/** Where it flies, and what it asks for. */
export function judgeLid(
  v: LidValues,
): Pick<Assessment, 'level' | 'message' | 'figure' | 'limit' | 'remedy' | 'steps'> {
  const { least, most, up } = popOff(lidOf(v));
  const zone = judgeZone(
    zoneOf({
      speed: most,
      height: 0.8,
      way: 0,
      pushed: 0,
      mass: v.flies / 1000,
      width: v.across / 1000,
      drag: 0.5,
      wind: 0,
      ground: 'hard',
    }),
    v.clear,
    'or under a cage.',
  );
  return {
    ...zone,
    level: v.lets > LETS_MOST ? 'stop' : zone.level,
    message:
      v.lets > LETS_MOST
        ? `A lid that holds ${toThreeFigures(v.lets)} kPa is no lid that pops off: the vessel bursts.`
        : `Pops at ${toThreeFigures(v.lets)} kPa, flies at ${toThreeFigures(least)} to ${toThreeFigures(most)} m/s, up to ${toThreeFigures(up)} m high. ${zone.message}`,
    remedy:
      v.lets > LETS_MOST
        ? 'Take a soft can whose lid snaps off by hand.'
        : `Nobody bends over it, eyes covered; ears covered before it pops, and the bang measured beforehand. It did not pop: nobody goes near for five minutes, then the lid is tipped off from the side. ${zone.remedy}`,
    steps: [
      workingStep(
        'Speed as it leaves',
        `${toThreeFigures(least)} to ${toThreeFigures(most)} m/s`,
        '√(2·Δp·A·s / m), s = grip to grip + half the width',
        'our own estimate',
      ),
      workingStep('Height', `${toThreeFigures(up)} m at the most`, 'v² / 2g', 'without drag'),
      ...zone.steps.slice(0, 2),
    ],
  };
}
