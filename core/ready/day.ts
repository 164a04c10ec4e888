/** The figures of the day in a few words. */
import type { Conditions } from '../brief/types';
import { formatAmount } from '../units/format';

/** “17 °C, 48 %, 4 m/s”; empty while nothing was measured. */
export function conditionsInWords(of: Conditions): string {
  const { temperature, humidity, people, wind, sound, pressure, takenAt } = of;
  const figures = [
    temperature !== null && formatAmount(temperature, 'degC'),
    humidity !== null && `${humidity} % humidity`,
    people !== null && `${people} people`,
    wind !== null && formatAmount(wind, 'mps'),
    sound !== null && `${sound} dB(A)`,
    pressure !== null && formatAmount(pressure, 'hPa'),
  ].filter((words) => words !== false);
  if (figures.length === 0) return '';
  return `${figures.join(', ')}${takenAt === null ? '' : `, at ${takenAt}`}`;
}
