import type { MethodRecord } from '../../core/after/review';
import type { Demo } from '../../core/repertoire/types';
import type { AppContext } from '../context';

/** How often each method of these demos has worked, over every run there is. */
export const recordsFor = ({ outcomes }: AppContext, demos: readonly Demo[]): MethodRecord[] =>
  outcomes.records(demos);
