/** The documents that are open on this page: one store for each. */
import { DocumentStore } from './store';

const stores = new Map<string, DocumentStore<{ id: string }>>();

/** The one store of a thing on this page, loading it at first sight. */
export function documentStore<T extends { id: string }>(
  path: string,
  id: string,
): DocumentStore<T> {
  const key = `${path}/${id}`;
  let store = stores.get(key);
  if (!store) {
    store = new DocumentStore(path, id);
    stores.set(key, store);
    void store.load();
  }
  return store as unknown as DocumentStore<T>;
}

/** Another page, or this one, has stored something: it is read again. */
export function onDocumentChanged(path: string, id: string): void {
  void stores.get(`${path}/${id}`)?.load();
}

/** After a break anything may have been stored elsewhere. */
export const reloadDocuments = (): void => stores.forEach((store) => void store.load());

/** Everything still unsaved is sent before the page goes. */
export const flushEverything = (): void => stores.forEach((store) => store.flush(true));

/** Something on this page would not be sent by leaving it. */
export const anythingStuck = (): boolean => [...stores.values()].some((store) => store.stuck);
