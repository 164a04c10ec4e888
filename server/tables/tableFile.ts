/** The bytes of a file as the sheets of a table, whoever wrote them. */
import { unzipSync } from 'fflate';
import Papa from 'papaparse';
import {
  type Cell,
  type Encoding,
  MOST_COLUMNS,
  MOST_ROWS,
  type TableFile,
} from '../../contract/tables/file';
import { HttpError } from '../http/errors';
import { decoded } from './decoding';

/** A workbook unpacked takes no more than this, in bytes. */
const MOST_UNPACKED = 300 * 1024 * 1024;

const refused = (message: string): HttpError =>
  new HttpError(422, 'invalid_file', `${message} Nothing was changed.`);

const startsWith = (bytes: Uint8Array, ...start: number[]): boolean =>
  start.every((byte, i) => bytes[i] === byte);

/** A workbook counts its days from 1899: what is of that year is a time of day, or a length. */
function dayOrTime(at: Date): string {
  if (Number.isNaN(at.getTime())) return '';
  // To the second: the fraction of a day that it is kept as has a hair too much or too little.
  const [day = '', time = ''] = new Date(Math.round(at.getTime() / 1000) * 1000)
    .toISOString()
    .slice(0, 19)
    .split('T');
  if (at.getUTCFullYear() < 1900) return time;
  return time === '00:00:00' ? day : `${day} ${time}`;
}

/** A figure stays one, a day is YYYY-MM-DD, yes and no are words. */
function cellOf(value: unknown): Cell {
  if (typeof value === 'number') return Number.isFinite(value) ? value : '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (value instanceof Date) return dayOrTime(value);
  return typeof value === 'string' ? value : '';
}

/** Without blank cells at the ends of its rows, and without blank rows at its end. */
function trimmed(rows: Cell[][]): Cell[][] {
  const full = rows.map((row) => {
    let end = row.length;
    while (end > 0 && row[end - 1] === '') end--;
    return row.slice(0, end);
  });
  while (full.at(-1)?.length === 0) full.pop();
  return full;
}

function withinLimits(name: string, rows: Cell[][]): Cell[][] {
  const kept = trimmed(rows);
  if (kept.length > MOST_ROWS)
    throw new HttpError(
      413,
      'too_large',
      `“${name}” has ${kept.length} rows. At most ${MOST_ROWS} can be read in one go.`,
    );
  if (kept.some((row) => row.length > MOST_COLUMNS))
    throw new HttpError(413, 'too_large', `“${name}” has more than ${MOST_COLUMNS} columns.`);
  return kept;
}

/** Bytes of all that is packed in it, as it says itself. */
function unpackedSize(bytes: Uint8Array): number {
  let size = 0;
  unzipSync(bytes, {
    filter: ({ originalSize }) => {
      size += originalSize;
      return false;
    },
  });
  return size;
}

async function workbook(bytes: Uint8Array): Promise<TableFile> {
  const { default: readSheets } = await import('read-excel-file/node');
  let sheets: Awaited<ReturnType<typeof readSheets>>;
  try {
    if (unpackedSize(bytes) > MOST_UNPACKED)
      throw refused('This workbook is too large to be read.');
    sheets = await readSheets(Buffer.from(bytes));
  } catch (error) {
    if (error instanceof HttpError) throw error;
    throw refused('This file is packed like a workbook, but can’t be read as one (xlsx).');
  }
  return {
    letters: null,
    sheets: sheets.map(({ sheet, data }) => ({
      name: sheet,
      rows: withinLimits(
        sheet,
        data.map((row) => row.map(cellOf)),
      ),
    })),
  };
}

function text(bytes: Uint8Array, asked: Encoding | null): TableFile {
  const read = decoded(bytes, asked);
  const plain = read.text.replace(/^\uFEFF/, '');
  if (plain.slice(0, 4000).includes('\0'))
    throw refused('This is no table: neither text, such as CSV, nor a workbook (xlsx).');
  // A first line “sep=;” tells spreadsheets what parts the cells, and is no row.
  const table = plain.replace(/^sep=[^\r\n]\r?\n/i, '');
  const { data } = Papa.parse<string[]>(table.trimEnd());
  return {
    letters: { encoding: read.encoding, sure: read.sure },
    sheets: [{ name: '', rows: withinLimits('The table', data) }],
  };
}

/**
 * `asked` is how its letters are to be read; null lets the bytes say it. Throws a 422 for what is no table, a 413
 * for one that is too large.
 */
export function readTableFile(bytes: Uint8Array, asked: Encoding | null): Promise<TableFile> {
  if (startsWith(bytes, 0x50, 0x4b, 0x03, 0x04)) return workbook(bytes);
  if (startsWith(bytes, 0xd0, 0xcf, 0x11, 0xe0))
    throw refused('This is a workbook of the old kind (xls). Save it as xlsx, or as CSV.');
  if (startsWith(bytes, 0x25, 0x50, 0x44, 0x46))
    throw refused('This is a PDF. Copy the table out of it, or save it as xlsx or CSV.');
  return Promise.resolve(text(bytes, asked));
}
