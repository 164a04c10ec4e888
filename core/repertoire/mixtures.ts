/**
 * Which statements a solution carries by its strength. Specific concentration limits of the harmonised entries of
 * Regulation (EC) No 1272/2008, Annex VI; where it has none, the generic limits of its Annex I and suppliers' sheets.
 * All from memory, and on the low side where in doubt: the supplier's label and data sheet come first.
 */
import { type SubstanceId } from './substances';

export interface MixtureLabel {
  signal: 'none' | 'warning' | 'danger';
  hazards: readonly string[];
}

interface Band extends MixtureLabel {
  /** Share by mass, 0 to 1. */
  from: number;
}

const danger = (from: number, ...hazards: string[]): Band => ({ from, signal: 'danger', hazards });
const warning = (from: number, ...hazards: string[]): Band => ({
  from,
  signal: 'warning',
  hazards,
});

/** The strongest first; a solution is in the first band that it reaches. */
const BANDS: Readonly<Record<SubstanceId, readonly Band[]>> = {
  peroxide: [
    danger(0.7, 'H271', 'H302', 'H314', 'H332', 'H335'),
    danger(0.5, 'H272', 'H302', 'H314', 'H332', 'H335'),
    danger(0.35, 'H302', 'H315', 'H318', 'H335'),
    danger(0.25, 'H302', 'H318'),
    danger(0.08, 'H318'),
    warning(0.05, 'H319'),
  ],
  aceticAcid: [danger(0.8, 'H226', 'H314'), danger(0.25, 'H314'), warning(0.1, 'H315', 'H319')],
  hydrochloricAcid: [
    danger(0.25, 'H290', 'H314', 'H335'),
    warning(0.1, 'H290', 'H315', 'H319', 'H335'),
  ],
  sulfuricAcid: [danger(0.15, 'H290', 'H314'), warning(0.05, 'H290', 'H315', 'H319')],
  nitricAcid: [
    danger(0.65, 'H272', 'H290', 'H314', 'H331'),
    danger(0.05, 'H290', 'H314'),
    warning(0.01, 'H290', 'H315', 'H319'),
  ],
  phosphoricAcid: [danger(0.25, 'H290', 'H314'), warning(0.1, 'H315', 'H319')],
  citricAcid: [warning(0.2, 'H319')],
  sodiumHydroxide: [danger(0.02, 'H290', 'H314'), warning(0.005, 'H315', 'H319')],
  ammonia: [
    danger(0.25, 'H314', 'H335', 'H400'),
    danger(0.05, 'H314', 'H335'),
    danger(0.03, 'H315', 'H318'),
    warning(0.01, 'H315', 'H319'),
  ],
  hydrogencarbonate: [],
  potassiumIodide: [danger(0.1, 'H372'), warning(0.01, 'H373')],
  ethanol: [danger(0.5, 'H225', 'H319'), warning(0.1, 'H226')],
  propan2ol: [
    danger(0.4, 'H225', 'H319', 'H336'),
    warning(0.2, 'H226', 'H319', 'H336'),
    warning(0.1, 'H226', 'H319'),
  ],
  salt: [],
  sugar: [],
};

const NOTHING: MixtureLabel = { signal: 'none', hazards: [] };

/** Of a solution in water, by the share by mass of what is in it. */
export const mixtureLabel = (substance: SubstanceId, share: number): MixtureLabel =>
  BANDS[substance].find(({ from }) => share >= from) ?? NOTHING;

/**
 * Share by mass from which a substance carries a statement of its own; null where it carries none at any strength. What
 * is as strong is expected to have a label, and does not go home.
 */
export const labelledFrom = (substance: SubstanceId): number | null =>
  BANDS[substance].at(-1)?.from ?? null;

/** What is done about each statement; from the same regulation, Annex IV, from memory. */
const PRECAUTIONS: readonly [readonly string[], readonly string[]][] = [
  [['H225', 'H226', 'H271', 'H272'], ['P210']],
  [['H271', 'H272'], ['P220']],
  [
    ['H314', 'H315', 'H318', 'H319'],
    ['P264', 'P280'],
  ],
  [['H302'], ['P264', 'P270']],
  [
    ['H332', 'H335', 'H336'],
    ['P261', 'P271'],
  ],
  [['H331', 'H372', 'H373'], ['P260']],
  [['H400'], ['P273']],
];

/** Each once, in order. */
export const precautionsFor = (hazards: readonly string[]): string[] => [
  ...new Set(
    PRECAUTIONS.flatMap(([of, codes]) => (hazards.some((one) => of.includes(one)) ? codes : [])),
  ),
];
