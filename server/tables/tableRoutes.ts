/** Tables of other people: read, looked at, brought into the store, taken back. Mounted under /api. */
import express, { Router, raw } from 'express';
import {
  ForgetQuery,
  ImportBody,
  PreviewBody,
  TableQuery,
  type TableWords,
} from '../../contract/imports';
import { cellText } from '../../contract/tables/file';
import { STORE_COLUMNS } from '../../contract/tables/inventoryColumns';
import { guessKind, kindWord } from '../../contract/tables/kinds';
import { guessMapping, plainHeading } from '../../contract/tables/table';
import type { AppContext } from '../context';
import { HttpError, body } from '../http/errors';
import { sendJson } from '../http/sendTable';
import { takeBack, takeIn } from '../inventory/takeIn';

/** Largest file, and largest table as JSON, in bytes. */
const FILE_LIMIT = 16 * 1024 * 1024;
const TABLE_LIMIT = 32 * 1024 * 1024;

/** A file is taken whatever type it says it is; the others are JSON. */
export const fileBody = raw({ type: () => true, limit: FILE_LIMIT });
export const tableBody = express.json({ limit: TABLE_LIMIT, strict: true });

/** What was said by hand, and would not have been guessed. */
function wordsOf({ rows, headingAt, mapping, kinds }: ImportBody): TableWords {
  const heading = (rows[headingAt] ?? []).map(cellText);
  const guessed = guessMapping(heading, STORE_COLUMNS);
  const said: TableWords = { headings: {}, kinds: {} };
  heading.forEach((text, i) => {
    const word = plainHeading(text);
    const key = mapping[i] ?? null;
    if (word !== '' && key !== guessed[i]) said.headings[word] = key;
  });
  for (const [text, means] of Object.entries(kinds)) {
    const word = kindWord(text);
    // Of things that say none it is asked each time.
    if (word !== '' && guessKind(word) !== means) said.kinds[word] = means;
  }
  return said;
}

export function tableRoutes(context: AppContext): Router {
  const { heavy, imports, tableWords } = context;
  const router = Router();
  router.post('/tables', async (req, res) => {
    const { letters } = body(TableQuery, { letters: '', ...req.query });
    const bytes = Buffer.isBuffer(req.body) ? req.body : Buffer.alloc(0);
    if (bytes.length === 0)
      throw new HttpError(422, 'invalid_file', 'There is nothing in this file.');
    sendJson(res, await heavy.bytes('tableFile', bytes, letters === '' ? null : letters));
  });
  router.get('/tables/words', (_req, res) => void res.json(tableWords.all()));
  router.delete('/tables/words', (req, res) => {
    const { what, word } = body(ForgetQuery, req.query);
    tableWords.forget(what, word);
    res.json(tableWords.all());
  });
  router.post('/store/preview', async (req, res) => {
    sendJson(res, await heavy.bytes('storePreview', body(PreviewBody, req.body)));
  });
  router.post('/store/import', async (req, res) => {
    const ask = body(ImportBody, req.body);
    const { marks, bad, ...read } = await heavy.told('storeImport', ask);
    const left = new Set(ask.leave);
    const unseen = bad.filter(({ row }) => !left.has(row));
    if (unseen.length > 0)
      throw new HttpError(
        422,
        'invalid_file',
        'Some rows need another look. Nothing was changed.',
        unseen.flatMap(({ row, faults }) =>
          faults.map(({ column, message }) => ({
            path: `row ${row}${column ? `, ${column}` : ''}`,
            message,
          })),
        ),
      );
    if (marks.length === 0)
      throw new HttpError(
        422,
        'invalid_file',
        'No row of the table can come in. Nothing was changed.',
      );
    const table = await takeIn(context, ask, read, marks);
    tableWords.learn(wordsOf(ask));
    res.status(201).json(table);
  });
  router.get('/store/imports', (_req, res) => void res.json(imports.list()));
  router.post('/store/imports/:id/back', async (req, res) => {
    res.json(await takeBack(context, req.params.id));
  });
  return router;
}
