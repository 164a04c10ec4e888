/** A newcomer on empty data: a running order out of one sentence, a demonstration as it is told, some of the library. */
import type { Page } from '@playwright/test';
import { expect, pick, test } from './stage';

/** Presses of the mouse and of keys, as somebody would have to make them. */
class Hands {
  clicks = 0;
  keys = 0;

  constructor(private readonly page: Page) {}

  async click(
    name: string | RegExp,
    role: 'button' | 'link' | 'textbox' | 'combobox' = 'button',
  ): Promise<void> {
    this.clicks++;
    await this.page.getByRole(role, { name }).first().click();
  }

  async type(text: string): Promise<void> {
    this.keys += text.length;
    await this.page.keyboard.type(text);
  }

  async press(key: string): Promise<void> {
    this.keys++;
    await this.page.keyboard.press(key);
  }
}

test('from nothing to a timed running order of five, out of one sentence', async ({
  page,
  own,
}) => {
  const hands = new Hands(page);
  await page.goto(own.url);
  await expect(
    page.getByRole('heading', { name: 'Nothing here yet. How do you want to begin?' }),
  ).toBeVisible();
  const sentence = page.getByRole('region', { name: 'A show on a date' });
  // What can’t be is told at its gap, and nothing is proposed for it.
  await hands.click('How long', 'textbox');
  await hands.press('Control+A');
  await hands.type('soon');
  await expect(sentence.getByRole('alert')).toHaveText('A length, such as 20 minutes');
  await hands.press('Control+A');
  await hands.type('20 min');
  await hands.click('Place', 'combobox');
  await hands.type('Vay Lifeboat Station');
  await hands.click('Who performs', 'textbox');
  await hands.type('Ines, Jo');
  await expect(sentence.getByText(/^Takes about \d+:\d\d of 20:00/)).toBeVisible({
    timeout: 60_000,
  });
  await expect(sentence.getByRole('img', { name: /^Proposed order: .+,.+,.+,.+/ })).toBeVisible();
  // What is in the order has its number on the shelf.
  const shelf = page.getByRole('region', { name: 'Starter library' });
  await expect(shelf.getByRole('listitem')).toHaveCount(41);
  await hands.click('Take this order');
  await page.waitForURL(/\/shows\/.+\/line-up$/);
  await expect(page.getByRole('heading', { name: 'Vay Lifeboat Station' })).toBeVisible();
  await expect(page.getByText(/^Ends about 14:\d\d/).first()).toBeVisible();
  expect(hands.clicks).toBeLessThanOrEqual(25);
  expect(hands.keys).toBeLessThanOrEqual(60);
  const shows = (await (await page.request.get(`${own.url}/api/shows`)).json()) as {
    id: string;
    slotCount: number;
  }[];
  expect(shows[0]?.slotCount).toBeGreaterThanOrEqual(5);
  // There is a packed list, and checks.
  await page.goto(`${own.url}/shows/${shows[0]?.id}/kit`);
  await expect(page.getByRole('main')).toContainText('Goggles');
  await page.goto(`${own.url}/people`);
  await expect(page.getByRole('heading', { name: 'Ines' })).toBeVisible();
});

