/** Blackout and house lights on keys of the stage. Nothing waits for them; what is in the way is told. */
import { useCallback, useRef } from 'react';
import type { SignalName } from '../../contract/cues';
import { send } from '../app/api';
import { useAction } from '../parts/useAction';

export function useSignals(): { blackout: () => void; house: () => void } {
  const act = useAction();
  const black = useRef(false);
  const up = useRef(false);
  const fire = useCallback(
    async (name: SignalName, other: SignalName, on: { current: boolean }): Promise<void> => {
      const was = on.current;
      // The next press is the other one, however soon it comes.
      on.current = !was;
      if (!(await act(() => send('POST', `/signals/${was ? other : name}/fire`)))) on.current = was;
    },
    [act],
  );
  return {
    blackout: useCallback(() => void fire('blackout', 'lightsBack', black), [fire]),
    house: useCallback(() => void fire('houseUp', 'houseDown', up), [fire]),
  };
}
