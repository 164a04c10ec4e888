import type { ShowBundle } from '../brief/types';
import { lineupInput } from './fromBundle';
import { schedule } from './schedule';
import type { Timeline } from './types';

/** The timeline of a show. Pages have it worked out in a worker instead. */
export const timelineOf = (bundle: ShowBundle): Timeline => schedule(lineupInput(bundle));
