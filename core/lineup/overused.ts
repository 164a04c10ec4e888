import type { Edge, SharedResource } from './graph';
import { RULES } from './types';

/**
 * Where more of a thing would be in use than there is: each way for one of its users then to wait for
 * another. In any schedule two of them are apart in time (intervals that all overlap by twos have a
 * moment in common), and the one whose block comes first has it first.
 */
export function overused(shared: readonly SharedResource[], starts: Float64Array): Edge[] {
  const at = (activity: number): number => starts[activity] ?? 0;
  for (const { item, owned, uses } of shared)
    for (const { take } of uses) {
      const now = uses.filter((user) => at(user.take) <= at(take) && at(user.give) > at(take));
      if (now.reduce((sum, user) => sum + user.amount, 0) <= owned) continue;
      return now.flatMap((later, j) =>
        now.slice(0, j).map((earlier): Edge => ({
          from: earlier.give,
          to: later.take,
          weight: 0,
          reason: {
            rule: RULES.equipment,
            kind: 'equipment',
            from: null,
            to: null,
            people: [],
            position: null,
            thing: item,
          },
        })),
      );
    }
  return [];
}