test('a demonstration told in eight lines: understood as it is typed, asked about, kept, and got back', async ({
  page,
  own,
}) => {
  await page.goto(own.url);
  await page
    .getByLabel('A demo as you would tell it')
    .fill('Crushed can, with Peg\n0:10 pour 12 mL water into the can');
  await expect(page.getByRole('list', { name: 'Understood so far' })).toContainText(
    'Pour 12 mL water into the can',
  );
  await page.getByRole('button', { name: 'Write on, full page' }).click();
  const text = page.getByRole('textbox', { name: /a step a line/ });
  // What was typed came along.
  await expect(text).toHaveValue(/^Crushed can, with Peg/);
  await text.press('Control+End');
  await page.keyboard.type(
    '\nput it on the hot plate, wait about 3 min\nwhen steam -> 70-85 s\n0:05 flip it into the cold water\nbang! ears?\n1:20 explain\nclear: hot plate off, 1 min',
  );
  await expect(page.getByRole('heading', { name: 'Crushed can', exact: true })).toBeVisible();
  await expect(page.getByText('sign: steam, then wait 1:10 to 1:25')).toBeVisible();
  await page.getByRole('button', { name: 'Yes', exact: true }).click();
  await expect(text).toHaveValue(/bang! ears!/);
  await expect(page.getByText('Cover your ears', { exact: true })).toBeVisible();
  // Kept through a reload, before it is anybody’s.
  await page.reload();
  await expect(text).toHaveValue(/bang! ears!/);
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.waitForURL(/\/demos\/(?!write)/);
  await expect(page.getByRole('heading', { name: 'Crushed can' })).toBeVisible();
  await expect(page.getByText('Flip it into the cold water').first()).toBeVisible();
  const [demo] = (await (await page.request.get(`${own.url}/api/demos`)).json()) as {
    id: string;
  }[];
  await page.goto(`${own.url}/demos/${demo?.id}/write`);
  // Word for word.
  await expect(text).toHaveValue(
    /^Crushed can, with Peg\n0:10 pour 12 mL water into the can\nput it on the hot plate, wait about 3 min\n/,
  );
  await expect(page.getByText('new in the store')).toBeHidden();
});

const FIVE = [
  'Tablecloth pull\n1 min lay cloth and three plates\npull straight down, 10 s\nexplain 1:00',
  'Spinning egg\nspin two eggs 0:40\nsay: Which one is raw?\nstop both, let go 0:30\nexplain 0:50',
  'Foil boat\nfill the bowl 1:00\nfold a boat 1:30\nsay: How many coins?\nload 30 coins 2:00\nclear: dry up 1:00',
  'Cup phone\nhelper holds the far cup\nwhisper 0:40\ncue: Hush\nexplain 1:10',
  'Ruler music\nclamp the ruler 0:30\npluck it, 3 lengths 1:00\nsay: Shorter is higher.\nall hum along 1:00',
];

test('five demonstrations written from nothing, and a show of them', async ({ page, own }) => {
  const hands = new Hands(page);
  await page.goto(`${own.url}/demos`);
  for (const [i, text] of FIVE.entries()) {
    if (i > 0) await hands.click('Demos', 'link');
    await hands.click('Write one as text');
    await hands.click(/a step a line/, 'textbox');
    await hands.type(text);
    await hands.click('Keep it');
    await page.waitForURL(/\/demos\/(?!write)/);
  }
  expect(hands.clicks).toBeLessThanOrEqual(60);
  expect(hands.keys).toBeLessThanOrEqual(900);
  const demos = (await (await page.request.get(`${own.url}/api/demos`)).json()) as {
    name: string;
    showSeconds: number;
  }[];
  expect(demos.map(({ name, showSeconds }) => [name, showSeconds])).toEqual([
    ['Cup phone', 140],
    ['Foil boat', 210],
    ['Ruler music', 120],
    ['Spinning egg', 120],
    ['Tablecloth pull', 70],
  ]);
  await hands.click('Today', 'link');
  await expect(page.getByRole('heading', { name: /^No show yet/ })).toBeVisible();
  await hands.click('Who performs', 'textbox');
  await hands.type('Ines, Jo');
  await expect(page.getByRole('img', { name: /^Proposed order/ })).toBeVisible({ timeout: 60_000 });
});

test('from nothing to a running order by keys alone', async ({ page, own }) => {
  await page.goto(own.url);
  const tabTo = async (name: RegExp): Promise<void> => {
    for (let i = 0; i < 60; i++) {
      await page.keyboard.press('Tab');
      const label = await page.evaluate(() => {
        const focused = document.activeElement as HTMLElement | null;
        return focused?.getAttribute('aria-label') ?? focused?.innerText ?? '';
      });
      if (name.test(label)) return;
    }
    throw new Error(`Nothing is called ${String(name)}`);
  };
  await expect(page.getByRole('region', { name: 'A show on a date' })).toBeVisible();
  await tabTo(/^Skip to the page$/);
  await page.keyboard.press('Enter');
  await expect(page.locator('#content')).toBeFocused();
  await tabTo(/^Place$/);
  await page.keyboard.type('Boat shed');
  await tabTo(/^Who performs$/);
  await page.keyboard.type('Ines, Jo');
  await expect(page.getByRole('button', { name: 'Take this order' })).toBeVisible({
    timeout: 60_000,
  });
  // Pressed before the new order is there, that one is taken.
  await tabTo(/^Take this order$/);
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/line-up$/);
  await expect(page.getByText(/^Ends about/).first()).toBeVisible();
});

