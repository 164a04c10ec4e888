/** What goes home with the audience, and a class that tries it itself. */
import { expect, FESTIVAL, pick, saved, test, takesPdf } from './stage';

const SCIENCE_DAY = '/shows/hollin-science-day';

test('the hand-out: what may be tried, with whom, what it costs; left off and printed', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + FESTIVAL + '/after');
  await page.getByRole('link', { name: 'Hand-out', exact: true }).click();
  const foam = page.getByRole('article', { name: 'Foam fountain' });
  await expect(foam.getByText('Try it at home, with an adult')).toBeVisible();
  await expect(foam.getByText(/60 mL hydrogen peroxide 3 %/)).toBeVisible();
  await expect(
    page.getByRole('article', { name: 'Cold flower' }).getByText('Not at home'),
  ).toBeVisible();
  await expect(page.getByText(/^3 things to try at home, about €/)).toBeVisible();
  await page.getByRole('switch', { name: 'Foam fountain' }).click();
  await expect(foam).toHaveCount(0);
  await expect(page.getByText(/^2 things to try at home/)).toBeVisible();
  const pdf = await takesPdf(page, 'Print it (PDF)');
  expect(pdf.match(/\/Type\s*\/Page\b(?!s)/g)).toHaveLength(1);
});

test('household amounts are judged as they are typed: what is stopped is not handed out', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/foam-fountain');
  const home = page.getByRole('region', { name: 'Judged with household amounts' });
  await expect(home.getByText('Try it at home, with an adult')).toBeVisible();
  await page.getByRole('button', { name: 'Edit what goes home' }).click();
  const editing = page.getByRole('group', { name: 'Editing what goes home' });
  // Stronger than a chemist sells it.
  await editing.getByRole('combobox', { name: 'Thing' }).first().fill('peroxide 9');
  await page.getByRole('option', { name: /9 %/ }).click();
  await expect(home.getByText('Not at home', { exact: true })).toBeVisible();
  await expect(home.getByText(/its label says Danger/)).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.goto(demo.url + FESTIVAL + '/hand-out');
  const foam = page.getByRole('article', { name: 'Foam fountain' });
  await expect(foam.getByText('Not at home')).toBeVisible();
  await expect(foam.getByText('You need')).toHaveCount(0);
  await expect(
    page.getByRole('complementary', { name: 'Not on it' }).getByText(/its label says Danger/),
  ).toBeVisible();
});

test('nobody has said: it is not offered, and the page says where to say it', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/relit-candle');
  await expect(page.getByText(/Nobody has said whether it may be tried at home/)).toBeVisible();
});

test('a class: groups, sets on the kit list, choice and errors counted, the commonest told', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/shows/little-hollin-evening/class');
  await page.getByRole('button', { name: 'Plan it for a class' }).click();
  await expect(page.getByText('10 groups of 3, one of 0 to choose')).toBeVisible();
  await page.getByRole('button', { name: 'One less: Pupils' }).click();
  await expect(page.getByText('9 groups of 3 and 1 of 2, one of 0 to choose')).toBeVisible();
  await pick(page.getByRole('combobox', { name: 'One more to choose from' }), 'Balancing forks');
  const forks = page.getByRole('article', { name: 'Balancing forks' });
  await expect(forks.getByText(/sets: 10 groups may choose it/)).toBeVisible();
  // What is never handed out is not for a class either.
  await pick(page.getByRole('combobox', { name: 'One more to choose from' }), 'Cold flower');
  await expect(
    page.getByRole('article', { name: 'Cold flower' }).getByText(/Not for a class/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Not Cold flower' }).click();
  await expect(saved(page)).toBeVisible();
  await page.getByRole('link', { name: 'Kit, with these sets' }).click();
  await page.getByRole('button', { name: /Wooden sticks/ }).click();
  await expect(page.getByText(/× \d+ for a class/).first()).toBeVisible();

  await page.goto(demo.url + SCIENCE_DAY + '/class');
  const foam = page.getByRole('article', { name: 'Foam fountain' });
  await expect(foam.getByText('In earlier classes 7 of 16 groups chose it.')).toBeVisible();
  const more = async (what: string | RegExp, times: number): Promise<void> => {
    for (let time = 0; time < times; time++) await foam.getByRole('button', { name: what }).click();
  };
  await more(/^One more: Groups that chose it/, 5);
  await more('One more: Yeast stirred into cold water', 3);
  await expect(foam.getByText('Yeast stirred into cold water, 3 groups (60 %)')).toBeVisible();
  await more('One more: Poured in by and by', 4);
  await expect(foam.getByText(/Poured in by and by, 4 groups \(80 %\)/)).toBeVisible();
  await foam.getByRole('textbox', { name: 'What went wrong' }).fill('No tray beneath');
  await page.keyboard.press('Enter');
  await expect(foam.getByText('No tray beneath')).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await takesPdf(page, 'Observation sheets (PDF)');
});
