/** Records that can't be read, found one by one, so that each can be named and taken out of use. */
import { DAMAGED_KINDS, type DamagedKind, type DamagedRecord } from '../../contract/house';
import type { AppContext } from '../context';
import type { Entity, EntityStore } from '../entity';
import { notFound } from '../http/errors';

const storesOf = (context: AppContext): Record<DamagedKind, EntityStore<Entity>> => ({
  show: context.shows,
  demo: context.demos,
  item: context.items,
  venue: context.venues,
  person: context.people,
  followUp: context.followUps,
  box: context.boxes,
  lot: context.lots,
  trial: context.trials,
  template: context.templates,
  order: context.orders,
  settings: context.settings,
});

export function damagedRecords(context: AppContext): DamagedRecord[] {
  const stores = storesOf(context);
  return DAMAGED_KINDS.flatMap((kind) => {
    const store = stores[kind];
    return store
      .ids()
      .filter((id) => store.isDamaged(id))
      .map((id) => ({ kind, id, noun: store.records.noun, name: store.nameOf(id) }));
  });
}

/** Takes one that can't be read out of use; what can be read is removed where it is looked at. */
export function discardDamaged(context: AppContext, kind: string, id: string): void {
  const known = DAMAGED_KINDS.find((one) => one === kind);
  const store = known && storesOf(context)[known];
  if (!store?.ids().includes(id) || !store.isDamaged(id)) throw notFound('damaged record');
  store.discard(id);
}

/** “the demo “Cold flower”, the item “Jar” and 3 more”. */
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
