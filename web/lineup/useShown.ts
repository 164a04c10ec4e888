import { useMemo } from 'react';
import { inOrder } from '../../core/lineup/change';
import { useOpenShow } from '../brief/useShow';
import { type Plan, usePlan } from './usePlan';

/**
 * What is drawn: the show as it was timed, or, while a card is under the finger, the order it would have.
 * Until that is timed, what was last timed is shown.
 */
export function useShown(dragged: readonly string[] | null): Plan {
  const { latest, bundle, input, timeline } = useOpenShow();
  const tried = useMemo(
    () =>
      dragged && dragged.join() !== latest.show.slots.map(({ id }) => id).join()
        ? { ...latest, show: inOrder(latest.show, dragged) }
        : null,
    [dragged, latest],
  );
  const { plan } = usePlan(tried);
  const now = useMemo(() => ({ bundle, input, timeline }), [bundle, input, timeline]);
  return plan ?? now;
}
