/** The repertoire: finding, reading and rewriting a demonstration, and the store its kit names. */
import { expect, pick, refuses, saved, test } from './stage';

test('a demo is found by a word of its idea, and read as a recipe', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos');
  await expect(page.getByRole('heading', { name: 'Crushed can' })).toBeVisible();
  await page.getByLabel('Search').fill('catalyst');
  await expect(page.getByRole('heading', { name: 'Crushed can' })).toBeHidden();
  await page.getByRole('link', { name: /Foam fountain/ }).click();
  await expect(page.getByRole('heading', { name: 'Foam fountain' })).toBeVisible();

  // On one time axis, each with its facts.
  const gentle = page.getByRole('group', { name: 'gentle method' });
  await expect(gentle).toContainText('4:30 before the audience');
  await expect(gentle).toContainText('works 3 of 3');
  const lively = page.getByRole('group', { name: 'lively method' });
  await expect(lively).toContainText('3:10 before the audience');
  await expect(lively).toContainText('works 4 of 5');
  // What its calculator says, at the step that it is about: no verdict without the day’s figures.
  const pour = page.getByRole('listitem').filter({ hasText: 'Pour the peroxide in' });
  await expect(pour.getByRole('note')).toContainText(/cm .*On a usual day/);
  await expect(page.getByText('1. Hold up the two cups')).toBeVisible();
  await page.getByRole('button', { name: 'lively method' }).click();
  await expect(page.getByText('2. Tip the salt in and step back')).toBeVisible();
  await expect(page.getByText('1. Hold up the two cups')).toBeHidden();
  await expect(page).toHaveURL(/method=lively/);
  await expect(page.getByRole('img', { name: /took 3:06 of 3:10/ }).locator('svg')).toBeVisible();
});

test('nothing matches, and says so; the search is cleared', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos');
  await page.getByLabel('Search').fill('volcano');
  await expect(page.getByText('Nothing matches “volcano”.')).toBeVisible();
  await page.getByLabel('Search').fill('');
  await expect(page.getByRole('link', { name: /Static dome/ })).toBeVisible();
});

test('a method is copied and a step of it rewritten where it stands', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos/foam-fountain');
  await page.getByRole('button', { name: 'Copy this method' }).click();
  await expect(
    page.getByRole('button', { name: 'gentle method (copy)', exact: true }),
  ).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Edit “Stir the yeast into warm water”' }).click();
  const editing = page.getByRole('group', { name: /Editing “Stir the yeast/ });
  const likely = editing.getByRole('textbox', { name: 'Likely' });
  const shortest = editing.getByRole('textbox', { name: 'Shortest' });
  const longest = editing.getByRole('textbox', { name: 'Longest' });
  // One time is enough, in any words: its ends are guessed by its kind; those of one’s own are stretched.
  await likely.fill('2 min');
  await expect(longest).toHaveValue('3:00');
  await longest.fill('2:10');
  await likely.fill('2½ min');
  await expect(longest).toHaveValue('2:30');
  await likely.fill('0:40');
  await shortest.fill('1:10');
  await refuses(likely, /the shortest/);
  await expect(page.getByText('Not saved yet: 1 entry needs another look')).toBeVisible();
  await editing.getByRole('button', { name: 'Done' }).click();
  await expect(editing.getByText('Put this right first')).toBeVisible();
  await likely.fill('50');
  await expect(shortest).toHaveValue('0:50');
  await editing.getByRole('button', { name: 'Done' }).click();
  await expect(editing).toBeHidden();
  await expect(page.getByText('0:50', { exact: true })).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(
    page.getByRole('button', { name: 'gentle method (copy)', exact: true }),
  ).toBeVisible();
  await expect(page.getByText('0:50', { exact: true })).toBeVisible();
});

