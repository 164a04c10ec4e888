import { ItemBody } from '../../contract/item';
import { strayInItem } from '../../contract/references';
import { knownIn, refuseStray } from '../db/known';
import type { Versioned } from '../../contract/api';
import type { Item } from '../../core/repertoire/item';
import { type UnitId, dimensionOf } from '../../core/units/units';
import type { Db } from '../db/open';
import { type Row, bit, flag, json } from '../db/rows';
import { EntityStore } from '../entity';
import { HttpError } from '../http/errors';

const COLUMNS = `id, name, kind, function_test AS functionTest, test_holds AS testHolds,
  test_measures AS testMeasures, owned,
  at_venue AS atVenue, unit, waste, density, grams_each AS gramsEach, material, cold, lid, holds,
  boils_off AS boilsOff, substance, strength, label, keeps_open AS keepsOpen,
  test_every AS testEvery, box_id AS boxId, outline, stows, packs, note`;

const fromRow = (row: Row): Item =>
  ({
    ...row,
    testHolds: flag(row.testHolds),
    atVenue: flag(row.atVenue),
    testMeasures:
      typeof row.testMeasures === 'string' ? (JSON.parse(row.testMeasures) as unknown) : null,
    strength: typeof row.strength === 'string' ? (JSON.parse(row.strength) as unknown) : null,
    label: JSON.parse(String(row.label)) as unknown,
    stows: JSON.parse(String(row.stows)) as unknown,
    packs: JSON.parse(String(row.packs)) as unknown,
  }) as unknown as Item;

const sameKind = (a: string, b: string): boolean =>
  dimensionOf(a as UnitId) === dimensionOf(b as UnitId);

export function itemStore(db: Db): EntityStore<Item> {
  const write = db.prepare(`
    INSERT INTO item (id, name, kind, function_test, test_holds, test_measures, owned, at_venue, unit, waste,
      density, grams_each, material, cold, lid, holds, boils_off, substance, strength, label,
      keeps_open, test_every, box_id, outline, stows, packs, note)
    VALUES (@id, @name, @kind, @functionTest, @testHolds, @testMeasures, @owned, @atVenue, @unit, @waste,
      @density, @gramsEach, @material, @cold, @lid, @holds, @boilsOff, @substance, @strength, @label,
      @keepsOpen, @testEvery, @boxId, @outline, @stows, @packs, @note)
    ON CONFLICT (id) DO UPDATE SET
      name = excluded.name, kind = excluded.kind, function_test = excluded.function_test,
      test_holds = excluded.test_holds,
      test_measures = excluded.test_measures, owned = excluded.owned, at_venue = excluded.at_venue,
      unit = excluded.unit, waste = excluded.waste, density = excluded.density,
      grams_each = excluded.grams_each, material = excluded.material, cold = excluded.cold,
      lid = excluded.lid, holds = excluded.holds, boils_off = excluded.boils_off, substance = excluded.substance,
      strength = excluded.strength, label = excluded.label, keeps_open = excluded.keeps_open,
      test_every = excluded.test_every, box_id = excluded.box_id, outline = excluded.outline,
      stows = excluded.stows, packs = excluded.packs,
      note = excluded.note`);
  const read = db.prepare(`SELECT ${COLUMNS} FROM item WHERE id = ?`);
  const all = db.prepare(
    `SELECT ${COLUMNS}, version FROM item WHERE removed = 0 ORDER BY name, id`,
  );
  const ids = db.prepare('SELECT id FROM item WHERE removed = 0 ORDER BY name, id').pluck();
  const known = knownIn(db);
  const stocked = db
    .prepare(
      `SELECT 1 FROM lot WHERE item_id = ? AND removed = 0
         AND abs((SELECT coalesce(sum(change), 0) FROM movement WHERE lot_id = lot.id)) > 1e-6`,
    )
    .pluck();
  const unitOf = db.prepare('SELECT unit FROM item WHERE id = ?').pluck();

  function refuse(item: Item): void {
    refuseStray('item', strayInItem(known, item));
    const before = unitOf.get(item.id) as string | undefined;
    if (before !== undefined && !sameKind(before, item.unit) && stocked.get(item.id) !== undefined)
      throw new HttpError(422, 'invalid', 'One entry needs another look.', [
        {
          path: 'unit',
          message: 'must stay of the same kind while there is stock: count it to nothing first',
        },
      ]);
  }

  return new EntityStore<Item>(db, {
    table: 'item',
    noun: 'item',
    type: ItemBody,
    ids: () => ids.all() as string[],
    all: () => (all.all() as Row[]).map((row) => fromRow(row) as Versioned<Item>),
    read: (id) => {
      const row = read.get(id) as Row | undefined;
      return row ? fromRow(row) : null;
    },
    write: (item) => {
      refuse(item);
      write.run({
        ...item,
        testHolds: bit(item.testHolds),
        testMeasures: item.testMeasures && json(item.testMeasures),
        atVenue: bit(item.atVenue),
        strength: item.strength && json(item.strength),
        label: json(item.label),
        stows: json(item.stows),
        packs: json(item.packs),
      });
    },
  });
}
