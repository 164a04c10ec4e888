import {
  choice,
  number,
  type Assessment,
  workingStep,
  calculator,
  toThreeFigures,
} from '../calculator';

interface DilutionValues {
  stock: number;
  wanted: number;
  amount: number;
  what: 'thin' | 'concentratedAcid';
}

const stockOf = (v: DilutionValues): number => (v.amount * v.wanted) / v.stock;

function judge(v: DilutionValues): Assessment {
  const stock = stockOf(v);
  const water = v.amount - stock;
  const shared = {
    final: false,
    figure: `${toThreeFigures(stock)} mL, and water to ${toThreeFigures(v.amount)} mL`,
    limit: `stock of ${toThreeFigures(v.stock)} %`,
    source: 'what is dissolved stays the same: c₁·V₁ = c₂·V₂, for g in 100 mL',
    steps: [
      workingStep('From the bottle', `${toThreeFigures(stock)} mL`, 'amount × wanted / stock'),
      workingStep(
        'Water',
        `about ${toThreeFigures(Math.max(0, water))} mL`,
        'amount − that; fill up to the mark',
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
  return {
    ...shared,
    level: 'ok',
    message: `${toThreeFigures(stock)} mL from the bottle, filled up with water to ${toThreeFigures(v.amount)} mL.`,
    remedy: 'Label it with its strength and the date.',
  };
}

/** How much from the bottle, and how much water? */
export const dilute = calculator({
  id: 'thin',
  family: 'reaction',
  title: 'How much from the bottle, how much water?',
  question: 'A weaker solution is wanted than the bottle holds: what goes in?',
  inputs: {
    what: choice(
      'In the bottle',
      { thin: 'a thin or mild solution', concentratedAcid: 'a concentrated acid' },
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
  },
  evaluate: judge,
  curve: {
    label: 'From the bottle',
    unit: 'mL',
    at: stockOf,
    limits: (v) => [{ label: 'all of it', value: v.amount }],
  },
});
