import { create } from 'zustand';

interface FindState {
  open: boolean;
  setOpen: (open: boolean) => void;
}

export const useFind = create<FindState>()((set) => ({
  open: false,
  setOpen: (open) => set({ open }),
}));
