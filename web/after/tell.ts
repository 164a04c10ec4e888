import { useCallback } from 'react';
import type { EventsAnswer } from '../../contract/stage';
import { eventOf } from '../../core/stage/event';
import type { EventKind, RunEvent } from '../../core/stage/types';
import { ApiError, newId, send } from '../app/api';
import { queryClient } from '../app/data';
import { usePreferences } from '../app/preferences';
import { useAction } from '../parts/useAction';

/** Adds an event to a run that is over: an outcome set right, a note. Answers whether it was stored. */
export type Tell = (kind: EventKind, more?: Partial<RunEvent>) => Promise<boolean>;

export function useTell(runId: string): Tell {
  const me = usePreferences((state) => state.me);
  const act = useAction();
  return useCallback(
    (kind, more = {}) => {
      const event = eventOf({ id: newId(), at: Date.now(), by: me }, kind, more);
      return act(async () => {
        const answer = await send<EventsAnswer>('POST', `/runs/${runId}/events`, {
          events: [event],
          sentAt: Date.now(),
          known: 0,
        });
        const [refused] = answer.refused;
        if (refused) throw new ApiError(422, 'refused', refused.message, []);
        await queryClient.invalidateQueries({ queryKey: ['/runs', runId] });
        await queryClient.invalidateQueries({ queryKey: ['/shows'] });
      });
    },
    [runId, me, act],
  );
}
