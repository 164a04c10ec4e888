/**
 * What runs came to, kept when they change: whether one is finished, and for each method how often it
 * worked. A question costs what is new since the last one, however many runs there are.
 */
import {
  countsOf,
  type MethodCounts,
  type MethodRecord,
  type MethodRun,
  methodRunsOf,
  PERFORMANCES_TOLD,
  recordOf,
  type Tally,
} from '../../core/after/review';
import { dayFigures } from '../../core/brief/conditions';
import type { Conditions } from '../../core/brief/types';
import type { Tries } from '../../core/chance/spares';
import type { ReadingTold } from '../../core/readings/record';
import type { Demo } from '../../core/repertoire/types';
import { fold } from '../../core/stage/fold';
import { type SeriesReading, seriesReadings } from '../../core/stage/series';
import type { RunKind } from '../../core/stage/types';
import { type Db, written } from '../db/open';
import { json } from '../db/rows';
import type { BenchReadings } from '../repertoire/readings';
import type { StageGoes } from '../trials/fromStage';
import type { RunStore } from './runs';

type KeptRun = Omit<MethodRun, 'slotId' | 'demoId' | 'methodId'>;

/** What was measured on the day of a run. */
interface Day {
  conditions: ReadingTold['conditions'];
}

/** A show whose day can’t be read keeps nobody from the record of what was done there. */
function measuredOn(text: string): Day['conditions'] {
  try {
    return dayFigures(JSON.parse(text) as Conditions, 'measured');
  } catch {
    return {};
  }
}

const NOTHING = { worked: 0, partly: 0, failed: 0 };

export class Outcomes {
  constructor(
    private readonly db: Db,
    private readonly runs: RunStore,
    private readonly readings: Pick<BenchReadings, 'told'>,
    private readonly series: Pick<StageGoes, 'replace'>,
  ) {}

  /** Looks at the runs that have changed. One that can't be read is marked so, and counts for nothing. */
  refresh(): void {
    // A thread that only reads takes it as the asking thread has left it.
    if (this.db.readonly) return;
    const stale = this.db.prepare('SELECT id, removed FROM run WHERE stale = 1').all() as {
      id: string;
      removed: 0 | 1;
    }[];
    if (stale.length === 0) return;
    written(this.db, () => {
      for (const { id, removed } of stale) this.look(id, removed === 1);
    });
  }

  private look(id: string, removed: boolean): void {
    let came: MethodRun[] = [];
    let read: SeriesReading[] = [];
    let finished = false;
    let trouble: string | null = null;
    if (!removed)
      try {
        const run = this.runs.get(id);
        const live = fold(run.plan, run.events);
        came = methodRunsOf(run, live);
        read = seriesReadings(run.plan, live);
        finished = live.phase === 'finished';
      } catch (error) {
        trouble = error instanceof Error ? error.message : String(error);
      }
    this.replace(id, came);
    // What a run that can’t be read any more told before stays told.
    if (trouble === null) this.series.replace(id, read);
    this.db
      .prepare('UPDATE run SET stale = 0, finished = ?, trouble = ? WHERE id = ?')
      .run(finished ? 1 : 0, trouble, id);
  }

  /** Takes out what the run counted for before, and puts in what it counts for now. */
  private replace(runId: string, now: readonly MethodRun[]): void {
    for (const before of this.kept('run_id = ?', runId)) this.count(before, -1);
    this.db.prepare('DELETE FROM method_run WHERE run_id = ?').run(runId);
    const insert = this.db.prepare(
      `INSERT INTO method_run (run_id, slot_id, demo_id, method_id, at, came_to)
       VALUES (?, ?, ?, ?, ?, ?)`,
    );
    for (const { slotId, demoId, methodId, ...kept } of now) {
      insert.run(runId, slotId, demoId, methodId, Math.round(kept.at), json(kept));
      this.count({ ...kept, slotId, demoId, methodId }, 1);
    }
  }

