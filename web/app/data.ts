/** Server data by query, and the stream that says when it is out of date. */
import { QueryClient, queryOptions, useQuery, type UseQueryResult } from '@tanstack/react-query';
import { useEffect } from 'react';
import type {
  AheadAnswer,
  Change,
  DemoAnswer,
  DemoSummary,
  HealthAnswer,
  ItemName,
  RepertoireAnswer,
  ShoppingAnswer,
  ShowAnswer,
  ShowSummary,
  StockAnswer,
  StoreAnswer,
  UsedAnswer,
  Versioned,
} from '../../contract/api';
import type { LibraryAnswer } from '../../contract/library';
import type { Settings, StoreQuery } from '../../contract/inventory';
import type { Order } from '../../core/inventory/orders';
import type { Box, Movement, StockedLot } from '../../core/inventory/types';
import type { Template, TourAnswer } from '../../contract/again';
import type { TrialAnswer, TrialSummary } from '../../contract/trials';
import type { FollowUp, SignedText } from '../../contract/day';
import type { RunSummary, StoredRun } from '../../contract/stage';
import type { MethodRecord } from '../../core/after/review';
import { changesOutcome } from '../../core/stage/event';
import type { StoredEvent } from '../../core/stage/types';
import type { Person, Venue } from '../../core/brief/types';
import type { Outlook } from '../../core/lineup/outlook';
import { type RiskMatrix, USUAL_MATRIX } from '../../core/repertoire/matrix';
import type { Item } from '../../core/repertoire/item';
import { readAnew } from './anew';
import { ApiError, send } from './api';
import { onDocumentChanged, reloadDocuments } from '../documents/registry';
import { withEvents } from '../stage/knownRun';
import { holdLine, LiveLine } from './live';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 30_000,
      retry: (count, error) => count < 2 && !(error instanceof ApiError && error.status >= 400),
      refetchOnWindowFocus: false,
      // What was known last may be had without a network.
      networkMode: 'always',
    },
  },
});

const searchOf = (asked: object): string =>
  new URLSearchParams(Object.entries(asked).map(([key, value]) => [key, String(value)])).toString();

const useList = <T>(path: string): UseQueryResult<T[]> =>
  useQuery({ queryKey: [path], queryFn: () => send<T[]>('GET', path) });

export const useShows = () => useList<ShowSummary>('/shows');
export const useDemos = () => useList<DemoSummary>('/demos');
export const useItemNames = () => useList<ItemName>('/items');
export const useTemplates = () => useList<Versioned<Template>>('/templates');
export const useVenues = () => useList<Versioned<Venue>>('/venues');
export const useOrders = () => useList<Versioned<Order>>('/orders');
export const useBoxes = () => useList<Versioned<Box>>('/boxes');
export const usePeople = () => useList<Versioned<Person>>('/people');
/** What somebody is called, by their id. */
export function usePersonName(): (id: string) => string {
  const { data = [] } = usePeople();
  return (id) => data.find((person) => person.id === id)?.name ?? 'somebody';
}
export const useTrials = () => useList<TrialSummary>('/trials');
export const useFollowUps = () => useList<Versioned<FollowUp>>('/follow-ups');

/** What comes with the application; it is the same until the application is another. */
export const useLibrary = (enabled = true) =>
  useQuery({
    enabled,
    queryKey: ['/library'],
    queryFn: () => send<LibraryAnswer>('GET', '/library'),
    staleTime: Infinity,
  });

/** All demonstrations of one's own, whole, with what they need and how they went. */
export const useRepertoire = (enabled = true) =>
  useQuery({
    enabled,
    queryKey: ['/demos', 'repertoire'],
    queryFn: () => send<RepertoireAnswer>('GET', '/repertoire'),
  });

/** Of every method of a demo, how its goes went. */
export const useRecords = (demoId: string | null) =>
  useQuery({
    queryKey: ['/demos', demoId, 'records'],
    queryFn: () => send<MethodRecord[]>('GET', `/demos/${demoId}/records`),
    enabled: demoId !== null,
  });

/** A demo with what a show computes from once it is added. */
export const demoQuery = (demoId: string) =>
  queryOptions({
    queryKey: ['/demos', demoId, 'all'],
    queryFn: () => send<DemoAnswer>('GET', `/demos/${demoId}/all`),
  });

export const itemQuery = (itemId: string) =>
  queryOptions({
    queryKey: ['/items', itemId],
    queryFn: () => send<Versioned<Item>>('GET', `/items/${itemId}`),
  });

export const useLots = (itemId: string) =>
  useQuery({
    queryKey: ['/lots', itemId],
    queryFn: () => send<Versioned<StockedLot>[]>('GET', `/lots?item=${itemId}`),
  });

/** A part of the store's list. */
export const storeQuery = (asked: StoreQuery) =>
  queryOptions({
    queryKey: ['/store', asked],
    queryFn: () => send<StoreAnswer>('GET', `/store?${searchOf(asked)}`),
  });

export const useShowAnswer = (id: string) =>
  useQuery({
    queryKey: ['/shows', id, 'all'],
    queryFn: () => send<ShowAnswer>('GET', `/shows/${id}/all`),
  });

/** When a show will end, as far as it is stored. */
export const useOutlook = (showId: string, wanted: boolean) =>
  useQuery({
    queryKey: ['/shows', showId, 'outlook'],
    queryFn: () => send<Outlook>('GET', `/shows/${showId}/outlook`),
    enabled: wanted,
  });

