/** A table as the store would take it: seen first, and then what is right of it. */
import { createHash, randomUUID } from 'node:crypto';
import type { Versioned } from '../../contract/api';
import type { PreviewBody, StorePreview } from '../../contract/imports';
import { cellText } from '../../contract/tables/file';
import { STORE_COLUMNS } from '../../contract/tables/inventoryColumns';
import { type StoreImport, readStoreTable } from '../../contract/tables/inventoryRead';
import { rowsOf } from '../../contract/tables/layout';
import { readingsOf } from '../../contract/tables/readings';
import type { AppContext } from '../context';
import { HttpError } from '../http/errors';

/** What is read, and what is seen of it. */
export interface TableRead {
  preview: StorePreview;
  read: StoreImport;
  /** A mark for each row that comes in, by which it is known again. */
  marks: string[];
}

/** As the table has them: without the number that counts their changes. */
const plain = <T extends object>(list: readonly Versioned<T>[]): T[] =>
  list.map(({ version: _version, ...rest }) => rest as unknown as T);

const refused = (message: string): HttpError => new HttpError(422, 'invalid_file', message);

/** The same row under the same headings has the same mark. */
const markOf = (heading: string, cells: readonly unknown[]): string =>
  createHash('sha256')
    .update(`${heading}\n${JSON.stringify(cells)}`)
    .digest('hex')
    .slice(0, 16);

/** Throws a 422 for a table that says of nothing what it is called. */
export function readTable(context: AppContext, ask: PreviewBody): TableRead {
  const { headingAt, mapping } = ask;
  const heading = (ask.rows[headingAt] ?? []).map(cellText);
  const named = mapping.filter((key) => key !== null);
  if (new Set(named).size !== named.length)
    throw refused('Two columns of the table are taken for the same thing.');
  const nameAt = mapping.indexOf('name');
  if (nameAt < 0 && !mapping.includes('itemId'))
    throw refused('Say which column is the name of the item.');
  const { rows, leftOut } = rowsOf(ask.rows, headingAt, nameAt < 0 ? null : nameAt);
  if (rows.length === 0) throw refused('There are no rows below the heading.');
  const readings = readingsOf(
    rows.map(({ cells }) => cells),
    mapping,
    STORE_COLUMNS,
    ask.readings.map((asked) => asked ?? undefined),
  );
  const head = JSON.stringify(heading);
  const marks = rows.map(({ cells }) => markOf(head, cells.map(cellText)));
  const earlier = ask.again ? null : context.imports.seen(marks);
  const fresh = rows.map((_row, i) => !earlier?.rows.has(i));
  const read = readStoreTable(
    { heading, rows: rows.filter((_row, i) => fresh[i]), mapping, readings },
    {
      items: plain(context.items.list()),
      lots: plain(context.ledger.stocked()),
      boxes: plain(context.boxes.list()),
      household: context.settings.get('own').household,
    },
    ask,
    randomUUID,
  );
  return {
    read,
    marks: marks
      .filter((_mark, i) => fresh[i])
      .filter((_mark, i) => read.rows[i]?.faults.length === 0),
    preview: {
      rows: read.rows,
      leftOut: [
        ...leftOut,
        ...rows.flatMap(({ row }, i) => (fresh[i] ? [] : [{ row, why: 'same' as const }])),
      ].sort((a, b) => a.row - b.row),
      readings,
      kinds: read.kinds,
      knownLots: read.knownLots,
      besidePacks: read.besidePacks,
      same: earlier && {
        rows: earlier.rows.size,
        name: earlier.name,
        at: earlier.at,
      },
      items: read.items.length,
      lots: read.lots.length,
      boxes: read.boxes.length,
    },
  };
}

/** What comes in of it, without what is only seen. */
export function tableToTake(context: AppContext, ask: PreviewBody) {
  const {
    read: { items, lots, boxes, rows },
    marks,
  } = readTable(context, ask);
  const bad = rows.flatMap(({ row, faults }) => (faults.length > 0 ? [{ row, faults }] : []));
  return { items, lots, boxes, marks, bad };
}
