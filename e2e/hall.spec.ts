/** The crew in one hall: letting devices in, each its own screen, who drives, and what a break does. */
import type { Browser, Locator, Page } from '@playwright/test';
import { guest, type Guest, share, startedRehearsal } from './hall';
import { expect, FESTIVAL, onward, type Served, test, pressKey } from './stage';

/** A rehearsal that this laptop drives, and another presenter’s laptop that looks on. */
async function besideTheDriver(page: Page, browser: Browser, demo: Served): Promise<Guest> {
  const viewport = { width: 1280, height: 800 };
  const mara = await guest(browser, page, demo, { role: 'presenter', person: 'jo', viewport });
  const run = await startedRehearsal(page, demo);
  await mara.page.goto(demo.hallUrl + FESTIVAL + '/on-stage' + run);
  await expect(mara.page.getByText('This laptop drives')).toBeVisible();
  return mara;
}

const nowOf = (page: Page): Locator => page.getByRole('region', { name: 'Now' });

test('scanned, named, given another role, thrown out', async ({ page, browser, demo }) => {
  // In the evening, the afternoon’s show not begun: there is still all of it to do.
  demo.turnClock(new Date().setHours(20, 30, 0, 0) - Date.now());
  await page.goto(demo.url + '/share');
  await page.getByRole('button', { name: 'Share with the crew' }).click();
  const code = page.getByRole('img', { name: /^Code to scan:/ });
  await expect(code).toBeVisible();
  const scanned = (await code.getAttribute('data-text')) ?? '';
  expect(scanned).toMatch(/^http:\/\/127\.0\.0\.2:\d+\/join#[2-9A-Z]{6}$/);
  await expect(page.getByText('Nobody else yet: scan the code with a phone.')).toBeVisible();

  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
  });
  const phone = await context.newPage();
  // Typed wrongly first.
  await phone.goto(demo.hallUrl + FESTIVAL + '/pack');
  const field = phone.getByLabel('Code on the laptop');
  await field.fill('abc');
  await phone.getByRole('button', { name: 'Come in' }).click();
  await expect(phone.getByText('The code has 6 letters and figures.')).toBeVisible();
  await field.fill('222222');
  await phone.getByRole('button', { name: 'Come in' }).click();
  await expect(phone.getByText('That is not the code on the laptop.')).toBeVisible();
  await expect(field).toHaveAttribute('aria-invalid', 'true');
  await phone.goto(scanned.replace(/^http:\/\/[^/]+/, demo.hallUrl));
  // It is asked once whose it is.
  await phone.getByRole('button', { name: 'Jo', exact: true }).click();
  await expect(phone.getByRole('region', { name: 'Your next' })).toBeVisible();

  const row = page.getByRole('listitem', { name: 'Jo’s phone' });
  await expect(row).toContainText('since');
  await row.getByRole('button', { name: /rename/ }).click();
  await page.getByLabel('Called').fill('Red phone');
  await page.getByRole('button', { name: 'Save' }).click();
  const red = page.getByRole('listitem', { name: 'Red phone' });
  await red.getByRole('combobox').press('ArrowDown');
  await page.getByRole('option', { name: 'looks on' }).press('Enter');
  await expect(red).toContainText('sees the stage, changes nothing');
  await phone.goto(demo.hallUrl + FESTIVAL + '/line-up');
  await expect(phone.getByText('To read: only a presenter changes this.')).toBeVisible();
  await red.getByRole('button', { name: 'Remove Red phone' }).click();
  await red.getByRole('button', { name: 'Throw out Red phone' }).click();
  await expect(red).toBeHidden();
  await expect(phone.getByRole('heading', { name: 'Come in' })).toBeVisible();
  await page.getByRole('button', { name: 'End sharing' }).click();
  await expect(page.getByRole('button', { name: 'Share with the crew' })).toBeVisible();
  await expect(phone.goto(demo.hallUrl)).rejects.toThrow(/REFUSED/);
  await context.close();
});