test('steps are added, put in order and removed, each undone', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos/crushed-can');
  await page.getByRole('button', { name: 'Add a step' }).click();
  await page.getByRole('button', { name: 'Edit “New task”' }).click();
  await page.getByRole('textbox', { name: 'Task', exact: true }).fill('Bow');
  await page.getByRole('textbox', { name: 'Do', exact: true }).fill('Take a bow');
  await page.getByRole('textbox', { name: 'Cue to audience' }).fill('Clap');
  const editing = page.getByRole('group', { name: 'Editing “Bow”' });
  await editing.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('5. Take a bow')).toBeVisible();
  await page.getByRole('button', { name: 'Edit “Bow”' }).click();
  await page.getByRole('button', { name: 'Move Bow earlier' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('4. Take a bow')).toBeVisible();
  await page.getByRole('button', { name: 'Edit “Bow”' }).click();
  await page.getByRole('button', { name: 'Remove this task' }).click();
  await expect(page.getByText('Take a bow')).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('4. Take a bow')).toBeVisible();
  await expect(saved(page)).toBeVisible();
});

test('kit, hazards and settings are edited in place; the show’s kit follows', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/crushed-can');
  await page.getByRole('button', { name: 'Edit the kit' }).click();
  const kit = page.getByRole('group', { name: 'Editing the kit' });
  await kit.getByRole('textbox', { name: 'Amount' }).nth(1).fill('0');
  await refuses(kit.getByRole('textbox', { name: 'Amount' }).nth(1), /more than nothing/);
  await kit.getByRole('textbox', { name: 'Amount' }).nth(1).fill('40 mL');
  await expect(kit.getByText('Empty drinks can is counted so in the store')).toBeVisible();
  await kit.getByRole('textbox', { name: 'Amount' }).nth(1).fill('2,5');
  await kit.getByRole('button', { name: 'Add a kit line' }).click();
  await kit.getByRole('button', { name: 'Remove row 9' }).click();
  await kit.getByRole('textbox', { name: 'Amount' }).nth(1).fill('3');
  await kit.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Edit the hazards' }).click();
  await page.getByRole('textbox', { name: 'Warning said before' }).fill('It cracks like a whip.');
  await page
    .getByRole('group', { name: 'Editing the hazards' })
    .getByRole('button', { name: 'Done', exact: true })
    .click();
  await expect(page.getByText('“It cracks like a whip.”')).toBeVisible();
  await page.getByRole('button', { name: 'Edit the settings' }).click();
  const water = page.getByRole('textbox', { name: 'Value' }).first();
  await water.fill('some');
  await refuses(water, /a number/);
  await water.fill('20');
  await page
    .getByRole('group', { name: 'Editing the settings' })
    .getByRole('button', { name: 'Done', exact: true })
    .click();
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + '/shows/harbour-light-festival/kit');
  await expect(page.getByRole('button', { name: /^6 Empty drinks can/ })).toBeVisible();
});

test('a list from a spreadsheet becomes kit lines, bad rows named first', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/crushed-can');
  await page.getByRole('button', { name: 'Edit the kit' }).click();
  const kit = page.getByRole('group', { name: 'Editing the kit' });
  await kit.getByRole('button', { name: 'Paste a list' }).click();
  const paste = kit.getByRole('textbox', { name: 'Item, amount, counted, notes' });
  await paste.fill('Item,Qty\nPepper,2 g\ntowels,3');
  await expect(kit.getByText('Row 2, Item is not in the store: “Pepper”')).toBeVisible();
  await expect(kit.getByRole('button', { name: 'Add 0 lines' })).toBeDisabled();
  await paste.fill('Item\tQty\tPer\nDried yeast\t½ cup\tper go\ndrying towels\t3\t');
  await kit.getByRole('button', { name: 'Add 2 lines' }).click();
  await expect(kit.getByRole('textbox', { name: 'Amount' })).toHaveCount(10);
  const download = page.waitForEvent('download');
  await kit.getByRole('button', { name: 'Save as CSV' }).click();
  expect((await download).suggestedFilename()).toBe('kit-of-method.csv');
  await kit.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('0.5 cup (118 mL)')).toBeVisible();
  await expect(saved(page)).toBeVisible();
});

