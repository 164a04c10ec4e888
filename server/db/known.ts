import { type Known, MISSING_HERE, type Named } from '../../contract/references';
import type { FieldFault } from '../../contract/validate';
import { HttpError } from '../http/errors';
import type { Db } from './open';

const TABLES: Record<Named, string> = {
  venue: 'venue',
  person: 'person',
  demo: 'demo',
  item: 'item',
  box: 'box',
};

/** What the data file has, removed things included: what names them may be stored and brought back. */
export function knownIn(db: Db): Known {
  const kinds = Object.entries(TABLES).map(
    ([kind, table]) => [kind, db.prepare(`SELECT 1 FROM "${table}" WHERE id = ?`).pluck()] as const,
  );
  const one = new Map(kinds);
  const method = db.prepare('SELECT 1 FROM method WHERE demo_id = ? AND id = ?').pluck();
  return {
    has: (kind, id) => one.get(kind)?.get(id) !== undefined,
    hasMethod: (demoId, methodId) => method.get(demoId, methodId) !== undefined,
    missing: MISSING_HERE,
  };
}

/** Refuses what names something that is not there, each fault at its field. */
export function refuseStray(noun: string, faults: FieldFault[]): void {
  if (faults.length > 0)
    throw new HttpError(422, 'invalid', `The ${noun} names something that is not there.`, faults);
}
