/** Random things to be read, and figures that were decided on. */
import fc from 'fast-check';
import { conversionOf } from '../../core/readings/conversions';
import {
  BETTER,
  CONVERSIONS,
  type Measure,
  type MethodResult,
  QUANTITIES,
} from '../../core/repertoire/measure';
import { FIGURE_USES, type TimeFigure } from '../../core/repertoire/types';
import { UNIT_IDS, UNITS, dimensionOf } from '../../core/units/units';
import { number, numbered, orNull, whole, words, yes } from './values';

export const measure: fc.Arbitrary<Measure> = fc
  .record({
    name: words(60, 1),
    quantity: fc.constantFrom(...QUANTITIES),
    unit: words(20),
    resolution: orNull(number(0.001, 1000)),
    instrument: words(80),
    how: words(200),
    better: fc.constantFrom(...BETTER),
    target: number(-1000, 1000),
    readFrom: whole(0, 60),
    readUntil: orNull(whole(60, 600)),
  })
  .map((all) => ({ ...all, target: all.better === 'near' ? all.target : null }));

/** Of a reading in its own unit, with all that is given beside it. */
const converted = fc.constantFrom(...CONVERSIONS).chain((id) => {
  const kind = conversionOf(id);
  const { reads } = kind;
  const units =
    'unit' in reads
      ? [reads.unit]
      : UNIT_IDS.filter((one) => dimensionOf(one) === reads.dimension).map(
          (one) => UNITS[one].label,
        );
  return fc.record({
    quantity: fc.constant(kind.quantity),
    unit: fc.constantFrom(...units),
    becomes: fc.record({
      id: fc.constant(id),
      given: fc.tuple(
        ...kind.given.map((one) =>
          fc.record({ id: fc.constant(one.id), value: number(0.1, 500), within: number(0, 10) }),
        ),
      ),
    }),
  });
});

const plain = fc.constant({ becomes: null });

const result: fc.Arbitrary<Omit<MethodResult, 'id'>> = fc
  .tuple(measure, orNull(number(0.01, 10)), fc.oneof(plain, converted))
  .map(([all, within, more]) => ({ task: null, ...all, within, ...more }));

export const results: fc.Arbitrary<MethodResult[]> = fc
  .array(result, { maxLength: 3 })
  .map((all) => numbered('r', all));

export const figures: fc.Arbitrary<TimeFigure[]> = fc
  .array(
    fc.record({
      task: fc.constantFrom('t0', 't1', 'gone'),
      performerId: orNull(fc.constant('jo')),
      use: fc.constantFrom(...FIGURE_USES),
      frozen: yes,
      time: fc
        .tuple(whole(0, 60), whole(60, 120), whole(120, 900))
        .map(([shortest, likely, longest]) => ({ shortest, likely, longest })),
      from: whole(0, 40),
      at: whole(0, 2_000_000_000),
    }),
    { maxLength: 3 },
  )
  .map((all) => numbered('f', all));
