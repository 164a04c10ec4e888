/** What is not known of a place yet. */
import type { Venue } from './types';

/** Facts that every place has, each with what it is called. */
const OF_ANY = [
  ['frontRowM', 'front row'],
  ['water', 'tap'],
  ['drain', 'drain'],
  ['floor', 'floor'],
  ['stageWidthM', 'stage'],
] as const;
const OF_ROOM = [
  ['lengthM', 'length'],
  ['widthM', 'width'],
  ['ceilingM', 'ceiling'],
  ['dark', 'dark'],
  ['smokeDetectors', 'smoke detectors'],
  ['airChanges', 'air changes'],
] as const;

/** Names of what is not known, in the order one asks. */
export function unknownOf(venue: Venue): string[] {
  const facts = venue.outdoors ? OF_ANY : [...OF_ROOM, ...OF_ANY];
  return [
    ...facts.flatMap(([fact, name]) =>
      venue[fact] === null || venue[fact] === 'unknown' ? [name] : [],
    ),
    ...(venue.smokeDetectors === 'yes' && venue.detectorsIsolable === 'unknown'
      ? ['whether detectors can be switched off']
      : []),
    ...(venue.circuits.length === 0 ? ['power'] : []),
    ...(venue.exits.length === 0 ? ['ways out'] : []),
    ...(venue.emergencyNote === '' ? ['first aid'] : []),
  ];
}
