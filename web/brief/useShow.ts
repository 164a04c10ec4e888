import same from 'fast-deep-equal';
import { useMemo } from 'react';
import { useOutletContext } from 'react-router';
import type { ShowAnswer } from '../../contract/api';
import type { Show, ShowBundle } from '../../core/brief/types';
import { lineupInput } from '../../core/lineup/fromBundle';
import { schedule } from '../../core/lineup/schedule';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import {
  useDemos,
  useItems,
  useLots,
  usePeople,
  useSettings,
  useShowAnswer,
  useVenues,
} from '../app/data';
import { type Readiness, readiness } from '../../core/ready/go';
import { withOwned } from '../../core/inventory/owned';
import { type Editing, useDocument } from '../documents/useDocument';

export interface OpenShow {
  editing: Editing<Show>;
  show: Show;
  bundle: ShowBundle;
  input: LineupInput;
  timeline: Timeline;
  answer: ShowAnswer;
  ready: Readiness;
}

/** Everything listed now, and what was removed but this show still has. */
function withKept<T extends { id: string }>(listed: readonly T[], kept: readonly T[]): T[] {
  const ids = new Set(listed.map((entry) => entry.id));
  return [...listed, ...kept.filter((entry) => !ids.has(entry.id))];
}

interface Plan {
  input: LineupInput;
  timeline: Timeline;
}

/** Times a line-up, and again only when something in it has changed: a new title changes no time. */
function lastPlan(): (bundle: ShowBundle) => Plan {
  let last: Plan | null = null;
  return (bundle) => {
    const input = lineupInput(bundle);
    if (!last || !same(last.input, input)) last = { input, timeline: schedule(input) };
    return last;
  };
}

/** A show as it stands on this page, edits not yet saved included, and what follows from it. */
export function useShow(id: string): {
  open: OpenShow | null;
  error: Error | null;
  editing: Editing<Show>;
} {
  const editing = useDocument<Show>('/shows', id);
  const { data: answer, error } = useShowAnswer(id);
  const lists = [useDemos(), useItems(), usePeople(), useVenues(), useLots()] as const;
  const [{ data: demos }, { data: items }, { data: people }, { data: venues }, { data: lots }] =
    lists;
  const { data: settings } = useSettings();
  const show = editing.value;
  const bundle = useMemo<ShowBundle | null>(() => {
    // Only when all is there: each list that came in would have everything computed again.
    if (!show || !answer || !demos || !items || !people || !venues || !lots || !settings)
      return null;
    return {
      show,
      venue:
        withKept(venues, answer.venue ? [answer.venue] : []).find((v) => v.id === show.venueId) ??
        null,
      people: withKept<ShowBundle['people'][number]>(people, answer.people),
      demos: withKept<ShowBundle['demos'][number]>(demos, answer.demos),
      items: withOwned(withKept<ShowBundle['items'][number]>(items, answer.items), lots, show.date),
      household: settings.household,
    };
  }, [show, answer, demos, items, people, venues, lots, settings]);
  const planOf = useMemo(lastPlan, []);
  const plan = useMemo(() => bundle && planOf(bundle), [bundle, planOf]);
  const ready = useMemo(
    () => bundle && plan && answer && readiness(bundle, plan.timeline, answer),
    [bundle, plan, answer],
  );
  const open =
    show && bundle && plan && answer && ready
      ? { editing, show, bundle, answer, ready, ...plan }
      : null;
  const listError = lists.find((list) => list.error)?.error ?? null;
  return { open, error: editing.loadError ?? error ?? listError, editing };
}

/** The show that the layout around this page has opened. */
export const useOpenShow = (): OpenShow => useOutletContext<OpenShow>();
