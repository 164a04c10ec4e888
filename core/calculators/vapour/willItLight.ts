import { airToReachShare, shareAfterVentilation } from '../air/ventilation';
import {
  choice,
  number,
  pressureInput,
  type Assessment,
  workingStep,
  calculator,
  temperatureInput,
  toThreeFigures,
} from '../calculator';
import { stoichiometricShare } from './stoichiometry';
import { doseForShare, doseToSaturate, vapourFromDose } from './dose';
import { LIQUIDS, type LiquidId, VAPOUR_SOURCE } from './liquids';
import { saturatedShare, saturationPressure, temperatureForShare } from './saturation';
import { strokeInput, vesselInput } from './vessel';

interface Swirled {
  liquid: LiquidId;
  dose: number;
  vessel: number;
  surplus: 'poured' | 'left';
  strokes: number;
  stroke: number;
  temperature: number;
  pressure: number;
}

/** Share of vapour after the dose, the pouring away and the airing, per cent by volume. */
function shareOf(v: Swirled): { first: number; left: number; share: number } {
  const vessel = {
    liquid: v.liquid,
    litres: v.vessel,
    celsius: v.temperature,
    kPa: v.pressure / 10,
  };
  const { share: first, left } = vapourFromDose({ ...vessel, millilitres: v.dose });
  const aired = first * shareAfterVentilation(v.vessel, (v.strokes * v.stroke) / 1000);
  if (v.surplus === 'poured' || left === 0) return { first, left, share: aired };
  // Liquid that stays in goes on evaporating into the fresh air.
  const more = (left / doseToSaturate(vessel)) * first;
  return { first, left, share: Math.min(first, aired + more) };
}

const nearEdge = (share: number, lower: number, upper: number): boolean =>
  share < lower * 1.15 || share > upper * 0.9;

/** How many strokes would bring a mixture that is too rich to where it burns best. */
function strokesToBest(v: Swirled, first: number): number {
  const best = stoichiometricShare(v.liquid);
  return Math.ceil((airToReachShare(v.vessel, Math.min(1, best / first)) * 1000) / v.stroke);
}

function tooLean(v: Swirled, share: number): string {
  const { lower } = LIQUIDS[v.liquid];
  const kPa = v.pressure / 10;
  const best = Math.min(
    stoichiometricShare(v.liquid),
    saturatedShare(v.liquid, v.temperature, kPa),
  );
  const enough = temperatureForShare(v.liquid, lower, kPa);
  if (saturatedShare(v.liquid, v.temperature, kPa) <= lower)
    return `Warm the vessel in warm water, to ${Math.ceil(enough + 3)} °C or more, away from any flame: below ${toThreeFigures(enough)} °C no dose lights.`;
  const dose = doseForShare({
    liquid: v.liquid,
    litres: v.vessel,
    celsius: v.temperature,
    kPa,
    share: best,
  });
  if (v.strokes > 0 && share < lower)
    return `Air it less, or not at all; it takes ${toThreeFigures(dose)} mL as vapour.`;
  return `Swirl ${toThreeFigures(dose)} mL or a little more, and pour away what stays liquid.`;
}

