/** Takes figures from the record, keeps the guess, or takes a decision back; with Undo. */
import { useCallback } from 'react';
import type { FigureDecisionsAnswer } from '../../contract/figures';
import { decision, type LearnedFigure } from '../../core/after/learned';
import type { Tally } from '../../core/after/review';
import { newId, send } from '../app/api';
import { queryClient } from '../app/data';
import { useSayUndoable } from '../parts/undoable';
import { useAction } from '../parts/useAction';

/** taken: it counts from now on; mine: the guess does; frozen: what counts stays as it is; back: nothing is decided. */
export type Decide = 'taken' | 'mine' | 'frozen' | 'back';

function decided(figure: LearnedFigure, what: Decide): FigureDecisionsAnswer['decisions'][number] {
  const { demoId, methodId, performerId, task } = figure;
  const of = { demoId, methodId, task: task.id, performerId };
  if (what === 'back') return { ...of, figure: null };
  // What counts now is frozen as it is, and not what the record says by now.
  if (
    what === 'frozen' &&
    figure.decided?.use === 'taken' &&
    figure.decided.performerId === performerId
  )
    return { ...of, figure: { ...figure.decided, frozen: true } };
  const stamp = { id: newId(), at: Date.now() };
  const use = what === 'mine' ? 'mine' : 'taken';
  return { ...of, figure: decision(figure, use, what === 'frozen', stamp) };
}

/** Sends decisions, says what was done, and offers to take it back. */
function useDecisions(): (asked: FigureDecisionsAnswer, words: string) => Promise<boolean> {
  const act = useAction();
  const sayUndoable = useSayUndoable();
  return useCallback(
    async (asked, words) => {
      const decide = (what: FigureDecisionsAnswer): Promise<FigureDecisionsAnswer> =>
        send<FigureDecisionsAnswer>('POST', '/figures', what);
      return act(async () => {
        const before = await decide(asked);
        await queryClient.invalidateQueries();
        sayUndoable(words, () => {
          void act(async () => {
            await decide(before);
            await queryClient.invalidateQueries();
          });
        });
      });
    },
    [act, sayUndoable],
  );
}

export function useFigures(): (
  figures: readonly LearnedFigure[],
  what: Decide,
  words: string,
) => Promise<boolean> {
  const decide = useDecisions();
  return useCallback(
    (figures, what, words) =>
      decide({ decisions: figures.map((figure) => decided(figure, what)), chances: [] }, words),
    [decide],
  );
}

/** Keeps to a chance as the record has it now, or lets the record count again. */
export function useChance(): (
  of: { demoId: string; methodId: string },
  record: Tally | null,
) => Promise<boolean> {
  const decide = useDecisions();
  return useCallback(
    ({ demoId, methodId }, record) => {
      const chance = record && {
        worked: record.worked,
        failed: record.failed + record.partly,
        at: Date.now(),
      };
      const words = chance ? 'The plan keeps to it' : 'The record counts again';
      return decide({ decisions: [], chances: [{ demoId, methodId, chance }] }, words);
    },
    [decide],
  );
}