test('a helper’s phone without a secure page: called, started, trouble, done; the stage is told beside the step', async ({
  page,
  browser,
  demo,
}) => {
  // In before the start: what goes by the plan then soon goes on.
  const jo = await guest(browser, page, demo, { person: 'jo' });
  await jo.page.goto(demo.hallUrl + FESTIVAL + '/crew');
  await startedRehearsal(page, demo);
  expect(await jo.page.evaluate(() => [isSecureContext, typeof crypto.randomUUID])).toEqual([
    false,
    'undefined',
  ]);
  const mine = jo.page.getByRole('region', { name: 'Your next' });
  await expect(mine).toContainText('Stir the yeast into warm water');
  await expect(jo.page.getByText('Ines is on step 1 of 5')).toBeVisible();
  // The plan has it under way; Jo says that it is not.
  await jo.page.getByRole('button', { name: 'Not begun' }).click();
  await expect(jo.page.getByRole('button', { name: 'Started' })).toBeVisible();
  // Called to it, it is told until the work is begun.
  await page.getByRole('button', { name: /^Stir the yeast into warm water/ }).click();
  await page.getByRole('button', { name: 'Call Jo to it' }).click();
  const call = jo.page.getByRole('alert');
  await expect(call).toContainText('calls: Stir the yeast into warm water');
  await jo.page.getByRole('button', { name: 'Started' }).click();
  await expect(call).toBeHidden();
  await expect(mine).toContainText('You are at it');

  const step = nowOf(page).getByText('There will be stage smoke');
  const before = await step.boundingBox();
  await jo.page.getByRole('button', { name: 'Trouble' }).click();
  await jo.page.getByLabel('In a word, if you like').fill('jug broke');
  await jo.page.getByRole('button', { name: 'Spoiled: I do it again' }).click();
  const told = page.getByRole('status').filter({ hasText: 'Jo:' });
  await expect(told).toContainText('Stir the yeast into warm water is spoiled, “jug broke”');
  expect(await step.boundingBox()).toEqual(before);
  await told.getByRole('button', { name: 'Seen' }).click();
  await expect(told).toBeHidden();
  // Done again, it is at once under way by the plan.
  await expect(mine).toContainText('left');
  await jo.page.getByRole('button', { name: 'Done' }).click();
  await expect(mine).not.toContainText('Stir the yeast');
  await jo.context.close();
});

test('pressed apart: who drives wins, both are told in one line, one press takes the other instead', async ({
  page,
  context,
  browser,
  demo,
}) => {
  const mara = await besideTheDriver(page, browser, demo);
  const now = nowOf(page);
  await context.setOffline(true);
  await expect(page.getByText('△ Cut off')).toBeVisible();
  for (let i = 0; i < 3; i++) await onward(page);
  await expect(page.getByText(/on this device, 3 unsent/)).toBeVisible();
  const here = await now
    .getByRole('heading', { level: 1 })
    .or(now.getByRole('heading').first())
    .first()
    .innerText();
  // Meanwhile, on the other one.
  await onward(mara.page);
  await pressKey(mara.page, 's');
  await expect(mara.page.getByRole('status').filter({ hasText: 'You pressed' })).toContainText(
    'it moved nothing',
  );
  await expect(nowOf(mara.page)).toContainText('There will be stage smoke');
  await context.setOffline(false);
  await expect(page.getByText('unsent')).toBeHidden();
  expect(await now.getByRole('heading').first().innerText()).toBe(here);
  await expect(nowOf(mara.page)).not.toContainText('There will be stage smoke');
  const line = page.getByRole('status').filter({ hasText: 'pressed' });
  await expect(line).toContainText('Jo’s laptop pressed');
  await expect(line).toContainText('Skip');
  await expect(mara.page.getByRole('status').filter({ hasText: 'You pressed' })).toBeVisible();
  await line.getByRole('button', { name: 'Take it instead' }).click();
  await expect(now).toContainText('Slow-falling magnet');
  await expect(nowOf(mara.page)).toContainText('Slow-falling magnet');
  await mara.context.close();
});

