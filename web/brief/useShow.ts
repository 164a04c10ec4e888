import { useQueries, type UseQueryResult } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useOutletContext } from 'react-router';
import type { ShowAnswer } from '../../contract/api';
import { demosNamed } from '../../core/brief/demosNamed';
import { itemsNamed } from '../../core/brief/itemsNamed';
import type { Show, ShowBundle } from '../../core/brief/types';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import {
  demoQuery,
  itemQuery,
  usePeople,
  useSettings,
  useShowAnswer,
  useVenues,
} from '../app/data';
import { useTicks, withTicks } from '../app/ticks';
import { type Readiness, readiness } from '../../core/ready/go';
import { withOwned } from '../../core/inventory/owned';
import type { StockedLot } from '../../core/inventory/types';
import type { Item } from '../../core/repertoire/item';
import type { Foreseen } from '../lineup/useForecast';
import { usePlan } from '../lineup/usePlan';
import { useLast, useStable } from '../parts/stable';
import type { DocumentStore } from '../documents/store';
import { type Editing, useDocument } from '../documents/useDocument';

/** What is stored about a show besides the show itself. */
type AboutShow = Omit<ShowAnswer, 'show' | 'version'>;

export interface OpenShow {
  store: DocumentStore<Show>;
  /** As it stands, edits of this moment included. */
  show: Show;
  latest: ShowBundle;
  /** As it was timed last, a moment ago: what else is here follows from this. */
  bundle: ShowBundle;
  input: LineupInput;
  timeline: Timeline;
  answer: AboutShow;
  ready: Readiness;
}

export type ForeseenShow = OpenShow & { foreseen: Foreseen };

/** Everything listed now, and what was removed but this show still has. */
export function withKept<T extends { id: string }>(listed: readonly T[], kept: readonly T[]): T[] {
  const ids = new Set(listed.map((entry) => entry.id));
  return [...listed, ...kept.filter((entry) => !ids.has(entry.id))];
}

const aboutOf = ({ show: _show, version: _version, ...about }: ShowAnswer): AboutShow => about;

interface Fetched<T> {
  data: T[];
  waiting: boolean;
}

/** What can't be had, as a demo that is gone, is left out. */
const together = <T>(results: UseQueryResult<T>[]): Fetched<T> => ({
  data: results.flatMap((result) => result.data ?? []),
  waiting: results.some((result) => result.isPending),
});

type Store = Pick<ShowAnswer, 'demos' | 'items' | 'lots'>;

/** What the show on this page names of the repertoire and the store; null until all of it is here. */
function useNamed(show: Show | null, answer: AboutShow | undefined): Store | null {
  // The answer is about the show as it is stored: what was added since is asked for by itself.
  const has = new Set(answer?.demos.map((demo) => demo.id));
  const demoIds = new Set(answer && show ? demosNamed(show) : []);
  const added = useQueries({
    queries: [...demoIds].filter((id) => !has.has(id)).map(demoQuery),
    combine: together,
  });
  const found = useMemo<Store>(() => {
    const all = [...(answer ? [answer] : []), ...added.data];
    return {
      demos: [...(answer?.demos ?? []), ...added.data.map(({ demo }) => demo)],
      items: all.reduce<Item[]>((known, { items }) => withKept(known, items), []),
      lots: all.reduce<StockedLot[]>((known, { lots }) => withKept(known, lots), []),
    };
  }, [answer, added]);
  const held = new Set(found.items.map((item) => item.id));
  const chosen = useQueries({
    queries: itemsNamed(answer && show ? show : { cold: [], slots: [] }, [])
      .filter((id) => !held.has(id))
      .map(itemQuery),
    combine: together,
  });
  const ready = answer !== undefined && !added.waiting && !chosen.waiting;
  return useMemo(
    () => (ready ? { ...found, items: [...found.items, ...chosen.data] } : null),
    [ready, found, chosen],
  );
}

/** A show as it stands on this page, edits not yet saved included, and what follows from it. */
export function useShow(id: string): {
  open: OpenShow | null;
  error: Error | null;
  editing: Editing<Show>;
} {
  const editing = useDocument<Show>('/shows', id);
  const { data: stored, error } = useShowAnswer(id);
  const lists = [usePeople(), useVenues()] as const;
  const [{ data: people }, { data: venues }] = lists;
  const { data: settings } = useSettings();
  // Being saved, and being told of it, changes nothing of what follows from a show.
  const show = useStable(editing.value);
  const ticked = useTicks((state) => state.waiting);
  const answer = useStable(stored && aboutOf(withTicks(stored, ticked, id)));
  const named = useNamed(show, answer);
  const now = useMemo<ShowBundle | null>(() => {
    // Only when all is there: each list that came in would have everything computed again.
    if (!show || !answer || !named || !people || !venues || !settings) return null;
    return {
      show,
      venue:
        withKept(venues, answer.venue ? [answer.venue] : []).find((v) => v.id === show.venueId) ??
        null,
      people: withKept<ShowBundle['people'][number]>(people, answer.people),
      demos: named.demos,
      items: withOwned(named.items, named.lots, show.date),
      household: settings.household,
      riskMatrix: settings.riskMatrix,
    };
  }, [show, answer, named, people, venues, settings]);
  // A page does not go blank while it waits for what was just added.
  const latest = useLast(useStable(now), id);
  const timed = usePlan(latest);
  const plan = useLast(timed.plan, id);
  const ready = useMemo(
    () => plan && answer && readiness(plan.bundle, plan.timeline, answer),
    [plan, answer],
  );
  const { store } = editing;
  const open = useMemo<OpenShow | null>(
    () =>
      show && latest && plan && answer && ready
        ? { store, show, latest, answer, ready, ...plan }
        : null,
    [store, show, latest, plan, answer, ready],
  );
  const listError = lists.find((list) => list.error)?.error ?? null;
  return { open, error: editing.loadError ?? error ?? listError ?? timed.error, editing };
}

/** The show that the layout around this page has opened, as a form edits it. */
export const useShowEditing = (): Editing<Show> =>
  useDocument<Show>('/shows', useOpenShow().show.id);

/** The show that the layout around this page has opened, and when it will end. */
export const useOpenShow = (): ForeseenShow => useOutletContext<ForeseenShow>();
