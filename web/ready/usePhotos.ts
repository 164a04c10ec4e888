import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { CheckPhoto, ShowAnswer } from '../../contract/api';
import { send } from '../app/api';
import { queryClient } from '../app/data';
import { usePreferences } from '../app/preferences';
import { useSayUndoable } from '../parts/undoable';
import { shrunk } from '../pictures/shrink';

export interface Photos {
  of: (key: string) => CheckPhoto[];
  /** The check a photo is on its way to; null while there is none. */
  sending: string | null;
  add: (key: string, file: File) => Promise<void>;
  remove: (id: string) => Promise<void>;
  /** Where its bytes are. */
  address: (id: string) => string;
}

/** Photos that go with a show's checks. */
export function usePhotos(showId: string, photos: readonly CheckPhoto[]): Photos {
  const { me } = usePreferences();
  const { enqueueSnackbar } = useSnackbar();
  const sayUndoable = useSayUndoable();
  const [sending, setSending] = useState<string | null>(null);
  const path = `/shows/${showId}/photos`;
  const change = async (ask: () => Promise<CheckPhoto[]>): Promise<boolean> => {
    try {
      const now = await ask();
      queryClient.setQueryData<ShowAnswer>(['/shows', showId, 'all'], (known) =>
        known ? { ...known, photos: now } : known,
      );
      return true;
    } catch (error) {
      enqueueSnackbar(error instanceof Error ? error.message : 'Not stored', { variant: 'error' });
      return false;
    }
  };
  return {
    of: (key) => photos.filter((photo) => photo.key === key),
    sending,
    add: async (key, file) => {
      setSending(key);
      const query = new URLSearchParams({ key, ...(me === null ? {} : { by: me }) });
      await change(async () => send('POST', `${path}?${query.toString()}`, await shrunk(file)));
      setSending(null);
    },
    remove: async (id) => {
      if (await change(() => send('DELETE', `${path}/${id}`)))
        sayUndoable('Photo removed', () => {
          void change(() => send('POST', `${path}/${id}/restore`));
        });
    },
    address: (id) => `/api${path}/${id}`,
  };
}