test('driving is asked for, handed over, and taken when its device has gone', async ({
  page,
  browser,
  demo,
}) => {
  const mara = await besideTheDriver(page, browser, demo);
  await onward(mara.page);
  await mara.page.getByRole('button', { name: 'Ask to drive' }).click();
  const asks = page.getByRole('status').filter({ hasText: 'asks to drive' });
  await expect(asks).toContainText('Jo’s laptop');
  await asks.getByRole('button', { name: 'Hand over' }).click();
  await expect(page.getByText('Jo’s laptop drives')).toBeVisible();
  // Unasked, by who sees who is here.
  const handOver = async (from: Page, to: string): Promise<void> => {
    await pressKey(from, 'd');
    const others = from.getByRole('region', { name: 'Who is here' });
    await others.getByRole('button', { name: `Hand driving over to ${to}` }).click();
    await expect(others.getByRole('listitem', { name: to })).toContainText('drives');
    await from.getByRole('button', { name: 'Done', exact: true }).click();
  };
  await handOver(mara.page, 'This laptop');
  await handOver(page, 'Jo’s laptop');
  await onward(mara.page);
  await expect(nowOf(page)).not.toContainText('There will be stage smoke');
  // Its device goes, and stays away.
  await mara.context.close();
  await expect(page.getByText('Jo’s laptop drives and is not here')).toBeVisible();
  await share(page, demo, { goneAfter: 5 });
  demo.turnClock(6000);
  await page.reload();
  await page.getByRole('button', { name: 'Take driving' }).click();
  await expect(page.getByText('Jo’s laptop drives', { exact: true })).toBeHidden();
  await onward(page);
  await expect(page.getByText('unsent')).toBeHidden();
  await expect(page.getByRole('status').filter({ hasText: 'moved nothing' })).toBeHidden();
});

test('the server is killed mid-show and comes back: so does every screen, with nobody’s help', async ({
  page,
  browser,
  demo,
}) => {
  const jo = await guest(browser, page, demo, { person: 'jo' });
  await jo.page.goto(demo.hallUrl + FESTIVAL + '/crew');
  const mara = await guest(browser, page, demo, { role: 'presenter', person: 'ines' });
  const run = await startedRehearsal(page, demo);
  await mara.page.goto(demo.hallUrl + FESTIVAL + '/on-stage' + run);
  await expect(nowOf(mara.page)).toContainText('There will be stage smoke');
  await demo.kill();
  await expect(jo.page.getByText('△ cut off')).toBeVisible();
  await jo.page.getByRole('button', { name: 'Not begun' }).click();
  await onward(page);
  await expect(page.getByText(/1 unsent/)).toBeVisible();
  await demo.restart();
  await expect(page.getByText('unsent')).toBeHidden();
  await expect(
    nowOf(mara.page).getByRole('heading', { name: 'Stand beside the drum' }),
  ).toBeVisible();
  await expect(jo.page.getByText('Jo, joined', { exact: true })).toBeVisible();
  await expect(jo.page.getByRole('button', { name: 'Started' })).toBeVisible();
  await jo.context.close();
  await mara.context.close();
});

test('in a browser that was never here, the line waits for its name: every press is of the same device', async ({
  page,
  demo,
}) => {
  let asked = false;
  const early: string[] = [];
  page.on('websocket', (socket) => {
    if (!asked) early.push(socket.url());
  });
  const read = page.waitForResponse('**/api/shows/*/all');
  await page.route('**/api/me', async (route) => {
    await read;
    asked = true;
    await route.continue();
  });
  const search = await startedRehearsal(page, demo);
  await onward(page);
  await expect(nowOf(page).getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
  await expect(page.getByText('unsent')).toBeHidden();
  expect(early).toEqual([]);
  const run = new URLSearchParams(search).get('run');
  const answer = await page.request.get(`${demo.url}/api/runs/${run}`);
  const { events } = (await answer.json()) as { events: { device: string | null }[] };
  const devices = [...new Set(events.map(({ device }) => device))];
  expect([devices.length, typeof devices[0]]).toEqual([1, 'string']);
});
