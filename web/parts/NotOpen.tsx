import Button from '@mui/material/Button';
import { ApiError } from '../app/api';
import { queryClient } from '../app/data';
import type { DocumentStore } from '../documents/store';
import { Loading, Page, Trouble } from './page';
import { useAction } from './useAction';

interface NotOpenProps<T extends { id: string }> {
  title: string;
  error: Error | null;
  store: DocumentStore<T>;
}

/** In the place of a thing that has not come yet, can't come, or was removed and can be brought back. */
export function NotOpen<T extends { id: string }>({ title, error, store }: NotOpenProps<T>) {
  const act = useAction();
  return (
    <Page title={title}>
      {error ? <Trouble error={error} /> : <Loading />}
      {error instanceof ApiError && error.status === 410 && (
        <Button
          variant="contained"
          onClick={() =>
            void act(async () => {
              await store.bringBack();
              await store.load();
              await queryClient.invalidateQueries();
            })
          }
        >
          Bring it back
        </Button>
      )}
    </Page>
  );
}