  private count({ demoId, methodId, goes, kind }: MethodRun, sign: 1 | -1): void {
    const { worked, partly, failed, causes } = countsOf([{ goes }]);
    this.db
      .prepare(
        `INSERT INTO method_total (demo_id, method_id, kind, worked, partly, failed)
         VALUES (@demoId, @methodId, @kind, @worked, @partly, @failed)
         ON CONFLICT (demo_id, method_id, kind) DO UPDATE SET worked = worked + @worked,
           partly = partly + @partly, failed = failed + @failed`,
      )
      .run({
        demoId,
        methodId,
        kind,
        worked: sign * worked,
        partly: sign * partly,
        failed: sign * failed,
      });
    const cause = this.db.prepare(
      `INSERT INTO method_cause (demo_id, method_id, kind, cause, count) VALUES (?, ?, ?, ?, ?)
       ON CONFLICT (demo_id, method_id, kind, cause)
       DO UPDATE SET count = count + excluded.count`,
    );
    for (const one of causes) cause.run(demoId, methodId, kind, one.cause, sign * one.count);
  }

  private kept(where: string, ...keys: (string | number)[]): (MethodRun & Day)[] {
    const rows = this.db
      .prepare(
        `SELECT slot_id AS slotId, method_run.demo_id AS demoId, method_id AS methodId,
           came_to AS cameTo, show.conditions
         FROM method_run JOIN run ON run.id = run_id JOIN show ON show.id = run.show_id
         WHERE ${where}`,
      )
      .all(...keys) as Record<'slotId' | 'demoId' | 'methodId' | 'cameTo' | 'conditions', string>[];
    return rows.map(({ cameTo, conditions, ...names }) => ({
      ...names,
      ...(JSON.parse(cameTo) as KeptRun),
      conditions: measuredOn(conditions),
    }));
  }

  private countsOf(demoId: string, methodId: string, kind: RunKind): MethodCounts {
    const total = this.db
      .prepare(
        `SELECT worked, partly, failed FROM method_total
         WHERE demo_id = ? AND method_id = ? AND kind = ?`,
      )
      .get(demoId, methodId, kind) as Tally | undefined;
    const causes = this.db
      .prepare(
        `SELECT cause, count FROM method_cause
         WHERE demo_id = ? AND method_id = ? AND kind = ? AND count > 0`,
      )
      .all(demoId, methodId, kind) as MethodCounts['causes'];
    return { ...(total ?? NOTHING), causes };
  }

  /** Goes before an audience, by the family of their demonstrations. */
  private families(): Map<string, Tries> {
    const rows = this.db
      .prepare(
        `SELECT family, sum(worked) AS worked, sum(partly + failed) AS failed
         FROM method_total JOIN demo ON demo.id = demo_id
         WHERE kind = 'performance' AND family IS NOT NULL GROUP BY family`,
      )
      .all() as ({ family: string } & Tries)[];
    return new Map(rows.map(({ family, ...tries }) => [family, tries]));
  }

  /** How often each method of these demos has worked, over every run there is. */
  records(demos: readonly Pick<Demo, 'id' | 'methods' | 'family'>[]): MethodRecord[] {
    this.refresh();
    const families = this.families();
    return demos.flatMap((demo) =>
      demo.methods.map((method) => {
        const latest = this.kept(
          'method_run.demo_id = ? AND method_id = ? ORDER BY at DESC LIMIT ?',
          demo.id,
          method.id,
          PERFORMANCES_TOLD,
        );
        const counts = {
          performance: this.countsOf(demo.id, method.id, 'performance'),
          rehearsal: this.countsOf(demo.id, method.id, 'rehearsal'),
        };
        const record = recordOf(
          demo.id,
          method,
          counts,
          latest,
          this.readings.told(demo.id, method.id),
        );
        const all = demo.family === null ? undefined : families.get(demo.family);
        const { worked, partly, failed } = counts.performance;
        return all
          ? {
              ...record,
              family: { worked: all.worked - worked, failed: all.failed - partly - failed },
            }
          : record;
      }),
    );
  }

  /** The show has been performed to its end. */
  wasPerformed(showId: string): boolean {
    this.refresh();
    return (
      this.db
        .prepare(
          `SELECT 1 FROM run WHERE show_id = ? AND kind = 'performance' AND removed = 0
           AND finished = 1 LIMIT 1`,
        )
        .get(showId) !== undefined
    );
  }
}
