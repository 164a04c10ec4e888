import { choice, number, type Reckoned, step, sum, three } from '../sum';

interface Thin {
  stock: number;
  wanted: number;
  amount: number;
  what: 'thin' | 'concentratedAcid';
}

const stockOf = (v: Thin): number => (v.amount * v.wanted) / v.stock;

function judge(v: Thin): Reckoned {
  const stock = stockOf(v);
  const water = v.amount - stock;
  const shared = {
    final: false,
    figure: `${three(stock)} mL, and water to ${three(v.amount)} mL`,
    limit: `stock of ${three(v.stock)} %`,
    source: 'what is dissolved stays the same: c₁·V₁ = c₂·V₂, for g in 100 mL',
    steps: [
      step('From the bottle', `${three(stock)} mL`, 'amount × wanted / stock'),
      step('Water', `about ${three(Math.max(0, water))} mL`, 'amount − that; fill up to the mark'),
    ],
  };
  if (v.what === 'concentratedAcid')
    return {
      ...shared,
      level: 'stop',
      says: 'Concentrated acid is not thinned here: it spits and boils.',
      todo: 'Buy it at the strength that is wanted, or leave it to somebody trained, in a laboratory.',
    };
  if (v.wanted > v.stock)
    return {
      ...shared,
      level: 'fix',
      says: `Can’t be had: ${three(v.wanted)} % is stronger than the bottle’s ${three(v.stock)} %.`,
      todo: 'Take a stronger bottle; nothing gets stronger by adding water.',
    };
  return {
    ...shared,
    level: 'fits',
    says: `${three(stock)} mL from the bottle, filled up with water to ${three(v.amount)} mL.`,
    todo: 'Label it with its strength and the date.',
  };
}

/** How much from the bottle, and how much water? */
export const thin = sum({
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
  reckon: judge,
  curve: {
    label: 'From the bottle',
    unit: 'mL',
    at: stockOf,
    limits: (v) => [{ label: 'all of it', value: v.amount }],
  },
});
