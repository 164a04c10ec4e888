/** Import of a spreadsheet: columns mapped, rows reviewed, then stored. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import type { StorePreview } from '../../contract/api';
import { STORE_COLUMNS, type StoreKey } from '../../contract/tables/inventoryColumns';
import { guessMapping } from '../../contract/tables/table';
import { counted } from '../../core/words';
import { send } from '../app/api';
import { queryClient } from '../app/data';
import { useAction } from '../parts/useAction';
import { Page, Section } from '../parts/page';
import { Pick } from '../parts/Pick';
import { grid } from '../repertoire/grid';

interface Table {
  text: string;
  head: string[];
  sample: string[];
  rows: number;
}

/** The library that reads CSV is only wanted here. */
async function tableOf(text: string): Promise<Table> {
  const { default: Papa } = await import('papaparse');
  const [head = [], ...rows] = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trimEnd()).data;
  return {
    text,
    head,
    sample: head.map((_, i) => rows.find((row) => row[i])?.[i] ?? ''),
    rows: rows.length,
  };
}

const choices = STORE_COLUMNS.map(({ key, title }) => ({ value: key, label: title }));

function Mapping({
  table,
  mapping,
  onChange,
}: {
  table: Table;
  mapping: readonly (StoreKey | null)[];
  onChange: (mapping: (StoreKey | null)[]) => void;
}) {
  return (
    <Box sx={grid(220)}>
      {table.head.map((heading, i) => (
        <Box key={`${heading}/${String(i)}`}>
          <Pick
            label={heading || `Column ${i + 1}`}
            value={mapping[i] ?? null}
            none="Leave it out"
            options={choices}
            onChange={(key) => onChange(mapping.map((old, j) => (j === i ? key : old)))}
            helperText={table.sample[i] ? `such as “${table.sample[i].slice(0, 40)}”` : 'empty'}
            sx={{ width: '100%' }}
          />
        </Box>
      ))}
    </Box>
  );
}

function Preview({ preview }: { preview: StorePreview }) {
  const { faults, rows } = preview;
  return (
    <>
      {faults.length > 0 ? (
        <Alert severity="error" variant="outlined" icon={false} sx={{ my: 1 }}>
          △ {counted(faults.length, 'entry needs', 'entries need')} another look. Put them right in
          the spreadsheet, or leave the column out; nothing is brought in until then.
        </Alert>
      ) : (
        <Typography sx={{ fontWeight: 700 }}>
          ✓ {counted(preview.items, 'item')}, {counted(preview.lots, 'lot')}
          {preview.boxes > 0 && `, ${counted(preview.boxes, 'new box', 'new boxes')}`}.
        </Typography>
      )}
      <Box
        component="ul"
        sx={{ listStyle: 'none', p: 0, m: 0, maxHeight: 360, overflow: 'auto' }}
        tabIndex={0}
        aria-label="Rows"
      >
        {faults.map((fault) => (
          <Box
            component="li"
            key={`${fault.row}/${fault.column}/${fault.message}`}
            sx={{ borderBottom: '1px solid var(--line)', py: 0.75, color: 'var(--ember)' }}
          >
            <b>Row {fault.row}</b>
            {fault.column && `, ${fault.column}`}: {fault.message}
          </Box>
        ))}
        {rows.slice(0, 200).map((row) => (
          <Box
            component="li"
            key={row.row}
            sx={{ borderBottom: '1px solid var(--line)', py: 0.75 }}
          >
            Row {row.row}: <b>{row.name}</b>{' '}
            <Box component="span" sx={{ color: 'var(--muted)' }}>
              {row.what}
            </Box>
          </Box>
        ))}
        {rows.length > 200 && <li>and {rows.length - 200} more rows</li>}
      </Box>
    </>
  );
}

export default function BringInPage() {
  const act = useAction();
  const [typed, setTyped] = useState('');
  const [table, setTable] = useState<Table | null>(null);
  const [mapping, setMapping] = useState<(StoreKey | null)[]>([]);
  const [preview, setPreview] = useState<StorePreview | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const take = async (text: string): Promise<void> => {
    setDone(null);
    setPreview(null);
    const read = text.trim() === '' ? null : await tableOf(text);
    setTable(read);
    setMapping(read ? guessMapping(read.head, STORE_COLUMNS) : []);
  };
  const work = async (what: () => Promise<void>): Promise<void> => {
    setBusy(true);
    await act(what);
    setBusy(false);
  };
  const look = (): Promise<void> =>
    work(async () => {
      setPreview(
        await send<StorePreview>('POST', '/store/preview', { text: table?.text, mapping }),
      );
    });
  const bringIn = (): Promise<void> =>
    work(async () => {
      const answer = await send<{ items: number; lots: number }>('POST', '/store/import', {
        text: table?.text,
        mapping,
      });
      await queryClient.invalidateQueries();
      setDone(`Brought in: ${counted(answer.items, 'item')}, ${counted(answer.lots, 'lot')}.`);
      setTable(null);
      setPreview(null);
      setTyped('');
    });
  return (
    <Page title="Bring in" below="A spreadsheet saved as CSV, with its headings in the first row">
      {done && (
        <Alert severity="success" variant="outlined" sx={{ mb: 2 }}>
          {done} <Link to="/store">To the items</Link>
        </Alert>
      )}
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <Button variant="outlined" component="label">
          Choose a CSV file
          <input
            hidden
            type="file"
            accept=".csv,.txt,text/csv"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file)
                void file.text().then((text) => {
                  setTyped('');
                  return take(text);
                });
              event.target.value = '';
            }}
          />
        </Button>
        <TextField
          label="Or paste it here"
          multiline
          minRows={2}
          maxRows={8}
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value);
            void take(event.target.value);
          }}
          sx={{ flex: '1 1 320px' }}
        />
      </Box>
      {table && (
        <>
          <Section title="Which column is what">
            <Typography color="textSecondary" sx={{ mb: 1.5 }}>
              {counted(table.rows, 'row')} below the heading.
            </Typography>
            <Mapping
              table={table}
              mapping={mapping}
              onChange={(next) => {
                setMapping(next);
                setPreview(null);
              }}
            />
            <Button variant="outlined" sx={{ mt: 2 }} disabled={busy} onClick={() => void look()}>
              {busy ? 'Reading …' : 'See what that comes to'}
            </Button>
          </Section>
          {preview && (
            <Section title="What it comes to">
              <Preview preview={preview} />
              <Button
                variant="contained"
                sx={{ mt: 2 }}
                disabled={busy || preview.faults.length > 0}
                onClick={() => void bringIn()}
              >
                Bring it in
              </Button>
            </Section>
          )}
        </>
      )}
    </Page>
  );
}
