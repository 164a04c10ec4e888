/** What the readings of a result say, in sentences. */
import { roundedTo } from '../statistics/rounded';
import { counted, upperFirst } from '../words';
import { figureUnit } from './conversions';
import type { ReadingSummary } from './record';
import { figureWords, unitAfter } from './words';

/** “Height of the foam: 38 cm at a go, from 34 to 42; best 62 cm, Hollin School morning”. */
export function summaryWords({ result, mean, low, high, figures, best }: ReadingSummary): string {
  const { unit } = figureUnit(result);
  const n = counted(figures.length, 'reading');
  if (mean === null) return 'Not read yet.';
  if (result.quantity === 'yesNo') {
    const yes = figures.filter(({ figure }) => figure.value === 1).length;
    return `Yes ${yes} of ${figures.length}.`;
  }
  const [one] = figures;
  if (figures.length === 1 && one) return `${figureWords(one.figure)}, read once.`;
  const half = low === null || high === null ? null : (high - low) / 2;
  const told = (value: number): string => `${roundedTo(value, half)}${unitAfter(unit)}`;
  const mostly =
    low === null || high === null
      ? ''
      : `, mean between ${roundedTo(low, half)} and ${told(high)} by ${n}`;
  const bestWords = best
    ? ` Best ${figureWords({ ...best.figure, u: 0 })}${best.told.of && `, ${best.told.of}`}.`
    : '';
  return `${told(mean)} at a go${mostly}.${bestWords}`;
}

/** What the best reading and the spread, the drift and the day say more; a sentence each. */
export function moreWords(
  { result, sd, drift, goesWith, notRead, mean }: ReadingSummary,
  nameOf: (condition: string) => string,
): string[] {
  const { unit } = figureUnit(result);
  const lines: string[] = [];
  if (sd !== null && mean !== null)
    lines.push(`From go to go it differs by ${roundedTo(sd, sd)}${unitAfter(unit)}.`);
  if (drift) {
    const by = Math.abs(drift.perReading);
    const way = drift.perReading < 0 ? 'falling' : 'rising';
    lines.push(
      `It is ${way}: about ${roundedTo(by, by)}${unitAfter(unit)} from one reading to the next.`,
    );
  }
  for (const { name, tau, n } of goesWith)
    lines.push(
      `It goes ${tau > 0 ? 'up' : 'down'} with the ${nameOf(name)}, by ${counted(n, 'reading')}.`,
    );
  if (notRead > 0) lines.push(`${upperFirst(counted(notRead, 'go'))} not read.`);
  return lines;
}
