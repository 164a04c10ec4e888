/** The line to the server, and the copies of all data. */
import { FESTIVAL, expect, saved, test } from './stage';

test('a page that is cut off says so on every screen, and catches up with the run it shows', async ({
  page,
  context,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start clock/ }).click();
  const now = page.getByRole('region', { name: 'Now' });
  await page.getByRole('button', { name: 'Said' }).click();
  await expect(now.getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(
    other
      .getByRole('region', { name: 'Now' })
      .getByRole('heading', { name: 'Stand beside the drum' }),
  ).toBeVisible();
  await demo.kill();
  await expect(page.getByText(/^△ Cut off/)).toBeVisible();
  await expect(other.getByText(/^△ Cut off/)).toBeVisible();
  // Pressed while cut off, on one of the two.
  await other.getByRole('button', { name: /^Done/ }).click();
  await demo.restart();
  await expect(now.getByRole('heading', { name: 'One dry slap' })).toBeVisible();
  await expect(page.getByText(/^△ Cut off/)).toBeHidden();
});

test('with eight tabs open every one of them is answered', async ({ page, context, demo }) => {
  await page.goto(demo.url + '/people');
  const tabs = [page];
  for (let i = 0; i < 7; i++) {
    const tab = await context.newPage();
    tabs.push(tab);
    await tab.goto(demo.url + '/people');
    await expect(tab.getByRole('heading', { name: 'People' })).toBeVisible();
  }
  await page.getByRole('button', { name: 'Add a person' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Runa');
  await expect(saved(page)).toBeVisible();
  for (const tab of tabs) await expect(tab.getByRole('button', { name: /^Runa/ })).toBeVisible();
});

test('two people who press Back for the same step go back once', async ({
  page,
  browser,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start clock/ }).click();
  // Another device: tabs of one browser share what waits to be sent.
  const device = await browser.newContext({ serviceWorkers: 'block' });
  const other = await device.newPage();
  await other.goto(page.url());
  const now = page.getByRole('region', { name: 'Now' });
  const theirs = other.getByRole('region', { name: 'Now' });
  await page.getByRole('button', { name: 'Said' }).click();
  for (const step of ['step 2', 'step 3']) {
    await page.getByRole('button', { name: /^Done/ }).click();
    await expect(theirs).toContainText(step);
  }
  // Both press it for what both see; the other’s press comes later.
  await device.setOffline(true);
  await expect(other.getByText('△ Cut off')).toBeVisible();
  await other.getByRole('button', { name: /^Back/ }).click();
  await page.getByRole('button', { name: /^Back/ }).click();
  await expect(now).toContainText('step 2');
  await device.setOffline(false);
  await expect(other.getByText(/unsent/)).toBeHidden();
  await expect(now).toContainText('step 2');
  await expect(theirs).toContainText('step 2');
  await device.close();
});

test('a backup is made, gone back to, and what was before is kept', async ({ page, demo }) => {
  await page.goto(demo.url + '/backups');
  await expect(page.getByText('No backups yet')).toBeVisible();
  await page.getByRole('button', { name: 'Make a backup now' }).click();
  await expect(page.getByRole('row', { name: /made here/ })).toBeVisible();
  await page.goto(demo.url + '/people');
  await page.getByRole('button', { name: 'Add a person' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Runa');
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + '/backups');
  await page.getByRole('button', { name: /^Restore/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Restore' }).click();
  await expect(page.getByRole('row', { name: /before a backup was restored/ })).toBeVisible();
  await page.goto(demo.url + '/people');
  await expect(page.getByRole('button', { name: /^Mara/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Runa/ })).toHaveCount(0);
});

test('a page that fails leaves the others usable', async ({ page, demo }) => {
  await page.route('**/api/backups', (route) =>
    route.fulfill({ json: { folder: '', backups: [{ name: 'x', at: 0, reason: 'made' }, null] } }),
  );
  await page.goto(demo.url + '/backups');
  await expect(page.getByRole('alert')).toBeVisible();
  await page.getByRole('link', { name: 'People' }).click();
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
});

test('a damaged demo and item are named, and everything else goes on, the show too', async ({
  page,
  demo,
}) => {
  demo.damage(`UPDATE method SET hazards = '[{' WHERE demo_id = 'cold-flower'`);
  demo.damage(`UPDATE item SET packs = '[{' WHERE id = 'yeast'`);
  await page.goto(demo.url + '/demos');
  await expect(page.getByRole('link', { name: /Static dome/ })).toBeVisible();
  await page.goto(demo.url + '/demos/foam-fountain');
  await expect(page.getByRole('heading', { name: 'Foam fountain' })).toBeVisible();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await expect(page.getByRole('button', { name: /^Static dome/ })).toBeVisible();
  const lost = page.getByRole('alert').filter({ hasText: '1 slot' });
  await expect(lost).toContainText('Foam fountain: Something of its kit');
  // What would be read away from the page is not to be had without them.
  const paper = await page.request.get(`${demo.url}/api${FESTIVAL}/risks.md`);
  expect(paper.status()).toBe(503);
  await page.getByRole('link', { name: /^Kit/ }).click();
  await expect(page.getByText('△ Not all of it is known')).toBeVisible();
  await lost.getByRole('link', { name: 'Backups' }).click();
  await page.getByRole('button', { name: 'Remove Cold flower' }).click();
  await expect(page.getByRole('button', { name: 'Remove Cold flower' })).toBeHidden();
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await lost.getByRole('button', { name: 'Take it out' }).click();
  await expect(lost).toBeHidden();
  await expect(page.getByRole('alert').filter({ hasText: 'Foam fountain' })).toBeVisible();
  await expect(saved(page)).toBeVisible();
});

test('settings that can’t be read are named, and the usual ones kept', async ({ page, demo }) => {
  demo.damage(`UPDATE settings SET household = '[{'`);
  await page.goto(demo.url + FESTIVAL + '/kit');
  await expect(page.getByText('Warm water').first()).toBeVisible();
  await page.goto(demo.url + '/backups');
  const line = page.getByRole('listitem').filter({ hasText: 'Sizes of household words' });
  await line.getByRole('button', { name: 'Keep the usual' }).click();
  await expect(line).toBeHidden();
  await page.goto(demo.url + '/store/units');
  await expect(page.getByLabel('A drop', { exact: false }).first()).toHaveValue(/^0?\.?\d/);
});
