/** The crew’s demonstrations: those of the library that it does, with its own records and notes. All invented. */
import { originOf } from '../core/repertoire/origin';
import type { Item } from '../core/repertoire/item';
import type { Demo } from '../core/repertoire/types';
import { ITEMS } from '../library/items';
import { EASY_ITEMS } from '../library/items-easy';
import { MORE_ITEMS } from '../library/items-more';
import { LIBRARY_DEMOS } from '../library/demos';
import { filmed } from './cameras';
import { KEPT } from './kept';
import { DESK } from './places';

interface Own {
  /** Goes that worked and that did not, before the first run was recorded here, by method. */
  goes: Readonly<Record<string, [worked: number, failed: number]>>;
  pinned?: string;
}

/** The demonstrations of the season’s shows. */
const IN_SHOWS: Readonly<Record<string, Own>> = {
  'smoke-ring-drum': { goes: { 'big-drum': [1, 0] } },
  'cloud-burst': {
    goes: { 'foot-pump': [4, 1] },
    pinned: 'Wet the stopper before it goes in: it seats at the first push.',
  },
  'crushed-can': {
    goes: { 'cold-bowl': [2, 1] },
    pinned: 'Count from the first steam you can see, not from the first sound.',
  },
  'cold-flower': { goes: { 'dip-and-shatter': [0, 0] } },
  'foam-fountain': {
    goes: { gentle: [3, 0], lively: [0, 1] },
    pinned: 'Narrow neck or nothing: in the wide jar it only creeps.',
  },
  'static-dome': { goes: { hair: [4, 1] } },
  'slow-falling-magnet': { goes: { 'copper-pipe': [4, 0] } },
  'spinning-stool': {
    goes: { 'with-volunteer': [3, 0] },
    pinned: 'Start slower than you think: with weights it gets three times as fast.',
  },
  'balancing-forks': { goes: { 'on-a-glass-rim': [2, 2] } },
};

/** More to choose from, in no show yet. */
const BESIDES: Readonly<Record<string, Own>> = {
  'relit-candle': { goes: { 'long-wick': [6, 3] } },
  'blue-ghost': {
    goes: { 'two-litre': [4, 3] },
    pinned: 'Did not light: the bottle was cold, or aired too long. Warm it in the hands.',
  },
  'singing-glasses': { goes: { 'three-glasses': [5, 1] } },
  'cabbage-colours': { goes: { 'five-glasses': [6, 0] } },
  'filling-balloon': { goes: { vinegar: [7, 1] } },
  'held-up-water': { goes: { card: [8, 1] } },
  'fog-bubbles': { goes: { bowl: [5, 2] } },
  'shrinking-balloon': { goes: { 'long-balloon': [4, 1] } },
  'paper-fall': { goes: { 'filter-cones': [7, 0] } },
  'floating-ball': { goes: { dryer: [8, 1] } },
  'bottle-launch': { goes: { 'slide-launcher': [5, 2] } },
  'sheet-race': { goes: { 'four-sheets': [6, 1] } },
  'rolling-can': { goes: { balloon: [7, 2] } },
};

/** As the crew has it, of its own making or taken from the library: its cues of light go to its own desk. */
function own(id: string, { goes, pinned = '' }: Own, isTaken: boolean): Demo {
  const demo = LIBRARY_DEMOS.find((one) => one.id === id);
  if (!demo) throw new RangeError(`The library has no ${id}`);
  const origin = isTaken ? originOf(demo) : null;
  return {
    ...demo,
    origin,
    pinnedNote: pinned,
    methods: demo.methods.map((method) => {
      const [priorWorked = 0, priorFailed = 0] = goes[method.id] ?? [];
      const tasks = method.tasks.map((task) => ({
        ...task,
        cues: task.cues.map((cue) => (cue.kind === 'light' ? { ...cue, output: DESK } : cue)),
      }));
      return filmed({ ...method, tasks, priorWorked, priorFailed });
    }),
  };
}

const owned = (all: Readonly<Record<string, Own>>, isTaken: boolean): Demo[] =>
  Object.entries(all).map(([id, record]) => own(id, record, isTaken));

export const DEMOS: Demo[] = owned(IN_SHOWS, false);
export const MORE_DEMOS: Demo[] = owned(BESIDES, true);

const kept = (item: Item): Item => ({ ...item, ...KEPT[item.id] });

/** What is only needed to try it at home. */
const AT_HOME = new Set(
  [...DEMOS, ...MORE_DEMOS].flatMap(({ handOut }) => handOut.things.map(({ itemId }) => itemId)),
);
const HOME_ITEMS = EASY_ITEMS.filter(({ id }) => AT_HOME.has(id));

/** What the season’s shows need, and what the other demonstrations need besides. */
export const SHOW_ITEMS: Item[] = [...ITEMS, ...HOME_ITEMS].map(kept);
export const ALL_ITEMS: Item[] = [...ITEMS, ...MORE_ITEMS, ...HOME_ITEMS].map(kept);
