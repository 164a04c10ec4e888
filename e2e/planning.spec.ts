import type { Locator } from '@playwright/test';
import { FESTIVAL, expect, pick, refuses, removed, saved, test } from './stage';

test('from Today to the line-up, whose clock follows a changed method', async ({ page, demo }) => {
  await page.goto(demo.url);
  await expect(page.getByRole('heading', { name: 'Today: Harbour Light Festival' })).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^The day: arrival 12:30; .* start 14:00/ }),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Open the show' }).click();
  await expect(page.getByText(/14:38 if everything goes as written.*2:40 dead air/)).toBeVisible();
  await expect(
    page.getByRole('listitem').filter({ hasText: /Table drying.*comes first/ }),
  ).toBeVisible();

  await page.getByRole('button', { name: /Foam fountain gentle/ }).click();
  await pick(page.getByRole('combobox', { name: 'Method' }), 'lively method');
  await expect(page.getByText(/14:38 if everything/)).toBeHidden();
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /Foam fountain lively/ })).toBeVisible();
});

test('dead air says what would fix it; pressed, it ends as promised, and undone it is back', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await expect(page.getByText('the least this order has')).toBeVisible();
  const mend = page
    .getByRole('button', { name: /^Move .*: ends [23]:\d\d sooner, \d+ of 100 in time$/ })
    .first();
  const words = (await mend.textContent()) ?? '';
  const promised = Number(/(\d+) of 100 in time/.exec(words)?.[1]);
  const odds = page.getByText(/of 100 by the finish at 14:40/);
  const chance = async (): Promise<number> =>
    Number(/(\d+) of 100/.exec((await odds.textContent()) ?? '')?.[1]);
  const before = await chance();
  await mend.click();
  // As promised, but for what fewer simulated shows leave open.
  await expect.poll(chance).toBeGreaterThan(before + 20);
  await expect.poll(async () => Math.abs((await chance()) - promised)).toBeLessThan(15);
  await expect(page.getByText('2:40 dead air')).toBeHidden();
  await expect(saved(page)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByText(/14:38 if everything/)).toBeVisible();
  await expect(mend).toBeVisible();
});

/** Ends the search where it has not ended by itself. */
async function stopped(dialog: Locator): Promise<void> {
  const stop = dialog.getByRole('button', { name: 'Stop' });
  if (await stop.isVisible()) await stop.click();
  await expect(dialog.getByRole('progressbar')).toBeHidden();
}

