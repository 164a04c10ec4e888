import { calculator, number, toThreeFigures } from '../calculator';
import { HOLDS_MOST, judgeLid, LETS_MOST, LID_SOURCE, lidInputs } from './lid';
import { popOff } from '../motion/popOff';

/** A snap-on lid that is meant to fly off: another thing than a vessel that is closed. */
export const poppingLid = calculator({
  id: 'popping-lid',
  family: 'gas',
  title: 'How far does a lid fly that is meant to pop off?',
  question:
    'Gas builds up in a small can with a snap-on lid: how fast, how high and how far does it go, and is that much clear?',
  inputs: {
    holds: number({
      label: 'Can holds',
      unit: 'L',
      least: 0.005,
      most: 20,
      usual: 0.035,
      slide: [0.01, 1],
    }),
    ...lidInputs,
  },
  grounds: {
    formula: 'v = √(2·Δp·A·s/m), s from the grip to the grip and half the width',
    validity: `A soft can of at most ${HOLDS_MOST} L whose lid comes off by hand, letting go below ${LETS_MOST} kPa. Never glass, never a screw cap, never metal.`,
    source: LID_SOURCE,
    check: 'Film cans rise some metres, common practice; energy is the pressure’s work, in a test',
  },
  evaluate: (v) => {
    const lid = judgeLid(v);
    const large = v.holds > HOLDS_MOST;
    return {
      ...lid,
      level: large ? 'stop' : lid.level,
      message: large
        ? `${toThreeFigures(v.holds)} L of pressed gas behind a lid: too much to let fly.`
        : lid.message,
      remedy: large ? `At most ${HOLDS_MOST} L, of soft plastic.` : lid.remedy,
      final: false,
      source: LID_SOURCE,
    };
  },
  curve: {
    label: 'Height at the most',
    unit: 'm',
    at: (v) => popOff({ lets: v.lets, across: v.across, grip: v.grip, mass: v.flies }).up,
    limits: () => [],
  },
});
