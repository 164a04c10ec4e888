/** The table as it was understood, cell by cell, beside what stands in it where that is written otherwise. */
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useVirtualizer } from '@tanstack/react-virtual';
import dayjs from 'dayjs';
import { useMemo, useRef, useState } from 'react';
import type { StorePreview } from '../../../contract/imports';
import { type Cell, cellText } from '../../../contract/tables/file';
import { STORE_COLUMNS, type StoreKey, titleOf } from '../../../contract/tables/inventoryColumns';
import type { ReadRow } from '../../../contract/tables/inventoryRead';
import { ITEM_KIND } from '../../../contract/tables/words';
import { ITEM_KINDS, type ItemKind } from '../../../core/repertoire/item';
import type { Table } from './useBringIn';

type LeftOut = StorePreview['leftOut'][number]['why'];

interface Line {
  /** As the spreadsheet counts it. */
  row: number;
  raw: readonly Cell[];
  /** Null while it is not read yet. */
  read: ReadRow | null;
  leftOut: LeftOut | null;
}

const WHY: Record<LeftOut, string> = {
  blank: 'blank',
  total: 'adds up the others',
  heading: 'the heading again',
  same: 'came in before',
};

const DAYS = new Set<StoreKey>(
  STORE_COLUMNS.flatMap(({ key, reads }) => (reads === 'day' ? [key] : [])),
);

const inWords = (key: StoreKey, text: string): string =>
  DAYS.has(key) && /^\d{4}-\d{2}-\d{2}$/.test(text) ? dayjs(text).format('D MMM YYYY') : text;

/** Not worth a second line: “200 ml” for 200 mL, “4 pcs” for 4. */
const isAlike = (text: string, written: string): boolean => {
  const plain = written.toLowerCase();
  return (
    plain === text.toLowerCase() || /^(?:pcs?|x|pieces?)\.?$/.test(plain.replace(text, '').trim())
  );
};

/** Height of a row whose cells have one line each. */
const ROW = 33;

/** Rows that the width of a column is taken from, so that most of its cells stand on one line. */
const LOOKED_AT = 40;

function widthsOf(table: Table): number[] {
  const { headingAt, mapping } = table.said;
  const rows = table.rows.slice(headingAt, headingAt + LOOKED_AT);
  const columns = Math.max(...table.rows.map((row) => row.length), 0);
  return Array.from({ length: columns }, (_, i) => {
    const longest = Math.max(...rows.map((row) => cellText(row[i]).length));
    return Math.min(280, Math.max(mapping[i] ? 148 : 116, longest * 7.5 + 20));
  });
}

interface HeadProps {
  heading: string;
  at: number;
  mapping: readonly (StoreKey | null)[];
  onChange: (mapping: (StoreKey | null)[]) => void;
}

function Head({ heading, at, mapping, onChange }: HeadProps) {
  const key = mapping[at] ?? null;
  const label = heading || `Column ${at + 1}`;
  return (
    <Box role="columnheader" sx={{ px: 1, py: 0.75 }}>
      <Box sx={{ font: '600 15px/20px Bricolage', overflowWrap: 'anywhere' }}>{label}</Box>
      <TextField
        select
        size="small"
        variant="standard"
        value={key ?? ''}
        fullWidth
        onChange={(event) => {
          const next = event.target.value === '' ? null : (event.target.value as StoreKey);
          // No two columns are the same thing: the other is left out.
          onChange(mapping.map((old, i) => (i === at ? next : old === next ? null : old)));
        }}
        slotProps={{
          select: { displayEmpty: true, inputProps: { 'aria-label': `${label} is` } },
          input: { sx: { fontSize: 14, color: key ? undefined : 'var(--muted)' } },
        }}
      >
        <MenuItem value="">left out</MenuItem>
        {STORE_COLUMNS.map((column) => (
          <MenuItem key={column.key} value={column.key}>
            {column.title}
          </MenuItem>
        ))}
      </TextField>
    </Box>
  );
}

interface RowCellsProps {
  line: Line;
  mapping: readonly (StoreKey | null)[];
  widths: readonly number[];
  onKind: (row: number, kind: ItemKind) => void;
}

function RowCells({ line: { row, raw, read, leftOut }, mapping, widths, onKind }: RowCellsProps) {
  const faults = read?.faults ?? [];
  const bad = faults.length > 0;
  const wrong = new Set(faults.map(({ column }) => column));
  return (
    <>
      <Box
        role="rowheader"
        sx={{
          position: 'sticky',
          left: 0,
          background: 'var(--ground)',
          px: 1,
          py: 0.75,
          color: bad ? 'var(--ember)' : 'var(--muted)',
          fontVariantNumeric: 'tabular-nums',
        }}
      >
        {bad ? '△ ' : read ? '✓ ' : ''}
        {row}
      </Box>
      <Box role="cell" sx={{ px: 1, py: 0.75, color: bad ? 'var(--ember)' : 'var(--muted)' }}>
        {leftOut && `left out: ${WHY[leftOut]}`}
        {!bad && read?.what}
        {faults.map(({ column, message }) => (
          <div key={`${column}/${message}`}>
            {column} {message}
          </div>
        ))}
        {wrong.has('Kind') && (
          <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap', mt: 0.5 }}>
            {ITEM_KINDS.map((kind) => (
              <Box
                component="button"
                type="button"
                key={kind}
                onClick={() => onKind(row, kind)}
                sx={{
                  font: 'inherit',
                  fontSize: 14,
                  border: '1px solid var(--line-strong)',
                  borderRadius: 1.5,
                  background: 'none',
                  color: 'var(--ink)',
                  px: 1,
                  cursor: 'pointer',
                }}
              >
                {kind === 'consumable' ? 'Used up' : ITEM_KIND[kind]}
              </Box>
            ))}
          </Box>
        )}
      </Box>
      {widths.map((_width, i) => {
        const key = mapping[i] ?? null;
        const written = cellText(raw[i]);
        const text = read && key ? inWords(key, read.cells[i] ?? '') : '';
        const faulty = key !== null && wrong.has(titleOf(key));
        const shown = faulty ? written : text || written;
        return (
          <Box
            key={i}
            role="cell"
            sx={{
              px: 1,
              py: 0.75,
              overflowWrap: 'anywhere',
              color: faulty ? 'var(--ember)' : !key || leftOut ? 'var(--muted)' : undefined,
              textDecoration: leftOut ? 'line-through' : undefined,
            }}
          >
            {shown}
            {!faulty && text !== '' && !isAlike(text, written) && (
              <Box sx={{ fontSize: 13, lineHeight: '18px', color: 'var(--muted)' }}>{written}</Box>
            )}
          </Box>
        );
      })}
    </>
  );
}

