import { readFileSync } from 'node:fs';
import { FESTIVAL, accepts, expect, pick, refuses, saved, test } from './stage';

const EVENING = '/shows/little-hollin-evening';

test('Ready: what is measured is judged at once, and every figure opens to its working', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + EVENING + '/ready');
  await expect(page.getByText('Not yet: 3 things to fix, 3 not known')).toBeVisible();
  const dome = page
    .getByRole('listitem')
    .filter({ hasText: 'Static dome:' })
    .filter({ hasText: /humidity|damp|Dry enough/ });
  await expect(dome).toContainText('Measure the humidity');
  await page.getByLabel('Humidity (%)').fill('140');
  await refuses(page.getByLabel('Humidity (%)'), /0 and 100/);
  await expect(dome).toContainText('Measure the humidity');
  await page.getByLabel('Humidity (%)').fill('80');
  await expect(dome).toContainText('Too damp at 80 %');
  await expect(page.getByText('Not yet: 4 things to fix, 2 not known')).toBeVisible();
  // Put in before the day it is only expected, and holds until it is measured.
  await page.getByLabel('Humidity (%)').fill('30');
  await expect(dome).toContainText('Only expected so far. Dry enough at 30 %');
  await expect(page.getByText('Not yet: 3 things to fix, 3 not known')).toBeVisible();
  await page.getByRole('button', { name: '≈ only expected' }).click();
  await expect(page.getByText('Not yet: 3 things to fix, 2 not known')).toBeVisible();
  await page.getByLabel('Temperature').fill('68 °F');
  await page.getByLabel('Temperature').blur();
  await page.getByLabel('Air pressure').fill('1008');
  await page.getByRole('button', { name: 'All measured just now' }).click();
  await expect(page.getByText(/^Not yet: 3 things to fix$/)).toBeVisible();
  await expect(page.getByLabel('Taken at')).toHaveValue(/^\d\d:\d\d$/);
  await page.locator('summary').filter({ hasText: 'To watch' }).click();
  await dome.getByRole('button', { name: 'Why' }).click();
  await expect(dome).toContainText('½·C·U²');
  await expect(dome).toContainText('EN 61010-1');
  // The same mark stands on the card of the line-up.
  await page.goto(demo.url + EVENING + '/line-up');
  await expect(page.getByRole('img', { name: /^To fix: .*Hall would trip/ }).first()).toBeVisible();
});

test('the same figures open to their working on the line-up’s card and in Kit', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + EVENING + '/line-up');
  await page.getByRole('button', { name: /^Crushed can/ }).click();
  const power = page.locator('details').filter({ hasText: 'Hall would trip: 2400 W' });
  await expect(power.getByText('Held against')).toBeHidden();
  await power.getByText('Why').click();
  await expect(power.getByText('Held against')).toBeVisible();
  await expect(power).toContainText('80 % for long, common practice');
  await page.goto(demo.url + EVENING + '/kit');
  const changed = page.locator('details').filter({ hasText: 'Power: Hall would trip' });
  await expect(changed).toContainText('Put one of them on another circuit');
  await changed.locator('summary').focus();
  await page.keyboard.press('Enter');
  await expect(changed.getByText('Held against')).toBeVisible();
});

test('absolute zero and an hour that can’t be are told at their fields', async ({ page, demo }) => {
  await page.goto(demo.url + EVENING + '/ready');
  await page.getByLabel('Temperature').fill('-300');
  await refuses(page.getByLabel('Temperature'), /absolute zero/);
  await page.getByLabel('Taken at').fill('noon');
  await refuses(page.getByLabel('Taken at'), /a time/);
});

