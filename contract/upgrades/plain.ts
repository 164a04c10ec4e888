/** Parts of files that nobody has checked yet. */
export type Plain = Record<string, unknown>;

export const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The same part with what it lacks; what is no part at all is left for the check to tell of. */
export const withMissing = (value: unknown, missing: Plain): unknown =>
  isPlain(value) ? { ...missing, ...value } : value;

export const each = (list: unknown, change: (entry: unknown) => unknown): unknown =>
  Array.isArray(list) ? list.map(change) : list;

/** The same part with one of its entries changed, where it has that entry. */
export const within = (
  value: unknown,
  name: string,
  change: (entry: unknown) => unknown,
): unknown =>
  isPlain(value) && Object.hasOwn(value, name) ? { ...value, [name]: change(value[name]) } : value;
