/** Questions to the audience: hands before and after, what is listened for, who was asked, the gain in the write-up. */
import { FESTIVAL, expect, pressKey, refuses, saved, test } from './stage';

test('hands before with two taps, after one by one; the gain is told, and stands in the write-up', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + `${FESTIVAL}/on-stage`);
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  await page.getByRole('button', { name: 'The question to the audience' }).click();
  const dialog = page.getByRole('dialog', { name: 'The audience’s screen' });
  await expect(dialog).toContainText('As far as the cups');
  await expect(dialog).toContainText('a ring keeps its air to itself');
  // A look at 120 people: half for row three, a quarter each for the others.
  const look = async (option: string, words: string): Promise<void> => {
    await dialog.getByRole('button', { name: `About how many: ${option}` }).click();
    await dialog
      .getByRole('group', { name: 'Of 120 people' })
      .getByRole('button', { name: words })
      .click();
  };
  await look('To row one', 'a quarter');
  await look('To row three', 'half');
  await look('To the back wall', 'a quarter');
  await expect(dialog.getByText('Right: 25 % before')).toBeVisible();
  // Looked at again, it is put right, not added.
  await look('To row three', 'half');
  await expect(dialog.getByText('Right: 25 % before')).toBeVisible();
  await dialog.getByRole('button', { name: 'After it was seen' }).click();
  for (const [option, tens] of [
    ['To row one', 1],
    ['To the back wall', 3],
  ] as const)
    for (let i = 0; i < tens; i++)
      await dialog.getByRole('button', { name: `10 more: ${option}` }).click();
  // From 25 to 75 %: two thirds of what could be learned.
  await expect(dialog.getByText('Right: 25 % before, 75 % after; gain 0.67')).toBeVisible();
  await dialog.getByRole('textbox', { name: /^Asked: first name/ }).fill('Wen Somebody');
  await page.keyboard.press('Enter');
  await expect(dialog.getByRole('button', { name: 'Take Wen off again' })).toBeVisible();
  await expect(dialog).not.toContainText('Somebody');
  await page.keyboard.press('Escape');
  await pressKey(page, 'g');
  await page.keyboard.press('Escape');
  await page.goto(demo.url + `${FESTIVAL}/after`);
  const question = page.getByRole('region', { name: 'Question of Smoke-ring drum' });
  await expect(question).toContainText('25 % before, 75 % after; gain 0.67');
});

test('names of another day are not there any more', async ({ page, demo }) => {
  await page.goto(demo.url + '/api/health');
  await page.evaluate(() =>
    localStorage.setItem(
      'hearty-stage-asked',
      JSON.stringify({ state: { day: '2020-01-01', names: ['Wen'] }, version: 0 }),
    ),
  );
  await page.goto(demo.url + `${FESTIVAL}/on-stage`);
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  await page.getByRole('button', { name: 'The question to the audience' }).click();
  await expect(page.getByRole('textbox', { name: /^Asked: first name/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take Wen off again' })).toHaveCount(0);
  // Nor in what the device keeps.
  await expect
    .poll(() => page.evaluate(() => localStorage.getItem('hearty-stage-asked') ?? ''))
    .not.toContain('Wen');
});

test('a question is written with what is often said, and what comes true if it fails', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/foam-fountain');
  await page.getByRole('button', { name: 'Edit the question to the audience' }).click();
  const editing = page.getByRole('group', { name: 'Editing the question to the audience' });
  await editing.getByRole('button', { name: 'Add what is often said' }).click();
  const said = editing.getByRole('textbox', { name: 'Often said 2' });
  await said.fill('');
  await refuses(said, /Often said 2/);
  await said.fill('The colour makes it foam');
  await editing.getByRole('textbox', { name: 'Say then 2' }).fill('Try it without.');
  await editing.getByRole('button', { name: 'Done' }).click();
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByText('Often: “The colour makes it foam”')).toBeVisible();
});
