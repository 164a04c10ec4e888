/** Accessibility on every main view, day and night, and use at the width of a phone. */
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { colliding, settled, tooSmall, tooWide, uncoloured } from './look';
import { FESTIVAL, expect, test } from './stage';

/** Looked at by one page after another: what the application is made of is compiled once for each list. */
const VIEWS = {
  'the season': [
    '/',
    '/shows',
    '/demos',
    '/demos/static-dome',
    '/demos/static-dome/write',
    '/demos/library/hoot-tube',
    '/demos/write',
    '/bench/calculators/will-it-light',
    '/bench/calculators/table',
    '/bench/trials',
    '/bench/trials/foam-yeast/question',
    '/bench/trials/foam-yeast/answer',
    '/bench/trials/can-wait/goes',
    '/venues',
    '/people',
    '/backups',
    '/shows/new',
  ],
  'the store': [
    '/store',
    '/store/items/peroxide-9',
    '/store/shopping',
    '/store/boxes',
    '/store/bring-in',
    '/store/units',
    `${FESTIVAL}/pack`,
  ],
  'a show': [
    `${FESTIVAL}/brief`,
    `${FESTIVAL}/line-up`,
    `${FESTIVAL}/kit`,
    `${FESTIVAL}/ready`,
    `${FESTIVAL}/ready/risks`,
    '/shows/little-hollin-evening/ready',
    `${FESTIVAL}/ready?stop=place/Centre%20table`,
    `${FESTIVAL}/script`,
    '/demos/foam-fountain/words',
    `${FESTIVAL}/shots`,
    `${FESTIVAL}/hand-out`,
    '/shows/hollin-science-day/class',
    `${FESTIVAL}/on-stage`,
    '/shows/vay-open-day/after',
  ],
  'the hall': [
    '/share',
    '/not-shared?to=/',
    '/light-and-sound',
    `${FESTIVAL}/cues`,
    `${FESTIVAL}/order`,
    `${FESTIVAL}/crew`,
    `${FESTIVAL}/confidence`,
    '/screen/harbour-light-festival',
  ],
};

