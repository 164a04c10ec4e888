import type { TakenAnswer } from '../../contract/library';
import type { Slot } from '../../core/brief/types';
import { send } from '../app/api';

/** Takes some of the library into one’s own repertoire; answers with one’s own ids. */
export const takeAll = (ids: readonly string[]): Promise<TakenAnswer> =>
  send<TakenAnswer>('POST', '/library/take', { ids });

/** What was chosen from the library becomes one’s own first; its slots name that. */
export async function withOwnDemos(
  slots: readonly Slot[],
  isOwn: (demoId: string) => boolean,
  inShow: ReadonlySet<string>,
): Promise<Slot[]> {
  const wanted = slots.flatMap(({ demoId }) =>
    demoId !== null && !isOwn(demoId) && !inShow.has(demoId) ? demoId : [],
  );
  if (wanted.length === 0) return [...slots];
  const { demos } = await takeAll(wanted);
  const own = new Map(demos.map(({ libraryId, id }) => [libraryId, id]));
  return slots.map((slot) => ({ ...slot, demoId: own.get(slot.demoId ?? '') ?? slot.demoId }));
}
