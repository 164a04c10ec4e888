/** What this device remembers for itself. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { System } from '../../core/units/format';
import type { Mode } from './tokens';

interface Preferences {
  mode: Mode;
  /** Whose device this is, for ticks and presses; null until it is said. */
  me: string | null;
  /** How amounts are shown. */
  system: System;
  setMode: (mode: Mode) => void;
  setMe: (me: string | null) => void;
  setSystem: (system: System) => void;
}

export const usePreferences = create<Preferences>()(
  persist(
    (set) => ({
      mode: 'day',
      me: null,
      system: 'metric',
      setMode: (mode) => set({ mode }),
      setMe: (me) => set({ me }),
      setSystem: (system) => set({ system }),
    }),
    { name: 'hearty-stage-preferences' },
  ),
);
