import type { Check } from '../ready/checks';

/** Something set out by nobody in particular, nowhere in particular, ten minutes before the start. */
export const check = (key: string, over: Partial<Check> = {}): Check => ({
  key,
  kind: 'place',
  title: key,
  detail: '',
  slotIds: [],
  demoName: '',
  personId: null,
  place: '',
  from: null,
  due: -600,
  takes: 60,
  things: [],
  measures: null,
  holds: false,
  ...over,
});
