/** What a show takes instead, and back; each is undone where it was said. */
import type { KitEntry } from '../../core/kit/kit';
import type { InsteadOf } from '../../core/kit/instead';
import { takeInstead } from '../../core/repertoire/substitute';
import { listInWords, lowerFirst } from '../../core/words';
import type { OpenShow } from '../brief/useShow';
import { useUndoable } from '../parts/undoable';

export interface Swapping {
  key: string;
  label: string;
  press: () => void;
}

const label = ({ words, demos }: InsteadOf): string =>
  `Take ${words} instead${demos.length > 0 ? `, for ${listInWords(demos)} only` : ''}`;

/** For a thing of the kit: what may be taken instead, or back. */
export function useSwaps({
  show,
  store,
}: Pick<OpenShow, 'show' | 'store'>): (
  entry: Pick<KitEntry, 'itemId' | 'name' | 'instead'>,
) => Swapping[] {
  const say = useUndoable(store);
  return ({ itemId, name, instead }) => {
    const isBack = (id: string): boolean =>
      show.swaps.some((swap) => swap.by === itemId && swap.itemId === id);
    return instead.map((one) => ({
      key: one.id,
      label: isBack(one.id) ? `Back to ${lowerFirst(one.name)}` : label(one),
      press: () => {
        store.change({ ...show, swaps: takeInstead(show.swaps, { itemId, by: one.id }) });
        say(
          isBack(one.id)
            ? `${one.name} goes along again.`
            : `${one.name} goes along instead of ${lowerFirst(name)}.`,
        );
      },
    }));
  };
}
