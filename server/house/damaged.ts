/** Records that can't be read, found one by one, so that each can be named and taken out of use. */
import { type DamagedKind, type DamagedRecord } from '../../contract/house';
import { PersonBody, ShowBody } from '../../contract/brief';
import { FollowUpBody } from '../../contract/day';
import { BoxBody, LotBody } from '../../contract/inventory';
import { ItemBody } from '../../contract/item';
import { DemoBody } from '../../contract/repertoire';
import { check } from '../../contract/validate';
import { VenueBody } from '../../contract/venue';
import type { AppContext } from '../context';
import { bare, type Entity, type EntityStore } from '../entity';
import { HttpError, notFound } from '../http/errors';

type Checked = [DamagedKind, EntityStore<Entity>, new () => object];

const storesOf = (context: AppContext): Checked[] =>
  (
    [
      ['show', context.shows, ShowBody],
      ['demo', context.demos, DemoBody],
      ['item', context.items, ItemBody],
      ['venue', context.venues, VenueBody],
      ['person', context.people, PersonBody],
      ['followUp', context.followUps, FollowUpBody],
      ['box', context.boxes, BoxBody],
      ['lot', context.lots, LotBody],
    ] as const
  ).map(([kind, store, type]) => [kind, store as unknown as EntityStore<Entity>, type]);

/** It can't be read, or is not what the contract says: nothing can be computed from it. */
function isDamaged(store: EntityStore<Entity>, type: new () => object, id: string): boolean {
  try {
    const value = store.listed(id);
    return value !== null && !check(type, bare(value)).ok;
  } catch (error) {
    if (error instanceof HttpError && error.code === 'damaged') return true;
    throw error;
  }
}

export const damagedRecords = (context: AppContext): DamagedRecord[] =>
  storesOf(context).flatMap(([kind, store, type]) =>
    store
      .ids()
      .filter((id) => isDamaged(store, type, id))
      .map((id) => ({ kind, id, noun: store.records.noun, name: store.nameOf(id) })),
  );

/** Takes one that can't be read out of use; what can be read is removed where it is looked at. */
export function discardDamaged(context: AppContext, kind: string, id: string): void {
  const found = storesOf(context).find(([one]) => one === kind);
  if (!found) throw notFound('damaged record');
  const [, store, type] = found;
  if (!store.ids().includes(id) || !isDamaged(store, type, id)) throw notFound('damaged record');
  store.discard(id);
}

/** “demo “Cold flower”, item “Jar” and 3 more”. */
export function damageInWords(records: readonly DamagedRecord[]): string {
  const named = records.slice(0, 3).map(({ noun, name }) => `the ${noun} “${name}”`);
  const more = records.length - named.length;
  return more > 0 ? `${named.join(', ')} and ${more} more` : named.join(' and ');
}

/** What was found the last time it was looked: at the start, and when something could not be worked out. */
export class Damage {
  known: DamagedRecord[] = [];

  constructor(private readonly context: () => AppContext) {}

  async look(): Promise<DamagedRecord[]> {
    return (this.known = await this.context().heavy.told('damaged'));
  }
}
