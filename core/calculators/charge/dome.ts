import {
  type Assessment,
  calculator,
  choice,
  number,
  toThreeFigures,
  workingStep,
} from '../calculator';
import { BREAKDOWN, capacitance, energy, topVoltage } from './sphere';

/** % humidity: dry up to the first, above the second it hardly charges; common practice. */
const DAMP = { weak: 45, hopeless: 65 };
/** Share of the dry voltage that is left in damp air. Our own mark: leaks over stand and belt differ. */
const LEAKED = 0.2;
/** J: touching a charged body (EN 61010-1, from memory); and one that may kill (IEC TS 60079-32-1, from memory). */
const SHOCK = { most: 0.35, deadly: 10 };
/** F: a person on an insulating crate; the lower is the human-body model’s (from memory). */
const PERSON = { least: 100e-12, most: 150e-12 };

interface Dome {
  radius: number;
  reached: number;
  person: 'none' | 'crate';
  earthed: 'unsaid' | 'yes' | 'no';
  asked: 'unsaid' | 'yes';
  humidity: number;
}

/** Share of the voltage in dry air that is reached at this humidity. */
export function keptInDamp(humidity: number): number {
  if (humidity <= DAMP.weak) return 1;
  if (humidity >= DAMP.hopeless) return LEAKED;
  return 1 - ((1 - LEAKED) * (humidity - DAMP.weak)) / (DAMP.hopeless - DAMP.weak);
}

function stateOf(v: Dome) {
  const metres = v.radius / 100;
  const volts = ((topVoltage(metres) * v.reached) / 100) * keptInDamp(v.humidity);
  const sphere = capacitance(metres);
  const totalWith = (person: number): number => sphere + (v.person === 'crate' ? person : 0);
  const most = totalWith(PERSON.most);
  return {
    volts,
    sphere,
    least: energy(totalWith(PERSON.least), volts),
    joules: energy(most, volts),
    charge: most * volts,
    spark: volts / BREAKDOWN,
  };
}

type State = ReturnType<typeof stateOf>;

function found(v: Dome, { joules }: State): Pick<Assessment, 'level' | 'message' | 'remedy'> {
  const damp = v.humidity >= DAMP.hopeless;
  const hard = joules >= SHOCK.most;
  const who = v.person === 'crate' ? 'dome and person together' : 'the dome';
  const bar =
    'Nobody with a heart device, a hearing aid, a pump or an implant, or pregnant, takes part or sits in the nearest rows: ask crew, volunteers and those rows.';
  const down =
    'Switch off, then bring it down with the earthed wand, before anybody touches it or steps off.';
  if (joules >= SHOCK.deadly)
    return {
      level: 'stop',
      message: `${toThreeFigures(joules)} J in ${who}: a shock that may kill.`,
      remedy: 'Take a smaller dome, or nobody on the crate.',
    };
  if (hard && v.earthed === 'no')
    return {
      level: 'fix',
      message: `${toThreeFigures(joules)} J in ${who}, and nothing brings it down before it is touched.`,
      remedy: `An earthed wand. ${down} ${bar}`,
    };
  if (damp)
    return {
      level: 'fix',
      message: `Too damp at ${toThreeFigures(v.humidity)} %: it hardly charges.`,
      remedy: `Dry the dome and the belt with warm air, away from anything wet; air the room; or leave it out. ${bar}`,
    };
  if (v.asked === 'unsaid' || (hard && v.earthed === 'unsaid'))
    return {
      level: 'unknown',
      message: `Not said: ${[
        ...(v.asked === 'unsaid'
          ? ['whether crew and nearest rows are asked about heart devices']
          : []),
        ...(hard && v.earthed === 'unsaid' ? ['whether it is earthed before it is touched'] : []),
      ].join('; ')}.`,
      remedy: `Say it in the demo. ${down} ${bar}`,
    };
  const weak = v.humidity > DAMP.weak;
  return {
    level: hard || weak ? 'watch' : 'ok',
    message: `${
      weak
        ? `Damp at ${toThreeFigures(v.humidity)} %: weak.`
        : `Dry enough at ${toThreeFigures(v.humidity)} %.`
    }${hard ? ' More than may be touched: earthed first.' : ''}`,
    remedy: `${hard || v.person === 'crate' ? `${down} ` : ''}${bar}`,
  };
}

