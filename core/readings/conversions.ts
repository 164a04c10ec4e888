/** From what can be read with a kitchen balance, a stopwatch, a tape or a telephone, to the figure that is meant. */
import { GRAVITY } from '../calculators/constants';
import {
  CONVERSIONS,
  type ConversionId,
  type Given,
  type MethodResult,
  type Quantity,
} from '../repertoire/measure';
import { type Dimension, dimensionOf, toBase, UNIT_IDS, type UnitId, UNITS } from '../units/units';
import { ofLimits, ofResolution, propagate, together, type Uncertain } from './propagate';

/** Something that must be known besides the reading. */
export interface GivenInput {
  id: string;
  label: string;
  /** As it is written after a number; it is given in this one. */
  unit: string;
  usual: number;
  /** Give or take so much, usually. */
  within: number;
  /** It is more than this. */
  above: number;
}

export interface ConversionKind {
  id: ConversionId;
  /** What it makes: “Height from the time aloft”. */
  label: string;
  /** Of what kind its readings are. */
  quantity: Quantity;
  /** What they are read in: any unit of a kind, or one that has no other; the formula has it in its base unit. */
  reads: { dimension: Dimension } | { unit: string };
  name: string;
  unit: string;
  /** As a calculator takes it; null where none does. */
  unitId: UnitId | null;
  given: readonly GivenInput[];
  /** Of the reading in its base unit, and what is given in its order. */
  formula: (reading: number, ...given: number[]) => number;
  /** How many times over the resolution counts: a number of frames is uncertain at both its ends. */
  ends: 1 | 2;
}

const DEGREES = Math.PI / 180;

const KINDS: Record<ConversionId, Omit<ConversionKind, 'id'>> = {
  weight: {
    label: 'Force, from what a balance shows',
    quantity: 'mass',
    reads: { dimension: 'mass' },
    name: 'Force',
    unit: 'N',
    unitId: 'N',
    given: [],
    formula: (grams) => (grams / 1000) * GRAVITY,
    ends: 1,
  },
  flight: {
    label: 'Height, from the time up and down again',
    quantity: 'time',
    reads: { dimension: 'time' },
    name: 'Height',
    unit: 'm',
    unitId: 'm',
    given: [],
    // Half the time it falls; the air is left out, and so it is a little high.
    formula: (seconds) => (GRAVITY * seconds ** 2) / 8,
    ends: 1,
  },
  fall: {
    label: 'Height, from the time it falls',
    quantity: 'time',
    reads: { dimension: 'time' },
    name: 'Height',
    unit: 'm',
    unitId: 'm',
    given: [],
    formula: (seconds) => (GRAVITY * seconds ** 2) / 2,
    ends: 1,
  },
  sighting: {
    label: 'Height, from the angle it is seen at',
    quantity: 'angle',
    reads: { unit: '°' },
    name: 'Height',
    unit: 'm',
    unitId: 'm',
    given: [
      { id: 'distance', label: 'How far off', unit: 'm', usual: 20, within: 0.5, above: 0 },
      { id: 'eye', label: 'Height of the eye', unit: 'm', usual: 1.5, within: 0.1, above: -1e9 },
    ],
    formula: (angle, distance = 0, eye = 0) => distance * Math.tan(angle * DEGREES) + eye,
    ends: 1,
  },
  frames: {
    label: 'Time, from frames of a film',
    quantity: 'count',
    reads: { unit: 'frames' },
    name: 'Time',
    unit: 's',
    unitId: 's',
    given: [
      { id: 'rate', label: 'Filmed at', unit: 'frames a second', usual: 240, within: 0, above: 0 },
    ],
    formula: (frames, rate = 1) => frames / rate,
    ends: 2,
  },
  turns: {
    label: 'Turning, from frames of a film',
    quantity: 'count',
    reads: { unit: 'frames' },
    name: 'Turning',
    unit: 'turns/min',
    unitId: 'rpm',
    given: [
      { id: 'turns', label: 'For so many turns', unit: 'turns', usual: 5, within: 0, above: 0 },
      { id: 'rate', label: 'Filmed at', unit: 'frames a second', usual: 240, within: 0, above: 0 },
    ],
    formula: (frames, turns = 0, rate = 1) => (60 * turns * rate) / frames,
    ends: 2,
  },
  levelLost: {
    label: 'Share of the bottle, from how far its level fell',
    quantity: 'level',
    reads: { dimension: 'length' },
    name: 'Share of the bottle',
    unit: '%',
    unitId: 'percent',
    given: [
      {
        id: 'full',
        label: 'Level of the full bottle',
        unit: 'cm',
        usual: 25,
        within: 0.5,
        above: 0,
      },
    ],
    formula: (metres, full = 1) => (100 * metres) / (full / 100),
    ends: 1,
  },
  bore: {
    label: 'Litres, from the height in a straight bore',
    quantity: 'height',
    reads: { dimension: 'length' },
    name: 'Volume',
    unit: 'L',
    unitId: 'L',
    given: [{ id: 'bore', label: 'Inner width', unit: 'cm', usual: 6, within: 0.1, above: 0 }],
    formula: (metres, bore = 0) => Math.PI * (bore / 200) ** 2 * metres * 1000,
    ends: 1,
  },
};