test('passing over takes a reason and somebody who may', async ({ page, demo }) => {
  await page.goto(demo.url + EVENING + '/ready');
  const power = page.getByRole('listitem').filter({ hasText: 'Power:' });
  await power.getByRole('button', { name: 'Waive' }).click();
  await expect(page.getByText('Say first who you are')).toBeVisible();
  await page.getByRole('button', { name: 'Leave it open' }).click();
  await page.getByRole('button', { name: 'Say who you are' }).click();
  await page.getByRole('menuitem', { name: 'Mara' }).click();
  await power.getByRole('button', { name: 'Waive' }).click();
  await page.getByLabel('Reason').fill('The hall lends us a second lead');
  await page.getByRole('button', { name: 'Waive it' }).click();
  await expect(page.getByText('Not yet: 2 things to fix, 3 not known')).toBeVisible();
  await page.locator('summary').filter({ hasText: 'Looked into' }).click();
  await expect(page.getByText('Waived: The hall lends us a second lead')).toBeVisible();
  await page.getByRole('button', { name: 'Remove waiver' }).click();
  await expect(page.getByText('Not yet: 3 things to fix, 3 not known')).toBeVisible();
});

test('a position is moved on the plan, and its distances with it', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/ready');
  const rear = page.getByRole('button', { name: /^Rear: 0 m across, 3 m back/ });
  await rear.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowDown');
  await expect(page.getByRole('button', { name: /^Rear: 0 m across, 0 m back/ })).toBeVisible();
  await expect(
    page.getByText('Cloud burst: Too near: 3 m to the front row, and it needs 4 m.').first(),
  ).toBeVisible();
  await expect(page.getByText(/^Not yet: \d things? to fix/)).toBeVisible();
  // By hand, back again.
  const mark = page.getByRole('button', { name: /^Rear: 0 m across, 0 m back/ });
  const box = await mark.boundingBox();
  if (!box) throw new Error('the mark is not drawn');
  await page.mouse.move(box.x + box.width / 2, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y - 100, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByText(/^\d+ checks must be done before the start/)).toBeVisible();
});

test('the risk assessment: what is open, signed by name, kept as it was, and what changed since', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/ready');
  const other = await page.context().newPage();
  await other.goto(demo.url + FESTIVAL + '/ready/risks');
  await page.getByRole('link', { name: 'Risk assessment' }).click();
  await expect(page.getByText(/^△ DRAFT: \d+ questions open$/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Extinguishers' })).toContainText('Jo');
  const cold = page.getByRole('row', { name: /^Liquid nitrogen/ });
  await expect(cold).toContainText('H281');

  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await refuses(page.getByRole('textbox', { name: 'Name' }), /must/);
  await page.getByRole('textbox', { name: 'Name' }).fill('Ines');
  await page.getByRole('textbox', { name: 'As what' }).fill('presents it');
  await page.keyboard.press('Enter');
  const versions = page.getByRole('list', { name: 'Signed versions' });
  await expect(versions).toContainText('Ines, presents it: signed');
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await refuses(page.getByRole('textbox', { name: 'Name' }), /Ines has signed this already/);
  // Another page has it too; without the network a name stays in its field.
  await expect(other.getByRole('list', { name: 'Signed versions' })).toContainText('Ines');
  await page.getByRole('textbox', { name: 'Name' }).fill('The warden');
  await page.context().setOffline(true);
  await page.getByRole('button', { name: 'Sign', exact: true }).click();
  await refuses(page.getByRole('textbox', { name: 'Name' }), /can’t be reached/);
  await page.context().setOffline(false);
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('The warden');

  await versions.getByRole('button', { name: 'Version 1' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: /^Markdown/ }).click(),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  expect(text).toContain('Risk assessment: Harbour Light Festival');
  expect(text).toContain('Very cold liquid');
  expect(text).toContain('- Ines, presents it: signed');

  // Another number to call: the signed version stays, and says that what is there now is another.
  await page.goto(demo.url + '/venues?open=boat-shed');
  await page.getByRole('textbox', { name: 'Emergency number' }).fill('');
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/ready/risks');
  await expect(versions).toContainText('Since then changed:');
  await expect(versions).toContainText('In an emergency');
  await expect(page.getByText('Nobody can sign yet: 1 question below')).toBeVisible();
  await page.getByRole('link', { name: /^To the venue: Which number/ }).click();
  await page.getByRole('textbox', { name: 'Emergency number' }).fill('112');
  await expect(saved(page)).toBeVisible();
});

test('a house’s own steps of risk: wrong ones told at their field, right ones in every verdict', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/store/units');
  const high = page.getByRole('textbox', { name: 'High from' });
  await high.fill('4');
  await refuses(high, /must be more than where medium begins/);
  await page.getByRole('textbox', { name: 'Medium from' }).fill('2');
  await accepts(high);
  await expect(page.getByRole('cell', { name: '4 high' })).toHaveCount(3);
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/ready');
  await expect(page.getByText('the remaining risk is rated high').first()).toBeVisible();
});

