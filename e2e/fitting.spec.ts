/** What fits: said in a sentence whose parts change; why the rest does not, what would let it in, and what they make. */
import type { Locator, Page } from '@playwright/test';
import { expect, pick, refuses, saved, test } from './stage';

const fits = (page: Page): Locator => page.getByRole('list', { name: 'Demonstrations that fit' });
const out = (page: Page): Locator => page.getByRole('list', { name: 'Don’t fit' });
const gap = (page: Page, name: string): Locator => page.getByLabel(name, { exact: true });

test('what was said keeps out what does not fit, each with why; one press lets it in', async ({
  page,
  own,
}) => {
  await page.goto(`${own.url}/demos`);
  await expect(page.getByText('Say how long you have')).toBeVisible();
  await gap(page, 'Youngest').fill('four');
  await refuses(gap(page, 'Youngest'), /Years/);
  await gap(page, 'Youngest').fill('7');
  await expect(out(page).getByRole('link', { name: /Clock in a glass/ })).toContainText(
    'From 8 years; the youngest is 7.',
  );
  await expect(fits(page).getByRole('link', { name: /Foam fountain/ })).toBeVisible();
  await page.getByRole('combobox', { name: 'Where' }).selectOption('indoors');
  await expect(out(page).getByRole('link', { name: /Bottle launch/ })).toContainText(
    'Only outdoors: you are indoors.',
  );
  await page.getByRole('button', { name: 'Without …' }).click();
  await page.getByRole('menuitemcheckbox', { name: 'Open flame' }).click();
  await page.keyboard.press('Escape');
  await expect(out(page).getByRole('link', { name: /Relit candle/ })).toContainText(
    'Open flame: you said none.',
  );
  // With nothing in the store, what needs something from there does not do.
  await expect(page.getByRole('button', { name: 'Only with what is in the house' })).toBeHidden();
  const count = await fits(page).getByRole('listitem').count();
  const letIn = page.getByRole('listitem').filter({ hasText: 'Allow open flame' });
  const more = Number(/(\d+) more fit/.exec(await letIn.innerText())?.[1]);
  await letIn.getByRole('button').click();
  await expect(fits(page).getByRole('listitem')).toHaveCount(count + more);
  await page.getByRole('button', { name: /^Announced from 8 years on/ }).click();
  await expect(gap(page, 'Youngest')).toHaveValue('8');
  await expect(fits(page).getByRole('link', { name: /Clock in a glass/ })).toBeVisible();
  // Read, and come back to: what was said is still there.
  await fits(page)
    .getByRole('link', { name: /Clock in a glass/ })
    .click();
  await expect(page.getByText('Vitamin C uses up the iodine')).toBeVisible();
  await page.goBack();
  await expect(gap(page, 'Youngest')).toHaveValue('8');
});

test('the next show says what one has; what is in it has its number, and what it lacks is told', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/demos`);
  const band = page.getByRole('region', { name: 'What they make' });
  await expect(band).toContainText('Nine make Harbour Light Festival:');
  await expect(band).toContainText(/Ends about 14:4\d, by 14:4\d in 9 of 10/);
  await expect(gap(page, 'How long')).toHaveValue('40 minutes');
  await expect(gap(page, 'Who performs')).toHaveValue('Ines, Jo');
  const foam = fits(page).getByRole('listitem').filter({ hasText: 'Foam fountain' });
  await expect(foam.getByRole('img', { name: 'Number 3 of the order' })).toBeVisible();
  // From eight years, and the youngest are six: it is in the order, and does not fit.
  const dome = out(page).getByRole('listitem').filter({ hasText: 'Static dome' });
  await expect(dome).toContainText('From 8 years; the youngest is 6.');
  await expect(dome.getByRole('img', { name: 'Number 5 of the order' })).toBeVisible();
  // Alone, fewer do; somebody else is let in where people are said.
  await gap(page, 'Who performs').fill('Ines');
  await expect(out(page).getByRole('link', { name: /Cold flower/ })).toContainText(
    /you are 1|used/,
  );
  await expect(page.getByRole('link', { name: '1 more person in the crew' })).toHaveAttribute(
    'href',
    '/people',
  );
  await page.getByRole('button', { name: 'Back to what the show says' }).click();
  await expect(gap(page, 'Who performs')).toHaveValue('Ines, Jo');
  await pick(page.getByRole('combobox', { name: 'As for' }), 'no show in particular');
  await expect(gap(page, 'Who performs')).toHaveValue('');
  await expect(page.getByRole('list', { name: 'Demonstrations', exact: true })).toBeVisible();
});

test('an order is proposed for what was said, and a show begun with it; an empty show takes one', async ({
  page,
  own,
}) => {
  await page.goto(`${own.url}/demos`);
  await gap(page, 'How long').fill('10 min');
  await gap(page, 'Who performs').fill('Ines, Jo');
  const band = page.getByRole('region', { name: 'What they make' });
  await expect(band).toContainText(/of these (?:fills?|go(?:es)? into) 10 min/);
  await expect(band).toContainText(/Takes about \d+:\d\d of 10:00/);
  await expect(fits(page).getByRole('img', { name: 'Number 1 of the order' })).toBeVisible();
  await band.getByRole('button', { name: 'Begin a show with it' }).click();
  await page.waitForURL(/\/brief$/);
  await page.getByRole('link', { name: /^Line-up/ }).click();
  await expect(page.getByText(/^Ends about/).first()).toBeVisible();

  // A show with nothing in it: the order goes into that one.
  await page.goto(`${own.url}/shows/new`);
  await page.getByRole('button', { name: 'An empty show' }).click();
  await page.waitForURL(/\/brief$/);
  await page.getByRole('textbox', { name: 'Title' }).fill('Quay evening');
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: 'Demos' }).click();
  await pick(page.getByRole('combobox', { name: 'As for' }), await titled(page, 'Quay evening'));
  await expect(band).toContainText(/(?:fills?|go(?:es)? into) Quay evening:/, { timeout: 60_000 });
  await expect(band).toContainText(/Ends about \d/);
  await band.getByRole('button', { name: 'Take this order' }).click();
  // The message is there before the page is; it does not wait for it.
  await page.getByText('Undo').last().click();
  await page.waitForURL(/\/line-up$/);
  await expect(page.getByRole('heading', { name: 'Quay evening' })).toBeVisible();
  await expect(page.getByText(/Nothing in the running order|Add a demo/).first()).toBeVisible();
});

/** What a show is called in the list: its day goes with it. */
async function titled(page: Page, title: string): Promise<string> {
  const field = page.getByRole('combobox', { name: 'As for' });
  await field.press('ArrowDown');
  const name = await page.getByRole('option', { name: new RegExp(`^${title}`) }).innerText();
  await page.keyboard.press('Escape');
  return name;
}
