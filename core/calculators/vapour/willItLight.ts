import {
  choice,
  number,
  pressureInput,
  type Assessment,
  type WorkingStep,
  workingStep,
  calculator,
  temperatureInput,
  toThreeFigures,
} from '../calculator';
import { airToReachShare } from '../air/ventilation';
import { stoichiometricShare } from './stoichiometry';
import { doseForShare, doseToSaturate } from './dose';
import { LIQUIDS, type LiquidId, VAPOUR_SOURCE } from './liquids';
import { saturatedShare, saturationPressure, temperatureForShare } from './saturation';
import { type Mixture, mixtureOf, type Swirled } from './swirled';
import { CLOSED_BAR, pressureAtNeck } from './vent';
import { strokeInput, vesselInput } from './vessel';

/** A dose so many times what saturates the vessel, and more than so many mL, is far more than is used up. */
const PLENTY = { times: 20, millilitres: 20 };
/** kPa above the air's from which a neck is too narrow for what burns behind it. Our own mark, no source. */
const NARROW = 50;

type Material = 'unsaid' | 'plastic' | 'thickGlass' | 'thinGlass' | 'metal';

interface Lit extends Swirled {
  material: Material;
  neck: number;
  stopper: 'unsaid' | 'out' | 'in';
  toxic: 'off' | 'on';
}

const percent = ({ least, most }: Pick<Mixture, 'least' | 'most'>): string => {
  const [low, high] = [toThreeFigures(least), toThreeFigures(most)];
  return low === high ? `${low} %` : `${low} to ${high} %`;
};

/** How many strokes would bring a mixture that is too rich to where it burns best. */
const strokesToBest = (v: Swirled, first: number): number =>
  Math.ceil(
    (airToReachShare(v.vessel, Math.min(1, stoichiometricShare(v.liquid) / first)) * 1000) /
      v.stroke,
  );

function leanRemedy(v: Swirled, share: number): string {
  const { lower } = LIQUIDS[v.liquid];
  const kPa = v.pressure / 10;
  const full = saturatedShare(v.liquid, v.temperature, kPa);
  const enough = temperatureForShare(v.liquid, lower, kPa);
  if (full <= lower)
    return `Warm the vessel in warm water, to ${Math.ceil(enough + 3)} °C or more, away from any flame: below ${toThreeFigures(enough)} °C no dose lights.`;
  const dose = doseForShare({
    liquid: v.liquid,
    litres: v.vessel,
    celsius: v.temperature,
    kPa,
    share: Math.min(stoichiometricShare(v.liquid), full),
  });
  return v.strokes > 0 && share < lower
    ? `Air it less, or not at all; it takes ${toThreeFigures(dose)} mL as vapour.`
    : `Swirl ${toThreeFigures(dose)} mL or a little more, and pour away what stays liquid.`;
}

function stepsOf(v: Lit, of: Mixture): WorkingStep[] {
  const kPa = v.pressure / 10;
  const full = saturatedShare(v.liquid, v.temperature, kPa);
  const neck = pressureAtNeck(v.vessel, v.neck);
  return [
    workingStep(
      'Saturated vapour',
      `${toThreeFigures(saturationPressure(v.liquid, v.temperature))} kPa, ${toThreeFigures(full)} % of the air`,
      'log₁₀(p / mmHg) = A − B / (t + C); share = p / air pressure',
      'Antoine equation',
    ),
    workingStep(
      'After the dose',
      `${toThreeFigures(of.first)} %, ${toThreeFigures(of.left)} mL still liquid`,
      'dose ÷ dose that saturates, at most 1, × saturated share',
    ),
    workingStep(
      'Film left on the wall',
      v.surplus === 'poured' ? `0 to ${toThreeFigures(of.film)} mL` : 'all of it stays in',
      '⅔·√(µ·z / (ρ·g·t)) × wall; no more than there is',
      'Jeffreys 1930 (source not checked)',
    ),
    workingStep(
      'After airing',
      percent(of),
      'share × e^(−strokes · stroke / vessel), and what the film gives to it anew',
      'well-mixed dilution',
    ),
    workingStep(
      'Starts to light at',
      `${toThreeFigures(temperatureForShare(v.liquid, LIQUIDS[v.liquid].lower, kPa))} °C`,
      't = B / (A − log₁₀ p) − C at the lower limit',
      'Antoine equation turned round',
    ),
    workingStep(
      'Pressure at the neck',
      Number.isFinite(neck) ? `about ${toThreeFigures(neck)} kPa` : 'more than the neck lets out',
      '½·ρ·u², u = burning speed × flame × (7 − 1) / (0.6 × neck)',
      'quasi-steady venting, our own estimate',
    ),
  ];
}

