/** What stands on the labels of boxes and bottles. */
import { mixtureLabel, precautionsFor } from '../repertoire/mixtures';
import { type Strength, SUBSTANCES, type SubstanceId } from '../repertoire/substances';
import type { Item } from '../repertoire/item';
import { hazardWords, precautionWords } from './ghs';
import { notBeside } from './loading';
import { type PackedBox, standsUpright } from './packing';
import { type Pictogram, pictogramsOf } from './pictograms';
import { massShare, strengthText, WATER } from './strength';
import { upperFirst } from '../words';
import { kilograms } from '../units/format';

export interface BoxLabel {
  number: number;
  name: string;
  /** “14.2 kg”, with how many things have no known weight. */
  weight: string;
  /** “2 of 4: load second”. */
  load: string;
  contents: string[];
  /** Of all that lies in it. */
  pictograms: Pictogram[];
  /** Something in it must stand upright. */
  upright: boolean;
  /** “Not beside box 3: what burns and what feeds fire”, for each that it is kept apart from. */
  apart: string[];
  /** Path that opens the box's list. */
  path: string;
}

export interface BottleLabel {
  content: string;
  strength: string;
  /** What it was mixed from, and whose codes these are where its own are not known; empty for what is as it was bought. */
  from: string;
  /** “Mixed 2027-05-30”; empty for what is as it was bought. */
  mixed: string;
  signal: '' | 'Warning' | 'Danger';
  pictograms: Pictogram[];
  /** The codes alone, where there is no room for their words. */
  codes: string;
  hazards: string[];
  precautions: string[];
  box: number | null;
  path: string;
}

/** The weight of a box in words; what is not known is not passed over. */
export const weightWords = ({
  grams,
  unweighed,
}: Pick<PackedBox, 'grams' | 'unweighed'>): string =>
  unweighed === 0
    ? kilograms(grams)
    : `${kilograms(grams)} and ${unweighed === 1 ? 'one thing' : `${unweighed} things`} not weighed`;

const pathOf = (showId: string, boxId: string | null, itemId: string | null): string => {
  const query = new URLSearchParams({
    ...(boxId === null ? {} : { box: boxId }),
    ...(itemId === null ? {} : { item: itemId }),
  });
  return `/shows/${showId}/pack${query.size === 0 ? '' : `?${query.toString()}`}`;
};

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
      pictograms: pictogramsOf(one.lines.flatMap(({ item }) => item.label.hazards)),
      upright: one.lines.some(standsUpright),
      apart: boxed.flatMap((other) => {
        const words = other === one ? null : notBeside(one, other);
        return words === null ? [] : [words];
      }),
      contents: more > 0 ? [...names.slice(0, MOST_CONTENTS), `and ${more} more`] : names,
      path: pathOf(showId, one.box.id, null),
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

/** g/mL taken for a solution whose density nobody gave: lighter than it is, so that its share comes out higher. */
const LIGHTEST: Partial<Record<SubstanceId, number>> = {
  ethanol: 0.789,
  propan2ol: 0.785,
  ammonia: 0.88,
};

/** What a mixture carries by its own strength; null where that can’t be told. */
function labelOfMixture(
  { substance }: Pick<Item, 'substance'>,
  strength: Strength,
): Item['label'] | null {
  if (substance === null) return null;
  const share = massShare({ substance, strength, density: LIGHTEST[substance] ?? WATER });
  if (share === null) return null;
  const { signal, hazards } = mixtureLabel(substance, Math.min(1, share));
  return { signal, hazards: [...hazards], precautions: precautionsFor(hazards) };
}

export function bottleLabel(
  item: Item,
  box: number | null,
  showId: string,
  mixed: { strength: Strength; day: string } | null,
): BottleLabel {
  const strength = mixed?.strength ?? item.strength;
  const own = mixed ? labelOfMixture(item, mixed.strength) : null;
  const { signal, hazards, precautions } = own ?? item.label;
  const name = own && item.substance ? upperFirst(SUBSTANCES[item.substance].name) : item.name;
  return {
    content: name,
    strength: strength ? strengthText(strength) : '',
    from: !mixed
      ? ''
      : own
        ? `Mixed from ${item.name}`
        : `Mixed from ${item.name}, and with its codes: the mixture’s own are not known here`,
    mixed: mixed ? `Mixed ${mixed.day}` : '',
    signal: signal === 'none' ? '' : signal === 'danger' ? 'Danger' : 'Warning',
    pictograms: pictogramsOf(hazards),
    codes: hazards.join(' '),
    hazards: hazardWords(hazards),
    precautions: precautionWords(precautions),
    box,
    path: pathOf(showId, item.boxId, item.id),
  };
}
