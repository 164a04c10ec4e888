/**
 * The worst answer time of `/api/health` while one item is counted anew, in a store of 10,000 items with
 * 200 coming shows, and the pages that are open ask again for what follows; over its usual one. The
 * server is a program of its own, as it always is: what it is asked with takes none of its time.
 */
import { fork } from 'node:child_process';
import { once } from 'node:events';
import { Agent, get } from 'node:http';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { Worker } from 'node:worker_threads';
import { todayHere } from '../server/instant';
import { json, median, round, timed } from './growing';

const RECOUNTS = 40;
/** Questions while nothing happens, about as many as come in while one recount lasts. */
const WINDOW = 10;
/**
 * Between two questions, in ms. Often enough that a wait of twice this is always met, by a question that
 * waits for at least half of it, and seldom enough that the questions are not most of what the server has
 * to do: with 2 ms they were.
 */
const PAUSE = 10;
/** What each page that is open asks for: an item of the store, the shopping list, the kit of a show. */
const ASKED = [
  [`/store?find=&shown=all&day=${todayHere()}&system=metric`, '/lots?item=grown-7'],
  ['/shopping', '/shows'],
  ['/shows/grown-show-7/stock', '/shows/grown-show-7/all'],
];
/** Asks for what it is told to, and says when all of it has come. */
const PAGES = `
  const { parentPort } = require('node:worker_threads');
  // They run on other machines: here they are to take no time from the server.
  require('node:os').setPriority(19);
  const pause = require('node:timers/promises').setTimeout;
  parentPort.on('message', async (pages) => {
    await Promise.all(pages.map(async (urls, i) => {
      // No two hear of it in the same instant.
      await pause(i * 5);
      await Promise.all(urls.map(async (url) => (await fetch(url)).arrayBuffer()));
    }));
    parentPort.postMessage('done');
  });`;

async function asked(url: string, agent: Agent): Promise<void> {
  const [answer] = (await once(get(url, { agent }), 'response')) as [NodeJS.ReadableStream];
  answer.resume();
  await once(answer, 'end');
}

export async function recount(): Promise<object> {
  const server = fork(join(import.meta.dirname, 'recountServer.ts'), {
    execArgv: ['--import', 'tsx'],
  });
  const [url] = (await once(server, 'message')) as [string];
  const agent = new Agent({ keepAlive: true, maxSockets: 1 });
  const health = async (): Promise<number> => {
    await pause(PAUSE);
    return timed(() => asked(`${url}/api/health`, agent));
  };
  const others = new Worker(PAGES, { eval: true });
  const pages = async (): Promise<void> => {
    others.postMessage(ASKED.map((page) => page.map((path) => `${url}/api${path}`)));
    await once(others, 'message');
  };
  const count = async (amount: number): Promise<void> => {
    await json(`${url}/api/lots/grown-lot-${amount}/count`, { amount, unit: 'piece', note: '' });
    await pages();
  };
  // What is new to it is worked out once, before anything is measured.
  await pages();
  await count(1);
  const usual: number[] = [];
  for (let i = 0; i < RECOUNTS * WINDOW; i++) usual.push(await health());
  const quiet = Array.from({ length: RECOUNTS }, (_, i) =>
    Math.max(...usual.slice(i * WINDOW, (i + 1) * WINDOW)),
  );
  const worsts: number[] = [];
  const took: number[] = [];
  for (let i = 0; i < RECOUNTS; i++) {
    let over = false;
    const recounted = timed(() => count(i)).then((ms) => {
      took.push(ms);
      over = true;
    });
    let worst = 0;
    while (!over) worst = Math.max(worst, await health());
    await recounted;
    worsts.push(worst);
  }
  await others.terminate();
  agent.destroy();
  server.kill();
  await once(server, 'exit');
  const worst = median(worsts);
  return {
    ratio: round(worst / median(usual)),
    // The machine's own hiccups: the worst of as many questions while nothing happens.
    overQuiet: round(worst / median(quiet)),
    worst: round(worst),
    worstOfAll: round(Math.max(...worsts)),
    usual: round(median(usual)),
    recounted: round(median(took)),
  };
}
