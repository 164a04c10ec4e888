import type { NextFunction, Response } from 'express';
import { csvFile } from './csv';
import type { Cell } from './sheet';

/** Sends rows as CSV or as a spreadsheet file, by the ending that was asked for. */
export async function sendTable(
  type: string,
  title: string,
  rows: readonly (readonly Cell[])[],
  res: Response,
  next: NextFunction,
): Promise<void> {
  const name = title.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  if (type === 'csv') {
    res.attachment(`${name}.csv`).type('text/csv; charset=utf-8').send(csvFile(rows));
    return;
  }
  if (type !== 'xlsx') {
    next();
    return;
  }
  const { sheetFile } = await import('./sheet');
  res
    .attachment(`${name}.xlsx`)
    .type('application/vnd.openxmlformats-officedocument.spreadsheetml.sheet')
    .send(await sheetFile(title, rows));
}

/** Sends what is JSON already. */
export const sendJson = (res: Response, json: Buffer): void =>
  void res.type('application/json').send(json);