test('a better order is looked for, compared, taken, and undone', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  const cards = page.getByRole('region', { name: 'Running order' }).locator('strong');
  await expect(cards).toHaveCount(9);
  const before = await cards.allTextContents();
  await page.getByRole('button', { name: 'Suggest an order' }).click();
  const dialog = page.getByRole('dialog', { name: 'A better order' });
  await expect(dialog.getByRole('columnheader')).toHaveText(['Today’s order', 'Proposed order']);
  // The best so far is there to be taken before the search has ended.
  await expect(dialog.getByRole('row', { name: /Dead air/ })).toHaveText(
    /^Dead air as written2:400:0\d$/,
    { timeout: 60_000 },
  );
  await expect(dialog.getByRole('row', { name: /^Ends/ })).toHaveText(
    /^Endsabout 14:4\dabout 14:3\d$/,
  );
  await expect(dialog.getByRole('list', { name: 'Why' })).not.toContainText('0:00');
  await pick(dialog.getByRole('combobox', { name: 'Energy over the show' }), 'A steady climb');
  await expect(dialog.getByRole('row', { name: /Energy away from the arc/ })).toBeVisible();
  await expect(dialog.getByRole('row', { name: /Dead air/ })).toHaveText(
    /^Dead air as written2:400:\d\d$/,
    { timeout: 60_000 },
  );
  await stopped(dialog);
  await expect(dialog.getByText(/^The proposed order is/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Take the proposed order' }).click();
  await expect(page.getByText(/14:3[5-7] if everything goes as written/)).toBeVisible();
  expect(await cards.allTextContents()).not.toEqual(before);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect.poll(() => cards.allTextContents()).toEqual(before);
  await expect(saved(page)).toBeVisible();
});

test('a long search for an order can be stopped, and left', async ({ page, demo, request }) => {
  // Three times as many slots: more orders than can be timed while anybody waits.
  const url = `${demo.url}/api${FESTIVAL}`;
  const show = (await (await request.get(url)).json()) as { slots: { id: string }[] };
  const slots = ['a', 'b', 'c'].flatMap((k) =>
    show.slots.map((slot) => ({ ...slot, id: `${slot.id}-${k}`, pinned: false })),
  );
  await request.put(url, { data: { ...show, slots } });
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await page.getByRole('button', { name: 'Suggest an order' }).click();
  const dialog = page.getByRole('dialog', { name: 'A better order' });
  await expect(dialog.getByText(/orders timed/)).toBeVisible({ timeout: 30_000 });
  await dialog.getByRole('button', { name: 'Stop' }).click();
  await expect(dialog.getByRole('progressbar')).toBeHidden();
  await dialog.getByRole('button', { name: 'Keep today’s order' }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('region', { name: 'Running order' }).locator('strong')).toHaveCount(
    27,
  );
});

test('a card is moved by keyboard and by mouse, and undone', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  const order = page.getByRole('region', { name: 'Running order' });
  const second = (): Promise<string[]> => order.locator('strong').allTextContents();
  await expect(order.locator('strong')).toHaveCount(9);
  const before = await second();

  await page.getByRole('button', { name: 'Move Static dome, number 5' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'Move Static dome, number 5' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('button', { name: 'Move Static dome, number 6' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect
    .poll(second)
    .toEqual([...before.slice(0, 4), before[5], before[4], ...before.slice(6)]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(second).toEqual(before);

  const from = await page
    .getByRole('button', { name: 'Move Smoke-ring drum, number 1' })
    .boundingBox();
  const to = await page.getByRole('button', { name: 'Move Foam fountain, number 3' }).boundingBox();
  if (!from || !to) throw new Error('The cards are not there');
  await page.mouse.move(from.x + 20, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(from.x + 20, from.y + 60, { steps: 4 });
  await page.mouse.move(to.x + 20, to.y + 30, { steps: 8 });
  await page.mouse.up();
  await expect.poll(async () => (await second())[2]).toBe('Smoke-ring drum');
  await expect(saved(page)).toBeVisible();
});

test('a brief with a slip says so at the field, keeps what was typed, and saves once it is right', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/brief');
  const audience = page.getByRole('textbox', { name: 'Audience' });
  await audience.fill('-5');
  await refuses(audience, /negative/);
  await audience.fill('lots');
  await refuses(audience, /a number/);
  await expect(audience).toHaveValue('lots');
  await audience.fill('140');
  await expect(page.getByText('140 people')).toBeVisible();
  await page.getByLabel('Hard finish').fill('13:50');
  await refuses(page.getByLabel('Hard finish'), /after the start/);
  await page.getByLabel('Hard finish').fill('14:50');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Audience' })).toHaveValue('140');
});

test('two tabs: changes to different parts are both kept, to the same part one is asked', async ({
  page,
  context,
  demo,
}) => {
  const other = await context.newPage();
  await page.goto(demo.url + FESTIVAL + '/brief');
  await other.goto(demo.url + FESTIVAL + '/brief');
  await expect(other.getByRole('textbox', { name: 'Title' })).toHaveValue('Harbour Light Festival');
  // The second tab is cut off while the first saves, so that both change the same state.
  await other.route('**/api/**', (route) => route.abort());
  await other.getByRole('textbox', { name: 'Title' }).fill('Lantern Festival');
  await other.getByRole('textbox', { name: 'Who they are' }).fill('Everybody');
  await expect(other.getByRole('status')).toContainText('Kept on this device');
  await page.getByRole('textbox', { name: 'Audience' }).fill('99');
  await page.getByRole('textbox', { name: 'Title' }).fill('Harbour Festival');
  await expect(saved(page)).toBeVisible();
  await other.unroute('**/api/**');
  await expect(other.getByRole('dialog', { name: 'Changed in two places' })).toBeVisible();
  await other.getByRole('button', { name: 'Keep mine' }).click();
  await expect(saved(other)).toBeVisible();
  await expect(other.getByRole('textbox', { name: 'Audience' })).toHaveValue('99');
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('Lantern Festival');
  await expect(page.getByRole('textbox', { name: 'Who they are' })).toHaveValue('Everybody');
});

test('a show removed in another tab is told, and brought back', async ({ page, demo, request }) => {
  await page.goto(demo.url + FESTIVAL + '/brief');
  await expect(page.getByRole('textbox', { name: 'Title' })).toBeVisible();
  await removed(request, `${demo.url}/api${FESTIVAL}`);
  await page.getByRole('textbox', { name: 'Title' }).fill('Still here');
  await expect(page.getByText('was removed elsewhere')).toBeVisible();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(saved(page)).toBeVisible();
  const show = (await (await request.get(`${demo.url}/api${FESTIVAL}`)).json()) as {
    title: string;
  };
  expect(show.title).toBe('Still here');

  await removed(request, `${demo.url}/api${FESTIVAL}`);
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText(/14:38 if everything/)).toBeVisible();
});

test('kit: a line opens to its calculator, and the list is saved as CSV', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/kit');
  await page.getByRole('button', { name: /Warm water/ }).click();
  await expect(
    page.getByText('3 tbsp (44.4 mL) Foam fountain + 5 mL Cloud burst = 49.4 mL'),
  ).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print or save' }).click();
  await page.getByRole('menuitem', { name: 'Kit list as CSV' }).click();
  expect((await download).suggestedFilename()).toBe('kit.csv');
});

test('on one’s own data it begins empty; a first show can be made, and a file read in', async ({
  page,
  served,
  request,
}) => {
  const demo = await served('demo');
  const file = await (await request.get(`${demo.url}/api${FESTIVAL}/file`)).body();
  const own = await served('own');
  await page.goto(own.url);
  await expect(page.getByRole('heading', { name: /^Nothing here yet/ })).toBeVisible();
  const bad = file
    .toString()
    .replace('"start": "14:00"', '"start": "noon"')
    .replace('"start":"14:00"', '"start":"noon"');
  await page.getByLabel('Show file').setInputFiles({
    name: 'bad.show.json',
    mimeType: 'application/json',
    buffer: Buffer.from(bad),
  });
  await expect(page.getByText('must be a time such as 14:05')).toBeVisible();
  await page
    .getByLabel('Show file')
    .setInputFiles({ name: 'festival.show.json', mimeType: 'application/json', buffer: file });
  await expect(page.getByRole('heading', { name: 'Harbour Light Festival' })).toBeVisible();
  await page.goto(own.url + '/people');
  await page.getByRole('button', { name: 'Add a person' }).click();
  await expect(page.getByRole('heading', { name: 'New person' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Name' }).fill('Noor');
  await expect(saved(page)).toBeVisible();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByText('Noor removed')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByRole('button', { name: /Noor/ })).toBeVisible();
});
