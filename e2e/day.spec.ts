/** Around a show: today, the brief, the checks of each person, the write-up. */
import { FESTIVAL, expect, pick, saved, test } from './stage';

test('Today: what is due is ticked there, and the next show leads on', async ({ page, demo }) => {
  await page.goto(demo.url);
  await expect(page.getByText(/Be at Boat Shed by/)).toBeVisible();
  await expect(page.getByText('First ferry 09:10')).toBeVisible();
  const camera = page.getByRole('checkbox', { name: /^Done: Ask the hall for a camera/ });
  await expect(page.getByText('was due')).toBeVisible();
  await camera.click();
  await expect(camera).toBeHidden();
  await page.goto(demo.url + '/shows/hollin-school-morning/after');
  await expect(page.getByRole('button', { name: 'Open again' })).toBeVisible();
  await page.goto(demo.url);
  await page.getByRole('link', { name: 'All checks' }).click();
  await expect(page).toHaveURL(/ready$/);
});

test('the brief: a position is added and taken away; its slots say so', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/brief');
  await page.getByText('Marks on the stage').click();
  await page.getByRole('button', { name: 'Add a position' }).click();
  await page.getByRole('textbox', { name: 'Position' }).last().fill('Balcony');
  await expect(saved(page)).toBeVisible();
  await page.getByRole('button', { name: 'Remove position 4' }).click();
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: /^Line-up/ }).click();
  await expect(
    page.getByRole('button', { name: 'Cloud burst: no stage position is chosen' }),
  ).toBeVisible();
  await expect(page.getByText('if 1 conflict is settled')).toBeVisible();
  await page
    .getByRole('button', { name: /^Cloud burst/ })
    .first()
    .click();
  await pick(page.getByRole('combobox', { name: 'Position' }), 'Balcony');
  await expect(page.getByText('no stage position is chosen')).toHaveCount(0);
});

test('the crew changes, and the line-up says what nobody can do', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/brief');
  const crew = page.getByRole('combobox', { name: 'Crew' });
  await crew.click();
  // The last of the crew is taken off, then the next.
  await page.keyboard.press('Backspace');
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: /^Line-up/ }).click();
  await expect(page.getByText(/nobody but the performer is there/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/nobody but the performer is there/)).toHaveCount(0);
});

test('a slot has no performer for a while, and says so in words', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await page
    .getByRole('button', { name: /^Balancing forks/ })
    .first()
    .click();
  await pick(page.getByRole('combobox', { name: 'Performer' }), 'Nobody yet');
  await expect(page.getByRole('combobox', { name: 'Performer' })).toHaveText('Nobody yet');
  await expect(
    page.getByRole('button', { name: 'Balancing forks: nobody is named to perform it' }),
  ).toBeVisible();
  await pick(page.getByRole('combobox', { name: 'Goes' }), '3');
  await expect(page.getByText('× 3')).toBeVisible();
  await page.getByRole('switch', { name: 'May be left out' }).uncheck();
  await page.getByRole('switch', { name: 'Keep this place in the order' }).check();
  await expect(saved(page)).toBeVisible();
});

const ROD = FESTIVAL + '/ready?stop=place/Centre%20table';

test('Ready: a check is ticked and taken back; a note from last time stands where it is needed', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + ROD);
  await expect(page.getByText('17 checks must be done before the start')).toBeVisible();
  const rod = page.getByRole('checkbox', { name: /Earth rod and lead/ });
  await rod.click();
  await expect(page.getByText('16 checks must be done before the start')).toBeVisible();
  await rod.click();
  await expect(page.getByText('17 checks must be done before the start')).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'From last time' }).getByText('Narrow neck or nothing'),
  ).toBeVisible();
});

test('a tick shows in another tab without asking', async ({ page, context, demo }) => {
  const other = await context.newPage();
  await page.goto(demo.url + ROD);
  await other.goto(demo.url + ROD);
  await expect(other.getByText('17 checks must be done before the start')).toBeVisible();
  await page.getByRole('checkbox', { name: /Earth rod and lead/ }).click();
  await expect(other.getByText('16 checks must be done before the start')).toBeVisible();
});

