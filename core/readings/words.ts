import type { MethodResult } from '../repertoire/measure';
import { roundedTo } from '../statistics/rounded';
import { type Figure, figureOf } from './conversions';
import { expanded } from './propagate';

/** To one figure, or two where the first is a 1: 0.12, 0.3, 4. */
function halfInWords(half: number): string {
  const size = Math.floor(Math.log10(half));
  const lead = half / 10 ** size;
  const places = Math.max(0, (lead < 1.95 ? 1 : 0) - size);
  return half.toFixed(Math.min(12, places));
}

/** What comes after a number: “ cm”, “°”, or nothing. */
export const unitAfter = (unit: string): string =>
  unit === '' ? '' : unit === '°' ? unit : ` ${unit}`;

/** “4.9 ± 0.5 m”: as many places as the uncertainty has that holds it in 95 of 100 cases. */
export function figureWords(figure: Pick<Figure, 'value' | 'u' | 'unit'>): string {
  const half = expanded(figure);
  if (!(half > 0)) return `${roundedTo(figure.value, null)}${unitAfter(figure.unit)}`;
  const give = halfInWords(half);
  const places = (give.split('.')[1] ?? '').length;
  return `${figure.value.toFixed(places)} ± ${give}${unitAfter(figure.unit)}`;
}

/** What was read, as it was: “9 cm”, “yes”, “not read”. */
export function readingWords(
  { quantity, unit }: Pick<MethodResult, 'quantity' | 'unit'>,
  value: number | null,
): string {
  if (value === null) return 'not read';
  if (quantity === 'yesNo') return value === 1 ? 'yes' : 'no';
  return `${Number(value.toPrecision(8))}${unitAfter(unit)}`;
}

/** “2.0 s: 4.9 ± 0.5 m” where it stands for another figure, else as it was read. */
export function readingInFull(result: MethodResult, value: number | null): string {
  const read = readingWords(result, value);
  const figure = value === null || !result.becomes ? null : figureOf(result, value);
  return figure ? `${read}: ${figureWords(figure)}` : read;
}
