/** How the whole application behaves: keys, who you are, day and night, refusals, being cut off. */
import { FESTIVAL, expect, saved, test } from './stage';

test('every key is listed under “?”, but not while typing one', async ({ page, demo }) => {
  await page.goto(demo.url + '/demos');
  await page.getByLabel('Search').pressSequentially('what?');
  await expect(page.getByLabel('Search')).toHaveValue('what?');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.getByRole('heading', { name: 'Demos', exact: true }).click();
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys).toContainText('pick the card up, put it down');
  await expect(keys).toContainText('the sign is seen: start the timer');
  await keys.getByRole('button', { name: 'Close' }).click();
  await expect(keys).toBeHidden();
  await page.getByRole('button', { name: 'Keys' }).click();
  await expect(keys).toBeVisible();
});

test('whose device it is goes with every tick', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/ready?stop=place/Left%20bench');
  await page.getByRole('button', { name: 'Say who you are' }).click();
  await page.getByRole('menuitem', { name: 'Jo' }).click();
  await expect(page.getByRole('button', { name: 'You are Jo. Change' })).toBeVisible();
  await page.getByRole('checkbox', { name: /Hot plate/ }).click();
  await page.getByRole('button', { name: /^More about Hot plate/ }).click();
  await expect(page.getByText(/^Done, Jo at \d\d:\d\d/).first()).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'You are Jo. Change' })).toBeVisible();
});

test('on a phone too one can say who one is, and switch to night', async ({ page, demo }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(demo.url);
  await page.getByRole('button', { name: 'Say who you are' }).click();
  await page.getByRole('menuitem', { name: 'Switch to night' }).click();
  await expect(page.locator('html')).toHaveCSS('color-scheme', 'dark');
  await page.getByRole('button', { name: 'Say who you are' }).click();
  await page.getByRole('menuitem', { name: 'Mara' }).click();
  await expect(page.getByRole('button', { name: 'You are Mara. Change' })).toBeVisible();
});

test('by keyboard alone: from Today to a changed method and back by undo', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url);
  await page.getByRole('link', { name: 'Open the show' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Ends about 14:\d\d,$/)).toBeVisible();
  await page.getByRole('button', { name: /Foam fountain gentle/ }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('combobox', { name: 'Method' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /Foam fountain lively/ })).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /Foam fountain gentle/ })).toBeVisible();
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByRole('button', { name: /Foam fountain lively/ })).toBeVisible();
});

test('what can’t be sent stays where it was typed, and says why', async ({ page, demo }) => {
  await page.goto(demo.url + '/shows/hollin-school-morning/after');
  await page.getByLabel('What to do').fill('Buy more matches');
  await page.getByRole('textbox', { name: 'Note' }).fill('Loved it');
  await page.route('**/api/follow-ups', (route) => route.abort());
  await page.route('**/api/runs/**', (route) => route.abort());
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('Hearty Stage can’t be reached').first()).toBeVisible();
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await expect(page.getByLabel('What to do')).toHaveValue('Buy more matches');
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('Loved it');
  await page.unroute('**/api/follow-ups');
  await page.unroute('**/api/runs/**');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await expect(page.getByLabel('What to do')).toHaveValue('');
  await expect(page.getByRole('listitem').filter({ hasText: 'Buy more matches' })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Loved it' })).toBeVisible();
});

test('typing while cut off is kept and saved when the server is back', async ({ page, demo }) => {
  await page.goto(demo.url + '/venues');
  await page.getByRole('button', { name: /Boat Shed/ }).click();
  await page.getByRole('textbox', { name: 'Notes' }).click();
  await demo.kill();
  await page.getByRole('textbox', { name: 'Notes' }).fill('Ask for the key at the slip.');
  await expect(page.getByRole('status')).toContainText('Kept on this device');
  await demo.restart();
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: /Boat Shed/ }).click();
  await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue(
    'Ask for the key at the slip.',
  );
});

test('an address that leads nowhere, and a show that never was', async ({ page, demo }) => {
  await page.goto(demo.url + '/elsewhere');
  await expect(page.getByRole('heading', { name: 'Nothing here' })).toBeVisible();
  await page.goto(demo.url + '/shows/never-was/line-up');
  await expect(page.getByRole('alert')).toContainText('no such show');
  await page.goto(demo.url + '/demos/never-was');
  await expect(page.getByRole('alert')).toContainText('no such demo');
  await page.goto(demo.url + '/shows/never-was/on-stage');
  await expect(page.getByRole('alert')).toContainText('no such show');
});

test('files that are no show files are refused in words, and nothing is changed', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/shows');
  const choose = (name: string, content: string | Buffer) =>
    page.getByLabel('Show file').setInputFiles({
      name,
      mimeType: 'application/json',
      buffer: Buffer.from(content),
    });
  const alert = page.getByRole('alert');
  await choose('a.json', '{"format":"hearty-stage/show","version":1,"show":{');
  await expect(alert).toContainText('may have been cut short');
  await choose('b.json', 'not json at all');
  await expect(alert).toContainText('must be a show file in JSON');
  await choose('c.json', '{"format":"hearty-stage/show","version":99}');
  await expect(alert).toContainText('from a newer Hearty Stage');
  await choose('d.json', '');
  await expect(alert).toContainText('must be a show file in JSON');
  await choose('e.json', Buffer.alloc(9 * 1024 * 1024, ' '));
  await expect(alert).toContainText('8 MB');
  await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(5);
});

test('reduced motion is honoured, and the focus can be seen', async ({ page, demo }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(demo.url + '/shows');
  await expect(page.getByRole('link', { name: 'New show' })).toBeVisible();
  await page.keyboard.press('Tab');
  const focused = page.locator(':focus-visible');
  await expect(focused).toHaveCSS('outline-style', 'solid');
  await expect(focused).toHaveCSS('outline-width', '2px');
  await expect(page.getByRole('link', { name: 'New show' })).toHaveCSS(
    'transition-property',
    'none',
  );
});
