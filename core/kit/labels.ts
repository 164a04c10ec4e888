/** What stands on the labels of boxes and bottles. */
import type { Strength } from '../repertoire/substances';
import type { Item } from '../repertoire/types';
import { hazardWords, precautionWords } from './ghs';
import type { PackedBox } from './packing';
import { strengthText } from './strength';

export interface BoxLabel {
  number: number;
  name: string;
  /** “14.2 kg”, with how many things have no known weight. */
  weight: string;
  /** “2 of 4: load second”. */
  load: string;
  contents: string[];
  /** Path that opens the box's list. */
  path: string;
}

export interface BottleLabel {
  content: string;
  strength: string;
  /** “Mixed 2027-05-30”; empty for what is as it was bought. */
  mixed: string;
  signal: '' | 'Warning' | 'Danger';
  hazards: string[];
  precautions: string[];
  box: number | null;
  path: string;
}

const kilograms = (grams: number): string => `${(grams / 1000).toFixed(1)} kg`;

/** The weight of a box in words; what is not known is not passed over. */
export const weightWords = ({
  grams,
  unweighed,
}: Pick<PackedBox, 'grams' | 'unweighed'>): string =>
  unweighed === 0
    ? kilograms(grams)
    : `${kilograms(grams)} and ${unweighed === 1 ? 'one thing' : `${unweighed} things`} not weighed`;

const pathOf = (showId: string, boxId: string | null): string =>
  `/shows/${showId}/pack${boxId === null ? '' : `?box=${encodeURIComponent(boxId)}`}`;

/** Most things named on the label of one box. */
const MOST_CONTENTS = 24;

export function boxLabels(packed: readonly PackedBox[], showId: string): BoxLabel[] {
  const boxed = packed.flatMap((one) => (one.box ? [{ ...one, box: one.box }] : []));
  return boxed.map((one, i) => {
    // First out at the top, as it lies.
    const names = [...one.lines].reverse().map(({ entry }) => `${entry.text} ${entry.name}`);
    const more = names.length - MOST_CONTENTS;
    return {
      number: one.box.number,
      name: one.box.name,
      weight: weightWords(one),
      load: `Load ${i + 1} of ${boxed.length}`,
      contents: more > 0 ? [...names.slice(0, MOST_CONTENTS), `and ${more} more`] : names,
      path: pathOf(showId, one.box.id),
    };
  });
}

/** Whether a thing wants a label: it can hurt, or is a solution. */
export const wantsLabel = (item: Item): boolean =>
  item.kind === 'consumable' &&
  (item.label.signal !== 'none' ||
    item.label.hazards.length > 0 ||
    item.strength !== null ||
    item.cold !== null);

export function bottleLabel(
  item: Item,
  box: number | null,
  showId: string,
  mixed: { strength: Strength; day: string } | null,
): BottleLabel {
  const strength = mixed?.strength ?? item.strength;
  return {
    content: item.name,
    strength: strength ? strengthText(strength) : '',
    mixed: mixed ? `Mixed ${mixed.day}` : '',
    signal:
      item.label.signal === 'none' ? '' : item.label.signal === 'danger' ? 'Danger' : 'Warning',
    hazards: hazardWords(item.label.hazards),
    precautions: precautionWords(item.label.precautions),
    box,
    path: pathOf(showId, item.boxId),
  };
}
