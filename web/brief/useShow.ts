import { useMemo } from 'react';
import { useOutletContext } from 'react-router';
import type { ShowAnswer } from '../../contract/api';
import type { Show, ShowBundle } from '../../core/brief/types';
import { lineupInput } from '../../core/lineup/fromBundle';
import { schedule } from '../../core/lineup/schedule';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import { useDemos, useItems, usePeople, useShowAnswer, useVenues } from '../app/data';
import { type Editing, useDocument } from '../documents/useDocument';

export interface OpenShow {
  editing: Editing<Show>;
  show: Show;
  bundle: ShowBundle;
  input: LineupInput;
  timeline: Timeline;
  answer: ShowAnswer;
}

/** Everything listed now, and what was removed but this show still has. */
function withKept<T extends { id: string }>(
  listed: readonly T[] | undefined,
  kept: readonly T[],
): T[] {
  const here = listed ?? [];
  const ids = new Set(here.map((entry) => entry.id));
  return [...here, ...kept.filter((entry) => !ids.has(entry.id))];
}

/** A show as it stands on this page, edits not yet saved included, and what follows from it. */
export function useShow(id: string): {
  open: OpenShow | null;
  error: Error | null;
  editing: Editing<Show>;
} {
  const editing = useDocument<Show>('/shows', id);
  const { data: answer, error } = useShowAnswer(id);
  const { data: demos } = useDemos();
  const { data: items } = useItems();
  const { data: people } = usePeople();
  const { data: venues } = useVenues();
  const show = editing.value;
  const bundle = useMemo<ShowBundle | null>(() => {
    if (!show || !answer) return null;
    return {
      show,
      venue:
        withKept(venues, answer.venue ? [answer.venue] : []).find((v) => v.id === show.venueId) ??
        null,
      people: withKept<ShowBundle['people'][number]>(people, answer.people),
      demos: withKept<ShowBundle['demos'][number]>(demos, answer.demos),
      items: withKept<ShowBundle['items'][number]>(items, answer.items),
    };
  }, [show, answer, demos, items, people, venues]);
  const plan = useMemo(() => {
    if (!bundle) return null;
    const input = lineupInput(bundle);
    return { input, timeline: schedule(input) };
  }, [bundle]);
  const open = show && bundle && plan && answer ? { editing, show, bundle, answer, ...plan } : null;
  return { open, error: editing.loadError ?? error, editing };
}

/** The show that the layout around this page has opened. */
export const useOpenShow = (): OpenShow => useOutletContext<OpenShow>();
