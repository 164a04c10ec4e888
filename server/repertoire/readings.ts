/** Readings of a method outside of shows. What was read first is kept, whatever it is put right to. */
import type { BenchReading, ReadingBody } from '../../contract/readings';
import type { ReadingTold } from '../../core/readings/record';
import { type MethodResult, readingFault } from '../../core/repertoire/measure';
import type { Demo } from '../../core/repertoire/types';
import type { Db } from '../db/open';
import { json, list, type Row } from '../db/rows';
import type { EntityStore } from '../entity';
import { HttpError, notFound } from '../http/errors';

const READING = `id, demo_id AS demoId, method_id AS methodId, result, value, first, at, by, note,
  conditions`;

/** Readings of one method that are told, at the most: the latest. */
const TOLD_MOST = 400;

const read = ({ conditions, ...row }: Row): BenchReading =>
  ({ ...row, conditions: list(conditions) }) as unknown as BenchReading;

export class BenchReadings {
  private readonly sql;

  constructor(
    db: Db,
    private readonly demos: EntityStore<Demo>,
  ) {
    this.sql = {
      of: db.prepare(
        `SELECT ${READING} FROM reading WHERE demo_id = ? AND method_id = ? AND removed = 0
         ORDER BY at DESC, id LIMIT ?`,
      ),
      one: db.prepare(`SELECT ${READING} FROM reading WHERE id = ? AND demo_id = ?`),
      exists: db.prepare('SELECT 1 FROM reading WHERE id = ?'),
      put: db.prepare(`
        INSERT INTO reading (id, demo_id, method_id, result, value, first, at, by, note, conditions)
        VALUES (@id, @demoId, @methodId, @result, @value, @first, @at, @by, @note, @conditions)
        ON CONFLICT (id) DO UPDATE SET
          method_id = excluded.method_id, result = excluded.result, value = excluded.value,
          at = excluded.at, by = excluded.by, note = excluded.note,
          conditions = excluded.conditions, removed = 0
        WHERE reading.demo_id = excluded.demo_id`),
      remove: db.prepare(
        'UPDATE reading SET removed = ? WHERE id = ? AND demo_id = ? AND removed <> ?',
      ),
    };
  }

  private resultOf(demoId: string, { methodId, result }: ReadingBody): MethodResult {
    const method = this.demos.get(demoId).methods.find(({ id }) => id === methodId);
    const found = method?.results.find(({ id }) => id === result);
    if (found) return found;
    throw new HttpError(422, 'invalid', 'This is not read of that method any more.', [
      { path: 'result', message: 'is not read of this method' },
    ]);
  }

  /** Puts a reading in, or right. Throws HttpError for one that can’t be. */
  put(demoId: string, id: string, reading: ReadingBody, first = reading.value): BenchReading {
    const fault = readingFault(this.resultOf(demoId, reading), reading.value);
    if (fault)
      throw new HttpError(422, 'invalid', `The reading ${fault}.`, [
        { path: 'value', message: fault },
      ]);
    const row = { ...reading, id, demoId, first, at: Math.round(reading.at) };
    const { changes } = this.sql.put.run({ ...row, conditions: json(reading.conditions) });
    if (changes === 0)
      throw new HttpError(409, 'taken', 'This reading is another demonstration’s.');
    return read(this.sql.one.get(id, demoId) as Row);
  }

  setRemoved(demoId: string, id: string, removed: boolean): void {
    const flag = removed ? 1 : 0;
    if (this.sql.remove.run(flag, id, demoId, flag).changes > 0) return;
    if (this.sql.one.get(id, demoId) === undefined) throw notFound('reading');
  }

  exists(id: string): boolean {
    return this.sql.exists.get(id) !== undefined;
  }

  /** Of one method, the latest first. */
  of(demoId: string, methodId: string): BenchReading[] {
    return (this.sql.of.all(demoId, methodId, TOLD_MOST) as Row[]).map(read);
  }

  told(demoId: string, methodId: string): ReadingTold[] {
    return this.of(demoId, methodId).map(({ id, result, value, first, at, note, conditions }) => ({
      id,
      result,
      value,
      first,
      go: 1,
      at,
      of: note,
      kind: 'bench',
      conditions: Object.fromEntries(conditions.map((one) => [one.name, one.value])),
    }));
  }
}
