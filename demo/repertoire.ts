import type { Demo } from '../core/repertoire/types';
import { WET_AND_HIGH } from './repertoire-wet';
import { AIR_AND_COLD } from './repertoire-air';
import { TURNING } from './repertoire-turning';

/** The nine demonstrations of the demo season. Amounts are at the small end, times from the crew's own notes. */
export const DEMOS: Demo[] = [...AIR_AND_COLD, ...WET_AND_HIGH, ...TURNING];
