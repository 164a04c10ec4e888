/** A running order, and a demonstration’s steps, out of a table: a workbook that is chosen, rows that are pasted. */
import type { Locator } from '@playwright/test';
import writeExcel from 'write-excel-file/node';
import { expect, test } from './stage';

const pasteInto = (field: Locator, text: string): Promise<void> =>
  field.evaluate((element, words) => {
    const data = new DataTransfer();
    data.setData('text/plain', words);
    element.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, text);

test('a running order: chosen as a workbook, and pasted below it', async ({ page, demo }) => {
  const bytes = await writeExcel(
    [
      [{ value: 'Quay hall' }],
      ['Start', 'Demo', 'Min', 'Who'].map((value) => ({ value })),
      [
        { type: Date, value: new Date('1899-12-30T14:00:00Z'), format: 'hh:mm' },
        { value: 'Welcome' },
        { type: Number, value: 1.5 },
        { value: 'Nobody' },
      ],
      [{ value: '' }, { value: 'Rope, and a knot' }, { type: Number, value: 4 }],
    ],
    { sheet: 'Order' },
  ).toBuffer();
  await page.goto(demo.url + '/shows/new');
  await page
    .locator('input[type=file][accept*=xlsx]')
    .setInputFiles({ name: 'order.xlsx', mimeType: 'application/octet-stream', buffer: bytes });
  const field = page.getByRole('textbox', { name: 'A running order, a line each' });
  await expect(field).toHaveValue('14:00 Welcome 1:30\n"Rope, and a knot", 4:00');
  await expect(page.getByText('Not known here, and left out of the lines: Nobody')).toBeVisible();
  await pasteInto(field, 'Demo\tMin\nSlow fizz\t3\nTotal\t3');
  await expect(field).toHaveValue(/knot", 4:00\nSlow fizz 3:00$/);
  const understood = page.getByRole('list', { name: 'Understood' }).getByRole('listitem');
  await expect(understood).toHaveCount(3);
  await expect(understood.nth(1)).toContainText('Rope, and a knot');
});

test('the steps of a demonstration: pasted rows; what is no table is told where it was chosen', async ({
  page,
  demo,
}) => {
  await page.goto(demo.url + '/demos/write');
  const field = page.getByRole('textbox', {
    name: 'The demonstration as you would tell it, a step a line',
  });
  await pasteInto(
    field,
    'Step\tSeconds\tSay\nPour the water\t30\t\nPull straight down\t5\tLook now!',
  );
  await expect(field).toHaveValue(
    'New demo\nPour the water, 0:30\nPull straight down, 0:05\nsay: Look now!',
  );
  await page
    .locator('input[type=file][accept*=xlsx]')
    .setInputFiles({ name: 'x.pdf', mimeType: 'application/pdf', buffer: Buffer.from('%PDF-1.7') });
  await expect(page.getByRole('alert')).toContainText('This is a PDF');
});
