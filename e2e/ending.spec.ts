/** One figure of when a show ends, the same wherever it is told. */
import type { Locator } from '@playwright/test';
import { FESTIVAL, expect, pick, saved, test } from './stage';

interface Ending {
  about: string;
  by: string;
}

/** “14:41” and “14:44” of the sentence that stands there. */
async function told(where: Locator): Promise<Ending> {
  await expect(where).toContainText(/ends about \d\d:\d\d/i);
  const all = (await where.textContent()) ?? '';
  return {
    about: /ends about (\d\d:\d\d)/i.exec(all)?.[1] ?? '',
    by: /by (\d\d:\d\d) in \d+ of \d+/.exec(all)?.[1] ?? '',
  };
}

test('line-up, Today, the list of shows, the wings, paper and diary tell the same end', async ({
  page,
  demo,
  request,
}) => {
  await page.goto(demo.url + FESTIVAL + '/line-up');
  const lineup = await told(page.getByRole('main'));
  expect(lineup.about).toMatch(/^14:4\d$/);
  expect(lineup.by > lineup.about).toBe(true);
  await page.getByRole('button', { name: 'What to leave out' }).click();
  await expect(page.getByRole('dialog')).toContainText(
    `half about ${lineup.about}, nine in ten by ${lineup.by};`,
  );
  for (const [path, where] of [
    ['/', page.getByRole('main')],
    ['/shows', page.getByRole('link', { name: /Harbour Light Festival/ })],
    [FESTIVAL + '/on-stage', page.getByRole('main')],
  ] as const) {
    await page.goto(demo.url + path);
    await expect.poll(() => told(where), { message: path }).toEqual(lineup);
  }
  const csv = await (await request.get(`${demo.url}/api${FESTIVAL}/running-order.csv`)).text();
  expect(csv).toContain(`"Ends about ${lineup.about}, by ${lineup.by} in 9 of 10"`);
  const diary = await (await request.get(`${demo.url}/api${FESTIVAL}/calendar.ics`)).text();
  expect(diary.replace(/\r\n /g, '')).toContain(
    `Ends about ${lineup.about}\\, by ${lineup.by} in 9 of 10`,
  );
});

test('what the end is held against is set in one place, and followed everywhere', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/store/units');
  await pick(page.getByRole('combobox', { name: 'Ends in time in' }), '19 of 20');
  await expect(saved(page)).toBeVisible();
  for (const path of [FESTIVAL + '/line-up', '/', '/shows', FESTIVAL + '/on-stage']) {
    await page.goto(demo.url + path);
    await expect(page.getByText(/by 14:4\d in 19 of 20/).first()).toBeVisible();
  }
});

test('the page times nothing itself: a card that is dropped stays where it is put at once', async ({
  page,
  demo,
  request,
}) => {
  const scripts = new Set<string>();
  page.on('request', (asked) => {
    if (asked.url().endsWith('.js')) scripts.add(asked.url());
  });
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await told(page.getByRole('main'));
  // A sentence of the search that is nowhere else.
  const hasEngine = async (url: string): Promise<boolean> =>
    (await (await request.get(url)).text()).includes('What the solver finds keeps all its edges');
  const withEngine: string[] = [];
  for (const url of scripts) if (await hasEngine(url)) withEngine.push(url);
  expect(withEngine.length).toBeGreaterThan(0);
  for (const url of withEngine) expect(url).toMatch(/worker[^/]*$/);

  const cards = page.getByRole('region', { name: 'Running order' }).locator('strong');
  const before = await cards.allTextContents();
  await page.getByRole('button', { name: 'Move Static dome, number 5' }).focus();
  const held = page.getByRole('button', { name: /^Move Static dome, number/ });
  await page.keyboard.press('Space');
  await expect(held).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('ArrowDown');
  await expect(held).toHaveAccessibleName('Move Static dome, number 6');
  await page.keyboard.press('Space');
  const after = [...before.slice(0, 4), before[5], before[4], ...before.slice(6)];
  await expect.poll(() => cards.allTextContents()).toEqual(after);
  await expect(saved(page)).toBeVisible();
  expect(await cards.allTextContents()).toEqual(after);
});
