/** Ready as a walk: by keyboard, by thumb, with something found wrong, on another screen, and with the network off. */
import { type Page } from '@playwright/test';
import { FESTIVAL, expect, pick, refuses, test } from './stage';

const CENTRE = `${FESTIVAL}/ready?stop=place/Centre%20table`;
const stop = (page: Page, name: RegExp) =>
  page.getByRole('navigation', { name: 'The walk' }).getByRole('button', { name });
const heading = (page: Page) => page.getByRole('heading', { level: 2 });

test('walked to its end by keyboard: one press a stop, a tick of its own for what must be done', async ({
  page,
  demo,
}) => {
  test.setTimeout(120_000);
  await page.goto(demo.url + FESTIVAL + '/ready');
  await expect(
    page.getByRole('status').getByText('17 checks must be done before the start'),
  ).toBeAttached();
  // What is read off needs its figure.
  const row = page.getByRole('textbox', { name: /^Front row measured/ });
  await row.focus();
  await page.keyboard.type('1.2');
  await expect(page.getByText('1.2 m is below 1.5 m').first()).toBeVisible();
  await page.keyboard.press('ControlOrMeta+A');
  await page.keyboard.type('3.2 m');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('checkbox', { name: /^Front row measured/ })).toBeChecked();
  await page.getByRole('heading', { name: 'Arrival' }).click();
  for (let stops = 0; stops < 12; stops++) {
    const own = page
      .getByRole('listitem')
      .filter({ hasText: 'must be done before the start' })
      .getByRole('checkbox');
    for (const name of await own.evaluateAll((all) => all.map((box) => box.ariaLabel ?? ''))) {
      const box = page.getByRole('checkbox', { name, exact: true });
      if (await box.isDisabled()) continue;
      await box.focus();
      await page.keyboard.press('Space');
      await expect(box).toBeChecked();
    }
    for (const field of await page.getByRole('textbox', { name: /, read off$/ }).all()) {
      if ((await field.inputValue()) !== '') continue;
      await field.focus();
      await page.keyboard.type('2');
      await page.keyboard.press('Tab');
      await expect(field).toHaveValue('2');
    }
    const here = (await heading(page).nth(1).textContent()) ?? '';
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('Enter');
    if ((await page.getByText(/^Every check is done$/).count()) > 0) break;
    await expect(heading(page).nth(1)).not.toHaveText(here);
  }
  await expect(page.getByText('Go: every check is done')).toBeAttached();
  await expect(page.getByText('Go', { exact: true })).toBeVisible();
});

test('the arrows go along the walk; X says what isn’t as it should be', async ({ page, demo }) => {
  await page.goto(demo.url + CENTRE);
  await expect(page.getByRole('heading', { name: 'Centre table' })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('heading', { name: 'Left bench' })).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('heading', { name: 'Centre table' })).toBeVisible();
  await page.keyboard.press('x');
  const dialog = page.getByRole('dialog', { name: /^Centre table/ });
  await dialog.getByRole('button', { name: 'Say so' }).click();
  await expect(dialog.getByRole('alert')).toHaveText('Say which one it is.');
  await dialog.getByRole('radio', { name: 'Deep tray', exact: true }).check();
  await dialog.getByRole('button', { name: 'Say so' }).click();
  await refuses(dialog.getByRole('textbox', { name: 'What is wrong' }), /Say what is wrong/);
  await dialog.getByRole('textbox', { name: 'What is wrong' }).fill('left in the van');
  await page.keyboard.press('Enter');
  await expect(page.getByText('△ Deep tray: left in the van')).toBeVisible();
  await expect(stop(page, /Centre table/)).toContainText('1 not as it should be');
  await expect(page.getByText('Not yet: 1 thing to fix')).toBeAttached();
  // One press doesn’t pass over it; put right, it is as it should be.
  await page.getByRole('button', { name: /^All as it should be/ }).click();
  await expect(page.getByText('△ Deep tray: left in the van')).toBeVisible();
  await page.getByRole('checkbox', { name: /^Foam fountain set out/ }).check();
  await expect(page.getByText('left in the van')).toHaveCount(0);
});

