/** Presses onward that come before it is known whether the slot on stage may begin. */
import { useEffect, useRef } from 'react';
import type { Situation } from '../../core/stage/situation';
import type { RunEvent } from '../../core/stage/types';

interface Deferred {
  /** One more press waits. */
  add: () => void;
  /** Takes the last one back; false where none waits. */
  takeBack: () => boolean;
}

/** Each counts, in its turn, as soon as that is known: `forward` presses for what is on stage then. */
export function useDeferred(
  situation: Situation | null,
  isKnown: boolean,
  events: readonly RunEvent[],
  forward: () => void,
): Deferred {
  const waiting = useRef(0);
  const kind = situation?.kind;
  useEffect(() => {
    if (waiting.current === 0 || !isKnown) return;
    // What has to wait, failed or is over is another thing than what they were pressed for.
    waiting.current = kind === 'on' ? waiting.current - 1 : 0;
    if (kind === 'on' || kind === 'waiting') forward();
  }, [isKnown, kind, events]);
  return {
    add: () => void waiting.current++,
    takeBack: () => {
      if (waiting.current === 0) return false;
      waiting.current--;
      return true;
    },
  };
}
