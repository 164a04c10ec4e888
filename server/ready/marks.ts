import type { Mark } from '../../core/ready/go';
import type { Db } from '../db/open';

export class MarkStore {
  constructor(private readonly db: Db) {}

  of(showId: string): Mark[] {
    return this.db
      .prepare(
        'SELECT key, state, reason, value, by, at FROM check_mark WHERE show_id = ? ORDER BY at, key',
      )
      .all(showId) as Mark[];
  }

  set(showId: string, mark: Mark): void {
    this.db
      .prepare(
        `INSERT INTO check_mark (show_id, key, state, reason, value, by, at)
         VALUES (@showId, @key, @state, @reason, @value, @by, @at)
         ON CONFLICT (show_id, key) DO UPDATE SET
           state = excluded.state, reason = excluded.reason, value = excluded.value,
           by = excluded.by, at = excluded.at`,
      )
      .run({ ...mark, showId });
  }

  clear(showId: string, key: string): void {
    this.db.prepare('DELETE FROM check_mark WHERE show_id = ? AND key = ?').run(showId, key);
  }
}
