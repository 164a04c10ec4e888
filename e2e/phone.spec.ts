/** With a thumb: dragging a card by touch, and performing on a phone held upright. */
import { FESTIVAL, expect, saved, test } from './stage';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('a card is dragged by touch', async ({ page, context, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  const order = page.getByRole('region', { name: 'Running order' });
  await expect(order.locator('strong')).toHaveCount(9);
  const handle = page.getByRole('button', { name: 'Move Slow-falling magnet, number 2' });
  const from = await handle.boundingBox();
  const to = await page
    .getByRole('button', { name: 'Move Smoke-ring drum, number 1' })
    .boundingBox();
  if (!from || !to) throw new Error('The cards are not there');
  const touch = await context.newCDPSession(page);
  const x = from.x + 20;
  const at = (y: number): { touchPoints: { x: number; y: number }[] } => ({
    touchPoints: [{ x, y }],
  });
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', ...at(from.y + 20) });
  for (let k = 1; k <= 8; k++)
    await touch.send('Input.dispatchTouchEvent', {
      type: 'touchMove',
      ...at(from.y + 20 + ((to.y - from.y - 10) * k) / 8),
    });
  await expect(
    page.getByRole('button', { name: 'Move Slow-falling magnet, number 1' }),
  ).toBeVisible();
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await expect(order.locator('strong').first()).toHaveText('Slow-falling magnet');
  await expect(saved(page)).toBeVisible();
});

test('performed with one thumb: every button big enough, nothing off the side', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).tap();
  await page.getByRole('button', { name: /^Start/ }).tap();
  const now = page.getByRole('region', { name: 'Now' });
  await page.getByRole('button', { name: 'Said' }).tap();
  await expect(now.getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
  await page.getByRole('button', { name: /^Done/ }).tap();
  await expect(now.getByRole('heading', { name: 'One dry slap' })).toBeVisible();
  await page.getByRole('button', { name: /^Back/ }).tap();
  await expect(now.getByRole('heading', { name: 'Stand beside the drum' })).toBeVisible();
  for (const button of await page.getByRole('button').all()) {
    const box = await button.boundingBox();
    expect(box?.height).toBeGreaterThanOrEqual(48);
    expect(box?.width).toBeGreaterThanOrEqual(48);
  }
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await page.getByRole('button', { name: 'Choose what comes next' }).tap();
  await page.getByRole('button', { name: /^3 Foam fountain/ }).tap();
  await expect(now.getByRole('heading', { name: 'Foam fountain' })).toBeVisible();
  await page.getByRole('button', { name: /^Hold/ }).tap();
  await expect(page.getByText(/^Held/)).toBeVisible();
  await page.getByRole('button', { name: /^Go on/ }).tap();
  await expect(now.getByRole('heading', { name: 'Foam fountain' })).toBeVisible();
});
