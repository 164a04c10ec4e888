/**
 * Why a go may have failed, likeliest first: what it was before with this method, then what goes wrong with
 * what it does, then what goes wrong with anything. Common practice; own words can always be given.
 */
import type { CalculatorBinding } from '../repertoire/care';
import type { Hazard, HazardKind } from '../repertoire/types';

/** By the calculator that judges a method. */
const OF_CALCULATOR: Readonly<Record<string, readonly string[]>> = {
  'will-it-light': ['too rich', 'too lean', 'not aired', 'too cold'],
  'another-go': ['not aired'],
  foam: ['neck too wide', 'yeast too old', 'too cold', 'too weak'],
  fizz: ['not tight', 'too weak', 'too slow with the lid'],
  'popping-lid': ['not tight', 'too cold'],
  'soda-gas': ['gone flat', 'too cold'],
  balloon: ['not tight', 'too weak'],
  'metal-gas': ['too weak', 'too slow'],
  'steam-can': ['not hot enough', 'too early', 'too late', 'not upside down'],
  'cold-in-water': ['water too cold', 'boiled away'],
  'cold-left': ['boiled away'],
  chill: ['not cold enough', 'boiled away'],
  dome: ['too damp', 'lost its charge', 'touched too soon'],
  turning: ['bearing sticks', 'arms too slow'],
  'magnet-pipe': ['tilted'],
  'sliding-magnet': ['tilted'],
  'water-rocket': ['not tight', 'too little water', 'tipped over'],
  'vacuum-launcher': ['not tight', 'pump too short'],
  candle: ['went out', 'draught'],
  bang: ['not tight', 'too weak'],
};

/** By what a method has to do with. */
const OF_HAZARD: Partial<Record<HazardKind, readonly string[]>> = {
  flammableVapour: ['too rich', 'too lean'],
  openFlame: ['went out', 'draught'],
  highVoltage: ['too damp', 'lost its charge'],
  cryogen: ['boiled away', 'not cold enough'],
  hot: ['not hot enough'],
  pressure: ['not tight'],
  smoke: ['drifted away'],
  strongMagnet: ['stuck'],
  volunteerMoved: ['unsteady'],
  compressedGas: ['out of gas'],
};

const OF_VOLUNTEERS = ['declined', 'wrong order'];
const OF_ANYTHING = ['spilled', 'out of order', 'forgot something', 'don’t know'];

/** Causes offered at the most. */
const OFFERED = 5;

export interface CausesOf {
  calculators: readonly Pick<CalculatorBinding, 'calculator'>[];
  hazards: readonly Pick<Hazard, 'kind'>[];
  volunteers: number;
}

/** `known` are the causes in the method’s record, the commonest first. */
export function likelyCauses(
  method: CausesOf | null,
  known: readonly { cause: string }[],
  most = OFFERED,
): string[] {
  const all = [
    ...known.map(({ cause }) => cause),
    ...(method?.calculators ?? []).flatMap(({ calculator }) => OF_CALCULATOR[calculator] ?? []),
    ...((method?.volunteers ?? 0) > 0 ? OF_VOLUNTEERS : []),
    ...(method?.hazards ?? []).flatMap(({ kind }) => OF_HAZARD[kind] ?? []),
    ...OF_ANYTHING,
  ];
  const seen = new Set<string>();
  const each = all.filter((cause) => {
    const key = cause.toLowerCase();
    return !seen.has(key) && seen.add(key);
  });
  return each.slice(0, most);
}
