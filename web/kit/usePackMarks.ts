import { useSnackbar } from 'notistack';
import { useCallback } from 'react';
import type { ShowAnswer } from '../../contract/api';
import type { PackMark, PackMarkKind } from '../../core/kit/packing';
import { send } from '../app/api';
import { queryClient } from '../app/data';
import { usePreferences } from '../app/preferences';

/** Ticks while packing: shown at once, then as the server has them; two people may tick at the same time. */
export function usePackMarks(
  showId: string,
): (key: string, kind: PackMarkKind, on: boolean) => Promise<void> {
  const me = usePreferences((state) => state.me);
  const { enqueueSnackbar } = useSnackbar();
  return useCallback(
    async (key, kind, on) => {
      const query = ['/shows', showId, 'all'];
      const show = (change: (marks: PackMark[]) => PackMark[]): void =>
        void queryClient.setQueryData<ShowAnswer>(
          query,
          (known) => known && { ...known, packing: change(known.packing) },
        );
      // An answer that is on its way knows nothing of this tick yet.
      await queryClient.cancelQueries({ queryKey: query });
      show((marks) => {
        const others = marks.filter((mark) => mark.key !== key || mark.kind !== kind);
        return on ? [...others, { key, kind, by: me, at: Date.now() }] : others;
      });
      const path = `/shows/${showId}/packing/${kind}/${encodeURIComponent(key)}`;
      try {
        const marks = await send<PackMark[]>(
          on ? 'PUT' : 'DELETE',
          path,
          on ? { by: me } : undefined,
        );
        show(() => marks);
      } catch (error) {
        await queryClient.invalidateQueries({ queryKey: query });
        enqueueSnackbar(error instanceof Error ? error.message : 'Not stored', {
          variant: 'error',
        });
      }
    },
    [showId, me, enqueueSnackbar],
  );
}
