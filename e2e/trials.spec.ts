/** Trial series: the list, a new one from question to answer, goes on a phone and without a network, an odd reading. */
import { expect, refuses, saved, test } from './stage';

const TRIALS = '/bench/trials';

test('what each series says, and its page: claim, readings, what drifted, what would settle more', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/bench');
  await page.getByRole('link', { name: 'Trials' }).click();
  await expect(page.getByRole('heading', { name: /Crushed can/ })).toBeVisible();
  await expect(page.getByText('6 of 16 goes')).toBeVisible();
  await page.getByRole('link', { name: /how much yeast/ }).click();
  await expect(
    page.getByRole('heading', {
      name: 'Four teaspoons is enough: more makes no difference we could see.',
    }),
  ).toBeVisible();
  await expect(page.getByText(/^Room: 18 °C 18 to 21 °C/)).toBeVisible();
  await expect(page.getByRole('img', { name: /^Height of the foam by yeast/ })).toBeVisible();
  await expect(page.getByText(/first read 22, put right to 40: misread/)).toBeVisible();
  await page.getByRole('button', { name: 'Plan round 5' }).click();
  await expect(page.getByText(/6 goes to come/)).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/goes to come/)).toBeHidden();
});

test('a reading far off is asked about: left out with why, and the answer follows', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}${TRIALS}/foam-yeast/answer`);
  const look = page.getByRole('region', { name: /^Look at go/ });
  await expect(look).toContainText('3 teaspoons, 26 cm; the others read 38, 38, 38');
  await look.getByRole('button', { name: 'Leave it out, say why' }).click();
  await look.getByRole('button', { name: 'Leave it out', exact: true }).click();
  await expect(look.getByText('Why it is left out must be said')).toBeVisible();
  await look.getByLabel('Why it is left out').fill('a dry lump');
  await look.getByRole('button', { name: 'Leave it out', exact: true }).click();
  await expect(look).toBeHidden();
  await expect(page.getByText(/left out: a dry lump/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/left out: a dry lump/)).toBeVisible();
});

test('a new series from its question to its answer', async ({ page, demo }) => {
  await page.goto(demo.url + TRIALS);
  await page.getByRole('button', { name: 'New trial' }).click();
  await page.getByLabel('Question').fill('Cans: how much water?');
  await page.getByLabel('What is changed').fill('Water');
  await page.getByLabel('Rounds').fill('0');
  await refuses(page.getByLabel('Rounds'), /at least 1/);
  await page.getByLabel('Rounds').fill('2');
  await page.getByLabel('From one go to the next').fill('60');
  const takes = page.getByRole('complementary', { name: 'What it takes' });
  await expect(takes).toContainText('6 goes');
  await expect(takes).toContainText('6 min with 1 station');
  await expect(saved(page)).toBeVisible();
  await takes.getByRole('link', { name: 'To the goes' }).click();
  for (let go = 1; go <= 6; go++) {
    await expect(page.getByText(`Go ${go} of 6`, { exact: true })).toBeVisible();
    const level = Number.parseInt(
      await page.getByRole('heading', { name: /^\d mL$/ }).innerText(),
      10,
    );
    await page.keyboard.type(String(level * 10 + (go > 3 ? 1 : 0)));
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText('All goes are done.')).toBeVisible();
  await page.getByRole('link', { name: 'See the answer' }).click();
  await expect(
    page.getByRole('heading', { name: 'More is better up to 3 mL, the most that was tried.' }),
  ).toBeVisible();
});

test('goes on a phone: without a network they are kept and sent later; one is put right', async ({
  page,
  demo,
  context,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${demo.url}${TRIALS}/can-wait/goes`);
  await expect(page.getByText('6 kept, all sent')).toBeVisible();
  await context.setOffline(true);
  for (const key of ['4', '5']) await page.getByRole('button', { name: key, exact: true }).click();
  await page.getByRole('button', { name: 'Keep 45 %' }).click();
  await expect(page.getByText(/^7 kept, 1 to send$/)).toBeVisible();
  await page.getByRole('button', { name: 'Not read' }).click();
  await expect(page.getByText(/^8 kept, 2 to send$/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('8 kept, all sent')).toBeVisible();
  await page.getByRole('button', { name: 'Change go 7' }).click();
  await page.getByLabel('Why it is put right').fill('misread');
  for (const key of ['3', '5']) await page.getByRole('button', { name: key, exact: true }).click();
  await page.getByRole('button', { name: 'Keep 35 %' }).click();
  await expect(page.getByText(/35 % \(misread\)/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/35 % \(misread\)/)).toBeVisible();
});
