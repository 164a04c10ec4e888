/** A series, or what it found, as a slot of a show. */
import type { SideBySide, Slot, StationAmount } from '../brief/types';
import { parseAmount } from '../units/parse';
import type { UnitId } from '../units/units';
import { levelWords } from './claim';
import { inOrder } from './design';
import type { TrialSeries } from './series';
import type { Level } from './types';

type Taking = Pick<TrialSeries, 'kit'>;

/** What one station takes at a level; what it takes none of is left out. */
export const amountsAt = ({ kit }: Taking, level: Level): StationAmount[] =>
  kit.flatMap(({ itemId, unit, perGo, perAmount }) => {
    const amount = perGo + perAmount * (level.value ?? 0);
    return amount > 0 ? [{ itemId, unit, amount }] : [];
  });

/** How the level is written at its station. */
const labelOf = ({ variable }: Pick<TrialSeries, 'variable'>, level: Level): string =>
  levelWords(level, { factor: '', levelUnit: variable.unit });

type Used = Pick<TrialSeries, 'id' | 'variable' | 'kit'>;

/** The unit that a word such as “teaspoons” is for; null for none that is known. */
export const unitIn = (words: string): UnitId | null => {
  const parsed = parseAmount(`1 ${words}`);
  return words !== '' && parsed.ok ? parsed.value.unit : null;
};

const settingAt = ({ variable }: Pick<TrialSeries, 'variable'>, values: readonly Level[]) => {
  const amounts = values.flatMap(({ value }) => value ?? []);
  return variable.settingId === null || amounts.length === 0
    ? null
    : { id: variable.settingId, value: Math.max(...amounts), unit: unitIn(variable.unit) };
};

/** Every level at a station of its own, each read once a go. */
export const seriesInShow = (trial: Used & Pick<TrialSeries, 'levels' | 'measure'>): SideBySide => {
  const levels = inOrder(trial.levels);
  return {
    kind: 'series',
    trialId: trial.id,
    stations: levels.map((level) => ({
      id: `station-${level.id}`,
      label: labelOf(trial, level),
      levelId: level.id,
      amounts: amountsAt(trial, level),
    })),
    spares: 0,
    // What is judged is the most that any station has.
    setting: settingAt(trial, levels),
    measure: trial.measure,
  };
};

/** So many stations, each at the level that was found. */
export const finaleInShow = (
  trial: Used,
  level: Level,
  { stations, spares }: { stations: number; spares: number },
): SideBySide => ({
  kind: 'finale',
  trialId: trial.id,
  stations: Array.from({ length: stations }, (_, i) => ({
    id: `station-${i + 1}`,
    label: labelOf(trial, level),
    levelId: level.id,
    amounts: amountsAt(trial, level),
  })),
  spares,
  setting: settingAt(trial, [level]),
  measure: null,
});

/** A demo’s slot as one of several side by side: gone through once, worth most where it is the finale. */
export const besideSlot = (fresh: Slot, sideBySide: SideBySide): Slot => ({
  ...fresh,
  again: 0,
  worth: sideBySide.kind === 'finale' ? 5 : fresh.worth,
  sideBySide,
});
