/** Places of which nothing is known yet, to be filled in; and the marks most stages have. */
import type { Position, Venue } from './types';

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
