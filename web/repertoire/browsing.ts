/**
 * What the page of demonstrations is asked: for which show, what was said over that, and what is looked for. Kept as
 * long as the application is open, so that one comes back to it from a demonstration.
 */
import { create } from 'zustand';
import { ANYTHING, type BrowseWishes } from '../../core/library/browse';
import { NO_FIT_WISHES, type FitWishes } from '../../core/proposal/fitWishes';
import type { Said } from './said';

interface Browsing {
  /** The show whose setting it is, null for none; undefined for the next one, as long as nobody chose. */
  about: string | null | undefined;
  /** Said over what that show says. */
  said: Partial<Said>;
  without: FitWishes['without'];
  /** Only with what is in the house. */
  inHouse: boolean;
  wanted: BrowseWishes;
}

const AT_FIRST = { said: {}, without: NO_FIT_WISHES.without, inHouse: false };

export const useBrowsing = create<Browsing>()(() => ({
  ...AT_FIRST,
  about: undefined,
  wanted: ANYTHING,
}));

const set = useBrowsing.setState;

/** Another show’s setting, with nothing said over it. */
export const browseFor = (about: string | null): void => set({ ...AT_FIRST, about });

export const say = (more: Partial<Said>): void =>
  set(({ said }) => ({ said: { ...said, ...more } }));

export const choose = (more: Partial<Pick<Browsing, 'without' | 'inHouse'>>): void => set(more);

export const lookFor = (more: Partial<BrowseWishes>): void =>
  set(({ wanted }) => ({ wanted: { ...wanted, ...more } }));

export const lookForAll = (): void => set({ wanted: ANYTHING });
