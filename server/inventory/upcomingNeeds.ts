/** What coming shows need and get of the store; kept until something that it follows from changes. */
import { methodKey } from '../../core/keys';
import { demosNamed } from '../../core/brief/demosNamed';
import { itemsNamed } from '../../core/brief/itemsNamed';
import type { Show, ShowBundle } from '../../core/brief/types';
import { lineupInput } from '../../core/lineup/fromBundle';
import { schedule } from '../../core/lineup/schedule';
import type { Item } from '../../core/repertoire/item';
import type { Demo } from '../../core/repertoire/types';
import type { TourAnswer } from '../../contract/again';
import type { AheadAnswer, ShoppingAnswer, Versioned } from '../../contract/api';
import { type Share, allocate, inOrder, ownedOn } from '../../core/inventory/allocate';
import { needsOf } from '../../core/kit/needs';
import { withOwned } from '../../core/inventory/owned';
import { tourKit } from '../../core/kit/tourKit';
import { shoppingList } from '../../core/inventory/shopping';
import { isNothing } from '../../core/inventory/ledger';
import { type Order, expectedOf } from '../../core/inventory/orders';
import type { HouseholdSizes } from '../../core/units/household';
import { type ShowCost, showCost } from '../../core/inventory/showCost';
import type { ShowNeeds, StockedLot } from '../../core/inventory/types';
import { recordsFor } from '../after/records';
import type { AppContext } from '../context';
import { isDamage, readable } from '../entity';
import { todayHere } from '../instant';

interface Known {
  items: ReadonlyMap<string, Item>;
  /** Of what coming shows need, or could take instead; of all else nothing is taken. */
  lots: StockedLot[];
  orders: readonly Order[];
  sizes: HouseholdSizes;
  /** What each show needs, and what of that is not taken out yet. */
  whole: ShowNeeds[];
  needs: ShowNeeds[];
  /** Titles of shows that can't be counted, because something of them can't be read. */
  unread: string[];
  /** By show, once asked for. */
  shares?: Map<string, Share[]>;
  shopping: Map<string, ShoppingAnswer>;
}

/** What the needs of one show follow from, as one text; they are worked out again when it differs. */
interface KeptNeeds {
  from: string;
  needs: ShowNeeds;
}

/** Shopping lists that are kept at once, each for another choice of shows. */
const LISTS_MOST = 20;

/** Kinds of changes that some need may follow from. */
const COUNTS = ['show', 'demo', 'item', 'person', 'lot', 'order', 'settings', 'run'];

function allSharesOf(known: Known): Map<string, Share[]> {
  const { items, lots, orders, sizes, needs } = known;
  const expected = expectedOf(orders, items, todayHere(), sizes);
  const shares = new Map(needs.map((show) => [show.showId, [] as Share[]]));
  for (const share of allocate(needs, items, lots, expected)) shares.get(share.showId)?.push(share);
  return shares;
}

/** What was taken out for a show already is not needed again; all else still is. */
function lessTaken(show: ShowNeeds, taken: ReadonlyMap<string, number> | undefined): ShowNeeds {
  if (!taken) return show;
  const needs = show.needs.flatMap((need) => {
    const base = Math.max(0, need.base - (taken.get(need.itemId) ?? 0));
    return isNothing(base) ? [] : [{ ...need, base, perDay: Math.min(need.perDay, base) }];
  });
  return { ...show, needs };
}

export class UpcomingNeeds {
  private last: { stamp: string; known: Known } | null = null;
  private kept = new Map<string, KeptNeeds>();

  constructor(private readonly context: () => AppContext) {}

  /** Different after every change to anything that needs follow from; and on every new day. */
  private stamp(today: string): string {
    const last = this.context().db.prepare('SELECT max(n) FROM change WHERE kind = ?').pluck();
    return [today, ...COUNTS.map((kind) => String(last.get(kind)))].join(' ');
  }

