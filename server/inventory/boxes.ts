import { BoxBody } from '../../contract/inventory';
import type { Box } from '../../core/inventory/types';
import type { Db } from '../db/open';
import { EntityStore } from '../entity';

export function boxStore(db: Db): EntityStore<Box> {
  const write = db.prepare(`
    INSERT INTO box (id, name, number, grams, note) VALUES (@id, @name, @number, @grams, @note)
    ON CONFLICT (id) DO UPDATE SET
      name = excluded.name, number = excluded.number, grams = excluded.grams, note = excluded.note`);
  const read = db.prepare('SELECT id, name, number, grams, note FROM box WHERE id = ?');
  const ids = db.prepare('SELECT id FROM box WHERE removed = 0 ORDER BY number, id').pluck();
  return new EntityStore<Box>(db, {
    table: 'box',
    noun: 'box',
    type: BoxBody,
    ids: () => ids.all() as string[],
    read: (id) => (read.get(id) as Box | undefined) ?? null,
    write: (box) => void write.run({ ...box }),
  });
}
