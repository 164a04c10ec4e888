import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useCallback } from 'react';

/** Long enough to read, think and reach for it, also where the next page is still on its way. */
const MILLISECONDS_TO_UNDO = 10_000;

/** Says what was done, with an Undo in the message. */
export function useSayUndoable(): (words: string, undo: () => void) => void {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  return useCallback(
    (words, undo) => {
      enqueueSnackbar(words, {
        autoHideDuration: MILLISECONDS_TO_UNDO,
        action: (key) => (
          <Button
            color="inherit"
            onClick={() => {
              undo();
              closeSnackbar(key);
            }}
          >
            Undo
          </Button>
        ),
      });
    },
    [enqueueSnackbar, closeSnackbar],
  );
}

/** The same for what a store can undo by itself. */
export function useUndoable(store: { undo(): void }): (words: string) => void {
  const say = useSayUndoable();
  return useCallback((words) => say(words, () => store.undo()), [say, store]);
}
