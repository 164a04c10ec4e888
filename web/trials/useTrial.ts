import { useMemo } from 'react';
import { useOutletContext } from 'react-router';
import type { TrialAnswer } from '../../contract/trials';
import { analyse, type Analysis } from '../../core/trials/analyse';
import { type Claim, claimOf, type Naming } from '../../core/trials/claim';
import {
  inOrder,
  type PlannedGo,
  plannedGoes,
  questionOf,
  readingsIn,
} from '../../core/trials/design';
import { type OrderFound, orderFound } from '../../core/trials/order';
import type { TrialGo, TrialSeries } from '../../core/trials/series';
import type { Level } from '../../core/trials/types';
import { namingOf } from '../../core/trials/words';
import { useTrialAnswer } from '../app/data';
import { useTicks, withGoes } from '../app/ticks';
import { type Editing, useDocument } from '../documents/useDocument';

/** A series with what was read of it, and what that says. */
export interface OpenTrial {
  trial: TrialSeries;
  editing: Editing<TrialSeries>;
  levels: Level[];
  plan: PlannedGo[];
  goes: TrialGo[];
  byGo: ReadonlyMap<number, TrialGo>;
  analysis: Analysis;
  claim: Claim;
  order: OrderFound | null;
  naming: Naming;
  /** Readings that are not at the server yet. */
  unsent: number;
  /** What it uses up, and what of that lies in the store. */
  items: TrialAnswer['items'];
  lots: TrialAnswer['lots'];
  /** Shows that it is in. */
  shows: TrialAnswer['shows'];
}

export function useTrialSeries(id: string): {
  open: OpenTrial | null;
  error: Error | null;
  editing: Editing<TrialSeries>;
} {
  const editing = useDocument<TrialSeries>('/trials', id);
  const { data, error } = useTrialAnswer(id);
  const waiting = useTicks((state) => state.waiting);
  const trial = editing.value;
  const open = useMemo((): OpenTrial | null => {
    if (!trial || !data) return null;
    const goes = withGoes(data.goes, waiting, id);
    const analysis = analyse(questionOf(trial), readingsIn(goes));
    const naming = namingOf(trial);
    return {
      trial,
      editing,
      levels: inOrder(trial.levels),
      plan: plannedGoes(trial),
      goes,
      byGo: new Map(goes.map((one) => [one.go, one])),
      analysis,
      claim: claimOf(analysis, naming),
      order: orderFound(trial.predicted, analysis.levels),
      naming,
      items: data.items,
      lots: data.lots,
      shows: data.shows,
      unsent: waiting.filter((one) => one.list === 'goes' && one.trialId === id).length,
    };
  }, [trial, editing, data, waiting, id]);
  return { open, error: editing.loadError ?? error, editing };
}

/** The series that the page around has open. */
export const useOpenTrial = (): OpenTrial => useOutletContext<OpenTrial>();
