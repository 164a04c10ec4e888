/** Packing: by box on a phone, two at once, in part, no more than there is, changed since, and home again. */
import type { Page } from '@playwright/test';
import type { ShowAnswer } from '../contract/api';
import type { Show } from '../core/brief/types';
import type { StockedLot } from '../core/inventory/types';
import type { Demo } from '../core/repertoire/types';
import QRCode from 'qrcode';
import { guest } from './hall';
import { expect, FESTIVAL, refuses, test } from './stage';

const SPARKS = `${FESTIVAL}/pack?box=box-spark`;

test('two people pack at once; tests stand beside what needs one; on the way home what is missing stands out', async ({
  page,
  demo,
  browser,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(demo.url + FESTIVAL + '/pack?box=all');
  const packed = page.getByText(/^0 of \d+ packed$/);
  await expect(packed).toBeVisible();
  const all = /of (\d+)/.exec(await packed.innerText())?.[1] ?? '';
  const other = await browser.newPage();
  await other.goto(demo.url + FESTIVAL + '/pack');
  await page.getByRole('checkbox', { name: 'Packed: 1 Disc magnet' }).click();
  await other.getByRole('checkbox', { name: /^Packed: \d+ Goggles$/ }).click();
  for (const one of [page, other]) {
    await expect(one.getByText(`2 of ${all} packed`)).toBeVisible();
    await expect(one.getByRole('checkbox', { name: 'Packed: 1 Disc magnet' })).toBeChecked();
  }
  const tests = page.getByText(/^△ \d+ function tests open$/);
  const open = Number(/\d+/.exec(await tests.innerText())?.[0]);
  // By keyboard too.
  await page.getByRole('checkbox', { name: /^Tested: Disc magnet/ }).focus();
  await page.keyboard.press('Space');
  await expect(other.getByText(`${open - 1} function tests open`)).toBeVisible();
  await page.getByRole('checkbox', { name: 'Packed: 1 Disc magnet' }).click();
  await expect(other.getByText(`1 of ${all} packed`)).toBeVisible();

  // What was never packed is not looked for.
  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(page.getByText('0 of 1 back')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /^Home: \d+ Goggles$/ })).toBeVisible();
  await other.getByRole('checkbox', { name: 'Packed: 1 Tongs' }).click();
  await page.getByRole('checkbox', { name: /^Home: \d+ Goggles$/ }).click();
  await expect(page.getByText('△ Missing: Tongs')).toBeVisible();
  await other.close();
});

test('on a phone one box at a time, the next with one press', async ({ page, demo }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(demo.url + FESTIVAL + '/pack');
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(1);
  const boxes = page.getByRole('navigation', { name: 'Boxes, in the order to load them' });
  await boxes.getByRole('button', { name: /^Box 3, Sparks and magnets: 0 of/ }).click();
  await expect(page.getByRole('heading', { name: '3 · Sparks and magnets' })).toBeVisible();
  await page.getByRole('button', { name: /^Next: / }).click();
  await expect(page.getByRole('heading', { name: '3 · Sparks and magnets' })).toBeHidden();
});

test('a box that is whole stays before one’s eyes until one goes on', async ({ page, demo }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(demo.url + FESTIVAL + '/pack');
  const heading = page.getByRole('heading', { level: 2 });
  await expect(heading).toHaveCount(1);
  const first = await heading.innerText();
  const things = page.getByRole('checkbox', { name: /^Packed: / });
  await expect(things.first()).toBeVisible();
  for (const thing of await things.all()) await thing.click();
  await expect(page.getByText('All of it is in.')).toBeVisible();
  await expect(heading).toHaveText(first);
});

test('the address on a box’s label opens that box’s list', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/pack?box=box-gear');
  await expect(page.getByRole('heading', { name: '4 · Protective gear' })).toBeVisible();
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(1);
  await page.getByRole('button', { name: 'All boxes' }).click();
  await expect(page.getByRole('heading', { name: '2 · Wet bench' })).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/pack?box=no-such-box');
  await expect(page.getByText('Nothing of this show is in that box')).toBeVisible();
});

test('in part it stays open; a changed amount opens the tick again, and says so', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + SPARKS);
  const dishes = page.getByRole('checkbox', { name: /^Packed: \d+ Foil dishes/ });
  await page.getByRole('button', { name: /^Only part of something: 3/ }).click();
  const dialog = page.getByRole('dialog', { name: 'How much is in?' });
  const more = dialog.getByRole('button', { name: 'One more: Foil dishes' });
  await more.click();
  await expect(dialog.getByRole('group', { name: 'Foil dishes' })).toContainText('1 of 8');
  await more.click();
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(dishes).toBeChecked({ indeterminate: true });
  await expect(dishes).toContainText('2 of 8');
  await expect(page.getByText(/^0 of \d+ packed$/)).toBeVisible();
  await dishes.click();
  await expect(dishes).toBeChecked();
  await expect(page.getByText(/^1 of \d+ packed$/)).toBeVisible();
  // More is wanted now: it was whole, and is not any more.
  const path = `${demo.url}/api/demos/static-dome`;
  const dome = (await (await page.request.get(path)).json()) as Demo;
  const methods = dome.methods.map((method) => ({
    ...method,
    kit: method.kit.map((line) =>
      line.itemId === 'foil-dishes' ? { ...line, amount: line.amount + 1 } : line,
    ),
  }));
  await page.request.put(path, { data: { ...dome, methods } });
  await expect(dishes).toContainText('packed 8, now 9');
  await expect(page.getByText(/^0 of \d+ packed$/)).toBeVisible();
});

