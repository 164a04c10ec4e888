/** Files and pasted text read as tables: workbooks and CSV alike, by the server, which knows their letters. */
import type { Cell, Encoding, TableFile } from '../../contract/tables/file';
import { send } from '../app/api';

/** What a file picker offers. */
export const TABLE_FILES =
  '.csv,.tsv,.txt,.xlsx,text/csv,text/plain,application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

/** `letters` says how a text file is to be read; null lets its bytes say it. Throws ApiError. */
export const readTableFile = (
  source: Blob | string,
  letters: Encoding | null = null,
): Promise<TableFile> =>
  send<TableFile>(
    'POST',
    `/tables${letters ? `?letters=${letters}` : ''}`,
    new Blob([source], { type: 'application/octet-stream' }),
  );

/** The library for CSV is only wanted where a table is read or written. */
const csv = async () => (await import('papaparse')).default;

export const csvText = async (rows: readonly (readonly Cell[])[]): Promise<string> =>
  (await csv()).unparse(rows.map((row) => [...row]));

export const csvRows = async (text: string): Promise<string[][]> =>
  (await csv()).parse<string[]>(text.trim()).data;