test('a demonstration without kit, in an empty store, is opened as text too', async ({
  page,
  own,
}) => {
  await page.goto(`${own.url}/demos/write`);
  const text = page.getByRole('textbox', { name: /a step a line/ });
  await text.fill('Riddle\nask it 1:00');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.waitForURL(/\/demos\/(?!write)/);
  await page.goto(`${page.url()}/write`);
  await expect(text).toHaveValue('Riddle\nask it 1:00');
});

test('while it is written: its hazards are looked at, its look is chosen, and it is drawn in time', async ({
  page,
  own,
}) => {
  await page.goto(`${own.url}/demos/write`);
  const text = page.getByRole('textbox', { name: /a step a line/ });
  await text.fill('Quick foam\nwarm the kettle 2 min\npour 12 mL peroxide 0:30\nears!\nbang');
  const hazards = page.getByRole('region', { name: 'Hazards to look at' });
  await expect(hazards).toContainText('Loud“Pour 12 mL peroxide”');
  await hazards.getByRole('button', { name: 'Take on: Loud' }).click();
  await hazards.getByRole('button', { name: 'Take on: Splashes' }).click();
  await expect(hazards.getByRole('button', { name: 'Taken on: Splashes' })).toBeVisible();
  await page.getByRole('button', { name: 'Change its look' }).click();
  const look = page.getByRole('dialog', { name: 'Its look' });
  await look.getByRole('button', { name: 'Bottle', exact: true }).click();
  await look.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('region', { name: 'In time' })).toContainText(
    '1:00 before the audience',
  );
  // Closed by mistake: everything said of it is still there.
  await page.reload();
  await expect(hazards.getByRole('button', { name: 'Taken on: Loud' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.waitForURL(/\/demos\/(?!write)/);
  const id = page.url().split('/').at(-1) ?? '';
  const kept = (await (await page.request.get(`${own.url}/api/demos/${id}`)).json()) as {
    face: { vessel: string } | null;
    methods: { hazards: { kind: string }[] }[];
  };
  expect(kept.face).toMatchObject({ vessel: 'bottle', figure: null });
  expect(kept.methods[0]?.hazards.map(({ kind }) => kind).toSorted()).toEqual(['loud', 'splash']);
  // The next one begins with nothing of it.
  await page.goto(`${own.url}/demos/write`);
  await expect(text).toHaveValue('');
});

test('the library is looked through, read, and taken from; what is taken is one’s own', async ({
  page,
  own,
}) => {
  await page.goto(`${own.url}/demos`);
  await expect(page.getByText('0 here, 41 more in the starter library')).toBeVisible();
  await page.getByLabel('Search').fill('balloon');
  const all = page.getByRole('list', { name: 'Demonstrations' });
  await expect(all.getByRole('listitem').filter({ hasText: 'Skewered balloon' })).toBeVisible();
  await expect(all.getByText('Foam fountain')).toBeHidden();
  await page.getByRole('button', { name: 'All', exact: true }).click();
  await page.getByRole('checkbox', { name: 'Take Foam fountain' }).check();
  await page.getByRole('checkbox', { name: 'Take Skewered balloon' }).check();
  await page.getByRole('button', { name: 'Take 2 demos' }).click();
  await expect(page.getByText('2 here, 39 more in the starter library')).toBeVisible();
  await pick(page.getByRole('combobox', { name: 'Whose' }), 'yours');
  await expect(all.getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'All', exact: true }).click();
  // One is read before it is taken.
  await all.getByRole('link', { name: /Clock in a glass/ }).click();
  await expect(page.getByText('Vitamin C uses up the iodine')).toBeVisible();
  await page.getByRole('button', { name: 'Take it' }).click();
  await page.waitForURL(/\/demos\/glass-clock$/);
  await expect(page.getByRole('heading', { name: 'Clock in a glass' })).toBeVisible();
});