function judge(v: Swirled): Assessment {
  const liquid = LIQUIDS[v.liquid];
  const { lower, upper } = liquid;
  const { first, left, share } = shareOf(v);
  const enough = temperatureForShare(v.liquid, lower, v.pressure / 10);
  const figure = `${toThreeFigures(share)} % ${liquid.name} vapour`;
  const shared = {
    final: false,
    figure,
    limit: `lights from ${toThreeFigures(lower)} to ${toThreeFigures(upper)} %, best near ${toThreeFigures(stoichiometricShare(v.liquid))} %`,
    source: VAPOUR_SOURCE,
    steps: [
      workingStep(
        'Saturated vapour',
        `${toThreeFigures(saturationPressure(v.liquid, v.temperature))} kPa, ${toThreeFigures(saturatedShare(v.liquid, v.temperature, v.pressure / 10))} % of the air`,
        'log₁₀(p / mmHg) = A − B / (t + C); share = p / air pressure',
        'Antoine equation',
      ),
      workingStep(
        'After the dose',
        `${toThreeFigures(first)} %, ${toThreeFigures(left)} mL still liquid`,
        'dose ÷ dose that saturates, at most 1, × saturated share',
      ),
      workingStep(
        'After airing',
        `${toThreeFigures(share)} %`,
        v.surplus === 'poured'
          ? 'share × e^(−strokes · stroke / vessel)'
          : 'share × e^(−strokes · stroke / vessel) + what evaporates anew',
        'well-mixed dilution',
      ),
      workingStep(
        'Starts to light at',
        `${toThreeFigures(enough)} °C`,
        't = B / (A − log₁₀ p) − C at the lower limit',
        'Antoine equation turned round',
      ),
    ],
  };
  if (share < lower)
    return {
      ...shared,
      level: 'fix',
      message: `Too lean to light: ${figure}, and it starts at ${toThreeFigures(lower)} %.`,
      remedy: tooLean(v, share),
    };
  if (share > upper)
    return {
      ...shared,
      level: 'fix',
      message: `Too rich to light: ${figure}, and it stops at ${toThreeFigures(upper)} %.`,
      remedy: `Pour away what is liquid and air it with ${strokesToBest(v, first)} strokes.`,
    };
  const edge = nearEdge(share, lower, upper);
  return {
    ...shared,
    level: edge ? 'watch' : 'ok',
    message: edge ? `Lights, but only just: ${figure}.` : `Will light: ${figure}.`,
    remedy:
      'Bottle of vapour closed and away before any flame; never top up a vessel that has burnt.',
  };
}

/** What is off by default, with the reason. */
function judgeIfOn(v: Swirled & { toxic: 'off' | 'on' }): Assessment {
  const { offBecause } = LIQUIDS[v.liquid];
  const assessment = judge(v);
  if (offBecause === '') return assessment;
  if (v.toxic === 'off')
    return {
      ...assessment,
      level: 'stop',
      message: `Not with ${LIQUIDS[v.liquid].name}.`,
      remedy: offBecause,
    };
  return {
    ...assessment,
    level: assessment.level === 'ok' ? 'watch' : assessment.level,
    remedy: `${assessment.remedy} ${offBecause}`,
  };
}

const values = {
  liquid: choice(
    'Liquid',
    { ethanol: 'ethanol', propan2ol: 'propan-2-ol', methanol: 'methanol (off)' },
    'propan2ol',
  ),
  toxic: choice('Toxic liquids', { off: 'off', on: 'calculates with them' }, 'off'),
  dose: number({ label: 'Dose', unit: 'mL', least: 0, most: 1000, usual: 2, slide: [0, 10] }),
  vessel: vesselInput,
  surplus: choice('What stays liquid', { poured: 'poured away', left: 'left in' }, 'poured'),
  strokes: number({
    label: 'Strokes of air',
    unit: 'piece',
    least: 0,
    most: 200,
    usual: 0,
    slide: [0, 20],
  }),
  stroke: strokeInput,
  temperature: temperatureInput,
  pressure: pressureInput,
};

/** Will the vapour in a vessel light, today? */
export const willItLight = calculator({
  id: 'will-it-light',
  family: 'vapour',
  title: 'Will the vapour light?',
  question:
    'A dose is swirled in a vessel and the surplus poured away: is the mixture one that lights?',
  inputs: values,
  faults: (v) => ({
    dose: v.dose > v.vessel * 1000 ? 'Dose must be less than the vessel holds' : undefined,
  }),
  evaluate: judgeIfOn,
  curve: {
    label: 'Vapour',
    unit: '%',
    at: (v) => shareOf(v).share,
    limits: (v) => [
      { label: 'lights from here', value: LIQUIDS[v.liquid].lower },
      { label: 'burns best', value: stoichiometricShare(v.liquid) },
      { label: 'too rich from here', value: LIQUIDS[v.liquid].upper },
    ],
  },
});
