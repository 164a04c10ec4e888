/** Takes figures from the record, keeps the guess, or takes a decision back; with Undo. */
import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useCallback } from 'react';
import type { FigureDecisionsAnswer } from '../../contract/figures';
import { decision, type LearnedFigure } from '../../core/after/learned';
import { newId, send } from '../app/api';
import { queryClient } from '../app/data';
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

export function useFigures(): (
  figures: readonly LearnedFigure[],
  what: Decide,
  words: string,
) => Promise<boolean> {
  const act = useAction();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  return useCallback(
    async (figures, what, words) => {
      let undo: FigureDecisionsAnswer = { decisions: [] };
      const done = await act(async () => {
        const decisions = figures.map((figure) => decided(figure, what));
        undo = await send<FigureDecisionsAnswer>('POST', '/figures', { decisions });
        await queryClient.invalidateQueries();
      });
      if (!done) return false;
      enqueueSnackbar(words, {
        autoHideDuration: 10_000,
        action: (key) => (
          <Button
            color="inherit"
            onClick={() => {
              closeSnackbar(key);
              void act(async () => {
                await send('POST', '/figures', undo);
                await queryClient.invalidateQueries();
              });
            }}
          >
            Undo
          </Button>
        ),
      });
      return true;
    },
    [act, enqueueSnackbar, closeSnackbar],
  );
}
