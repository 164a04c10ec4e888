/** What the store lacks of what the show takes. */
import type { ShowBundle } from '../brief/types';
import { resolveSlots } from '../lineup/fromBundle';
import type { Share } from '../inventory/allocate';
import type { Item } from '../repertoire/item';
import { formatTotal } from '../units/format';
import { dimensionOf } from '../units/units';
import { listInWords, lowerFirst } from '../words';
import { type Verdict, verdict } from './verdict';

/** What of a share decides. */
export type StockShare = Pick<Share, 'itemId' | 'need' | 'got' | 'short' | 'outOfDate'>;

/** Null where it can't be worked out: something that the shows take can't be read. */
export type StockShares = readonly StockShare[] | null;

const unreadable = verdict({
  key: 'stock:unread',
  kind: 'kit',
  level: 'unknown',
  title: 'The store',
  message:
    'What the store has for this show is not known: something that shows take can’t be read.',
  remedy: 'Look under Backups for what can’t be read.',
  place: { page: 'kit' },
});

export interface Shortage {
  item: Item;
  share: StockShare;
  /** “4 short”. */
  text: string;
}

/** Things of which a show gets less than it takes; none where that can't be worked out. */
export const shortages = ({ items }: Pick<ShowBundle, 'items'>, shares: StockShares): Shortage[] =>
  (shares ?? []).flatMap((share) => {
    const item = items.find(({ id }) => id === share.itemId);
    return item && share.short > 0
      ? [{ item, share, text: `${amountOf(share.short, item)} short` }]
      : [];
  });

const amountOf = (base: number, { unit }: Item): string =>
  formatTotal(base, dimensionOf(unit), unit);

const slotsWith = (bundle: ShowBundle, itemId: string): string[] =>
  resolveSlots(bundle).flatMap(({ slot, method }) =>
    method.kit.some((line) => line.itemId === itemId) ? [slot.id] : [],
  );

/** What would help: by name, where its methods say what may be used instead. */
function remedyFor(bundle: ShowBundle, item: Item): string {
  const ids = resolveSlots(bundle).flatMap(({ method }) =>
    method.kit.flatMap((line) =>
      line.itemId === item.id ? line.instead.map(({ itemId }) => itemId) : [],
    ),
  );
  const names = [...new Set(ids)].flatMap((id) =>
    bundle.items.flatMap((one) => (one.id === id ? [lowerFirst(one.name)] : [])),
  );
  return names.length > 0
    ? `Buy it, count it again, or take ${listInWords(names, 'or')} instead, under Kit.`
    : 'Buy it, or count it again.';
}

export const stockVerdicts = (bundle: ShowBundle, shares: StockShares): Verdict[] => [
  ...(shares === null ? [unreadable] : []),
  ...shortages(bundle, shares).map(({ item, share: { need, got, outOfDate }, text: short }) => {
    const text = (base: number): string => amountOf(base, item);
    return verdict({
      key: `stock:${item.id}`,
      kind: 'kit',
      level: 'fix',
      title: item.name,
      message: `${short}: the show takes ${text(need)}, and ${got > 0 ? `${text(got)} of it is there` : 'none is there'}${outOfDate > 0 ? `; ${text(outOfDate)} will be out of date` : ''}.`,
      remedy: remedyFor(bundle, item),
      figure: text(got),
      limit: text(need),
      source: 'the store, after the shows before this one',
      slotIds: slotsWith(bundle, item.id),
      place: { page: 'kit' },
    });
  }),
];