export const conversionOf = (id: ConversionId): ConversionKind => ({ id, ...KINDS[id] });

export const conversionsFor = (quantity: Quantity): ConversionKind[] =>
  CONVERSIONS.map(conversionOf).filter((kind) => kind.quantity === quantity);

/** The unit that is written so after a number; null for words of somebody’s own. */
export const unitWritten = (words: string): UnitId | null =>
  UNIT_IDS.find((id) => UNITS[id].label === words || id === words) ?? null;

/** Reading by `unit` as the formula has it; null where the unit is of another kind. */
function inBase({ reads }: ConversionKind, value: number, unit: string): number | null {
  if ('unit' in reads) return reads.unit === unit ? value : null;
  const id = unitWritten(unit);
  return id !== null && dimensionOf(id) === reads.dimension ? toBase(value, id) : null;
}

/** Why a reading in this unit can’t become the figure; null where it can. */
export function unitFault(kind: ConversionKind, unit: string): string | null {
  if (inBase(kind, 1, unit) !== null) return null;
  if ('unit' in kind.reads) return `must be read in ${kind.reads.unit}`;
  const { dimension } = kind.reads;
  const some = UNIT_IDS.filter((id) => dimensionOf(id) === dimension).slice(0, 4);
  return `must be read in ${some.map((id) => UNITS[id].label).join(', ')} or the like`;
}

/** What is wrong with what is given beside the reading, by its id. */
export function givenFaults(kind: ConversionKind, given: readonly Given[]): Map<string, string> {
  const faults = new Map<string, string>();
  for (const { id, label, above } of kind.given) {
    const known = given.find((one) => one.id === id);
    if (!known) faults.set(id, `${label} is missing`);
    else if (!(known.value > above)) faults.set(id, `${label} must be more than ${above}`);
    else if (!(known.within >= 0))
      faults.set(id, `${label} can’t be give or take less than nothing`);
  }
  return faults;
}

/** A figure as it is told: a name, and what comes after the number. */
export interface Figure extends Uncertain {
  name: string;
  unit: string;
  unitId: UnitId | null;
}

type Read = Pick<MethodResult, 'name' | 'unit' | 'resolution' | 'within' | 'becomes'>;

/** The unit of what comes of a result, read off or made of it. */
export function figureUnit({
  name,
  unit,
  becomes,
}: Read): Pick<Figure, 'name' | 'unit' | 'unitId'> {
  if (!becomes) return { name, unit, unitId: unitWritten(unit) };
  const kind = conversionOf(becomes.id);
  return { name: kind.name, unit: kind.unit, unitId: kind.unitId };
}

/**
 * The physical figure that a reading stands for, its uncertainty carried through: what it is read to, what is given
 * or taken beyond that, and that of everything it is made of. Null where it can’t be made of it.
 */
export function figureOf(result: Read, value: number): Figure | null {
  const named = figureUnit(result);
  const resolution = ofResolution(result.resolution ?? 0);
  const hand = ofLimits(result.within ?? 0);
  if (!result.becomes) return { ...named, value, u: together(resolution, hand) };
  const kind = conversionOf(result.becomes.id);
  const reading = inBase(kind, value, result.unit);
  const scale = inBase(kind, 1, result.unit);
  const faults = givenFaults(kind, result.becomes.given);
  if (reading === null || scale === null || faults.size > 0) return null;
  const u = Math.abs(scale) * together(resolution * Math.sqrt(kind.ends), hand);
  const given = kind.given.map(({ id }): Uncertain => {
    const known = result.becomes?.given.find((one) => one.id === id);
    return { value: known?.value ?? 0, u: ofLimits(known?.within ?? 0) };
  });
  const made = propagate(kind.formula, [{ value: reading, u }, ...given]);
  return Number.isFinite(made.value) && Number.isFinite(made.u) ? { ...named, ...made } : null;
}