  private known(): Known {
    const today = todayHere();
    const stamp = this.stamp(today);
    if (this.last?.stamp === stamp) return this.last.known;
    const context = this.context();
    const { mirrors } = context;
    const stocked = mirrors.lots.now();
    const items = new Map(mirrors.items.now());
    const settings = context.settings.get('own');
    const demos = new Map(mirrors.demos.now());
    const people = context.people.list();
    const peopleVersion = people.map((person) => `${person.id}:${person.version}`).join();
    const takenOut = context.ledger.takenOut();
    // What was removed is still used by the shows that were planned with it.
    const demoOf = (id: string): Versioned<Demo>[] => {
      const demo = demos.get(id) ?? context.demos.find(id);
      if (demo) demos.set(id, demo);
      return demo ? [demo] : [];
    };
    const itemOf = (id: string): Versioned<Item>[] => {
      const item = items.get(id) ?? context.items.find(id);
      if (item) items.set(id, item);
      return item ? [item] : [];
    };
    const records = new Map(
      readable(demos.values(), (demo) => recordsFor(context, [demo]))
        .flat()
        .map((record) => [methodKey(record.demoId, record.methodId), record]),
    );
    const kept = new Map<string, KeptNeeds>();
    const unread: string[] = [];
    // Shows that are past need nothing, nor do those that were performed and what they used taken out.
    const coming = [...mirrors.shows.now().values()].filter(
      (show) =>
        show.date >= today &&
        !(takenOut.has(show.id) && context.runs.lastPerformance(show.id) !== null),
    );
    const needsOfShow = (show: Versioned<Show>): ShowNeeds => {
      const used = demosNamed(show).flatMap(demoOf);
      const own = itemsNamed(show, used).flatMap(itemOf);
      const owned = (id: string): number => {
        const item = items.get(id);
        return item ? ownedOn(item, stocked.get(id), show.date) : Infinity;
      };
      const tried = used.flatMap((demo) =>
        demo.methods.flatMap(({ id }) => records.get(methodKey(demo.id, id)) ?? []),
      );
      // Of the store only how many there are of its own things matters: a count of anything else
      // leaves the needs of this show as they were.
      const from = JSON.stringify([
        show.version,
        used.map(({ id, version }) => [id, version]),
        own.map(({ id, version }) => [id, version, owned(id)]),
        tried.map(({ worked, partly, failed, family }) => [worked, partly, failed, family]),
        peopleVersion,
        settings.version,
      ]);
      const before = this.kept.get(show.id);
      if (before?.from === from) {
        kept.set(show.id, before);
        return before.needs;
      }
      const bundle: ShowBundle = {
        show,
        venue: null,
        people,
        demos: used,
        items: withOwned(
          own,
          own.flatMap((item) => stocked.get(item.id) ?? []),
          show.date,
        ),
        household: settings.household,
        riskMatrix: settings.riskMatrix,
      };
      const found = needsOf(
        bundle,
        { timeline: () => schedule(lineupInput(bundle)), owned },
        { records: tried },
      );
      kept.set(show.id, { from, needs: found });
      return found;
    };
    const whole = coming.flatMap((show) => {
      try {
        return [needsOfShow(show)];
      } catch (error) {
        // One that can't be read is named, and the others are counted.
        if (!isDamage(error)) throw error;
        unread.push(show.title);
        return [];
      }
    });
    this.kept = kept;
    const needs = whole.map((show) => lessTaken(show, takenOut.get(show.showId)));
    const needed = new Set(
      needs.flatMap((show) => show.needs.flatMap(({ itemId, instead }) => [itemId, ...instead])),
    );
    const lots = [...needed].flatMap((itemId) => stocked.get(itemId) ?? []);
    const known = {
      items,
      lots,
      orders: context.orders.list(),
      sizes: settings.household,
      whole,
      needs,
      unread,
      shopping: new Map<string, ShoppingAnswer>(),
    };
    this.last = { stamp, known };
    return known;
  }

  /** What one show gets and lacks, after all shows before it have taken theirs. */
  sharesOf(showId: string): Share[] {
    const known = this.known();
    known.shares ??= allSharesOf(known);
    return known.shares.get(showId) ?? [];
  }

  /** Who wants some of one thing, what of it is on its way, and what to order of it. */
  aheadOf(itemId: string): AheadAnswer {
    const known = this.known();
    const { items, orders, sizes, needs } = known;
    const wanting = inOrder(needs).flatMap(({ showId, title, date }) =>
      this.sharesOf(showId).flatMap((share) => {
        const { need, got, short, from } = share;
        return share.itemId === itemId ? [{ showId, title, date, need, got, short, from }] : [];
      }),
    );
    const arriving = expectedOf(orders, items, todayHere(), sizes).flatMap((order) =>
      order.itemId === itemId
        ? [{ day: order.from, base: order.packs.reduce((sum, base) => sum + base, 0) }]
        : [],
    );
    const line = this.shopping(null).lines.find((one) => one.itemId === itemId);
    return { wanting, arriving, line: line ?? null };
  }

  /** What a coming show costs; null for one that is not known here. */
  costOf(showId: string): ShowCost | null {
    const { items, orders, sizes, whole } = this.known();
    const show = whole.find((one) => one.showId === showId);
    if (!show) return null;
    const { lines } = this.shopping(null);
    return showCost(show, whole, { items, orders, lines, sizes });
  }

  /** What a tour takes along, over those of its shows that are still to come. */
  tour(name: string): TourAnswer {
    const { items, needs, unread } = this.known();
    const shows = this.context().mirrors.shows.now();
    const of = needs.filter(({ showId }) => shows.get(showId)?.tour === name);
    const titles = [...shows.values()]
      .filter((show) => show.tour === name)
      .map((show) => show.title);
    return {
      shows: of.map(({ showId: id, title, date }) => ({ id, title, date })),
      lines: tourKit(of, items),
      unread: unread.filter((title) => titles.includes(title)),
    };
  }

  /** Over the shows named, or all that are coming. */
  shopping(showIds: readonly string[] | null): ShoppingAnswer {
    const { items, lots, orders, sizes, needs, unread, shopping } = this.known();
    const asked = JSON.stringify(showIds);
    const before = shopping.get(asked);
    if (before) return before;
    const bought = shoppingList(
      needs,
      { items, lots, orders, sizes },
      todayHere(),
      showIds === null ? null : new Set(showIds),
    );
    if (shopping.size >= LISTS_MOST) shopping.clear();
    const list = { ...bought, unread };
    shopping.set(asked, list);
    return list;
  }
}
