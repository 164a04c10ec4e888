/** First names of who has been asked, kept on this device for the day and gone the next: nobody’s record. */
import dayjs from 'dayjs';
import { useEffect } from 'react';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface NamesAsked {
  /** YYYY-MM-DD of this device. */
  day: string;
  names: readonly string[];
  add: (name: string) => void;
  remove: (name: string) => void;
  /** What is of another day. */
  forget: () => void;
}

const today = (): string => dayjs().format('YYYY-MM-DD');

/** First names only: what stands behind a space is left out. */
const firstName = (typed: string): string => typed.trim().split(/\s+/u)[0]?.slice(0, 30) ?? '';

const useNamesAsked = create<NamesAsked>()(
  persist(
    (set) => ({
      day: today(),
      names: [],
      add: (typed) =>
        set(({ day, names }) => {
          const name = firstName(typed);
          const known = day === today() ? names : [];
          return name === '' ? {} : { day: today(), names: [...known, name] };
        }),
      forget: () => set(({ day }) => (day === today() ? {} : { day: today(), names: [] })),
      remove: (name) =>
        set(({ names }) => {
          const at = names.lastIndexOf(name);
          return { names: names.filter((_, i) => i !== at) };
        }),
    }),
    {
      name: 'hearty-stage-asked',
      onRehydrateStorage: () => (kept) => kept?.forget(),
    },
  ),
);

/** Those of today; what was left of another day is thrown away, also where it was kept. */
export function useNamesToday(): Pick<NamesAsked, 'names' | 'add' | 'remove'> {
  const { day, names, add, remove, forget } = useNamesAsked();
  useEffect(() => forget(), [forget]);
  return { names: day === today() ? names : [], add, remove };
}
