import type { Db } from '../db/open';

/** Changes the data file past every check, as a bad disk would. */
export function damage(db: Db, sql: string): void {
  db.pragma('ignore_check_constraints = ON');
  db.exec(sql);
}
