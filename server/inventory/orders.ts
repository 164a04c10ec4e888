import { OrderBody } from '../../contract/inventory';
import { strayInOrder } from '../../contract/references';
import type { Order } from '../../core/inventory/orders';
import { knownIn, refuseStray } from '../db/known';
import type { Db } from '../db/open';
import { EntityStore } from '../entity';

const COLUMNS = `id, item_id AS itemId, terms, amount, unit, count, price, supplier, ordered, expected,
  come, keeps, back_by AS backBy, back, note`;

export function orderStore(db: Db): EntityStore<Order> {
  const write = db.prepare(`
    INSERT INTO purchase
      (id, item_id, terms, amount, unit, count, price, supplier, ordered, expected, come, keeps,
       back_by, back, note)
    VALUES (@id, @itemId, @terms, @amount, @unit, @count, @price, @supplier, @ordered, @expected,
      @come, @keeps, @backBy, @back, @note)
    ON CONFLICT (id) DO UPDATE SET
      item_id = excluded.item_id, terms = excluded.terms, amount = excluded.amount,
      unit = excluded.unit, count = excluded.count, price = excluded.price,
      supplier = excluded.supplier, ordered = excluded.ordered, expected = excluded.expected,
      come = excluded.come, keeps = excluded.keeps, back_by = excluded.back_by,
      back = excluded.back, note = excluded.note`);
  const read = db.prepare(`SELECT ${COLUMNS} FROM purchase WHERE id = ?`);
  const ids = db.prepare('SELECT id FROM purchase WHERE removed = 0 ORDER BY expected, id').pluck();
  const known = knownIn(db);
  return new EntityStore<Order>(db, {
    table: 'purchase',
    noun: 'order',
    type: OrderBody,
    named: 'item_id',
    ids: () => ids.all() as string[],
    read: (id) => (read.get(id) as Order | undefined) ?? null,
    write: (order) => {
      refuseStray('order', strayInOrder(known, order));
      write.run({ ...order });
    },
  });
}
