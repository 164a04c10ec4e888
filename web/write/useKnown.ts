/** What names in a text may stand for: things of the store, people, positions. */
import { useMemo } from 'react';
import { usualPositions } from '../../core/brief/blank';
import type { Knows } from '../../core/told/types';
import { useItemNames, usePeople } from '../app/data';

const POSITIONS = usualPositions().map(({ name }) => name);

export function useKnown(): Knows {
  const { data: things } = useItemNames();
  const { data: people } = usePeople();
  return useMemo(
    () => ({ things: things ?? [], people: people ?? [], positions: POSITIONS }),
    [things, people],
  );
}
