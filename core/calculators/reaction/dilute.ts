import {
  type Assessment,
  calculator,
  choice,
  number,
  temperatureInput,
  toThreeFigures,
  workingStep,
} from '../calculator';
import { massShareOf } from './peroxide';
import { heatOfThinning, STRONG, STRONG_IDS, type StrongId } from './strong';
import { temperatureRise } from './temperatureRise';

/** °C of the mixture from which it is no longer held in the hand. Our own mark. */
const HOT = 45;

interface DilutionValues {
  what: StrongId;
  stock: number;
  wanted: number;
  amount: number;
  temperature: number;
}

const stockOf = (v: DilutionValues): number => (v.amount * v.wanted) / v.stock;

/** Per cent by mass of g in 100 mL: exact for peroxide, and near enough below 40 for the others. */
const byMass = (what: StrongId, perVolume: number): number =>
  what === 'peroxide' ? massShareOf(perVolume * 10) : perVolume / (1 + perVolume / 400);

function heatOf(v: DilutionValues): number {
  const stock = Math.min(stockOf(v), v.amount);
  const grams = (stock * v.stock) / 100;
  const mass = stock * (1 + v.stock / 400);
  const water = Math.max(0, mass - grams);
  const { reached } = temperatureRise(
    heatOfThinning(STRONG[v.what], grams, water, water + Math.max(0, v.amount - stock)),
    Math.max(0.001, v.amount),
    v.temperature,
  );
  return reached;
}

function judge(v: DilutionValues): Assessment {
  const of = STRONG[v.what];
  const stock = stockOf(v);
  const water = v.amount - stock;
  const reached = heatOf(v);
  const share = byMass(v.what, v.stock);
  const shared = {
    final: false,
    figure: `${toThreeFigures(stock)} mL, and water to ${toThreeFigures(v.amount)} mL`,
    limit:
      of.burns === null
        ? `stock of ${toThreeFigures(v.stock)} %`
        : `irritates from ${of.irritates ?? 0} %, burns or damages eyes from ${of.burns} %, by mass`,
    source:
      'what is dissolved stays the same: c₁·V₁ = c₂·V₂, for g in 100 mL; limits Regulation (EC) 1272/2008, heats of solution CRC Handbook (sources not checked)',
    steps: [
      workingStep('From the bottle', `${toThreeFigures(stock)} mL`, 'amount × wanted / stock'),
      workingStep(
        'Water',
        `about ${toThreeFigures(Math.max(0, water))} mL`,
        'amount − that; fill up to the mark',
      ),
      workingStep(
        'Strength of the bottle by mass',
        `about ${toThreeFigures(share)} %`,
        'g in 100 mL / density',
      ),
      workingStep(
        'Warms to',
        of.molarMass === null ? 'not calculated' : `${toThreeFigures(reached)} °C`,
        't + heat of solution after − before / (4.18 J/(g K) × mass); no heat lost',
        'heats of solution, CRC Handbook and NBS tables (source not checked)',
      ),
    ],
  };
  if (v.what === 'concentratedAcid')
    return {
      ...shared,
      level: 'stop',
      message: 'Concentrated acid is not thinned here: it spits and boils.',
      remedy:
        'Buy it at the strength that is wanted, or leave it to somebody trained, in a laboratory.',
    };
  if (v.wanted > v.stock)
    return {
      ...shared,
      level: 'fix',
      message: `Can’t be had: ${toThreeFigures(v.wanted)} % is stronger than the bottle’s ${toThreeFigures(v.stock)} %.`,
      remedy: 'Take a stronger bottle; nothing gets stronger by adding water.',
    };
  const gear = of.irritates !== null && share >= of.irritates ? of.gear : '';
  const always = v.what === 'alcohol' ? of.gear : gear;
  const hot = reached >= HOT;
  return {
    ...shared,
    level: reached >= 95 ? 'stop' : hot ? 'fix' : always ? 'watch' : 'ok',
    message: `${toThreeFigures(stock)} mL from the bottle, filled up with water to ${toThreeFigures(v.amount)} mL${of.molarMass !== null && reached - v.temperature >= 1 ? `; it warms to about ${toThreeFigures(reached)} °C` : ''}.`,
    remedy: [
      hot ? 'In several small steps, standing in cold water, cooling between them.' : '',
      always ? `${always} ${of.order}` : '',
      'Label it with its strength and the date.',
    ]
      .filter(Boolean)
      .join(' '),
  };
}

/** How much from the bottle, and how much water? */
export const dilute = calculator({
  id: 'thin',
  family: 'reaction',
  title: 'How much from the bottle, how much water?',
  question: 'A weaker solution is wanted than the bottle holds: what goes in, and in what order?',
  inputs: {
    what: choice(
      'In the bottle',
      Object.fromEntries(STRONG_IDS.map((id) => [id, STRONG[id].name])) as Record<StrongId, string>,
      'thin',
    ),
    stock: number({
      label: 'Bottle holds (g in 100 mL)',
      unit: 'percent',
      least: 0.001,
      most: 100,
      usual: 9,
      slide: [1, 35],
    }),
    wanted: number({
      label: 'Wanted (g in 100 mL)',
      unit: 'percent',
      least: 0.001,
      most: 100,
      usual: 3,
      slide: [0.5, 20],
    }),
    amount: number({
      label: 'Amount wanted',
      unit: 'mL',
      least: 0.001,
      most: 50_000,
      usual: 120,
      slide: [10, 1000],
    }),
    temperature: temperatureInput,
  },
  unused: (v) => (STRONG[v.what].molarMass === null ? ['temperature'] : []),
  grounds: {
    formula: 'c₁·V₁ = c₂·V₂; ΔT = n·(h(after) − h(before)) / (4.18 J/(g K) · mass)',
    validity:
      'g in 100 mL on both sides, room temperature. By mass is near enough below 40 %. Concentrated sulfuric and nitric acid are refused.',
    source:
      'definition; Regulation (EC) 1272/2008; heats of solution CRC Handbook (sources not checked)',
    check:
      '120 mL of 3 % from 9 % take 40 mL; a mole of sodium hydroxide in much water gives 44.5 kJ',
  },
  evaluate: judge,
  curve: {
    label: 'From the bottle',
    unit: 'mL',
    at: stockOf,
    limits: (v) => [{ label: 'all of it', value: v.amount }],
  },
});
