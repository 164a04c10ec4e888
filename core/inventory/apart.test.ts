/** What stands at one place of the store and is to be kept apart. */
import { expect, test } from '@jest/globals';
import { dangersOf } from '../repertoire/apart';
import type { Item } from '../repertoire/item';
import { item } from '../testing/bundle';
import { besideWarnings } from './apart';
import { blankLot } from './blank';

const coded = (id: string, code: string): Item => {
  const plain = item(id, 'consumable');
  return { ...plain, label: { ...plain.label, hazards: [code] } };
};

const kept = (of: Item, place: string, stock = 10) => ({
  item: of,
  lots: [{ ...blankLot(`lot-${of.id}`, of.id), place, stock }],
  dangers: dangersOf(of),
});

const meths = coded('meths', 'H225');
const peroxide = item('peroxide', 'consumable', { substance: 'peroxide' });
const vinegar = item('vinegar', 'consumable', { substance: 'aceticAcid' });
const lye = item('lye', 'consumable', { substance: 'sodiumHydroxide' });

test.each<[string, Item, Item, string]>([
  ['fuel by its label and peroxide', meths, peroxide, 'what burns and what feeds fire'],
  [
    'alcohol without a label',
    item('alcohol', 'consumable', { substance: 'ethanol' }),
    peroxide,
    'burns',
  ],
  ['acid and alkali', vinegar, lye, 'acid and alkali'],
])('%s at one place, however it is written: told of both', (_name, one, other, words) => {
  const found = besideWarnings([kept(one, 'Shelf 2'), kept(other, ' shelf 2 ')]);
  expect([...found.keys()].sort()).toEqual([one.id, other.id].sort());
  expect(found.get(one.id)?.[0]).toContain(`stands beside ${other.id}: `);
  expect(found.get(one.id)?.[0]).toContain(words);
});

test('apart, nowhere in particular, used up or harmless: nothing', () => {
  expect(besideWarnings([kept(meths, 'Shelf 1'), kept(peroxide, 'Shelf 2')]).size).toBe(0);
  expect(besideWarnings([kept(meths, ''), kept(peroxide, '')]).size).toBe(0);
  expect(besideWarnings([kept(meths, 'Shelf'), kept(peroxide, 'Shelf', 0)]).size).toBe(0);
  expect(besideWarnings([kept(meths, 'Shelf'), kept(vinegar, 'Shelf')]).size).toBe(0);
});
