/** Goes of trial series that were read on stage: each go of a run is a round of its series. */
import { ROUNDS_MOST } from '../../contract/trials';
import type { SeriesReading } from '../../core/stage/series';
import { plannedGoes } from '../../core/trials/design';
import type { TrialSeries } from '../../core/trials/series';
import { type Db, written } from '../db/open';
import type { EntityStore } from '../entity';

/** Of one go of a run, in one slot. */
const sourceOf = (runId: string, { slot, go }: Pick<SeriesReading, 'slot' | 'go'>): string =>
  `${runId}/${slot}/${go}`;

/** The same, of the run under its new id. */
export const movedSource = (source: string | null, runs: ReadonlyMap<string, string>) => {
  if (source === null) return null;
  const [run = '', ...rest] = source.split('/');
  return [runs.get(run) ?? run, ...rest].join('/');
};

interface Kept {
  trialId: string;
  go: number;
  levelId: string;
  source: string;
}

export class StageGoes {
  private readonly sql;

  constructor(
    private readonly db: Db,
    private readonly trials: EntityStore<TrialSeries>,
  ) {
    this.sql = {
      // From one name to the next in the order of letters: no wildcards in an id that came from outside.
      ofRun: db.prepare(
        `SELECT trial_id AS trialId, go, level_id AS levelId, source FROM trial_go
         WHERE source IS NOT NULL AND source >= ? AND source < ?`,
      ),
      taken: db.prepare('SELECT go FROM trial_go WHERE trial_id = ?').pluck(),
      remove: db.prepare('DELETE FROM trial_go WHERE trial_id = ? AND go = ?'),
      put: db.prepare(`
        INSERT INTO trial_go (trial_id, go, level_id, state, value, first, reason, by, at, conditions,
          source, told)
        VALUES (@trialId, @go, @levelId, @state, @value, @first, '', @by, @at, '[]', @source, @value)
        ON CONFLICT (trial_id, go) DO UPDATE SET
          -- What was left out, or put right, on the Bench stays so, until something else is told on stage.
          state = CASE WHEN told IS excluded.told THEN state
            WHEN state = 'leftOut' AND excluded.value IS NOT NULL THEN state ELSE excluded.state END,
          value = CASE WHEN told IS excluded.told THEN value ELSE excluded.value END,
          first = coalesce(excluded.first, first),
          by = CASE WHEN told IS excluded.told THEN by ELSE excluded.by END,
          at = CASE WHEN told IS excluded.told THEN at ELSE excluded.at END,
          told = excluded.told
        WHERE told IS NOT excluded.told OR first IS NOT excluded.first`),
    };
  }

  /** What a run says now of all series that it went through, in place of what it said before. */
  replace(runId: string, readings: readonly SeriesReading[]): void {
    const before = this.sql.ofRun.all(`${runId}/`, `${runId}0`) as Kept[];
    if (before.length === 0 && readings.length === 0) return;
    written(this.db, () => {
      const kept = new Set<Kept>();
      for (const reading of readings) {
        // A series that was removed, or can’t be read, keeps nobody from its run.
        const trial = this.trials.isDamaged(reading.trialId)
          ? null
          : this.trials.listed(reading.trialId);
        if (!trial?.levels.some(({ id }) => id === reading.levelId)) continue;
        const source = sourceOf(runId, reading);
        const known = before.find(
          (one) =>
            one.trialId === trial.id && one.source === source && one.levelId === reading.levelId,
        );
        if (known) kept.add(known);
        const go = known?.go ?? this.freeGo(trial, source, before, reading.levelId);
        if (go === null) continue;
        const { value, first, by, at, levelId } = reading;
        this.sql.put.run({
          trialId: trial.id,
          go,
          levelId,
          state: value === null ? 'notRead' : 'read',
          value,
          first,
          by,
          at: Math.round(at),
          source,
        });
        if (!known) before.push({ trialId: trial.id, go, levelId, source });
        const added = before.at(-1);
        if (!known && added) kept.add(added);
      }
      for (const one of before) if (!kept.has(one)) this.sql.remove.run(one.trialId, one.go);
    });
  }

  /**
   * The number of a level’s go in the round that this go of the run already has, or in the first round of which nothing
   * is read; the series grows by a round where all have something. Null where it can’t grow any more.
   */
  private freeGo(
    trial: TrialSeries & { version: number },
    source: string,
    own: readonly Kept[],
    levelId: string,
  ): number | null {
    const { levels } = trial;
    const plan = plannedGoes({ ...trial, rounds: ROUNDS_MOST });
    const roundOf = (go: number): number => Math.ceil(go / levels.length);
    const mine = own.find((one) => one.trialId === trial.id && one.source === source);
    const taken = new Set((this.sql.taken.all(trial.id) as number[]).map(roundOf));
    let round = mine ? roundOf(mine.go) : 1;
    while (!mine && taken.has(round)) round++;
    if (round > ROUNDS_MOST) return null;
    if (round > trial.rounds) {
      const { version, ...plain } = trial;
      this.trials.change({ ...plain, rounds: round }, version);
    }
    return plan.find((one) => one.round === round && one.levelId === levelId)?.go ?? null;
  }
}