type Shown = 'all' | 'bad' | 'leftOut';

/** What each row of the table comes to, those that are left out in their places. */
function linesOf(table: Table, preview: StorePreview | undefined): Line[] {
  const { headingAt } = table.said;
  const read = new Map(preview?.rows.map((row) => [row.row, row]));
  const left = new Map(preview?.leftOut.map(({ row, why }) => [row, why]));
  return table.rows.slice(headingAt + 1).map((raw, i) => {
    const row = headingAt + i + 2;
    return { row, raw, read: read.get(row) ?? null, leftOut: left.get(row) ?? null };
  });
}

interface PreviewTableProps {
  table: Table;
  heading: readonly string[];
  preview: StorePreview | undefined;
  onMapping: (mapping: (StoreKey | null)[]) => void;
  onKind: (row: number, kind: ItemKind) => void;
}

export function PreviewTable({ table, heading, preview, onMapping, onKind }: PreviewTableProps) {
  const [shown, setShown] = useState<Shown>('all');
  const scroller = useRef<HTMLDivElement>(null);
  const lines = useMemo(() => linesOf(table, preview), [table, preview]);
  const bad = useMemo(() => lines.filter(({ read }) => read && read.faults.length > 0), [lines]);
  const left = useMemo(() => lines.filter(({ leftOut }) => leftOut !== null), [lines]);
  const inSight = shown === 'all' ? lines : shown === 'bad' ? bad : left;
  const widths = useMemo(() => widthsOf(table), [table]);
  const columns = `72px 240px ${widths.map((width) => `minmax(${width}px, 1fr)`).join(' ')}`;
  const virtual = useVirtualizer({
    count: inSight.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 24,
    getItemKey: (i) => inSight[i]?.row ?? i,
  });
  const mapping = widths.map((_width, i) => table.said.mapping[i] ?? null);
  return (
    <>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label="Rows shown"
        value={shown}
        onChange={(_event, next: Shown | null) => next && setShown(next)}
        sx={{ my: 1, flexWrap: 'wrap' }}
      >
        <ToggleButton value="all">All {lines.length}</ToggleButton>
        <ToggleButton value="bad">Need another look {bad.length}</ToggleButton>
        <ToggleButton value="leftOut">Left out {left.length}</ToggleButton>
      </ToggleButtonGroup>
      <Box
        ref={scroller}
        role="table"
        aria-label="The table as it is understood"
        aria-rowcount={inSight.length + 1}
        tabIndex={0}
        sx={{
          border: '1px solid var(--line)',
          borderRadius: 1.5,
          maxHeight: 'max(320px, 60vh)',
          overflow: 'auto',
          fontSize: 15,
          lineHeight: '20px',
        }}
      >
        <Box
          role="row"
          aria-rowindex={1}
          sx={{
            display: 'grid',
            gridTemplateColumns: columns,
            minWidth: 'max-content',
            position: 'sticky',
            top: 0,
            zIndex: 2,
            background: 'var(--ground)',
            borderBottom: '1px solid var(--line-strong)',
          }}
        >
          <Box role="columnheader" sx={{ px: 1, py: 0.75, color: 'var(--muted)' }}>
            Row
          </Box>
          <Box role="columnheader" sx={{ px: 1, py: 0.75, color: 'var(--muted)' }}>
            comes to
          </Box>
          {mapping.map((_key, i) => (
            <Head
              key={`${i}/${heading[i] ?? ''}`}
              heading={heading[i] ?? ''}
              at={i}
              mapping={mapping}
              onChange={onMapping}
            />
          ))}
        </Box>
        <Box
          role="rowgroup"
          sx={{ position: 'relative', minWidth: 'max-content' }}
          style={{ height: virtual.getTotalSize() }}
        >
          {virtual.getVirtualItems().map(({ index, key, start }) => {
            const line = inSight[index];
            return (
              line && (
                <Box
                  key={String(key)}
                  ref={virtual.measureElement}
                  data-index={index}
                  role="row"
                  aria-rowindex={index + 2}
                  sx={{
                    display: 'grid',
                    gridTemplateColumns: columns,
                    position: 'absolute',
                    top: 0,
                    left: 0,
                    minWidth: '100%',
                    borderBottom: '1px solid var(--line)',
                  }}
                  style={{ transform: `translateY(${start}px)` }}
                >
                  <RowCells line={line} mapping={mapping} widths={widths} onKind={onKind} />
                </Box>
              )
            );
          })}
        </Box>
      </Box>
    </>
  );
}
