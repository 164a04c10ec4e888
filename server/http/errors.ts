import type { ErrorRequestHandler, RequestHandler } from 'express';
import type { ApiErrorBody } from '../../contract/api';
import { type FieldFault, check } from '../../contract/validate';

/** Trouble that the person can do something about; thrown by routes and stores, answered in one shape. */
export class HttpError extends Error {
  constructor(
    readonly status: 400 | 401 | 403 | 404 | 409 | 410 | 413 | 422 | 429 | 503,
    readonly code: string,
    message: string,
    readonly fields?: FieldFault[],
  ) {
    super(message);
  }
}

export const notFound = (what: string): HttpError =>
  new HttpError(404, 'not_found', `There is no such ${what}. It may have been removed.`);

/** The body as a class of the contract, or a refusal that names each fault by its path. */
export function body<T extends object>(type: new () => T, plain: unknown): T {
  const checked = check(type, plain);
  if (checked.ok) return checked.value;
  const n = checked.faults.length;
  throw new HttpError(
    422,
    'invalid',
    n === 1 ? 'One entry needs another look.' : `${n} entries need another look.`,
    checked.faults,
  );
}

export const nothingHere: RequestHandler = (req) => {
  throw new HttpError(404, 'not_found', `There is nothing at ${req.path}.`);
};

interface ParserError {
  type?: string;
  status?: number;
  code?: string;
  limit?: number;
}

/** What is in the way of storing, by the code that SQLite gives: its cause, and what to do. */
const STORAGE: readonly (readonly [code: RegExp, name: string, message: string])[] = [
  [
    /^SQLITE_FULL/,
    'disk_full',
    'The disk is full, so that nothing can be stored. Make room on it; what is typed is kept and sent again.',
  ],
  [
    /^SQLITE_READONLY_DBMOVED/,
    'file_gone',
    'The data file was moved or deleted while Hearty Stage runs. Put it back, or restore a backup, and start again.',
  ],
  [
    /^SQLITE_(READONLY|PERM|CANTOPEN)/,
    'read_only',
    'The data file, or its folder, can’t be written to. Give this user the right to write there.',
  ],
  [
    /^SQLITE_(BUSY|LOCKED)/,
    'locked',
    'Another program holds the data file. Close it; what is typed is kept and sent again.',
  ],
  [
    /^SQLITE_(CORRUPT|NOTADB)/,
    'damaged',
    'The data file is damaged. Stop Hearty Stage, keep the file, and restore a backup.',
  ],
  [
    /^SQLITE_(IOERR|NOMEM|PROTOCOL)/,
    'disk_trouble',
    'The disk can’t be read or written just now. Look at the disk; what is typed is kept and sent again.',
  ],
];

function storageTrouble(code: string | undefined): HttpError | null {
  const found = STORAGE.find(([pattern]) => pattern.test(code ?? ''));
  return found ? new HttpError(503, found[1], found[2]) : null;
}

const megabytes = (bytes = 0): string => `${Math.floor(bytes / 1024 / 1024)} MB`;

function asHttpError(error: unknown): HttpError | null {
  if (error instanceof HttpError) return error;
  const { type, status, code, limit } = error as ParserError;
  const trouble = storageTrouble(code);
  if (trouble) return trouble;
  if (code === 'SQLITE_CONSTRAINT_FOREIGNKEY')
    return new HttpError(409, 'in_use', 'Still in use elsewhere: remove it there first.');
  if (type === 'entity.too.large')
    return new HttpError(
      413,
      'too_large',
      `That is more than can be taken in one go: at most ${megabytes(limit)}.`,
    );
  if (type === 'entity.parse.failed')
    return new HttpError(400, 'not_json', 'That is not complete JSON: it may have been cut short.');
  if (typeof status === 'number' && status >= 400 && status < 500)
    return new HttpError(400, 'bad_request', 'That request can’t be understood.');
  return null;
}

/** It has a reason that can be told, and is no defect. */
export const isRefusal = (error: unknown): boolean => asHttpError(error) !== null;

/** What is told of an error, and with which status; a defect is written down. */
export function toldOf(error: unknown): ApiErrorBody['error'] & { status: number } {
  const refusal = asHttpError(error);
  if (!refusal) console.error(error);
  return refusal
    ? {
        status: refusal.status,
        code: refusal.code,
        message: refusal.message,
        ...(refusal.fields ? { fields: refusal.fields } : {}),
      }
    : {
        status: 500,
        code: 'internal',
        message: 'Hearty Stage could not do that. What was stored before is untouched.',
      };
}

export const answerErrors: ErrorRequestHandler = (error: unknown, _req, res, next) => {
  if (res.headersSent) {
    next(error);
    return;
  }
  const { status, ...told } = toldOf(error);
  // A route may have said already that a file comes: now it is words instead.
  res.removeHeader('Content-Disposition');
  res
    .status(status)
    .type('application/json')
    .json({ error: told } satisfies ApiErrorBody);
};
