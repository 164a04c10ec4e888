/** Things that were made by one press and then left as they were: nobody wanted them, and they go again. */
import { useEffect } from 'react';
import type { Versioned } from '../../contract/api';
import { send } from '../app/api';
import { documentStore } from './registry';

/** Made on this page, with the version that they had then. */
const untouched = new Map<string, number>();

/** Remembers that it was only just made. */
export function madeHere(path: string, { id, version }: Versioned<{ id: string }>): void {
  untouched.set(`${path}/${id}`, version);
}

/** Something else belongs to it by now: it stays. */
export const isWanted = (path: string, id: string): void => void untouched.delete(`${path}/${id}`);

/** Takes it away where nobody has changed anything of it, here or elsewhere, since it was made here. */
export async function forgetUntouched(path: string, id: string): Promise<void> {
  const key = `${path}/${id}`;
  const version = untouched.get(key);
  untouched.delete(key);
  if (version === undefined) return;
  const store = documentStore(path, id);
  const { base, history } = store.state.getState();
  if (store.unsaved || history.past.length > 0 || (base && base.version !== version)) return;
  // Refused where it was changed elsewhere: then it is no ghost.
  await send('DELETE', `${key}?version=${version}`).catch(() => undefined);
}

/** Forgets it when its page, and all that lies beneath `page`, is left. */
export function useNoGhost(path: string, id: string, page = `${path}/${id}`): void {
  useEffect(
    () => () => {
      const { pathname } = window.location;
      if (pathname === page || pathname.startsWith(`${page}/`)) return;
      void forgetUntouched(path, id);
    },
    [path, id, page],
  );
}
