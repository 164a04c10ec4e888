import { type MethodRecord, recordsOf } from '../../core/after/review';
import type { Demo } from '../../core/repertoire/types';
import type { Area } from '../area';

/** How often each method of these demos has worked, over every run there is. */
export const recordsFor = ({ runs }: Area, demos: readonly Demo[]): MethodRecord[] =>
  recordsOf(demos, runs.list());
