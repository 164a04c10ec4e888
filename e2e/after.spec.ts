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
