import { useMemo } from 'react';
import { seenBefore } from '../../core/proposal/seen';
import { useShows } from '../app/data';
import { useStable } from '../parts/stable';

/** Ids of demonstrations that people at a place have seen of us before that day. */
export function useSeen(venueId: string | null, date: string): ReadonlySet<string> {
  const { data: shows } = useShows();
  return useStable(useMemo(() => seenBefore(shows ?? [], venueId, date), [shows, venueId, date]));
}
