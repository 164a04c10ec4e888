import { useMemo } from 'react';

/** The last value that there was; of another `of`, it begins anew. */
export function useLast<T>(value: T | null, of: unknown = null): T | null {
  const keep = useMemo(() => {
    let last: T | null = null;
    return (now: T | null) => (last = now ?? last);
  }, [of]);
  return keep(value);
}
