/** Between rows and values: SQLite has no booleans, and keeps small lists as JSON. */
export type Row = Record<string, unknown>;

export const bit = (value: boolean): 0 | 1 => (value ? 1 : 0);
export const flag = (value: unknown): boolean => value === 1;
export const list = <T>(value: unknown): T[] => JSON.parse(String(value)) as T[];
export const json = (value: unknown): string => JSON.stringify(value);
