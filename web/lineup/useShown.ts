import { useMemo } from 'react';
import type { ShowBundle } from '../../core/brief/types';
import { inOrder } from '../../core/lineup/change';
import { lineupInput } from '../../core/lineup/fromBundle';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import { useOpenShow } from '../brief/useShow';
import { useWork } from './useWork';

export interface Shown {
  bundle: ShowBundle;
  input: LineupInput;
  timeline: Timeline;
}

/**
 * What is drawn: the show as it stands, or, while a card is under the finger, the order it would have.
 * That is timed away from the page, so that the card never sticks; until it is there, what was last
 * timed is shown.
 */
export function useShown(dragged: readonly string[] | null): Shown {
  const { bundle, input, timeline } = useOpenShow();
  const tried = useMemo(() => {
    if (!dragged || dragged.join() === bundle.show.slots.map(({ id }) => id).join()) return null;
    const preview = { ...bundle, show: inOrder(bundle.show, dragged) };
    return { bundle: preview, input: lineupInput(preview) };
  }, [dragged, bundle]);
  const { value } = useWork<Shown & { of: ShowBundle }>(
    tried
      ? (run) =>
          run.preview(tried.input).then((found) => ({ ...tried, timeline: found, of: bundle }))
      : null,
    [tried],
  );
  const now = useMemo(() => ({ bundle, input, timeline }), [bundle, input, timeline]);
  // What was tried before the show was changed otherwise is no preview of it.
  return tried && value?.of === bundle ? value : now;
}
