/** Trial series: the list, a new one from question to answer, goes on a phone and without a network, an odd reading. */
import { startedRehearsal } from './hall';
import { expect, FESTIVAL, onward, refuses, saved, test, pressKey } from './stage';

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
  await page.getByRole('textbox', { name: 'Question' }).fill('Cans: how much water?');
  await page.getByRole('textbox', { name: 'What is changed' }).fill('Water');
  await page.getByLabel('Rounds').fill('0');
  await refuses(page.getByLabel('Rounds'), /at least 1/);
  await page.getByLabel('Rounds').fill('2');
  // Two levels of one amount could not be told apart.
  await page.getByLabel('As an amount').nth(1).fill('1');
  await expect(page.getByText('△ The list has the same amount twice.')).toBeVisible();
  await page.getByLabel('As an amount').nth(1).fill('2');
  await expect(page.getByText('△ The list has the same amount twice.')).toBeHidden();
  await page.getByLabel('From one go to the next').fill('60');
  const takes = page.getByRole('complementary', { name: 'What it takes' });
  await expect(takes).toContainText('6 goes');
  await expect(takes).toContainText('6 min with 1 station');
  await expect(saved(page)).toBeVisible();
  await takes.getByRole('link', { name: 'To the goes' }).click();
  for (let go = 1; go <= 6; go++) {
    await expect(page.getByText(`Go ${go} of 6`, { exact: true })).toBeVisible();
    // A link that was pressed before keeps nobody’s Enter.
    if (go === 4) await page.getByRole('link', { name: /^Goes/ }).click();
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

test('what is found: evidence and reasoning, pinned, put into a show as a finale, and taken out', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + TRIALS + '/foam-yeast/use');
  await page.getByLabel('Evidence').fill('Twice as high as with two.');
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: 'the demonstration’s page' }).click();
  const tried = page.getByRole('region', { name: 'What was tried' });
  await expect(tried).toContainText('Four teaspoons is enough');
  await expect(tried).toContainText('Twice as high as with two.');
  await tried.getByRole('link').click();
  const finale = page.getByRole('region', { name: 'Size a finale from this' });
  await expect(finale).toContainText('6 × 4 tsp');
  await finale.getByRole('button', { name: 'One more: Stations' }).click();
  await expect(finale).toContainText('7 × 4 tsp');
  await expect(finale).toContainText(/70 g in the store: get/);
  await finale.getByRole('combobox', { name: 'Which show' }).press('ArrowDown');
  await page.getByRole('option', { name: /Harbour Light Festival/ }).click();
  await finale.getByRole('button', { name: 'Put it in a show' }).click();
  await expect(finale).toContainText('It is the last in Harbour Light Festival now.');
  await finale.getByRole('link', { name: 'Harbour Light Festival' }).click();
  const card = page.getByRole('button', { name: /6 at once, 4 teaspoons each, 1 spare set/ });
  await card.click();
  const stations = page.getByRole('region', { name: 'Side by side' });
  await stations.getByRole('button', { name: 'One less: At once' }).click();
  await expect(stations).toContainText('5 at once, 4 teaspoons each, 1 spare set');
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/kit');
  const line = page.getByRole('button', { name: /Dried yeast Foam fountain/ });
  await line.click();
  // (5 + 1) × 4 teaspoons, beside those of the foam that was in the show already.
  await expect(page.getByText(/: 20 tsp per go × 1 go/)).toBeVisible();
  await expect(page.getByText(/: 4 tsp for the show\. Spare sets/)).toBeVisible();
  await page.goto(demo.url + TRIALS + '/foam-yeast/use');
  await expect(page.getByRole('link', { name: 'Harbour Light Festival' })).toBeVisible();
});

test('a question in sentences, opened where it stands; a whole order guessed', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + TRIALS + '/foam-yeast/question');
  await expect(page.getByText(/^Yeast: 1, 2, 3, 4, 5 and 6 teaspoons\.$/)).toBeVisible();
  await page.getByRole('button', { name: 'Edit the guess' }).click();
  await page.getByRole('button', { name: 'Guess the whole order' }).click();
  await page.getByRole('button', { name: '2 higher' }).click();
  await page
    .getByRole('group', { name: 'Editing the guess' })
    .getByRole('button', { name: 'Done' })
    .click();
  await expect(page.getByText(/In the order 2, 1, 3, 4, 5 and 6\./)).toBeVisible();
  await expect(saved(page)).toBeVisible();
  // Another demonstration has other methods: what was chosen of the first is let go of.
  await page.getByRole('button', { name: 'Edit the question' }).click();
  await expect(page.getByRole('combobox', { name: 'Done by which method' })).toContainText(
    'gentle',
  );
  await page.getByRole('combobox', { name: 'Of which demonstration' }).press('ArrowDown');
  await page.getByRole('option', { name: 'Crushed can' }).click();
  await expect(page.getByRole('combobox', { name: 'Done by which method' })).toContainText(
    'any of them',
  );
  await expect(saved(page)).toBeVisible();
});

