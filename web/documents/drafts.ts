/** What is not saved yet, kept on this device until it is: through reloads, crashes and closed tabs. */
import type { Versioned } from '../../contract/api';
import { newId } from '../app/api';

export interface Draft<T> {
  /** What it was made from. */
  base: Versioned<T>;
  /** What is fit to be saved. */
  value: T;
  /** As it stands in the fields, where that can’t all be saved; null where it can. */
  typed: T | null;
  /** What was sent, and may be stored or not: no answer came. */
  uncertain: T[];
  /** When it was last written, in ms since 1970. */
  at: number;
  /** The tab it was typed in. */
  tab: string;
}

/** The part of the browser's store that is needed here. */
export interface Device {
  getItem: (key: string) => string | null;
  setItem: (key: string, value: string) => void;
  removeItem: (key: string) => void;
  keys: () => string[];
}

/** A page that is still open writes its draft again within this time, in ms. */
export const LEFT_AFTER = 10_000;

const PREFIX = 'hearty-stage-draft:';

export interface FoundDraft<T> extends Draft<T> {
  key: string;
}

/** The drafts of one document on this device; `page` tells this page’s own from those left behind. */
export class Drafts<T> {
  private readonly own: string;

  constructor(
    private readonly device: Device,
    private readonly document: string,
    page: string,
    private readonly tab: string,
  ) {
    this.own = `${PREFIX}${document} ${page}`;
  }

  keep(draft: Omit<Draft<T>, 'at' | 'tab'>): void {
    try {
      this.device.setItem(this.own, JSON.stringify({ ...draft, at: Date.now(), tab: this.tab }));
    } catch {
      // No room on the device: the page still has it, and warns before it is left.
    }
  }

  drop(key = this.own): void {
    this.device.removeItem(key);
  }

  /** Drafts that no open page looks after, the oldest first. One that can’t be read is let go. */
  leftBehind(): FoundDraft<T>[] {
    const found: FoundDraft<T>[] = [];
    for (const key of this.device.keys()) {
      if (!key.startsWith(`${PREFIX}${this.document} `) || key === this.own) continue;
      const draft = this.read(key);
      if (!draft) this.drop(key);
      else if (draft.tab === this.tab || Date.now() - draft.at > LEFT_AFTER)
        found.push({ ...draft, key });
    }
    return found.sort((a, b) => a.at - b.at);
  }

  private read(key: string): Draft<T> | null {
    try {
      const draft = JSON.parse(this.device.getItem(key) ?? 'null') as Draft<T> | null;
      const whole =
        draft && draft.base && draft.value && Array.isArray(draft.uncertain) && draft.at > 0;
      return whole ? draft : null;
    } catch {
      return null;
    }
  }
}

/** The browser's own store; one that forgets where the browser has none. */
export function browserDevice(): Device {
  const store = globalThis.localStorage as Storage | undefined;
  return {
    getItem: (key) => store?.getItem(key) ?? null,
    setItem: (key, value) => store?.setItem(key, value),
    removeItem: (key) => store?.removeItem(key),
    keys: () =>
      store
        ? Array.from({ length: store.length }, (_, i) => store.key(i)).filter((k) => k !== null)
        : [],
  };
}

const TAB = 'hearty-stage-tab';

/** Names this tab, the same after a reload. */
export function thisTab(): string {
  const store = globalThis.sessionStorage as Storage | undefined;
  const known = store?.getItem(TAB);
  if (known) return known;
  const made = newId();
  store?.setItem(TAB, made);
  return made;
}
