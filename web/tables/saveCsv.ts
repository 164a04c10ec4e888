/** Rows as a CSV file of this device’s. */
import { disarmed } from '../../contract/tables/table';
import { csvText } from './tableFile';

export async function saveCsv(
  name: string,
  rows: readonly (readonly (string | number)[])[],
): Promise<void> {
  const text = await csvText(
    rows.map((row) => row.map((cell) => (typeof cell === 'string' ? disarmed(cell) : cell))),
  );
  const link = document.createElement('a');
  // The mark lets spreadsheets see that it is UTF-8.
  link.href = URL.createObjectURL(new Blob([`\uFEFF${text}\r\n`], { type: 'text/csv' }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
