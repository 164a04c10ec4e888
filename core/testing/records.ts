import type { MethodRecord } from '../after/review';

/** The record of a method, with nothing in it but what is said. */
export const methodRecord = (more: Partial<MethodRecord> = {}): MethodRecord => ({
  demoId: 'drum',
  methodId: 'usual',
  worked: 0,
  partly: 0,
  failed: 0,
  rehearsed: { worked: 0, partly: 0, failed: 0 },
  causes: [],
  performances: [],
  byDay: { good: { worked: 0, failed: 0 }, poor: { worked: 0, failed: 0 } },
  times: {},
  readings: [],
  ...more,
});
