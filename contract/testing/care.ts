/** Random cautions, needs, volunteer cards and calculators that the contract allows. */
import fc from 'fast-check';
import {
  type Care,
  EXTINGUISHERS,
  PEOPLE_AT_RISK,
  MUST_NOT,
  type Needs,
  NEVER,
  type CalculatorBinding,
  type VolunteerCard,
  WHERES,
} from '../../core/repertoire/care';
import { HAND_ROLES, type Hazard, HAZARDS } from '../../core/repertoire/types';
import { CALCULATORS } from '../../core/calculators/catalogue';
import { number, orNull, whole, wordList, words, yes } from './values';

const rating = fc.record({ likelihood: whole(1, 5), severity: whole(1, 5) });

export const hazard: fc.Arbitrary<Hazard> = fc.record({
  kind: fc.constantFrom(...HAZARDS),
  control: words(300),
  atRisk: fc.subarray([...PEOPLE_AT_RISK]),
  firstAid: words(200),
  figure: orNull(number(0, 1000)),
  before: orNull(rating),
  after: orNull(rating),
});

export const needs: fc.Arbitrary<Needs> = fc.record({
  where: fc.constantFrom(...WHERES),
  water: yes,
  drain: yes,
  dark: yes,
  levelFloor: yes,
  ceilingM: orNull(number(0.5, 100)),
  clearM: orNull(number(0.1, 500)),
  windMost: orNull(number(0, 60)),
  powerW: orNull(number(1, 100_000)),
});

export const care: fc.Arbitrary<Care> = fc.record({
  disposal: words(300),
  extinguisher: fc.constantFrom(...EXTINGUISHERS),
  heldBy: orNull(fc.constantFrom(...HAND_ROLES)),
  never: fc.subarray([...NEVER], { maxLength: 1 }),
});

/** Calculators as they are picked: inputs fixed within bounds, the day’s, or a setting of any figure. */
export const calculators: fc.Arbitrary<CalculatorBinding[]> = fc
  .array(fc.tuple(fc.constantFrom(...CALCULATORS), fc.double({ min: 0, max: 1, noNaN: true })), {
    maxLength: 2,
  })
  .map((all) =>
    all.map(([calculator, at], i) => ({
      id: `calculator${i}`,
      calculator: calculator.id,
      inputs: Object.entries(calculator.inputs)
        .slice(0, 3)
        .map(([input, of]) =>
          of.kind === 'choice'
            ? { input, from: 'choice' as const, ref: of.usual, value: null }
            : {
                input,
                from: 'fixed' as const,
                ref: '',
                value: of.slide[0] + at * (of.slide[1] - of.slide[0]),
              },
        ),
    })),
  );

export const card: fc.Arbitrary<VolunteerCard> = fc.record({
  suits: words(1000),
  mustNot: fc.subarray([...MUST_NOT]),
  ask: words(300),
  letGo: words(300),
  gear: wordList(40),
  steps: wordList(200),
  wayOff: words(300),
  fetchedIn: fc.constant(null),
});
