/** Tests of the interface: one server and one warm browser for each worker, fresh data for each test. */
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join, resolve } from 'node:path';
import {
  type APIRequestContext,
  type Browser,
  type BrowserContext,
  type Locator,
  type Page,
  expect,
  test as base,
} from '@playwright/test';
import type * as Host from '../server/testing/host';
import { PROGRAMS } from './global-setup';

export interface Served {
  url: string;
  /** By the name that other devices use, once something is shared. */
  hallUrl: string;
  kill: () => Promise<void>;
  /** Starts again on the same port and the same data. */
  restart: () => Promise<void>;
  /** Turns the server's clock forward, or back. */
  turnClock: (ms: number) => void;
  /** Changes the data file past the server, as a bad disk would. */
  damage: (sql: string) => void;
  /** What a room sensor on the network reads; null while it is quiet, as it is at first. */
  sensor: (reading: { temperature: number; humidity: number; sound?: number } | null) => void;
}

/** Few enough that a forecast is there at once, and always the same. */
const FORECAST_RUNS = 500;

const VIEWPORT = { width: 1280, height: 800 };

interface Sensor {
  url: string;
  set: Served['sensor'];
  close: () => void;
}

async function playedSensor(): Promise<Sensor> {
  let pack: unknown = null;
  const device: Server = createServer((_request, response) => {
    if (pack === null) response.destroy();
    else response.end(JSON.stringify(pack));
  }).listen(0, '127.0.0.1');
  await once(device, 'listening');
  return {
    url: `http://127.0.0.1:${(device.address() as AddressInfo).port}/senml`,
    set: (reading) => {
      pack = reading && [
        { n: 'temperature', u: 'Cel', v: reading.temperature },
        { n: 'humidity', u: '%RH', v: reading.humidity },
        ...(reading.sound === undefined ? [] : [{ n: 'sound', u: 'dB', v: reading.sound }]),
      ];
    },
    close: () => {
      device.close();
      device.closeAllConnections();
    },
  };
}

/** A context for all tests of a worker: what was fetched and compiled stays in it. */
interface Warm {
  context: BrowserContext;
  /** Stays open for the next test: opening one costs as much as a short test. */
  blank: Page;
  /** What pages have kept in the browser goes with the test. */
  forget: (origin: string) => Promise<void>;
}

async function warmContext(browser: Browser): Promise<Warm> {
  const context = await browser.newContext({
    viewport: VIEWPORT,
    reducedMotion: 'reduce',
    // What the pages keep for the time without a network is tested where that is what it is about.
    serviceWorkers: 'block',
  });
  const blank = await context.newPage();
  const session = await context.newCDPSession(blank);
  const forget = async (origin: string): Promise<void> =>
    void (await session.send('Storage.clearDataForOrigin', {
      origin,
      storageTypes: 'local_storage,indexeddb,cache_storage,service_workers,cookies',
    }));
  return { context, blank, forget };
}

interface WorkerParts {
  host: Host.TestHost;
  warm: Warm;
}

interface TestParts {
  demo: Served;
  own: Served;
  served: (mode: Host.Mode) => Promise<Served>;
}

export const test = base.extend<TestParts, WorkerParts>({
  host: [
    async ({}, use) => {
      const { TestHost } = (await import(join(PROGRAMS, 'host.js'))) as typeof Host;
      const templates = process.env.HEARTY_TEMPLATES ?? '';
      const pages = resolve('dist', 'web');
      const host = new TestHost({ templates, pages, forecastRuns: FORECAST_RUNS });
      await use(host);
      await host.kill();
    },
    { scope: 'worker' },
  ],
  warm: [
    async ({ browser }, use) => {
      const warm = await warmContext(browser);
      await use(warm);
      await warm.context.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ warm, browser, host, hasTouch, viewport }, use) => {
    const context = hasTouch
      ? await browser.newContext({ viewport, hasTouch, serviceWorkers: 'block' })
      : warm.context;
    await use(context);
    for (const page of context.pages()) if (page !== warm.blank) await page.close();
    if (context !== warm.context) await context.close();
    else {
      await context.setOffline(false);
      await warm.forget(host.url);
    }
  },
  page: async ({ context }, use, info) => {
    const page = await context.newPage();
    await use(page);
    if (info.status !== info.expectedStatus)
      await page.screenshot({ path: info.outputPath('failed.png') }).catch(() => undefined);
  },
  served: async ({ host }, use) => {
    const sensor = await playedSensor();
    let used = false;
    await use(async (mode) => {
      used = true;
      await host.use(mode, sensor.url);
      return {
        url: host.url,
        hallUrl: host.hallUrl,
        kill: () => host.kill(),
        restart: () => host.restart(),
        turnClock: (ms) => host.turnClock(ms),
        damage: (sql) => host.damage(sql),
        sensor: sensor.set,
      };
    });
    sensor.close();
    if (used) await host.release();
  },
  demo: async ({ served }, use) => use(await served('demo')),
  own: async ({ served }, use) => use(await served('own')),
});

