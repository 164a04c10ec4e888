/** New things of the repertoire, as they begin, and copies of them. */
import type { Demo, KitLine, Method, Phase, Task } from '../../core/repertoire/types';
import { newId } from '../app/api';

export const freshTask = (phase: Phase): Task => ({
  id: newId(),
  name: 'New task',
  phase,
  time: { shortest: 20, likely: 30, longest: 60 },
  hands:
    phase === 'settle'
      ? []
      : [{ role: phase === 'perform' ? 'performer' : 'anyone', count: 1, competence: null }],
  place: 'stage',
  after: [],
  eachGo: phase === 'perform',
  do: '',
  say: '',
  cue: '',
  gearOn: [],
  gearOff: [],
  mind: '',
  sign: null,
});

export const freshLine = (itemId: string): KitLine => ({
  id: newId(),
  itemId,
  amount: 1,
  unit: 'piece',
  basis: 'perShow',
  note: '',
});

const freshMethod = (): Method => ({
  id: newId(),
  name: 'First method',
  summary: '',
  oneShot: false,
  goesAllowed: 2,
  volunteers: 0,
  warning: '',
  tasks: [{ ...freshTask('perform'), name: 'Show it' }],
  kit: [],
  settings: [],
  hazards: [],
  leaves: [],
  forbids: [],
  priorWorked: 0,
  priorFailed: 0,
});

/** What a demo is called until somebody names it. */
export const NEW_DEMO = 'New demo';

export const freshDemo = (): Demo => ({
  id: newId(),
  name: NEW_DEMO,
  hook: '',
  idea: '',
  keywords: [],
  ageFrom: 5,
  ageTo: 99,
  lift: 3,
  talkPattern: 'predictShowExplain',
  volunteerCard: '',
  pinnedNote: '',
  usualPosition: '',
  methods: [freshMethod()],
});

/** The same method to be varied: its record starts afresh. */
export const copyMethod = (method: Method): Method => ({
  ...structuredClone(method),
  id: newId(),
  name: `${method.name.slice(0, 52)} (copy)`,
  priorWorked: 0,
  priorFailed: 0,
});