type Judged = Pick<Assessment, 'level' | 'message' | 'remedy'>;

/** What is wrong with it whatever the mixture is; null when nothing is. */
function refused(v: Lit, { pool }: Mixture): Judged | null {
  const { name, offBecause } = LIQUIDS[v.liquid];
  if (offBecause !== '' && v.toxic === 'off')
    return { level: 'stop', message: `Not with ${name}.`, remedy: offBecause };
  if (pool > 0)
    return {
      level: 'stop',
      message: `${toThreeFigures(pool)} mL of ${name} stay liquid under the flame: they burn on, and out of the neck.`,
      remedy:
        'Pour all of it away into a bottle that is closed and carried off before anything is lit.',
    };
  if (v.stopper === 'in')
    return {
      level: 'stop',
      message: `Lit with the stopper in it comes to about ${CLOSED_BAR} bar: it bursts.`,
      remedy: 'The stopper is out and away before the flame comes near.',
    };
  if (v.material === 'thinGlass')
    return {
      level: 'stop',
      message: 'Thin glass can burst into the room.',
      remedy: 'Take a stiff plastic bottle that does not shatter.',
    };
  return null;
}

/** What of the vessel itself is to be fixed or asked; null when it will do. */
function ofVessel(v: Lit): Judged | null {
  const neck = pressureAtNeck(v.vessel, v.neck);
  if (neck > NARROW)
    return {
      level: 'fix',
      message: `The neck of ${toThreeFigures(v.neck)} mm is too narrow for ${toThreeFigures(v.vessel)} L: the pressure can’t get out.`,
      remedy: 'Take a wider neck, or a smaller bottle.',
    };
  if (v.material === 'thickGlass')
    return {
      level: 'fix',
      message: 'Glass may crack when its wall is hot and the next thing is cold.',
      remedy: 'Take a stiff plastic bottle that does not shatter.',
    };
  const full = doseToSaturate({
    liquid: v.liquid,
    litres: v.vessel,
    celsius: v.temperature,
    kPa: v.pressure / 10,
  });
  if (v.dose > Math.max(PLENTY.millilitres, PLENTY.times * full))
    return {
      level: 'fix',
      message: `${toThreeFigures(v.dose)} mL near a flame, and ${toThreeFigures(full)} mL are all that can become vapour.`,
      remedy: 'Measure out a few mL, into a small bottle.',
    };
  const unsaid = [
    ...(v.material === 'unsaid' ? ['what the vessel is made of'] : []),
    ...(v.stopper === 'unsaid' ? ['whether the stopper is out before it is lit'] : []),
  ];
  return unsaid.length > 0
    ? {
        level: 'unknown',
        message: `Not said: ${unsaid.join('; ')}.`,
        remedy: 'Say it in the demo: never thin glass, never closed.',
      }
    : null;
}

function ofMixture(v: Lit, of: Mixture): Judged {
  const { name, lower, lowest, upper } = LIQUIDS[v.liquid];
  const figure = `${percent(of)} ${name} vapour`;
  if (of.most < lowest)
    return {
      level: 'fix',
      message: `Too lean to light: ${figure}, and it starts at ${toThreeFigures(lower)} %.`,
      remedy: leanRemedy(v, of.most),
    };
  if (of.least > upper)
    return {
      level: 'fix',
      message: `Too rich to light: ${figure}, and it stops at ${toThreeFigures(upper)} %.`,
      remedy: `Pour away what is liquid and air it with ${strokesToBest(v, of.first)} strokes.`,
    };
  const after =
    'Bottle of liquid closed and away before any flame; never top up a vessel that has burnt.';
  if (of.least < lower)
    return {
      level: 'watch',
      message: `At the edge: ${figure}, and it lights from ${lowest === lower ? '' : `${toThreeFigures(lowest)} to `}${toThreeFigures(lower)} %. What clings to the wall decides.`,
      remedy: `Air it less, or keep it warmer. ${after}`,
    };
  const rich = of.most > upper * 0.9;
  const lean = of.least < lower * 1.15;
  return {
    level: rich || lean ? 'watch' : 'ok',
    message: rich || lean ? `At the edge: ${figure}.` : `Will light: ${figure}.`,
    remedy: after,
  };
}

