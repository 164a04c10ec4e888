/** A whole night on stage, on a clock that is turned forward: what goes wrong, and what each way on costs. */
import type { Page } from '@playwright/test';
import { FESTIVAL, expect, later, onward, startAtTwo, test, pressKey } from './stage';

const now = (page: Page) => page.getByRole('region', { name: 'Now' });
const pace = (page: Page) => page.getByRole('region', { name: 'Pace' });
const foot = (page: Page) => page.locator('footer');

/** Goes to a slot by its number and the price that is told there. */
async function goTo(page: Page, number: number, name: string): Promise<void> {
  await pressKey(page, String(number));
  const dialog = page.getByRole('dialog', { name: 'Go to' });
  const entry = dialog.getByRole('button', { name: new RegExp(`^${number} ${name}`) });
  await expect(entry).toContainText(/ends \d\d:\d\d, \d+ of 10 in time/);
  await expect(entry).toHaveAttribute('aria-current', 'true');
  await pressKey(page, 'Space');
  await expect(dialog).toBeHidden();
  await expect(now(page).getByRole('heading', { name, level: 1 })).toBeVisible();
}

test('failure with both prices, a second go, a hold, a skip, out of order, and the end', async ({
  page,
  demo,
}) => {
  await startAtTwo(page, demo);
  // Right into the foam, which the helper has not made ready: what is missing, who has it, how long.
  await goTo(page, 3, 'Foam fountain');
  await expect(now(page)).toContainText('not begun');
  await expect(now(page)).toContainText(/Set tray and cylinder, Jo, \d:\d\d more/);
  await later(page, demo, 240);
  await foot(page)
    .getByRole('button', { name: /^Said|^Begin now/ })
    .first()
    .click();
  await expect(now(page)).toContainText(/step 1 of 4/);

  await pressKey(page, 'x');
  await expect(now(page).getByRole('heading', { name: 'didn’t work' })).toBeVisible();
  const on = now(page).getByRole('region', { name: 'Move on' });
  const again = now(page).getByRole('region', { name: 'Again' });
  for (const way of [on, again]) await expect(way).toContainText(/ends 14:\d\d.*of 10 in time/);
  // A fresh set is stirred and soaked, and the table wiped: that is dead air, with who does it.
  await expect(again).toContainText(/\d:\d\d of dead air, no set left/);
  await expect(again).toContainText('your rule says');
  const told = page.getByRole('img', { name: 'Planned against tonight' });
  await expect(told).toContainText('move on');
  await expect(told).toContainText('again');
  await pressKey(page, 'r');
  await expect(now(page)).toContainText('not begun');
  await expect(now(page)).toContainText('Stir the yeast into warm water');

  // Held: the show’s clock stands still, and the pace with it; the end does not.
  const before = (await pace(page).textContent()) ?? '';
  await pressKey(page, 'h');
  await expect(now(page).getByRole('alert')).toContainText('Held');
  await later(page, demo, 120);
  await expect(now(page).getByRole('alert')).toContainText('Held 2:');
  await expect(pace(page)).not.toHaveText(before);
  await onward(page);
  await expect(now(page).getByRole('heading', { name: 'Foam fountain', level: 1 })).toBeVisible();

  await foot(page).getByRole('button', { name: /^Skip/ }).click();
  await expect(now(page).getByRole('heading', { name: 'Foam fountain' })).toBeHidden();
  // On to the dome: the same table is wet, which protects somebody. It is a gate.
  await goTo(page, 5, 'Static dome');
  const gate = foot(page).getByRole('button', { name: /^Closed: .*Hold to go past/ });
  await expect(gate).toBeVisible();
  await onward(page);
  await expect(now(page)).toContainText('not begun');
  await gate.click();
  await expect(page.getByRole('dialog')).toBeHidden();
  // Held long enough, it asks for a name; without one it stays closed.
  await page.keyboard.down('p');
  await page.clock.fastForward(1500);
  await page.keyboard.up('p');
  const pass = page.getByRole('dialog', { name: /^Begin Static dome all the same/ });
  await expect(pass).toContainText('The name goes into the log');
  await pass.getByRole('button', { name: 'Keep it closed' }).click();
  await expect(gate).toBeVisible();
  await page.keyboard.down('p');
  await page.clock.fastForward(1500);
  await page.keyboard.up('p');
  await pass.getByRole('button', { name: 'Jo' }).click();
  await expect(
    foot(page)
      .getByRole('button', { name: /^Begin now|^Done/ })
      .first(),
  ).toBeVisible();

  // Out of order to the last one, and to the end.
  await goTo(page, 9, 'Cloud burst');
  for (let left = 0; left < 9; left++) {
    if (await page.getByText('That was the last one').isVisible()) break;
    const name = (await now(page).getByRole('heading', { level: 1 }).textContent()) ?? '';
    await foot(page).getByRole('button', { name: /^Skip/ }).click();
    await expect(now(page).getByRole('heading', { name, level: 1 })).toBeHidden();
  }
  await expect(page.getByText('That was the last one')).toBeVisible();
  await onward(page);
  await expect(foot(page).getByRole('button', { name: 'To the write-up' })).toBeVisible();
  // Finish can be taken back.
  await foot(page)
    .getByRole('button', { name: /^Not finished yet/ })
    .click();
  await expect(page.getByText('That was the last one')).toBeVisible();
  await onward(page);
  await foot(page).getByRole('button', { name: 'To the write-up' }).click();
  // Who went past the gate is in the log.
  const passed = page.getByRole('list', { name: 'Begun past a closed gate' });
  await expect(passed.getByRole('listitem')).toContainText(/Static dome.*foam.*Jo/);
});

