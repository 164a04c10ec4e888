import { type Expected, threePoint } from '../../chance/estimate';
import type { Task } from '../../repertoire/types';
import type { SlotPolicy } from './types';

/** What a task of a slot is expected to take: as it was learned, or else by its three points. */
export const expectedTime = (
  policy: Pick<SlotPolicy, 'times'> | undefined,
  { id, time }: Pick<Task, 'id' | 'time'>,
): Expected => policy?.times.get(id) ?? threePoint(time);
