/** Runs and their events. Events are only ever added; each is on the disk before it is answered for. */
import type { RunEvent, RunKind, RunPlan, StoredEvent } from '../../core/stage/types';
import {
  RUN_EVENTS_MOST,
  type RunRecord,
  type RunSummary,
  type StoredRun,
} from '../../contract/stage';
import { type Db, written } from '../db/open';
import { type Row, json } from '../db/rows';
import { HttpError, notFound } from '../http/errors';

/** Events of one answer at the most; who needs more asks again. */
const EVENTS_ANSWERED = 5000;

const EVENT = `seq, id, at, kind, by, slot, step, go, cause, outcome, text, value,
  on_move AS onMove, device, received_at AS receivedAt`;
const RUN = 'id, show_id AS showId, kind, created_at AS createdAt, plan';

/** When an event was pressed and sent by the device's clock, and received by the server's. */
export interface Received {
  event: RunEvent;
  deviceAt: number | null;
  receivedAt: number | null;
}

/** Plans that are kept as they were read. */
const PLANS_KEPT = 8;

/**
 * Prepared once: a press asks seven of them, and statements that are thrown away after one use are taken down
 * while the next press waits.
 */
const statementsIn = (db: Db) => ({
  create: db.prepare(
    'INSERT INTO run (id, show_id, kind, created_at, plan) VALUES (?, ?, ?, ?, ?)',
  ),
  exists: db.prepare('SELECT 1 FROM run WHERE id = ?').pluck(),
  row: db.prepare(`SELECT ${RUN} FROM run WHERE id = ? AND removed = 0`),
  idsOf: db
    .prepare('SELECT id FROM run WHERE show_id = ? AND removed = 0 ORDER BY created_at, id')
    .pluck(),
  underWay: db
    .prepare(
      'SELECT id FROM run WHERE removed = 0 AND finished = 0 AND trouble IS NULL AND created_at >= ?',
    )
    .pluck(),
  list: db.prepare(
    `SELECT id, show_id AS showId, kind, created_at AS createdAt, finished, trouble
     FROM run WHERE show_id = ? AND removed = 0 ORDER BY created_at DESC, id DESC LIMIT ?`,
  ),
  counts: db.prepare(
    `SELECT show_id AS showId, count(*) AS performances, sum(finished) AS performed
     FROM run WHERE removed = 0 AND kind = 'performance' GROUP BY show_id`,
  ),
  lastPerformance: db
    .prepare(
      `SELECT id FROM run WHERE show_id = ? AND removed = 0 AND kind = 'performance'
       AND trouble IS NULL ORDER BY created_at DESC, id DESC LIMIT 1`,
    )
    .pluck(),
  events: db.prepare(
    `SELECT ${EVENT} FROM run_event WHERE run_id = ? AND seq > ? ORDER BY seq LIMIT ?`,
  ),
  event: db.prepare(`SELECT ${EVENT} FROM run_event WHERE run_id = ? AND seq = ?`),
  lastSeq: db.prepare('SELECT coalesce(max(seq), 0) FROM run_event WHERE run_id = ?').pluck(),
  append: db.prepare(`
    INSERT INTO run_event (run_id, seq, id, at, kind, by, slot, step, go, cause, outcome, text,
      value, on_move, device, device_at, received_at)
    VALUES (@runId, @seq, @id, @at, @kind, @by, @slot, @step, @go, @cause, @outcome, @text,
      @value, @onMove, @device, @deviceAt, @receivedAt)
    ON CONFLICT (run_id, id) DO NOTHING`),
  setPlan: db.prepare('UPDATE run SET plan = ? WHERE id = ?'),
  remove: db.prepare('UPDATE run SET removed = ? WHERE id = ? AND removed <> ?'),
});

export class RunStore {
  /** By their text. */
  private readonly plans = new Map<string, RunPlan>();

  private readonly sql: ReturnType<typeof statementsIn>;

  constructor(private readonly db: Db) {
    this.sql = statementsIn(db);
  }

  create(run: Omit<RunRecord, 'events'>): void {
    this.sql.create.run(run.id, run.showId, run.kind, Math.round(run.createdAt), json(run.plan));
  }

  exists(id: string): boolean {
    return this.sql.exists.get(id) === 1;
  }