/** Removes something as another page would, from the version it has now. */
export async function removed(request: APIRequestContext, url: string): Promise<void> {
  const { version } = (await (await request.get(url)).json()) as { version: number };
  await request.delete(`${url}?version=${version}`);
}

/** The word that everything typed has been stored. */
export const saved = (page: Page): Locator =>
  page.getByRole('status').filter({ hasText: /^Saved$/ });

/** The field says that it is wrong, and why, to eyes and ears alike. */
export async function refuses(field: Locator, why: RegExp): Promise<void> {
  await expect(field).toHaveAttribute('aria-invalid', 'true');
  await expect(field).toHaveAccessibleDescription(why);
}

/** The field has nothing against what is in it. */
export const accepts = (field: Locator): Promise<void> =>
  expect(field).toHaveAttribute('aria-invalid', 'false');

/** What a link gives is a PDF; answers with its text as it is written in the file. */
export async function takesPdf(page: Page, link: string): Promise<string> {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: link }).click(),
  ]);
  const pdf = readFileSync(await file.path()).toString('latin1');
  expect(pdf.slice(0, 5)).toBe('%PDF-');
  return pdf;
}

export const FESTIVAL = '/shows/harbour-light-festival';

/**
 * Picks from a list of choices, by keys: a pointer let go where the field no longer is, as when the
 * page has just grown, closes it again, and a message may lie above it.
 */
export async function pick(field: Locator, option: string): Promise<void> {
  // As a word in a sentence it is the browser’s own.
  if (await field.evaluate((element) => element.tagName === 'SELECT')) {
    await field.selectOption({ label: option });
    return;
  }
  await field.press('ArrowDown');
  await field.page().getByRole('option', { name: option, exact: true }).press('Enter');
}

/** The same key so soon again, in ms, would be a clicker’s bounce. */
const BOUNCE = 100;
const lastKey = new WeakMap<Page, { key: string; at: number }>();

/** A key of the stage as a hand presses it: no sooner again than a hand can. */
export async function pressKey(page: Page, key: string): Promise<void> {
  const last = lastKey.get(page);
  if (last?.key === key) await expect.poll(() => Date.now() - last.at).toBeGreaterThan(BOUNCE);
  await page.keyboard.press(key);
  lastKey.set(page, { key, at: Date.now() });
}

/** Every key that means onward, in turn: nothing is waited for between them. */
const ONWARD = ['Space', 'PageDown', 'ArrowRight', 'ArrowDown'] as const;
const onwards = new WeakMap<Page, number>();

/** One press onward, however soon after the one before. */
export async function onward(page: Page): Promise<void> {
  const pressed = onwards.get(page) ?? 0;
  onwards.set(page, pressed + 1);
  await pressKey(page, ONWARD[pressed % ONWARD.length] ?? 'Space');
}

/** A rehearsal begun at the planned start of the festival, on the page’s clock and the server’s. */
export async function startAtTwo(page: Page, demo: Served): Promise<void> {
  const two = new Date();
  two.setHours(14, 0, 0, 0);
  demo.turnClock(two.getTime() - Date.now());
  await page.clock.install({ time: two });
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText('There will be stage smoke');
  await onward(page);
  await expect(now.getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
}

/** No press is on its way: it would be taken for one of the time that the server’s clock has once it is there. */
const isSent = (page: Page): Promise<boolean> =>
  page.evaluate(
    () =>
      !navigator.onLine ||
      Object.keys(localStorage).every((key) => !key.startsWith('hearty-stage-run-')),
  );

/** Turns both clocks forward: nothing is waited for but what was pressed before. */
export async function later(page: Page, demo: Served, seconds: number): Promise<void> {
  await expect.poll(() => isSent(page)).toBe(true);
  demo.turnClock(seconds * 1000);
  await page.clock.fastForward(seconds * 1000);
}
export { expect };

/** A rehearsal of the festival, gone on to one of its demonstrations. */
export async function rehearseFrom(page: Page, url: string, name: RegExp): Promise<void> {
  await page.goto(url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  await pressKey(page, 'g');
  await page.getByRole('dialog', { name: 'Go to' }).getByRole('button', { name }).click();
}

/** What one of the festival’s crew has on their phone. */
export async function phoneOf(page: Page, url: string, name: string): Promise<Page> {
  const phone = await page.context().newPage();
  await phone.setViewportSize({ width: 390, height: 844 });
  await phone.goto(`${url}${FESTIVAL}/crew`);
  await phone.getByRole('button', { name, exact: true }).click();
  return phone;
}
