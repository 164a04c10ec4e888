/** Shows of one-task demos in a hall, and what is judged of them. */
import { blankVenue } from '../brief/blank';
import { NO_CONDITIONS, type ShowBundle, type Venue } from '../brief/types';
import { timelineOf } from '../lineup/fromBundle';
import type { Timeline } from '../lineup/types';
import { judge } from '../ready/judge';
import type { Verdict } from '../ready/verdict';
import type { Method } from '../repertoire/types';
import { task } from './build';
import { bundle } from './bundle';

export const HALL: Venue = {
  ...blankVenue('hall', 'Hall'),
  lengthM: 18,
  widthM: 9,
  ceilingM: 5,
  frontRowM: 3,
  airChanges: 1,
};

interface Given {
  venue?: Partial<Venue> | null;
  conditions?: Partial<typeof NO_CONDITIONS>;
  items?: ShowBundle['items'];
}

/** A show of one-task demos with these methods, in a hall unless said otherwise. */
export function given(
  methods: Record<string, Partial<Method>>,
  { venue, conditions, items = [] }: Given = {},
): { shown: ShowBundle; timeline: Timeline } {
  const made = bundle(
    Object.entries(methods).map(([id, over]) => ({ id, tasks: [task('p', 'perform', 60)], over })),
    items,
    { conditions: { ...NO_CONDITIONS, ...conditions } },
  );
  const shown: ShowBundle = { ...made, venue: venue === null ? null : { ...HALL, ...venue } };
  return { shown, timeline: timelineOf(shown) };
}

export const judged = (methods: Record<string, Partial<Method>>, more: Given = {}): Verdict[] => {
  const { shown, timeline } = given(methods, more);
  return judge(shown, timeline);
};
