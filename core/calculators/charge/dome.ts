import { number, type Assessment, workingStep, calculator, toThreeFigures } from '../calculator';
import { BREAKDOWN, capacitance, energy, topVoltage } from './sphere';

/** % humidity: above the first it gets weak, above the second there is little; common practice. */
const DAMP = { weak: 45, hopeless: 65 };
/** J: a hard shock, and one that may kill (NFPA 77, from memory). */
const SHOCK = { hard: 0.25, deadly: 10 };

interface Dome {
  radius: number;
  reached: number;
  humidity: number;
}

const energyOf = (v: Dome): number => {
  const metres = v.radius / 100;
  return energy(capacitance(metres), (topVoltage(metres) * v.reached) / 100);
};

function judge(v: Dome): Assessment {
  const metres = v.radius / 100;
  const volts = (topVoltage(metres) * v.reached) / 100;
  const joules = energyOf(v);
  const spark = volts / BREAKDOWN;
  const damp = v.humidity >= DAMP.hopeless;
  const figure = `${toThreeFigures(volts / 1000)} kV, ${toThreeFigures(joules)} J, sparks up to ${toThreeFigures(spark * 100)} cm`;
  const level =
    joules >= SHOCK.deadly
      ? 'stop'
      : damp
        ? 'fix'
        : joules >= SHOCK.hard || v.humidity >= DAMP.weak
          ? 'watch'
          : 'ok';
  const outlook = damp
    ? `Too damp at ${toThreeFigures(v.humidity)} %: it hardly charges.`
    : v.humidity >= DAMP.weak
      ? `Damp at ${toThreeFigures(v.humidity)} %: weak, sparks shorter than calculated.`
      : `Dry enough at ${toThreeFigures(v.humidity)} %.`;
  return {
    level,
    final: false,
    message:
      joules >= SHOCK.deadly
        ? `${toThreeFigures(joules)} J: a shock that may kill.`
        : `${outlook} At the most ${figure}.`,
    figure,
    limit: `${SHOCK.hard} J a hard shock, ${SHOCK.deadly} J may kill; humidity ${DAMP.weak} % weak, ${DAMP.hopeless} % hardly`,
    source:
      'isolated sphere, dry air 3 MV/m; NFPA 77 (source not checked); humidity common practice',
    remedy: [
      'Nobody with a pacemaker, a hearing aid, a pump or an implant, or pregnant, takes part or stands near.',
      damp ? 'Warm the dome and the belt with a hair dryer, air the room, or leave it out.' : '',
      joules >= SHOCK.hard
        ? 'Bring it down with the earthed wand before anybody touches or steps down.'
        : '',
    ]
      .filter(Boolean)
      .join(' '),
    steps: [
      workingStep(
        'Capacitance',
        `${toThreeFigures(capacitance(metres) * 1e12)} pF`,
        '4π·ε₀·r',
        'isolated sphere',
      ),
      workingStep(
        'Voltage',
        `${toThreeFigures(volts / 1000)} kV`,
        '3 MV/m × r × share reached',
        'breakdown of dry air',
      ),
      workingStep('Energy', `${toThreeFigures(joules)} J`, '½·C·U²'),
      workingStep(
        'Spark',
        `${toThreeFigures(spark * 100)} cm`,
        'U / 3 MV/m, between smooth round ends',
      ),
    ],
  };
}

/** What does a dome charge to, and is the air dry enough? */
export const dome = calculator({
  id: 'dome',
  family: 'charge',
  title: 'How strong is the dome, and is it dry enough?',
  question: 'Voltage, energy and spark of a charged dome, and the outlook in today’s humidity.',
  inputs: {
    radius: number({
      label: 'Radius of the dome',
      unit: 'cm',
      least: 0.001,
      most: 200,
      usual: 10,
      slide: [3, 40],
    }),
    reached: number({
      label: 'Of the highest voltage it reaches',
      unit: 'percent',
      least: 0,
      most: 100,
      usual: 60,
      slide: [10, 100],
    }),
    humidity: number({
      label: 'Humidity',
      unit: 'percent',
      least: 0,
      most: 100,
      usual: 40,
      slide: [10, 90],
      fact: 'humidity',
    }),
  },
  evaluate: judge,
  curve: {
    label: 'Energy',
    unit: 'J',
    at: energyOf,
    limits: () => [{ label: 'hard shock', value: SHOCK.hard }],
  },
});
