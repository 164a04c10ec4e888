/** Things of the repertoire with nothing in them yet, to be filled in. */
import type { Demo, Method, Task } from './types';

export const blankTask = (
  id: string,
  name: string,
  phase: Task['phase'],
  time: Task['time'],
): Task => ({
  id,
  name,
  phase,
  time,
  hands: [],
  place: 'stage',
  after: [],
  eachGo: false,
  do: '',
  say: '',
  cue: '',
  gearOn: [],
  gearOff: [],
  mind: '',
  sign: null,
});

export const blankMethod = (id: string, name: string): Method => ({
  id,
  name,
  summary: '',
  oneShot: false,
  goesAllowed: 2,
  volunteers: 0,
  warning: '',
  tasks: [],
  kit: [],
  settings: [],
  hazards: [],
  leaves: [],
  forbids: [],
  priorWorked: 0,
  priorFailed: 0,
});

export const blankDemo = (id: string, name: string, methods: Method[]): Demo => ({
  id,
  name,
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
  methods,
});
