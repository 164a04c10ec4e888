import type { PackMark, PackMarkKind } from '../../core/kit/packing';
import type { Db } from '../db/open';

/** What was ticked while packing. Two people tick at once: each tick stands by itself. */
export class PackMarks {
  constructor(private readonly db: Db) {}

  of(showId: string): PackMark[] {
    return this.db
      .prepare(
        'SELECT key, kind, by, at, amount, of FROM pack_mark WHERE show_id = ? ORDER BY at, key, kind',
      )
      .all(showId) as PackMark[];
  }

  /**
   * What a tick says is a state: the last one holds. Where it says the same, whoever was first stays named.
   */
  set(showId: string, mark: PackMark): void {
    this.db
      .prepare(
        `INSERT INTO pack_mark (show_id, key, kind, by, at, amount, of)
         VALUES (@showId, @key, @kind, @by, @at, @amount, @of)
         ON CONFLICT (show_id, key, kind) DO UPDATE SET
           by = excluded.by, at = excluded.at, amount = excluded.amount, of = excluded.of
         WHERE amount IS NOT excluded.amount OR of IS NOT excluded.of`,
      )
      .run({ ...mark, at: Math.round(mark.at), showId });
  }

  clear(showId: string, key: string, kind: PackMarkKind): void {
    this.db
      .prepare('DELETE FROM pack_mark WHERE show_id = ? AND key = ? AND kind = ?')
      .run(showId, key, kind);
  }
}
