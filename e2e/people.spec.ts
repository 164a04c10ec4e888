/** People as pages: what they may do, what they said yes to, and how long they take. */
import { expect, saved, test } from './stage';

test('a sentence whose words change, and what training opens', async ({ page, demo }) => {
  await page.goto(demo.url + '/people?open=mara');
  await expect(page.getByRole('textbox', { name: 'Role' })).toHaveValue('Presenter and driver');
  const notYet = page.getByRole('list', { name: 'Not yet' });
  await expect(notYet).toContainText('not without open flames');
  await expect(notYet).toContainText('Cold flower');
  // By keyboard: a piece of tape is a button.
  await page.getByRole('button', { name: 'Cold liquids' }).press('Space');
  await expect(page.getByRole('button', { name: 'Cold liquids' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(notYet).not.toContainText('Cold flower');
  await expect(page.getByRole('list', { name: 'May perform' })).toContainText('Cold flower');
  await page.getByRole('combobox', { name: /May waive/ }).selectOption('May not');
  await page
    .getByRole('combobox', { name: /Heart device/ })
    .selectOption({ label: 'a heart device' });
  await expect(page.getByText('Magnets and high voltage keep clear of Mara.')).toBeVisible();
  await page.getByRole('textbox', { name: /^Speaks/ }).fill('9000');
  await expect(page.getByRole('alert')).toContainText('260');
  await page.getByRole('textbox', { name: /^Speaks/ }).fill('');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('combobox', { name: /May waive/ })).toHaveValue('May not');
  await expect(notYet).not.toContainText('Cold flower');
});

test('who said yes, who is wanted twice at once, and how long they take', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/people?open=ines');
  const coming = page.getByRole('region', { name: 'Coming shows' });
  await expect(coming.getByRole('listitem').first()).toContainText('yes');
  await expect(coming).toContainText('said yes to 2 of 2');
  const pace = page.getByRole('region', { name: 'How long it takes them' });
  await expect(pace).toContainText(/Takes .* over \d+ times on stage\./);
  await expect(pace.getByRole('listitem').filter({ hasText: 'Smoke-ring drum' })).toContainText(
    /% (longer|shorter)|as long/,
  );
  // Another show on the same day, from before the first one’s end.
  const shows = demo.url + '/api/shows';
  const festival = (await (await page.request.get(`${shows}/harbour-light-festival`)).json()) as {
    version?: number;
  };
  delete festival.version;
  const twin = { ...festival, id: 'harbour-twin', title: 'Harbour twin' };
  expect((await page.request.post(shows, { data: twin })).ok()).toBe(true);
  await page.reload();
  await expect(coming.getByText('At the same time as Harbour twin.')).toBeVisible();
  await page.goto(demo.url + '/shows/harbour-light-festival/brief');
  await expect(page.getByRole('region', { name: 'Crew' })).toContainText(
    'At the same time as Harbour twin.',
  );
});

test('nobody yet, and somebody of whom nothing is known, by thumb', async ({ page, own }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(own.url + '/people');
  await expect(page.getByText('Add everybody who performs')).toBeVisible();
  await page.getByRole('button', { name: 'Add a person' }).click();
  await expect(page.getByText('Nothing of theirs was timed yet.')).toBeVisible();
  await expect(page.getByText(/In no crew yet/)).toBeVisible();
  await expect(page.getByText(/Ask before magnets and high voltage/)).toBeVisible();
  expect(
    await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    ),
  ).toBe(0);
});
