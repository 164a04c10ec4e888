import { molarVolume } from '../air/molarVolume';
import {
  type Assessment,
  calculator,
  choice,
  number,
  pressureInput,
  temperatureInput,
  toThreeFigures,
  workingStep,
} from '../calculator';
import { pressureOver } from '../gas/dissolved';
import { HOLDS_MOST, judgeLid, LID_SOURCE, lidInputs, type LidValues } from '../gas/lid';
import { molarMass } from './molarMass';
import { react } from './react';
import { REACTION_SOURCE, REACTIONS } from './reactions';

const ACIDS = { vinegar: 'C2H4O2', citric: 'C6H8O7' } as const;

/**
 * g in 100 mL from which acetic acid irritates and burns: Regulation (EC) 1272/2008, Annex VI, 10 and 25 % by
 * mass (from memory), taken as g in 100 mL; 90 and more is sold as glacial, and its vapour lights.
 */
const ACETIC = { irritates: 10, burns: 25, glacial: 90 };
/** Of what comes off in the end, so many times it over is nearly all: 1 − e⁻³. */
const NEARLY_ALL = 3;

interface Fizz extends LidValues {
  acid: keyof typeof ACIDS;
  amount: number;
  strength: number;
  carbonate: number;
  holds: number;
  closed: 'open' | 'stretches' | 'lid' | 'closed';
  lasts: number;
  temperature: number;
  pressure: number;
}

function fizzOf(v: Fizz) {
  const acid = ACIDS[v.acid];
  const result = react(REACTIONS[v.acid], {
    [acid]: (v.amount * v.strength) / 100 / molarMass(acid),
    NaHCO3: v.carbonate / molarMass('NaHCO3'),
  });
  const liquid = v.amount / 1000;
  const space = v.holds - liquid;
  return {
    ...result,
    acid,
    liquid,
    space,
    litres: result.gasMoles * molarVolume(v.temperature, v.pressure / 10),
    /** kPa above the air's once all has come off, some of it dissolved; null where nothing is above the liquid. */
    closedAt: space > 0 ? pressureOver(result.gasMoles, liquid, space, v.temperature) : null,
  };
}

type State = ReturnType<typeof fizzOf>;
type Judged = Pick<Assessment, 'level' | 'message' | 'remedy'>;

/** What strong acid asks for; empty for weak. */
function gearFor(v: Fizz): string {
  if (v.acid !== 'vinegar' || v.strength < ACETIC.irritates) return '';
  return v.strength >= ACETIC.burns
    ? 'Acid that burns: splash goggles and face shield, gloves that keep it off, sleeves, water to rinse with in reach, a window open.'
    : 'Acid that irritates: goggles and gloves for whoever pours.';
}

/** s until a lid lets go, where half-way is soon and the end slow; null when it never does. */
const secondsUntil = (v: Fizz, closedAt: number): number | null =>
  closedAt <= v.lets ? null : (-v.lasts / NEARLY_ALL) * Math.log(1 - v.lets / closedAt);

function over({ limiting, left, acid }: State): string {
  return limiting === 'NaHCO3'
    ? `${toThreeFigures((left[acid] ?? 0) * molarMass(acid))} g of acid`
    : `${toThreeFigures((left.NaHCO3 ?? 0) * molarMass('NaHCO3'))} g of hydrogencarbonate`;
}

function found(v: Fizz, of: State): Judged {
  const { litres, space, closedAt } = of;
  const plain = `${toThreeFigures(litres)} L of carbon dioxide; ${over(of)} left over.`;
  if (space <= 0)
    return {
      level: 'fix',
      message: `${toThreeFigures(v.amount / 1000)} L of liquid do not go into ${toThreeFigures(v.holds)} L.`,
      remedy: 'Take a larger vessel, or less.',
    };
  const pressure = closedAt ?? 0;
  if (v.closed === 'closed')
    return {
      level: 'stop',
      message: `${toThreeFigures(litres)} L of gas with no way out: it would come to ${toThreeFigures(pressure)} kPa above the air’s, and bursts what does not hold that.`,
      remedy: 'Leave it open, or put on a lid that is meant to pop off.',
    };
  if (v.closed === 'lid') {
    if (v.holds > HOLDS_MOST)
      return {
        level: 'stop',
        message: `${toThreeFigures(v.holds)} L behind a lid: too much to let fly.`,
        remedy: `At most ${HOLDS_MOST} L, of soft plastic.`,
      };
    const after = secondsUntil(v, pressure);
    if (after === null)
      return {
        level: 'fix',
        message: `The lid stays on: ${toThreeFigures(pressure)} kPa, and it lets go at ${toThreeFigures(v.lets)}.`,
        remedy:
          'More of what is used up first, or a lid that sits more loosely. What is closed and did not pop is left alone for five minutes.',
      };
    const lid = judgeLid(v);
    return {
      level: lid.level,
      message: `Pops after about ${toThreeFigures(after)} s. ${lid.message}`,
      remedy: `${after < 5 ? 'That leaves no time to step back: less, colder, or in paper. ' : ''}${lid.remedy}`,
    };
  }
  const full = v.closed === 'stretches' && litres > v.holds * 0.9;
  // What foams over is not far from the rim.
  const foams = v.closed === 'open' && space < 0.5 * v.holds && litres > space;
  return {
    level: full ? (litres > v.holds ? 'fix' : 'watch') : foams ? 'watch' : 'ok',
    message: plain,
    remedy: full
      ? `Stretches to ${toThreeFigures(v.holds)} L: more than that bursts it. Less of both.`
      : foams
        ? 'It foams over: a tray under it, or a larger vessel.'
        : '',
  };
}

