/** Trial series, and what their goes came to. */
import { strayInTrial } from '../../contract/references';
import { GOES_MOST, type GoBody, TrialBody } from '../../contract/trials';
import type { TrialGo, TrialSeries } from '../../core/trials/series';
import { knownIn, refuseStray } from '../db/known';
import { type Db, written } from '../db/open';
import { type Row, json, list } from '../db/rows';
import { EntityStore } from '../entity';
import { HttpError, notFound } from '../http/errors';

export function trialStore(db: Db): EntityStore<TrialSeries> {
  const write = db.prepare(`
    INSERT INTO trial (id, name, demo_id, date, body) VALUES (@id, @name, @demoId, @date, @body)
    ON CONFLICT (id) DO UPDATE SET
      name = excluded.name, demo_id = excluded.demo_id, date = excluded.date, body = excluded.body`);
  const read = db.prepare('SELECT body FROM trial WHERE id = ?').pluck();
  const ids = db
    .prepare(
      "SELECT id FROM trial WHERE removed = 0 ORDER BY coalesce(date, '9999') DESC, name, id",
    )
    .pluck();
  const known = knownIn(db);
  return new EntityStore<TrialSeries>(db, {
    table: 'trial',
    noun: 'trial',
    type: TrialBody,
    ids: () => ids.all() as string[],
    read: (id) => {
      const body = read.get(id) as string | undefined;
      return body === undefined ? null : (JSON.parse(body) as TrialSeries);
    },
    write: (trial) => {
      refuseStray('trial', strayInTrial(known, trial));
      const { id, name, demoId, date } = trial;
      write.run({ id, name, demoId, date, body: json(trial) });
    },
  });
}

const GO = 'go, level_id AS levelId, state, value, first, reason, by, at, conditions, source';

export class TrialGoes {
  private readonly sql;

  constructor(
    private readonly db: Db,
    private readonly trials: EntityStore<TrialSeries>,
    private readonly now: () => number,
  ) {
    this.sql = {
      all: db.prepare(`SELECT ${GO} FROM trial_go WHERE trial_id = ? ORDER BY go`),
      one: db.prepare(`SELECT ${GO} FROM trial_go WHERE trial_id = ? AND go = ?`),
      // What was read first is kept, whatever it is put right to.
      put: db.prepare(`
        INSERT INTO trial_go (trial_id, go, level_id, state, value, first, reason, by, at, conditions)
        VALUES (@trialId, @go, @levelId, @state, @value, @value, @reason, @by, @at, @conditions)
        ON CONFLICT (trial_id, go) DO UPDATE SET
          level_id = excluded.level_id, state = excluded.state, value = excluded.value,
          first = coalesce(trial_go.first, excluded.value), reason = excluded.reason,
          by = excluded.by, at = excluded.at, conditions = excluded.conditions`),
      keep: db.prepare(`
        INSERT INTO trial_go (trial_id, go, level_id, state, value, first, reason, by, at, conditions,
          source, told)
        VALUES (@trialId, @go, @levelId, @state, @value, @first, @reason, @by, @at, @conditions,
          @source, CASE WHEN @source IS NULL THEN NULL ELSE @value END)`),
      onStage: db
        .prepare(
          `SELECT 1 FROM trial_go JOIN run ON substr(source, 1, length(run.id) + 1) = run.id || '/' AND run.removed = 0
           WHERE trial_id = ? AND go = ?`,
        )
        .pluck(),
      remove: db.prepare('DELETE FROM trial_go WHERE trial_id = ? AND go = ?'),
    };
  }

  of(trialId: string): TrialGo[] {
    return (this.sql.all.all(trialId) as Row[]).map(told);
  }

  /** What a go came to, or what it is put right to. */
  put(trialId: string, go: number, body: GoBody): TrialGo {
    return written(this.db, () => {
      const trial = this.trials.get(trialId);
      mustBeGo(go);
      if (!trial.levels.some(({ id }) => id === body.levelId))
        throw new HttpError(422, 'invalid', 'This level is not one of the trial’s any more.', [
          { path: 'levelId', message: 'is not one of the levels' },
        ]);
      if (trial.measure.quantity === 'yesNo' && body.value !== null && ![0, 1].includes(body.value))
        throw new HttpError(422, 'invalid', 'This trial is read as yes or no.', [
          { path: 'value', message: 'must be yes or no (1 or 0)' },
        ]);
      const { conditions, ...plain } = body;
      this.sql.put.run({ ...plain, trialId, go, at: this.now(), conditions: json(conditions) });
      return told(this.sql.one.get(trialId, go) as Row);
    });
  }

  /** Puts a go in as it was, with when it was read and what was read first. */
  keep(trialId: string, go: TrialGo): void {
    this.sql.keep.run({ ...go, trialId, conditions: json(go.conditions) });
  }

  /** Takes back that a go came to anything. */
  remove(trialId: string, go: number): void {
    this.trials.get(trialId);
    if (this.sql.onStage.get(trialId, go) === 1)
      throw new HttpError(
        409,
        'onStage',
        'It was read on stage. Put it right on After, or leave it out here and say why.',
      );
    if (this.sql.remove.run(trialId, go).changes === 0) throw notFound('go');
  }
}

function mustBeGo(go: number): void {
  if (!Number.isInteger(go) || go < 1 || go > GOES_MOST)
    throw new HttpError(400, 'invalid', `A go is numbered from 1 to ${GOES_MOST}.`);
}

const told = ({ conditions, ...row }: Row): TrialGo =>
  ({ ...row, conditions: list(conditions) }) as unknown as TrialGo;