export const useSettings = () =>
  useQuery({
    queryKey: ['/settings', 'own'],
    queryFn: () => send<Versioned<Settings>>('GET', '/settings/own'),
  });

/** The house's own steps of risk; the usual ones until they are here. */
export const useRiskMatrix = (): RiskMatrix => useSettings().data?.riskMatrix ?? USUAL_MATRIX;

/** A signed version of a show's risk assessment, word for word; it never changes. */
export const useSigned = (showId: string, number: number | undefined) =>
  useQuery({
    queryKey: ['/shows', showId, 'signed', number],
    queryFn: () => send<SignedText>('GET', `/shows/${showId}/risks/signed/${number}`),
    enabled: number !== undefined,
    staleTime: Infinity,
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

export const useAhead = (itemId: string) =>
  useQuery({
    queryKey: ['/shopping', 'of', itemId],
    queryFn: () => send<AheadAnswer>('GET', `/items/${itemId}/ahead`),
  });

export const useTour = (name: string) =>
  useQuery({
    queryKey: ['/tour', name],
    queryFn: () => send<TourAnswer>('GET', `/tour?name=${encodeURIComponent(name)}`),
  });

/** Over the shows named; null for all that are coming. */
export const useShopping = (showIds: readonly string[] | null) =>
  useQuery({
    queryKey: ['/shopping', showIds],
    queryFn: () =>
      send<ShoppingAnswer>(
        'GET',
        showIds === null ? '/shopping' : `/shopping?shows=${showIds.join(',')}`,
      ),
    placeholderData: (before) => before,
  });

export const useRuns = (showId: string | null) =>
  useQuery({
    queryKey: ['/shows', showId, 'runs'],
    queryFn: () => send<RunSummary[]>('GET', `/shows/${showId}/runs`),
    enabled: showId !== null,
  });

export const useTrialAnswer = (id: string) =>
  useQuery({
    queryKey: ['/trials', id, 'all'],
    queryFn: () => send<TrialAnswer>('GET', `/trials/${id}/all`),
  });

export const useRun = (id: string | null) =>
  useQuery({
    queryKey: ['/runs', id],
    queryFn: () => send<StoredRun>('GET', `/runs/${id}`),
    enabled: id !== null,
  });

export const useHealth = () =>
  useQuery({
    queryKey: ['/health'],
    queryFn: () => send<HealthAnswer>('GET', '/health'),
    staleTime: Infinity,
  });

/** Which lists a change makes out of date. */
const AFFECTED: Record<Change['kind'], string[]> = {
  show: ['/shows', '/shopping', '/tour', '/trials'],
  demo: ['/demos', '/shows', '/shopping', '/tour'],
  item: ['/items', '/demos', '/store', '/shows', '/shopping', '/tour'],
  box: ['/boxes'],
  media: ['/media'],
  lot: ['/lots', '/store', '/shows', '/shopping', '/tour'],
  order: ['/orders', '/shows', '/shopping'],
  packing: ['/shows'],
  settings: ['/settings', '/shows', '/shopping', '/tour'],
  venue: ['/venues', '/shows'],
  person: ['/people', '/shows'],
  followUp: ['/follow-ups', '/shows'],
  mark: ['/shows'],
  run: ['/shows', '/demos', '/runs', '/shopping', '/tour'],
  trial: ['/trials'],
  template: ['/templates'],
  reading: ['/demos', '/shows'],
};

const PATH_OF: Partial<Record<Change['kind'], string>> = {
  show: '/shows',
  demo: '/demos',
  item: '/items',
  venue: '/venues',
  person: '/people',
  box: '/boxes',
  lot: '/lots',
  order: '/orders',
  settings: '/settings',
  trial: '/trials',
};

/** Called with the run and what was added to it; null: any run may have changed. */
type RunListener = (runId: string | null, event: StoredEvent | null) => void;

const runListeners = new Set<RunListener>();

/** Calls back when a run has a new event, or was changed as such. */
export function onRunChanged(listener: RunListener): () => void {
  runListeners.add(listener);
  return () => void runListeners.delete(listener);
}

function take(changes: readonly Change[]): void {
  const affected = new Set<string>();
  for (const change of changes) {
    const { kind, id, event } = change;
    if (kind === 'run') {
      for (const listener of runListeners) listener(id, event ?? null);
      affected.add('/screens');
    }
    if (event) addToRun(id, event);
    // A press on the way changes nothing but its run: what the run came to is asked for at its end.
    if (event && !changesOutcome(event)) continue;
    for (const key of AFFECTED[kind]) affected.add(key);
    const path = PATH_OF[kind];
    if (path) onDocumentChanged(path, id);
  }
  for (const key of affected) readAnew(queryClient, [key]);
}

/** Where it does not follow on what is known, or nothing is known yet, the run is read anew. */
function addToRun(id: string, event: StoredEvent): void {
  const queryKey = ['/runs', id];
  const known = queryClient.getQueryData<StoredRun>(queryKey);
  const next = known && withEvents(known, [event]);
  if (next) queryClient.setQueryData<StoredRun>(queryKey, next);
  else readAnew(queryClient, queryKey);
}

/** Everything on this page is read anew. */
export function readAgain(): void {
  void queryClient.invalidateQueries();
  reloadDocuments();
  for (const listener of runListeners) listener(null, null);
}

/** Listens to what the server tells for as long as the page is open. */
export function useChanges(): void {
  useEffect(() => {
    const line = new LiveLine({
      onChanges: take,
      onReset: readAgain,
    });
    holdLine(line);
    return () => {
      holdLine(null);
      line.close();
    };
  }, []);
}