function judge(v: Fizz): Assessment {
  const of = fizzOf(v);
  const { litres, limiting, closedAt, space } = of;
  const gear = gearFor(v);
  const base = found(v, of);
  const glacial = v.acid === 'vinegar' && v.strength >= ACETIC.glacial;
  const level =
    base.level === 'stop' || base.level === 'fix'
      ? base.level
      : glacial
        ? 'fix'
        : gear
          ? 'watch'
          : base.level;
  const lid = v.closed === 'lid' && space > 0 ? judgeLid(v).steps : [];
  return {
    level,
    final: false,
    message: base.message,
    figure: `${toThreeFigures(litres)} L of carbon dioxide`,
    limit:
      v.closed === 'lid' || v.closed === 'closed'
        ? `lid lets go at ${toThreeFigures(v.lets)} kPa; nothing else is closed`
        : `the bag or vessel holds ${toThreeFigures(v.holds)} L`,
    source: `${REACTION_SOURCE}; Henry’s law constants, Sander (source not checked); ${LID_SOURCE}`,
    remedy: [
      base.remedy,
      glacial ? 'Glacial acid is not for a fizz, and its vapour lights: buy vinegar.' : '',
      gear,
    ]
      .filter(Boolean)
      .join(' '),
    steps: [
      workingStep(
        'Used up first',
        limiting === 'NaHCO3' ? 'the hydrogencarbonate' : 'the acid',
        REACTIONS[v.acid].equation,
      ),
      workingStep('Left over', over(of), 'what goes in − what the other one takes'),
      workingStep('Gas', `${toThreeFigures(litres)} L`, 'n × R·T / p', 'ideal gas'),
      workingStep(
        'If it were closed',
        closedAt === null ? 'it does not fit' : `${toThreeFigures(closedAt)} kPa above the air’s`,
        'n / (V/(R·T) + k·liquid), k what water keeps of it',
        'Henry’s law constants, Sander (source not checked)',
      ),
      ...lid,
    ],
  };
}

/** Hydrogencarbonate and an acid: how much gas, and what is left over? */
export const fizz = calculator({
  id: 'fizz',
  family: 'reaction',
  title: 'How much gas from acid and hydrogencarbonate?',
  question:
    'How much carbon dioxide comes off, which of the two is left over, does it fit, and when does a lid pop?',
  inputs: {
    acid: choice(
      'Acid',
      { vinegar: 'vinegar (acetic acid)', citric: 'citric acid in water' },
      'vinegar',
    ),
    amount: number({
      label: 'Acid solution',
      unit: 'mL',
      least: 0.001,
      most: 5000,
      usual: 100,
      slide: [10, 500],
      change: 5,
    }),
    strength: number({
      label: 'Strength (g in 100 mL)',
      unit: 'percent',
      least: 0.001,
      most: 100,
      usual: 5,
      slide: [1, 20],
    }),
    carbonate: number({
      label: 'Hydrogencarbonate',
      unit: 'g',
      least: 0.001,
      most: 1000,
      usual: 7,
      slide: [1, 60],
      change: 1,
    }),
    holds: number({
      label: 'Bag or vessel',
      unit: 'L',
      least: 0.001,
      most: 1000,
      usual: 3,
      slide: [0.5, 10],
    }),
    closed: choice(
      'It stands',
      {
        open: 'open',
        stretches: 'closed, and stretches (bag, balloon)',
        lid: 'under a lid that is meant to pop off',
        closed: 'closed',
      },
      'open',
    ),
    lasts: number({
      label: 'Left open, fizzes for',
      unit: 's',
      least: 1,
      most: 3600,
      usual: 40,
      slide: [5, 180],
    }),
    ...lidInputs,
    temperature: temperatureInput,
    pressure: pressureInput,
  },
  unused: (v) => (v.closed === 'lid' ? [] : ['lasts', 'lets', 'across', 'grip', 'flies', 'clear']),
  grounds: {
    formula: 'n from what is used up first; V = n·R·T/p; closed p = n/(V/(R·T) + k·liquid)',
    validity:
      'The reaction goes to its end, in thin solutions from 0 to 40 °C. How fast is taken from how long it fizzes when open: nearly all after that.',
    source: `${REACTION_SOURCE}; Henry’s law constants, Sander (source not checked)`,
    check:
      '237 mL of vinegar 5 % and 16.6 g give 4.75 L at 20 °C; 0.034 mol/L dissolve at 25 °C and 1 atm',
  },
  evaluate: judge,
  curve: {
    label: 'Carbon dioxide',
    unit: 'L',
    at: (v) => fizzOf(v).litres,
    limits: (v) => [{ label: 'holds', value: v.holds }],
  },
});
