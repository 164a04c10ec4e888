/**
 * A stored thing being edited on this page: what is typed is kept at once, saved shortly after, can
 * be undone, and is brought together with what others change in the meantime.
 */
import same from 'fast-deep-equal';
import { type StoreApi, createStore } from 'zustand/vanilla';
import type { Versioned } from '../../contract/api';
import type { FieldFault } from '../../contract/validate';
import { ApiError, isOffline, send } from '../app/api';
import { changedParts, merge } from './merge';

export type SaveState =
  | { is: 'saved' }
  | { is: 'saving' }
  | { is: 'offline' }
  | { is: 'refused'; message: string; faults: FieldFault[] }
  | { is: 'removed' };

export interface Clash<T> {
  theirs: Versioned<T>;
  keys: (keyof T)[];
}

export interface DocumentState<T> {
  /** As it is on this page; null until loaded. */
  value: T | null;
  /** As the server last told it. */
  base: Versioned<T> | null;
  loadError: ApiError | null;
  save: SaveState;
  clash: Clash<T> | null;
  /** Parts that somebody else changed and that were taken in beside this page's own. */
  takenIn: (keyof T)[];
  past: Partial<T>[];
  future: Partial<T>[];
  /** Parts as they were typed that can't be kept as they are; in their fields, through coming and going. */
  draft: Partial<T>;
}

/** Typing pauses this long before it is saved, in ms. */
const SAVE_AFTER = 350;
const RETRY_AFTER = 2000;
const STEPS_KEPT = 100;

export class DocumentStore<T extends { id: string }> {
  readonly state: StoreApi<DocumentState<T>>;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private busy = false;

  constructor(
    private readonly path: string,
    private readonly id: string,
  ) {
    this.state = createStore<DocumentState<T>>(() => ({
      value: null,
      base: null,
      loadError: null,
      save: { is: 'saved' },
      clash: null,
      takenIn: [],
      past: [],
      future: [],
      draft: {},
    }));
  }

  private get url(): string {
    return `${this.path}/${this.id}`;
  }

  private bare(stored: Versioned<T>): T {
    const { version: _version, ...value } = stored;
    return value as unknown as T;
  }

  private get dirty(): boolean {
    const { value, base } = this.state.getState();
    return (
      value !== null &&
      base !== null &&
      Object.keys(changedParts(value, this.bare(base))).length > 0
    );
  }

  async load(): Promise<void> {
    try {
      const stored = await send<Versioned<T>>('GET', this.url);
      if (this.dirty || this.busy) return;
      this.state.setState({
        base: stored,
        value: this.bare(stored),
        loadError: null,
        save: { is: 'saved' },
      });
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      if (error.status === 410 && this.state.getState().value)
        this.state.setState({ save: { is: 'removed' } });
      else if (!isOffline(error) || !this.state.getState().value)
        this.state.setState({ loadError: error });
    }
  }

  change(next: T | ((value: T) => T)): void {
    const { value, past } = this.state.getState();
    if (value === null) return;
    const changed = typeof next === 'function' ? next(value) : next;
    const undoing = changedParts(value, changed);
    if (Object.keys(undoing).length === 0) return;
    this.state.setState({
      value: changed,
      past: [...past.slice(-STEPS_KEPT + 1), undoing],
      future: [],
      takenIn: [],
    });
    this.saveSoon();
  }

  /** Remembers what is in the fields and can't be kept yet; nothing of it is sent. */
  setDraft(draft: Partial<T>): void {
    if (!same(draft, this.state.getState().draft)) this.state.setState({ draft });
  }

  undo(): void {
    const { past, future, value } = this.state.getState();
    const step = past.at(-1);
    if (!step || !value) return;
    const before = { ...value, ...step };
    this.state.setState({
      value: before,
      past: past.slice(0, -1),
      future: [...future, changedParts(value, before)],
    });
    this.saveSoon();
  }

  redo(): void {
    const { past, future, value } = this.state.getState();
    const step = future.at(-1);
    if (!step || !value) return;
    const after = { ...value, ...step };
    this.state.setState({
      value: after,
      future: future.slice(0, -1),
      past: [...past, changedParts(value, after)],
    });
    this.saveSoon();
  }

  private saveSoon(after = SAVE_AFTER): void {
    clearTimeout(this.timer);
    this.state.setState({ save: { is: 'saving' } });
    this.timer = setTimeout(() => void this.saveNow(), after);
  }

  async saveNow(): Promise<void> {
    clearTimeout(this.timer);
    const { value, base, clash } = this.state.getState();
    if (!value || !base || clash) return;
    if (this.busy) {
      this.saveSoon();
      return;
    }
    if (!this.dirty) {
      this.state.setState({ save: { is: 'saved' } });
      return;
    }
    this.busy = true;
    try {
      const stored = await send<Versioned<T>>('PUT', this.url, { ...value, version: base.version });
      this.state.setState({ base: stored });
      if (this.dirty) this.saveSoon();
      else this.state.setState({ save: { is: 'saved' } });
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      if (error.code === 'changed_elsewhere') await this.bringTogether();
      else if (error.status === 410) this.state.setState({ save: { is: 'removed' } });
      else if (isOffline(error)) {
        this.saveSoon(RETRY_AFTER);
        this.state.setState({ save: { is: 'offline' } });
      } else
        this.state.setState({
          save: { is: 'refused', message: error.message, faults: error.fields },
        });
    } finally {
      this.busy = false;
    }
  }

  /** Another page saved first: keep both changes where they don't touch, ask where they do. */
  private async bringTogether(): Promise<void> {
    const { value, base } = this.state.getState();
    if (!value || !base) return;
    const theirs = await send<Versioned<T>>('GET', this.url);
    const merged = merge(this.bare(base), value, this.bare(theirs));
    if (merged.clashes.length > 0) {
      this.state.setState({ clash: { theirs, keys: merged.clashes } });
      return;
    }
    this.state.setState({ value: merged.value, base: theirs, takenIn: merged.theirs });
    this.saveSoon(0);
  }

  /** Decides a clash: mine over theirs where both changed, or theirs. Undo brings the other back. */
  settle(choice: 'mine' | 'theirs'): void {
    const { value, base, clash, past } = this.state.getState();
    if (!value || !base || !clash) return;
    const theirs = this.bare(clash.theirs);
    const merged = merge(this.bare(base), value, theirs).value;
    const chosen = choice === 'mine' ? merged : { ...merged };
    const other = { ...merged };
    for (const key of clash.keys) {
      if (choice === 'theirs') chosen[key] = theirs[key];
      else other[key] = theirs[key];
    }
    this.state.setState({
      value: chosen,
      base: clash.theirs,
      clash: null,
      past: [...past, changedParts(other, chosen)],
      future: [],
    });
    this.saveSoon(0);
  }

  async bringBack(): Promise<void> {
    const stored = await send<Versioned<T>>('POST', `${this.url}/restore`);
    this.state.setState({ base: stored });
    this.saveSoon(0);
  }
}

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

/** Another page, or this one, has stored something: what is not being edited here is read again. */
export function onDocumentChanged(path: string, id: string): void {
  void stores.get(`${path}/${id}`)?.load();
}

/** Everything still unsaved is sent before the page goes. */
export const saveEverything = (): void => stores.forEach((store) => void store.saveNow());
