/** Server data by query, and the stream that says when it is out of date. */
import { QueryClient, useQuery, type UseQueryResult } from '@tanstack/react-query';
import { useEffect } from 'react';
import type {
  Change,
  HealthAnswer,
  ShowAnswer,
  ShowSummary,
  StockAnswer,
  UsedAnswer,
  Versioned,
} from '../../contract/api';
import type { Settings } from '../../contract/inventory';
import type { ShoppingList } from '../../core/inventory/shopping';
import type { Box, Movement, StockedLot } from '../../core/inventory/types';
import type { FollowUp } from '../../contract/day';
import type { RunRecord } from '../../contract/stage';
import type { MethodRecord } from '../../core/after/review';
import type { Person, Venue } from '../../core/brief/types';
import type { Demo, Item } from '../../core/repertoire/types';
import { ApiError, send } from './api';
import { onDocumentChanged } from '../documents/store';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 30_000,
      retry: (count, error) => count < 2 && !(error instanceof ApiError && error.status >= 400),
      refetchOnWindowFocus: false,
    },
  },
});

const useList = <T>(path: string): UseQueryResult<T[]> =>
  useQuery({ queryKey: [path], queryFn: () => send<T[]>('GET', path) });

export const useShows = () => useList<ShowSummary>('/shows');
export const useDemos = () => useList<Versioned<Demo>>('/demos');
export const useItems = () => useList<Versioned<Item>>('/items');
export const useVenues = () => useList<Versioned<Venue>>('/venues');
export const useLots = () => useList<Versioned<StockedLot>>('/lots');
export const useBoxes = () => useList<Versioned<Box>>('/boxes');
export const usePeople = () => useList<Versioned<Person>>('/people');
export const useFollowUps = () => useList<Versioned<FollowUp>>('/follow-ups');
export const useRecords = () => useList<MethodRecord>('/records');

export const useShowAnswer = (id: string) =>
  useQuery({
    queryKey: ['/shows', id, 'all'],
    queryFn: () => send<ShowAnswer>('GET', `/shows/${id}/all`),
  });

export const useSettings = () =>
  useQuery({
    queryKey: ['/settings', 'own'],
    queryFn: () => send<Versioned<Settings>>('GET', '/settings/own'),
  });

/** What the store has for a show. */
export const useStock = (showId: string) =>
  useQuery({
    queryKey: ['/shows', showId, 'stock'],
    queryFn: () => send<StockAnswer>('GET', `/shows/${showId}/stock`),
  });

export const useUsed = (showId: string) =>
  useQuery({
    queryKey: ['/shows', showId, 'used'],
    queryFn: () => send<UsedAnswer>('GET', `/shows/${showId}/used`),
  });

export const useMovements = (itemId: string) =>
  useQuery({
    queryKey: ['/lots', 'of', itemId],
    queryFn: () => send<Movement[]>('GET', `/items/${itemId}/movements`),
  });

/** Over the shows named; null for all that are coming. */
export const useShopping = (showIds: readonly string[] | null) =>
  useQuery({
    queryKey: ['/shopping', showIds],
    queryFn: () =>
      send<ShoppingList>(
        'GET',
        showIds === null ? '/shopping' : `/shopping?shows=${showIds.join(',')}`,
      ),
    placeholderData: (before) => before,
  });

export const useRuns = (showId: string) =>
  useQuery({
    queryKey: ['/shows', showId, 'runs'],
    queryFn: () => send<RunRecord[]>('GET', `/shows/${showId}/runs`),
  });

export const useHealth = () =>
  useQuery({
    queryKey: ['/health'],
    queryFn: () => send<HealthAnswer>('GET', '/health'),
    staleTime: Infinity,
  });

/** Which lists a change makes out of date. */
const AFFECTED: Record<Change['kind'], string[]> = {
  show: ['/shows', '/shopping'],
  demo: ['/demos', '/records', '/shows', '/shopping'],
  item: ['/items', '/shows', '/shopping'],
  box: ['/boxes'],
  lot: ['/lots', '/shows', '/shopping'],
  packing: ['/shows'],
  settings: ['/settings', '/shows', '/shopping'],
  venue: ['/venues', '/shows'],
  person: ['/people', '/shows'],
  followUp: ['/follow-ups', '/shows'],
  mark: ['/shows'],
  run: ['/shows', '/records', '/runs', '/shopping'],
};

const PATH_OF: Partial<Record<Change['kind'], string>> = {
  show: '/shows',
  demo: '/demos',
  item: '/items',
  venue: '/venues',
  person: '/people',
  box: '/boxes',
  lot: '/lots',
  settings: '/settings',
};

const runListeners = new Set<(runId: string) => void>();

/** Calls back when a run has new events. */
export function onRunChanged(listener: (runId: string) => void): () => void {
  runListeners.add(listener);
  return () => void runListeners.delete(listener);
}

/** Listens to the server's stream of changes for as long as the page is open. */
export function useChanges(): void {
  useEffect(() => {
    const stream = new EventSource('/api/changes');
    let opened = false;
    stream.onopen = () => {
      // After a break anything may have changed.
      if (opened) void queryClient.invalidateQueries();
      opened = true;
    };
    stream.onmessage = (message) => {
      const change = JSON.parse(String(message.data)) as Change;
      for (const key of AFFECTED[change.kind])
        void queryClient.invalidateQueries({ queryKey: [key] });
      const path = PATH_OF[change.kind];
      if (path) onDocumentChanged(path, change.id);
      if (change.kind === 'run') for (const listener of runListeners) listener(change.id);
    };
    return () => stream.close();
  }, []);
}
