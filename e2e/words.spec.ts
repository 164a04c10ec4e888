/** Two voices: words against time, what is too long, one’s own lines on paper, on stage and on a phone. */
import { FESTIVAL, expect, phoneOf, pick, rehearseFrom, saved, test, takesPdf } from './stage';

const WORDS = '/demos/foam-fountain/words';

test('what is too long for its step says by how much; the marked sentence is cut, and brought back', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + WORDS);
  await expect(page.getByText('0:06 too long.')).toBeVisible();
  await expect(page.getByText(/^252 words|252 words, 1:41 of speech in 4:30/)).toBeVisible();
  await page.getByRole('button', { name: 'Cut it' }).click();
  await expect(page.getByText('too long.')).toHaveCount(0);
  await expect(page.getByText('First a squirt of this')).toHaveCount(0);
  await expect(saved(page)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('0:06 too long.')).toBeVisible();
});

test('words are written where they stand; a name begins another voice', async ({ page, demo }) => {
  await page.goto(demo.url + WORDS);
  await page.getByRole('button', { name: 'Edit the words of “Feel the outside' }).click();
  const field = page.getByRole('textbox', { name: /^Said in “Feel the outside/ });
  await field.fill('Who wants to feel it?\nVolunteer: Me!\nHost: Time for one more.');
  const lines = page.getByRole('listitem').filter({ hasText: 'Feel the outside' });
  await expect(lines.getByText('Volunteer', { exact: true })).toBeVisible();
  await expect(lines.getByText('Host', { exact: true })).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByText('Time for one more.')).toBeVisible();
});

test('the script of a show: one’s own lines with their cues, at one’s own pace, and on paper', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + `${FESTIVAL}/ready`);
  await page.getByRole('link', { name: 'Script', exact: true }).click();
  const foam = page.getByRole('region', { name: 'Foam fountain' });
  await expect(foam.getByText('Mine was asleep in a packet')).toBeVisible();
  await pick(page.getByRole('combobox', { name: 'Whose lines' }), 'Jo');
  await expect(foam.getByText('after “… first-aid box. And yours?”')).toBeVisible();
  await takesPdf(page, 'Print it (PDF)');
  await takesPdf(page, 'Cards, one a step (PDF)');
  // Who speaks slowly needs longer.
  const said = foam.getByText(/of speech in/);
  const before = await said.textContent();
  await page.goto(demo.url + '/people?open=jo');
  await page.getByRole('textbox', { name: /^Speaks, words a minute/ }).fill('75');
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + `${FESTIVAL}/script`);
  await expect(said).toBeVisible();
  await expect(said).not.toHaveText(before ?? '');
});

test('on stage the performer’s lines stand out; a helper’s phone has theirs, with the cue', async ({
  page,
  demo,
}) => {
  await rehearseFrom(page, demo.url, /Foam fountain/);
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText('Helper: Mine was asleep');
  const phone = await phoneOf(page, demo.url, 'Jo');
  const mine = phone.getByRole('region', { name: 'You say' });
  await expect(mine).toContainText('after “… first-aid box. And yours?” you say');
  await expect(mine).toContainText('Mine was asleep in a packet');
});