function judge(v: Lit): Assessment {
  const of = mixtureOf(v);
  const { name, lower, lowest, upper, offBecause } = LIQUIDS[v.liquid];
  const mixture = ofMixture(v, of);
  const found = refused(v, of) ?? ofVessel(v) ?? mixture;
  const toxic = offBecause !== '' && v.toxic === 'on';
  return {
    ...found,
    level: toxic && found.level === 'ok' ? 'watch' : found.level,
    remedy: toxic ? `${found.remedy} ${offBecause}` : found.remedy,
    final: false,
    figure: `${percent(of)} ${name} vapour`,
    limit: `lights from ${lowest === lower ? '' : `${toThreeFigures(lowest)} or `}${toThreeFigures(lower)} to ${toThreeFigures(upper)} %, best near ${toThreeFigures(stoichiometricShare(v.liquid))} %`,
    source: VAPOUR_SOURCE,
    steps: stepsOf(v, of),
  };
}

const liquids: Record<LiquidId, string> = {
  ethanol: 'ethanol',
  propan2ol: 'propan-2-ol',
  methanol: 'methanol (off)',
};

/** Will the vapour in a vessel light, today? */
export const willItLight = calculator({
  id: 'will-it-light',
  family: 'vapour',
  title: 'Will the vapour light?',
  question:
    'A dose is swirled in a vessel and the surplus poured away: is the mixture one that lights, and is the vessel fit for it?',
  inputs: {
    liquid: choice('Liquid', liquids, 'propan2ol'),
    toxic: choice('Toxic liquids', { off: 'off', on: 'calculates with them' }, 'off'),
    dose: number({
      label: 'Dose',
      unit: 'mL',
      least: 0,
      most: 1000,
      usual: 2,
      slide: [0, 10],
      change: 0.5,
    }),
    vessel: vesselInput,
    material: choice<Material>(
      'Vessel is of',
      {
        unsaid: 'not said',
        plastic: 'stiff plastic, does not shatter',
        thickGlass: 'thick-walled glass',
        thinGlass: 'thin glass',
        metal: 'metal',
      },
      'plastic',
    ),
    neck: number({
      label: 'Neck, inside',
      unit: 'mm',
      least: 1,
      most: 500,
      usual: 38,
      slide: [15, 80],
    }),
    stopper: choice(
      'Stopper, as it is lit',
      { unsaid: 'not said', out: 'out and away', in: 'in' },
      'out',
    ),
    surplus: choice('What stays liquid', { poured: 'poured away', left: 'left in' }, 'poured'),
    drains: number({
      label: 'Held upside down for',
      unit: 's',
      least: 1,
      most: 600,
      usual: 10,
      slide: [1, 60],
      change: 5,
    }),
    strokes: number({
      label: 'Strokes of air',
      unit: 'piece',
      least: 0,
      most: 200,
      usual: 0,
      slide: [0, 20],
      change: 1,
    }),
    stroke: strokeInput,
    temperature: temperatureInput,
    pressure: pressureInput,
  },
  unused: (v) => [
    ...(LIQUIDS[v.liquid].offBecause === '' ? (['toxic'] as const) : []),
    ...(v.surplus === 'left' ? (['drains'] as const) : []),
    ...(v.strokes === 0 ? (['stroke'] as const) : []),
  ],
  grounds: {
    formula:
      'saturated share = 10^(A − B/(t + C)) / p; aired by e^(−n·v/V); film ⅔·√(µ·z/(ρ·g·t)); pressure at the neck ½·ρ·u²',
    validity:
      'An open bottle about twice as high as wide, 0 to 45 °C, liquid and wall as warm as the room. The film is a range, from none to what drains off a plate. No pool of liquid, no second fuel, no added oxygen.',
    source: VAPOUR_SOURCE,
    check:
      'Boiling and flash points (CRC, ICSC cards); five hand-pump strokes in 2 L light, common practice',
  },
  faults: (v) => ({
    dose: v.dose > v.vessel * 1000 ? 'Dose must be less than the vessel holds' : undefined,
  }),
  evaluate: judge,
  curve: {
    label: 'Vapour, at the most',
    unit: '%',
    at: (v) => mixtureOf(v).most,
    limits: (v) => [
      { label: 'lights from here', value: LIQUIDS[v.liquid].lower },
      { label: 'burns best', value: stoichiometricShare(v.liquid) },
      { label: 'too rich from here', value: LIQUIDS[v.liquid].upper },
    ],
  },
});
