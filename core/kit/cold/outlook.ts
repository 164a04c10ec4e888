/** The same calculation at the show, from a measured level. */
import { formatClock, parseClock } from '../../time/clock';
import type { System } from '../../units/format';
import { type ColdBudget, coldText } from './budget';
import type { ColdDraw } from './draws';

export interface ColdOutlook {
  enough: boolean;
  /** Above what is still wanted; negative when it is less. The reserve is not counted as wanted. */
  over: number;
  /** The first demo that would run short; null when none does. */
  short: string | null;
  /** “4.1 L left at 14:12: enough, 0.6 L over”. */
  words: string;
}

/**
 * From what is there at a moment, in seconds from the show's start. What is still to be drawn is, by the
 * plan, every draw from then on; at a show that runs late or out of order, those of the slots `toCome`.
 */
export function coldOutlook(
  budget: ColdBudget,
  level: { at: number; amount: number },
  startClock: number,
  system: System = 'metric',
  toCome: ReadonlySet<string> | null = null,
): ColdOutlook {
  const text = (base: number): string => coldText(budget.item, Math.abs(base), system);
  const coming = budget.draws.filter((draw) =>
    toCome === null ? draw.at >= level.at : toCome.has(draw.slotId),
  );
  const last: ColdDraw | undefined = coming.at(-1);
  let left = level.amount;
  let at = level.at;
  let short: string | null = null;
  for (const draw of coming) {
    const waits = Math.max(0, draw.at - at);
    left -= (budget.lossPerHour * waits) / 3600 + draw.total;
    at += waits;
    if (left < -draw.total * 0.001 && short === null) short = draw.demoName;
  }
  const over = left;
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
  toCome: ReadonlySet<string> | null = null,
): ColdOutlook | null {
  const { measured } = budget.plan;
  if (!measured) return null;
  const startClock = parseClock(start);
  return coldOutlook(
    budget,
    { at: parseClock(measured.at) - startClock, amount: measured.amount },
    startClock,
    system,
    toCome,
  );
}
