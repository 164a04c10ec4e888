import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { useFieldArray } from 'react-hook-form';
import { grid } from './grid';

interface RowsProps {
  name: string;
  add: string;
  fresh: () => object;
  row: (at: string) => React.ReactNode;
}

/** A short list of like rows of fields, each removable, with one to add. */
export function Rows({ name, add, fresh, row }: RowsProps) {
  const { fields, append, remove } = useFieldArray({ name, keyName: 'key' });
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {fields.map((field, i) => (
        <Box key={field.key} sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
          <Box sx={{ ...grid(130), flex: 1 }}>{row(`${name}.${i}`)}</Box>
          <IconButton aria-label={`Remove row ${i + 1}`} onClick={() => remove(i)}>
            <DeleteIcon />
          </IconButton>
        </Box>
      ))}
      <Button
        size="small"
        startIcon={<AddIcon />}
        sx={{ justifySelf: 'start' }}
        onClick={() => append(fresh())}
      >
        {add}
      </Button>
    </Box>
  );
}
