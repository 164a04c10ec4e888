import { expect, test } from '@jest/globals';
import { HAZARD_CODES, PRECAUTION_CODES } from '../kit/ghs';
import { labelledFrom, mixtureLabel, precautionsFor } from './mixtures';
import { SUBSTANCE_IDS } from './substances';

// Regulation (EC) No 1272/2008, Annex VI, table 3, specific concentration limits. From memory.
test.each([
  ['peroxide', 0.03, 'none', []],
  ['peroxide', 0.06, 'warning', ['H319']],
  ['peroxide', 0.09, 'danger', ['H318']],
  ['peroxide', 0.3, 'danger', ['H302', 'H318']],
  ['peroxide', 0.35, 'danger', ['H302', 'H315', 'H318', 'H335']],
  ['peroxide', 0.5, 'danger', ['H272', 'H302', 'H314', 'H332', 'H335']],
  ['aceticAcid', 0.05, 'none', []],
  ['aceticAcid', 0.1, 'warning', ['H315', 'H319']],
  ['aceticAcid', 0.25, 'danger', ['H314']],
  ['sodiumHydroxide', 0.01, 'warning', ['H315', 'H319']],
  ['sodiumHydroxide', 0.02, 'danger', ['H290', 'H314']],
  ['sulfuricAcid', 0.15, 'danger', ['H290', 'H314']],
  ['hydrochloricAcid', 0.1, 'warning', ['H290', 'H315', 'H319', 'H335']],
] as const)('%s of %d is %s %j', (substance, share, signal, hazards) => {
  expect(mixtureLabel(substance, share)).toMatchObject({ signal, hazards });
});

test('never milder the stronger it is, and in words that are known', () => {
  const grade = { none: 0, warning: 1, danger: 2 };
  for (const substance of SUBSTANCE_IDS) {
    let before = 0;
    for (let share = 0; share <= 1; share += 0.005) {
      const { signal, hazards } = mixtureLabel(substance, share);
      expect(grade[signal]).toBeGreaterThanOrEqual(before);
      before = grade[signal];
      expect(HAZARD_CODES).toEqual(expect.arrayContaining([...hazards]));
      const precautions = precautionsFor(hazards);
      expect(PRECAUTION_CODES).toEqual(expect.arrayContaining(precautions));
      expect(precautions.length > 0).toBe(hazards.length > 0);
      // Labelled from where the first statement begins, and not before.
      const from = labelledFrom(substance);
      expect(hazards.length > 0).toBe(from !== null && share >= from);
    }
  }
});
