/** The store: what comes and goes, shopping, boxes, spreadsheets in and out, sizes of words. */
import type { StockedLot } from '../core/inventory/types';
import { tableAsk } from '../server/testing/tables';
import { expect, pick, refuses, saved, test } from './stage';

test('a delivery comes in, what is there is counted, and both are taken back', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/store/items/yeast');
  const come = page.getByRole('textbox', { name: 'Delivered' });
  await come.fill('40 pieces');
  await page.getByRole('button', { name: 'Put it in the store' }).click();
  await refuses(come, /a weight/);
  await come.fill('-2 g');
  await page.getByRole('button', { name: 'Put it in the store' }).click();
  await refuses(come, /negative/);
  await page.getByLabel('Good until').fill('2020-01-31');
  await expect(page.getByText('This day has passed')).toBeVisible();
  await page.getByLabel('Good until').fill('2039-01-31');
  await page.getByRole('button', { name: '500 g' }).click();
  await page.getByRole('button', { name: 'Put it in the store' }).click();
  await expect(page.getByText(/good until Mon 31 Jan/)).toBeVisible();
  await expect(page.getByText('came in', { exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'Count or change' }).last().click();
  await page.getByRole('textbox', { name: 'Counted', exact: true }).fill('½ kg');
  await page.getByRole('textbox', { name: 'Counted', exact: true }).fill('0.42 kg');
  await page.getByRole('button', { name: 'Save count' }).click();
  await expect(page.getByText('−80 g')).toBeVisible();
  await page.getByRole('button', { name: 'Take back' }).nth(1).click();
  await expect(page.getByText(/some of it was used since/)).toBeVisible();
  await page.getByRole('button', { name: 'Take back' }).first().click();
  await expect(page.getByText('taken back', { exact: true })).toBeVisible();
  await expect(page.getByText('500 g', { exact: true }).first()).toBeVisible();
});

test('a lot’s place and state are changed where it stands; what is out of use does not count', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/store/items/dome');
  await expect(page.getByText(/Needs attention/)).toBeVisible();
  await page.getByRole('button', { name: 'Count or change' }).click();
  await pick(page.getByRole('combobox', { name: 'State' }), 'Out of use');
  await expect(saved(page).last()).toBeVisible();
  await page.goto(demo.url + '/shows/harbour-light-festival/kit');
  await expect(page.getByRole('button', { name: /Static dome.*none in the store/ })).toBeVisible();
});

