/** Whether a method has to be told apart by the day: where a calculator that judges it goes by the day’s figures. */
import { resolveInputs, type Facts } from '../calculators/bind';
import { findCalculator } from '../calculators/catalogue';
import { FACTS, type FactId } from '../calculators/calculator';
import { passes } from '../calculators/edge';
import { evaluateOver } from '../calculators/range';
import type { Tries } from '../chance/spares';
import type { Method } from '../repertoire/types';

/** Figures of a day by their names, in the units they are taken down in: °C, %, m/s, hPa. */
export type DayFigures = Readonly<Record<string, number>>;

/** good: all that judges it by the day’s figures passes; poor: something does not; null where that is not known. */
export type DayKind = 'good' | 'poor' | null;

/** hPa in a kPa. */
const HPA = 10;
/** What changes from day to day, and not with the room. */
const OF_THE_DAY: readonly FactId[] = ['temperature', 'humidity', 'wind', 'pressure'];

const factsOf = (day: DayFigures): Facts =>
  Object.fromEntries(
    FACTS.map((name) => {
      const value = OF_THE_DAY.includes(name) && Object.hasOwn(day, name) ? day[name] : undefined;
      return [name, value === undefined ? null : name === 'pressure' ? value / HPA : value];
    }),
  ) as Facts;

/** What kind of day it is, or was, for a method. */
export function dayKind(
  { calculators, settings }: Pick<Method, 'calculators' | 'settings'>,
  day: DayFigures,
): DayKind {
  const facts = factsOf(day);
  const found = calculators.flatMap(({ calculator: id, inputs }): boolean[] => {
    const calculator = findCalculator(id);
    if (!calculator) return [];
    const asksDay = Object.entries(calculator.inputs).some(([name, input]) => {
      const bound = inputs.find((one) => one.input === name);
      const fact =
        bound?.from === 'day'
          ? (bound.ref as FactId)
          : !bound && input.kind === 'number'
            ? input.fact
            : undefined;
      return fact !== undefined && OF_THE_DAY.includes(fact);
    });
    if (!asksDay) return [];
    const { values, ranges, missing, unsaid } = resolveInputs(calculator, inputs, {
      settings,
      facts,
    });
    if (missing.length > 0 || unsaid.length > 0) return [];
    const evaluated = evaluateOver(calculator, values, ranges);
    return evaluated.ok ? [passes(evaluated.assessment.level)] : [];
  });
  if (found.length === 0) return null;
  return found.every(Boolean) ? 'good' : 'poor';
}

/** Goes of such a day before they count for themselves. Our own mark. */
const ENOUGH = 3;
/** All days together weigh as much as so many goes of such a day. Our own mark. */
const ALL_DAYS_WORTH = 4;

/** The record for a day of a kind: its own goes, shrunk towards those of all days; those of all where there are few. */
export function triesOn(
  kind: DayKind,
  all: Tries,
  byDay: Readonly<Record<'good' | 'poor', Tries>>,
): Tries {
  const own = kind && byDay[kind];
  if (!own || own.worked + own.failed < ENOUGH) return all;
  const n = all.worked + all.failed;
  // Jeffreys’ mean, so that a record without a failure is not taken for certain.
  const rate = (all.worked + 0.5) / (n + 1);
  return {
    worked: own.worked + ALL_DAYS_WORTH * rate,
    failed: own.failed + ALL_DAYS_WORTH * (1 - rate),
  };
}
