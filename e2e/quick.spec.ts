/** Said fast: found by one key, made where it is needed, typed as it is said; and nothing left behind that nobody wanted. */
import type { Page } from '@playwright/test';
import { expect, saved, test } from './stage';

const find = async (page: Page, asked: string): Promise<void> => {
  await page.keyboard.press('/');
  await page.getByRole('combobox', { name: 'Find' }).fill(asked);
  await expect(page.getByRole('option').first()).toBeVisible();
};

test('by one key to a show, a thing, a person, a calculator and what one wants to do', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos');
  await expect(page.getByRole('heading', { name: 'Crushed can' })).toBeVisible();
  await find(page, 'harb light');
  await expect(page.getByRole('option').first()).toContainText('Harbour Light Festival');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/shows\/harbour-light-festival\//);
  await expect(page.getByRole('heading', { name: 'Harbour Light Festival' })).toBeVisible();
  await find(page, 'hot plate');
  await expect(page.getByRole('option').first()).toContainText('Hot plate');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/store\/items\//);
  await expect(page.getByRole('heading', { name: 'Hot plate' })).toBeVisible();
  await find(page, 'write');
  await page.getByRole('option', { name: /^Write a demo/ }).click();
  await page.waitForURL(/\/demos\/write/);
  // In a field the key is a letter like any other.
  const text = page.getByRole('textbox', { name: /a step a line/ });
  await text.fill('');
  await text.press('/');
  await expect(text).toHaveValue('/');
  await expect(page.getByRole('dialog', { name: 'Find' })).toBeHidden();
});

test('what is not there yet is made by its name, from anywhere', async ({ page, demo }) => {
  await page.goto(demo.url + '/shows');
  await expect(page.getByRole('link', { name: 'New show' })).toBeVisible();
  await find(page, 'Skerry chapel');
  await page.getByRole('option', { name: 'A new venue “Skerry chapel”' }).click();
  await expect(page.getByRole('heading', { name: 'Skerry chapel', level: 2 })).toBeVisible();
  // In a show, where it is asked for.
  await page.goto(demo.url + '/shows/hollin-science-day/brief');
  await page.getByRole('combobox', { name: 'Venue' }).fill('Pier hut');
  await page.getByRole('option', { name: 'A new venue “Pier hut”' }).click();
  await expect(page.getByText(/^Pier hut ·/)).toBeVisible();
  await page.getByRole('combobox', { name: 'Crew' }).fill('Sunniva');
  await page.getByRole('option', { name: 'A new person “Sunniva”' }).click();
  await expect(page.getByRole('button', { name: 'Sunniva' })).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + '/people');
  await expect(page.getByRole('button', { name: /^Sunniva/ })).toHaveCount(1);
});

test('kit is typed as it is said: found in the store, asked about, or put in', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/static-dome');
  await page.getByRole('button', { name: 'Edit the kit' }).click();
  const typed = page.getByRole('textbox', { name: 'Type what it takes' });
  const understood = page.getByRole('list', { name: 'Understood' });
  // A count stays a count.
  await typed.fill('7 mints a go, hot plate, 2 L sea water (cold), plate');
  const lines = understood.getByRole('listitem');
  await expect(lines.nth(0)).toContainText('7 Mints per go');
  await expect(lines.nth(0)).toContainText('new in the store');
  await expect(lines.nth(1)).toContainText('1 Hot plate');
  await expect(lines.nth(1)).not.toContainText('new in the store');
  await expect(lines.nth(2)).toContainText('2 L Sea water');
  await expect(lines.nth(2)).toContainText('consumable');
  await expect(lines.nth(3)).toContainText('Is it Hot plate');
  await expect(page.getByRole('button', { name: 'Add 4 lines' })).toBeDisabled();
  await lines
    .nth(3)
    .getByRole('button', { name: /something new/ })
    .click();
  await typed.press('Enter');
  await expect(typed).toHaveValue('');
  await page
    .getByRole('group', { name: 'Editing the kit' })
    .getByRole('button', { name: 'Done' })
    .click();
  await expect(saved(page)).toBeVisible();
  await expect(page.getByText('7 Mints', { exact: false })).toBeVisible();
  const items = (await (await page.request.get(`${demo.url}/api/items`)).json()) as {
    name: string;
    unit: string;
    kind: string;
  }[];
  expect(
    items
      .filter(({ name }) => /^(Mints|Sea water|Plate)$/.test(name))
      .sort((a, b) => a.name.localeCompare(b.name)),
  ).toMatchObject([
    { name: 'Mints', unit: 'piece', kind: 'consumable' },
    { name: 'Plate', unit: 'piece', kind: 'equipment' },
    { name: 'Sea water', unit: 'L', kind: 'consumable' },
  ]);
});