function judge(v: Dome): Assessment {
  const of = stateOf(v);
  const { volts, least, joules, charge, spark, sphere } = of;
  const joulesText =
    toThreeFigures(least) === toThreeFigures(joules)
      ? `${toThreeFigures(joules)} J`
      : `${toThreeFigures(least)} to ${toThreeFigures(joules)} J`;
  const figure = `${toThreeFigures(volts / 1000)} kV, ${joulesText}, sparks up to ${toThreeFigures(spark * 100)} cm`;
  const said = found(v, of);
  return {
    ...said,
    message: `${said.message} About ${figure}.`,
    final: false,
    figure,
    limit: `${SHOCK.most * 1000} mJ to be touched, ${SHOCK.deadly} J may kill; humidity ${DAMP.weak} % weak, ${DAMP.hopeless} % hardly`,
    source:
      'isolated sphere, dry air 3 MV/m; EN 61010-1; IEC TS 60079-32-1; human-body model (sources not checked); humidity common practice',
    steps: [
      workingStep(
        'Capacitance',
        `${toThreeFigures(sphere * 1e12)} pF${v.person === 'crate' ? ', and 100 to 150 pF of the person' : ''}`,
        '4π·ε₀·r, and of a person on an insulating crate',
        'isolated sphere; human-body model (source not checked)',
      ),
      workingStep(
        'Voltage',
        `${toThreeFigures(volts / 1000)} kV`,
        '3 MV/m × r × share reached × share kept in this humidity',
        'breakdown of dry air; humidity our own estimate',
      ),
      workingStep('Energy', joulesText, '½·C·U²'),
      workingStep('Charge', `${toThreeFigures(charge * 1e6)} µC`, 'C·U; 45 µC to be touched'),
      workingStep(
        'Spark',
        `${toThreeFigures(spark * 100)} cm`,
        'U / 3 MV/m, between smooth round ends',
      ),
    ],
  };
}

/** What does a dome charge to, with whom on the crate, and is the air dry enough? */
export const dome = calculator({
  id: 'dome',
  family: 'charge',
  title: 'How strong is the dome, and is it dry enough?',
  question:
    'Voltage, energy and spark of a charged dome, with somebody on the crate or not, in today’s humidity.',
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
      label: 'Of the highest voltage it reaches when dry',
      unit: 'percent',
      least: 0,
      most: 100,
      usual: 60,
      slide: [10, 100],
      change: 5,
    }),
    person: choice('On the dome', { none: 'nobody', crate: 'a person on a crate' }, 'none'),
    earthed: choice(
      'Earthed before it is touched',
      { unsaid: 'not said', yes: 'yes, with a wand', no: 'no' },
      'yes',
    ),
    asked: choice(
      'Crew and nearest rows asked about heart devices',
      { unsaid: 'not said', yes: 'yes' },
      'yes',
    ),
    humidity: number({
      label: 'Humidity',
      unit: 'percent',
      least: 0,
      most: 100,
      usual: 40,
      slide: [10, 90],
      change: 1,
      fact: 'humidity',
    }),
  },
  grounds: {
    formula: 'C = 4πε₀r, and 100 to 150 pF for a person; U = 3 MV/m · r · share; E = ½CU²',
    validity:
      'A smooth round dome far from everything. Points, edges and hair leak, so that it is less. What humidity takes is an estimate. Not for jars, capacitors or mains.',
    source: 'electrostatics; EN 61010-1; IEC TS 60079-32-1; human-body model (sources not checked)',
    check: '0.10 m: 11.13 pF, 300 kV, 0.50 J',
  },
  evaluate: judge,
  curve: {
    label: 'Energy',
    unit: 'J',
    at: (v) => stateOf(v).joules,
    limits: () => [{ label: 'to be touched', value: SHOCK.most }],
  },
});
