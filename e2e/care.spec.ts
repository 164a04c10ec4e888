/** What a method asks of the room and of people, edited where it is read, and what follows from it. */
import { accepts, expect, pick, refuses, saved, test } from './stage';

const EVENING = '/shows/little-hollin-evening';

test('needs of the room: wrong is told, right is judged in the show', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos/smoke-ring-drum');
  await page.getByRole('button', { name: 'Edit what it needs of the room' }).click();
  const editing = page.getByRole('group', { name: 'Editing what it needs of the room' });
  await editing.getByLabel('Height (m)').fill('-3');
  await refuses(editing.getByLabel('Height (m)'), /at least 0\.5/);
  await editing.getByRole('button', { name: 'Done' }).click();
  await expect(editing.getByText('△ Put this right first.')).toBeVisible();
  await editing.getByLabel('Height (m)').fill('9');
  await editing.getByLabel('Drain').check();
  await editing.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText(/9 m of height/)).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + EVENING + '/ready');
  await expect(page.getByText(/Smoke-ring drum:.*Needs 9 m of height/)).toBeVisible();
  await expect(page.getByText(/Smoke-ring drum:.*Needs a drain, and there is none/)).toBeVisible();
});

test('an extinguisher named and held becomes a check; what is never done stops the show', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/smoke-ring-drum');
  await page.getByRole('button', { name: 'Edit fire and what is left over' }).click();
  await pick(page.getByRole('combobox', { name: 'Extinguisher' }), 'fire blanket');
  await pick(page.getByRole('combobox', { name: 'Held by' }), 'a helper');
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + EVENING + '/ready?stop=crew');
  await expect(
    page.getByRole('checkbox', { name: 'Fire blanket in reach for Smoke-ring drum' }),
  ).toBeVisible();
  await page.goto(demo.url + '/demos/smoke-ring-drum');
  await page.getByRole('button', { name: 'Edit fire and what is left over' }).click();
  await page.getByRole('combobox', { name: 'It has (each stops the show)' }).click();
  await page.getByRole('option').first().click();
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + EVENING + '/ready');
  await expect(page.getByText(/No: 1 thing stops the show/)).toBeVisible();
  const stop = page.getByRole('listitem').filter({ hasText: 'Smoke-ring drum:' }).first();
  await expect(stop.getByRole('button', { name: 'Waive' })).toHaveCount(0);
});

test('volunteers: the card, and the step of fetching them put in ready-made', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/crushed-can');
  await page.getByRole('button', { name: 'Edit the volunteer card' }).click();
  const card = page.getByRole('group', { name: 'Editing the volunteer card' });
  await expect(card.getByRole('button', { name: /fetching them/ })).toHaveCount(0);
  await card.getByLabel('How many').fill('-1');
  await refuses(card.getByLabel('How many'), /How many/);
  await card.getByLabel('How many').fill('2');
  await card.getByLabel('Who must not').click();
  await page.getByRole('option', { name: 'a heart device' }).click();
  await page.keyboard.press('Escape');
  await card.getByLabel('Words to ask').fill('Who has steady hands?');
  await card.getByRole('button', { name: 'Put in a step for fetching them' }).click();
  await expect(card.getByRole('combobox', { name: 'Fetched in' })).toHaveText('Fetch 2 volunteers');
  await card.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText(/^2, fetched in “Fetch 2 volunteers”/)).toBeVisible();
  await expect(saved(page)).toBeVisible();
  // Timed in the show, and briefed in it: no check of the minutes before.
  await page.goto(demo.url + EVENING + '/ready?stop=crew');
  await page.locator('summary').filter({ hasText: 'Volunteers' }).click();
  const fetched = page
    .getByRole('listitem')
    .filter({ hasText: /^\d\d:\d\d Crushed can, 2 volunteers/ });
  await expect(fetched).toContainText('Not: a heart device');
  await expect(page.getByText(/volunteers briefed for/)).toHaveCount(0);
  await page.goto(demo.url + EVENING + '/line-up');
  await expect(page.getByRole('region', { name: /^Stage strip/ })).toContainText('2 volunteers');
});

