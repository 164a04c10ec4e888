import { requireAtLeast } from '../require';
import { calculator, number, temperatureInput, toThreeFigures, workingStep } from '../calculator';
import { sayDuration } from '../../time/clock';

/** J/(g K) of water and aluminium, kJ/g of steam, L of steam at 100 °C from a gram (CRC Handbook, from memory). */
const WATER = 4.18;
const ALUMINIUM = 0.9;
const STEAM = 2.257;
const STEAM_LITRES = 1.673;
/** Share of the air that may be left for the can to fold up well. Our own mark. */
const LEFT = 0.01;
/** Share of the water that may boil off before it is too near to dry. Our own mark. */
const DRY = 0.6;

export interface Can {
  /** W that get into the can. */
  power: number;
  /** mL. */
  water: number;
  /** mL that the can holds. */
  holds: number;
  /** g of aluminium. */
  metal: number;
  /** °C. */
  temperature: number;
}

export interface Boiling {
  /** s until it boils. */
  boils: number;
  /** s after that until the air is driven out, and until too little water is left. */
  from: number;
  until: number;
}

/**
 * When a can is full of steam: it warms, then steam drives the air out, well mixed, e^(−steam / space).
 *
 * @throws RangeError without power, water, or with more water than it holds
 */
export function boilingOf(v: Can): Boiling {
  requireAtLeast('power', v.power, 0, true);
  requireAtLeast('water', v.water, 0, true);
  requireAtLeast('space', v.holds - v.water, 0, true);
  const boils =
    (Math.max(0, 100 - v.temperature) * (v.water * WATER + v.metal * ALUMINIUM)) / v.power;
  const litresASecond = (v.power / 1000 / STEAM) * STEAM_LITRES;
  const space = (v.holds - v.water) / 1000;
  return {
    boils,
    from: (-Math.log(LEFT) * space) / litresASecond,
    until: (DRY * v.water * STEAM) / (v.power / 1000),
  };
}

/** Share of the first air that is left so many seconds after it boils. */
export const airAfter = (v: Can, seconds: number): number => LEFT ** (seconds / boilingOf(v).from);

interface Inputs extends Can {
  waited: number;
}

const canOf = ({ waited: _waited, ...can }: Inputs): Can => can;

/** A can with a little water on a hot plate: when does it steam, and when is it full of steam? */
export const steamCan = calculator({
  id: 'steam-can',
  family: 'heat',
  title: 'When is the can full of steam?',
  question:
    'A little water boils in a can before it is turned over into cold water: when does it steam, and how long after that?',
  inputs: {
    power: number({
      label: 'Gets into the can',
      unit: 'W',
      least: 1,
      most: 5000,
      usual: 50,
      slide: [10, 300],
    }),
    water: number({
      label: 'Water in the can',
      unit: 'mL',
      least: 0.5,
      most: 2000,
      usual: 12,
      slide: [5, 50],
      change: 1,
    }),
    holds: number({
      label: 'Can holds',
      unit: 'mL',
      least: 5,
      most: 25_000,
      usual: 330,
      slide: [100, 1000],
    }),
    metal: number({
      label: 'Can weighs',
      unit: 'g',
      least: 0,
      most: 5000,
      usual: 13,
      slide: [5, 100],
    }),
    waited: number({
      label: 'Waited after it boils',
      unit: 's',
      least: 0,
      most: 3600,
      usual: 70,
      slide: [0, 200],
      change: 5,
    }),
    temperature: temperatureInput,
  },
  faults: (v) => ({
    water: v.water >= v.holds ? 'Water must be less than the can holds' : undefined,
  }),
  grounds: {
    formula:
      't = ΔT·(m·c + m′·c′)/P; steam = P/L × 1.67 L/g; air left e^(−steam/space); water left m − P·t/L',
    validity:
      'An open aluminium can; the power that gets into it, not the plate’s. Steam that turns to water on the wall is left out, so that it takes longer than the shortest.',
    source: 'CRC Handbook (source not checked); well-mixed dilution',
    check: 'With 15 mL, 75 to 90 s after the first steam fold the can, common practice',
  },
  evaluate: (v) => {
    const { boils, from, until } = boilingOf(canOf(v));
    const impossible = from > until;
    const early = v.waited < from;
    const late = v.waited > until;
    const edge = !early && !late && (v.waited < from * 1.1 || v.waited > until * 0.9);
    return {
      level: impossible || early || late ? 'fix' : edge ? 'watch' : 'ok',
      final: false,
      message: impossible
        ? `Boils dry before the air is out: ${toThreeFigures(v.water)} mL are too little.`
        : early
          ? `Too early: air is out ${sayDuration(from)} after it boils.`
          : late
            ? `Too late: after ${sayDuration(until)} it is near to dry.`
            : `Boils after ${sayDuration(boils)}, then full of steam from ${sayDuration(from)} to ${sayDuration(until)}.`,
      figure: `${sayDuration(from)} to ${sayDuration(until)} after it boils`,
      limit: `at most ${LEFT * 100} % of the air left, at least ${toThreeFigures((1 - DRY) * 100)} % of the water`,
      source: 'CRC Handbook (source not checked); well-mixed dilution',
      remedy: impossible
        ? 'More water.'
        : 'Tongs, and goggles for who turns it over; never boil it dry; the plate stays hot for a quarter of an hour.',
      steps: [
        workingStep(
          'Boils after',
          sayDuration(boils),
          'ΔT·(m·c + m′·c′) / P',
          'CRC Handbook (source not checked)',
        ),
        workingStep(
          'Air is out after',
          `${sayDuration(from)} more`,
          '−ln(0.01) · space / (P/L × 1.67 L/g)',
          'well-mixed dilution',
        ),
        workingStep(
          'Air left after 75 and 90 s',
          `${toThreeFigures(airAfter(canOf(v), 75) * 100)} and ${toThreeFigures(airAfter(canOf(v), 90) * 100)} %`,
          'e^(−steam / space); 75 to 90 s, common practice',
        ),
        workingStep('Near to dry after', `${sayDuration(until)} more`, '0.6 · m · L / P'),
      ],
    };
  },
  curve: {
    label: 'Air is out after',
    unit: 's',
    at: (v) => boilingOf(canOf(v)).from,
    limits: (v) => [{ label: 'waited', value: v.waited }],
  },
});
