/**
 * A stored thing being edited on this page: what is typed shows at once, is sent shortly after, can be
 * undone, and is brought together with what others store in the meantime. What is not sent yet is also
 * kept on the device.
 */
import same from 'fast-deep-equal';
import { type StoreApi, createStore } from 'zustand/vanilla';
import type { Versioned } from '../../contract/api';
import { ApiError, newId } from '../app/api';
import { apply, changesBetween, standing } from './changes';
import { browserDevice, type Device, Drafts, type FoundDraft, LEFT_AFTER, thisTab } from './drafts';
import { type History, NO_HISTORY, record, redo, undo } from './history';
import type { Path } from './keyed';
import { merge, mergeTakingTheirs } from './merge';
import { next, type SaveEvent, type SaveState } from './saving';
import { httpTransport, type Failure, type Transport } from './transport';

export interface Conflict<T> {
  theirs: Versioned<T>;
  paths: Path[];
}

export interface DocumentState<T> {
  /** As it is on this page; null until loaded. */
  value: T | null;
  /** As the server last told it. */
  base: Versioned<T> | null;
  loadError: ApiError | null;
  save: SaveState;
  conflict: Conflict<T> | null;
  /** What another page changed and was taken in beside this page's own. */
  takenIn: Path[];
  /** What the last undo or redo left as it is, because another page has changed it since. */
  notUndone: Path[];
  history: History;
  /** As it stands in the fields, where that can't all be saved; null where it can. */
  typed: T | null;
  /** Where in `typed` something can't be saved yet. */
  unfit: Path[];
  /** Typed on this device before, and never saved. */
  leftBehind: FoundDraft<T> | null;
}

interface Surroundings<T> {
  transport?: Transport<T>;
  device?: Device;
  page?: string;
  tab?: string;
}

const bare = <T>(stored: Versioned<T>): T => {
  const { version: _version, ...value } = stored;
  return value as unknown as T;
};

/**
 * What the page's changes are made from, where answers were lost: `base`, with those changes of what
 * was sent and not answered that are in `stored`, and so did arrive.
 */
function madeFrom<T extends object>(base: T, uncertain: readonly T[], stored: T): T {
  const arrived = uncertain.flatMap((sent) => standing(stored, changesBetween(base, sent)));
  return apply(base, arrived).value;
}

const errorOf = (failure: Failure): ApiError => {
  if (failure.why === 'refused') return failure.error;
  const words = {
    unreached: 'Hearty Stage can’t be reached. Is it still running?',
    trouble: 'Hearty Stage can’t read this just now.',
    outdated: 'This was changed elsewhere.',
    removed: 'This was removed. It can be brought back.',
  };
  const message = failure.why === 'trouble' ? failure.message : words[failure.why];
  return new ApiError(failure.why === 'removed' ? 410 : 0, failure.why, message, []);
};

export class DocumentStore<T extends { id: string }> {
  readonly state: StoreApi<DocumentState<T>>;
  private readonly transport: Transport<T>;
  private readonly drafts: Drafts<T>;
  private timer: ReturnType<typeof setTimeout> | undefined;
  /** What was sent since `base` and never answered: it may be stored or not. */
  private uncertain: T[] = [];
  /** It was stored elsewhere while a request of this page was under way. */
  private missed = false;
  /** The request under way, for those who wait for it. */
  private underWay: Promise<void> = Promise.resolve();

  constructor(path: string, id: string, around: Surroundings<T> = {}) {
    const url = `${path}/${id}`;
    this.transport = around.transport ?? httpTransport<T>(url);
    this.drafts = new Drafts<T>(
      around.device ?? browserDevice(),
      url,
      around.page ?? newId(),
      around.tab ?? thisTab(),
    );
    this.state = createStore<DocumentState<T>>(() => ({
      value: null,
      base: null,
      loadError: null,
      save: { is: 'saved' },
      conflict: null,
      takenIn: [],
      notUndone: [],
      history: NO_HISTORY,
      typed: null,
      unfit: [],
      leftBehind: null,
    }));
  }

  /** Something here is not on the server. */
  get unsaved(): boolean {
    return this.dirty || this.uncertain.length > 0 || this.state.getState().typed !== null;
  }

  /** Something here is not on the server, and leaving would not send it. */
  get stuck(): boolean {
    const { save, typed } = this.state.getState();
    const onItsWay = save.is === 'waiting' || save.is === 'sending' || save.is === 'catchingUp';
    return typed !== null || (this.dirty && !onItsWay);
  }

  private get dirty(): boolean {
    const { value, base } = this.state.getState();
    return value !== null && base !== null && !same(value, bare(base));
  }

