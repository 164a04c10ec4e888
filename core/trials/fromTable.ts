/** A trial series out of a table: one row a reading. */
import type { Level, Reading } from './types';

export interface TrialTable {
  factor: string;
  response: string;
  levels: Level[];
  readings: Reading[];
  /** Rows whose reading is empty, or said not to have been taken. */
  notRead: number;
  yesNo: boolean;
}

export type TableAnswer = { ok: true; table: TrialTable } | { ok: false; faults: string[] };

/** Names that columns have in our own export, and by default. */
const FACTOR_NAMES = ['level'];
const RESPONSE_NAMES = ['reading', 'response', 'value'];
const YES = ['yes', 'true', 'y', 'worked'];
const NO = ['no', 'false', 'n', 'failed'];
const NOT_READ = ['', 'not read', '-', '–', 'na', 'n/a', 'left out'];
/** Faults that are told; there may be as many as rows. */
const TOLD = 8;

const plain = (text: string): string => text.trim().toLowerCase();

/** A number as it is written in tables, with a point or a comma; null for anything else. */
export function numberIn(text: string): number | null {
  const bare = text.trim().replace('−', '-');
  if (!/^[+-]?(\d+([.,]\d*)?|[.,]\d+)(e[+-]?\d+)?$/i.test(bare)) return null;
  const value = Number(bare.replace(',', '.'));
  return Number.isFinite(value) ? value : null;
}

interface Columns {
  /** By name; the one called level, else the first, where none is asked for. */
  factor?: string | undefined;
  /** By name; the one called reading, else the last. */
  response?: string | undefined;
}

/** The first row names the columns. Levels that are all numbers are amounts, in order; others are kinds, as they come. */
export function trialFromTable(rows: readonly (readonly string[])[], asked: Columns): TableAnswer {
  const [header = [], ...body] = rows;
  const names = header.map((name) => name.trim());
  const faults: string[] = [];
  const column = (
    name: string | undefined,
    usual: readonly string[],
    otherwise: number,
    what: string,
  ): number => {
    if (name === undefined) {
      const known = names.findIndex((one) => usual.includes(plain(one)));
      return known >= 0 ? known : otherwise;
    }
    const found = names.findIndex((one) => plain(one) === plain(name));
    if (found < 0)
      faults.push(`There is no column “${name}” for ${what}: there are ${names.join(', ')}.`);
    return found;
  };
  const factor = column(asked.factor, FACTOR_NAMES, 0, 'what was changed');
  const response = column(asked.response, RESPONSE_NAMES, names.length - 1, 'what was read');
  if (names.length < 2)
    faults.push(
      'Two columns are needed: what was changed, and what was read, with their names above.',
    );
  else if (factor >= 0 && factor === response)
    faults.push('What was changed and what was read must be two columns.');
  if (faults.length > 0) return { ok: false, faults };
  const filled = body
    .map((row, i) => ({
      line: i + 2,
      level: (row[factor] ?? '').trim(),
      text: (row[response] ?? '').trim(),
    }))
    .filter(({ level, text }) => level !== '' || text !== '');
  const taken = filled.filter(({ text }) => !NOT_READ.includes(plain(text)));
  const asNumbers = taken.map(({ text }) => numberIn(text));
  const wordsOnly = taken.every(({ text }) => [...YES, ...NO].includes(plain(text)));
  const bits = asNumbers.every((value) => value === 0 || value === 1);
  const yesNo = taken.length > 0 && (wordsOnly || bits);
  const numbered = filled.length > 0 && filled.every(({ level }) => numberIn(level) !== null);
  for (const { line, level } of filled)
    if (level === '') faults.push(`Row ${line}: ${names[factor]} is empty.`);
  if (!yesNo)
    taken.forEach(({ line, text }, i) => {
      if (asNumbers[i] === null) faults.push(`Row ${line}: “${text}” is no number.`);
    });
  if (taken.length === 0) faults.push('There is no reading in it.');
  if (faults.length > TOLD)
    faults.splice(TOLD, faults.length, `And ${faults.length - TOLD} more rows like these.`);
  if (faults.length > 0) return { ok: false, faults };
  const idOf = (level: string): string => (numbered ? String(numberIn(level)) : level);
  const levels = [...new Set(filled.map(({ level }) => idOf(level)))].map((id): Level => ({
    id,
    label: id,
    value: numbered ? Number(id) : null,
  }));
  if (numbered) levels.sort((a, b) => (a.value ?? 0) - (b.value ?? 0));
  return {
    ok: true,
    table: {
      factor: names[factor] ?? '',
      response: names[response] ?? '',
      levels,
      readings: taken.map(({ line, level, text }, i) => ({
        level: idOf(level),
        value: wordsOnly ? (YES.includes(plain(text)) ? 1 : 0) : (asNumbers[i] ?? 0),
        go: line - 1,
      })),
      notRead: filled.length - taken.length,
      yesNo,
    },
  };
}