/** What is serious or critical on the page as it stands. By night only colours differ from the day. */
async function bad(page: Page, where: string, onlyContrast = false): Promise<string[]> {
  // There are no frames in it, which the usual mode opens a page of its own for.
  // Only violations are looked at: all that passes need not be gathered and sent.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  if (onlyContrast) axe.withRules(['color-contrast']);
  const { violations } = await axe.analyze();
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${where}: ${v.id} ${v.nodes[0]?.html ?? ''}`);
}

/** As the button for it does, which the stage and the packing list leave out. */
async function toNight(page: Page): Promise<void> {
  const button = page.getByRole('button', { name: 'Switch to night' });
  if (await button.isVisible()) await button.click();
  else {
    await page.evaluate(() => {
      const key = 'hearty-stage-preferences';
      const kept = JSON.parse(localStorage.getItem(key) ?? '{}') as { state: object };
      localStorage.setItem(
        key,
        JSON.stringify({ ...kept, state: { ...kept.state, mode: 'night' } }),
      );
    });
    await page.reload();
    await settled(page);
  }
  await expect(page.locator(':root')).toHaveCSS('color-scheme', 'dark');
}

const PREFERENCES = JSON.stringify({ state: { mode: 'day', me: 'ines' }, version: 0 });

for (const [what, views] of Object.entries(VIEWS))
  test(`nothing serious or critical by day or night, and nothing runs off a phone: ${what}`, async ({
    page,
    demo,
  }) => {
    test.setTimeout(180_000);
    // Any answer of the server will do to have somewhere to keep them.
    await page.goto(demo.url + '/api/health');
    for (const view of views) {
      await page.evaluate(
        (state) => localStorage.setItem('hearty-stage-preferences', state),
        PREFERENCES,
      );
      await page.goto(demo.url + view);
      await settled(page);
      expect.soft(await bad(page, view)).toEqual([]);
      await toNight(page);
      expect.soft(await bad(page, view, true)).toEqual([]);
      expect.soft(await uncoloured(page), view).toEqual([]);
      expect.soft(await colliding(page), view).toEqual([]);
      await page.setViewportSize({ width: 360, height: 740 });
      await expect.soft.poll(() => tooWide(page), { message: `${view} at 360 px` }).toBe(0);
      await expect.soft.poll(() => tooSmall(page), { message: view }).toEqual([]);
      await expect.soft.poll(() => colliding(page), { message: `${view} at 360 px` }).toEqual([]);
      await page.setViewportSize({ width: 1280, height: 800 });
    }
  });

test('nothing serious or critical where nothing is yet: a proposed show, a text with questions', async ({
  page,
  own,
}) => {
  const fine = async (where: string): Promise<void> => {
    expect.soft(await bad(page, where)).toEqual([]);
    await toNight(page);
    expect.soft(await bad(page, where, true)).toEqual([]);
    await page.setViewportSize({ width: 360, height: 740 });
    await expect.soft.poll(() => tooWide(page), { message: `${where} at 360 px` }).toBe(0);
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.getByRole('button', { name: 'Switch to day' }).click();
  };
  await page.goto(own.url);
  await expect(page.getByRole('img', { name: /^Proposed order/ })).toBeVisible({ timeout: 60_000 });
  await page.getByRole('textbox', { name: 'How long' }).fill('soon');
  await expect(page.getByRole('alert')).toBeVisible();
  await page.getByRole('textbox', { name: 'How long' }).fill('20 min');
  await expect(page.getByRole('img', { name: /^Proposed order/ })).toBeVisible({ timeout: 60_000 });
  await fine('the first open');
  await page.goto(`${own.url}/demos/write`);
  await page
    .getByRole('textbox', { name: /a step a line/ })
    .fill('Can, with Jo\npour 12 mL water into a can\nstir, about 3\nbang! ears?\nneeds: tongs');
  await expect(page.getByText('2 questions')).toBeVisible();
  await fine('a text with questions');
});

test('nothing serious or critical where something is open: fields in place, cards, menus', async ({
  page,
  demo,
}) => {
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

test('nothing serious or critical in open lines of kit, the list of keys and a waiver', async ({
  page,
  demo,
}) => {
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
  await page.getByRole('button', { name: /^More about Exits/ }).click();
  await fine('an open check');
  await page.getByRole('button', { name: 'Something isn’t' }).click();
  await fine('what is wrong');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Waive: Exits/ }).click();
  await fine('a waiver');
});

test('nothing serious or critical on stage', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/on-stage');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByRole('button', { name: /^Start/ }).click();
  await expect(page.getByRole('region', { name: 'Now' })).toBeVisible();
  expect(await bad(page, 'on stage')).toEqual([]);
  // What lies over it has the stage’s colours, and is all there on a phone.
  for (const [key, name] of [
    ['d', 'This device'],
    ['g', 'Go to'],
  ] as const) {
    await page.keyboard.press(key);
    const dialog = page.getByRole('dialog', { name });
    await expect(dialog).toBeVisible();
    expect(await bad(page, name)).toEqual([]);
    await page.setViewportSize({ width: 390, height: 844 });
    const cut = (): Promise<number> =>
      dialog.evaluate((element) => element.scrollWidth - element.clientWidth);
    await expect.poll(cut, { message: `${name} on a phone` }).toBe(0);
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.keyboard.press('Escape');
    await expect(dialog).toBeHidden();
  }
});

test('nothing serious or critical in what is made of a show: again, on tour, as a template, proposed, typed, its look', async ({
  page,
  demo,
}) => {
  test.setTimeout(180_000);
  const fine = async (where: string): Promise<void> => {
    expect.soft(await bad(page, where)).toEqual([]);
    await page.setViewportSize({ width: 360, height: 740 });
    const wide = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect.soft(wide, `${where} at 360 px`).toBe(0);
    await page.setViewportSize({ width: 1280, height: 800 });
  };
  await page.goto(demo.url + FESTIVAL + '/line-up');
  await page.getByRole('button', { name: 'Keep as a template' }).click();
  await expect(page.getByText(/^Kept as the template/)).toBeVisible();
  await page.getByRole('button', { name: 'Type the order' }).click();
  const typed = page.getByRole('dialog', { name: 'The order as you have it' });
  await typed.getByRole('textbox').first().fill('1 magnet 3 min\n2 Potato gun 4:00\n3 Hello');
  await expect(typed.getByText(/Which one is/)).toBeVisible();
  await fine('a typed order');
  await typed.getByRole('button', { name: 'Not now' }).click();
  await page.getByRole('button', { name: 'Propose a show' }).click();
  const proposed = page.getByRole('dialog', { name: 'A show proposed' });
  // Nine slots that are too long already have no room for more.
  await expect(proposed.getByText(/^Nothing goes in beside what is in it/)).toBeVisible({
    timeout: 60_000,
  });
  await proposed.getByRole('switch', { name: 'Keep the 9 slots that are in it' }).uncheck();
  await expect(proposed.getByRole('img', { name: /^Proposed order/ })).toBeVisible({
    timeout: 60_000,
  });
  await fine('a proposed show');
  await proposed.getByRole('button', { name: 'Not now' }).click();
  await page.getByRole('button', { name: 'Play it again' }).click();
  const again = page.getByRole('dialog', { name: /^Play/ });
  await again.getByRole('button', { name: 'One more day' }).click();
  await fine('a show again');
  await again.getByLabel('Name of the tour').fill('Isles');
  await again.getByRole('button', { name: 'Make 2 shows' }).click();
  await expect(page.getByRole('heading', { name: 'Isles' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Used up' })).toBeVisible();
  await fine('a tour');
  await page.goto(demo.url + '/shows');
  await expect(page.getByRole('heading', { name: 'Templates' })).toBeVisible();
  await fine('shows with a tour and a template');
  await page.keyboard.press('/');
  await page.getByRole('combobox', { name: 'Find' }).fill('ho');
  await expect(page.getByRole('option').first()).toBeVisible();
  await fine('find');
  await page.goto(demo.url + '/demos/static-dome');
  await page.getByRole('button', { name: 'Change its look' }).click();
  await expect(page.getByRole('dialog', { name: 'Its look' })).toBeVisible();
  await fine('its look');
});
