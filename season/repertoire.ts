import type { Demo } from '../core/repertoire/types';
import { AIR } from './repertoire-air';
import { COLD, MORE_COLD } from './repertoire-cold';
import { FLAME_AND_SOUND } from './repertoire-fire';
import { GAS_AND_COLOUR } from './repertoire-gas';
import { MOTION_AND_CHARGE } from './repertoire-motion';
import { TURNING } from './repertoire-turning';
import { WET_AND_HIGH } from './repertoire-wet';

/** The demonstrations of the season's shows. Amounts are at the small end, times from the crew's own notes. */
export const DEMOS: Demo[] = [...AIR, ...COLD, ...WET_AND_HIGH, ...TURNING];

/** More to choose from, in no show yet. */
export const MORE_DEMOS: Demo[] = [
  ...FLAME_AND_SOUND,
  ...GAS_AND_COLOUR,
  ...MORE_COLD,
  ...MOTION_AND_CHARGE,
];
