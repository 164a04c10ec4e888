/** What the store lacks of what the show takes. */
import type { ShowBundle } from '../brief/types';
import type { Share } from '../inventory/allocate';
import { formatTotal } from '../units/format';
import { dimensionOf } from '../units/units';
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

export const stockVerdicts = (bundle: ShowBundle, shares: StockShares): Verdict[] =>
  shares === null
    ? [unreadable]
    : shares.flatMap(({ itemId, need, got, short, outOfDate }): Verdict[] => {
        const item = bundle.items.find(({ id }) => id === itemId);
        if (!item || short <= 0) return [];
        const text = (base: number): string => formatTotal(base, dimensionOf(item.unit), item.unit);
        const slots = bundle.show.slots.filter((slot) =>
          bundle.demos
            .find(({ id }) => id === slot.demoId)
            ?.methods.find(({ id }) => id === slot.methodId)
            ?.kit.some((line) => line.itemId === itemId),
        );
        return [
          verdict({
            key: `stock:${itemId}`,
            kind: 'kit',
            level: 'fix',
            title: item.name,
            message: `${text(short)} short: the show takes ${text(need)}, and ${got > 0 ? `${text(got)} of it is there` : 'none is there'}${outOfDate > 0 ? `; ${text(outOfDate)} will be out of date` : ''}.`,
            remedy: 'Buy it, count it again, or take what may be used instead.',
            figure: text(got),
            limit: text(need),
            source: 'the store, after the shows before this one',
            slotIds: slots.map(({ id }) => id),
            place: { page: 'kit' },
          }),
        ];
      });
