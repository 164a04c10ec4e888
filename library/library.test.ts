/** The library is fit to be taken by anybody: whole, valid, without anybody's record, stock or suppliers. */
import { describe, expect, test } from '@jest/globals';
import { ItemBody } from '../contract/item';
import { DemoBody } from '../contract/repertoire';
import { check } from '../contract/validate';
import { FAMILIES } from '../core/repertoire/families';
import { methodFactsOf } from '../core/lineup/recipe';
import { LIBRARY_ITEMS } from './all';
import { LIBRARY_DEMOS } from './demos';

const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

test('at least 35, over all families, several with two or three methods', () => {
  expect(LIBRARY_DEMOS.length).toBeGreaterThanOrEqual(35);
  expect(new Set(LIBRARY_DEMOS.map(({ family }) => family))).toEqual(new Set(FAMILIES));
  expect(LIBRARY_DEMOS.filter(({ methods }) => methods.length > 1).length).toBeGreaterThanOrEqual(
    7,
  );
  const ids = LIBRARY_DEMOS.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
});

describe.each(LIBRARY_DEMOS.map((demo) => [demo.name, demo] as const))('%s', (_name, demo) => {
  test('is valid, and says what is seen and why', () => {
    const checked = check(DemoBody, plain(demo));
    expect(checked.ok ? [] : checked.faults).toEqual([]);
    expect(demo.hook).not.toBe('');
    expect(demo.idea).not.toBe('');
    expect(demo.keywords.length).toBeGreaterThan(1);
    expect(demo.face?.figure).toBe(demo.id);
  });

  test('has nobody’s record or notes, and sends nothing to a device', () => {
    expect(demo.pinnedNote).toBe('');
    for (const method of demo.methods) {
      expect([method.priorWorked, method.priorFailed, method.figures, method.chance]).toEqual([
        0,
        0,
        [],
        null,
      ]);
      for (const cue of method.tasks.flatMap(({ cues }) => cues))
        expect([cue.output, cue.media]).toEqual([null, null]);
    }
  });

  test('has steps, kit that the library has, and a control for each hazard', () => {
    const known = new Set(LIBRARY_ITEMS.map(({ id }) => id));
    for (const method of demo.methods) {
      expect(methodFactsOf(method).show).toBeGreaterThan(30);
      expect(method.kit.length).toBeGreaterThan(0);
      for (const { itemId, instead } of method.kit)
        expect(
          [itemId, ...instead.map((one) => one.itemId)].filter((id) => !known.has(id)),
        ).toEqual([]);
      for (const { control } of method.hazards) expect(control).not.toBe('');
    }
  });
});

test('its things are valid, each once, and nobody’s', () => {
  const used = new Set(
    LIBRARY_DEMOS.flatMap(({ methods }) =>
      methods.flatMap(({ kit }) =>
        kit.flatMap(({ itemId, instead }) => [itemId, ...instead.map((one) => one.itemId)]),
      ),
    ),
  );
  expect(new Set(LIBRARY_ITEMS.map(({ id }) => id)).size).toBe(LIBRARY_ITEMS.length);
  expect(new Set(LIBRARY_ITEMS.map(({ name }) => name.toLowerCase())).size).toBe(
    LIBRARY_ITEMS.length,
  );
  for (const item of LIBRARY_ITEMS) {
    const checked = check(ItemBody, plain(item));
    expect(checked.ok ? [] : checked.faults).toEqual([]);
    expect([item.owned, item.boxId, item.packs]).toEqual([null, null, []]);
  }
  // What nothing needs is a thing to put others in.
  const unused = LIBRARY_ITEMS.filter(({ id }) => !used.has(id)).map(({ id }) => id);
  expect(unused).toEqual(['travel-flask']);
});
