/** Runs and their events. Events are only ever added; each is on the disk before it is answered for. */
import type { RunEvent, RunKind, RunPlan } from '../../core/stage/types';
import type { RunRecord } from '../../contract/stage';
import type { Db } from '../db/open';
import { type Row, json } from '../db/rows';
import { notFound } from '../http/errors';

export class RunStore {
  constructor(private readonly db: Db) {}

  create(run: Omit<RunRecord, 'events'>): void {
    this.db
      .prepare('INSERT INTO run (id, show_id, kind, created_at, plan) VALUES (?, ?, ?, ?, ?)')
      .run(run.id, run.showId, run.kind, Math.round(run.createdAt), json(run.plan));
  }

  exists(id: string): boolean {
    return this.db.prepare('SELECT 1 FROM run WHERE id = ?').pluck().get(id) === 1;
  }

  private read(row: Row): RunRecord {
    return {
      id: String(row.id),
      showId: String(row.showId),
      kind: row.kind as RunKind,
      createdAt: Number(row.createdAt),
      plan: JSON.parse(String(row.plan)) as RunPlan,
      events: this.events(String(row.id)),
    };
  }

  get(id: string): RunRecord {
    const row = this.db
      .prepare(
        `SELECT id, show_id AS showId, kind, created_at AS createdAt, plan
         FROM run WHERE id = ? AND removed = 0`,
      )
      .get(id) as Row | undefined;
    if (!row) throw notFound('run');
    return this.read(row);
  }

  /** Runs of one show, or of all, oldest first. */
  list(showId?: string): RunRecord[] {
    const rows = this.db
      .prepare(
        `SELECT id, show_id AS showId, kind, created_at AS createdAt, plan
         FROM run WHERE removed = 0 AND (@showId IS NULL OR show_id = @showId)
         ORDER BY created_at, id`,
      )
      .all({ showId: showId ?? null }) as Row[];
    return rows.map((row) => this.read(row));
  }

  /** Which runs there are, without their plans and events. */
  summaries(): { id: string; showId: string; kind: RunKind; finished: boolean }[] {
    const rows = this.db
      .prepare(
        `SELECT run.id, run.show_id AS showId, run.kind,
           EXISTS (SELECT 1 FROM run_event e WHERE e.run_id = run.id AND e.kind = 'finish') AS finished
         FROM run WHERE removed = 0 ORDER BY created_at, id`,
      )
      .all() as Row[];
    return rows.map((row) => ({
      id: String(row.id),
      showId: String(row.showId),
      kind: row.kind as RunKind,
      finished: row.finished === 1,
    }));
  }

  private events(runId: string): RunEvent[] {
    return this.db
      .prepare(
        `SELECT id, at, kind, by, slot, step, go, cause, outcome, text
         FROM run_event WHERE run_id = ? ORDER BY seq`,
      )
      .all(runId) as RunEvent[];
  }

  /** Adds what is new of the events, in their order, and gives all of the run's. */
  append(runId: string, events: readonly RunEvent[]): RunEvent[] {
    const insert = this.db.prepare(`
      INSERT INTO run_event (run_id, seq, id, at, kind, by, slot, step, go, cause, outcome, text)
      VALUES (@runId, (SELECT coalesce(max(seq), 0) + 1 FROM run_event WHERE run_id = @runId),
        @id, @at, @kind, @by, @slot, @step, @go, @cause, @outcome, @text)
      ON CONFLICT (run_id, id) DO NOTHING`);
    this.db.transaction(() => {
      for (const event of events) insert.run({ ...event, runId });
    })();
    return this.events(runId);
  }

  setRemoved(id: string, removed: boolean): void {
    const { changes } = this.db
      .prepare('UPDATE run SET removed = ? WHERE id = ?')
      .run(removed ? 1 : 0, id);
    if (changes === 0) throw notFound('run');
  }
}
