/** Where a table comes from: a file that is chosen or dropped, or text that is pasted; which sheet, and how its letters are read. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import { type ReactNode, useRef, useState } from 'react';
import {
  type Cell,
  ENCODINGS,
  ENCODING_WORDS,
  type Encoding,
  type TableFile,
} from '../../contract/tables/file';
import { counted } from '../../core/words';
import { ApiError } from '../app/api';
import { Pick } from '../parts/Pick';
import { TABLE_FILES, readTableFile } from './tableFile';

/** A sheet as it was chosen. */
export interface Source {
  /** Of the file, or that it was pasted; with its sheet where there are several. */
  name: string;
  rows: Cell[][];
}

interface TableSourceProps {
  /** Asked beside what was chosen. */
  children?: ReactNode;
  /** The sheet that is most likely meant. */
  guessSheet: (sheets: TableFile['sheets']) => number;
  /** Null when there is nothing to read any more. */
  onSource: (source: Source | null) => void;
}

interface Chosen {
  name: string;
  from: Blob | string;
  file: TableFile;
  sheet: number;
}

const LETTERS = ENCODINGS.map((value) => ({ value, label: ENCODING_WORDS[value] }));

export function TableSource({ guessSheet, onSource, children }: TableSourceProps) {
  const [typed, setTyped] = useState('');
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState('');
  const [over, setOver] = useState(false);
  /** Only the last that was asked for counts. */
  const asked = useRef(0);

  const choose = (next: Chosen | null): void => {
    setChosen(next);
    const sheet = next?.file.sheets[next.sheet];
    onSource(
      next && sheet
        ? {
            name: next.file.sheets.length > 1 ? `${next.name}, ${sheet.name}` : next.name,
            rows: sheet.rows,
          }
        : null,
    );
  };
  const read = async (
    name: string,
    from: Blob | string,
    letters: Encoding | null = null,
  ): Promise<void> => {
    const mine = ++asked.current;
    setTrouble('');
    if (typeof from === 'string' && from.trim() === '') {
      choose(null);
      return;
    }
    setBusy(true);
    try {
      const file = await readTableFile(from, letters);
      if (mine === asked.current) choose({ name, from, file, sheet: guessSheet(file.sheets) });
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      if (mine !== asked.current) return;
      choose(null);
      setTrouble(error.message);
    } finally {
      if (mine === asked.current) setBusy(false);
    }
  };
  const take = (file: File | undefined): void => {
    if (!file) return;
    setTyped('');
    void read(file.name, file);
  };
  return (
    <Box
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        take(event.dataTransfer.files[0]);
      }}
      sx={{
        border: '1px dashed',
        borderColor: over ? 'var(--ink)' : 'var(--line-strong)',
        borderRadius: 1.5,
        p: 2,
      }}
    >
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <Button variant={chosen ? 'outlined' : 'contained'} component="label">
          {chosen ? 'Choose another file' : 'Choose a file'}
          <input
            hidden
            type="file"
            accept={TABLE_FILES}
            onChange={(event) => {
              take(event.target.files?.[0]);
              event.target.value = '';
            }}
          />
        </Button>
        {(!chosen || typed !== '') && (
          <TextField
            label="Or paste the table here"
            multiline
            minRows={1}
            maxRows={chosen ? 1 : 6}
            value={typed}
            onChange={(event) => {
              setTyped(event.target.value);
              void read('Pasted table', event.target.value);
            }}
            helperText={
              chosen ? undefined : 'A workbook (xlsx) or text (CSV); it can be dropped here, too'
            }
            sx={{ flex: '1 1 320px' }}
          />
        )}
        {chosen && (
          <Box
            sx={{
              font: '700 17px/24px Bricolage',
              flex: '0 1 auto',
              py: 0.75,
              overflowWrap: 'anywhere',
            }}
          >
            {chosen.name}
          </Box>
        )}
        {chosen && chosen.file.sheets.length > 1 && (
          <Pick
            label="Sheet"
            value={String(chosen.sheet)}
            options={chosen.file.sheets.map(({ name, rows }, i) => ({
              value: String(i),
              label: `${name} (${counted(rows.length, 'row')})`,
            }))}
            onChange={(at) => choose({ ...chosen, sheet: Number(at ?? 0) })}
            sx={{ width: 240 }}
          />
        )}
        {chosen?.file.letters && !chosen.file.letters.sure && (
          <Pick
            label="Its letters are"
            value={chosen.file.letters.encoding}
            options={LETTERS}
            onChange={(letters) => void read(chosen.name, chosen.from, letters)}
            helperText="Change it where letters look wrong below"
            sx={{ width: 280 }}
          />
        )}
        {chosen && children}
      </Box>
      {busy && <LinearProgress aria-label="Reading the file" sx={{ mt: 1 }} />}
      {trouble !== '' && (
        <Alert severity="error" variant="outlined" icon={false} sx={{ mt: 1 }}>
          △ {trouble}
        </Alert>
      )}
    </Box>
  );
}
