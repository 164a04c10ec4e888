/** A table on its way into the store: what is said of it, what it would come to, and its coming in. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import type {
  ImportBody,
  PreviewBody,
  StorePreview,
  TableImport,
  TableWords,
} from '../../../contract/imports';
import { badRows } from '../../../contract/tables/badRows';
import { type Rows, cellText } from '../../../contract/tables/file';
import { STORE_COLUMNS, type StoreKey } from '../../../contract/tables/inventoryColumns';
import { headingOf } from '../../../contract/tables/layout';
import { guessMapping, plainHeading } from '../../../contract/tables/table';
import { ApiError, newId, send } from '../../app/api';
import type { Source } from '../../tables/TableSource';

/** What is said by hand; the rows are those of the source. */
export type Said = Omit<PreviewBody, 'rows'>;

export interface Table extends Source {
  /** Another for each that is chosen. */
  key: string;
  /** Its rows are those below; as a number in the file it is one more. */
  said: Said;
}

const NO_WORDS: TableWords = { headings: {}, kinds: {} };

/** The columns that headings mean: as was said before, else as they seem to. */
function mappingOf(heading: readonly string[], words: TableWords): (StoreKey | null)[] {
  const guessed = guessMapping(heading, STORE_COLUMNS);
  const taken = new Set<StoreKey>();
  const learnt = heading.map((text): StoreKey | null | undefined => {
    const key = words.headings[plainHeading(text)];
    if (key === undefined || key === null) return key;
    if (taken.has(key)) return undefined;
    taken.add(key);
    return key;
  });
  return learnt.map((key, i) => {
    if (key !== undefined) return key;
    const guess = guessed[i] ?? null;
    return guess !== null && taken.has(guess) ? null : guess;
  });
}

const headingAt = ({ rows }: Source, at: number): string[] => (rows[at] ?? []).map(cellText);

function begun(source: Source, words: TableWords): Table {
  const at = headingOf(source.rows, STORE_COLUMNS);
  return {
    ...source,
    key: newId(),
    said: {
      headingAt: at,
      mapping: mappingOf(headingAt(source, at), words),
      readings: [],
      kinds: words.kinds,
      kindOf: {},
      known: 'count',
      ofPacks: ['measured'],
      again: false,
    },
  };
}

/** What came in, and what is left to put right. */
export interface Done {
  table: TableImport;
  bad: Rows;
}

export function useBringIn() {
  const client = useQueryClient();
  const [table, setTable] = useState<Table | null>(null);
  const [coming, setComing] = useState<string | null>(null);
  const [done, setDone] = useState<Done | null>(null);
  const words = useQuery({
    queryKey: ['/tables/words'],
    queryFn: () => send<TableWords>('GET', '/tables/words'),
  });
  const preview = useQuery({
    queryKey: ['/tables/preview', table?.key, table?.said],
    queryFn: ({ signal }) => {
      signal.throwIfAborted();
      return send<StorePreview>('POST', '/store/preview', { ...table?.said, rows: table?.rows });
    },
    enabled: table !== null && coming === null,
    // What was read of this table stays until it is read anew; of another nothing does.
    placeholderData: (before, query) => (query?.queryKey[1] === table?.key ? before : undefined),
    retry: false,
    gcTime: 0,
  });
  const learnt = words.data ?? NO_WORDS;
  const heading = useMemo(() => (table ? headingAt(table, table.said.headingAt) : []), [table]);
  const say = (more: Partial<Said>): void =>
    setTable((now) => now && { ...now, said: { ...now.said, ...more } });
  return {
    table,
    heading,
    words: learnt,
    preview,
    /** The id of the table that comes in just now. */
    coming,
    done,
    take: (source: Source | null): void => {
      setDone(null);
      setTable(source && begun(source, learnt));
    },
    say,
    headingIs: (at: number): void => {
      if (table)
        say({ headingAt: at, mapping: mappingOf(headingAt(table, at), learnt), readings: [] });
    },
    forget: async (what: 'heading' | 'kind', word: string): Promise<void> => {
      const left = await send<TableWords>(
        'DELETE',
        `/tables/words?what=${what}&word=${encodeURIComponent(word)}`,
      );
      client.setQueryData(['/tables/words'], left);
      if (table) say({ mapping: mappingOf(heading, left), kinds: { ...left.kinds } });
    },
    bringIn: async (seen: StorePreview): Promise<void> => {
      if (!table) return;
      const id = newId();
      setComing(id);
      try {
        const bad = badRows(table.rows, table.said.headingAt, seen.rows);
        const ask: ImportBody = {
          ...table.said,
          rows: table.rows,
          id,
          name: table.name.slice(0, 200),
          leave: seen.rows.flatMap(({ row, faults }) => (faults.length > 0 ? [row] : [])),
        };
        const came = await send<TableImport>('POST', '/store/import', ask);
        await client.invalidateQueries();
        if (came.whole) {
          setDone({ table: came, bad });
          setTable(null);
        }
      } finally {
        setComing(null);
      }
    },
  };
}

export type BringIn = ReturnType<typeof useBringIn>;

/** What the server said of a table that it could not read; empty for none. */
export const refusalOf = (error: unknown): string =>
  error instanceof ApiError ? error.message : '';
