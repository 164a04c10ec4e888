/** The shows of the season, each some days from today. Everything here is invented. */
import {
  type ColdPlan,
  CONDITION_FIGURES,
  type Conditions,
  type Journey,
  NO_CONDITIONS,
  type Show,
  type Slot,
} from '../core/brief/types';
import { blankOption, type ClassSet } from '../core/brief/classSet';
import { forClass } from './classes';
import type { GoneBy } from './logs';
import { POSITIONS } from './places';
import { DEMOS } from './repertoire';

/** A slot at its demo's usual position; the second part of “foam-fountain/lively” names a method. */
function slot(what: string, performerId: string, more: Partial<Slot> = {}): Slot {
  const [demoId = '', methodId] = what.split('/');
  const demo = DEMOS.find((d) => d.id === demoId);
  return {
    id: `slot-${demoId}`,
    demoId,
    methodId: methodId ?? demo?.methods[0]?.id ?? '',
    performerId,
    positionId: POSITIONS.find((p) => p.name === demo?.usualPosition)?.id ?? null,
    talk: null,
    goes: 1,
    // What is cheap to do again is done again once; the rest moves on with a few words.
    again: ['crushed-can', 'smoke-ring-drum'].includes(demoId) ? 1 : 0,
    wantedGoes: null,
    fallback: 15,
    leads: [],
    pinned: false,
    mayLeaveOut: true,
    worth: 3,
    sideBySide: null,
    ...more,
  };
}

/** Words at the start of a show, before anything is shown. */
const welcome = (performerId: string, say: string): Slot => ({
  ...slot('smoke-ring-drum', performerId),
  id: 'slot-welcome',
  demoId: null,
  methodId: null,
  talk: { title: 'Welcome', time: { shortest: 40, likely: 60, longest: 100 }, say },
  positionId: null,
  again: 0,
  fallback: 0,
  pinned: true,
  mayLeaveOut: false,
  worth: 2,
});

/** Figures of a day that were all measured, at this time. */
const measured = (takenAt: string, figures: Partial<Conditions>): Conditions => ({
  ...NO_CONDITIONS,
  ...figures,
  measured: CONDITION_FIGURES.filter((name) => figures[name] !== undefined),
  takenAt,
});

