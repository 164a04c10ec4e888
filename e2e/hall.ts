/** A hall with several devices: the laptop on the loopback, the others by the name of the network. */
import { type Browser, type BrowserContext, expect, type Page } from '@playwright/test';
import type { DeviceRole, ShareAnswer } from '../contract/share';
import { FESTIVAL, type Served } from './stage';

const PHONE = { width: 390, height: 844 };

/** Shares as the laptop does, with what else is set there. */
export async function share(
  laptop: Page,
  demo: Served,
  change: Partial<ShareAnswer> = {},
): Promise<ShareAnswer> {
  const url = `${demo.url}/api/share`;
  const now = (await (await laptop.request.get(url)).json()) as ShareAnswer;
  const { joinAs, goneAfter } = now;
  const showId = FESTIVAL.split('/').at(-1);
  const answer = await laptop.request.put(url, {
    data: { on: true, joinAs, goneAfter, showId, ...change },
  });
  expect(answer.ok()).toBe(true);
  return (await answer.json()) as ShareAnswer;
}

export interface Guest {
  page: Page;
  context: BrowserContext;
  id: string;
}

/** A device comes in by the code; the laptop says what it is, and whose. */
export async function guest(
  browser: Browser,
  laptop: Page,
  demo: Served,
  {
    role = 'crew',
    person = null,
    viewport = PHONE,
  }: {
    role?: DeviceRole;
    person?: string | null;
    viewport?: { width: number; height: number };
  } = {},
): Promise<Guest> {
  const { code } = await share(laptop, demo);
  const context = await browser.newContext({
    viewport,
    reducedMotion: 'reduce',
    hasTouch: viewport === PHONE,
  });
  const page = await context.newPage();
  await page.goto(`${demo.hallUrl}/join#${code}`);
  await page.waitForURL((url) => url.pathname !== '/join');
  const id = await page.evaluate(async () => {
    const answer = await fetch('/api/me');
    return ((await answer.json()) as { device: { id: string } }).device.id;
  });
  const set = await laptop.request.put(`${demo.url}/api/devices/${id}`, {
    data: { name: '', role, person },
  });
  expect(set.ok()).toBe(true);
  return { page, context, id };
}

/** The laptop has opened a rehearsal and started it; gives its address. */
export async function startedRehearsal(laptop: Page, demo: Served): Promise<string> {
  await laptop.goto(demo.url + FESTIVAL + '/on-stage');
  await laptop.getByRole('button', { name: 'Rehearse it' }).click();
  await laptop.getByRole('button', { name: /^Start/ }).click();
  await expect(laptop.getByRole('region', { name: 'Now' })).toBeVisible();
  await expect(laptop.getByText('unsent')).toBeHidden();
  // What may begin is known.
  await expect(laptop.getByRole('region', { name: 'Pace' })).toContainText('ends about');
  return new URL(laptop.url()).search;
}
