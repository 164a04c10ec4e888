import { expect, test } from '@jest/globals';
import { CALCULATORS } from '../calculators/catalogue';
import { likelyCauses } from './causes';

const foam = { calculators: [{ calculator: 'foam' }], hazards: [], volunteers: 0 };

test('what it was before comes first, then what goes wrong with what it does, then with anything', () => {
  expect(likelyCauses(foam, [{ cause: 'Lid stuck' }])).toEqual([
    'Lid stuck',
    'neck too wide',
    'yeast too old',
    'too cold',
    'too weak',
  ]);
  expect(likelyCauses({ ...foam, calculators: [] }, [])).toEqual([
    'spilled',
    'out of order',
    'forgot something',
    'don’t know',
  ]);
});

test('each once, however it is written; of volunteers, that they declined', () => {
  expect(likelyCauses(foam, [{ cause: 'Too cold' }], 9)).not.toContain('too cold');
  const asked = { calculators: [], hazards: [{ kind: 'volunteerMoved' as const }], volunteers: 1 };
  expect(likelyCauses(asked, []).slice(0, 3)).toEqual(['declined', 'wrong order', 'unsteady']);
  expect(likelyCauses(null, [])).toHaveLength(4);
});

test('no name of a calculator is one that there is not', () => {
  const ids = CALCULATORS.map(({ id }) => id);
  for (const { id } of CALCULATORS)
    likelyCauses({ ...foam, calculators: [{ calculator: id }] }, []);
  expect(ids).toEqual(expect.arrayContaining(['foam', 'dome', 'will-it-light', 'steam-can']));
});