  private set(state: Partial<DocumentState<T>>): void {
    this.state.setState({ ...this.typedBeside(state), ...state });
    const { value, base, typed } = this.state.getState();
    if (!value || !base) return;
    if (this.unsaved) this.drafts.keep({ base, value, typed, uncertain: this.uncertain });
    else this.drafts.drop();
  }

  /** What stands in the fields, brought together with a value that changes under it. */
  private typedBeside({ value: to }: Partial<DocumentState<T>>): Partial<DocumentState<T>> {
    const { value, typed, unfit } = this.state.getState();
    if (!to || !value || typed === null || same(to, value)) return {};
    const beside = merge(value, typed, to).value;
    return same(beside, to) ? { typed: null, unfit: [] } : { typed: beside, unfit };
  }

  private happen(event: SaveEvent): void {
    const [save, effect] = next(this.state.getState().save, event);
    this.set({ save });
    if (this.missed && save.is !== 'sending' && save.is !== 'catchingUp') {
      this.missed = false;
      void this.load();
    }
    if (effect.do === 'nothing') return;
    clearTimeout(this.timer);
    if (effect.do === 'wait')
      this.timer = setTimeout(() => this.happen({ event: 'due' }), effect.ms);
    else if (effect.do === 'send') this.underWay = this.send();
    else this.underWay = this.catchUp();
  }

  private async send(last = false): Promise<void> {
    const { value, base } = this.state.getState();
    if (!value || !base) return;
    if (!this.dirty) {
      // Taken back before it was known whether it had arrived: that must be looked up.
      if (this.uncertain.length > 0) this.happen({ event: 'failed', failure: { why: 'outdated' } });
      else this.happen({ event: 'stored', clean: true });
      return;
    }
    const answer = await this.transport.write(value, base.version, last);
    if (!answer.ok) {
      const { why } = answer.failure;
      if (why === 'unreached' || why === 'trouble') this.uncertain.push(value);
      this.happen({ event: 'failed', failure: answer.failure });
      return;
    }
    this.uncertain = [];
    // Typed since, and what the server made of what it was sent, such as a number rounded.
    const now = this.state.getState().value ?? value;
    this.set({ base: answer.stored, value: merge(value, now, bare(answer.stored)).value });
    this.happen({ event: 'stored', clean: !this.dirty });
  }

  private async catchUp(): Promise<void> {
    const answer = await this.transport.read();
    if (answer.ok) this.bringTogether(answer.stored);
    else this.happen({ event: 'failed', failure: answer.failure });
  }

  /** What others stored, beside what is typed here; asks where both changed the same. */
  private bringTogether(theirs: Versioned<T>): void {
    const { value, base } = this.state.getState();
    if (!value || !base) return;
    const from = madeFrom(bare(base), this.uncertain, bare(theirs));
    const merged = merge(from, value, bare(theirs));
    this.uncertain = [];
    if (merged.conflicts.length > 0) {
      this.set({
        base: { ...from, version: base.version },
        conflict: { theirs, paths: merged.conflicts },
      });
      this.happen({ event: 'broughtTogether', clean: false, conflict: true });
      return;
    }
    const mine = this.dirty;
    this.set({
      base: theirs,
      value: merged.value,
      conflict: null,
      takenIn: mine ? merged.theirs : [],
    });
    this.happen({ event: 'broughtTogether', clean: !this.dirty, conflict: false });
  }

  /** Reads it, at first or because it was stored elsewhere. */
  async load(): Promise<void> {
    const answer = await this.transport.read();
    const { value, base, save } = this.state.getState();
    if (save.is === 'sending' || save.is === 'catchingUp') {
      this.missed = true;
      return;
    }
    if (!answer.ok) {
      this.notLoaded(answer.failure);
      return;
    }
    const { stored } = answer;
    if (!value || !base) {
      this.state.setState({ base: stored, value: bare(stored), loadError: null });
      this.lookForDrafts();
      // A page that was closed just now may look as if it were still open.
      setTimeout(() => this.lookForDrafts(), LEFT_AFTER);
      return;
    }
    this.state.setState({ loadError: null });
    // An answer that was overtaken on its way.
    if (stored.version > base.version || save.is === 'removed') this.bringTogether(stored);
  }

  private notLoaded(failure: Failure): void {
    const { value } = this.state.getState();
    const [draft] = value ? [] : this.drafts.leftBehind();
    if (value && failure.why === 'removed') this.happen({ event: 'failed', failure });
    else if (draft && (failure.why === 'unreached' || failure.why === 'trouble')) {
      // Nothing to offer it beside: it is gone on with, and sent when there is a connection.
      this.drafts.drop(draft.key);
      this.uncertain = draft.uncertain;
      this.set({ base: draft.base, value: draft.value, typed: draft.typed });
      this.happen({ event: 'failed', failure });
    } else if (!value || failure.why === 'refused')
      this.state.setState({ loadError: errorOf(failure) });
  }

