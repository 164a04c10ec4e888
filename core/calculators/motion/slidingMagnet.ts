import { choice, number, workingStep, calculator, toThreeFigures } from '../calculator';

/** 10⁻⁸ Ω m at 20 °C (CRC Handbook, from memory); of alloys the middle of their range. */
export const RESISTIVITY = { copper: 1.68, aluminium: 2.65, brass: 6.5, lead: 21 } as const;
export type SheetMetal = keyof typeof RESISTIVITY;

const METALS = Object.keys(RESISTIVITY) as SheetMetal[];

/** Metals from the one down which a magnet slides slowest to the fastest, for sheets as thick as each other. */
export const slowestFirst = (metals: readonly SheetMetal[]): SheetMetal[] =>
  [...metals].sort((a, b) => RESISTIVITY[a] - RESISTIVITY[b]);

/**
 * Steady speed down one sheet against that down another, where currents alone hold the magnet back:
 * resistivity over thickness.
 */
const slowness = (metal: SheetMetal, thickness: number): number => RESISTIVITY[metal] / thickness;

const options = { copper: 'copper', aluminium: 'aluminium', brass: 'brass', lead: 'lead' } as const;

/** Which sheet first? */
export const slidingMagnet = calculator({
  id: 'sliding-magnet',
  family: 'motion',
  title: 'Down which sheet is the magnet slower?',
  question: 'A magnet slides down two sheets: which holds it back more, and by how much?',
  inputs: {
    one: choice('First sheet', options, 'copper'),
    oneThick: number({
      label: 'First is thick',
      unit: 'mm',
      least: 0.001,
      most: 100,
      usual: 3,
      slide: [0.5, 20],
    }),
    other: choice('Second sheet', options, 'aluminium'),
    otherThick: number({
      label: 'Second is thick',
      unit: 'mm',
      least: 0.001,
      most: 100,
      usual: 3,
      slide: [0.5, 20],
    }),
  },
  evaluate: (v) => {
    const ratio = slowness(v.other, v.otherThick) / slowness(v.one, v.oneThick);
    const even = ratio > 0.87 && ratio < 1.15;
    const [slow, fast] = ratio >= 1 ? [v.one, v.other] : [v.other, v.one];
    return {
      level: even ? 'watch' : 'ok',
      final: false,
      message: even
        ? `Nobody will see a difference: ${toThreeFigures(ratio)} to 1.`
        : `Slower down the ${slow}: the ${fast} is ${toThreeFigures(Math.max(ratio, 1 / ratio))} times as fast.`,
      figure: `${toThreeFigures(Math.max(ratio, 1 / ratio))} to 1`,
      limit: 'a difference shows from about 1.15 to 1, common practice',
      source: 'resistivity at 20 °C, CRC Handbook (source not checked)',
      remedy: `Slowest to fastest at equal thickness: ${slowestFirst(METALS).join(', ')}. Fingers out of the way: strong magnets snap together.`,
      steps: [
        workingStep(
          'Speed against speed',
          toThreeFigures(ratio),
          '(ρ₂ / thickness₂) / (ρ₁ / thickness₁)',
          'currents in the sheet hold it back in proportion',
        ),
      ],
    };
  },
  curve: {
    label: 'Second over first',
    unit: 'times as fast',
    at: (v) => slowness(v.other, v.otherThick) / slowness(v.one, v.oneThick),
    limits: () => [{ label: 'alike', value: 1 }],
  },
});
