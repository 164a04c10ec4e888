/**
 * What a stored thing names of others: each reference is found here, whether it is to lead to something
 * in the data file or in the same show file.
 */
import type { Show } from '../core/brief/types';
import type { Order } from '../core/inventory/orders';
import type { Lot } from '../core/inventory/types';
import type { Item } from '../core/repertoire/item';
import type { Demo } from '../core/repertoire/types';
import type { TrialSeries } from '../core/trials/series';
import type { FieldFault } from './validate';

export type Named = 'venue' | 'person' | 'demo' | 'item' | 'box';

/** What can be named, and how it is said that something can't. */
export interface Known {
  has: (kind: Named, id: string) => boolean;
  hasMethod: (demoId: string, methodId: string) => boolean;
  /** Such as “is not in the store”. */
  missing: Record<Named, string>;
}

const PEOPLE = 'is not among the people';

export const MISSING_HERE: Record<Named, string> = {
  venue: 'is not among the venues',
  person: PEOPLE,
  demo: 'is not in the repertoire',
  item: 'is not in the store',
  box: 'is not among the boxes',
};

export const MISSING_IN_FILE: Record<Named, string> = {
  venue: 'must be the id of the venue in the file',
  person: PEOPLE,
  demo: 'is not among the demos in the file',
  item: 'is not among the items in the file',
  box: 'is not among the boxes in the file',
};

/** A thing and where its faults are: '' for the thing itself, or a path that ends with a dot. */
type Check<T> = (known: Known, thing: T, at?: string) => FieldFault[];

const stray = (known: Known, kind: Named, id: string | null, path: string): FieldFault[] =>
  id === null || known.has(kind, id) ? [] : [{ path, message: known.missing[kind] }];

export const strayInShow: Check<Show> = (known, show, at = '') => [
  ...stray(known, 'venue', show.venueId, `${at}venueId`),
  ...show.crew.flatMap((id, i) => stray(known, 'person', id, `${at}crew[${i}]`)),
  ...show.slots.flatMap((slot, i) => strayInSlot(known, show, slot, `${at}slots[${i}].`)),
  ...show.answers.flatMap(({ personId }, i) =>
    stray(known, 'person', personId, `${at}answers[${i}].personId`),
  ),
  ...show.filming.flatMap(({ personId }, i) =>
    stray(known, 'person', personId, `${at}filming[${i}].personId`),
  ),
  ...(show.classSet?.options ?? []).flatMap(({ demoId }, i) =>
    stray(known, 'demo', demoId, `${at}classSet.options[${i}].demoId`),
  ),
  ...show.cold.flatMap((plan, i) => [
    ...stray(known, 'item', plan.itemId, `${at}cold[${i}].itemId`),
    ...stray(known, 'item', plan.vesselId, `${at}cold[${i}].vesselId`),
  ]),
];

function strayInSlot(
  known: Known,
  show: Show,
  { talk, demoId, methodId, performerId, positionId, sideBySide }: Show['slots'][number],
  at: string,
): FieldFault[] {
  const fault = (part: string, message: string): FieldFault[] => [{ path: at + part, message }];
  const demo = talk === null ? stray(known, 'demo', demoId, `${at}demoId`) : [];
  const hasDemo = talk === null && demoId !== null && demo.length === 0;
  return [
    ...demo,
    ...(hasDemo && !known.hasMethod(demoId, methodId ?? '')
      ? fault('methodId', 'is not a method of its demo')
      : []),
    ...stray(known, 'person', performerId, `${at}performerId`),
    ...(positionId === null || show.positions.some(({ id }) => id === positionId)
      ? []
      : fault('positionId', 'is not a position of this show')),
    ...(sideBySide?.stations ?? []).flatMap(({ amounts }, s) =>
      amounts.flatMap(({ itemId }, i) =>
        stray(known, 'item', itemId, `${at}sideBySide.stations[${s}].amounts[${i}].itemId`),
      ),
    ),
  ];
}

export const strayInDemo: Check<Demo> = (known, demo, at = '') => [
  ...demo.methods.flatMap((method, m) =>
    method.kit.flatMap((line, k) => {
      const path = `${at}methods[${m}].kit[${k}].`;
      return [
        ...stray(known, 'item', line.itemId, `${path}itemId`),
        ...line.instead.flatMap(({ itemId }, i) =>
          stray(known, 'item', itemId, `${path}instead[${i}].itemId`),
        ),
      ];
    }),
  ),
  ...demo.handOut.things.flatMap(({ itemId }, i) =>
    stray(known, 'item', itemId, `${at}handOut.things[${i}].itemId`),
  ),
];

export const strayInItem: Check<Item> = (known, item, at = '') =>
  stray(known, 'box', item.boxId, `${at}boxId`);

export const strayInLot: Check<Lot> = (known, lot, at = '') =>
  stray(known, 'item', lot.itemId, `${at}itemId`);

export const strayInOrder: Check<Order> = (known, order, at = '') =>
  stray(known, 'item', order.itemId, `${at}itemId`);

export const strayInTrial: Check<TrialSeries> = (known, trial, at = '') => [
  ...stray(known, 'demo', trial.demoId, `${at}demoId`),
  ...(trial.demoId !== null &&
  trial.methodId !== null &&
  !known.hasMethod(trial.demoId, trial.methodId)
    ? [{ path: `${at}methodId`, message: 'is not one of the demonstration’s methods' }]
    : []),
  ...stray(known, 'person', trial.guessedBy, `${at}guessedBy`),
  ...stray(known, 'person', trial.readerId, `${at}readerId`),
  ...trial.kit.flatMap((line, i) => stray(known, 'item', line.itemId, `${at}kit[${i}].itemId`)),
];
