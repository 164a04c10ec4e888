/** A store of ten thousand items, two hundred coming shows: what they need, and the cheapest packs for what is short. */
import type { ShowBundle } from '../core/brief/types';
import { randomFrom } from '../core/chance/random';
import { timelineOf } from '../core/lineup/timelineOf';
import type { Item } from '../core/repertoire/item';
import { byItem, ownedOn } from '../core/inventory/allocate';
import { needsOf } from '../core/kit/needs';
import { shoppingList } from '../core/inventory/shopping';
import { task } from '../core/testing/build';
import { bundle, item, line } from '../core/testing/bundle';
import { lot, pack } from '../core/testing/inventory';
import { dayAfter } from '../core/time/days';
import { HOUSEHOLD } from '../core/units/household';

const ITEMS = 10_000;
const SHOWS = 200;
const SLOTS = 10;
const LINES = 12;
const DEMOS = 300;
const TODAY = '2027-01-01';

export function shopping10000(): object {
  const random = randomFrom(10);
  const items = Array.from({ length: ITEMS }, (_, i): Item =>
    item(`i${i}`, i % 3 === 0 ? 'equipment' : 'consumable', {
      unit: 'piece',
      owned: i % 3 === 0 ? 1 + random.below(4) : null,
      packs: Array.from({ length: 1 + random.below(3) }, (_, p) =>
        pack(`p${p}`, 1 + random.below(60), 'piece', 50 + random.below(3000), random.below(9)),
      ),
    }),
  );
  const lots = items
    .filter((one) => one.kind === 'consumable')
    .flatMap((one) =>
      Array.from({ length: random.below(3) }, (_, l) =>
        lot(`${one.id}/${l}`, one.id, random.below(80), {
          expiry: random.below(2) ? dayAfter(TODAY, random.below(400)) : null,
        }),
      ),
    );
  const kits = Array.from({ length: DEMOS }, () =>
    Array.from({ length: LINES }, () =>
      line(
        `i${random.below(ITEMS)}`,
        1 + random.below(9),
        'piece',
        random.below(2) ? 'perGo' : 'perShow',
      ),
    ),
  );
  const byId = new Map(items.map((one) => [one.id, one]));
  const shows = Array.from({ length: SHOWS }, (_, s): ShowBundle => {
    const demos = [...new Set(Array.from({ length: SLOTS }, () => random.below(DEMOS)))].map(
      (d) => ({
        id: `d${d}`,
        tasks: [
          task('set', 'prepare', 40),
          task('show', 'perform', 120),
          task('wipe', 'reset', 60),
        ],
        over: { kit: kits[d] ?? [] },
      }),
    );
    const named = new Set(demos.flatMap((d) => d.over.kit.map((l) => l.itemId)));
    return bundle(
      demos,
      [...named].flatMap((id) => byId.get(id) ?? []),
      { id: `s${s}`, date: dayAfter(TODAY, s), hardFinish: '19:00' },
    );
  });
  const stocked = byItem(lots);
  const began = performance.now();
  let timelines = 0;
  const needs = shows.map((show) =>
    needsOf(show, {
      timeline: () => {
        timelines++;
        return timelineOf(show);
      },
      owned: (id) => {
        const one = byId.get(id);
        return one ? ownedOn(one, stocked.get(id), show.show.date) : Infinity;
      },
    }),
  );
  const needed = performance.now();
  const list = shoppingList(needs, { items: byId, lots, orders: [], sizes: HOUSEHOLD }, TODAY);
  const done = performance.now();
  return {
    ms: Math.round(done - began),
    needsMs: Math.round(needed - began),
    listMs: Math.round(done - needed),
    lines: list.lines.length,
    timelines,
    unproven: list.lines.filter((one) => !one.proven).length,
  };
}
