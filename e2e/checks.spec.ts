/** The checks of the day: read off, photographed, by place and person, on several screens at once. */
import { type Locator, type Page } from '@playwright/test';
import { FESTIVAL, expect, pick, refuses, test } from './stage';

const EVENING = '/shows/little-hollin-evening';

const TONGS = '/ready?stop=place/Left%20bench';
const openDetails = (page: Page, title: RegExp | string): Promise<void> =>
  page.locator('summary').filter({ hasText: title }).click();

const rowOf = (page: Page, title: RegExp): Locator =>
  page.getByRole('listitem').filter({ has: page.getByRole('checkbox', { name: title }) });

test('a figure is read off: judged as it is typed, kept when it fits, open while it does not', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/ready?stop=place/Rear');
  const pump = rowOf(page, /^Foot pump with gauge/);
  const field = pump.getByRole('textbox');
  await expect(pump).toContainText('0 to 5 kPa');
  await expect(pump.getByRole('checkbox')).toBeDisabled();
  await field.fill('nothing');
  await expect(pump).toContainText('Give a number of kPa');
  await field.fill('9');
  await expect(pump).toContainText('9 kPa is above 5 kPa');
  await field.blur();
  await expect(pump.getByRole('checkbox')).not.toBeChecked();
  await field.fill('0.02 bar');
  await expect(pump).toContainText('Within its limits');
  await field.blur();
  await expect(pump.getByRole('checkbox')).toBeChecked();
  await page.reload();
  await expect(pump.getByRole('textbox')).toHaveValue('2');
  // Taken back, it is open again.
  await pump.getByRole('checkbox').click();
  await expect(pump.getByRole('checkbox')).toBeDisabled();
});

test('a photo goes with a check, is seen large, removed and brought back', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + EVENING + TONGS);
  const tongs = rowOf(page, /^Tongs/);
  await tongs.getByRole('button', { name: /^More about/ }).click();
  const picture = { name: 'tongs.png', mimeType: 'image/png', buffer: await page.screenshot() };
  const choose = (file: typeof picture) => tongs.locator('input[type=file]').setInputFiles(file);
  await choose({ name: 'notes.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(page.getByText('That is no picture this browser can read.')).toBeVisible();
  await choose(picture);
  const small = tongs.getByRole('button', { name: /^Photo for Tongs: .* Somebody at / });
  await expect(small).toBeVisible();
  // It is there for everybody else, and stays.
  await page.reload();
  await small.click();
  const large = page.getByRole('dialog').getByRole('img');
  await expect(large).toBeVisible();
  // Stored as a picture no larger than need be: 1280 wide is left as it was.
  expect(await large.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1280);
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(small).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).last().click();
  await expect(small).toBeVisible();
});

test('a large photo is made smaller before it is sent', async ({ page, demo }) => {
  await page.goto(demo.url + EVENING + TONGS);
  const wide = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = 3200;
    canvas.height = 800;
    canvas.getContext('2d')?.fillRect(0, 0, 1600, 800);
    return canvas.toDataURL('image/png').split(',')[1] ?? '';
  });
  const tongs = rowOf(page, /^Tongs/);
  await tongs.getByRole('button', { name: /^More about/ }).click();
  await tongs.locator('input[type=file]').setInputFiles({
    name: 'wide.png',
    mimeType: 'image/png',
    buffer: Buffer.from(wide, 'base64'),
  });
  await tongs.getByRole('button', { name: /^Photo for Tongs: .* at / }).click();
  const large = page.getByRole('dialog').getByRole('img');
  await expect
    .poll(() => large.evaluate((img: HTMLImageElement) => [img.naturalWidth, img.naturalHeight]))
    .toEqual([1600, 400]);
});

