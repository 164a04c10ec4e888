/** A demonstration that is being written and is not kept yet: on this device, through reloads. */
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface Draft {
  text: string;
  setText: (text: string) => void;
}

export const useDraft = create<Draft>()(
  persist((set): Draft => ({ text: '', setText: (text) => set({ text }) }), {
    name: 'hearty-stage-told-draft',
    partialize: ({ text }) => ({ text }),
  }),
);
