/** Things of the repertoire with nothing in them yet, to be filled in. */
import { NO_CARD, NO_CARE, NO_NEEDS } from './care';
import { USUAL_RATING } from './hazards';
import type { Demo, Hazard, HazardKind, Item, ItemKind, KitLine, Method, Task } from './types';

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
  careful: '',
  sign: null,
  hazards: [],
  cues: [],
});

export const blankHazard = (kind: HazardKind, control = ''): Hazard => ({
  kind,
  control,
  atRisk: ['performer', 'crew'],
  firstAid: '',
  figure: null,
  before: USUAL_RATING[kind],
  after: null,
});

export const blankMethod = (id: string, name: string): Method => ({
  id,
  name,
  summary: '',
  oneShot: false,
  goesAllowed: 2,
  volunteers: 0,
  warning: '',
  prediction: null,
  tasks: [],
  kit: [],
  settings: [],
  hazards: [],
  hazardsReviewed: false,
  ruledOut: [],
  needs: NO_NEEDS,
  care: NO_CARE,
  volunteerCard: NO_CARD,
  calculators: [],
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
  energy: 3,
  talkPattern: 'predictShowExplain',
  pinnedNote: '',
  usualPosition: '',
  methods,
});

export const blankLine = (id: string, itemId: string): KitLine => ({
  id,
  itemId,
  amount: 1,
  unit: 'piece',
  basis: 'perShow',
  instead: [],
  chilled: false,
  strength: null,
  note: '',
});

export const blankItem = (id: string, name: string, kind: ItemKind): Item => ({
  id,
  name,
  kind,
  functionTest: '',
  testHolds: false,
  testMeasures: null,
  owned: null,
  atVenue: false,
  unit: 'piece',
  waste: 0,
  density: null,
  gramsEach: null,
  material: null,
  cold: null,
  lid: 'unknown',
  holds: null,
  boilsOff: null,
  substance: null,
  strength: null,
  label: { signal: 'none', hazards: [], precautions: [] },
  keepsOpen: null,
  testEvery: null,
  boxId: null,
  packs: [],
  note: '',
});
