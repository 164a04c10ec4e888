/** Things made of what one has: a show again, a tour, a template, a copy of a demo or a place, a show proposed. */
import { expect, saved, test } from './stage';

const FESTIVAL = '/shows/harbour-light-festival';

test('a show is played again with its crew, on another day', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await page.getByRole('button', { name: 'Play it again' }).click();
  const dialog = page.getByRole('dialog', { name: /^Play “Harbour Light Festival” again/ });
  await dialog.getByLabel('Day', { exact: true }).fill('2031-06-01');
  await dialog.getByRole('button', { name: 'Make the show' }).click();
  await page.waitForURL(/\/shows\/(?!harbour)[^/]+\/line-up/);
  await expect(page.getByRole('heading', { name: 'Harbour Light Festival' })).toBeVisible();
  await expect(page.getByText(/Sun 1 Jun 14:00/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Move Smoke-ring drum, number 1/ })).toBeVisible();
  // What the host said of that audience is asked anew.
  await page.getByRole('link', { name: /^Brief/ }).click();
  await expect(page.getByRole('switch', { name: 'Agreed' })).not.toBeChecked();
});

test('a tour of three days, one at a new place, has one kit list', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await page.getByRole('button', { name: 'Play it again' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Day', { exact: true }).fill('2031-06-01');
  await dialog.getByRole('button', { name: 'One more day' }).click();
  const second = dialog.getByRole('list', { name: 'Days' }).getByRole('listitem').nth(1);
  await expect(second.getByLabel('Day', { exact: true })).toHaveValue('2031-06-02');
  await second.getByLabel('Place').fill('Skerry chapel');
  await expect(second.getByText('New: it is put under Venues')).toBeVisible();
  // So late that it would run past midnight: told at its field, and nothing was made.
  await second.getByLabel('Start', { exact: true }).fill('23:50');
  await dialog.getByLabel('Name of the tour').fill('Northern islands');
  await dialog.getByRole('button', { name: 'Make 2 shows' }).click();
  await expect(second.getByText(/past midnight/)).toBeVisible();
  await second.getByLabel('Start', { exact: true }).fill('19:00');
  await dialog.getByRole('button', { name: 'Make 2 shows' }).click();
  await page.waitForURL(/\/tour\?name=Northern/);
  await expect(page.getByRole('heading', { name: 'Northern islands' })).toBeVisible();
  // The one that it was made of is part of it.
  await expect(page.getByRole('link', { name: /Harbour Light Festival/ })).toHaveCount(2);
  await expect(page.getByRole('link', { name: /Skerry chapel/ })).toBeVisible();
  const along = page.getByRole('region', { name: 'Goes along, once for all shows' });
  await expect(along.getByRole('row', { name: /^Deep tray/ })).toBeVisible();
  const used = page.getByRole('region', { name: 'Used up' });
  await expect(used.getByRole('row', { name: /^Dried yeast/ })).toBeVisible();
  await page.goto(demo.url + '/shows');
  await page.getByRole('link', { name: 'Northern islands', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Northern islands' })).toBeVisible();
  await page.goto(demo.url + '/venues');
  await expect(page.getByRole('button', { name: /^Skerry chapel/ })).toHaveCount(1);
});

test('a running order is kept as a template, named, and begun from', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await page.getByRole('button', { name: 'Keep as a template' }).click();
  await expect(page.getByText('Kept as the template “Harbour Light Festival”')).toBeVisible();
  await page.goto(demo.url + '/shows/new');
  const name = page.getByRole('textbox', { name: 'Template' });
  await name.fill('');
  await expect(page.getByText('It needs a name')).toBeVisible();
  await name.fill('Forty minutes, outdoors');
  await name.press('Enter');
  await page.getByRole('button', { name: 'A show from Forty minutes, outdoors' }).click();
  const dialog = page.getByRole('dialog', { name: 'A show from “Forty minutes, outdoors”' });
  await dialog.getByLabel('Place').fill('Boat Shed');
  await dialog.getByRole('button', { name: 'Make the show' }).click();
  await page.waitForURL(/\/shows\/(?!new)[^/]+\/line-up/);
  await expect(page.getByText(/^Boat Shed ·/)).toBeVisible();
  await page.goto(demo.url + '/shows');
  await page.getByRole('button', { name: 'Remove the template Forty minutes, outdoors' }).click();
  await expect(page.getByRole('heading', { name: 'Templates' })).toBeHidden();
  await page.getByText('Undo').last().click();
  await expect(page.getByRole('heading', { name: 'Templates' })).toBeVisible();
});

test('a demo and a place are copied, to be made into others', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos/static-dome');
  await page.getByRole('button', { name: 'Copy', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Static dome (2)', level: 1 })).toBeVisible();
  await page.goto(demo.url + '/venues?open=boat-shed');
  await page.getByRole('button', { name: 'Copy', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Boat Shed (2)', level: 2 })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue(
    'Boat Shed (2)',
  );
});

test('its look is chosen, and undone', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos/static-dome');
  await page.getByRole('button', { name: 'Change its look' }).click();
  const dialog = page.getByRole('dialog', { name: 'Its look' });
  await dialog.getByRole('button', { name: 'Jar', exact: true }).click();
  await dialog.getByRole('button', { name: 'makes clouds' }).click();
  await expect(dialog.getByRole('button', { name: 'Jar', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(saved(page)).toBeVisible();
  const stored = await page.request.get(`${demo.url}/api/demos/static-dome`);
  expect(await stored.json()).toMatchObject({
    face: { figure: null, vessel: 'jar', happening: 'clouds' },
  });
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(saved(page)).toBeVisible();
  const back = await page.request.get(`${demo.url}/api/demos/static-dome`);
  expect(await back.json()).toMatchObject({ face: { figure: 'static-dome' } });
});

test('what the library has changed is told, and taken part by part', async ({ page, own }) => {
  await page.request.post(`${own.url}/api/library/take`, { data: { ids: ['foam-fountain'] } });
  const path = `${own.url}/api/demos/foam-fountain`;
  const mine = (await (await page.request.get(path)).json()) as {
    origin: { methods: { mark: string }[] };
    methods: { summary: string }[];
  };
  await page.goto(`${own.url}/demos/foam-fountain`);
  await expect(page.getByRole('link', { name: 'library', exact: true })).toBeVisible();
  await expect(page.getByText('The library has changed this')).toBeHidden();
  // As if it had been taken from an older library.
  mine.origin.methods.forEach((method) => (method.mark = 'older'));
  mine.methods.forEach((method) => (method.summary = 'As it was'));
  await page.request.put(path, { data: mine });
  await expect(page.getByText('The library has changed this')).toBeVisible();
  await page.getByRole('checkbox', { name: 'The method “lively method”' }).uncheck();
  await page.getByRole('button', { name: 'Take these over mine' }).click();
  await expect(page.getByText('The library has changed this')).toBeHidden();
  await expect(saved(page)).toBeVisible();
  const now = (await (await page.request.get(path)).json()) as typeof mine;
  expect(now.methods.map(({ summary }) => summary === 'As it was')).toEqual([false, true]);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText('The library has changed this')).toBeVisible();
});

test('a show is proposed for a booking; what is in it stays, and it is undone', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/shows/hollin-science-day/line-up');
  const cards = page.getByRole('button', { name: /^Move .+, number \d+/ });
  await expect(cards).toHaveCount(4);
  await page.getByRole('button', { name: 'Propose a show' }).click();
  const dialog = page.getByRole('dialog', { name: 'A show proposed' });
  await expect(dialog.getByRole('img', { name: /^Proposed order: / })).toBeVisible({
    timeout: 60_000,
  });
  await expect(dialog.getByText(/that they saw here in the last two years/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Take this show' }).click();
  await expect(dialog).toBeHidden({ timeout: 60_000 });
  await expect.poll(() => cards.count()).toBeGreaterThan(4);
  await page.getByText('Undo').last().click();
  await expect(cards).toHaveCount(4);
});