test('no more is packed than there is, and it says so where it is pressed', async ({
  page,
  demo,
}) => {
  const lots = (await (
    await page.request.get(`${demo.url}/api/lots?item=foil-dishes`)
  ).json()) as StockedLot[];
  const [first, ...others] = lots;
  await page.request.post(`${demo.url}/api/lots/${first?.id}/count`, {
    data: { amount: 3, unit: 'piece', note: '' },
  });
  for (const { id } of others)
    await page.request.post(`${demo.url}/api/lots/${id}/count`, {
      data: { amount: 0, unit: 'piece', note: '' },
    });
  await page.goto(demo.url + SPARKS);
  const dishes = page.getByRole('checkbox', { name: /^Packed: \d+ Foil dishes/ });
  await expect(dishes).toContainText('5 short');
  await dishes.click();
  await expect(dishes).toContainText('3 of 8');
  // By the address it is refused as well.
  const put = await page.request.put(
    `${demo.url}/api${FESTIVAL}/packing/packed/foil-dishes.count`,
    { data: { by: null, amount: 4, of: 8 } },
  );
  expect(put.status()).toBe(422);
  expect(((await put.json()) as { error: { message: string } }).error.message).toBe(
    'Foil dishes: the store has only 3 on that day. Count it, if there is more.',
  );
  // An amount that is typed too large says how much there is.
  await page.goto(demo.url + FESTIVAL + '/pack?box=box-wet');
  await page.getByRole('button', { name: /^Only part of something: 2/ }).click();
  const strong = page.getByRole('textbox', { name: 'Hydrogen peroxide 3 %' });
  await strong.fill('90 L');
  await refuses(strong, /The store has/);
  await strong.fill('much');
  await refuses(strong, /must begin with a number/);
  await strong.fill('0.05 L');
  await strong.press('Tab');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('checkbox', { name: /Hydrogen peroxide 3 %/ })).toContainText(
    '50 mL of 116 mL',
  );
});

test('what is packed and not in the kit any more is told, and taken out', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + SPARKS);
  await page.getByRole('checkbox', { name: 'Packed: 1 Steel slug, same size' }).click();
  const path = `${demo.url}/api${FESTIVAL}`;
  const answer = async (): Promise<ShowAnswer> =>
    (await (await page.request.get(`${path}/all`)).json()) as ShowAnswer;
  await expect.poll(async () => (await answer()).packing.length).toBe(1);
  const show = (await (await page.request.get(path)).json()) as Show;
  const slots = show.slots.filter(({ demoId }) => demoId !== 'slow-falling-magnet');
  await page.request.put(path, { data: { ...show, slots } });
  await expect(
    page.getByText('Packed, and not needed any more: Steel slug, same size'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Home again' }).click();
  await expect(
    page.getByText('Went along though it was not needed: Steel slug, same size'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'To the show' }).first().click();
  await page.getByRole('button', { name: 'It is out again' }).click();
  await expect.poll(async () => (await answer()).packing.length).toBe(0);
});

/** Chooses a picture of a code, as a phone’s camera would give it. */
async function scan(page: Page, text: string): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Take a picture of it' }).click();
  const buffer = await QRCode.toBuffer(text, { width: 400 });
  await (await chooser).setFiles({ name: 'code.png', mimeType: 'image/png', buffer });
}

test('a label’s code is read: the thing is found in its box, and in the store', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/pack');
  await page.getByRole('button', { name: 'Scan' }).click();
  const dialog = page.getByRole('dialog', { name: 'Find by a label’s code' });
  await scan(page, 'https://example.org/');
  await expect(dialog.getByRole('alert')).toHaveText('△ That code is on none of our labels.');
  // Of another show, printed while nothing was shared.
  const path = '/shows/little-hollin-evening/pack?box=box-wet&item=peroxide-3';
  await scan(page, `http://localhost:1/not-shared?to=${encodeURIComponent(path)}`);
  await expect(dialog).toBeHidden();
  await expect(page).toHaveURL(/harbour-light-festival\/pack\?.*item=peroxide-3/);
  await expect(page.getByRole('heading', { name: '2 · Wet bench' })).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /Hydrogen peroxide 3 %/ })).toBeInViewport();
  await page.goto(demo.url + '/store');
  await page.getByRole('button', { name: 'Scan' }).click();
  await scan(page, `https://stage.test${path}`);
  await expect(page).toHaveURL(/\/store\/items\/peroxide-3$/);
});

test('a helper’s phone packs beside the laptop, in its own name; what may be taken instead is told, not changed', async ({
  page,
  browser,
  demo,
}) => {
  const jo = await guest(browser, page, demo, { person: 'jo' });
  await jo.page.goto(demo.hallUrl + FESTIVAL + '/pack?box=box-wet');
  await page.goto(demo.url + FESTIVAL + '/pack?box=box-wet');
  const tray = (of: Page) => of.getByRole('checkbox', { name: /^Packed: .*Deep tray$/ });
  const towels = (of: Page) => of.getByRole('checkbox', { name: /^Packed: .*Drying towels$/ });
  await Promise.all([tray(jo.page).click(), towels(page).click()]);
  for (const one of [page, jo.page]) {
    await expect(tray(one)).toBeChecked();
    await expect(tray(one)).toContainText('Jo');
    await expect(towels(one)).toBeChecked();
  }
  await expect(jo.page.getByText('Take narrow-necked bottle instead.')).toBeVisible();
  await expect(jo.page.getByRole('button', { name: /instead$/ })).toHaveCount(0);
  await expect(
    page.getByRole('button', { name: 'Take narrow-necked bottle instead' }),
  ).toBeVisible();
  await jo.context.close();
});
