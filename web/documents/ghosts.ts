/** Things that were made by one press and then left as they were: nobody wanted them, and they go again. */
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import type { Versioned } from '../../contract/api';
import { send } from '../app/api';
import { documentStore } from './registry';

/** Made on this page, with the version that they had then and the page that they are on. */
const untouched = new Map<string, { path: string; id: string; version: number; page: string }>();

/** Remembers that it was only just made, to be opened on `page`. Called right before it is opened. */
export function madeHere(
  path: string,
  { id, version }: Versioned<{ id: string }>,
  page = `${path}/${id}`,
): void {
  untouched.set(`${path}/${id}`, { path, id, version, page });
}

/** Something else belongs to it by now: it stays. */
export const isWanted = (path: string, id: string): void => void untouched.delete(`${path}/${id}`);

/** Takes it away where nobody has changed anything of it, here or elsewhere, since it was made here. */
export async function forgetUntouched(path: string, id: string): Promise<void> {
  const key = `${path}/${id}`;
  const made = untouched.get(key);
  untouched.delete(key);
  if (!made) return;
  const { version } = made;
  const store = documentStore(path, id);
  const { base, history } = store.state.getState();
  if (store.unsaved || history.past.length > 0 || (base && base.version !== version)) return;
  // Refused where it was changed elsewhere: then it is no ghost.
  await send('DELETE', `${key}?version=${version}`).catch(() => undefined);
}

/**
 * Forgets what was made once its page, and all that lies beneath it, is left. Looked at from
 * outside the pages: one that is left before it was drawn would never say so.
 */
export function useNoGhosts(): void {
  const location = useLocation();
  useEffect(() => {
    const { pathname } = window.location;
    for (const { path, id, page } of untouched.values())
      if (pathname !== page && !pathname.startsWith(`${page}/`)) void forgetUntouched(path, id);
  }, [location]);
}
