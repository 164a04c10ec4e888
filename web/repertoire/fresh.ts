/** New things of the repertoire, as they begin, and copies of them. */
import { blankDemo, blankLine, blankMethod, blankTask } from '../../core/repertoire/blank';
import type { Pack } from '../../core/repertoire/item';
import type { Demo, KitLine, Method, Phase, Task } from '../../core/repertoire/types';
import type { UnitId } from '../../core/units/units';
import { newId } from '../app/api';

export const freshTask = (phase: Phase): Task => ({
  ...blankTask(newId(), 'New task', phase, { shortest: 20, likely: 30, longest: 60 }),
  hands:
    phase === 'settle'
      ? []
      : [{ role: phase === 'perform' ? 'performer' : 'anyone', count: 1, competence: null }],
  eachGo: phase === 'perform',
});

export const freshLine = (itemId: string): KitLine => blankLine(newId(), itemId);

const freshMethod = (): Method => ({
  ...blankMethod(newId(), 'First method'),
  tasks: [{ ...freshTask('perform'), name: 'Show it' }],
});

/** What a demo is called until it is named. */
export const NEW_DEMO = 'New demo';

export const freshDemo = (): Demo => blankDemo(newId(), NEW_DEMO, [freshMethod()]);

/** The same method to be varied: its record starts afresh. */
export const copyMethod = (method: Method): Method => ({
  ...structuredClone(method),
  id: newId(),
  name: `${method.name.slice(0, 52)} (copy)`,
  priorWorked: 0,
  priorFailed: 0,
});

export const freshPack = (unit: UnitId): Pack => ({
  id: newId(),
  amount: 1,
  unit,
  price: 0,
  leadDays: 0,
  supplier: '',
  keeps: null,
  hireDays: null,
});
