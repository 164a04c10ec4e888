/** A table of readings, looked at or kept as a series. */
import { randomUUID } from 'node:crypto';
import {
  LEVELS_MOST,
  ROUNDS_MOST,
  type TableAnswer,
  type TrialTableBody,
} from '../../contract/trials';
import { analyse } from '../../core/trials/analyse';
import { claimOf } from '../../core/trials/claim';
import { questionOf, readingsIn } from '../../core/trials/design';
import { trialFromTable } from '../../core/trials/fromTable';
import { tableSeries } from '../../core/trials/tableSeries';
import { namingOf } from '../../core/trials/words';
import { counted } from '../../core/words';
import type { AppContext } from '../context';
import { written } from '../db/open';
import { csvRows } from '../http/csv';
import { HttpError } from '../http/errors';

const refused = (faults: readonly string[]): HttpError =>
  new HttpError(
    422,
    'invalid',
    faults[0] ?? 'The table can’t be read.',
    faults.map((message) => ({ path: 'csv', message })),
  );

/** Throws HttpError with what is wrong with the table, row by row. */
export function bringTableIn(
  { db, trials, trialGoes, now }: AppContext,
  { name, csv, factor, response, save }: TrialTableBody,
): TableAnswer {
  const rows = rowsOf(csv);
  const columns = (rows[0] ?? []).map((one) => one.trim());
  const read = trialFromTable(rows, {
    factor: factor ?? undefined,
    response: response ?? undefined,
  });
  if (!read.ok) {
    // Other columns can be chosen: which there are is told with what is wrong.
    if (!save && columns.length > 1)
      return { columns, factor, response, faults: read.faults, words: '', claim: '', id: null };
    throw refused(read.faults);
  }
  const { table } = read;
  const { trial, goes } = tableSeries(table, { id: randomUUID(), name, at: now() });
  const faults = [
    ...(trial.levels.length > LEVELS_MOST
      ? [`${trial.levels.length} levels in it: a series has ${LEVELS_MOST} at the most.`]
      : []),
    ...(trial.rounds > ROUNDS_MOST
      ? [`${trial.rounds} readings of one level: a series has ${ROUNDS_MOST} rounds at the most.`]
      : []),
    ...(trial.levels.some(({ label }) => label.length > 40)
      ? ['A level’s name has more than 40 letters.']
      : []),
  ];
  const seen = { columns, factor: table.factor, response: table.response };
  if (faults.length > 0) {
    if (save) throw refused(faults);
    return { ...seen, faults, words: '', claim: '', id: null };
  }
  const notRead = table.notRead > 0 ? `, ${table.notRead} not read` : '';
  const answer = {
    ...seen,
    faults: [],
    words: `${counted(trial.levels.length, 'level')}, ${counted(goes.length, 'reading')}${notRead}`,
    claim: claimOf(analyse(questionOf(trial), readingsIn(goes)), namingOf(trial)).words,
  };
  if (!save) return { ...answer, id: null };
  return written(db, () => {
    trials.add(trial);
    for (const go of goes) trialGoes.keep(trial.id, go);
    return { ...answer, id: trial.id };
  });
}

function rowsOf(csv: string): string[][] {
  try {
    return csvRows(csv);
  } catch {
    throw refused(['This is no table: rows of values with commas or semicolons between.']);
  }
}
