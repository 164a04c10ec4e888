/** What is where on stage: nothing jumps, nothing is cut, nothing is covered; and what a clicker does to it. */
import type { Page } from '@playwright/test';
import type { Demo } from '../core/repertoire/types';
import { FESTIVAL, expect, later, onward, startAtTwo, test, pressKey } from './stage';

const now = (page: Page) => page.getByRole('region', { name: 'Now' });
const foot = (page: Page) => page.locator('footer');

/** Where things are, in pixels from the top; null for what is not there. */
const layout = (page: Page) =>
  page.evaluate(() => {
    const box = (element: Element | null | undefined) => element?.getBoundingClientRect() ?? null;
    const section = document.querySelector('section[aria-label="Now"]');
    const labels = [...(section?.querySelectorAll('div') ?? [])];
    const then = labels.find((one) => one.childElementCount === 0 && one.textContent === 'Then');
    const told = then?.parentElement?.lastElementChild;
    const words = box(told);
    const inner = told?.firstElementChild;
    return {
      name: section?.querySelector('h1')?.textContent ?? '',
      step: section?.querySelector('h2')?.textContent ?? '',
      head: box(section?.querySelector('h1'))?.top ?? null,
      then: words && { top: words.top, bottom: words.bottom, height: words.height },
      // Pixels of it that are cut off: a line is some twenty.
      cut:
        inner && getComputedStyle(inner).overflowY === 'hidden'
          ? inner.scrollHeight - inner.clientHeight
          : 0,
      foot: box(document.querySelector('footer'))?.top ?? 0,
      over: document.documentElement.scrollHeight - window.innerHeight,
    };
  });

test('through the whole show, what comes then is in view, and neither the head nor the foot ever moves', async ({
  page,
  demo,
}) => {
  test.setTimeout(180_000);
  await startAtTwo(page, demo);
  const first = await layout(page);
  const seen = new Set<string>();
  const last = page.getByText('That was the last one');
  for (let press = 0; press < 90 && !(await last.isVisible()); press++) {
    // What it is called now: begun, or waited for.
    await expect(page.locator('.told').first()).toHaveCSS('opacity', '1');
    const at = await layout(page);
    seen.add(`${at.name}/${at.step}`);
    const where = `${at.name}: ${at.step}`;
    expect(at.foot, where).toBe(first.foot);
    expect(at.head, where).toBe(first.head);
    expect(at.over, where).toBe(0);
    expect(at.then?.height ?? 0, where).toBeGreaterThan(20);
    expect(at.cut, where).toBeLessThan(4);
    expect(at.then?.bottom ?? Infinity, where).toBeLessThanOrEqual(at.foot);
    // What is not ready is waited for.
    await later(page, demo, 45);
    await expect(page.locator('.told').first()).toHaveCSS('opacity', '1');
    await onward(page);
    await expect
      .poll(async () => {
        const after = await layout(page);
        return (
          (await last.isVisible()) || `${after.name}/${after.step}` !== `${at.name}/${at.step}`
        );
      })
      .toBe(true);
  }
  await expect(last).toBeVisible();
  expect(seen.size).toBeGreaterThan(35);
  const came = page.getByRole('list', { name: 'What it came to' }).getByRole('listitem');
  await expect(came).toHaveCount(9);
  await expect(came.first()).toContainText('✓ worked');
});

/** At the step of the can that is watched for steam, with the steam seen. */
async function atTheSign(page: Page): Promise<void> {
  await pressKey(page, 'g');
  await page.getByRole('button', { name: /Crushed can/ }).click();
  await expect(now(page)).toContainText('not begun');
  await onward(page);
  for (const press of [/^Said/, /^Done/, /^On/])
    await page.getByRole('button', { name: press }).first().click();
  await page.getByRole('button', { name: 'Seen: first steam (T)' }).click();
  await expect(page.getByRole('timer', { name: 'Since first steam' })).toBeVisible();
}

