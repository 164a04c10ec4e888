/** A file with a table in it, told as lines where they can be read and changed; pasted tables likewise. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Rows } from '../../contract/tables/file';
import { sheetOf } from '../../contract/tables/layout';
import type { Column } from '../../contract/tables/table';
import { isTable } from '../../contract/tables/told';
import { ApiError } from '../app/api';
import { TABLE_FILES, csvRows, readTableFile } from './tableFile';

interface TableButtonProps {
  columns: readonly Column[];
  /** With the file’s name, without its ending. */
  onRows: (rows: Rows, name: string) => void;
}

export function TableButton({ columns, onRows }: TableButtonProps) {
  const [trouble, setTrouble] = useState('');
  const [busy, setBusy] = useState(false);
  const choose = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setTrouble('');
    setBusy(true);
    try {
      const { sheets } = await readTableFile(file);
      const rows = sheets[sheetOf(sheets, columns)]?.rows ?? [];
      if (rows.length > 0) onRows(rows, file.name.replace(/\.[^.]*$/, ''));
      else setTrouble('There is nothing in this table.');
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      setTrouble(error.message);
    } finally {
      setBusy(false);
    }
  };
  return (
    <>
      <Button component="label" size="small" disabled={busy}>
        {busy ? 'Reading it …' : 'From a table (xlsx, CSV)'}
        <input
          hidden
          type="file"
          accept={TABLE_FILES}
          onChange={(event) => {
            void choose(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </Button>
      {trouble !== '' && (
        <Box role="alert" sx={{ color: 'var(--ember)', fontSize: 14 }}>
          △ {trouble}
        </Box>
      )}
    </>
  );
}

/** Takes what is pasted where it is a table with headings of these, instead of its bare text. */
export function useTablePaste(
  columns: readonly Column[],
  onRows: (rows: Rows) => void,
): (event: React.ClipboardEvent) => void {
  return (event) => {
    const text = event.clipboardData.getData('text/plain');
    // Cells of a spreadsheet are parted by tabs.
    const lines = text.split('\n').map((line) => line.split('\t'));
    if (!text.includes('\t') || !isTable(lines, columns)) return;
    event.preventDefault();
    void csvRows(text).then(onRows);
  };
}
