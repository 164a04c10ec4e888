import { useSnackbar } from 'notistack';
import type { ShowAnswer } from '../../contract/api';
import type { Mark } from '../../core/ready/go';
import { send } from '../app/api';
import { queryClient } from '../app/data';
import { usePreferences } from '../app/preferences';

export type Said = Pick<Mark, 'state' | 'reason' | 'value'>;

/** Ticks and waivers of a show: shown at once, then as the server has them. */
export function useMarks(
  showId: string,
  marks: readonly Mark[],
): (key: string, said: Said | null) => Promise<void> {
  const { me } = usePreferences();
  const { enqueueSnackbar } = useSnackbar();
  return async (key, said) => {
    const path = `/shows/${showId}/checks/${encodeURIComponent(key)}`;
    const query = ['/shows', showId, 'all'];
    const marksNow = (now: Mark[]): void => {
      queryClient.setQueryData<ShowAnswer>(query, (known) =>
        known ? { ...known, marks: now } : known,
      );
    };
    // An answer that is on its way knows nothing of this tick yet.
    await queryClient.cancelQueries({ queryKey: query });
    const others = marks.filter((other) => other.key !== key);
    marksNow(said ? [...others, { ...said, key, by: me, at: Date.now() }] : others);
    try {
      marksNow(
        said
          ? await send<Mark[]>('PUT', path, { ...said, by: me })
          : await send<Mark[]>('DELETE', path),
      );
    } catch (error) {
      await queryClient.invalidateQueries({ queryKey: query });
      enqueueSnackbar(error instanceof Error ? error.message : 'Not stored', { variant: 'error' });
    }
  };
}
