import { useSnackbar } from 'notistack';
import { useCallback } from 'react';
import { ApiError } from '../app/api';

/**
 * Does something that the server may refuse, or that may not reach it. Answers whether it was done;
 * when not, says why, so that what was typed can stay where it is and be sent again.
 */
export function useAction(): (work: () => Promise<unknown>) => Promise<boolean> {
  const { enqueueSnackbar } = useSnackbar();
  return useCallback(
    async (work) => {
      try {
        await work();
        return true;
      } catch (error) {
        if (!(error instanceof ApiError)) throw error;
        const [fault] = error.fields;
        enqueueSnackbar(fault ? `${error.message} ${fault.path} ${fault.message}` : error.message, {
          variant: 'error',
        });
        return false;
      }
    },
    [enqueueSnackbar],
  );
}
