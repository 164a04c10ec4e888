import type { PackMark, PackMarkKind } from '../../core/kit/packing';
import type { Db } from '../db/open';

/** What was ticked while packing. Two people tick at once: each tick stands by itself. */
export class PackMarks {
  constructor(private readonly db: Db) {}

  of(showId: string): PackMark[] {
    return this.db
      .prepare('SELECT key, kind, by, at FROM pack_mark WHERE show_id = ? ORDER BY at, key, kind')
      .all(showId) as PackMark[];
  }

  /** The first to tick it stays named. */
  set(showId: string, mark: PackMark): void {
    this.db
      .prepare(
        `INSERT INTO pack_mark (show_id, key, kind, by, at) VALUES (@showId, @key, @kind, @by, @at)
         ON CONFLICT (show_id, key, kind) DO NOTHING`,
      )
      .run({ ...mark, at: Math.round(mark.at), showId });
  }

  clear(showId: string, key: string, kind: PackMarkKind): void {
    this.db
      .prepare('DELETE FROM pack_mark WHERE show_id = ? AND key = ? AND kind = ?')
      .run(showId, key, kind);
  }
}
