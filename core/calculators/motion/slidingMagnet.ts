import { choice, number, workingStep, calculator, toThreeFigures } from '../calculator';
import { listInWords } from '../../words';
import { type Metal, METAL_WORDS, METALS, RESISTIVITY, slowestFirst } from './metals';

/** Times as fast from which people see a difference; common practice. */
const SEEN = 1.15;

type Chosen = Metal | 'none';

interface Sheets {
  one: Metal;
  oneThick: number;
  other: Metal;
  otherThick: number;
  third: Chosen;
  thirdThick: number;
  fourth: Chosen;
  fourthThick: number;
}

interface Sheet {
  metal: Metal;
  thick: number;
}

const sheetsOf = (v: Sheets): Sheet[] =>
  (
    [
      [v.one, v.oneThick],
      [v.other, v.otherThick],
      [v.third, v.thirdThick],
      [v.fourth, v.fourthThick],
    ] as const
  ).flatMap(([metal, thick]) => (metal === 'none' ? [] : [{ metal, thick }]));

/** Steady speed down a sheet, but for what is the same of all: resistivity over thickness. */
const speed = ({ metal, thick }: Sheet): number => RESISTIVITY[metal] / thick;

const name = ({ metal, thick }: Sheet): string =>
  `${metal === 'stainless' ? 'stainless steel' : metal} ${toThreeFigures(thick)} mm`;

const options = Object.fromEntries(METALS.map((metal) => [metal, METAL_WORDS[metal]])) as Record<
  Metal,
  string
>;
const orNone = { none: 'none', ...options };

const thickness = (label: string) =>
  number({ label, unit: 'mm', least: 0.001, most: 100, usual: 3, slide: [0.5, 20], change: 0.5 });

/** Which sheet is slowest, and which two show it best? */
export const slidingMagnet = calculator({
  id: 'sliding-magnet',
  family: 'motion',
  title: 'Down which sheet is the magnet slower?',
  question:
    'A magnet slides down sheets of metal: in which order, and which two show the difference best?',
  inputs: {
    one: choice('First sheet', options, 'copper'),
    oneThick: thickness('First is thick'),
    other: choice('Second sheet', options, 'aluminium'),
    otherThick: thickness('Second is thick'),
    third: choice('Third sheet', orNone, 'none'),
    thirdThick: thickness('Third is thick'),
    fourth: choice('Fourth sheet', orNone, 'none'),
    fourthThick: thickness('Fourth is thick'),
  },
  unused: (v) => [
    ...(v.third === 'none' ? (['thirdThick'] as const) : []),
    ...(v.fourth === 'none' ? (['fourthThick'] as const) : []),
  ],
  grounds: {
    formula: 'v₂ / v₁ = (ρ₂ / thickness₂) / (ρ₁ / thickness₁)',
    validity:
      'Sheets thin against the magnet, as wide and as steep as each other, at room temperature; friction left out, which makes slow ones alike. Not for steel that a magnet holds to.',
    source:
      'currents in the sheet hold it back in proportion; resistivity CRC Handbook (source not checked)',
    check:
      'Copper, aluminium, brass, lead from slowest to fastest, common practice; copper against aluminium 1.58',
  },
  evaluate: (v) => {
    const order = sheetsOf(v).sort((a, b) => speed(a) - speed(b));
    const [slowest, ...others] = order;
    const fastest = others.at(-1);
    if (!slowest || !fastest) throw new RangeError('Two sheets at the least');
    const ratio = speed(fastest) / speed(slowest);
    const alike = order.slice(1).flatMap((sheet, i) => {
      const before = order[i];
      return before && speed(sheet) / speed(before) < SEEN
        ? [`${name(before)} and ${name(sheet)}`]
        : [];
    });
    const even = ratio < SEEN;
    return {
      level: even || alike.length > 0 ? 'watch' : 'ok',
      final: false,
      message: even
        ? `Nobody will see a difference: ${toThreeFigures(ratio)} to 1.`
        : `Slower down the ${name(slowest)}: the ${name(fastest)} is ${toThreeFigures(ratio)} times as fast${order.length > 2 ? ', and these two show it best' : ''}.`,
      figure: `${toThreeFigures(ratio)} to 1`,
      limit: `a difference shows from about ${SEEN} to 1, common practice`,
      source: 'resistivity at 20 °C, CRC Handbook (source not checked)',
      remedy: [
        alike.length > 0 && !even ? `Nobody will tell ${listInWords(alike)} apart.` : '',
        `Slowest to fastest at equal thickness: ${slowestFirst(METALS)
          .map((metal) => (metal === 'stainless' ? 'stainless steel' : metal))
          .join(', ')}.`,
        'Fingers out of the way: strong magnets snap together. Wash hands after lead.',
      ]
        .filter(Boolean)
        .join(' '),
      steps: [
        workingStep(
          'Order, slowest first',
          order.map(name).join(', '),
          'by resistivity over thickness',
          'currents in the sheet hold it back in proportion',
        ),
        workingStep(
          'Speed against speed',
          toThreeFigures(ratio),
          '(ρ₂ / thickness₂) / (ρ₁ / thickness₁)',
        ),
      ],
    };
  },
  curve: {
    label: 'Second over first',
    unit: 'times as fast',
    at: (v) =>
      speed({ metal: v.other, thick: v.otherThick }) / speed({ metal: v.one, thick: v.oneThick }),
    limits: () => [{ label: 'alike', value: 1 }],
  },
});
