import { firstShow } from './migrations/001-first-show';

/** Schema changes in order; the database's user_version counts those applied. Never edit one that has shipped. */
export const MIGRATIONS: readonly string[] = [firstShow];
