/** Things that are kept apart wherever they stand or travel. Common practice; the supplier's sheet decides. */
import type { Item } from './item';

export type Danger = 'fuel' | 'oxidiser' | 'acid' | 'alkali' | 'food' | 'chemical';

type Coded = Pick<Item, 'label' | 'substance' | 'kind' | 'stows'>;

const coded = ({ label }: Coded, pattern: RegExp): boolean =>
  label.hazards.some((code) => pattern.test(code));

const IS: Record<Danger, (item: Coded) => boolean> = {
  fuel: (item) =>
    coded(item, /^H22[0-8]/) ||
    ((item.substance === 'ethanol' || item.substance === 'propan2ol') &&
      item.kind === 'consumable'),
  oxidiser: (item) =>
    coded(item, /^H27[0-2]/) || (item.substance === 'peroxide' && item.kind === 'consumable'),
  acid: ({ substance }) => /acid$/i.test(substance ?? ''),
  food: ({ stows }) => stows.includes('food'),
  chemical: ({ label, substance, kind, stows }) =>
    kind === 'consumable' &&
    !stows.includes('food') &&
    (label.signal !== 'none' || label.hazards.length > 0 || substance !== null),
  alkali: ({ substance }) => substance === 'sodiumHydroxide' || substance === 'ammonia',
};

/** What of it is kept apart from something else; empty for most things. */
export const dangersOf = (item: Coded): Danger[] =>
  (Object.keys(IS) as Danger[]).filter((danger) => IS[danger](item));

export const APART: readonly { id: string; one: Danger; other: Danger; words: string }[] = [
  { id: 'fuel-oxidiser', one: 'fuel', other: 'oxidiser', words: 'what burns and what feeds fire' },
  { id: 'acid-alkali', one: 'acid', other: 'alkali', words: 'acid and alkali' },
  { id: 'food-chemical', one: 'food', other: 'chemical', words: 'food and chemicals' },
];
