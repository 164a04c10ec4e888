/** After the show: what happened drawn over what was planned, why it waited, how it was taken, what was asked. */
import { expect, test } from './stage';

const AFTER = '/shows/hollin-school-morning/after';

test('planned and performed; why it was held is said, and changed', async ({ page, demo }) => {
  await page.goto(demo.url + AFTER);
  const strips = page.getByRole('region', { name: 'Planned and performed' });
  const drawn = strips.getByRole('img');
  await expect(drawn.first()).toHaveAccessibleName(
    /Balancing forks, didn’t work, Hands shook;.*Balancing forks, second go/,
  );
  await expect(drawn.first()).toHaveAccessibleName(/Hold 0:40, a child past the tape/);
  const hold = strips.getByRole('listitem').filter({ hasText: 'hold 0:40' });
  await hold.getByRole('button', { name: /^Say why/ }).click();
  await hold.getByLabel(/^Why/).fill('a bag on the tape');
  await hold.getByRole('button', { name: 'Save' }).click();
  await expect(hold).toContainText('a bag on the tape');
  await page.reload();
  await expect(hold).toContainText('a bag on the tape');
});

test('how the audience took it, by keyboard and in words; the best question', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + AFTER);
  const can = page.getByRole('listitem').filter({ hasText: 'cold bowl' }).first();
  await can.getByRole('radio', { name: /^4 of 5/ }).focus();
  await page.keyboard.press('Space');
  await expect(can).toContainText('they were with it');
  await can.getByLabel('The audience at Crushed can, in words').fill('Jumped');
  await page.keyboard.press('Tab');
  await page.getByLabel('What it is').click();
  await page.getByRole('option', { name: 'Best question asked' }).click();
  await page
    .getByLabel('Best question asked', { exact: true })
    .last()
    .fill('Does it work with milk?');
  await page.getByRole('button', { name: 'Keep the question' }).click();
  await expect(page.getByText('“Does it work with milk?”')).toBeVisible();
  await page.reload();
  await expect(can.getByLabel('The audience at Crushed can, in words')).toHaveValue('Jumped');
  await page.getByRole('button', { name: /^Remove the question/ }).click();
  await expect(page.getByText('“Does it work with milk?”')).toBeHidden();
});

test('photos of the show and of a demo; why it didn’t work over all shows; a follow-up closed at its demo', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + AFTER);
  const part = (name: string | RegExp) =>
    page.locator('section').filter({ has: page.getByRole('heading', { name }) });
  const photos = part('Photos');
  await photos.getByRole('combobox', { name: 'Add a photo of' }).press('ArrowDown');
  await page.getByRole('option', { name: 'Crushed can' }).click();
  await photos.locator('input[type=file]').setInputFiles({
    name: 'can.png',
    mimeType: 'image/png',
    buffer: await page.screenshot(),
  });
  const small = photos.getByRole('button', { name: /^Photo for Crushed can, / });
  await expect(small).toBeVisible();
  await page.reload();
  await expect(small).toBeVisible();
  await expect(part(/^Why it didn’t work/)).toContainText(/Balancing forks: .*hands shook/i);
  await page.getByLabel('What to do').fill('Grind the ends of the forks');
  await page.getByRole('combobox', { name: 'Which demo' }).press('ArrowDown');
  await page.getByRole('option', { name: 'Balancing forks' }).click();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const todo = page.getByRole('listitem').filter({ hasText: 'Grind the ends of the forks' });
  await todo.getByRole('link', { name: 'Balancing forks' }).click();
  const due = page.getByRole('region', { name: 'To be done' });
  await due.getByRole('button', { name: 'Done: Grind the ends of the forks' }).click();
  await expect(page.getByText('Grind the ends of the forks')).toBeHidden();
  await page.goto(demo.url + AFTER);
  await expect(todo.getByRole('button', { name: /^Open again/ })).toBeVisible();
});
