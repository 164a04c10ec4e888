/** The brief as a page: a sentence, the day with its pegs, who said yes, and what to ask the host. */
import { FESTIVAL, expect, refuses, saved, test, takesPdf } from './stage';

test('the sentence is changed where it stands; a slip is told there', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/brief');
  const audience = page.getByRole('textbox', { name: 'Audience' });
  await audience.fill('many');
  await refuses(audience, /Audience/);
  await audience.fill('140');
  await page.getByRole('textbox', { name: 'Agreed with' }).fill('Tove, by phone');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(audience).toHaveValue('140');
  await expect(page.getByRole('textbox', { name: 'Agreed with' })).toHaveValue('Tove, by phone');
  await takesPdf(page, 'To send (PDF)');
});

test('a peg is moved by its keys, and what follows from it moves with it', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/brief');
  const day = page.getByRole('region', { name: 'The day' });
  await expect(day.getByText(/29 min to spare/)).toBeVisible();
  const peg = day.getByRole('slider', { name: 'Drag when the crew comes' });
  await peg.focus();
  await page.keyboard.press('ArrowRight');
  await expect(day.getByRole('textbox', { name: 'Arrival' })).toHaveValue('12:35');
  await expect(day.getByText(/24 min to spare/)).toBeVisible();
  // Later than setting up takes, and the host is asked.
  await day.getByRole('textbox', { name: 'Arrival' }).fill('13:10');
  await expect(day.getByText(/before the crew is there/)).toBeVisible();
  await expect(
    page
      .getByRole('region', { name: 'Ask the host' })
      .getByText(/^Could we come in at \d\d:\d\d\?$/),
  ).toBeVisible();
});

test('what the host is asked follows from the line-up; an answer goes to the venue, and is gone from the list', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/shows/hollin-science-day/brief');
  const ask = page.getByRole('region', { name: 'Ask the host' });
  const question = ask.getByRole('listitem', { name: 'Where do the extinguishers hang?' });
  await question.getByRole('button', { name: /^Answer/ }).click();
  await question.getByRole('textbox', { name: 'Answer' }).fill('By the side door');
  await page.keyboard.press('Enter');
  await ask.getByText(/^\d+ answered$/).click();
  await expect(ask.getByText('By the side door')).toBeVisible();
  // A figure that can’t be is told where it was typed.
  const row = ask.getByRole('listitem', { name: 'How far from the stage is the front row?' });
  await row.getByRole('button', { name: /^Change|^Answer/ }).click();
  await row.getByRole('textbox', { name: 'Answer (m)' }).fill('far');
  await row.getByRole('button', { name: 'Keep' }).click();
  await expect(row.getByText('Must be a number from 0 to 1000.')).toBeVisible();
  await row.getByRole('textbox', { name: 'Answer (m)' }).fill('4,5');
  await row.getByRole('button', { name: 'Keep' }).click();
  await expect(row.getByText('4.5 m', { exact: true })).toBeVisible();
  // It is the venue’s, for every show there.
  await page.goto(demo.url + '/shows/hollin-school-morning/brief');
  await ask.getByText(/^\d+ answered$/).click();
  await expect(ask.getByText('4.5 m', { exact: true })).toBeVisible();
  // One’s own question, asked and taken back.
  await ask.getByRole('textbox', { name: 'One more question' }).fill('Who has the key?');
  await page.keyboard.press('Enter');
  const own = ask.getByRole('listitem', { name: 'Who has the key?' });
  await own.getByRole('button', { name: /^Answer/ }).click();
  await own.getByRole('button', { name: /^Don’t ask/ }).click();
  await expect(own).toHaveCount(0);
});

test('who of the crew said yes; who said no and is still planned', async ({ page, demo }) => {
  await page.goto(demo.url + FESTIVAL + '/brief');
  const crew = page.getByRole('region', { name: 'Crew' });
  await expect(crew.getByText('2 of 2 said yes')).toBeVisible();
  await crew
    .getByRole('group', { name: 'What Jo said' })
    .getByRole('button', { name: 'no', exact: true })
    .click();
  await expect(crew.getByText('1 of 2 said yes')).toBeVisible();
  await expect(crew.getByText('△ Said no, and is still planned.')).toBeVisible();
  await expect(saved(page)).toBeVisible();
});

test('on a phone all stages are in view, and what is next is said', async ({ browser, demo }) => {
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await phone.goto(demo.url + FESTIVAL + '/brief');
  const stages = phone.getByRole('navigation', { name: 'Stages of work' });
  for (const stage of await stages.getByRole('link').all()) {
    const box = await stage.boundingBox();
    expect((box?.x ?? -1) >= 0 && (box?.x ?? 0) + (box?.width ?? 999) <= 390).toBe(true);
    expect(box?.height).toBeGreaterThanOrEqual(44);
  }
  await expect(stages.getByText('Next: Brief')).toBeVisible();
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await phone.close();
});
