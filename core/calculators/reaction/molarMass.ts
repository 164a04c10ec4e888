/** Standard atomic masses, g/mol (IUPAC, abridged; from memory). */
const ATOMS: Record<string, number> = {
  H: 1.008,
  C: 12.011,
  N: 14.007,
  O: 15.999,
  Na: 22.99,
  Al: 26.982,
  Cl: 35.45,
};

/**
 * Atoms in a formula without brackets: “C2H4O2”.
 *
 * @throws RangeError on what is no formula, and on an element that is not in the table
 */
export function atomsOf(formula: string): Map<string, number> {
  if (!/^([A-Z][a-z]?\d*)+$/.test(formula)) throw new RangeError(`Not a formula: ${formula}`);
  const atoms = new Map<string, number>();
  for (const [, element = '', count] of formula.matchAll(/([A-Z][a-z]?)(\d*)/g)) {
    if (!(element in ATOMS)) throw new RangeError(`Not in the table: ${element}`);
    atoms.set(element, (atoms.get(element) ?? 0) + (count ? Number(count) : 1));
  }
  return atoms;
}

/** g/mol of a formula. Throws as `atomsOf` does. */
export const molarMass = (formula: string): number =>
  [...atomsOf(formula)].reduce((sum, [element, n]) => sum + n * (ATOMS[element] ?? 0), 0);
