import { CONDITION_FIGURES, type Conditions } from './types';

/** The figures that are there, by their names; only those that somebody measured where that is asked. */
export const dayFigures = (
  conditions: Conditions,
  which: 'all' | 'measured' = 'all',
): Record<string, number> =>
  Object.fromEntries(
    CONDITION_FIGURES.flatMap((name) => {
      const value = conditions[name];
      const counts = which === 'all' || conditions.measured.includes(name);
      return value !== null && counts ? [[name, value] as const] : [];
    }),
  );
