/** Accessibility on every main view, day and night, and use at the width of a phone. */
import AxeBuilder from '@axe-core/playwright';
import { FESTIVAL, expect, test } from './stage';

const VIEWS = [
  '/',
  '/shows',
  '/demos',
  '/demos/static-dome',
  '/store',
  '/venues',
  '/people',
  `${FESTIVAL}/brief`,
  `${FESTIVAL}/line-up`,
  `${FESTIVAL}/kit`,
  `${FESTIVAL}/ready`,
  `${FESTIVAL}/on-stage`,
  '/shows/vay-open-day/after',
];

for (const mode of ['day', 'night'] as const) {
  test(`by ${mode}, nothing serious or critical on any main view`, async ({ page, demo }) => {
    test.setTimeout(180_000);
    await page.addInitScript(
      (state) => localStorage.setItem('hearty-stage-preferences', state),
      JSON.stringify({ state: { mode, me: 'ines' }, version: 0 }),
    );
    for (const view of VIEWS) {
      await page.goto(demo.url + view);
      await expect(page.locator('main h1, main h2').first()).toBeVisible();
      await expect(page.locator('[aria-busy]')).toHaveCount(0);
      const { violations } = await new AxeBuilder({ page }).analyze();
      const bad = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
      expect(bad.map((v) => `${view}: ${v.id} ${v.nodes[0]?.html ?? ''}`)).toEqual([]);
    }
  });
}

test('on stage, nothing serious or critical either', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  await expect(page.getByRole('region', { name: 'Now' })).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  const bad = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  expect(bad.map((v) => `${v.id} ${v.nodes[0]?.html ?? ''}`)).toEqual([]);
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
