/** The plan learns: figures offered with their evidence after a show, taken, kept, frozen and put back. */
import { expect, test } from './stage';

const AFTER = '/shows/hollin-school-morning/after';
const DRUM = '/demos/smoke-ring-drum';

test('after a show: what the goes say, one taken, one kept, the rest at once, and undone', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + AFTER);
  await page.getByRole('link', { name: 'look at what was learned' }).click();
  await expect(page.getByRole('heading', { name: /otherwise than the plan in/ })).toBeVisible();
  const offered = page.getByRole('list', { name: 'Times offered' });
  const rows = offered.getByRole('listitem');
  await expect(rows.first().getByRole('img')).toHaveAccessibleName(/^Guessed .* Took /);
  const next = page.getByRole('region', { name: 'The next show' });
  await expect(next).toContainText('Ends about');
  const all = await rows.count();
  expect(all).toBeGreaterThan(3);
  await rows
    .first()
    .getByRole('button', { name: /^Take it/ })
    .click();
  await expect(rows).toHaveCount(all - 1);
  await rows
    .first()
    .getByRole('button', { name: /^Keep mine/ })
    .click();
  await expect(rows).toHaveCount(all - 2);
  const otherwise = page.getByRole('region', { name: 'Decided otherwise' });
  await expect(otherwise).toContainText('you kept');
  await page.getByRole('button', { name: /^Take all/ }).click();
  await expect(page.getByRole('heading', { name: /^The plan goes by what/ })).toBeVisible();
  // Said once it is done, below what was said before it.
  await expect(page.getByText(/figures? taken$/)).toBeVisible();
  await page.getByText('Undo').last().click();
  await expect(rows).toHaveCount(all - 2);
  await otherwise.getByRole('button', { name: 'Take it' }).click();
  await expect(otherwise).toBeHidden();
});

test('on the demo and in the line-up: beside the guess, taken, frozen, put back', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + DRUM);
  const step = page.getByRole('listitem').filter({ hasText: 'One dry slap at row three' });
  await expect(step).toContainText(/0:40 guessed, 0:4\d from \d+ goes/);
  await step.getByRole('button', { name: /^Take it/ }).click();
  await expect(step).toContainText(/0:4\d taken from \d+ goes/);
  await step.getByRole('button', { name: /^Freeze/ }).click();
  await expect(step).toContainText('frozen');
  await page.goto(`${demo.url}/shows/harbour-light-festival/line-up`);
  await page
    .getByRole('region', { name: 'Running order' })
    .getByRole('button', { name: /^(?!Move).*Smoke-ring drum/ })
    .first()
    .click();
  await page
    .getByRole('group', { name: 'All of Smoke-ring drum' })
    .getByRole('button', { name: /One dry slap/ })
    .first()
    .click();
  const chosen = page.getByRole('region', { name: 'Chosen' });
  await expect(chosen).toContainText(/0:40 guessed, 0:4\d from \d+ goes; 0:4\d taken/);
  await chosen.getByRole('button', { name: /^Put back/ }).click();
  await expect(chosen).toContainText('the plan goes by the guess');
});

test('a chance is frozen after a show, counts as it was, and is let go of at its demo', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + AFTER + '/learned');
  await page.getByRole('button', { name: 'Freeze the chance: Crushed can' }).click();
  await expect(page.getByText(/The plan keeps to \d+ of \d+\./)).toBeVisible();
  await page.goto(demo.url + '/demos/crushed-can');
  await expect(page.getByText(/The plan keeps to \d+ of \d+\./)).toBeVisible();
  await page.getByRole('button', { name: /^Let the record count/ }).click();
  await expect(page.getByText(/The plan keeps to/)).toBeHidden();
  await page.getByText('Undo').last().click();
  await expect(page.getByText(/The plan keeps to/)).toBeVisible();
});
