/** A place as a page: to scale, what is not known as questions, what can be done there. */
import { expect, pick, refuses, saved, test } from './stage';

test('a figure is changed in the sentence, drawn at once, and decides what can be done there', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/venues?open=boat-shed');
  const drawing = page.getByRole('img', { name: /^Boat Shed to scale/ });
  await expect(drawing).toContainText('6.5 m');
  const fits = page.getByRole('region', { name: 'What can be done here' });
  await expect(fits.getByRole('link', { name: 'Bottle launch' })).toBeVisible();
  await expect(fits.getByRole('link', { name: 'Paper fall' })).toHaveCount(0);
  const ceiling = page.getByRole('textbox', { name: 'Ceiling (m)' });
  await ceiling.fill('low');
  await refuses(ceiling, /a number/);
  await ceiling.fill('2.5');
  await expect(drawing).toContainText('2.5 m');
  await expect(fits.getByText(/the ceiling is at 2.5 m/).first()).toBeVisible();
  await expect(saved(page)).toBeVisible();
});

test('what is not known is counted, drawn dashed and asked', async ({ page, demo }) => {
  await page.goto(demo.url + '/venues');
  await page.getByRole('button', { name: 'Add a venue' }).click();
  const unknown = page.getByRole('region', { name: 'What is not known' });
  await expect(unknown).toContainText('ceiling');
  await expect(page.getByRole('img', { name: /^New venue to scale/ })).toContainText('how high?');
  await page.getByRole('textbox', { name: 'Ceiling (m)' }).fill('4');
  await expect(unknown).not.toContainText('ceiling');
  await pick(page.getByRole('combobox', { name: 'Drain' }), 'yes');
  await expect(unknown).not.toContainText('drain');
});

test('the drawing keeps within a phone', async ({ browser, demo }) => {
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await phone.goto(demo.url + '/venues?open=boat-shed');
  await expect(phone.getByRole('img', { name: /to scale/ })).toBeVisible();
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await phone.close();
});