test('on a phone the window to act in is above Done, and on its side the step is there', async ({
  page,
  demo,
}) => {
  await startAtTwo(page, demo);
  await atTheSign(page);
  const timer = page.getByRole('timer', { name: 'Since first steam' });
  const done = foot(page).getByRole('button', { name: /^Done/ });
  for (const [width, height] of [
    [390, 844],
    [844, 390],
    [1280, 800],
  ] as const) {
    await page.setViewportSize({ width, height });
    const step = now(page).getByRole('heading', { level: 2 });
    await expect(step).toBeInViewport({ ratio: 1 });
    const above = await Promise.all([step.boundingBox(), done.boundingBox()]);
    expect((above[0]?.y ?? 0) + (above[0]?.height ?? 0)).toBeLessThanOrEqual(above[1]?.y ?? 0);
    if (height < 500) continue;
    const [bar, button] = await Promise.all([
      timer.locator('svg').boundingBox(),
      done.boundingBox(),
    ]);
    expect((bar?.y ?? Infinity) + (bar?.height ?? 0)).toBeLessThanOrEqual(button?.y ?? 0);
  }
});

test('a clicker that bounces presses once; pressed again later, twice', async ({ page, demo }) => {
  await startAtTwo(page, demo);
  const clicked = (times: number): Promise<void> =>
    page.evaluate((count) => {
      for (let i = 0; i < count; i++) {
        const key = { key: 'PageDown', bubbles: true, cancelable: true };
        document.body.dispatchEvent(new KeyboardEvent('keydown', key));
        document.body.dispatchEvent(new KeyboardEvent('keyup', key));
      }
    }, times);
  await clicked(3);
  await expect(now(page)).toContainText('step 2 of 5');
  await later(page, demo, 1);
  await clicked(2);
  await expect(now(page)).toContainText('step 3 of 5');
  await expect(page.getByText('unsent')).toBeHidden();
  const id = new URL(page.url()).searchParams.get('run') ?? '';
  const run = (await (await page.request.get(`${demo.url}/api/runs/${id}`)).json()) as {
    events: { kind: string }[];
  };
  expect(run.events.map(({ kind }) => kind)).toEqual(['start', 'part', 'done', 'done']);
});

test('cut off, it says so in the top line and covers nothing', async ({ page, demo }) => {
  await startAtTwo(page, demo);
  const before = await layout(page);
  await demo.kill();
  const said = page.getByText('△ Cut off');
  await expect(said).toBeVisible();
  await onward(page);
  await expect(said).toContainText('on this device, 1 unsent');
  const box = await said.boundingBox();
  expect((box?.y ?? Infinity) + (box?.height ?? 0)).toBeLessThan(before.head ?? 0);
  const after = await layout(page);
  expect([after.head, after.foot]).toEqual([before.head, before.foot]);
  await demo.restart();
  await expect(said).toBeHidden();
});

test('a very long step is there to its last word at a table’s distance', async ({ page, demo }) => {
  const url = `${demo.url}/api/demos/smoke-ring-drum`;
  const drum = (await (await page.request.get(url)).json()) as Demo;
  const long = {
    do: 'Turn the drum towards the third row on the left, wait until the whole hall has seen where it points, then slap it once with a flat and dry hand',
    say: 'This barrel holds nothing but air, and yet it will put out a candle at the far end of this hall. Who believes me? Who does not?',
    cue: 'Hands up, everybody who thinks they will feel it before they hear it',
    careful: 'Nobody within two metres of the skin, and never towards the candles.',
  };
  const methods = drum.methods.map((method) => ({
    ...method,
    tasks: method.tasks.map((task) => (task.phase === 'perform' ? { ...task, ...long } : task)),
  }));
  const name = 'The very large smoke-ring drum that came over on the early ferry';
  expect((await page.request.put(url, { data: { ...drum, name, methods } })).ok()).toBe(true);
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  await expect(now(page)).toContainText('There will be stage smoke');
  await onward(page);
  await expect(now(page).getByRole('heading', { level: 2 })).toHaveText(long.do);
  for (const words of [long.do, `“${long.say}”`, long.cue, long.careful])
    await expect(now(page).getByText(words, { exact: false }).first()).toBeInViewport({ ratio: 1 });
  await expect(now(page).getByText('Then', { exact: true })).toBeInViewport({ ratio: 1 });
  const { cut, then, foot: below } = await layout(page);
  expect(cut).toBeLessThan(4);
  expect(then?.bottom ?? Infinity).toBeLessThanOrEqual(below);
});

test('before the start, what is worked out later moves no button from under a finger', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  const rehearse = page.getByRole('button', { name: 'Rehearse it' });
  await expect(rehearse).toBeVisible();
  const at = await rehearse.boundingBox();
  await expect(page.getByText(/^Ends about/)).toBeVisible();
  expect(await rehearse.boundingBox()).toEqual(at);
});
