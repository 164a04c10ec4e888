import type { ShowBundle } from '../../brief/types';
import { resolveSlots } from '../fromBundle';
import type { SlotPolicy } from './types';

/** How a method went so far, as far as the forecast asks. */
export interface TriedMethod {
  demoId: string;
  methodId: string;
  worked: number;
  partly: number;
  failed: number;
  /** In rehearsals, which are gone by only where there was no show. */
  rehearsed?: { worked: number; partly: number; failed: number };
  /** Seconds each step took, every time it is told of, by task. */
  times: Readonly<Record<string, readonly number[]>>;
}

/** What the forecast needs to know of each slot beside its times. A go that partly worked did not. */
export const policiesOf = (
  bundle: ShowBundle,
  records: readonly TriedMethod[],
): Map<string, SlotPolicy> =>
  new Map(
    resolveSlots(bundle).map(({ slot, demo, method }): [string, SlotPolicy] => {
      const tried = records.find((r) => r.demoId === demo.id && r.methodId === method.id);
      const shown = tried ?? { worked: method.priorWorked, partly: 0, failed: method.priorFailed };
      const performed = shown.worked + shown.partly + shown.failed > 0;
      const known = performed ? shown : (tried?.rehearsed ?? shown);
      const { worked } = known;
      const failed = known.failed + known.partly;
      return [
        slot.id,
        {
          again: slot.again,
          fallback: slot.fallback,
          mayLeaveOut: slot.mayLeaveOut,
          worth: slot.worth,
          record: slot.talk ? null : { worked, failed },
          performed: slot.talk !== null || performed,
          taken: tried?.times ?? {},
        },
      ];
    }),
  );
