/** The line-up’s clock, forecast and strip: chosen, dragged, asked and taken away. */
import { readFileSync } from 'node:fs';
import { FESTIVAL, accepts, expect, pick, refuses, saved, test } from './stage';

test.beforeEach(async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await expect(page.getByText(/of 100 by the finish at 14:40/)).toBeVisible();
});

test('the forecast says how many end in time, and what could go; one is left out and brought back', async ({
  page,
}) => {
  await expect(page.getByRole('img', { name: /^Of 100 shows \d+ end by/ })).toBeVisible();
  const cards = page.getByRole('region', { name: 'Running order' }).locator('strong');
  await page.getByRole('button', { name: 'What to leave out' }).click();
  const dialog = page.getByRole('dialog', { name: 'What to leave out' });
  const forks = dialog.getByRole('row', { name: /^Balancing forks 1 / });
  await expect(forks).toContainText('of 100');
  await expect(dialog.getByRole('row', { name: /Balancing forks and/ }).first()).toBeVisible();
  await expect(dialog.getByText('of the spread').first()).toBeVisible();
  await dialog.getByRole('button', { name: 'Leave out Balancing forks', exact: true }).click();
  await expect(dialog).toBeHidden();
  await expect(cards).toHaveCount(8);
  await expect(page.getByText(/^14:38 if everything goes as written/)).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(cards).toHaveCount(9);
  await expect(saved(page)).toBeVisible();
});

test('a bar is chosen: its words, its neighbours, its card; and done earlier by the keys', async ({
  page,
}) => {
  const bar = page.getByRole('slider', { name: /^Set tray and cylinder/ });
  await bar.focus();
  await page.keyboard.press('Enter');
  const panel = page.getByRole('region', { name: 'Chosen' });
  await expect(panel.getByRole('heading')).toHaveText('Set tray and cylinder · Foam fountain');
  await expect(panel).toContainText('while Slow-falling magnet is on');
  await expect(page.getByRole('button', { name: /^Foam fountain/, expanded: true })).toBeVisible();
  const before = Number(await bar.getAttribute('aria-valuenow'));
  await bar.press('ArrowLeft');
  await expect
    .poll(async () => Number(await bar.getAttribute('aria-valuenow')))
    .toBeGreaterThan(before);
  await expect(saved(page)).toBeVisible();
  await panel.getByRole('button', { name: 'Move to latest time' }).click();
  await expect(panel.getByRole('button', { name: 'Move to latest time' })).toBeHidden();
  // One can go on from neighbour to neighbour.
  await panel
    .getByRole('button', { name: /Stand the pipes up|roll the drum off/i })
    .first()
    .click();
  await expect(panel.getByRole('heading')).not.toContainText('Foam fountain');
  await panel.getByRole('button', { name: 'Choose nothing' }).click();
  await expect(panel).toBeHidden();
});

test('a preparation is dragged earlier by mouse, no further than it keeps, and undone', async ({
  page,
}) => {
  const bar = page.getByRole('slider', { name: /^Set tray and cylinder/ });
  const most = Number(await bar.getAttribute('aria-valuemax'));
  const before = Number(await bar.getAttribute('aria-valuenow'));
  const box = await bar.boundingBox();
  if (!box) throw new Error('The bar is not there');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x - 60, box.y + 8, { steps: 6 });
  await expect(page.getByText(/^\d+:\d\d before$/)).toBeVisible();
  await page.mouse.up();
  await expect
    .poll(async () => Number(await bar.getAttribute('aria-valuenow')))
    .toBeGreaterThan(before);
  expect(Number(await bar.getAttribute('aria-valuenow'))).toBeLessThanOrEqual(most + 15);
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect.poll(async () => Number(await bar.getAttribute('aria-valuenow'))).toBe(before);
});

test('the strip is looked at closer by keys, wheel and buttons', async ({ page }) => {
  const strip = page.getByRole('region', { name: /^Stage strip/ });
  const width = (): Promise<number> => strip.evaluate((box) => box.scrollWidth);
  const whole = await width();
  await strip.focus();
  await page.keyboard.press('+');
  await page.keyboard.press('+');
  await expect.poll(width).toBeGreaterThan(1.5 * whole);
  await page.keyboard.press('0');
  await expect.poll(width).toBe(whole);
  const box = await strip.boundingBox();
  await page.mouse.move((box?.x ?? 0) + 400, (box?.y ?? 0) + 150);
  await page.keyboard.down('Control');
  await page.mouse.wheel(0, -300);
  await page.keyboard.up('Control');
  await expect.poll(width).toBeGreaterThan(1.5 * whole);
  await page.getByRole('button', { name: 'Less detail' }).click();
  await page.getByRole('button', { name: 'Whole show' }).click();
  await expect.poll(width).toBe(whole);
  await expect(page.getByRole('button', { name: 'Less detail' })).toBeDisabled();
});

test('a talk is added; a time that can’t be is told at its field, and the clock follows what can', async ({
  page,
}) => {
  await page.getByRole('button', { name: 'Add a demo' }).click();
  await page.getByRole('menuitem', { name: 'A talk: words only' }).click();
  await page.getByRole('textbox', { name: 'Title' }).fill('Welcome aboard');
  await expect(page.getByRole('button', { name: /^Welcome aboard/ })).toBeVisible();
  // Its ends follow one time, and are put right by themselves.
  const likely = page.getByRole('textbox', { name: 'Likely' });
  await likely.fill('soon');
  await refuses(likely, /a time, such as 1:30/);
  await likely.fill('20 s');
  await accepts(likely);
  await expect(page.getByRole('textbox', { name: 'Shortest' })).toHaveValue('0:16');
  await page.getByRole('textbox', { name: 'Shortest' }).fill('2 min');
  await refuses(likely, /the shortest/);
  await page.getByRole('textbox', { name: 'Shortest' }).fill('10');
  await accepts(likely);
  await expect(page.getByRole('button', { name: /^Welcome aboard/ })).toContainText('0:20');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /^Welcome aboard/ })).toContainText('0:20');
});

