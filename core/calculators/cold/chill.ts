import { coolDown, type Material } from '../../repertoire/materials';
import { calculator, choice, number, toThreeFigures, workingStep } from '../calculator';
import { littleColdKindInput } from './kind';
import { soakTime, withColdGas } from './soak';
import { sayDuration } from '../../time/clock';

const MATERIAL: Record<Material, string> = {
  aluminium: 'aluminium',
  stainless: 'stainless steel',
  copper: 'copper',
  brass: 'brass',
  lead: 'lead',
  glass: 'glass',
  plastic: 'plastic',
  rubber: 'rubber',
  watery: 'flowers, fruit',
};

interface Chill {
  kind: 'nitrogen' | 'dryIce';
  material: Material;
  mass: number;
  thick: number;
  there: number;
}

/** All that the cold does is turn to gas: more is ordered rather than less. */
const most = (v: Chill): number => coolDown(v.kind, v.material, v.mass);

/** How much cold liquid does an object take, and how long? */
export const chill = calculator({
  id: 'chill',
  family: 'cold',
  title: 'How much does it take to chill, and how long?',
  question:
    'A warm thing goes into cold liquid or dry ice: how much boils away until it is as cold, and how long must it stay in?',
  inputs: {
    kind: littleColdKindInput('Chilled in', 'nitrogen'),
    material: choice('Material', MATERIAL, 'watery'),
    mass: number({
      label: 'Weight',
      unit: 'g',
      least: 0,
      most: 50_000,
      usual: 30,
      slide: [1, 1000],
      change: 5,
    }),
    thick: number({
      label: 'Thick where it is thickest',
      unit: 'mm',
      least: 0.01,
      most: 500,
      usual: 2,
      slide: [0.2, 50],
    }),
    there: number({
      label: 'There is, mL or g',
      unit: 'piece',
      also: ['mL', 'g'],
      least: 0,
      most: 100_000,
      usual: 600,
      slide: [50, 3000],
      change: 50,
    }),
  },
  grounds: {
    formula:
      'mass × heat given up / latent heat, down to × latent / (latent + cp·ΔT of the gas); time ρ·(d/2)·h/q + (d/2)²/α',
    validity:
      'From room temperature. The two amounts are the ends: nothing of the cold gas used, and all of it. The time is for planning: a trial decides.',
    source: 'cryogenic engineering handbooks (source not checked)',
    check:
      'Litres of nitrogen for 1 kg of aluminium, stainless steel, copper: 1.01, 0.53, 0.46, latent heat only',
  },
  evaluate: (v) => {
    const away = most(v);
    const least = away * withColdGas(v.kind);
    const { least: soonest, most: latest } = soakTime(v.kind, v.material, v.thick / 1000);
    const sure = away <= v.there;
    const perhaps = least <= v.there;
    const amount = `${toThreeFigures(least)} to ${toThreeFigures(away)}`;
    const time = `${sayDuration(soonest)} to ${sayDuration(latest)}`;
    return {
      level: sure ? (away > v.there * 0.8 ? 'watch' : 'ok') : 'fix',
      final: false,
      message: sure
        ? `Takes ${amount} of the ${toThreeFigures(v.there)}, in about ${time}.`
        : perhaps
          ? `Takes ${amount}; ${toThreeFigures(v.there)} may not do.`
          : `Takes ${amount}; there is only ${toThreeFigures(v.there)}.`,
      figure: amount,
      limit: `${toThreeFigures(v.there)} there`,
      source: 'heats from cryogenic engineering handbooks (source not checked)',
      remedy: sure
        ? 'Lower it in slowly; it is cold once the boiling dies down.'
        : 'Take more, or chill a smaller one.',
      steps: [
        workingStep(
          'Boils away at the most',
          toThreeFigures(away),
          'mass × heat given up / heat of vaporisation; nothing of the cold gas is used',
        ),
        workingStep(
          'At the least',
          toThreeFigures(least),
          'the same × latent / (latent + heat of the gas up to room temperature)',
        ),
        workingStep(
          'Stays in for',
          `about ${time}`,
          'ρ·(d/2)·h / q + (d/2)² / α; q from 8 to 20 kW/m² in nitrogen, 2 to 8 in dry ice and a liquid',
          'film boiling, then conduction (handbooks, source not checked)',
        ),
      ],
    };
  },
  curve: {
    label: 'Boils away, at the most',
    unit: 'mL or g',
    at: most,
    limits: (v) => [{ label: 'there is', value: v.there }],
  },
});