test('each check is met at one stop of the walk; a person’s walk has only theirs', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/ready');
  const stops = page.getByRole('navigation', { name: 'The walk' }).getByRole('button');
  await expect(stops.first()).toContainText('Arrival');
  const seen = async (): Promise<string[]> => {
    const titles: string[] = [];
    for (const stop of await stops.all()) {
      await stop.click();
      await expect(stop).toHaveAttribute('aria-current', 'step');
      for (const box of await page.getByRole('checkbox').all())
        titles.push((await box.getAttribute('aria-label')) ?? '');
    }
    return titles;
  };
  const all = await seen();
  expect(new Set(all).size).toBe(all.length);
  await expect(page.getByText(`of ${all.length} checks left`)).toBeVisible();
  const spark = all.find((title) => title.startsWith('Static dome: spark'));
  expect(spark).toBeDefined();
  await pick(page.getByRole('combobox', { name: 'Whose walk' }), 'Jo');
  const mine = await seen();
  expect(mine.length).toBeGreaterThan(0);
  expect(mine.length).toBeLessThan(all.length);
  await expect(page.getByText(`of ${mine.length} checks left`)).toBeVisible();
});

test('two screens are in step, and a thumb finds the tick', async ({ page, browser, demo }) => {
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await Promise.all([
    page.goto(demo.url + EVENING + TONGS),
    phone.goto(demo.url + EVENING + TONGS),
  ]);
  const tick = rowOf(phone, /^Tongs/).getByRole('checkbox');
  const box = await tick.locator('..').boundingBox();
  expect(box?.width).toBeGreaterThanOrEqual(48);
  expect(box?.height).toBeGreaterThanOrEqual(48);
  await expect(page.getByText(/^0 of \d+ seen/)).toBeVisible();
  await tick.tap();
  await expect(page.getByText(/^1 of \d+ seen/)).toBeVisible();
  const row = rowOf(page, /^Tongs/);
  await row.getByRole('button', { name: /^More about/ }).click();
  await expect(row).toContainText('Done, Somebody at');
  await row.getByRole('checkbox').click();
  await expect(phone.getByText(/^0 of \d+ seen/)).toBeVisible();
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await phone.close();
});

test('the load of a circuit over time, gear by person, volunteers with their time', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + EVENING + '/ready?stop=arrival');
  await openDetails(page, 'Power over the show');
  await expect(page.getByText('Hall: 2400 W of 2300 W at the most')).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^Hall, 2300 W: .*2400 W from 19:1\d/ }),
  ).toBeVisible();
  await page
    .getByRole('navigation', { name: 'The walk' })
    .getByRole('button', { name: /Crew/ })
    .click();
  await openDetails(page, 'Who wears what');
  await openDetails(page, 'Volunteers');
  const mara = page.getByRole('region', { name: 'Gear of Mara' });
  await expect(mara.getByRole('listitem').first()).toContainText('On: Goggles');
  await expect(mara).toContainText('after “');
  await expect(page.getByText(/^19:0\d Static dome, 1 volunteer$/)).toBeVisible();
  await page.goto(demo.url + EVENING + '/line-up');
  const strip = page.getByRole('region', { name: /^Stage strip/ });
  await expect(strip.getByText('Volunteers', { exact: true })).toBeVisible();
  await expect(strip.getByText('1 volunteer', { exact: true })).toBeVisible();
});

test('a position before an exit is told as it is moved there', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/ready');
  const bench = page.getByRole('button', { name: /^Left bench: / });
  await bench.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowLeft');
  await expect(
    page.getByText(/Exit Side door: Left bench stands in the way/).first(),
  ).toBeVisible();
  await expect(page.getByText('Not yet: 1 thing to fix')).toBeVisible();
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByText(/stands in the way/)).toHaveCount(0);
});

test('how loud the room is comes from the sensor, and says whether a voice carries', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + EVENING + '/ready');
  await expect(page.getByText('Voice:')).toHaveCount(0);
  const sound = page.getByLabel('Sound (dB(A))');
  await sound.fill('900');
  await refuses(sound, /130/);
  await sound.fill('');
  demo.sensor({ temperature: 19.5, humidity: 41, sound: 71 });
  await page.getByRole('button', { name: 'Take these figures' }).click();
  await expect(sound).toHaveValue('71');
  await openDetails(page, /^To watch/);
  const voice = page.getByRole('listitem').filter({ hasText: 'Voice:' });
  await expect(voice).toContainText('hard to hear at the back');
  await expect(voice).toContainText('Take the microphone');
  await sound.fill('31');
  await openDetails(page, /^Looked into/);
  await expect(voice).toContainText('heard well at the back');
  await voice.getByRole('button', { name: 'Why' }).click();
  await expect(voice).toContainText('ISO 9921');
});
