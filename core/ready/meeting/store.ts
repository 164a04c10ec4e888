/** What must not travel or stand in one box. */
import type { ShowBundle } from '../../brief/types';
import type { Item } from '../../repertoire/types';
import { thingsInWords } from '../../words';
import { type Verdict, verdict } from '../verdict';

const coded = ({ label }: Item, pattern: RegExp): boolean =>
  label.hazards.some((code) => pattern.test(code));

const flammable = (item: Item): boolean => coded(item, /^H22[0-8]/);
const oxidising = (item: Item): boolean =>
  coded(item, /^H27[0-2]/) || (item.substance === 'peroxide' && item.kind === 'consumable');
const acid = ({ substance }: Item): boolean => /acid$/i.test(substance ?? '');
const alkali = ({ substance }: Item): boolean =>
  substance === 'sodiumHydroxide' || substance === 'ammonia';

const APART: readonly (readonly [
  id: string,
  one: (item: Item) => boolean,
  other: (item: Item) => boolean,
  words: string,
])[] = [
  ['fuel-oxidiser', flammable, oxidising, 'what burns and what feeds fire'],
  ['acid-alkali', acid, alkali, 'acid and alkali'],
];

/** Things of one box that are to be kept apart; boxes that nothing was put in count for nothing. */
export function storeVerdicts({ items }: ShowBundle): Verdict[] {
  const boxes = [...new Set(items.flatMap(({ boxId }) => boxId ?? []))];
  return boxes.flatMap((boxId) =>
    APART.flatMap(([id, one, other, words]): Verdict[] => {
      const inside = items.filter((item) => item.boxId === boxId);
      const [first, second] = [inside.filter(one), inside.filter(other)];
      if (first.length === 0 || second.length === 0) return [];
      const names = thingsInWords([...new Set([...first, ...second])].map(({ name }) => name));
      return [
        verdict({
          key: `box:${id}:${boxId}`,
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
