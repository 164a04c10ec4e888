import type { Mark } from '../ready/go';

/** A tick of Ines, unless said otherwise. */
export const mark = (key: string, over: Partial<Mark> = {}): Mark => ({
  key,
  state: 'done',
  reason: '',
  value: null,
  by: 'ines',
  at: 1,
  ...over,
});
