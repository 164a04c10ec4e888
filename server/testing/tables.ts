/** What is asked of a table in tests, as the screen asks it. */
import { randomUUID } from 'node:crypto';
import type { ImportBody } from '../../contract/imports';
import { type Rows, cellText } from '../../contract/tables/file';
import { STORE_COLUMNS } from '../../contract/tables/inventoryColumns';
import { headingOf } from '../../contract/tables/layout';
import { guessMapping } from '../../contract/tables/table';
import { csvRows } from '../http/csv';

/** Things without a kind are taken by what they are counted in, unless it is said otherwise. */
export function tableAsk(table: string | Rows, over: Partial<ImportBody> = {}): ImportBody {
  const rows = typeof table === 'string' ? csvRows(table) : table.map((row) => [...row]);
  const headingAt = headingOf(rows, STORE_COLUMNS);
  return {
    rows,
    headingAt,
    mapping: guessMapping((rows[headingAt] ?? []).map(cellText), STORE_COLUMNS),
    readings: [],
    kinds: { '': 'byUnit' },
    kindOf: {},
    known: 'count',
    ofPacks: ['measured'],
    again: false,
    id: randomUUID(),
    name: 'things.csv',
    leave: [],
    ...over,
  };
}