test('a table of readings becomes a series: wrong columns are told, the right ones say what they say', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + TRIALS);
  const rows = ['who,spoons,height'];
  for (let i = 0; i < 12; i++) rows.push(`Jo,${(i % 3) + 1},${((i % 3) + 1) * 10 + (i % 2)}`);
  await page.locator('input[type=file]').setInputFiles({
    name: 'foam.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(rows.join('\n')),
  });
  const dialog = page.getByRole('dialog', { name: 'A series from a table' });
  await expect(dialog.getByLabel('Question')).toHaveValue('foam');
  await dialog.getByRole('combobox', { name: 'What was read' }).press('ArrowDown');
  await page.getByRole('option', { name: 'who' }).click();
  await expect(dialog.getByRole('alert')).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Bring it in' })).toBeDisabled();
  await dialog.getByRole('combobox', { name: 'What was read' }).press('ArrowDown');
  await page.getByRole('option', { name: 'height' }).click();
  await dialog.getByRole('combobox', { name: 'What was changed' }).press('ArrowDown');
  await page.getByRole('option', { name: 'spoons' }).click();
  await expect(dialog).toContainText('3 levels, 12 readings.');
  await dialog.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByRole('heading', { name: 'foam', exact: true })).toBeVisible();
  await expect(page.getByRole('heading', { name: /More is better up to spoons 3/ })).toBeVisible();
});

test('a series before an audience: read on stage, it comes in as a round, and a finale follows at once', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + TRIALS + '/foam-yeast/use');
  await page.getByRole('combobox', { name: 'Which show' }).last().press('ArrowDown');
  await page.getByRole('option', { name: /Harbour Light Festival/ }).click();
  await page.getByRole('button', { name: 'Put the series in a show' }).click();
  await expect(page.getByText('It is the last in')).toBeVisible();
  await startedRehearsal(page, demo);
  await pressKey(page, 'g');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Foam fountain.*\b10\b|10 Foam fountain/ })
    .click();
  // On until something is to be read.
  const read = page.getByRole('button', { name: /^1 teaspoon/ });
  const now = page.getByRole('region', { name: 'Now' });
  const stands = async (): Promise<string> =>
    [
      ...(await now.getByRole('heading').allInnerTexts()),
      // To begin it, and to end its first step, are two presses.
      await page.getByRole('button', { name: /^(?:Begin now|Done|Start)/ }).count(),
      await page.getByRole('button', { name: /^Begin now/ }).count(),
    ].join('/');
  for (let step = 0; step < 8 && !(await read.isVisible()); step++) {
    const before = await stands();
    await onward(page);
    // The next press only once this one is seen.
    await expect.poll(stands).not.toBe(before);
  }
  for (const [i, height] of [18, 30, 39, 44, 45, 44].entries()) {
    await pressKey(page, 'm');
    await page.keyboard.type(String(height));
    await page.keyboard.press('Enter');
    const level = new RegExp(`^${i + 1} teaspoons?.*${height}`);
    await expect(page.getByRole('button', { name: level })).toBeVisible();
  }
  await pressKey(page, 'n');
  const dialog = page.getByRole('dialog', { name: 'What was tried' });
  // What was read just now is in it already.
  await expect(dialog).toContainText('n 5');
  await dialog.getByRole('button', { name: 'Show it to the audience' }).click();
  const screen = await page.context().newPage();
  await screen.goto(demo.url + '/screen/harbour-light-festival');
  await expect(screen.getByRole('heading', { name: /Four teaspoons is enough/ })).toBeVisible();
  await expect(screen.getByText(/n 5/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Put it in at the end of this show' }).click();
  await expect(dialog.getByText(/It is the last in this show now/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Done', exact: true }).click();
  await pressKey(page, 'g');
  await expect(
    page.getByRole('dialog').getByRole('button', { name: /11 Foam fountain/ }),
  ).toBeVisible();
  await screen.goto(demo.url + TRIALS + '/foam-yeast/answer');
  await expect(screen.getByText('Round 5')).toBeVisible();
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
