/** The small table of reactions that the calculators calculates with. */

export interface Part {
  formula: string;
  /** Moles of it in the equation. */
  moles: number;
}

export interface Reaction {
  name: string;
  equation: string;
  takes: readonly Part[];
  gives: readonly Part[];
  /** Formula of the gas that comes off. */
  gas: string;
  /** The gas lights. */
  lights: boolean;
  /** kJ given off for the equation as written; negative when it takes heat. Null when not known here. */
  heat: number | null;
}

/**
 * Heats from standard enthalpies of formation in kJ/mol (CRC Handbook, from memory): H₂O₂(l) −187.8,
 * H₂O(l) −285.8, CO₂ −393.5, NaHCO₃(s) −950.8, acetic acid(aq) −485.8, sodium acetate(aq) −726.1,
 * OH⁻(aq) −230.0, Al(OH)₄⁻(aq) −1502.5.
 */
export const REACTIONS = {
  peroxide: {
    name: 'hydrogen peroxide, by a catalyst',
    equation: '2 H₂O₂ → 2 H₂O + O₂',
    takes: [{ formula: 'H2O2', moles: 2 }],
    gives: [
      { formula: 'H2O', moles: 2 },
      { formula: 'O2', moles: 1 },
    ],
    gas: 'O2',
    lights: false,
    heat: 196,
  },
  vinegar: {
    name: 'acetic acid and sodium hydrogencarbonate',
    equation: 'CH₃COOH + NaHCO₃ → CH₃COONa + H₂O + CO₂',
    takes: [
      { formula: 'C2H4O2', moles: 1 },
      { formula: 'NaHCO3', moles: 1 },
    ],
    gives: [
      { formula: 'C2H3O2Na', moles: 1 },
      { formula: 'H2O', moles: 1 },
      { formula: 'CO2', moles: 1 },
    ],
    gas: 'CO2',
    lights: false,
    heat: -31.2,
  },
  citric: {
    name: 'citric acid and sodium hydrogencarbonate',
    equation: 'C₆H₈O₇ + 3 NaHCO₃ → Na₃C₆H₅O₇ + 3 H₂O + 3 CO₂',
    takes: [
      { formula: 'C6H8O7', moles: 1 },
      { formula: 'NaHCO3', moles: 3 },
    ],
    gives: [
      { formula: 'Na3C6H5O7', moles: 1 },
      { formula: 'H2O', moles: 3 },
      { formula: 'CO2', moles: 3 },
    ],
    gas: 'CO2',
    lights: false,
    heat: null,
  },
  aluminium: {
    name: 'aluminium and sodium hydroxide',
    equation: '2 Al + 2 NaOH + 6 H₂O → 2 NaAl(OH)₄ + 3 H₂',
    takes: [
      { formula: 'Al', moles: 2 },
      { formula: 'NaOH', moles: 2 },
      { formula: 'H2O', moles: 6 },
    ],
    gives: [
      { formula: 'NaAlO4H4', moles: 2 },
      { formula: 'H2', moles: 3 },
    ],
    gas: 'H2',
    lights: true,
    heat: 830.2,
  },
} as const satisfies Record<string, Reaction>;

export const REACTION_SOURCE =
  'balanced equation; molar masses from the standard atomic masses; enthalpies of formation CRC Handbook (source not checked)';
