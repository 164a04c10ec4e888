import { useEffect } from 'react';
import { anythingStuck, flushEverything } from './registry';

/** Sends what is waiting when the page goes, and asks first where something can’t be sent. */
export function useLeaving(): void {
  useEffect(() => {
    const warn = (event: BeforeUnloadEvent): void => {
      if (anythingStuck()) event.preventDefault();
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
