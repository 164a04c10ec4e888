/** What must not travel or stand in one box. */
import type { ShowBundle } from '../../brief/types';
import { APART, type Danger, dangersOf } from '../../repertoire/apart';
import { thingsInWords } from '../../words';
import { type Verdict, verdict } from '../verdict';

/** Things of one box that are to be kept apart; boxes that nothing was put in count for nothing. */
export function storeVerdicts({ items }: ShowBundle): Verdict[] {
  const boxes = [...new Set(items.flatMap(({ boxId }) => boxId ?? []))];
  return boxes.flatMap((boxId) =>
    APART.flatMap(({ id: pair, one, other, words }): Verdict[] => {
      const inside = items.filter((item) => item.boxId === boxId);
      const of = (danger: Danger) => inside.filter((item) => dangersOf(item).includes(danger));
      const [first, second] = [of(one), of(other)];
      if (!first.some((item) => second.some(({ id }) => id !== item.id))) return [];
      const names = thingsInWords([...new Set([...first, ...second])].map(({ name }) => name));
      return [
        verdict({
          key: `box:${pair}:${boxId}`,
          kind: 'combination',
          level: 'fix',
          title: 'One box',
          message: `In one box there is ${words}: ${names}.`,
          remedy: 'Pack them in boxes of their own, upright, and carry them apart.',
          limit: `${words} kept apart`,
          source: 'common practice; the supplier’s sheet decides',
          place: first[0] ? { page: 'item', id: first[0].id } : null,
        }),
      ];
    }),
  );
}
