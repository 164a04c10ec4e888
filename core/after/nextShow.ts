/** What taking learned figures does to a show that is still to come. */
import type { ShowBundle } from '../brief/types';
import { timelineOf } from '../lineup/timelineOf';
import { decide, decision, type LearnedFigure } from './learned';

/** A show as written, before and after: seconds from its start. */
export interface NextShow {
  before: { end: number; deadAir: number; conflicts: number };
  after: { end: number; deadAir: number; conflicts: number };
}

/** The show with all of these taken. */
export const withTaken = (bundle: ShowBundle, figures: readonly LearnedFigure[]): ShowBundle => ({
  ...bundle,
  demos: figures.reduce<ShowBundle['demos']>(
    (demos, figure) =>
      demos.map((demo) =>
        demo.id === figure.demoId
          ? decide(
              demo,
              { ...figure, task: figure.task.id },
              decision(figure, 'taken', false, { id: 'f', at: 0 }),
            )
          : demo,
      ),
    bundle.demos,
  ),
});

export function nextShow(bundle: ShowBundle, figures: readonly LearnedFigure[]): NextShow {
  const told = (of: ShowBundle): NextShow['before'] => {
    const { end, deadAir, conflicts } = timelineOf(of);
    return { end, deadAir, conflicts: conflicts.length };
  };
  return { before: told(bundle), after: told(withTaken(bundle, figures)) };
}
