import { written } from './db/open';
import { LIGHTING, seasonExtras } from '../season/extras';
import { benchReadings } from '../season/readings';
import { ordersFor } from '../season/orders';
import { triedSeries } from '../season/trials';
import { TrialBody } from '../contract/trials';
import { season } from '../season/season';
import { OrderBody } from '../contract/inventory';
import { ItemBody } from '../contract/item';
import { DemoBody } from '../contract/repertoire';
import { checkShowFile } from '../contract/showFile';
import { type Checked, check } from '../contract/validate';
import type { AppContext } from './context';
import { importShow } from './brief/importShow';
import { localInstant } from './instant';

const copy = (plain: unknown): unknown => JSON.parse(JSON.stringify(plain));

function valid<T>(result: Checked<T>): T {
  if (result.ok) return result.value;
  const faults = result.faults.map(({ path, message }) => `${path} ${message}`);
  throw new Error(`The demo season is not valid: ${faults.join('; ')}`);
}

/** Loads the demo season, all or nothing, through the same check and import as a person's file. */
export function loadSeason(context: AppContext, today: string, zone: string): void {
  written(context.db, () => {
    const shows = season(today, zone, localInstant).map((show) => valid(checkShowFile(copy(show))));
    for (const show of shows) importShow(context, show);
    const extras = seasonExtras(today, Date.now(), shows);
    // What the shows brought is there already.
    for (const item of extras.items)
      if (!context.items.exists(item.id)) context.items.add(valid(check(ItemBody, copy(item))));
    for (const demo of extras.demos) context.demos.add(valid(check(DemoBody, copy(demo))));
    const { version, ...settings } = context.settings.get('own');
    context.settings.change({ ...settings, ...LIGHTING }, version);
    for (const followUp of extras.followUps) context.followUps.add(followUp);
    for (const { trial, goes } of triedSeries(today)) {
      const { id } = context.trials.add(valid(check(TrialBody, copy(trial))));
      for (const go of goes) context.trialGoes.keep(id, go);
    }
    for (const { id, demoId, first, ...reading } of benchReadings(Date.now()))
      context.readings.put(demoId, id, reading, first);
    for (const order of ordersFor(today))
      if (context.items.exists(order.itemId))
        context.orders.add(valid(check(OrderBody, copy(order))));
    for (const { showId, ...mark } of extras.marks) context.marks.set(showId, mark);
  });
}
