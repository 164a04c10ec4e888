/** A server of its own with 10,000 items and 200 coming shows; it tells its parent where it listens. */
import { blankLot } from '../core/inventory/blank';
import { dayAfter } from '../core/time/days';
import { todayHere } from '../server/instant';
import { FESTIVAL, grown } from './growing';

const ITEMS = 10_000;
const SHOWS = 200;

const { url } = await grown(({ items, lots, ledger, shows }) => {
  const today = todayHere();
  const [model] = items.list();
  const [show] = shows.list().filter((one) => one.id === FESTIVAL);
  if (!model || !show) throw new Error('The season has items and shows');
  const { version: _version, ...plain } = model;
  const { version: _shown, ...plan } = show;
  for (let i = 0; i < ITEMS; i++) {
    const item = { ...plain, id: `grown-${i}`, name: `Grown ${i}`, kind: 'consumable' as const };
    items.add({ ...item, unit: 'piece', packs: [], owned: null });
    lots.add(blankLot(`grown-lot-${i}`, item.id));
    ledger.keep(
      {
        ok: true,
        movement: {
          id: `grown-movement-${i}`,
          lotId: `grown-lot-${i}`,
          at: 0,
          kind: 'received',
          change: 5,
          reverses: null,
          showId: null,
          note: '',
        },
      },
      '',
    );
  }
  for (let i = 0; i < SHOWS; i++)
    shows.add({ ...plan, id: `grown-show-${i}`, date: dayAfter(today, 1 + i) });
});
process.send?.(url);
