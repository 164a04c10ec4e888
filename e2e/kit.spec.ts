/** The kit of a show: spares, the cold liquid over the day, what the store lacks, packing out and home. */
import type { Show } from '../core/brief/types';
import { FESTIVAL, expect, pick, refuses, saved, test } from './stage';

const LITTLE = '/shows/little-hollin-evening';

test('spares follow from the record, the wanted chance, and what the line-up does again', async ({
  page,
  demo,
}) => {
  const path = `${demo.url}/api${FESTIVAL}`;
  const show = (await (await page.request.get(path)).json()) as Show;
  await page.goto(demo.url + FESTIVAL + '/kit');
  await page.getByRole('button', { name: /Wooden sticks/ }).click();
  await expect(page.getByText('3 per go × 1 go = 3').first()).toBeVisible();
  await expect(page.getByText(/All \d+ are seen in \d+ of 100 shows; least often/)).toBeVisible();
  const slots = show.slots.map((slot) => ({ ...slot, again: 2 }));
  await page.request.put(path, { data: { ...show, slots } });
  await expect(page.getByText(/3 sets: 1 planned, 2 spare/).first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Times of 100' }).fill('50');
  await expect(page.getByText('3 per go × 1 go = 3').first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Times of 100' }).fill('150');
  await refuses(page.getByRole('textbox', { name: 'Times of 100' }), /99\.9/);
  await page.getByRole('textbox', { name: 'Times of 100' }).fill('95');
  await pick(page.getByRole('combobox', { name: 'Spare sets' }), 'without spares');
  await expect(page.getByText(/1 planned, 2 spare/)).toHaveCount(0);
  await pick(page.getByRole('combobox', { name: 'Spare sets' }), 'so that the whole show works');
  await expect(page.getByText(/3 sets: 1 planned, 2 spare/).first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Spares may cost (EUR)' }).fill('0,01');
  await expect(page.getByText(/more spares would cost or weigh more than they may/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Spares may cost (EUR)' }).fill('');
  await page.getByRole('textbox', { name: 'Rehearsals' }).fill('2');
  await expect(page.getByText(/and for 2 rehearsals/).first()).toBeVisible();
  await expect(saved(page)).toBeVisible();
});

test('what must be minded stands first, all else in its box as it is seen from above', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + LITTLE + '/kit');
  const short = page.getByRole('region', { name: 'Short' });
  await expect(short.getByRole('button')).toHaveCount(2);
  await expect(page.getByText(/: order .* (today|by)/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Heavy' })).toContainText(
    /then .* In all [\d.]+ kg/,
  );
  await page.goto(demo.url + FESTIVAL + '/kit');
  await expect(page.getByRole('region', { name: 'Use first' })).toContainText(
    /Cut flower.*keeps 3 days: fetch it fresh/,
  );
  await expect(page.getByRole('region', { name: 'Dangerous' })).toContainText('Liquid nitrogen');
  const boxes = page.getByRole('region', { name: 'Boxes' });
  const wet = boxes.getByRole('region', { name: /Wet bench/ });
  // What stands above is drawn, and said there.
  await expect(wet).toContainText('Hydrogen peroxide 3 %');
  await expect(wet.getByRole('button', { name: /Hydrogen peroxide/ })).toHaveCount(0);
  await wet.getByRole('button', { name: /^4 Drying towels/ }).click();
  await expect(wet.getByText(/per go × |for the show/).first()).toBeVisible();
  await wet.getByRole('button', { name: /^4 Drying towels/ }).press('Enter');
  await expect(wet.getByText(/per go × /)).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'If it’s missing' })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print or save' }).click();
  await page.getByRole('menuitem', { name: 'Packing list on one page (PDF)' }).click();
  expect((await download).suggestedFilename()).toBe('packing.pdf');
});

test('amounts in metric or US units, on this device', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/kit');
  await expect(page.getByRole('button', { name: /^40 mL Smoke fluid/ })).toBeVisible();
  await page.getByRole('button', { name: 'US', exact: true }).click();
  await expect(
    page.getByRole('button', { name: /^40 mL \(2.71 tbsp\) Smoke fluid/ }),
  ).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /2.71 tbsp/ })).toBeVisible();
});

