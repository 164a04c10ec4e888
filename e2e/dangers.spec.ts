import type { Demo } from '../core/repertoire/types';
import { FESTIVAL, expect, onward, pick, refuses, saved, test } from './stage';

const EVENING = '/shows/little-hollin-evening';

test('hazards nobody has gone through: from the verdict to the demo, taken on, ruled out, and back', async ({
  page,
  demo,
  request,
}) => {
  const url = `${demo.url}/api/demos/smoke-ring-drum`;
  const drum = (await (await request.get(url)).json()) as Demo;
  const methods = drum.methods.map((method) => ({
    ...method,
    hazardsReviewed: false,
    ruledOut: [],
    hazards: method.hazards.filter(({ kind }) => kind !== 'smoke' && kind !== 'trailingCables'),
  }));
  expect((await request.put(url, { data: { ...drum, methods } })).ok()).toBe(true);
  await page.goto(demo.url + FESTIVAL + '/ready');
  const verdict = page.getByRole('listitem').filter({ hasText: 'gone through it for hazards' });
  await expect(verdict).toContainText('Smoke-ring drum');
  await verdict.getByRole('link', { name: /^To its hazards/ }).click();
  const editing = page.getByRole('group', { name: 'Editing the hazards' });
  await expect(editing).toBeVisible();
  await editing.getByRole('button', { name: 'Done' }).click();

  const smoke = page.getByRole('listitem').filter({ hasText: 'Stage smoke?' });
  await smoke.getByRole('button', { name: 'Take it on' }).click();
  await expect(smoke).toHaveCount(0);
  const cables = page.getByRole('listitem').filter({ hasText: 'Cables on the floor?' });
  await cables.getByRole('button', { name: 'It is not there' }).click();
  await expect(page.getByRole('button', { name: 'Rule out' })).toBeDisabled();
  await page.getByLabel('Why it is not there').fill('Runs on its battery');
  await page.keyboard.press('Enter');
  await expect(cables).toHaveCount(0);
  await expect(page.getByText(/Not there:.*Runs on its battery/)).toBeVisible();
  await page.getByRole('button', { name: 'I have gone through it' }).click();
  await expect(page.getByText('✓ Gone through')).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/ready');
  // What was taken on has no control yet, and says so.
  await expect(page.getByText(/Stage smoke: no control/)).toBeVisible();
  await expect(verdict).toHaveCount(0);
});

test('a venue fact nobody has asked is not known, and its link opens the venue', async ({
  page,
  demo,
  request,
}) => {
  const url = `${demo.url}/api/venues/boat-shed`;
  const venue = (await (await request.get(url)).json()) as object;
  await request.put(url, { data: { ...venue, smokeDetectors: 'unknown' } });
  await page.goto(demo.url + FESTIVAL + '/ready');
  await page.getByRole('link', { name: /^To the venue: Smoke-ring drum/ }).click();
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Boat Shed');
  await pick(page.getByRole('combobox', { name: 'Smoke detectors', exact: true }), 'yes');
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/ready');
  await expect(page.getByText(/^\d+ checks must be done before the start/)).toBeVisible();
});

test('the age of the youngest is asked for, and the ways there', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/brief');
  await page.getByRole('textbox', { name: /^Youngest/ }).fill('');
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: /^Ready/ }).click();
  await expect(page.getByText(/how old the youngest is/i).first()).toBeVisible();
  await page.getByRole('link', { name: /^Brief/ }).click();
  await page.getByRole('textbox', { name: /^Youngest/ }).fill('6');
  await page.getByRole('button', { name: 'Add a journey' }).click();
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: /^Ready/ }).click();
  const van = page.getByRole('listitem').filter({ hasText: 'The van:' });
  await expect(van).toContainText('is not known: how much air there is');
});

test('what all of it weighs is more than the vehicle may carry: told in Ready and when packing', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + EVENING + '/brief');
  await page.getByRole('button', { name: 'Add a journey' }).click();
  const carries = page.getByRole('textbox', { name: 'May carry (kg)' }).last();
  await carries.fill('much');
  await refuses(carries, /number/);
  await carries.fill('12');
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: /^Ready/ }).click();
  await expect(
    page.getByText(/weigh [\d.]+ kg, without their boxes; it may carry 12 kg/).first(),
  ).toBeVisible();
  await page.goto(demo.url + EVENING + '/pack');
  await expect(page.getByText(/^△ [\d.]+ kg in all; The van may carry 12 kg$/)).toBeVisible();
});

test('a range on the bench: the verdict covers it, and says what to measure first', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/bench/will-it-light');
  await page.getByRole('textbox', { name: 'Temperature' }).fill('8 to 30');
  await expect(page.getByText(/Measure .*temperature.* first/i)).toBeVisible();
  await page.getByRole('textbox', { name: 'Temperature' }).fill('30 to');
  await expect(page.getByRole('alert')).toContainText('Temperature');
  await expect(page.getByRole('textbox', { name: 'Temperature' })).toHaveValue('30 to');
  // With its unit, in another one, and in words.
  await page.getByRole('textbox', { name: 'Temperature' }).fill('46 to 86 °F');
  await expect(page.getByText(/Measure .*temperature.* first/i)).toBeVisible();
  await page.getByRole('textbox', { name: 'Temperature' }).fill('20 °C');
  await page.getByRole('textbox', { name: 'Dose' }).fill('a good squirt');
  await expect(page.getByText(/Will light/)).toBeVisible();
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('what the calculators rest on is a table, by keyboard from the bench and back', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/bench/dome');
  await page.getByRole('link', { name: 'All calculators in a table' }).focus();
  await page.keyboard.press('Enter');
  const row = page.getByRole('row', { name: /^How strong is the dome/ });
  await expect(row).toContainText('EN 61010-1');
  await row.getByRole('link').click();
  await expect(page).toHaveURL(/bench\/calculators\/dome$/);
});

test('what the store lacks stands on the pack list too', async ({ page, demo }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(demo.url + EVENING + '/pack');
  await expect(page.getByText(/△ 2 things short in the store/)).toBeVisible();
  await page.getByRole('button', { name: /^Box 3, Sparks and magnets/ }).click();
  await expect(page.getByRole('checkbox', { name: /Foil dishes/ })).toContainText('△ 4 short');
});

test('on stage the warning comes above the first step of what it warns of', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await expect(page.getByText('The clock starts when you do')).toBeVisible();
  await onward(page);
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now.getByText('“There will be stage smoke.', { exact: false })).toBeVisible();
  await onward(page);
  await expect(now.getByText('“There will be stage smoke.', { exact: false })).toHaveCount(0);
});