test('the bench: a slider, a figure that can’t be, and the limits drawn', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/bench/will-it-light');
  await expect(page.getByText('Will light: 4.36 % propan-2-ol vapour')).toBeVisible();
  await expect(
    page.getByRole('img', {
      name: /Vapour, at the most over temperature; limits: lights from here 2/,
    }),
  ).toBeVisible();
  await page.getByRole('textbox', { name: 'Temperature' }).fill('4');
  await expect(page.getByText(/Too lean to light/)).toBeVisible();
  await page.getByRole('slider', { name: 'Temperature, slider' }).press('End');
  await expect(page.getByText(/Too rich to light/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Vessel' }).fill('0');
  await expect(page.getByRole('alert')).toHaveText('Vessel must be more than nothing');
  await page.getByRole('textbox', { name: 'Vessel' }).fill('0.5');
  await page.getByRole('textbox', { name: 'Dose' }).fill('800');
  await expect(page.getByRole('alert')).toHaveText('Dose must be less than the vessel holds');
  await page.getByRole('button', { name: 'Usual values' }).click();
  await expect(page.getByText('Will light: 4.36 %')).toBeVisible();
  await pick(page.getByRole('combobox', { name: 'Liquid', exact: true }), 'methanol (off)');
  await expect(page.getByText('Not with methanol.')).toBeVisible();
  await expect(page.getByText(/Methanol is toxic/)).toBeVisible();
});

test('a calculator is bound to a setting by picking, and its verdict follows in the show', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/spinning-stool');
  await page.getByRole('button', { name: 'Edit the calculators that judge it' }).click();
  await pick(page.getByRole('combobox', { name: 'Turns with arms out' }), 'a figure');
  const figure = page.getByLabel('Turns with arms out (turns/min)');
  await figure.fill('900');
  await refuses(figure, /0 to 300/);
  await figure.fill('40');
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/ready');
  await expect(
    page.getByText(/Spinning stool:.*turns a minute with the arms in.*more than 45/),
  ).toBeVisible();
});

test('the room sensor: read, taken over, and told when it has gone quiet', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + EVENING + '/ready');
  // Without one nothing is said of it.
  await expect(page.getByText('Not yet: 3 things to fix, 3 not known')).toBeVisible();
  await expect(page.getByText('Room sensor:')).toHaveCount(0);
  demo.sensor({ temperature: 19.5, humidity: 41 });
  await expect(page.getByText('Room sensor: 19.5 °C, 41 % humidity')).toBeVisible();
  await page.getByRole('button', { name: 'Take these figures' }).click();
  await expect(page.getByLabel('Temperature')).toHaveValue('19.5 °C');
  await expect(page.getByLabel('Humidity (%)')).toHaveValue('41');
  // The pressure is still to be read.
  await expect(page.getByText(/^Not yet: 3 things to fix, 1 not known$/)).toBeVisible();
  demo.sensor(null);
  await expect(page.getByText(/The room sensor has gone quiet/)).toBeVisible();
});
