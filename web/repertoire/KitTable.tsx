/** The kit of a method to and from a spreadsheet: copied out, and pasted in after a look. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import type { ItemName } from '../../contract/api';
import {
  KIT_COLUMNS,
  type KitImport,
  kitLinesTable,
  readKitTable,
} from '../../contract/tables/kitRead';
import { guessMapping } from '../../contract/tables/table';
import type { KitLine } from '../../core/repertoire/types';
import { formatAmount, writeAmount } from '../../core/units/format';
import { type Rows, cellText } from '../../contract/tables/file';
import { basisWords } from '../../contract/tables/words';
import { counted } from '../../core/words';
import { newId } from '../app/api';
import { saveCsv } from '../tables/saveCsv';
import { TableButton } from '../tables/TableButton';
import { csvRows, csvText } from '../tables/tableFile';

interface KitTableProps {
  name: string;
  items: readonly ItemName[];
}

function readRows([head = [], ...rows]: Rows, items: readonly ItemName[]): KitImport {
  const mapping = guessMapping(head.map(cellText), KIT_COLUMNS);
  // Without a heading that is known, the columns are taken in their usual order.
  return mapping.includes('item')
    ? readKitTable(rows, mapping, items, newId)
    : readKitTable(
        [head, ...rows],
        KIT_COLUMNS.map((column) => column.key),
        items,
        newId,
      );
}

export function KitTable({ name, items }: KitTableProps) {
  const { getValues, setValue } = useFormContext();
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [read, setRead] = useState<KitImport | null>(null);
  const lines = (): KitLine[] => getValues(name) as KitLine[];
  const save = (): Promise<void> =>
    saveCsv(
      'kit-of-method.csv',
      kitLinesTable(
        lines(),
        (id) => items.find((item) => item.id === id)?.name ?? '',
        (line) => writeAmount(line.amount, line.unit),
      ),
    );
  const type = async (typed: string): Promise<void> => {
    setText(typed);
    setRead(typed.trim() === '' ? null : readRows(await csvRows(typed), items));
  };
  if (!open)
    return (
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        <Button size="small" onClick={() => setOpen(true)}>
          Paste a list
        </Button>
        <Button size="small" onClick={() => void save()}>
          Save as CSV
        </Button>
      </Box>
    );
  return (
    <Box sx={{ mt: 1.5, display: 'grid', gap: 1 }}>
      <TextField
        autoFocus
        multiline
        minRows={3}
        maxRows={10}
        label="Item, amount, counted, notes"
        value={text}
        onChange={(event) => void type(event.target.value)}
        helperText="A row for each line, from a spreadsheet or a CSV file"
      />
      <TableButton
        columns={KIT_COLUMNS}
        onRows={(rows) => void csvText(rows).then((typed) => type(typed))}
      />
      {read && read.lines.length > 0 && (
        <Box component="ul" aria-label="Understood" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {read.lines.map((line) => (
            <li key={line.id}>
              {formatAmount(line.amount, line.unit)}
              {line.most !== null && ` to ${formatAmount(line.most, line.unit)}`}{' '}
              <b>{items.find(({ id }) => id === line.itemId)?.name}</b>, {basisWords(line)}
            </li>
          ))}
        </Box>
      )}
      {read && read.faults.length > 0 && (
        <Alert severity="error" variant="outlined" icon={false}>
          {read.faults.slice(0, 20).map((fault) => (
            <div key={`${fault.row}/${fault.column}/${fault.message}`}>
              △ Row {fault.row}, {fault.column} {fault.message}
            </div>
          ))}
          {read.faults.length > 20 && `and ${read.faults.length - 20} more`}
        </Alert>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button
          variant="outlined"
          disabled={!read || read.faults.length > 0 || read.lines.length === 0}
          onClick={() => {
            setValue(name, [...lines(), ...(read?.lines ?? [])], { shouldDirty: true });
            void type('');
            setOpen(false);
          }}
        >
          Add {counted(read?.lines.length ?? 0, 'line')}
        </Button>
        <Button onClick={() => setOpen(false)}>Leave it</Button>
      </Box>
    </Box>
  );
}