test('bad entries are told at their field and kept there', async ({ page, demo }) => {
  await page.goto(demo.url + '/store/items/peroxide-9');
  await page.getByRole('textbox', { name: 'Density (g/mL)' }).fill('0');
  await refuses(page.getByRole('textbox', { name: 'Density (g/mL)' }), /more than nothing/);
  await page.getByRole('textbox', { name: 'Pack' }).first().fill('0 mL');
  await refuses(page.getByRole('textbox', { name: 'Pack' }).first(), /more than nothing/);
  await page.getByRole('textbox', { name: 'Price (EUR)' }).first().fill('-3');
  await refuses(page.getByRole('textbox', { name: 'Price (EUR)' }).first(), /negative/);
  await expect(page.getByText(/Not saved yet/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Density (g/mL)' }).fill('1.03');
  await page.getByRole('textbox', { name: 'Pack' }).first().fill('3 pieces');
  await refuses(page.getByRole('textbox', { name: 'Pack' }).first(), /a volume/);
  await page.getByRole('textbox', { name: 'Pack' }).first().fill('½ L');
  await page.getByRole('textbox', { name: 'Price (EUR)' }).first().fill('6,20');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Pack' }).first()).toHaveValue('0.5 L');
  await expect(page.getByRole('textbox', { name: 'Price (EUR)' }).first()).toHaveValue('6.20');
});

test('shopping: the cheapest packs, for the shows that are chosen; what has come is no longer missing', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/store/shopping');
  await expect(page.getByText('Foil dishes')).toBeVisible();
  await page.getByRole('checkbox', { name: 'Buy for Little Hollin evening' }).click();
  await expect(page.getByText('Foil dishes')).toBeHidden();
  await page.getByRole('checkbox', { name: 'Buy for Little Hollin evening' }).click();
  await expect(page.getByText('Foil dishes')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('menuitem', { name: /spreadsheet/ }).click();
  expect((await download).suggestedFilename()).toBe('shopping.xlsx');
  // Ordered, it is on its way; taken back, it is to order again.
  await page.getByRole('button', { name: 'Foil dishes: ordered' }).click();
  await expect(page.getByRole('button', { name: 'Foil dishes: ordered' })).toBeHidden();
  await page.getByText('Undo').last().click();
  await page.getByRole('button', { name: 'Foil dishes: ordered' }).click();
  await page.getByRole('button', { name: 'Foil dishes: it has come' }).click();
  await expect(page.getByText('Foil dishes has come.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Foil dishes' })).toBeHidden();
  await page.goto(demo.url + '/store/items/foil-dishes');
  await expect(page.getByText('came in · 24, Quay stores')).toBeVisible();
});

test('what can’t be in time says by how much, and is got otherwise', async ({ page, demo }) => {
  const read = async <T>(path: string): Promise<T> =>
    (await (await page.request.get(`${demo.url}/api${path}`)).json()) as T;
  const item = await read<object>('/items/dome');
  const pack = {
    id: 'far',
    amount: 1,
    unit: 'piece',
    price: 90000,
    leadDays: 300,
    supplier: 'Far',
  };
  const packs = [{ ...pack, keeps: null, hireDays: null }];
  await page.request.put(`${demo.url}/api/items/dome`, { data: { ...item, owned: 0, packs } });
  for (const { stock: _stock, ...lot } of await read<StockedLot[]>('/lots?item=dome'))
    await page.request.put(`${demo.url}/api/lots/${lot.id}`, { data: { ...lot, state: 'out' } });
  await page.goto(demo.url + '/store/shopping');
  await expect(page.getByText(/can’t be in time: Static dome$/)).toBeVisible();
  await expect(page.getByText(/The soonest is .*days after it/).first()).toBeVisible();
  const otherwise = page.getByRole('button', { name: /^Static dome for .*: I get it otherwise$/ });
  const before = await otherwise.count();
  await otherwise.first().click();
  const form = page.getByRole('form', { name: 'Static dome, got otherwise' });
  await form.getByLabel('Price').fill('much');
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(form.getByText('Price must be a number, such as 4.50')).toBeVisible();
  await form.getByLabel('Price').fill('12,50');
  await form.getByLabel('From').fill('The school');
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(otherwise).toHaveCount(before - 1);
  await expect(page.getByText(/borrowed, The school, .*12.50/)).toBeVisible();
});

test('what is on its way is not wanted after all, what was lent goes back; both can be undone', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/store/shopping');
  const cups = page.getByRole('button', { name: 'Paper cups: it has come' });
  await expect(cups).toBeVisible();
  await page.getByRole('button', { name: 'Paper cups: not ordered after all' }).click();
  await expect(cups).toBeHidden();
  await page.getByText('Undo').last().click();
  await expect(cups).toBeVisible();
  const lamp = page.getByRole('button', { name: 'Hand lamp: it went back' });
  await lamp.click();
  await expect(lamp).toBeHidden();
  await page.getByText('Undo').last().click();
  await expect(lamp).toBeVisible();
  // All that one of them sells at once.
  const quay = page.getByRole('region', { name: 'Quay stores' });
  await quay.getByRole('button', { name: 'All ordered' }).click();
  await expect(quay).toBeHidden();
  await page.getByText('Undo').last().click();
  await expect(quay).toBeVisible();
});

