/** A demonstration that is being written and is not kept yet: on this device, through reloads. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { Face } from '../../core/repertoire/face';
import type { HazardKind } from '../../core/repertoire/types';

/** What is said of it beside its text. */
export interface Beside {
  /** Null for the one of before, or as guessed. */
  face: Face | null;
  /** Hazards that were looked at and taken on. */
  hazards: readonly HazardKind[];
}

export const NOTHING_BESIDE: Beside = { face: null, hazards: [] };

interface Draft {
  text: string;
  beside: Beside;
}

const EMPTY: Draft = { text: '', beside: NOTHING_BESIDE };

export const useDraft = create<Draft>()(
  persist((): Draft => EMPTY, { name: 'hearty-stage-told-draft' }),
);

export const draft = (more: Partial<Draft>): void => {
  useDraft.setState(more);
};
export const forgetDraft = (): void => draft(EMPTY);
