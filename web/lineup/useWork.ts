import { type DependencyList, useEffect, useRef, useState } from 'react';
import { type HeavyWork, startWork } from './lineupWorker';

/**
 * Has something worked out away from the page, whenever `about` changes; what is under way for
 * something older is dropped. `ask` may tell of results on the way. The latest result stays until there
 * is a newer one; `fresh` says whether it is of the present. With null there is nothing to ask.
 */
export function useWork<T>(
  ask: ((run: HeavyWork['run'], tell: (value: T) => void) => Promise<T>) | null,
  about: DependencyList,
  /** Milliseconds that the page is let be first: one may go on dragging. */
  after = 0,
): { value: T | null; fresh: boolean } {
  const [result, setResult] = useState<{ value: T; about: DependencyList } | null>(null);
  const turn = useRef(0);
  useEffect(() => {
    const now = ++turn.current;
    if (!ask) return;
    let work: HeavyWork | null = null;
    let over = false;
    const tell = (value: T): void => {
      if (turn.current === now) setResult({ value, about });
    };
    const timer = setTimeout(() => {
      work = startWork();
      const { release } = work;
      void ask(work.run, tell)
        .then(tell)
        .finally(() => {
          over = true;
          release();
        });
    }, after);
    return () => {
      clearTimeout(timer);
      if (!over) work?.stop();
    };
  }, about);
  const fresh = result !== null && about.every((part, i) => Object.is(part, result.about[i]));
  return { value: result?.value ?? null, fresh };
}