test('the write-up: outcomes set right, goes added, notes taken back, follow-ups kept', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/shows/hollin-school-morning/after');
  await expect(
    page.getByText(/^It took .+ more than planned\. Held for 40 s more\.$/),
  ).toBeVisible();
  const rows = page.getByRole('list', { name: 'Outcomes' }).getByRole('listitem');
  await expect(rows).toHaveCount(6);
  const magnet = rows.filter({ hasText: 'Slow-falling magnet' });
  await pick(magnet.getByRole('combobox', { name: 'Go 1' }), 'Partly worked');
  await expect(page.getByRole('listbox')).toBeHidden();
  await pick(magnet.getByRole('combobox', { name: 'Because' }), 'Forgot something');
  await expect(magnet.getByRole('combobox', { name: 'Because' })).toHaveText('Forgot something');
  await magnet.getByRole('button', { name: 'Add a go' }).click();
  await expect(magnet.getByRole('combobox', { name: 'Go 2' })).toHaveText('Worked');

  await page.getByRole('textbox', { name: 'Note' }).fill('Third row could not see');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await page.getByRole('button', { name: 'Remove the note “Third row could not see”' }).click();
  await expect(page.getByText('Note removed')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(
    page.getByRole('listitem').filter({ hasText: 'Third row could not see' }),
  ).toBeVisible();

  await page.getByLabel('What to do').fill('Find a taller table');
  await pick(page.getByRole('combobox', { name: 'Who' }), 'Piet');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Find a taller table' })).toContainText(
    'Piet',
  );
  await page.goto(demo.url + '/demos/slow-falling-magnet');
  await expect(page.getByText('Record: works 10 of 11')).toBeVisible();
});

test('a run is removed and brought back; its record with it', async ({ page, demo }) => {
  await page.goto(demo.url + '/shows/vay-open-day/after');
  await page.getByRole('button', { name: 'Remove this run' }).click();
  await expect(page.getByText('Not performed yet')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByText(/^It took .+ more than planned\.$/)).toBeVisible();
});

test('kit by demo, in running order', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/kit');
  await page.getByRole('button', { name: 'By demo' }).click();
  const names = page.getByRole('main').getByRole('heading', { level: 2 });
  await expect(names.first()).toHaveText('Smoke-ring drum');
  // Nine demos, and beside them the cold liquid, what the show costs, and what does for what is missing.
  await expect(names).toHaveCount(12);
});

test('a new show from nothing: booked, filled, rehearsed', async ({ page, demo }) => {
  await page.goto(demo.url + '/shows');
  await page.getByRole('link', { name: 'New show' }).click();
  await page.getByRole('button', { name: 'An empty show' }).click();
  await page.getByRole('textbox', { name: 'Title' }).fill('Lighthouse open day');
  await pick(page.getByRole('combobox', { name: 'Venue' }), 'Boat Shed');
  await page.getByRole('combobox', { name: 'Crew' }).fill('In');
  await page.getByRole('option', { name: 'Ines' }).click();
  await expect(saved(page)).toBeVisible();
  await expect(page.getByText('Nothing', { exact: false })).toHaveCount(0);
  await page.getByRole('link', { name: /^Kit/ }).click();
  await expect(page.getByText('Nothing to bring yet')).toBeVisible();
  await page.getByRole('link', { name: /^Ready/ }).click();
  await expect(page.getByText('Nothing to check yet')).toBeVisible();
  await page.getByRole('link', { name: /^On stage/ }).click();
  await expect(page.getByText('No checks: the line-up is empty')).toBeVisible();
  for (const name of ['Open stage view', 'Rehearse it', 'Rehearse with trouble'])
    await expect(page.getByRole('button', { name })).toBeDisabled();
  await page.goBack();
  await page.getByRole('link', { name: /^Line-up/ }).click();
  await expect(page.getByText('An empty stage')).toBeVisible();
  await page.getByRole('button', { name: 'Add a demo' }).click();
  await page.getByRole('menuitem', { name: 'Balancing forks' }).click();
  await expect(page.getByText(/^14:02 if everything goes as written/)).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: /^On stage/ }).click();
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  await expect(page.getByRole('region', { name: 'Now' })).toContainText('Balancing forks');
});
