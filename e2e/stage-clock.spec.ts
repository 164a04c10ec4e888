/** On stage against the clock: the page's clock and the server's are turned forward, nothing is waited for. */
import type { Page } from '@playwright/test';
import { expect, later, onward, startAtTwo, test, pressKey } from './stage';

const now = (page: Page) => page.getByRole('region', { name: 'Now' });
const pace = (page: Page) => page.getByRole('region', { name: 'Pace' });

test('the pace, the projected end, and what to leave out when it runs over', async ({
  page,
  demo,
}) => {
  await startAtTwo(page, demo);
  await expect(pace(page)).toContainText('on time');
  await expect(pace(page)).toContainText(/ends about 14:4\d, by 14:4\d in 9 of 10/);
  await later(page, demo, 240);
  await expect(pace(page)).toContainText('behind');
  await expect(pace(page)).toContainText('over');
  const leave = page.getByRole('button', { name: /^Leave out/ });
  await expect(leave).toContainText(/\d:\d\d saved, ends about 14:\d\d, (9|10) of 10 in time/);
  const advised = (await leave.textContent()) ?? '';
  await pressKey(page, 'l');
  await expect(pace(page)).toContainText('to spare');
  await expect(leave).toBeHidden();
  // What was left out is offered again, by the key for going elsewhere.
  await pressKey(page, 'g');
  const name = /^Leave out (.*?)(?: and .*)?: /.exec(advised)?.[1] ?? '';
  await page.getByRole('dialog', { name: 'Go to' }).getByRole('button', { name }).click();
  await expect(leave).toBeVisible();
});

test('a sign starts a timer: wait, act now, too late', async ({ page, demo }) => {
  await startAtTwo(page, demo);
  await pressKey(page, 'g');
  await page.getByRole('button', { name: /Crushed can/ }).click();
  // It is not ready by far: what it waits for is told, and it is begun all the same.
  await expect(now(page)).toContainText('not begun');
  await expect(now(page)).toContainText('Can warming');
  await onward(page);
  // The warning, the step, and the gear before the next one: each where it happens.
  for (const press of [/^Said/, /^Done/, /^On/])
    await page.getByRole('button', { name: press }).first().click();
  await expect(now(page).getByRole('button', { name: 'Seen: first steam (T)' })).toBeVisible();
  await pressKey(page, 't');
  const timer = page.getByRole('timer', { name: 'Since first steam' });
  await expect(timer).toContainText('act in');
  await later(page, demo, 70);
  await expect(timer).toContainText('act now');
  await later(page, demo, 30);
  await expect(timer).toContainText('too late');
});

test('held, the show’s clock stands still and the end moves', async ({ page, demo }) => {
  await startAtTwo(page, demo);
  await pressKey(page, 'h');
  await expect(page.getByRole('alert')).toContainText('Held');
  await later(page, demo, 180);
  await expect(page.getByRole('alert')).toContainText('Held 3:');
  await expect(pace(page)).toContainText('on time');
  await expect(pace(page)).toContainText(/ends about 14:4[3-5]/);
  await onward(page);
  await expect(now(page).getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
});

test('jobs behind the performance: due, started, ready', async ({ page, demo }) => {
  await startAtTwo(page, demo);
  const beside = page.getByRole('complementary');
  await later(page, demo, 120);
  await expect(beside).toContainText(/Stand the pipes up over the mat.*starts in/);
  const row = beside.getByRole('button', { name: /^Stand the pipes up.*: say how it stands/ });
  await row.click();
  await page.getByRole('button', { name: 'Started now' }).click();
  await expect(row).toContainText(/◐ 0:\d\d to go, Jo/);
  await expect(row).not.toContainText('by the plan');
  await later(page, demo, 60);
  // Set up, and nothing more to wait for.
  await expect(beside).toContainText(/Slow-falling magnet.*Ready/);
  await expect(beside).not.toContainText('Stand the pipes up');
});

test('keys that mean nothing here do nothing; a key held down counts once', async ({
  page,
  demo,
  request,
}) => {
  await startAtTwo(page, demo);
  for (const key of ['q', '1', 'Enter', 'F2', 'Control+s']) await pressKey(page, key);
  // Held down on the very button that it would press.
  await page.locator('footer').getByRole('button', { name: /^Done/ }).focus();
  await page.keyboard.down('Space');
  await page.keyboard.down('Space');
  await page.keyboard.up('Space');
  await expect(now(page)).toContainText('step 2 of 5');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('a clicker’s forward key');
  await onward(page);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(now(page)).toContainText('step 2 of 5');
  await expect(page.getByText('unsent')).toBeHidden();
  const id = new URL(page.url()).searchParams.get('run') ?? '';
  const run = (await (await request.get(`${demo.url}/api/runs/${id}`)).json()) as {
    events: { kind: string }[];
  };
  expect(run.events.map((event) => event.kind)).toEqual(['start', 'part', 'done']);
});

test('a run removed elsewhere is told, with a way back', async ({ page, demo, request }) => {
  await startAtTwo(page, demo);
  await expect(page.getByText('unsent')).toBeHidden();
  const id = new URL(page.url()).searchParams.get('run') ?? '';
  await request.delete(`${demo.url}/api/runs/${id}`);
  await expect(page.getByRole('alert')).toContainText('no such run');
  await page.getByRole('button', { name: 'Back to the checks' }).click();
  await expect(page.getByText(/must be done before the start/).first()).toBeVisible();
});

test('an hour cut off, then back: nothing is lost, the order is kept, and each press has its time', async ({
  page,
  context,
  demo,
}) => {
  await startAtTwo(page, demo);
  const run = new URL(page.url()).searchParams.get('run');
  const stored = async (): Promise<{ kind: string; at: number }[]> => {
    const answer = await page.request.get(`${demo.url}/api/runs/${run}`);
    return ((await answer.json()) as { events: { kind: string; at: number }[] }).events;
  };
  await expect(page.getByText('unsent')).toBeHidden();
  const before = (await stored()).length;
  await context.setOffline(true);
  await expect(page.getByText('△ Cut off')).toBeVisible();
  for (let i = 1; i <= 12; i++) {
    await onward(page);
    await expect(page.getByText(`on this device, ${i} unsent`)).toBeVisible();
    await later(page, demo, 300);
  }
  await context.setOffline(false);
  await expect(page.getByText('unsent')).toBeHidden();
  const late = (await stored()).slice(before);
  expect(late).toHaveLength(12);
  late.slice(1).forEach(({ at }, i) => {
    const apart = (at - (late[i]?.at ?? 0)) / 1000;
    expect(apart).toBeGreaterThan(290);
    expect(apart).toBeLessThan(330);
  });
});
