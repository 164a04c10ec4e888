import type { Item } from '../../core/repertoire/types';
import type { Db } from '../db/open';
import { type Row, bit, flag } from '../db/rows';
import { Store } from '../entity';

export function itemStore(db: Db): Store<Item> {
  const write = db.prepare(`
    INSERT INTO item (id, name, kind, function_test, test_holds, owned, note)
    VALUES (@id, @name, @kind, @functionTest, @testHolds, @owned, @note)
    ON CONFLICT (id) DO UPDATE SET
      name = excluded.name, kind = excluded.kind, function_test = excluded.function_test,
      test_holds = excluded.test_holds, owned = excluded.owned, note = excluded.note`);
  const read = db.prepare(`
    SELECT id, name, kind, function_test AS functionTest, test_holds AS testHolds, owned, note
    FROM item WHERE id = ?`);
  const ids = db.prepare('SELECT id FROM item WHERE removed = 0 ORDER BY name, id').pluck();
  return new Store<Item>(db, {
    table: 'item',
    noun: 'item',
    kind: 'item',
    ids: () => ids.all() as string[],
    read: (id) => {
      const row = read.get(id) as Row | undefined;
      return row ? ({ ...row, testHolds: flag(row.testHolds) } as unknown as Item) : null;
    },
    write: (item) => void write.run({ ...item, testHolds: bit(item.testHolds) }),
  });
}
