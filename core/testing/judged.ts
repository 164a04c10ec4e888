/** Shows of one-task demos in a hall, and what is judged of them. */
import { blankVenue } from '../brief/blank';
import {
  CONDITION_FIGURES,
  NO_CONDITIONS,
  type Show,
  type ShowBundle,
  type Venue,
} from '../brief/types';
import { findCalculator } from '../calculators/catalogue';
import { timelineOf } from '../lineup/timelineOf';
import type { Timeline } from '../lineup/types';
import { judge } from '../ready/judge';
import type { Verdict } from '../ready/verdict';
import type { BoundInput, CalculatorBinding } from '../repertoire/care';
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
  water: 'yes',
  drain: 'yes',
  dark: 'yes',
  smokeDetectors: 'no',
  floor: 'level',
};

interface Given {
  venue?: Partial<Venue> | null;
  conditions?: Partial<typeof NO_CONDITIONS>;
  items?: ShowBundle['items'];
  show?: Partial<Show>;
}

/** A show of one-task demos with these methods, in a hall unless said otherwise. */
export function given(
  methods: Record<string, Partial<Method>>,
  { venue, conditions, items = [], show = {} }: Given = {},
): { shown: ShowBundle; timeline: Timeline } {
  const made = bundle(
    Object.entries(methods).map(([id, over]) => ({ id, tasks: [task('p', 'perform', 60)], over })),
    items,
    {
      conditions: {
        ...NO_CONDITIONS,
        // What a test gives was measured, unless it says otherwise.
        measured: CONDITION_FIGURES.filter((name) => conditions?.[name] != null),
        ...conditions,
      },
      ...show,
    },
  );
  const shown: ShowBundle = { ...made, venue: venue === null ? null : { ...HALL, ...venue } };
  return { shown, timeline: timelineOf(shown) };
}

export const judged = (methods: Record<string, Partial<Method>>, more: Given = {}): Verdict[] => {
  const { shown, timeline } = given(methods, more);
  return judge(shown, timeline);
};

/** A calculator of which everything is said: the usual figures, but for those given and for facts of the day. */
export function bound(
  id: string,
  over: Readonly<Record<string, number | string>> = {},
): CalculatorBinding {
  const calculator = findCalculator(id);
  if (!calculator) throw new Error(`no calculator ${id}`);
  return {
    id: `judged-${id}`,
    calculator: id,
    inputs: Object.entries(calculator.inputs).flatMap(([input, of]): BoundInput[] => {
      const value = over[input];
      if (of.kind === 'choice')
        return [{ input, from: 'choice', ref: String(value ?? of.usual), value: null }];
      if (value === undefined && of.fact !== undefined) return [];
      return [{ input, from: 'fixed', ref: '', value: Number(value ?? of.usual) }];
    }),
  };
}
