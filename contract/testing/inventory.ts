/** Random things of the store that the contract allows. */
import fc from 'fast-check';
import { HAZARD_CODES, PRECAUTION_CODES } from '../../core/kit/ghs';
import { COLD_KINDS, MATERIALS } from '../../core/repertoire/materials';
import { STRENGTH_KINDS, SUBSTANCE_IDS } from '../../core/repertoire/substances';
import { type Item, ITEM_KINDS, LIDS, OUTLINES, STOWS } from '../../core/repertoire/item';
import { type Box, LOT_STATES, type StockedLot } from '../../core/inventory/types';
import { dimensionOf } from '../../core/units/units';
import { STOCK_UNITS } from '../item';
import { number, numbered, orNull, whole, words, yes } from './values';

export const strength = fc.record({
  value: number(0.01, 100),
  kind: fc.constantFrom(...STRENGTH_KINDS),
});

export const item: fc.Arbitrary<Item> = fc
  .record({
    id: fc.uuid(),
    name: words(80, 1),
    kind: fc.constantFrom(...ITEM_KINDS),
    functionTest: words(120),
    testHolds: yes,
    testMeasures: orNull(
      fc.record({
        unit: fc.constantFrom('V' as const, 'degC' as const),
        least: whole(-1000, 0),
        most: orNull(whole(0, 1000)),
      }),
    ),
    owned: orNull(whole(0, 1000)),
    atVenue: yes,
    unit: fc.constantFrom(...STOCK_UNITS),
    waste: number(0, 90),
    density: orNull(number(0.01, 25)),
    gramsEach: orNull(number(0.01, 10_000)),
    material: orNull(fc.constantFrom(...MATERIALS)),
    cold: fc.constant<Item['cold']>(null),
    lid: fc.constantFrom(...LIDS),
    holds: orNull(number(1, 10_000)),
    boilsOff: orNull(number(0, 1000)),
    substance: orNull(fc.constantFrom(...SUBSTANCE_IDS)),
    strength: orNull(strength),
    label: fc.record({
      signal: fc.constantFrom('none' as const, 'warning' as const, 'danger' as const),
      hazards: fc.subarray(HAZARD_CODES, { maxLength: 3 }),
      precautions: fc.subarray(PRECAUTION_CODES, { maxLength: 3 }),
    }),
    keepsOpen: orNull(whole(1, 3650)),
    testEvery: orNull(whole(1, 3650)),
    boxId: fc.constant<string | null>(null),
    outline: orNull(fc.constantFrom(...OUTLINES)),
    stows: fc.subarray([...STOWS]),
    packs: fc
      .array(
        fc.record({
          amount: number(0.001, 1000),
          price: whole(0, 100_000),
          leadDays: whole(0, 30),
          supplier: words(80),
          keeps: orNull(whole(0, 400)),
          hireDays: orNull(whole(1, 30)),
        }),
        { maxLength: 2 },
      )
      .map((all) => numbered('pack', all)),
    note: words(400),
  })
  .map(({ packs, ...rest }) => ({
    ...rest,
    cold:
      dimensionOf(rest.unit) === 'volume' && rest.waste > 45
        ? COLD_KINDS[0]
        : dimensionOf(rest.unit) === 'mass' && rest.waste > 45
          ? COLD_KINDS[1]
          : null,
    // Sold in what it is counted in.
    packs: packs.map((pack) => ({
      ...pack,
      unit: rest.unit,
      keeps: rest.kind === 'consumable' ? pack.keeps : null,
      hireDays: rest.kind === 'consumable' ? null : pack.hireDays,
    })),
  }));

const day = fc.constantFrom('2027-01-31', '2027-05-30', '2028-02-29');

export const box: fc.Arbitrary<Box> = fc.record({
  id: fc.uuid(),
  name: words(60, 1),
  number: whole(1, 9999),
  grams: orNull(number(0, 50_000)),
  note: words(200),
});

export const stockedLot = (itemId: string): fc.Arbitrary<StockedLot> =>
  fc.record({
    id: fc.uuid(),
    itemId: fc.constant(itemId),
    place: words(60),
    expiry: orNull(day),
    opened: orNull(day),
    state: fc.constantFrom(...LOT_STATES),
    lastTest: orNull(day),
    note: words(200),
    stock: number(0, 5000),
  });
