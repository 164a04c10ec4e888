import { useMemo } from 'react';
import { useStore } from 'zustand';
import { documentStore } from './registry';
import type { DocumentState, DocumentStore } from './store';

export interface Editing<T> extends DocumentState<T> {
  store: DocumentStore<T & { id: string }>;
}

/** A thing to look at and edit, with its saving, undo and conflicts. */
export function useDocument<T extends { id: string }>(path: string, id: string): Editing<T> {
  const store = useMemo(() => documentStore<T>(path, id), [path, id]);
  const state = useStore(store.state);
  return { ...state, store: store };
}