test('the cold liquid: enough, short by name, more to order, and from a measured level', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/kit');
  await expect(page.getByText(/^Liquid nitrogen: 3 L lasts to Cold flower, with/)).toBeVisible();
  await expect(page.getByRole('img', { name: /^Liquid nitrogen over the day: / })).toBeVisible();
  await page.getByRole('textbox', { name: 'Ordered' }).fill('0.9 L');
  await expect(page.getByText(/Cold flower would run short. Order .* more/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Ordered' }).fill('4 kg');
  await refuses(page.getByRole('textbox', { name: 'Ordered' }), /a volume/);
  await page.getByRole('textbox', { name: 'Ordered' }).fill('12 L');
  await expect(page.getByText(/Vented travel vessel holds 10 L: 2 L too little/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Collected at' }).fill('25:00');
  await refuses(page.getByRole('textbox', { name: 'Collected at' }), /a time/);
  await page.getByRole('textbox', { name: 'Collected at' }).fill('11:10');
  await page.getByRole('textbox', { name: 'Ordered' }).fill('3 L');
  await page.getByRole('button', { name: 'Enter what is left' }).click();
  await page.getByRole('textbox', { name: 'Measured at' }).fill('13:50');
  await page.getByRole('textbox', { name: 'Left' }).fill('2.4 L');
  await expect(page.getByText(/^2.4 L left at 13:50: enough, .* over$/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Left' }).fill('1 L');
  await expect(page.getByText(/1 L left at 13:50: Cold flower would run short/)).toBeVisible();
  await expect(saved(page)).toBeVisible();
});

test('on stage the level is measured, and says whether it lasts; no key slips through to the show', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  const measure = page.getByRole('button', { name: 'Measure what is left of Liquid nitrogen' });
  await measure.click();
  await page.getByRole('textbox', { name: 'Left now' }).fill('3 pieces');
  await page.getByRole('button', { name: 'Save what is left' }).click();
  await refuses(page.getByRole('textbox', { name: 'Left now' }), /a volume/);
  await page.getByRole('textbox', { name: 'Left now' }).fill('2.9 L');
  await page.getByRole('button', { name: 'Save what is left' }).press('Space');
  await expect(measure).toHaveText(/^2.9 L left at \d\d:\d\d: enough, .* over$/);
  await measure.click();
  await page.getByRole('textbox', { name: 'Left now' }).fill('1');
  await page.keyboard.press('Enter');
  await expect(measure).toHaveText(/1 L left at .*: Cold flower would run short/);
  await expect(page.getByText(/^step 1 of/)).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/kit');
  await expect(page.getByText(/1 L left at/)).toBeVisible();
});

test('what is short says who takes it before, and what to mix instead', async ({ page, demo }) => {
  await page.goto(demo.url + LITTLE + '/kit');
  await expect(page.getByText(/^△ \d+ things short: /)).toBeVisible();
  await page.getByRole('button', { name: /Hydrogen peroxide 3 %.*short/ }).click();
  await expect(page.getByText(/goes to Harbour Light Festival before/)).toBeVisible();
  await expect(page.getByText(/Instead: Hydrogen peroxide 9 % \(500 mL there\)/)).toBeVisible();
  await expect(
    page.getByText(/of water in the jug first, then .* of Hydrogen peroxide 9 %/),
  ).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Label for the bottle' }).click();
  expect((await download).suggestedFilename()).toBe('labels.pdf');
  await page.getByRole('link', { name: 'Order them' }).click();
  await expect(page.getByRole('checkbox', { name: 'Buy for Little Hollin evening' })).toBeChecked();
  await expect(
    page.getByRole('checkbox', { name: 'Buy for Hollin science day' }),
  ).not.toBeChecked();
});

test('after a show what was used is put right and taken out of the store, and can be put back', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url);
  await page.getByRole('link', { name: 'What Hollin School morning used' }).click();
  const used = page.getByRole('textbox', { name: 'Used of Empty drinks can' });
  await expect(used).toHaveValue('2');
  await used.fill('2 mL');
  await refuses(used, /pieces/);
  await expect(page.getByRole('button', { name: 'Take it out of the store' })).toBeDisabled();
  await used.fill('400');
  await page.getByRole('textbox', { name: 'Used of Liquid nitrogen' }).fill('0 mL');
  await page.getByRole('textbox', { name: 'Used of Cut flower' }).fill('0');
  await page.getByRole('button', { name: 'Take it out of the store' }).click();
  await expect(
    page.getByText(/It is more Empty drinks can than the store has \(10\)/),
  ).toBeVisible();
  await expect(used).toHaveValue('400');
  await used.fill('3');
  await page.getByRole('button', { name: 'Take it out of the store' }).click();
  await expect(page.getByText('✓ Taken out of the store.')).toBeVisible();
  await page.goto(demo.url);
  await expect(page.getByRole('link', { name: 'What Vay Lifeboat open day used' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'What Hollin School morning used' })).toBeHidden();
  await page.goto(demo.url + '/store/items/drink-can');
  await expect(page.getByText('taken out · Hollin School morning')).toBeVisible();
  await page.goto(demo.url + '/shows/hollin-school-morning/after');
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('button', { name: 'Take it out of the store' })).toBeVisible();
});
