/** Tables as people have them into the store: read, looked at cell by cell, brought in, taken back. */
import { readFile } from 'node:fs/promises';
import iconv from 'iconv-lite';
import type { Page } from '@playwright/test';
import writeExcel from 'write-excel-file/node';
import { tooWide } from './look';
import { expect, pick, test } from './stage';

const TABLE = { name: 'The table as it is understood' };
const paste = (page: Page) => page.getByRole('textbox', { name: 'Or paste the table here' });
const row = (page: Page, name: string) => page.getByRole('row').filter({ hasText: name });
const choose = (page: Page, name: string, buffer: Buffer): Promise<void> =>
  page
    .locator('input[type=file]')
    .setInputFiles({ name, mimeType: 'application/octet-stream', buffer });

test('a table is mapped, read cell by cell, put right, brought in and taken back by one press', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/store/bring-in');
  await paste(page).fill(
    'Gegenstand;Menge;Regal;Art\nCitric acid;1.500 g;Shelf D;Chemical\nHarbour dome;1;Shelf D;\nOld bucket;some;Yard;Apparatus\nTotal;40;;',
  );
  await expect(page.getByText('Say which column is the name of the item.')).toBeVisible();
  await pick(page.getByRole('combobox', { name: 'Gegenstand is' }), 'Name');
  await pick(page.getByRole('combobox', { name: 'Menge is' }), 'In store');
  await pick(page.getByRole('combobox', { name: 'Regal is' }), 'Place');
  await pick(page.getByRole('combobox', { name: 'Art is' }), 'Kind');
  await expect(row(page, 'Total')).toContainText('left out: adds up the others');
  await expect(row(page, 'Old bucket')).toContainText('In store must begin with a number');
  // Nothing is used up that was not said to be.
  await expect(row(page, 'Harbour dome')).toContainText('Kind is not said');
  const figures = page.getByRole('group', { name: 'Figures in Menge' });
  await expect(figures.getByRole('button', { name: '1.5 g' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await figures.getByRole('button', { name: '1500 g' }).click();
  await expect(row(page, 'Citric acid')).toContainText('1500 g');
  await row(page, 'Harbour dome').getByRole('button', { name: 'Equipment' }).click();
  await expect(row(page, 'Harbour dome')).toContainText('new item, new lot');
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it as a table, with the reasons' }).click();
  const bad = (await readFile(await (await saved).path())).toString();
  expect(bad).toContain('Old bucket,some,Yard,Apparatus,"In store must begin with a number');
  await page.getByRole('button', { name: 'Bring in the 2 good rows' }).click();
  await expect(page.getByText('Brought in: 2 items, 2 lots.')).toBeVisible();
  await expect(page.getByText('1 row did not come in.')).toBeVisible();

  // Its headings are known from now on, and its rows.
  await paste(page).fill(
    'Gegenstand;Menge;Regal;Art\nHarbour dome;1;Shelf D;\nFunnel stand;3;A;Tool',
  );
  await expect(page.getByText('Gegenstand: Name')).toBeVisible();
  await expect(page.getByText('1 row came in on')).toBeVisible();
  await expect(row(page, 'Harbour dome')).toContainText('left out: came in before');
  await expect(row(page, 'Funnel stand')).toContainText('new item, new lot');

  await page.goto(demo.url + '/store');
  await page.getByRole('textbox', { name: 'Find' }).fill('harbour dome');
  await expect(page.getByRole('link', { name: /^Harbour dome/ })).toBeVisible();
  await page.goto(demo.url + '/store/bring-in');
  await page.getByRole('button', { name: 'Take Pasted table back' }).click();
  await expect(page.getByText('Taken back: 2 items, 2 lots.')).toBeVisible();
  await page.goto(demo.url + '/store');
  await page.getByRole('textbox', { name: 'Find' }).fill('harbour dome');
  await expect(page.getByText('Nothing like that in the store.')).toBeVisible();
});

test('a workbook: its sheet and heading are found, and can be chosen', async ({ page, demo }) => {
  const words = (...cells: string[]) => cells.map((value) => ({ value }));
  const bytes = await writeExcel([
    { sheet: 'Notes', data: [words('Remember the tape')] },
    {
      sheet: 'Things',
      data: [
        words('Counted in spring'),
        words('Item', 'Qty', 'Use by', 'Type'),
        [
          { value: 'Quay salt' },
          { type: Number, value: 1.5 },
          { type: Date, value: new Date('2029-02-28T00:00:00Z'), format: 'dd/mm/yyyy' },
          { value: 'Chemical' },
        ],
      ],
    },
  ]).toBuffer();
  await page.goto(demo.url + '/store/bring-in');
  await choose(page, 'shed.xlsx', bytes);
  await expect(page.getByRole('combobox', { name: 'Sheet' })).toContainText('Things (3 rows)');
  await expect(page.getByRole('spinbutton', { name: 'Headings in row' })).toHaveValue('2');
  await expect(row(page, 'Quay salt')).toContainText('28 Feb 2029');
  await page.getByRole('spinbutton', { name: 'Headings in row' }).fill('9');
  await expect(page.getByText('must be a row from 1 to 2')).toBeVisible();
  await pick(page.getByRole('combobox', { name: 'Sheet' }), 'Notes (1 row)');
  await expect(page.getByText('Say which column is the name of the item.')).toBeVisible();
});

test('letters of Windows are told, and can be read otherwise; what is no table is told in words', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/store/bring-in');
  await choose(page, 'old.csv', iconv.encode('Name;Qty\nGlühstrumpf;3\n', 'windows-1252'));
  await expect(row(page, 'Glühstrumpf')).toBeVisible();
  await pick(page.getByRole('combobox', { name: 'Its letters are' }), 'Macintosh');
  await expect(row(page, 'Glühstrumpf')).toBeHidden();
  await pick(page.getByRole('combobox', { name: 'Its letters are' }), 'Windows, western Europe');
  await expect(row(page, 'Glühstrumpf')).toBeVisible();
  await choose(page, 'list.pdf', Buffer.from('%PDF-1.7'));
  await expect(page.getByText('This is a PDF. Copy the table out of it')).toBeVisible();
});

test('a table of thousands scrolls without a gap, shows how far it is, and stops', async ({
  page,
  own,
}) => {
  const rows = Array.from(
    { length: 6000 },
    (_, i) => `Thing ${String(i).padStart(4, '0')};${i % 9};Tool`,
  );
  await page.goto(own.url + '/store/bring-in');
  await choose(page, 'all.csv', Buffer.from(['Name;Qty;Kind', ...rows].join('\n')));
  await expect(page.getByRole('button', { name: 'Bring in 6000 rows' })).toBeVisible();
  const table = page.getByRole('table', TABLE);
  expect(await page.getByRole('row').count()).toBeLessThan(120);
  await table.evaluate((box) => box.scrollTo(0, box.scrollHeight / 2));
  // A row stands in the middle of what is seen, wherever it was scrolled to.
  await expect
    .poll(() =>
      table.evaluate((box) => {
        const { left, top, height } = box.getBoundingClientRect();
        const there = document.elementFromPoint(left + 20, top + height * 0.6);
        return there?.closest('[role=row]')?.textContent ?? '';
      }),
    )
    .toMatch(/Thing 2[5-9]|Thing 3[0-4]/);
  await table.evaluate((box) => box.scrollTo(0, box.scrollHeight));
  await row(page, 'Thing 5999').scrollIntoViewIfNeeded();
  await expect(row(page, 'Thing 5999')).toBeInViewport();
  await page.getByRole('button', { name: 'Bring in 6000 rows' }).click();
  await expect(page.getByText(/^\d+ of 6000 items are in$/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Stop, and take it back' }).click();
  await expect(page.getByText(/taken back on .*|stopped at/).first()).toBeVisible({
    timeout: 60_000,
  });
  await page.goto(own.url + '/store');
  await expect(page.getByText('Nothing in the store yet')).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test('nothing but the table itself is wider than the page', async ({ page, demo }) => {
    await page.goto(demo.url + '/store/bring-in');
    await paste(page).fill('Item;Qty;Shelf;Kind\nLong pole;3;The shelf at the very end;Tool');
    await expect(row(page, 'Long pole')).toContainText('new item');
    expect(await tooWide(page)).toBeLessThanOrEqual(0);
  });
});