  private row(id: string): Row {
    const row = this.sql.row.get(id);
    if (!row) throw notFound('run');
    return row as Row;
  }

  /** A run without its events. One that can’t be read is refused by itself, and can be removed. */
  head(id: string): Omit<StoredRun, 'events'> {
    const row = this.row(id);
    let plan: RunPlan;
    try {
      plan = this.planIn(String(row.plan));
    } catch {
      throw new HttpError(
        422,
        'damaged',
        'What was planned for this run can’t be read any more. It is in nobody’s way, and can be removed.',
      );
    }
    return {
      id: String(row.id),
      showId: String(row.showId),
      kind: row.kind as RunKind,
      createdAt: Number(row.createdAt),
      plan,
    };
  }

  /** Presses come for the same plan again and again: it is read once as long as it stands as it did. */
  private planIn(text: string): RunPlan {
    const known = this.plans.get(text);
    if (known) return known;
    const plan = JSON.parse(text) as RunPlan;
    if (!Array.isArray(plan.slots) || !Array.isArray(plan.jobs)) throw new TypeError('no slots');
    const [oldest] = this.plans.keys();
    if (this.plans.size >= PLANS_KEPT && oldest !== undefined) this.plans.delete(oldest);
    this.plans.set(text, plan);
    return plan;
  }

  get(id: string): StoredRun {
    return { ...this.head(id), events: this.events(id, 0, RUN_EVENTS_MOST) };
  }

  /** Ids of the runs of a show that are not removed, oldest first. */
  idsOf(showId: string): string[] {
    return this.sql.idsOf.all(showId) as string[];
  }

  /** Ids of runs that have begun since, in ms since 1970, and are not finished. */
  underWay(since: number): string[] {
    return this.sql.underWay.all(since) as string[];
  }

  /** The latest runs of a show, oldest first, without their plans and events. */
  list(showId: string, most: number): RunSummary[] {
    const rows = this.sql.list.all(showId, most) as Row[];
    return rows
      .map((row): RunSummary => ({
        id: String(row.id),
        showId: String(row.showId),
        kind: row.kind as RunKind,
        createdAt: Number(row.createdAt),
        finished: row.finished === 1,
        trouble: row.trouble as string | null,
      }))
      .reverse();
  }

  /** Of each show that has runs: its performances, and how many of them were finished. */
  counts(): Map<string, { performances: number; performed: number }> {
    const rows = this.sql.counts.all() as {
      showId: string;
      performances: number;
      performed: number;
    }[];
    return new Map(rows.map(({ showId, ...counts }) => [showId, counts]));
  }

  /** A show's last performance; null when it was never performed. */
  lastPerformance(showId: string): string | null {
    return (this.sql.lastPerformance.get(showId) as string | undefined) ?? null;
  }

  /** Events after a place, in order. */
  events(runId: string, after: number, most = EVENTS_ANSWERED): StoredEvent[] {
    return this.sql.events.all(runId, after, most) as StoredEvent[];
  }

  event(runId: string, seq: number): StoredEvent | null {
    return (this.sql.event.get(runId, seq) as StoredEvent | undefined) ?? null;
  }

  lastSeq(runId: string): number {
    return this.sql.lastSeq.get(runId) as number;
  }

  /** Adds what is new of the events, in their order. What is there already is left as it is. */
  append(runId: string, events: readonly Received[]): void {
    written(this.db, () => {
      let seq = this.lastSeq(runId);
      for (const { event, deviceAt, receivedAt } of events) {
        const row = { ...event, runId, seq: seq + 1, deviceAt, receivedAt };
        if (this.sql.append.run(row).changes > 0) seq++;
      }
      if (seq > RUN_EVENTS_MOST)
        throw new HttpError(
          409,
          'too_many',
          `A run holds ${RUN_EVENTS_MOST} presses at the most. Finish it and begin another.`,
        );
    });
  }

  /** For a running order that grows: what was pressed so far names nothing that is not in it any more. */
  setPlan(id: string, plan: RunPlan): void {
    this.row(id);
    this.sql.setPlan.run(json(plan), id);
  }

  setRemoved(id: string, removed: boolean): void {
    const { changes } = this.sql.remove.run(removed ? 1 : 0, id, removed ? 1 : 0);
    if (changes === 0 && !this.exists(id)) throw notFound('run');
  }
}