  private lookForDrafts(): void {
    const { base } = this.state.getState();
    if (!base) return;
    for (const draft of this.drafts.leftBehind()) {
      const from = madeFrom(bare(draft.base), draft.uncertain, bare(base));
      const merged = merge(from, draft.typed ?? draft.value, bare(base));
      if (merged.conflicts.length === 0 && same(merged.value, bare(base)))
        this.drafts.drop(draft.key);
      else {
        this.state.setState({ leftBehind: draft });
        return;
      }
    }
    this.state.setState({ leftBehind: null });
  }

  /** Puts back what was typed before and never saved; asks where it was changed elsewhere since. */
  takeUpDraft(): void {
    const { leftBehind, value, base, history, typed } = this.state.getState();
    if (!leftBehind || !value || !base) return;
    const was = madeFrom(bare(leftBehind.base), leftBehind.uncertain, bare(base));
    const steps = changesBetween(was, leftBehind.value);
    const taken = {
      history: steps.length > 0 ? record(history, steps, null) : history,
      typed: leftBehind.typed && merge(was, leftBehind.typed, typed ?? value).value,
    };
    if (this.dirty) {
      this.set({ ...taken, value: merge(was, leftBehind.value, value).value });
      this.happen({ event: 'changed' });
    } else {
      this.set({ ...taken, base: { ...was, version: base.version }, value: leftBehind.value });
      this.bringTogether(base);
    }
    this.drafts.drop(leftBehind.key);
    this.lookForDrafts();
  }

  letDraftGo(): void {
    const { leftBehind } = this.state.getState();
    if (leftBehind) this.drafts.drop(leftBehind.key);
    this.lookForDrafts();
  }

  change(to: T | ((value: T) => T)): void {
    const { value, history } = this.state.getState();
    if (value === null) return;
    const changed = typeof to === 'function' ? to(value) : to;
    const changes = changesBetween(value, changed);
    if (changes.length === 0) return;
    this.set({
      value: changed,
      history: record(history, changes, Date.now()),
      takenIn: [],
      notUndone: [],
    });
    this.happen({ event: 'changed' });
  }

  /**
   * What stands in the fields, and what of it is fit to be saved: that is saved, the rest is remembered
   * as it is typed, and said to be in the way at `unfit`.
   */
  type(fit: T, typed: T, unfit: Path[]): void {
    this.change(fit);
    const now = this.state.getState();
    const left = unfit.length > 0 ? typed : null;
    if (!same(left, now.typed) || !same(unfit, now.unfit)) this.set({ typed: left, unfit });
  }

  undo(): void {
    this.step(undo);
  }

  redo(): void {
    this.step(redo);
  }

  private step(way: typeof undo): void {
    const { value, history } = this.state.getState();
    const stepped = value && way(value, history);
    if (!stepped) return;
    this.set({
      value: stepped.value,
      history: stepped.history,
      notUndone: stepped.skipped,
      takenIn: [],
    });
    if (this.dirty || this.state.getState().save.is !== 'saved') this.happen({ event: 'changed' });
  }

  /** Decides a conflict: mine over theirs where both changed, or theirs. Undo brings the other back. */
  settle(choice: 'mine' | 'theirs'): void {
    const { value, base, conflict, history } = this.state.getState();
    if (!value || !base || !conflict) return;
    const theirs = bare(conflict.theirs);
    const mine = merge(bare(base), value, theirs).value;
    const other = mergeTakingTheirs(bare(base), value, theirs);
    const [chosen, left] = choice === 'mine' ? [mine, other] : [other, mine];
    this.set({
      value: chosen,
      base: conflict.theirs,
      conflict: null,
      history: record(history, changesBetween(left, chosen), null),
    });
    this.happen({ event: 'settled', clean: !this.dirty });
  }

  async bringBack(): Promise<void> {
    const answer = await this.transport.restore();
    if (answer.ok) {
      this.bringTogether(answer.stored);
      return;
    }
    const { failure } = answer;
    if (failure.why !== 'removed') throw errorOf(failure);
  }

  /** Sends what is waiting at once. `last`: the page is going. */
  flush(last = false): void {
    const { save } = this.state.getState();
    if (!this.dirty || (save.is !== 'waiting' && save.is !== 'offline')) return;
    clearTimeout(this.timer);
    this.set({ save: { is: 'sending' } });
    this.underWay = this.send(last);
  }

  /** Sends what is waiting, and gives the version that the server then has. */
  async versionNow(): Promise<number | null> {
    this.flush();
    await this.underWay;
    return this.state.getState().base?.version ?? null;
  }
}
