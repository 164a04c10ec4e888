/** What coming shows need and get of the store; kept until something that it follows from changes. */
import type { ShowBundle } from '../../core/brief/types';
import { lineupInput } from '../../core/lineup/fromBundle';
import { schedule } from '../../core/lineup/schedule';
import type { Demo, Item } from '../../core/repertoire/types';
import { type Share, allocate, byItem, ownedOn } from '../../core/inventory/allocate';
import { type ShowNeeds, needsOf } from '../../core/inventory/needs';
import { withOwned } from '../../core/inventory/owned';
import { type ShoppingList, shoppingList } from '../../core/inventory/shopping';
import type { StockedLot } from '../../core/inventory/types';
import { recordsFor } from '../after/records';
import type { AppContext } from '../context';
import { itemsNamed } from '../brief/bundles';
import { todayHere } from '../instant';

interface Known {
  items: Map<string, Item>;
  lots: StockedLot[];
  needs: ShowNeeds[];
}

export class UpcomingNeeds {
  private last: { stamp: string; known: Known } | null = null;

  constructor(private readonly context: () => AppContext) {}

  /** Different after every change to anything that needs follow from; and on every new day. */
  private stamp(today: string): string {
    const { db } = this.context();
    const counts = ['show', 'demo', 'item', 'person', 'lot', 'settings']
      .map((table) => `(SELECT coalesce(sum(version), 0) || '/' || count(*) FROM "${table}")`)
      .concat([
        '(SELECT max(seq) FROM movement)',
        '(SELECT count(*) FROM run_event)',
        '(SELECT sum(removed) FROM run)',
      ]);
    return `${today} ${String(
      db
        .prepare(`SELECT concat_ws(' ', ${counts.join(', ')})`)
        .pluck()
        .get(),
    )}`;
  }

  private known(): Known {
    const today = todayHere();
    const stamp = this.stamp(today);
    if (this.last?.stamp === stamp) return this.last.known;
    const context = this.context();
    const lots = context.ledger.stocked();
    const stored = context.items.list();
    const items = new Map<string, Item>(stored.map((item) => [item.id, item]));
    const household = context.settings.get('own').household;
    const demos = new Map<string, Demo>(context.demos.list().map((demo) => [demo.id, demo]));
    const people = context.people.list();
    const records = recordsFor(context, [...demos.values()]);
    // What was removed is still used by the shows that were planned with it.
    const demoOf = (id: string): Demo[] => {
      const demo = demos.get(id) ?? context.demos.find(id);
      return demo ? [demo] : [];
    };
    const itemOf = (id: string): Item[] => {
      const item = items.get(id) ?? context.items.find(id);
      if (item) items.set(id, item);
      return item ? [item] : [];
    };
    const stocked = byItem(lots);
    const needs = context.shows
      .list()
      // Shows that are past need nothing, nor do those whose things were taken out already.
      .filter((show) => show.date >= today && context.ledger.takenFor(show.id).length === 0)
      .map((show): ShowNeeds => {
        const used = [...new Set(show.slots.flatMap((slot) => slot.demoId ?? []))].flatMap(demoOf);
        const bundle: ShowBundle = {
          show,
          venue: null,
          people,
          demos: used,
          items: withOwned(itemsNamed(show, used).flatMap(itemOf), lots, show.date),
          household,
        };
        return needsOf(
          bundle,
          {
            timeline: () => schedule(lineupInput(bundle)),
            owned: (id) => {
              const item = items.get(id);
              return item ? ownedOn(item, stocked.get(id), show.date) : Infinity;
            },
          },
          { records },
        );
      });
    const known = { items, lots, needs };
    this.last = { stamp, known };
    return known;
  }

  /** What one show gets and lacks, after all shows before it have taken theirs. */
  sharesOf(showId: string): Share[] {
    const { items, lots, needs } = this.known();
    return allocate(needs, items, lots).filter((share) => share.showId === showId);
  }

  /** Over the shows named, or all that are coming. */
  shopping(showIds: readonly string[] | null): ShoppingList {
    const { items, lots, needs } = this.known();
    const household = this.context().settings.get('own').household;
    return shoppingList(
      needs,
      items,
      lots,
      todayHere(),
      household,
      showIds === null ? null : new Set(showIds),
    );
  }
}
