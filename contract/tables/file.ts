/** What a file with tables in it comes to, before anybody said what is what in it. */

export const ENCODINGS = [
  'utf-8',
  'utf-16le',
  'utf-16be',
  'windows-1252',
  'macintosh',
  'windows-1250',
  'windows-1251',
  'iso-8859-15',
] as const;
export type Encoding = (typeof ENCODINGS)[number];

export const ENCODING_WORDS: Record<Encoding, string> = {
  'utf-8': 'Unicode (UTF-8)',
  'utf-16le': 'Unicode (UTF-16)',
  'utf-16be': 'Unicode (UTF-16, high byte first)',
  'windows-1252': 'Windows, western Europe',
  macintosh: 'Macintosh',
  'windows-1250': 'Windows, central Europe',
  'windows-1251': 'Windows, Cyrillic',
  'iso-8859-15': 'ISO 8859-15',
};

/** A cell as a file has it: text, or a figure that the file itself knows as one. Days are YYYY-MM-DD. */
export type Cell = string | number;
export type Rows = readonly (readonly Cell[])[];

export interface Sheet {
  name: string;
  rows: Cell[][];
}

export interface TableFile {
  sheets: Sheet[];
  /** Of a text file: how its letters were read, and whether they could be anything else; null for a workbook. */
  letters: { encoding: Encoding; sure: boolean } | null;
}

/** Most rows and columns of one sheet. */
export const MOST_ROWS = 20_000;
export const MOST_COLUMNS = 200;

export const cellText = (cell: Cell | undefined): string => String(cell ?? '').trim();
