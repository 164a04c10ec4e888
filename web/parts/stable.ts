/** Values that stay the same objects, so that what follows from them is not worked out again. */
import same from 'fast-deep-equal';
import { useMemo, useRef } from 'react';

/** The last value that there was; of another `of`, it begins anew. */
export function useLast<T>(value: T | null, of: unknown = null): T | null {
  const keep = useMemo(() => {
    let last: T | null = null;
    return (now: T | null) => (last = now ?? last);
  }, [of]);
  return keep(value);
}

/** The very object of before for as long as nothing in it is different. */
export function useStable<T>(value: T): T {
  const keep = useMemo(() => {
    let last = value;
    return (now: T) => (same(last, now) ? last : (last = now));
  }, []);
  return keep(value);
}

/** A stable function that calls the latest one; for events only. */
export function useLatest<A extends unknown[], R>(act: (...args: A) => R): (...args: A) => R {
  const latest = useRef(act);
  latest.current = act;
  return useMemo(
    () =>
      (...args: A) =>
        latest.current(...args),
    [],
  );
}
