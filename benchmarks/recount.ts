/**
 * The worst answer time of `/api/health` while one item is counted anew, in a store of 10,000 items with
 * 200 coming shows, and the pages that are open ask again for what follows; over its usual one.
 */
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';
import { blankLot } from '../core/inventory/blank';
import { dayAfter } from '../core/time/days';
import { todayHere } from '../server/instant';
import { FESTIVAL, grown, json, median, quantile, round, timed } from './growing';

const ITEMS = 10_000;
const SHOWS = 200;
const ASKED = [
  '/lots',
  '/shopping',
  '/shows',
  '/shows/grown-show-7/stock',
  '/shows/grown-show-7/all',
];
/** Asks for what it is told to, and says when all of it has come. */
const PAGES = `
  const { parentPort } = require('node:worker_threads');
  parentPort.on('message', async (urls) => {
    await Promise.all(urls.map(async (url) => (await fetch(url)).arrayBuffer()));
    parentPort.postMessage('done');
  });`;

export async function recount(): Promise<object> {
  const today = todayHere();
  const { url, close } = await grown(({ items, lots, ledger, shows }) => {
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
  const health = (): Promise<number> => timed(() => json(`${url}/api/health`));
  // The pages are others than the server: what they do with an answer is not its time.
  const others = new Worker(PAGES, { eval: true });
  const pages = async (): Promise<void> => {
    others.postMessage(ASKED.map((path) => `${url}/api${path}`));
    await once(others, 'message');
  };
  // What is new to it is worked out once, before anything is measured.
  await pages();
  const usual: number[] = [];
  for (let i = 0; i < 200; i++) usual.push(await health());
  const during: number[] = [];
  let whole = 0;
  for (let i = 0; i < 5; i++) {
    let over = false;
    const recounted = timed(async () => {
      await json(`${url}/api/lots/grown-lot-${i}/count`, { amount: i, unit: 'piece', note: '' });
      await pages();
    }).then((ms) => {
      whole = Math.max(whole, ms);
      over = true;
    });
    while (!over) during.push(await health());
    await recounted;
  }
  await others.terminate();
  await close();
  const worst = Math.max(...during);
  return {
    ratio: round(worst / median(usual)),
    overUsualWorst: round(worst / quantile(usual, 0.99)),
    worst: round(worst),
    usual: round(median(usual)),
    usualWorst: round(quantile(usual, 0.99)),
    recounted: round(whole),
  };
}
