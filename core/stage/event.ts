import type { EventKind, RunEvent } from './types';

type Stamp = Pick<RunEvent, 'id' | 'at' | 'by'>;

/** An event about nothing in particular but what `more` says. */
export const eventOf = (
  stamp: Stamp,
  kind: EventKind,
  more: Partial<Omit<RunEvent, 'id' | 'kind'>> = {},
): RunEvent => ({
  ...stamp,
  kind,
  slot: null,
  step: null,
  go: null,
  cause: null,
  outcome: null,
  text: null,
  ...more,
});
