/** A table of someone’s into the store: read, looked at cell by cell, brought in, and taken back. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Link } from 'react-router';
import type { StorePreview } from '../../../contract/imports';
import { badRows } from '../../../contract/tables/badRows';
import { STORE_COLUMNS } from '../../../contract/tables/inventoryColumns';
import { sheetOf } from '../../../contract/tables/layout';
import { counted } from '../../../core/words';
import { Page, Section } from '../../parts/page';
import { useAction } from '../../parts/useAction';
import { saveCsv } from '../../tables/saveCsv';
import { TableSource } from '../../tables/TableSource';
import { CameIn, Coming, Told, useTakeBack } from './CameIn';
import { PreviewTable } from './PreviewTable';
import { Questions } from './Questions';
import { type BringIn, type Done, type Table, refusalOf, useBringIn } from './useBringIn';

const saveBad = (bad: Done['bad']): Promise<void> => saveCsv('rows-to-put-right.csv', bad);

/** The row that the headings stand in, as the file counts them. */
function HeadingRow({ bring, table }: { bring: BringIn; table: Table }) {
  const [typed, setTyped] = useState<string | null>(null);
  const most = Math.max(1, table.rows.length - 1);
  const at = Number(typed ?? table.said.headingAt + 1);
  const wrong = !Number.isInteger(at) || at < 1 || at > most;
  return (
    <TextField
      label="Headings in row"
      type="number"
      size="small"
      value={typed ?? String(table.said.headingAt + 1)}
      error={wrong}
      helperText={wrong ? `must be a row from 1 to ${most}` : undefined}
      onChange={(event) => {
        setTyped(event.target.value);
        const next = Number(event.target.value);
        if (Number.isInteger(next) && next >= 1 && next <= most) bring.headingIs(next - 1);
      }}
      onBlur={() => !wrong && setTyped(null)}
      sx={{ width: 160 }}
    />
  );
}

/** What the table comes to, and the press that brings it in. */
function Outcome({
  bring,
  table,
  preview,
}: {
  bring: BringIn;
  table: Table;
  preview: StorePreview;
}) {
  const act = useAction();
  const bad = preview.rows.filter(({ faults }) => faults.length > 0).length;
  const good = preview.rows.length - bad;
  const { items, lots, boxes } = preview;
  return (
    <Box
      sx={{
        position: 'sticky',
        bottom: 0,
        zIndex: 3,
        display: 'flex',
        gap: 2,
        alignItems: 'center',
        flexWrap: 'wrap',
        py: 1.5,
        background: 'var(--ground)',
      }}
    >
      <Button
        variant="contained"
        // What is brought in is what was seen: while it is read anew, it waits.
        disabled={good === 0 || bring.preview.isFetching}
        onClick={() => void act(() => bring.bringIn(preview))}
      >
        {bad > 0 ? `Bring in the ${counted(good, 'good row')}` : `Bring in ${counted(good, 'row')}`}
      </Button>
      <Box>
        {good > 0 &&
          `${counted(items, 'item')}, ${counted(lots, 'lot')}${boxes > 0 ? `, ${counted(boxes, 'new box', 'new boxes')}` : ''}.`}
        {good === 0 && bad === 0 && 'Nothing in it is new.'}
      </Box>
      {bad > 0 && (
        <Box sx={{ color: 'var(--ember)' }}>
          △ {counted(bad, 'row needs', 'rows need')} another look.{' '}
          <Button
            size="small"
            onClick={() => void saveBad(badRows(table.rows, table.said.headingAt, preview.rows))}
          >
            Save {bad === 1 ? 'it' : 'them'} as a table, with the reasons
          </Button>
        </Box>
      )}
    </Box>
  );
}

function CameWhole({ done }: { done: Done }) {
  const { told, going, takeBack } = useTakeBack();
  const { table, bad } = done;
  if (told) return <Told told={told} />;
  return (
    <Alert severity="success" variant="outlined" sx={{ mb: 2 }}>
      Brought in: {counted(table.items, 'item')}, {counted(table.lots, 'lot')}.{' '}
      <Link to="/store">To the items</Link>
      <Button
        size="small"
        disabled={going !== null}
        onClick={() => void takeBack(table.id)}
        sx={{ ml: 1 }}
      >
        Take it all back
      </Button>
      {bad.length > 1 && (
        <div>
          {counted(bad.length - 1, 'row')} did not come in.{' '}
          <Button size="small" onClick={() => void saveBad(bad)}>
            Save as a table, with the reasons
          </Button>
        </div>
      )}
    </Alert>
  );
}

function Looked({ bring, table }: { bring: BringIn; table: Table }) {
  const { preview, coming } = bring;
  const { takeBack } = useTakeBack();
  const refusal = refusalOf(preview.error);
  const seen = preview.error ? undefined : preview.data;
  return (
    <Section title="What is understood">
      {refusal !== '' && (
        <Alert severity="error" variant="outlined" icon={false} sx={{ mb: 1 }}>
          △ {refusal}
        </Alert>
      )}
      {seen && <Questions bring={bring} table={table} preview={seen} />}
      <Box sx={{ height: 4, mt: 1 }}>
        {preview.isFetching && (
          <LinearProgress aria-label={`Reading ${counted(table.rows.length, 'row')}`} />
        )}
      </Box>
      <PreviewTable
        key={table.key}
        table={table}
        heading={bring.heading}
        preview={seen}
        onMapping={(mapping) => bring.say({ mapping, readings: [] })}
        onKind={(row, kind) => bring.say({ kindOf: { ...table.said.kindOf, [row]: kind } })}
      />
      {coming ? (
        <Coming id={coming} onStop={() => void takeBack(coming)} />
      ) : (
        seen && <Outcome bring={bring} table={table} preview={seen} />
      )}
    </Section>
  );
}

export default function BringInPage() {
  const bring = useBringIn();
  const { table, done } = bring;
  return (
    <Page
      wide
      title="Bring in"
      below="A table of things as you have it: a workbook, CSV, or pasted. Nothing comes in before you have seen what was understood."
    >
      {done && <CameWhole done={done} key={done.table.id} />}
      <TableSource
        key={done?.table.id ?? ''}
        guessSheet={(sheets) => sheetOf(sheets, STORE_COLUMNS)}
        onSource={bring.take}
      >
        {table && <HeadingRow key={table.key} bring={bring} table={table} />}
      </TableSource>
      {table && <Looked bring={bring} table={table} />}
      <CameIn />
    </Page>
  );
}