test('an item says how far it reaches: its line over time, its bottles, and what to order', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/store/items/peroxide-3');
  const stock = page.getByRole('region', { name: 'In the store today' });
  await expect(stock).toContainText(/^350 mL: lasts to Harbour Light Festival, then 31.6 mL short/);
  const picture = stock.getByRole('img', { name: /^The stock over time/ });
  await expect(picture).toHaveAccessibleName(
    /Harbour Light Festival 116 mL, then 234 mL;.*out of date 34.2 mL.*Little Hollin evening .*31.6 mL short/,
  );
  await stock.getByRole('link', { name: /^Order 1 × 1 L/ }).click();
  await expect(page.getByRole('heading', { name: 'Shopping' })).toBeVisible();
  // Of what is used up nowhere there is nothing but the count.
  await page.goto(demo.url + '/store/items/dome');
  await expect(page.getByRole('img', { name: /^The stock over time/ })).toHaveCount(0);
});

test('the list shows what is to be watched, dangerous and heavy before the rest', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/store');
  const heads = page.getByRole('list', { name: 'Items' }).getByRole('heading');
  await expect(heads.first()).toHaveText(/^△ To watch \d+$/);
  await expect(heads.nth(1)).toHaveText(/^Dangerous \d+$/);
  const items = page.getByRole('list', { name: 'Items' }).getByRole('listitem');
  await expect(items.first()).toContainText('△');
  await expect(items.filter({ hasText: 'Hydrogen peroxide 9 %' }).getByRole('img')).not.toHaveCount(
    0,
  );
  await page.getByRole('textbox', { name: 'Find' }).fill('turning stool');
  await expect(heads).toHaveText(['Heavy 1']);
  await expect(items).toContainText(['Turning stool 7.8 kg']);
});

test('shopping is there at once, with what is on its way, while the list is worked out', async ({
  page,
  demo,
}) => {
  let answer = (): void => undefined;
  const held = new Promise<void>((resolve) => (answer = resolve));
  await page.route('**/api/shopping*', async (route) => {
    await held;
    await route.continue();
  });
  await page.goto(demo.url + '/store/shopping');
  await expect(page.getByRole('progressbar', { name: 'Working out what to buy' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Shopping' })).toBeVisible();
  answer();
  await expect(page.getByRole('heading', { name: 'To order' })).toBeVisible();
  await expect(page.getByRole('progressbar')).toHaveCount(0);
});

test('boxes and sizes of household words; every list follows', async ({ page, demo }) => {
  await page.goto(demo.url + '/store/boxes');
  await page.getByRole('button', { name: 'Add a box' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Banner tube');
  await page.getByRole('textbox', { name: 'Number' }).fill('0');
  await refuses(page.getByRole('textbox', { name: 'Number' }), /at least 1/);
  await page.getByRole('textbox', { name: 'Number' }).fill('7');
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: 'Units, money, risk' }).click();
  await page.getByRole('textbox', { name: 'A squirt (mL)' }).fill('8');
  await page.getByRole('textbox', { name: 'Currency' }).fill('XX');
  await expect(page.getByText(/Currency must/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Currency' }).fill('GBP');
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + '/shows/harbour-light-festival/kit');
  await expect(
    page.getByRole('button', { name: /^about 1.5 squirts \(12 mL\) Washing-up/ }),
  ).toBeVisible();
});

test('ten thousand items: the list draws only what is in sight, finds, and scrolls', async ({
  page,
  own,
  request,
}) => {
  const rows = Array.from(
    { length: 10_000 },
    (_, i) => `Thing ${String(i).padStart(5, '0')},${i % 90}`,
  );
  const answer = await request.post(own.url + '/api/store/import', {
    data: tableAsk(['Name,Qty', ...rows].join('\n')),
    timeout: 120_000,
  });
  expect(answer.status()).toBe(201);
  await page.goto(own.url + '/store');
  await expect(page.getByText('10000 items', { exact: false })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Thing 00000/ })).toBeVisible();
  expect(await page.getByRole('listitem').count()).toBeLessThan(80);
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  await expect(page.getByRole('link', { name: /^Thing 09999/ })).toBeVisible();
  await page.getByRole('textbox', { name: 'Find' }).fill('04321');
  await expect(page.getByRole('listitem')).toHaveCount(1);
});
