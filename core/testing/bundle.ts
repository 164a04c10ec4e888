import { plainSlot } from '../brief/freshSlot';
import { NO_WISHES } from '../brief/wishes';
import { NO_CONDITIONS, type Show, type ShowBundle, type Slot } from '../brief/types';
import { blankDemo, blankItem, blankLine, blankMethod } from '../repertoire/blank';
import { USUAL_MATRIX } from '../repertoire/matrix';
import { HOUSEHOLD } from '../units/household';
import type { Item } from '../repertoire/item';
import type { Demo, KitLine, Method, Task } from '../repertoire/types';

export const method = (id: string, over: Partial<Method> = {}): Method => ({
  ...blankMethod(id, id),
  goesAllowed: 3,
  // Somebody went through it: what a test is not about is not asked for.
  hazardsReviewed: true,
  ...over,
});

export const demo = (id: string, methods: Method[]): Demo => blankDemo(id, id, methods);

export const item = (id: string, kind: Item['kind'], over: Partial<Item> = {}): Item => ({
  ...blankItem(id, id, kind),
  ...over,
});

export const line = (
  itemId: string,
  amount: number,
  unit: KitLine['unit'],
  basis: KitLine['basis'] = 'perShow',
  over: Partial<KitLine> = {},
): KitLine => ({
  ...blankLine(`${itemId}-${unit}-${basis}`, itemId),
  amount,
  unit,
  basis,
  ...over,
});

export const bookedSlot = (demoId: string, over: Partial<Slot> = {}): Slot => ({
  ...plainSlot(`slot-${demoId}`),
  demoId,
  methodId: 'm',
  performerId: 'ines',
  positionId: 'table',
  ...over,
});

/** A show of one-method demos at 14:00, crew arriving at 12:30, doors at 13:45, out by 14:40. */
export function bundle(
  demos: { id: string; tasks: Task[]; over?: Partial<Method>; slot?: Partial<Slot> }[],
  items: Item[] = [],
  over: Partial<Show> = {},
): ShowBundle {
  return {
    show: {
      id: 'show',
      title: 'Show',
      tour: '',
      date: '2027-05-30',
      zone: 'Etc/UTC',
      arrival: '12:30',
      doors: '13:45',
      start: '14:00',
      hardFinish: '14:40',
      venueId: null,
      audience: 120,
      audienceNote: '',
      youngest: 8,
      audienceNeeds: { hearing: 'no', sight: 'no', movement: 'no' },
      journeys: [],
      agreed: true,
      agreedWith: '',
      crew: ['ines', 'jo'],
      answers: [],
      questions: [],
      positions: [
        { id: 'table', name: 'Table', mark: 'cross', at: null, circuitId: null },
        { id: 'bench', name: 'Bench', mark: 'corner', at: null, circuitId: null },
      ],
      slots: demos.map((d) => bookedSlot(d.id, d.slot)),
      wishes: NO_WISHES,
      rehearsals: 0,
      wantedChance: 95,
      sparePolicy: { wish: 'each', mostCost: null, mostGrams: null },
      swaps: [],
      cold: [],
      conditions: NO_CONDITIONS,
      filming: [],
      classSet: null,
      note: '',
      ...over,
    },
    venue: null,
    people: [
      {
        id: 'ines',
        name: 'Ines',
        role: '',
        competences: [],
        heartDevice: 'no',
        wordsPerMinute: null,
        mayWaive: true,
        note: '',
      },
      {
        id: 'jo',
        name: 'Jo',
        role: '',
        competences: [],
        heartDevice: 'no',
        wordsPerMinute: null,
        mayWaive: false,
        note: '',
      },
    ],
    demos: demos.map((d) => demo(d.id, [method('m', { tasks: d.tasks, ...d.over })])),
    items,
    household: HOUSEHOLD,
    riskMatrix: USUAL_MATRIX,
  };
}