export const plainDay = (date: string, days: number): string =>
  new Date(Date.parse(`${date}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);

export const PLAIN_KIT: Pick<
  Show,
  | 'tour'
  | 'rehearsals'
  | 'wantedChance'
  | 'sparePolicy'
  | 'swaps'
  | 'cold'
  | 'conditions'
  | 'youngest'
  | 'audienceNeeds'
  | 'journeys'
  | 'filming'
  | 'agreedWith'
  | 'answers'
  | 'questions'
  | 'classSet'
> = {
  tour: '',
  youngest: 5,
  audienceNeeds: { hearing: 'no', sight: 'no', movement: 'no' },
  journeys: [],
  rehearsals: 0,
  wantedChance: 95,
  sparePolicy: { wish: 'each' as const, mostCost: null, mostGrams: null },
  swaps: [],
  cold: [],
  conditions: NO_CONDITIONS,
  filming: [],
  classSet: null,
  agreedWith: '',
  answers: [],
  questions: [],
};

/** Liquid nitrogen from the gas works, in the vented travel vessel. */
const nitrogen = (collected: string, daysBefore: number, ordered: number | null): ColdPlan => ({
  itemId: 'nitrogen',
  daysBefore,
  collected,
  vesselId: 'travel-flask',
  vesselWarm: false,
  pourLoss: 10,
  reserve: 20,
  ordered,
  measured: null,
});

/** The ways that things go, with the air about them. */
const VAN: Journey = {
  id: 'van',
  name: 'The van, windows open',
  by: 'vehicle',
  volumeM3: 9,
  airChanges: 25,
  minutes: 20,
  people: 1,
  mostKg: 420,
};
const FERRY: Journey = {
  id: 'ferry',
  name: 'Open car deck',
  by: 'ferry',
  volumeM3: 4000,
  airChanges: 30,
  minutes: 45,
  people: 20,
  mostKg: null,
};
const CART: Journey = { ...FERRY, id: 'cart', name: 'Hand-cart', by: 'foot', mostKg: 60 };
const LIFTED: Journey = { ...FERRY, id: 'steps', name: 'Up the school steps', by: 'foot' };

export interface Booking {
  show: Omit<Show, 'date' | 'zone' | 'positions' | 'wishes' | keyof typeof PLAIN_KIT> &
    Partial<Pick<Show, keyof typeof PLAIN_KIT>>;
  /** Days from today. */
  day: number;
  gone?: GoneBy;
  /** The same show for single classes, so many days before it. */
  earlier?: (GoneBy & { days: number })[];
}

/** After the show one class tries it itself. */
const CLASS_OF_THE_DAY: ClassSet = {
  pupils: 26,
  perGroup: 3,
  enough: 90,
  options: [
    {
      ...blankOption('foam', 'foam-fountain', 'gentle'),
      errors: [
        { id: 'cold', words: 'Yeast stirred into cold water', count: 0 },
        { id: 'slow', words: 'Poured in by and by', count: 0 },
      ],
      before: { chose: 7, of: 16 },
    },
    {
      ...blankOption('forks', 'balancing-forks', 'on-a-glass-rim'),
      before: { chose: 5, of: 16 },
    },
    {
      ...blankOption('stool', 'spinning-stool', 'with-volunteer'),
      before: { chose: 4, of: 16 },
    },
  ],
};

export const BOOKINGS: Booking[] = [
  {
    day: -12,
    show: {
      id: 'hollin-school-morning',
      title: 'Hollin School morning',
      arrival: '09:00',
      doors: '10:05',
      start: '10:15',
      hardFinish: '10:45',
      venueId: 'hollin-school',
      audience: 84,
      audienceNote: 'Years 3 to 6, on the floor',
      agreed: true,
      crew: ['ines', 'jo', 'mara'],
      answers: [
        { personId: 'ines', said: 'yes' },
        { personId: 'jo', said: 'yes' },
        { personId: 'mara', said: 'yes' },
      ],
      slots: [
        slot('smoke-ring-drum', 'ines'),
        slot('balancing-forks', 'mara', { worth: 2 }),
        slot('foam-fountain/lively', 'ines', { worth: 4 }),
        slot('slow-falling-magnet', 'mara'),
        slot('crushed-can', 'ines'),
        slot('cold-flower', 'ines', { worth: 5, mayLeaveOut: false }),
      ],
      youngest: 7,
      journeys: [VAN, LIFTED],
      cold: [nitrogen('07:40', 0, 3000)],
      conditions: measured('09:20', { temperature: 19, humidity: 55, pressure: 1009 }),
      note: '',
    },
    earlier: [
      forClass(5, [1.22, 0.96, 1.2, 1.04], [6, 4.6], 58),
      forClass(4, [1.14, 0.9, 1.12, 0.97], [6.5, 4.5], 60),
      forClass(3, [1.3, 0.98, 1.26, 1.02], [5.5, 4.7], null),
      forClass(2, [1.18, 0.92, 1.16, 0.99], [6, 4.6], null),
      forClass(1, [1.25, 0.95, 1.22, 1.05], [5.5, 4.6], null),
    ],
    gone: {
      late: 40,
      notes: [
        ['slot-balancing-forks', 'Nobody past row four can see it. A camera, or leave it out.'],
        [null, 'Caretaker very helpful with the detectors.'],
      ],
      slots: {
        'slot-smoke-ring-drum': {
          pace: 1.05,
          goes: [['worked']],
          read: { reach: [6] },
          reaction: [5, 'Shrieks at the second ring'],
        },
        'slot-balancing-forks': { pace: 1.3, goes: [['failed', 'Hands shook'], ['worked']] },
        'slot-foam-fountain': { pace: 0.98, goes: [['worked']], read: { height: [62] } },
        'slot-slow-falling-magnet': {
          pace: 0.95,
          goes: [['worked']],
          read: { fall: [4.6] },
          held: [40, 'a child past the tape'],
          reaction: [3, 'Back rows could not see'],
        },
        'slot-crushed-can': { pace: 1.1, goes: [['failed', 'Not hot enough'], ['worked']] },
        'slot-cold-flower': { pace: 1.02, goes: [['worked']], reaction: [5, ''] },
      },
    },
  },
  {
    day: -5,
    show: {
      id: 'vay-open-day',
      title: 'Vay Lifeboat open day',
      arrival: '10:30',
      doors: '12:45',
      start: '13:00',
      hardFinish: '13:30',
      venueId: 'vay-lifeboat',
      audience: 150,
      audienceNote: 'Families, standing, coming and going',
      agreed: true,
      crew: ['ines', 'jo', 'piet'],
      answers: [
        { personId: 'ines', said: 'yes' },
        { personId: 'jo', said: 'yes' },
        { personId: 'piet', said: 'yes' },
      ],
      slots: [
        slot('foam-fountain/lively', 'ines', { worth: 4 }),
        slot('spinning-stool', 'ines'),
        slot('balancing-forks', 'ines', { worth: 1 }),
        slot('smoke-ring-drum', 'ines', { worth: 4 }),
        slot('cloud-burst', 'ines', { worth: 5, mayLeaveOut: false }),
      ],
      conditions: measured('11:40', { temperature: 14, humidity: 70, wind: 4, pressure: 1004 }),
      note: 'No static dome outdoors.',
    },
    gone: {
      late: 120,
      notes: [['slot-cloud-burst', 'Stopper dry: would not seat. Wet it first.']],
      slots: {
        'slot-foam-fountain': { pace: 1.08, goes: [['worked']], read: { height: [54] } },
        'slot-spinning-stool': { pace: 1.15, goes: [['worked']], read: { turns: [88] } },
        'slot-balancing-forks': { pace: 1, goes: [['failed', 'Too windy']] },
        'slot-smoke-ring-drum': {
          pace: 0.97,
          goes: [['partly', 'Too windy'], ['worked']],
          read: { reach: [null, 3.5] },
        },
        'slot-cloud-burst': { pace: 1.05, goes: [['failed', 'Not tight'], ['worked']] },
      },
    },
  },
  {
    day: 0,
    show: {
      id: 'harbour-light-festival',
      title: 'Harbour Light Festival',
      arrival: '12:30',
      doors: '13:45',
      start: '14:00',
      hardFinish: '14:40',
      venueId: 'boat-shed',
      audience: 120,
      audienceNote: 'Families, benches, first row 3 m away',
      agreed: true,
      crew: ['ines', 'jo'],
      answers: [
        { personId: 'ines', said: 'yes' },
        { personId: 'jo', said: 'yes' },
      ],
      slots: [
        slot('smoke-ring-drum', 'ines', { pinned: true, worth: 4 }),
        slot('slow-falling-magnet', 'ines'),
        slot('foam-fountain', 'ines', { worth: 4 }),
        slot('spinning-stool', 'ines'),
        slot('static-dome', 'ines', { worth: 5, mayLeaveOut: false }),
        slot('crushed-can', 'ines', { worth: 4 }),
        slot('cold-flower', 'ines', { worth: 4 }),
        slot('balancing-forks', 'ines', { worth: 1 }),
        slot('cloud-burst', 'ines', { pinned: true, worth: 5, mayLeaveOut: false }),
      ],
      cold: [nitrogen('11:10', 0, 3000)],
      youngest: 6,
      journeys: [CART],
      conditions: measured('12:50', { temperature: 17, humidity: 48, pressure: 1012 }),
      filming: [{ camera: 'wide', personId: null }],
      note: 'Lantern walk starts at 14:45 sharp from the same doors.',
    },
  },
  {
    day: 6,
    show: {
      id: 'little-hollin-evening',
      title: 'Little Hollin evening',
      arrival: '16:30',
      doors: '18:45',
      start: '19:00',
      hardFinish: '19:30',
      venueId: 'little-hollin-hall',
      audience: 45,
      audienceNote: 'All ages; half of them came last year',
      agreed: true,
      crew: ['mara', 'jo', 'piet'],
      answers: [
        { personId: 'mara', said: 'yes' },
        { personId: 'jo', said: 'yes' },
        { personId: 'piet', said: 'asked' },
      ],
      slots: [
        welcome(
          'mara',
          'Good evening. Sit where you can see; nothing tonight is for touching unless I ask.',
        ),
        slot('slow-falling-magnet', 'mara'),
        slot('static-dome', 'mara', { worth: 5 }),
        slot('crushed-can', 'mara'),
        slot('foam-fountain', 'mara', { worth: 4 }),
        slot('smoke-ring-drum', 'mara', { goes: 2, worth: 4 }),
      ],
      rehearsals: 1,
      note: 'Causeway shuts at 21:40.',
    },
  },
  {
    day: 13,
    show: {
      id: 'hollin-science-day',
      title: 'Hollin science day',
      arrival: '08:50',
      doors: '09:55',
      start: '10:00',
      hardFinish: '10:35',
      venueId: 'hollin-school',
      audience: 110,
      audienceNote: 'The whole school',
      agreed: false,
      crew: ['ines', 'mara', 'jo'],
      answers: [
        { personId: 'ines', said: 'yes' },
        { personId: 'mara', said: 'asked' },
      ],
      slots: [
        slot('smoke-ring-drum', 'ines', { worth: 4 }),
        slot('spinning-stool', 'mara'),
        slot('cold-flower', 'ines', { worth: 5 }),
        slot('cloud-burst', 'ines', { worth: 5, pinned: true }),
      ],
      cold: [nitrogen('16:30', 1, 3500)],
      journeys: [VAN, FERRY],
      classSet: CLASS_OF_THE_DAY,
      note: 'Asked for something about weather.',
    },
  },
];
