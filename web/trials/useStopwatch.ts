import { useEffect, useState } from 'react';

export interface Stopwatch {
  /** Seconds since it was started; null while it is not. */
  seconds: number | null;
  start: () => void;
  reset: () => void;
}

/** By the device's own clock, five times a second. */
export function useStopwatch(): Stopwatch {
  const [from, setFrom] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (from === null) return;
    const ticking = setInterval(() => setNow(Date.now()), 200);
    return () => clearInterval(ticking);
  }, [from]);
  return {
    seconds: from === null ? null : Math.max(0, (now - from) / 1000),
    start: () => {
      setFrom(Date.now());
      setNow(Date.now());
    },
    reset: () => setFrom(null),
  };
}
