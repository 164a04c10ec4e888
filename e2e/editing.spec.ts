/** Two people at one thing, and work that is not lost: whatever the line, the page or the entry does. */
import type { Page } from '@playwright/test';
import { FESTIVAL, expect, pick, saved, test } from './stage';

const openSlot = async (page: Page, name: RegExp): Promise<void> => {
  await page.getByRole('region', { name: 'Running order' }).getByRole('button', { name }).click();
};
const keep = (page: Page) => page.getByRole('combobox', { name: /^Keep: 1/ });
const choose = (page: Page, value: string): Promise<void> => pick(keep(page), value);

test('two people edit different slots of one show: both are kept, nobody is asked', async ({
  page,
  context,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  const other = await context.newPage();
  await other.goto(demo.url + FESTIVAL + '/line-up');
  await openSlot(other, /^Spinning stool/);
  await openSlot(page, /^Foam fountain gentle/);
  // The other page is cut off while the first stores, so that both change the same state.
  await other.route('**/api/**', (route) => route.abort());
  await choose(other, '1');
  await expect(other.getByRole('status').filter({ hasText: 'Kept on this device' })).toBeVisible();
  await choose(page, '2');
  await expect(saved(page)).toBeVisible();
  await other.unroute('**/api/**');
  await expect(saved(other)).toBeVisible();
  await expect(other.getByRole('dialog', { name: 'Changed in two places' })).toBeHidden();
  await expect(other.getByText(/Also changed elsewhere: slot \d/)).toBeVisible();
  await openSlot(page, /^Spinning stool/);
  await expect(keep(page)).toHaveText('1');
  await openSlot(other, /^Foam fountain gentle/);
  await expect(keep(other)).toHaveText('2');
});

test('my undo leaves alone what another page has stored in the same list', async ({
  page,
  context,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await openSlot(page, /^Foam fountain gentle/);
  const before = (await keep(page).textContent()) ?? '';
  await choose(page, '2');
  await expect(saved(page)).toBeVisible();
  const other = await context.newPage();
  await other.goto(demo.url + FESTIVAL + '/line-up');
  await openSlot(other, /^Spinning stool/);
  await choose(other, '1');
  await expect(saved(other)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(keep(page)).toHaveText(before);
  await expect(saved(page)).toBeVisible();
  await openSlot(page, /^Spinning stool/);
  await expect(keep(page)).toHaveText('1');
});

test('typed with the server down and the page left: it warns, and offers it again', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/venues');
  await page.getByRole('button', { name: /Boat Shed/ }).click();
  await demo.kill();
  await page.getByRole('textbox', { name: 'Notes' }).fill('Key at the slip.');
  await expect(page.getByRole('status')).toContainText('Kept on this device');
  const asked = page.waitForEvent('dialog');
  const gone = page.goto('about:blank').catch(() => undefined);
  const dialog = await asked;
  expect(dialog.type()).toBe('beforeunload');
  await dialog.accept();
  await gone;
  await expect(page).toHaveURL('about:blank');
  await demo.restart();
  await page.goto(demo.url + '/venues');
  await page.getByRole('button', { name: /Boat Shed/ }).click();
  await expect(page.getByRole('alert')).toContainText('still on this device');
  await expect(page.getByRole('textbox', { name: 'Notes' })).not.toHaveValue('Key at the slip.');
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue('Key at the slip.');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: /Boat Shed/ }).click();
  await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue('Key at the slip.');
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('a kit line without an item holds up nothing else of its demo', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos/crushed-can');
  await page.getByRole('button', { name: 'Edit the kit' }).click();
  await page.getByRole('button', { name: 'Add a kit line' }).click();
  await page.getByRole('button', { name: 'Edit what it shows' }).click();
  await page.getByLabel('Hook').fill('A can that crumples by itself');
  await expect(page.getByRole('status')).toContainText('Not saved yet: 1 entry needs another look');
  const stored = await page.request.get(demo.url + '/api/demos/crushed-can');
  await expect
    .poll(
      async () => ((await (await page.request.get(stored.url())).json()) as { hook: string }).hook,
    )
    .toBe('A can that crumples by itself');
});

test('removing what somebody has changed meanwhile asks for another look', async ({
  page,
  demo,
  request,
}) => {
  await page.goto(demo.url + '/venues');
  await page.getByRole('button', { name: /Boat Shed/ }).click();
  await page.route('**/api/venues/*', (route) =>
    route.request().method() === 'GET' ? route.abort() : route.continue(),
  );
  const venue = (await (await request.get(demo.url + '/api/venues/boat-shed')).json()) as object;
  await request.put(demo.url + '/api/venues/boat-shed', { data: { ...venue, note: 'New' } });
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(page.getByText(/was changed elsewhere in the meantime/)).toBeVisible();
});