test('little time and many to go: what is left is listed, one key each', async ({ page, demo }) => {
  await startAtTwo(page, demo);
  await later(page, demo, 2160);
  const left = page.getByRole('complementary', { name: 'Left to do' });
  await expect(left.getByRole('button')).toHaveCount(8);
  await expect(left.getByRole('button', { name: /Balancing forks/ })).toContainText('2:40');
  await pressKey(page, '8');
  await expect(now(page).getByRole('heading', { name: 'Balancing forks', level: 1 })).toBeVisible();
});

test('begun 38 minutes late: behind the booking, and the hard finish moves in one press only', async ({
  page,
  demo,
}) => {
  const late = new Date();
  late.setHours(14, 38, 0, 0);
  demo.turnClock(late.getTime() - Date.now());
  await page.clock.install({ time: late });
  const api = `${demo.url}/api${FESTIVAL}`;
  const { checks } = (await (await page.request.get(`${api}/checks`)).json()) as {
    checks: { key: string; holds: boolean; measures: { least: number | null } | null }[];
  };
  for (const { key, measures } of checks.filter(({ holds }) => holds))
    await page.request.put(`${api}/checks/${key}`, {
      data: { state: 'done', reason: '', value: measures?.least ?? null, by: 'jo' },
    });
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Open stage view' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  await expect(pace(page)).toContainText(/38:\d\d behind the booking/);
  await expect(pace(page)).toContainText('on time on the plan’s pace');
  const told = page.getByRole('img', { name: 'Planned against tonight' });
  await expect(told).toContainText('hard finish 14:40');
  await pressKey(page, 'f');
  await expect(told).toContainText('hard finish 15:18');
  // What is over then is what the plan was over already.
  await expect(pace(page)).toContainText(/ [1-5] min \d+ s over/);
});

test('a rehearsal without anything in hand runs by itself, and says what it came to', async ({
  page,
  demo,
}) => {
  test.setTimeout(120_000);
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse with trouble' }).click();
  await page.getByRole('button', { name: '16×' }).click();
  await expect(foot(page).getByRole('button', { name: /^Goes by itself/ })).toBeDisabled();
  const result = page.getByText('Knowing all beforehand');
  // Everything is skipped: what is decided is as on the night.
  const skip = foot(page).getByRole('button', { name: /^Skip/ });
  await expect(async () => {
    if (!(await result.isVisible())) {
      // By its key: at 16× the button can be gone between being seen and being pressed.
      if (await skip.isVisible()) await pressKey(page, 's');
      else await onward(page);
    }
    await expect(result).toBeVisible({ timeout: 200 });
  }).toPass({ timeout: 90_000, intervals: [10] });
  await expect(page.getByText(/^worth 0 of \d+; not seen: /)).toBeVisible();
  await expect(page.getByRole('button', { name: 'The same evening once more' })).toBeVisible();
  // It is no evidence of how a demo goes: nothing of it is kept.
  await page.goto(demo.url + FESTIVAL + '/after');
  await expect(page.getByText('Not performed yet')).toBeVisible();
});

test('a time that a forgotten press made is put right afterwards, or doubted', async ({
  page,
  demo,
}) => {
  await startAtTwo(page, demo);
  await expect(foot(page).getByRole('button', { name: /^Done/ })).toBeVisible();
  await later(page, demo, 961);
  await foot(page).getByRole('button', { name: /^Done/ }).click();
  await expect(now(page)).toContainText('step 2 of 5');
  await expect(page.getByText('unsent')).toBeHidden();
  await page.goto(demo.url + FESTIVAL + '/after');
  const times = page.getByRole('region', { name: 'Times of the steps' });
  const line = times.getByRole('listitem').filter({ hasText: 'planned 0:50' });
  await expect(line).toContainText('△');
  await line.getByRole('button', { name: 'Put right' }).click();
  await line.getByLabel('It took').fill('soon');
  await line.getByRole('button', { name: 'Save' }).click();
  await expect(line).toContainText('Give minutes and seconds, such as 0:31');
  await line.getByLabel('It took').fill('0:52');
  await line.getByRole('button', { name: 'Save' }).click();
  await expect(line).toContainText(/0:52, planned 0:50, pressed 16:\d\d/);
  await line.getByRole('button', { name: 'Doubtful' }).click();
  await expect(line).toContainText('doubtful: not learned from');
});
