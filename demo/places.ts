/** Who tours, where they play, and the marks on their stage; all invented. */
import { blankVenue, usualPositions } from '../core/brief/blank';
import type { Person, Position, Venue } from '../core/brief/types';

export const PEOPLE: Person[] = [
  {
    id: 'ines',
    name: 'Ines',
    role: 'Presenter',
    competences: ['cryogen', 'highVoltage', 'flame'],
    mayWaive: true,
    note: '',
  },
  { id: 'jo', name: 'Jo', role: 'Stage hand', competences: ['cryogen', 'highVoltage'], mayWaive: false, note: '' },
  {
    id: 'mara',
    name: 'Mara',
    role: 'Presenter and driver',
    competences: ['driver', 'firstAid', 'highVoltage'],
    mayWaive: true,
    note: 'Not on the late ferry.',
  },
  { id: 'piet', name: 'Piet', role: 'Volunteer', competences: ['driver'], mayWaive: false, note: '' },
];

const room: Venue = { ...blankVenue(''), powerSockets: 4, water: true };

export const VENUES: Venue[] = [
  {
    ...room,
    id: 'boat-shed',
    name: 'Boat Shed',
    address: 'Old Slip, Tarn Skerry',
    travel: 'First ferry 09:10; hand-cart from the pier, ten minutes.',
    outdoors: false,
    lengthM: 18,
    widthM: 9,
    ceilingM: 6.5,
    frontRowM: 3,
    dark: true,
    smokeDetectors: true,
    detectorsIsolatedBy: 'Harbour office, before doors',
    note: 'Big doors stay open a hand’s width. Floor slopes towards the water.',
  },
  {
    ...room,
    id: 'hollin-school',
    name: 'Hollin Primary School',
    address: 'School Brae, Great Hollin',
    travel: 'Van on the 08:20 ferry; gate opens at 08:45.',
    outdoors: false,
    lengthM: 14,
    widthM: 10,
    ceilingM: 4,
    frontRowM: 2.5,
    smokeDetectors: true,
    detectorsIsolatedBy: 'Caretaker',
    note: 'Lunch smells until two.',
  },
  {
    ...room,
    id: 'vay-lifeboat',
    name: 'Vay Lifeboat Station',
    address: 'The Point, Vay',
    travel: 'Passenger ferry only: everything by hand.',
    outdoors: true,
    lengthM: 20,
    widthM: 12,
    ceilingM: null,
    frontRowM: 4,
    powerSockets: 2,
    smokeDetectors: false,
    note: 'Windy past noon. Cold flower in the lee of the boathouse.',
  },
  {
    ...room,
    id: 'little-hollin-hall',
    name: 'Little Hollin Village Hall',
    address: 'Well Lane, Little Hollin',
    travel: 'Van over the causeway, dry two hours either side of low water.',
    outdoors: false,
    lengthM: 12,
    widthM: 8,
    ceilingM: 3.6,
    frontRowM: 2,
    dark: true,
    smokeDetectors: false,
    note: '',
  },
];

export const POSITIONS: Position[] = usualPositions();
