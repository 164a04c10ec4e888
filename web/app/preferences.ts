/** What this device remembers for itself. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { Mode } from './tokens';

interface Preferences {
  mode: Mode;
  /** Whose device this is, for ticks and presses; null until somebody says. */
  me: string | null;
  setMode: (mode: Mode) => void;
  setMe: (me: string | null) => void;
}

export const usePreferences = create<Preferences>()(
  persist(
    (set) => ({
      mode: 'day',
      me: null,
      setMode: (mode) => set({ mode }),
      setMe: (me) => set({ me }),
    }),
    { name: 'hearty-stage-preferences' },
  ),
);
