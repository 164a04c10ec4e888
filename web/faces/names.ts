/** What vessels and happenings are called where one is chosen. */
import type { Happening, Vessel } from '../../core/repertoire/face';

export const VESSEL_WORDS: Readonly<Record<Vessel, string>> = {
  bottle: 'Bottle',
  beaker: 'Beaker',
  jar: 'Jar',
  can: 'Can',
  bowl: 'Bowl',
  glass: 'Glass',
  tube: 'Tube',
  balloon: 'Balloon',
  box: 'Box',
  ball: 'Ball',
  table: 'Table',
  stand: 'Stand',
  person: 'Person',
};

export const HAPPENING_WORDS: Readonly<Record<Happening, string>> = {
  foams: 'foams over',
  burns: 'burns',
  bursts: 'bursts',
  flies: 'flies up',
  falls: 'falls',
  turns: 'turns',
  sparks: 'sparks',
  freezes: 'freezes',
  clouds: 'makes clouds',
  colours: 'changes colour',
  sounds: 'sounds',
  floats: 'floats',
  pulls: 'pulls',
  shines: 'shines',
};
