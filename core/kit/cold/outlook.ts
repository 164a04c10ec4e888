/** The same sum at the show, from a level that somebody measured. */
import { formatClock, parseClock } from '../../time/clock';
import type { System } from '../../units/format';
import { type ColdBudget, coldText } from './budget';
import type { Draw } from './draws';

export interface ColdOutlook {
  enough: boolean;
  /** Above what is still wanted; negative when it is less. The reserve is not counted as wanted. */
  over: number;
  /** The first demo that would run short; null when none does. */
  short: string | null;
  /** “4.1 L left at 14:12: enough, 0.6 L over”. */
  words: string;
}

/** `at` in seconds from the show's start; draws from then on, less those already done, are still to come. */
export function coldOutlook(
  budget: ColdBudget,
  level: { at: number; amount: number },
  startClock: number,
  system: System = 'metric',
  done: readonly string[] = [],
): ColdOutlook {
  const text = (base: number): string => coldText(budget.item, Math.abs(base), system);
  const coming = budget.draws.filter((d) => d.at >= level.at && !done.includes(d.slotId));
  const last: Draw | undefined = coming.at(-1);
  const drawn = coming.reduce((sum, draw) => sum + draw.total, 0);
  const gone = last ? (budget.lossPerHour * (last.at - level.at)) / 3600 : 0;
  const over = level.amount - drawn - gone;
  let left = level.amount;
  let at = level.at;
  let short: string | null = null;
  for (const draw of coming) {
    left -= (budget.lossPerHour * (draw.at - at)) / 3600 + draw.total;
    at = draw.at;
    if (left < -draw.total * 0.001 && short === null) short = draw.demoName;
  }
  const head = `${text(level.amount)} left at ${formatClock(startClock + level.at)}`;
  const words = !last
    ? `${head}: nothing more is drawn`
    : short !== null
      ? `${head}: ${short} would run short, ${text(over)} too little`
      : `${head}: enough, ${text(over)} over`;
  return { enough: short === null, over, short, words };
}

/** What was measured, as the budget's plan keeps it; null when nothing was. */
export function measuredOutlook(
  budget: ColdBudget,
  start: string,
  system: System = 'metric',
): ColdOutlook | null {
  const { measured } = budget.plan;
  if (!measured) return null;
  const startClock = parseClock(start);
  return coldOutlook(
    budget,
    { at: parseClock(measured.at) - startClock, amount: measured.amount },
    startClock,
    system,
  );
}