test('a new demo is named, given a method, and planned', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos');
  await page.getByRole('button', { name: 'New demo' }).click();
  const about = page.getByRole('group', { name: 'Editing what it shows' });
  await about.getByRole('textbox', { name: 'Name' }).fill('');
  await refuses(about.getByRole('textbox', { name: 'Name' }), /empty/);
  await about.getByRole('textbox', { name: 'Name' }).fill('Singing pipe');
  await about.getByRole('textbox', { name: 'Ages from' }).fill('12');
  await about.getByRole('textbox', { name: 'Ages to' }).fill('9');
  await refuses(about.getByRole('textbox', { name: 'Ages to' }), /the youngest/);
  await about.getByRole('textbox', { name: 'Ages to' }).fill('90');
  // A word that was typed and not confirmed is kept when the field is left.
  await about.getByRole('combobox', { name: 'Key words' }).fill('resonance');
  await about.getByRole('textbox', { name: 'The idea it shows' }).fill('Air sings in a pipe.');
  await about.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('heading', { name: 'Singing pipe' })).toBeVisible();
  await expect(page.getByText('resonance')).toBeVisible();
  await expect(saved(page)).toBeVisible();

  await page.goto(demo.url + '/shows/harbour-light-festival/line-up');
  await page.getByRole('button', { name: 'Add a demo' }).click();
  await page.getByRole('menuitem', { name: 'Singing pipe' }).click();
  await expect(page.getByRole('button', { name: 'Move Singing pipe, number 10' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove from line-up' }).click();
  await expect(page.getByText('Singing pipe removed from the line-up')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByRole('button', { name: 'Move Singing pipe, number 10' })).toBeVisible();
});

test('a method that a show needs can’t be removed; the page says where it is planned', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/foam-fountain');
  await page.getByRole('button', { name: 'Remove this method' }).click();
  await expect(page.getByRole('status')).toContainText('This method is planned in');
  await expect(page.getByRole('status')).toContainText('Harbour Light Festival');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(saved(page)).toBeVisible();
  await expect(page.getByRole('button', { name: 'gentle method', exact: true })).toBeVisible();
});

test('a slip left behind is still in its field on coming back', async ({ page, demo }) => {
  await page.goto(demo.url + '/venues');
  await page.getByRole('button', { name: /Boat Shed/ }).click();
  await page.getByRole('textbox', { name: 'Ceiling (m)' }).fill('very high');
  await page.getByRole('textbox', { name: 'Notes' }).fill('Mind the step.');
  await refuses(page.getByRole('textbox', { name: 'Ceiling (m)' }), /a number/);
  await expect(page.getByText('Not saved yet: 1 entry needs another look')).toBeVisible();
  await page.getByRole('link', { name: 'People' }).click();
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
  await page.getByRole('link', { name: 'Venues' }).click();
  await page.getByRole('button', { name: /Boat Shed/ }).click();
  await expect(page.getByRole('textbox', { name: 'Ceiling (m)' })).toHaveValue('very high');
  await refuses(page.getByRole('textbox', { name: 'Ceiling (m)' }), /a number/);
  await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue('Mind the step.');
  await page.getByRole('textbox', { name: 'Ceiling (m)' }).fill('6');
  await expect(saved(page)).toBeVisible();
});

test('the store: an item is added, gets a test, and the day’s checks follow', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/store');
  await page.getByRole('button', { name: 'Add an item' }).click();
  await expect(page.getByRole('heading', { name: 'New item' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Name' }).fill('Fire blanket');
  await pick(page.getByRole('combobox', { name: 'Kind' }), 'protective gear');
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: 'Items', exact: true }).first().click();
  await page.getByRole('textbox', { name: 'Find' }).fill('plate');
  await page.getByRole('link', { name: /^Hot plate/ }).click();
  await expect(page.getByRole('heading', { name: 'Hot plate' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Function test' }).fill('glows within a minute');
  await page.getByRole('switch', { name: 'The show waits for an undone test' }).check();
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + '/shows/harbour-light-festival/ready?stop=place/Left%20bench');
  await expect(
    page.getByRole('checkbox', { name: 'Hot plate: glows within a minute' }),
  ).toBeVisible();
});
