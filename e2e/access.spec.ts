/** Accessibility on every main view, day and night, and use at the width of a phone. */
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { FESTIVAL, expect, test } from './stage';

const VIEWS = [
  '/',
  '/shows',
  '/demos',
  '/demos/static-dome',
  '/store',
  '/store/items/peroxide-9',
  '/store/shopping',
  '/store/boxes',
  '/store/bring-in',
  '/store/units',
  `${FESTIVAL}/pack`,
  '/venues',
  '/bench/will-it-light',
  '/people',
  '/backups',
  `${FESTIVAL}/brief`,
  `${FESTIVAL}/line-up`,
  `${FESTIVAL}/kit`,
  `${FESTIVAL}/ready`,
  '/shows/little-hollin-evening/ready',
  `${FESTIVAL}/on-stage`,
  '/shows/vay-open-day/after',
];

/** What is serious or critical on the page as it stands. By night only colours differ from the day. */
async function bad(page: Page, where: string, onlyContrast = false): Promise<string[]> {
  const axe = new AxeBuilder({ page });
  if (onlyContrast) axe.withRules(['color-contrast']);
  const { violations } = await axe.analyze();
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${where}: ${v.id} ${v.nodes[0]?.html ?? ''}`);
}

/** Short enough for one test each, so that they run side by side. */
const GROUPS = Array.from({ length: 4 }, (_, i) => VIEWS.filter((_view, v) => v % 4 === i));

for (const mode of ['day', 'night'] as const)
  GROUPS.forEach((views, i) => {
    test(`by ${mode}, nothing serious or critical on any main view (${i + 1} of ${GROUPS.length})`, async ({
      page,
      demo,
    }) => {
      await page.addInitScript(
        (state) => localStorage.setItem('hearty-stage-preferences', state),
        JSON.stringify({ state: { mode, me: 'ines' }, version: 0 }),
      );
      for (const view of views) {
        await page.goto(demo.url + view);
        await expect(page.locator('main h1, main h2').first()).toBeVisible();
        await expect(page.locator('[aria-busy]')).toHaveCount(0);
        expect(await bad(page, view, mode === 'night')).toEqual([]);
      }
    });
  });

test('nor where something is open: fields in place, cards, menus', async ({ page, demo }) => {
  const fine = async (where: string): Promise<void> => expect(await bad(page, where)).toEqual([]);
  await page.goto(demo.url + '/demos/crushed-can');
  for (const what of ['what it shows', 'the kit', 'the hazards', 'the settings'])
    await page.getByRole('button', { name: `Edit ${what}` }).click();
  await page.getByRole('button', { name: 'Edit “Watch the can for steam”' }).click();
  await fine('a demo being edited');
  await page.goto(demo.url + `${FESTIVAL}/line-up`);
  await page.getByRole('button', { name: /^Foam fountain/ }).click();
  await fine('an open card');
  await page.getByRole('button', { name: 'Add a demo' }).click();
  await expect(page.getByRole('menuitem', { name: 'Static dome' })).toBeVisible();
  await fine('the menu of demos');
});

test('nor in open lines of kit, the list of keys and a waiver', async ({ page, demo }) => {
  const fine = async (where: string): Promise<void> => expect(await bad(page, where)).toEqual([]);
  await page.goto(demo.url + `${FESTIVAL}/kit`);
  await page.getByRole('button', { name: /Warm water/ }).click();
  await fine('an open line of kit');
  await page.getByRole('button', { name: 'By demo' }).click();
  await fine('kit by demo');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await fine('the keys');
  await page.goto(demo.url + `${FESTIVAL}/ready`);
  await page.getByRole('button', { name: 'Waive' }).first().click();
  await fine('a waiver');
});

test('on stage, nothing serious or critical either', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  await expect(page.getByRole('region', { name: 'Now' })).toBeVisible();
  expect(await bad(page, 'on stage')).toEqual([]);
});

test('at 360 px nothing runs off the side', async ({ page, demo }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  for (const view of VIEWS) {
    await page.goto(demo.url + view);
    await expect(page.locator('main h1, main h2').first()).toBeVisible();
    await expect(page.locator('[aria-busy]')).toHaveCount(0);
    const wide = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect(`${view} ${wide}`).toBe(`${view} 0`);
  }
});