test('a hazard with who is at risk, and the usual first aid, goes into the assessment', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/smoke-ring-drum');
  await page.getByRole('button', { name: 'Edit the hazards' }).click();
  const editing = page.getByRole('group', { name: 'Editing the hazards' });
  await editing.getByRole('button', { name: 'Add a hazard' }).click();
  await editing.getByLabel('Control').last().fill('Two carry the drum');
  await pick(editing.getByRole('combobox', { name: 'Hazard' }).last(), 'Work at height');
  await editing.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('Two carry the drum')).toBeVisible();
  await expect(saved(page)).toBeVisible();
  const answer = await page.request.get(`${demo.url}/api${EVENING}/risks.md`);
  const text = await answer.text();
  expect(text).toMatch(
    /\| Work at height \| performer and crew \| 3 × 3 .* \| Two carry the drum\. \| not rated \| Fall: /,
  );
});

test('a venue’s circuits and exits: a second circuit takes the load', async ({ page, demo }) => {
  await page.goto(demo.url + EVENING + '/ready');
  await expect(page.getByText(/Hall would trip/)).toBeVisible();
  await page.goto(demo.url + '/venues');
  await page.getByRole('button', { name: /^Little Hollin Village Hall/ }).click();
  await page.getByRole('button', { name: 'Add a circuit' }).click();
  await page.getByLabel('Circuit', { exact: true }).last().fill('Kitchen');
  await page.getByLabel('Limit (W)').last().fill('0');
  await refuses(page.getByLabel('Limit (W)').last(), /Limit/);
  await page.getByLabel('Limit (W)').last().fill('3000');
  await page.getByRole('button', { name: 'Add an exit' }).click();
  await page.getByLabel('Right (m)').last().fill('9');
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + EVENING + '/brief');
  await page.getByText('Marks on the stage').click();
  await pick(page.getByRole('combobox', { name: 'Circuit' }).nth(2), 'Kitchen, 3000 W');
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + EVENING + '/ready');
  await expect(page.getByText(/Hall would trip/)).toHaveCount(0);
  await page.locator('summary').filter({ hasText: 'Power over the show' }).click();
  await expect(page.getByText('Kitchen: 900 W of 3000 W at the most')).toBeVisible();
  await expect(page.getByText(/No exit is on the plan/)).toHaveCount(0);
});

test('what a calculator calculates with stays of its kind and is not taken away under it', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/foam-fountain');
  await page.getByRole('button', { name: 'Edit the settings' }).click();
  const settings = page.getByRole('group', { name: 'Editing the settings' });
  const taken = settings.getByRole('button', { name: 'Remove row 1' });
  await expect(taken).toBeDisabled();
  await taken.locator('..').hover();
  await expect(page.getByRole('tooltip')).toContainText('How tall and how hot is the foam?');
  const amount = settings.getByLabel('Value').first();
  await amount.fill('3 m');
  await refuses(amount, /volume/);
  await amount.fill('100 mL');
  await accepts(amount);
  await expect(saved(page)).toBeVisible();
  // Bound no more, it can go.
  await page.getByRole('button', { name: 'Edit the calculators that judge it' }).click();
  const calculators = page.getByRole('group', { name: 'Editing the calculators that judge it' });
  await pick(calculators.getByRole('combobox', { name: 'Peroxide' }), 'a figure');
  await expect(taken).toBeEnabled();
  // Another calculator picked: what was bound of the first has no place in it, and nothing is wrong.
  await pick(
    calculators.getByRole('combobox', { name: 'Calculator', exact: true }),
    'How much does it take to chill, and how long?',
  );
  await expect(calculators.getByRole('combobox', { name: 'Chilled in' })).toBeVisible();
  await expect(saved(page)).toBeVisible();
});

test('a task that others come after goes, and nothing hangs on it', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos/cloud-burst');
  await page.getByRole('button', { name: 'Edit “Air in the bottle getting damp”' }).click();
  await page.getByRole('button', { name: 'Remove this task' }).click();
  await expect(page.getByText('Air in the bottle getting damp')).toHaveCount(0);
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Cloud burst' })).toBeVisible();
  await expect(page.getByText('Air in the bottle getting damp')).toHaveCount(0);
});
