/** Something is missing: what stands in for it, in Kit, when packing, in the walk, in the shop and on stage. */
import type { Show } from '../core/brief/types';
import type { Demo } from '../core/repertoire/types';
import { expect, FESTIVAL, pick, pressKey, refuses, rehearseFrom, saved, test } from './stage';

const LITTLE = '/shows/little-hollin-evening';

test('what is short is taken instead of, in amounts of its own; and taken back', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + LITTLE + '/kit');
  const thin = page.getByRole('button', { name: /Hydrogen peroxide 3 %.*short/ });
  await thin.click();
  await page
    .getByRole('button', { name: /^Take [\d.]+ mL hydrogen peroxide 9 % instead$/ })
    .click();
  await expect(thin).toBeHidden();
  const strong = page.getByRole('button', { name: /mL Hydrogen peroxide 9 %/ });
  await expect(strong).toBeVisible();
  await expect(page.getByText(/instead of hydrogen peroxide 3 %/)).toBeVisible();
  await expect(saved(page)).toBeVisible();
  // It is not bought any more; what stands in is said, and taken back, there too.
  await page.goto(demo.url + '/store/shopping');
  const instead = page
    .getByRole('listitem')
    .filter({ hasText: 'instead of hydrogen peroxide 3 %' });
  await expect(instead).toContainText('Hydrogen peroxide 9 % instead of hydrogen peroxide 3 %');
  await instead.getByRole('button', { name: /Hydrogen peroxide 3 % after all$/ }).click();
  await expect(instead).toBeHidden();
  await page.getByText('Undo').last().click();
  await expect(instead).toBeVisible();
  await page.goto(demo.url + LITTLE + '/kit');
  await strong.click();
  await page.getByRole('button', { name: 'Back to hydrogen peroxide 3 %' }).click();
  await expect(thin).toBeVisible();
});

test('left at home: when packing and in the walk it is one press', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/pack');
  const cylinder = page.getByRole('checkbox', { name: /Tall measuring cylinder/ });
  await expect(cylinder.first()).toBeVisible();
  await page.getByRole('button', { name: 'Take narrow-necked bottle instead' }).first().click();
  await expect(page.getByRole('checkbox', { name: /Narrow-necked bottle/ }).first()).toBeVisible();
  await page.getByText('Undo').last().click();
  await expect(cylinder.first()).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/ready?stop=place%2FCentre%20table');
  await expect(page.getByRole('heading', { name: 'Centre table' })).toBeVisible();
  await page.keyboard.press('x');
  const dialog = page.getByRole('dialog', { name: /^Centre table/ });
  await dialog.getByRole('radio', { name: 'Tall measuring cylinder', exact: true }).check();
  await dialog.getByRole('button', { name: /^Take narrow-necked bottle instead/ }).click();
  await expect(dialog).toBeHidden();
  await page.keyboard.press('x');
  await expect(dialog.getByRole('radio', { name: 'Narrow-necked bottle' })).toBeVisible();
});

test('on stage, where it didn’t work, it says what will do', async ({ page, demo }) => {
  await rehearseFrom(page, demo.url, /Foam fountain/);
  await pressKey(page, 'x');
  await expect(
    page.getByText('Instead of tall measuring cylinder: narrow-necked bottle.'),
  ).toBeVisible();
});

test('what is taken instead is asked whether it changes a figure', async ({ page, demo }) => {
  const path = `${demo.url}/api/demos/foam-fountain`;
  const text = JSON.stringify(await (await page.request.get(path)).json());
  const unsaid = text.replaceAll(/"figures":\[\{"settingId":"bore"[^\]]*\]/g, '"figures":null');
  expect(unsaid).not.toBe(text);
  await page.request.put(path, { data: JSON.parse(unsaid) as object });
  const show = (await (await page.request.get(`${demo.url}/api${FESTIVAL}`)).json()) as Show;
  const swaps = [{ itemId: 'cylinder', by: 'narrow-bottle' }];
  await page.request.put(`${demo.url}/api${FESTIVAL}`, { data: { ...show, swaps } });
  await page.goto(demo.url + FESTIVAL + '/ready');
  const asked = page.getByText(
    /Narrow-necked bottle instead of .*: nobody has said whether its figures are still the same/,
  );
  await expect(asked.first()).toBeVisible();
});

test('in the demo it is said what will do, how much of it, and which figures are others', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/foam-fountain');
  await page.getByRole('button', { name: 'Edit the kit' }).click();
  const kit = page.getByRole('group', { name: 'Editing the kit' });
  const times = kit.getByRole('textbox', { name: 'For one mL' });
  await times.fill('none');
  await refuses(times, /number/);
  await times.fill('0,5');
  const figures = kit.getByRole('combobox', { name: 'Figures of the method' });
  // Of the cylinder and of the peroxide; the first is said to change nothing.
  await expect(figures).toHaveCount(2);
  await pick(figures.first(), 'They stay as they are');
  await kit.getByRole('textbox', { name: 'Then, in mL' }).fill('55');
  await kit.getByRole('button', { name: 'Done' }).click();
  await expect(saved(page)).toBeVisible();
  const { methods } = (await (
    await page.request.get(`${demo.url}/api/demos/foam-fountain`)
  ).json()) as Demo;
  const instead = new Map(methods[0]?.kit.map((line) => [line.itemId, line.instead[0]]));
  expect(instead.get('cylinder')).toMatchObject({ itemId: 'narrow-bottle', figures: [] });
  expect(instead.get('peroxide-3')).toMatchObject({
    times: 0.5,
    figures: [
      { settingId: 'peroxide', value: 55 },
      { settingId: 'strength', value: 9 },
    ],
  });
});
