/** Bookings, people and places of which little is known yet, to be filled in; and the marks most stages have. */
import type { Person, Position, Show, Venue } from './types';
import { NO_AUDIENCE_NEEDS, NO_CONDITIONS } from './types';
import { NO_WISHES } from './wishes';

export const blankVenue = (id: string, name = ''): Venue => ({
  id,
  name,
  address: '',
  travel: '',
  outdoors: false,
  lengthM: null,
  widthM: null,
  ceilingM: null,
  frontRowM: null,
  powerSockets: null,
  water: 'unknown',
  dark: 'unknown',
  smokeDetectors: 'unknown',
  detectorsIsolable: 'unknown',
  detectorsIsolatedBy: '',
  alarmToFireService: 'unknown',
  drain: 'unknown',
  airChanges: null,
  floor: 'unknown',
  circuits: [],
  surface: '',
  stageWidthM: null,
  stageDepthM: null,
  exits: [],
  emergencyNumber: '',
  emergencyNote: '',
  note: '',
});

const position = (
  id: string,
  name: string,
  mark: Position['mark'],
  x: number,
  y: number,
): Position => ({ id, name, mark, at: { x, y }, circuitId: null });

/** Marks of a new show, placed on a stage of about six metres by four. */
export const usualPositions = (): Position[] => [
  position('centre', 'Centre table', 'cross', 0, 1.5),
  position('left', 'Left bench', 'corner', -2.2, 1.5),
  position('floor', 'Floor', 'tee', 1.8, 1),
  position('rear', 'Rear', 'bars', 0, 3),
];

/** The mark that a position of this name usually has; null for one that new shows don’t have. */
export const usualMark = (name: string): Position['mark'] | null =>
  usualPositions().find((one) => one.name.toLowerCase() === name.trim().toLowerCase())?.mark ??
  null;

/** Somebody of whom no more is known than what they are called. */
export const blankPerson = (id: string, name: string): Person => ({
  id,
  name,
  role: '',
  competences: [],
  heartDevice: 'unknown',
  wordsPerMinute: null,
  mayWaive: true,
  note: '',
});

/** A booking with the usual hours of an afternoon; dates are YYYY-MM-DD. */
export const blankShow = (id: string, title: string, date: string, zone: string): Show => ({
  id,
  title,
  tour: '',
  date,
  zone,
  arrival: '12:30',
  doors: '13:45',
  start: '14:00',
  hardFinish: '14:40',
  venueId: null,
  audience: 60,
  audienceNote: '',
  youngest: null,
  audienceNeeds: NO_AUDIENCE_NEEDS,
  journeys: [],
  agreed: false,
  agreedWith: '',
  crew: [],
  answers: [],
  questions: [],
  positions: usualPositions(),
  slots: [],
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
});
