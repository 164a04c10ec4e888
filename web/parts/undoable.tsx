import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useCallback } from 'react';

/** Says what was done, with an Undo in the message. */
export function useUndoable(store: { undo(): void }): (words: string) => void {
  const { enqueueSnackbar } = useSnackbar();
  return useCallback(
    (words) => {
      enqueueSnackbar(words, {
        action: () => (
          <Button color="inherit" onClick={() => store.undo()}>
            Undo
          </Button>
        ),
      });
    },
    [enqueueSnackbar, store],
  );
}
