/** What this device remembers for itself. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { System } from '../../core/units/format';
import type { Mode } from './tokens';

export const STAGE_SIZES = ['small', 'usual', 'large', 'larger'] as const;

/** What the stage does on this device. */
export interface StageSettings {
  size: (typeof STAGE_SIZES)[number];
  /** The screen stays on. */
  awake: boolean;
  /** Buzz, and tick, before a window closes. */
  vibrate: boolean;
  sound: boolean;
  /** Sounds of cues are played here. */
  plays: boolean;
}

const USUAL_STAGE: StageSettings = {
  size: 'usual',
  awake: true,
  vibrate: true,
  sound: false,
  plays: false,
};

interface Preferences {
  mode: Mode;
  /** Whose device this is, for ticks and presses; null until it is said. */
  me: string | null;
  /** How amounts are shown. */
  system: System;
  stage: StageSettings;
  setMode: (mode: Mode) => void;
  setStage: (change: Partial<StageSettings>) => void;
  setMe: (me: string | null) => void;
  setSystem: (system: System) => void;
}

export const usePreferences = create<Preferences>()(
  persist(
    (set) => ({
      mode: 'day',
      me: null,
      system: 'metric',
      stage: USUAL_STAGE,
      setStage: (change) => set(({ stage }) => ({ stage: { ...stage, ...change } })),
      setMode: (mode) => set({ mode }),
      setMe: (me) => set({ me }),
      setSystem: (system) => set({ system }),
    }),
    { name: 'hearty-stage-preferences' },
  ),
);