test('wishes shape the proposed order; a weight that is none is told', async ({ page }) => {
  await page.getByRole('button', { name: 'Suggest an order' }).click();
  const dialog = page.getByRole('dialog', { name: 'A better order' });
  const wish = dialog.getByRole('group', { name: 'One before another' });
  await wish.getByRole('button', { name: 'One before another' }).click();
  await pick(wish.getByRole('combobox', { name: 'that' }), '2 Slow-falling magnet');
  await pick(wish.getByRole('combobox', { name: 'This' }), '7 Cold flower');
  const proposed = dialog.getByRole('region', { name: 'Proposed order' }).getByRole('listitem');
  await expect(proposed).toHaveCount(9);
  const names = await proposed.allTextContents();
  const at = (name: string): number => names.findIndex((text) => text.startsWith(name));
  expect(at('Cold flower')).toBeLessThan(at('Slow-falling magnet'));
  await expect(
    dialog.getByRole('list', { name: 'Why' }).getByRole('listitem').first(),
  ).toBeVisible();
  // The same two the other way round: that can’t be, and it is said which wishes are in the way.
  await wish.getByRole('button', { name: 'One before another', exact: true }).click();
  await pick(wish.getByRole('combobox', { name: 'that' }).nth(1), '7 Cold flower');
  await pick(wish.getByRole('combobox', { name: 'This' }).nth(1), '2 Slow-falling magnet');
  await expect(dialog.getByText('There is nothing to look for')).toBeVisible();
  await expect(dialog.getByRole('listitem')).toHaveText([
    'Cold flower before Slow-falling magnet and Slow-falling magnet before Cold flower can’t all be kept',
  ]);
  await wish.getByRole('button', { name: /^Remove the wish 2/ }).click();
  await expect(proposed).toHaveCount(9);
  await dialog.getByText('What each part weighs').click();
  await dialog.getByRole('textbox', { name: 'A second of dead air' }).fill('-4');
  await refuses(dialog.getByRole('textbox', { name: 'A second of dead air' }), /negative/);
  await dialog.getByRole('button', { name: 'The usual weights' }).click();
  await accepts(dialog.getByRole('textbox', { name: 'A second of dead air' }));
  await dialog.getByRole('button', { name: 'Keep today’s order' }).click();
  await expect(saved(page)).toBeVisible();
});

test('a conflict leads to its card, and is fixed by what is offered', async ({
  page,
  demo,
  request,
}) => {
  const url = `${demo.url}/api${FESTIVAL}`;
  const show = (await (await request.get(url)).json()) as { slots: { demoId: string }[] };
  const slots = show.slots.map((slot) =>
    slot.demoId === 'balancing-forks' ? { ...slot, performerId: null } : slot,
  );
  await request.put(url, { data: { ...show, slots } });
  await page.reload();
  const conflicts = page.getByRole('region', { name: 'Conflicts' });
  await conflicts.getByRole('button', { name: /Balancing forks: nobody is named/ }).click();
  await expect(
    page.getByRole('button', { name: /^Balancing forks/, expanded: true }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Let Ines perform Balancing forks/ }).click();
  await expect(conflicts).toBeHidden();
  await expect(saved(page)).toBeVisible();
});

test('the running order is taken away as PDF, CSV and calendar', async ({ page }) => {
  for (const [name, file, head] of [
    ['One page for the wings (PDF)', 'running-order.pdf', '%PDF-'],
    ['Running order for a spreadsheet (CSV)', 'running-order.csv', '\uFEFFTime,Number'],
    ['The day for a calendar, with alarms', 'calendar.ics', 'BEGIN:VCALENDAR'],
  ] as const) {
    await page.getByRole('button', { name: 'Print or save' }).click();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name }).click(),
    ]);
    expect(download.suggestedFilename()).toBe(file);
    expect(readFileSync(await download.path(), 'utf8').startsWith(head)).toBe(true);
  }
});

test('what a method leaves behind makes another wait, and says so', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos/slow-falling-magnet');
  await page.getByRole('button', { name: 'Edit what is left behind' }).click();
  await page.getByRole('button', { name: 'Add what it leaves' }).click();
  await pick(page.getByRole('combobox', { name: 'Leaves' }), 'Smoke');
  await pick(page.getByRole('combobox', { name: 'Where' }).last(), 'on the whole stage');
  await pick(page.getByRole('combobox', { name: 'Goes' }), 'by itself');
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + '/demos/foam-fountain');
  await page.getByRole('button', { name: 'Edit what is left behind' }).click();
  await page.getByRole('combobox', { name: 'Must be gone first' }).click();
  await page.getByRole('option', { name: 'Smoke' }).click();
  await page.keyboard.press('Escape');
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/line-up');
  const order = page.getByRole('region', { name: 'Running order' });
  await expect(order.getByText(/no smoke may be about for Foam fountain/)).toBeVisible();
});
