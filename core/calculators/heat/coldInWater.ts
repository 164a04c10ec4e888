import { COLD, type ColdKind } from '../../repertoire/materials';
import { requireAtLeast } from '../require';
import {
  calculator,
  number,
  pressureInput,
  temperatureInput,
  toThreeFigures,
  workingStep,
} from '../calculator';
import { gasFrom } from '../cold/gasFrom';
import { littleColdKindInput } from '../cold/kind';

/** J/(g K) of water and kJ/g of ice (CRC Handbook, from memory). */
const WATER = 4.18;
const ICE = 0.334;
/** °C below which warm fog no longer pours. Our own mark; common practice has warm water. */
const FOGS = 15;

export interface Poured {
  kind: ColdKind;
  /** mL of nitrogen or g of dry ice. */
  cold: number;
  /** mL. */
  water: number;
  /** °C. */
  from: number;
}

/**
 * How cold water gets when a cold liquid or dry ice is poured into it and all of it turns to gas there. Only
 * the heat that turns it to gas counts: the gas leaves as cold as it came.
 *
 * @returns °C, and g of ice once it is at freezing
 * @throws RangeError without water and on a negative amount
 */
export function waterAfter({ kind, cold, water, from }: Poured): { celsius: number; ice: number } {
  requireAtLeast('cold', cold, 0);
  requireAtLeast('water', water, 0, true);
  const { latent, gramsPerBase } = COLD[kind];
  const kilojoules = (cold * gramsPerBase * latent) / 1000;
  const celsius = from - (kilojoules * 1000) / (water * WATER);
  if (celsius >= 0) return { celsius, ice: 0 };
  const rest = (-celsius * water * WATER) / 1000;
  return { celsius: 0, ice: Math.min(water, rest / ICE) };
}

/** Cold poured into warm water: how cold does it get, and how much gas comes off? */
export const coldInWater = calculator({
  id: 'cold-in-water',
  family: 'heat',
  title: 'How cold does the water get, and how much gas comes off?',
  question:
    'Liquid nitrogen or dry ice goes into warm water for a fog: how cold does the water get, and for how many more goes is it warm enough?',
  inputs: {
    kind: littleColdKindInput('Poured in', 'dryIce'),
    cold: number({
      label: 'How much each time, mL or g',
      unit: 'piece',
      also: ['mL', 'g'],
      least: 0,
      most: 20_000,
      usual: 100,
      slide: [10, 1000],
      change: 10,
    }),
    water: number({
      label: 'Water',
      unit: 'mL',
      least: 1,
      most: 200_000,
      usual: 2000,
      slide: [200, 10_000],
      change: 100,
    }),
    from: number({
      label: 'Water at first',
      unit: 'degC',
      least: 0,
      most: 100,
      usual: 45,
      slide: [5, 80],
      change: 1,
    }),
    goes: number({
      label: 'Times',
      unit: 'piece',
      least: 1,
      most: 100,
      usual: 1,
      slide: [1, 10],
      change: 1,
    }),
    temperature: temperatureInput,
    pressure: pressureInput,
  },
  grounds: {
    formula: 't = t₀ − n·m·L/(4.18 J/(g K)·water); below 0 °C ice; gas n·R·T/p',
    validity:
      'All of it turns to gas in the water and the gas leaves cold: the warm side. Gas counted at room temperature.',
    source:
      'heats of vaporisation and sublimation as for chilling; CRC Handbook (source not checked)',
    check: '1 kg of dry ice is 0.547 m³ at 20 °C; heat balance',
  },
  evaluate: (v) => {
    const all = v.cold * v.goes;
    const { celsius, ice } = waterAfter({ ...v, cold: all });
    const gas = gasFrom(v.kind, all / 1000, v.temperature, v.pressure / 10);
    const warm = celsius >= FOGS;
    return {
      level: warm ? 'ok' : 'watch',
      final: false,
      message: `The water ends at ${toThreeFigures(celsius)} °C${ice > 0 ? ` with ${toThreeFigures(ice)} g of ice` : ''}, and ${toThreeFigures(gas)} L of gas come off.`,
      figure: `${toThreeFigures(celsius)} °C, ${toThreeFigures(gas)} L`,
      limit: `${FOGS} °C, below which fog is thin`,
      source: 'heat balance; CRC Handbook, NIST (sources not checked)',
      remedy: [
        warm ? '' : 'More or warmer water, or fresh water between goes.',
        'Open vessel, never a lid. Fog flows low: its gas counts for the room, and nobody bends into it.',
        v.from > 60 ? 'Water above 60 °C scalds and spits: goggles, nobody near.' : '',
      ]
        .filter(Boolean)
        .join(' '),
      steps: [
        workingStep(
          'Water',
          `${toThreeFigures(celsius)} °C`,
          't₀ − m·L / (4.18 J/(g K) × water)',
          'heat balance',
        ),
        workingStep('Gas', `${toThreeFigures(gas)} L`, 'n × R·T / p', 'ideal gas'),
      ],
    };
  },
  curve: {
    label: 'Water ends at',
    unit: '°C',
    at: (v) => waterAfter({ ...v, cold: v.cold * v.goes }).celsius,
    limits: () => [{ label: 'fog is thin below', value: FOGS }],
  },
});