test('a running order is typed: known, from the library, to be written, words; a position it names is made', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/shows/new');
  await page
    .getByRole('textbox', { name: 'A running order, a line each' })
    .fill('1 Hello 1:00\n2 Foam 4:30 @sink\nmagnet 3 min, Jo\nPotato gun 4:00\nHoot tube');
  const lines = page.getByRole('list', { name: 'Understood' }).getByRole('listitem');
  await expect(lines).toHaveCount(5);
  await expect(lines.nth(1)).toContainText('2 Foam fountain 4:30 by its steps · Sink');
  await expect(lines.nth(3)).toContainText('new: to be written, 4:00');
  await expect(lines.nth(4)).toContainText('from the library');
  const begin = page.getByRole('button', { name: 'Begin a show with 5 slots' });
  await expect(begin).toBeDisabled();
  await lines.nth(2).getByRole('button', { name: 'Slow-falling magnet' }).click();
  await begin.click();
  await page.waitForURL(/\/shows\/(?!new)[^/]+\/line-up/);
  for (const [i, name] of [
    'Hello',
    'Foam fountain',
    'Slow-falling magnet',
    'Potato gun',
    'The tube that hoots',
  ].entries())
    await expect(page.getByRole('button', { name: `Move ${name}, number ${i + 1}` })).toBeVisible();
  const id = /shows\/([^/]+)/.exec(page.url())?.[1];
  const show = (await (await page.request.get(`${demo.url}/api/shows/${id}`)).json()) as {
    positions: { id: string; name: string }[];
    slots: { positionId: string | null }[];
  };
  expect(show.positions.find((one) => one.id === show.slots[1]?.positionId)?.name).toBe('Sink');
});

test('a position that a demo is usually at is offered, made by one press, and undone', async ({
  page,
  demo,
}) => {
  const path = `${demo.url}/api/demos/static-dome`;
  const dome = (await (await page.request.get(path)).json()) as object;
  await page.request.put(path, { data: { ...dome, usualPosition: 'High table' } });
  await page.goto(demo.url + '/shows/harbour-light-festival/line-up');
  const wanted = page.getByRole('list', { name: 'Positions wanted' });
  await expect(wanted).toContainText('Static dome is usually at “High table”');
  await wanted.getByRole('button', { name: 'Make “High table”' }).click();
  await expect(wanted).toBeHidden();
  await page.getByText('Undo').last().click();
  await expect(wanted).toBeVisible();
  await wanted.getByRole('button', { name: 'Leave it' }).click();
  await expect(wanted).toBeHidden();
});

test('a new thing that is left as it is leaves no ghost; one that was touched stays', async ({
  page,
  own,
}) => {
  await page.goto(own.url + '/demos');
  await page.getByRole('button', { name: 'New demo' }).click();
  await page.waitForURL(/\/demos\/(?!write)[^/]+$/);
  await page.getByRole('link', { name: 'Venues' }).click();
  await page.getByRole('button', { name: 'Add a venue' }).click();
  await expect(page.getByRole('heading', { name: 'New venue', level: 2 })).toBeVisible();
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('button', { name: 'Add a person' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Sunniva');
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: 'Shows' }).click();
  await page.getByRole('link', { name: 'New show' }).click();
  await page.getByRole('button', { name: 'An empty show' }).click();
  await page.waitForURL(/\/brief$/);
  await page.getByRole('link', { name: 'Store' }).click();
  await expect(page.getByRole('heading', { name: 'Store', exact: true })).toBeVisible();
  const count = async (what: string): Promise<number> =>
    ((await (await page.request.get(`${own.url}/api/${what}`)).json()) as unknown[]).length;
  for (const what of ['demos', 'venues', 'shows']) await expect.poll(() => count(what)).toBe(0);
  expect(await count('people')).toBe(1);
});

test('a new thing that is left before its page is there leaves no ghost either', async ({
  page,
  own,
}) => {
  await page.goto(own.url + '/demos');
  let open = (): void => undefined;
  const opened = new Promise<void>((resolve) => (open = resolve));
  await page.route(/assets\/DemoPage-[^/]*\.js$/, async (route) => {
    await opened;
    await route.continue();
  });
  await page.getByRole('button', { name: 'New demo' }).click();
  await page.waitForURL(/\/demos\/(?!write)[^/]+$/);
  await page.getByRole('link', { name: 'Venues' }).click();
  await expect(page.getByRole('heading', { name: 'Venues', level: 1 })).toBeVisible();
  await expect
    .poll(
      async () => ((await (await page.request.get(`${own.url}/api/demos`)).json()) as []).length,
    )
    .toBe(0);
  open();
});
