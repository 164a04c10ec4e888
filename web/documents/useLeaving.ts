import { useEffect } from 'react';
import { useLine } from '../app/live';
import { anythingStuck, flushEverything } from './registry';

/** Sends what is waiting when the page goes, and asks first where something can’t be sent. */
export function useLeaving(): void {
  useEffect(() => {
    const warn = (event: BeforeUnloadEvent): void => {
      // Without a secure page nothing would be there to load: what is open goes on.
      const lost = !window.isSecureContext && !useLine.getState().up;
      if (anythingStuck() || lost) event.preventDefault();
      flushEverything();
    };
    window.addEventListener('beforeunload', warn);
    window.addEventListener('pagehide', flushEverything);
    return () => {
      window.removeEventListener('beforeunload', warn);
      window.removeEventListener('pagehide', flushEverything);
    };
  }, []);
}
