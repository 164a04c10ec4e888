/** What was stored, numbered by the database as it was stored. */
import { randomUUID } from 'node:crypto';
import type { Statement } from 'better-sqlite3';
import type { Change } from '../../contract/api';
import type { Db } from '../db/open';
import type { RunStore } from '../stage/runs';

interface Row {
  n: number;
  kind: Change['kind'];
  id: string;
  seq: number | null;
}

/** Changes that a page can have missed and still be told one by one. */
const TOLD_MOST = 500;
/** Numbers that are kept for pages that come back. */
const KEPT = 20_000;

/** Asked with every request. */
const LATEST = "SELECT coalesce((SELECT seq FROM sqlite_sequence WHERE name = 'change'), 0)";

export class ChangeLog {
  private readonly readEpoch: Statement;
  private readonly readLatest: Statement;
  private readonly readSince: Statement;

  constructor(
    private readonly db: Db,
    private readonly runs: RunStore,
  ) {
    this.readEpoch = db.prepare('SELECT epoch FROM house').pluck();
    this.readLatest = db.prepare(LATEST).pluck();
    this.readSince = db.prepare(
      'SELECT n, kind, id, seq FROM change WHERE n > ? ORDER BY n LIMIT ?',
    );
  }

  /** Names this series of numbers: another one begins when a backup is restored. */
  get epoch(): string {
    return String(this.readEpoch.get());
  }

  /** Begins another series: what pages know of the old numbers counts no more. */
  anew(): void {
    this.db.prepare('UPDATE house SET epoch = ?').run(randomUUID());
  }

  /** The number of the last change; 0 before the first. */
  latest(): number {
    return this.readLatest.get() as number;
  }

  /** What came after a number, each thing once but each event of a run; null when that is too much. */
  since(n: number): Change[] | null {
    const latest = this.latest();
    if (n > latest) return null;
    const rows = this.readSince.all(n, TOLD_MOST + 1) as Row[];
    const first = rows[0]?.n ?? n + 1;
    if (rows.length > TOLD_MOST || first !== n + 1) return null;
    const lastOf = new Map(rows.map((row) => [this.name(row), row.n]));
    return rows.flatMap((row): Change[] => {
      if (lastOf.get(this.name(row)) !== row.n) return [];
      const { n: number, kind, id, seq } = row;
      if (seq === null) return [{ n: number, kind, id }];
      const event = this.runs.event(id, seq);
      return event ? [{ n: number, kind, id, event }] : [];
    });
  }

  /** Ids of one kind that changed after a number; null when that can't be told, or is more than so many. */
  changed(kind: Change['kind'], after: number, most: number): string[] | null {
    const oldest = this.db.prepare('SELECT min(n) FROM change').pluck().get() as number | null;
    if (this.latest() > after && (oldest === null || oldest > after + 1)) return null;
    const ids = this.db
      .prepare('SELECT DISTINCT id FROM change WHERE kind = ? AND n > ? LIMIT ?')
      .pluck()
      .all(kind, after, most + 1) as string[];
    return ids.length > most ? null : ids;
  }

  private name({ kind, id, seq }: Row): string {
    return `${kind} ${id} ${seq ?? ''}`;
  }

  /** Lets go of numbers so old that who missed them reads everything again. */
  prune(): void {
    this.db.prepare('DELETE FROM change WHERE n <= ?').run(this.latest() - KEPT);
  }
}
