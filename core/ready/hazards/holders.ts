/** Who can hold a method's extinguisher at each moment that it may be wanted. */
import type { ShowBundle } from '../../brief/types';
import type { ResolvedSlot } from '../../lineup/fromBundle';
import type { Timeline } from '../../lineup/types';
import type { HazardKind } from '../../repertoire/types';
import { isPlacedIn, placedTasks, tasksWith } from './protects';

export interface Holders {
  /** People who are there whenever it may be wanted, or else whoever is there at some moment of it. */
  personIds: string[];
  /** At some moment of it nobody is. */
  alone: boolean;
}

/** Steps that the audience watches and in which the hazard is there; of no kind, all of them. */
export function holdersOf(
  { show }: Pick<ShowBundle, 'show'>,
  timeline: Timeline,
  resolved: ResolvedSlot,
  kind: HazardKind | null,
): Holders {
  const { slot, method } = resolved;
  const { heldBy } = method.care;
  const there = kind === null ? method.tasks : tasksWith(method.tasks, kind);
  const performs = placedTasks(resolved, timeline).filter(
    ({ task }) => task.phase === 'perform' && there.includes(task),
  );
  if (heldBy === null || performs.length === 0) return { personIds: [], alone: true };
  if (heldBy === 'performer') {
    const { performerId } = slot;
    return performerId !== null && show.crew.includes(performerId)
      ? { personIds: [performerId], alone: false }
      : { personIds: [], alone: true };
  }
  const can = (ids: readonly string[]): string[] =>
    ids.filter((id) => heldBy === 'anyone' || id !== slot.performerId);
  const each = performs.map(({ people }) => can(people));
  const able = [...new Set(each.flat())];
  const throughout = able.filter((id) => each.every((ids) => ids.includes(id)));
  return {
    personIds: throughout.length > 0 ? throughout : able,
    // A method that does not say in which steps it is there is held against all of them together.
    alone:
      kind !== null && isPlacedIn(method.tasks, kind)
        ? each.some((ids) => ids.length === 0)
        : able.length === 0,
  };
}
