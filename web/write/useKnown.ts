/** What names in a text may stand for: things of the store, people, positions. */
import { useMemo } from 'react';
import { usualPositions } from '../../core/brief/blank';
import type { Knows } from '../../core/told/types';
import { useItemNames, usePeople } from '../app/data';

const POSITIONS = usualPositions().map(({ name }) => name);

/** Null while it is on its way. */
export function useKnownFor(): Knows | null {
  const { data: things } = useItemNames();
  const { data: people } = usePeople();
  return useMemo(
    () => (things && people ? { things, people, positions: POSITIONS } : null),
    [things, people],
  );
}

const NOTHING: Knows = { things: [], people: [], positions: POSITIONS };

/** What is typed is understood before anything is known, too. */
export const useKnown = (): Knows => useKnownFor() ?? NOTHING;