test('one press is undone as one', async ({ page, demo }) => {
  await page.goto(demo.url + CENTRE);
  const before = await stop(page, /Centre table/).textContent();
  await page.getByRole('button', { name: /^All as it should be/ }).click();
  await expect(stop(page, /Centre table/)).not.toHaveText(before ?? '');
  await page.getByText('Undo').last().click();
  await expect(stop(page, /Centre table/)).toHaveText(before ?? '');
});

test('by thumb, on one’s own phone: my walk, big enough, nothing off the side, with the network off too', async ({
  browser,
  page,
  demo,
}) => {
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await phone.goto(demo.url + FESTIVAL + '/ready');
  await phone.getByRole('button', { name: 'Say who you are' }).tap();
  await phone.getByRole('menuitem', { name: 'Jo' }).tap();
  await phone.reload();
  await expect(phone.getByRole('combobox', { name: 'Whose walk' })).toHaveText('Jo');
  const line = phone.getByRole('navigation', { name: 'The walk' }).getByRole('button');
  for (const knot of await line.all()) {
    const box = await knot.boundingBox();
    expect(box?.width).toBeGreaterThanOrEqual(39);
    expect(box?.height).toBeGreaterThanOrEqual(44);
  }
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await page.goto(demo.url + FESTIVAL + '/ready');
  const left = page.getByText(/^\d+ of 51 checks left$/);
  await expect(left).toBeVisible();
  const was = Number.parseInt((await left.textContent()) ?? '', 10);
  const floor = phone
    .getByRole('navigation', { name: 'The walk' })
    .getByRole('button', { name: /^Floor/ });
  await floor.tap();
  await expect(floor).toHaveAttribute('aria-current', 'step');
  const stood = (await floor.getAttribute('aria-label')) ?? '';
  await phone.context().setOffline(true);
  await phone.getByRole('button', { name: /^All as it should be/ }).tap();
  await expect(floor).not.toHaveAttribute('aria-label', stood);
  await phone.context().setOffline(false);
  await expect
    .poll(async () => Number.parseInt((await left.textContent()) ?? '', 10))
    .toBeLessThan(was);
  await phone.close();
});

test('what is pressed next is of the stop one has just gone to, however slow the device', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + CENTRE);
  await expect(page.getByRole('heading', { name: 'Centre table' })).toBeVisible();
  const before = await stop(page, /Centre table/).textContent();
  // Both before anything that may wait has been drawn.
  await page.evaluate(async () => {
    const button = (words: RegExp): HTMLButtonElement | undefined =>
      [...document.querySelectorAll('button')].find((one) => words.test(one.textContent ?? ''));
    [...document.querySelectorAll<HTMLButtonElement>('nav[aria-label="The walk"] button')]
      .find((one) => /Left bench/.test(one.textContent ?? ''))
      ?.click();
    for (let turn = 0; turn < 4; turn++) await Promise.resolve();
    button(/^All as it should be/)?.click();
  });
  await expect(page.getByText(/checks? ticked at Left bench/)).toBeVisible();
  await expect(stop(page, /Centre table/)).toHaveText(before ?? '');
});

test('the stage at one moment: only what must be clear then; another moment, another circle', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/ready');
  const plan = page.getByRole('group', { name: /^Plan of the stage/ });
  await expect(page.getByRole('heading', { name: 'The stage at 14:36' })).toBeVisible();
  await expect(plan.getByText('4 m kept clear')).toBeVisible();
  await expect(plan.locator('circle')).toHaveCount(1);
  const moment = page.getByRole('slider', { name: 'The moment' });
  await moment.focus();
  await page.keyboard.press('Home');
  await expect(page.getByRole('heading', { name: 'The stage at 14:00' })).toBeVisible();
  await expect(plan.getByText('4 m kept clear')).toHaveCount(0);
});

test('whose walk: of somebody who has nothing to look at it is said', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/ready');
  await pick(page.getByRole('combobox', { name: 'Whose walk' }), 'Ines');
  await expect(page.getByText(/^\d+ of \d+ checks left$/)).toBeVisible();
  await pick(page.getByRole('combobox', { name: 'Whose walk' }), 'Everybody’s');
  await expect(page.getByText(/of 51 checks left$/)).toBeVisible();
});
