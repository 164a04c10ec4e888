import { coolDown, type Material } from '../../repertoire/materials';
import { choice, number, workingStep, calculator, toThreeFigures } from '../calculator';
import { littleColdKindInput } from './kind';

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
  there: number;
}

const taken = (v: Chill): number => coolDown(v.kind, v.material, v.mass);

/** How much cold liquid does an object take? */
export const chill = calculator({
  id: 'chill',
  family: 'cold',
  title: 'How much does it take to chill?',
  question:
    'A warm thing goes into cold liquid or dry ice: how much boils away until it is as cold?',
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
    }),
    there: number({
      label: 'There is, mL or g',
      unit: 'piece',
      also: ['mL', 'g'],
      least: 0,
      most: 100_000,
      usual: 600,
      slide: [50, 3000],
    }),
  },
  evaluate: (v) => {
    const away = taken(v);
    const enough = away <= v.there;
    return {
      level: enough ? (away > v.there * 0.8 ? 'watch' : 'ok') : 'fix',
      final: false,
      message: enough
        ? `Takes ${toThreeFigures(away)} of the ${toThreeFigures(v.there)}.`
        : `Takes ${toThreeFigures(away)}; there is only ${toThreeFigures(v.there)}.`,
      figure: toThreeFigures(away),
      limit: `${toThreeFigures(v.there)} there`,
      source: 'heats from cryogenic engineering handbooks (source not checked)',
      remedy: enough ? '' : 'Take more, or chill a smaller one.',
      steps: [
        workingStep(
          'Boils away',
          toThreeFigures(away),
          'mass × heat given up / heat of vaporisation; what the cold gas takes with it is not counted',
        ),
      ],
    };
  },
  curve: {
    label: 'Boils away',
    unit: 'mL or g',
    at: taken,
    limits: (v) => [{ label: 'there is', value: v.there }],
  },
});
