import { FollowUpBody } from '../../contract/day';
import type { FollowUp } from '../../contract/day';
import type { Db } from '../db/open';
import { type Row, bit, flag } from '../db/rows';
import { EntityStore } from '../entity';

export function followUpStore(db: Db): EntityStore<FollowUp> {
  const write = db.prepare(`
    INSERT INTO follow_up (id, show_id, demo_id, words, owner_id, due, done)
    VALUES (@id, @showId, @demoId, @words, @ownerId, @due, @done)
    ON CONFLICT (id) DO UPDATE SET
      show_id = excluded.show_id, demo_id = excluded.demo_id, words = excluded.words,
      owner_id = excluded.owner_id, due = excluded.due, done = excluded.done`);
  const read = db.prepare(`
    SELECT id, show_id AS showId, demo_id AS demoId, words, owner_id AS ownerId, due, done
    FROM follow_up WHERE id = ?`);
  const ids = db
    .prepare(
      "SELECT id FROM follow_up WHERE removed = 0 ORDER BY done, coalesce(due, '9999'), words, id",
    )
    .pluck();
  return new EntityStore<FollowUp>(db, {
    table: 'follow_up',
    noun: 'follow-up',
    type: FollowUpBody,
    named: 'words',
    ids: () => ids.all() as string[],
    read: (id) => {
      const row = read.get(id) as Row | undefined;
      return row ? ({ ...row, done: flag(row.done) } as unknown as FollowUp) : null;
    },
    write: (followUp) => void write.run({ ...followUp, done: bit(followUp.done) }),
  });
}
