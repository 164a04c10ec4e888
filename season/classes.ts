/** The school’s show for single classes, in the days before it. */
import type { GoneBy } from './logs';

/** One class of the school: what it took, slot by slot, against what was guessed. */
export function forClass(
  days: number,
  [drum, magnet, can, flower]: readonly [number, number, number, number],
  [reach, fall]: readonly [number, number],
  foam: number | null,
): GoneBy & { days: number } {
  return {
    days,
    late: 20,
    notes: [],
    slots: {
      'slot-smoke-ring-drum': { pace: drum, goes: [['worked']], read: { reach: [reach] } },
      ...(foam === null
        ? {}
        : {
            'slot-foam-fountain': { pace: 1, goes: [['worked']], read: { height: [foam] } },
          }),
      'slot-slow-falling-magnet': { pace: magnet, goes: [['worked']], read: { fall: [fall] } },
      'slot-crushed-can': { pace: can, goes: [['worked']] },
      'slot-cold-flower': { pace: flower, goes: [['worked']] },
    },
  };
}
